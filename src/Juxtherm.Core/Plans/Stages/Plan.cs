using System.Text.Json.Serialization;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>Whether to go ahead.</summary>
public enum Verdict
{
    /// <summary>Nothing stands against it.</summary>
    Go,

    /// <summary>It can be done, with care.</summary>
    Caution,

    /// <summary>Not like this.</summary>
    Stop,
}

/// <summary>A plan for a job.</summary>
/// <param name="Verdict">Whether to go ahead.</param>
/// <param name="Headline">The verdict in one line.</param>
/// <param name="Notices">Stops first, then cautions, then notes.</param>
/// <param name="Presses">In order.</param>
/// <param name="Steps">In order.</param>
/// <param name="Times">How long.</param>
/// <param name="Chart">What the setting was computed against.</param>
/// <param name="Room">What each temperature of the dial allows.</param>
/// <param name="Margin">How far the setting stays inside.</param>
/// <param name="Options">Questions on which crafters differ, and what the plan follows.</param>
/// <param name="Ladder">Steps up to the setting; empty when it is used right away.</param>
/// <param name="CatalogueVersion">Which catalogue it was computed from.</param>
/// <param name="ModelVersion">Which model computed it.</param>
public sealed record Plan(
    Verdict Verdict, string Headline, IReadOnlyList<Notice> Notices, IReadOnlyList<PlannedPress> Presses, IReadOnlyList<PlanStep> Steps,
    PlanTimes Times,
    ChartNote Chart, IReadOnlyList<RoomRow> Room, PlanMargin Margin,
    [property: JsonPropertyName("ways")] IReadOnlyList<PlannedOption> Options, IReadOnlyList<LadderRung> Ladder, string CatalogueVersion,
        string ModelVersion)
{
    /// <summary>How sure it is; null in plans from before that was reckoned.</summary>
    public PlanCertainty? Certainty { get; init; }

    /// <summary>All presses in one line, with turning over and peeling; empty in plans from before that was written.</summary>
    public string Line { get; init; } = "";

    /// <summary>How a run of many goes on; null for a single piece.</summary>
    public PlanBatch? Batch { get; init; }

    /// <summary>The order of the layers; null for a single one.</summary>
    public PressOrder? Order { get; init; }

    /// <summary>How each layer's heat adds up, lowest layer first.</summary>
    public IReadOnlyList<HeatBudgetBar> Budgets { get; init; } = [];

    /// <summary>How long the bonding press would be by itself, s, where presses before it count; null where none do.</summary>
    public double? AloneSeconds { get; init; }

    /// <summary>Where the artwork goes on the real thing, on each face and in each size; none while nothing is placed.</summary>
    public IReadOnlyList<Placing> Placing { get; init; } = [];

    /// <summary>The carriers, where their places are known.</summary>
    public IReadOnlyList<CarrierInPlan> Carriers { get; init; } = [];

    /// <summary>How long a press is meant to be closed on a piece, s: what lies underneath is warm after some.</summary>
    /// <param name="press">The press.</param>
    /// <param name="inRow">How many pieces were pressed just before it, one after the other.</param>
    public double SecondsOf(PlannedPress press, int inRow)
    {
        ArgumentNullException.ThrowIfNull(press);
        return Batch is { } batch && inRow + 1 >= batch.FromPiece && batch.SteadySteps.FirstOrDefault(s =>
                Steps[s.Index] is { Kind: StepKind.Hold } step && step.PressOrder == press.Order) is { } steady
            ? steady.Seconds : press.Seconds;
    }

    /// <summary>The press that bonds; the last of them where there are several, on the first part where it is done on several.</summary>
    [JsonIgnore]
    public PlannedPress BondingPress => Whole.Last(w => w.Press.Purpose == PressPurpose.Press).OnParts[0];

    /// <summary>The presses as the print has them, whatever part they are on: what is done on every part is one. The patch is none of
    /// them.</summary>
    [JsonIgnore]
    public IReadOnlyList<WholePress> Whole => WholeOf(Presses);

    /// <summary>Puts together what is done on every part.</summary>
    /// <param name="presses">All presses in order.</param>
    internal static IReadOnlyList<WholePress> WholeOf(IReadOnlyList<PlannedPress> presses) =>
    [
        .. presses.Where(p => p.Purpose != PressPurpose.Patch).GroupBy(p => p.Stage == 0 ? -p.Order : p.Stage)
            .Select(g =>
                new WholePress(
                    g.First() with { Layers = [.. g.SelectMany(p => p.Layers).Distinct(StringComparer.Ordinal)],
                        Laid = [.. g.SelectMany(p => p.Laid).Distinct(StringComparer.Ordinal)] }, [.. g])),
    ];

    /// <summary>The presses that bond, in the order in which they are done; those alike on one side are one.</summary>
    [JsonIgnore]
    public IReadOnlyList<PlannedPress> BondingPresses => Bonding(Presses);

    /// <summary>Picks the presses that bond.</summary>
    /// <param name="presses">All presses in order.</param>
    internal static IReadOnlyList<PlannedPress> Bonding(IEnumerable<PlannedPress> presses) =>
        [.. presses.Where(p => p.Purpose == PressPurpose.Press).DistinctBy(p => (p.Face, p.Celsius, p.Seconds))];
}
