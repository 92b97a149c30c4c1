using System.Text.Json.Serialization;
using Juxtherm.Core.Certainty;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>How sure a plan is.</summary>
/// <param name="Short">Chance that it does not hold, 0 to 1; of several layers the likeliest.</param>
/// <param name="Harm">Chance that vinyl or blank is harmed, 0 to 1.</param>
/// <param name="From">What it rests on: typical, logbook, measured or patches.</param>
/// <param name="PerHundred">Both in a sentence.</param>
/// <param name="Why">What it rests on, in a sentence.</param>
public sealed record PlanCertainty(double Short, double Harm, Knowledge From, string PerHundred, string Why)
{
    // A chart's own second less, or a limit that is met to a hair, is no reason to warn.
    private const double Nearly = 1.5;

    /// <summary>A plan is “go” up to such a chance of failing: one piece in ten.</summary>
    public const double MostToGo = 0.1;

    /// <summary>Neither chance speaks against going ahead.</summary>
    [JsonIgnore]
    public bool MayGo => Short <= MostToGo && Harm <= MostToGo;

    /// <summary>Both chances are about as small as they have to be.</summary>
    [JsonIgnore]
    public bool IsSure => Short <= Odds.MostShort * Nearly && Harm <= Odds.MostHarm * Nearly;
}
