using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Reading.Contract;

namespace Juxtherm.Core.Jobs;

/// <summary>What a job file may say of a setting that was used or tried.</summary>
internal static class SettingMembers
{
    public static readonly NumberMember Celsius = new("celsius", 20, 500, "°C",
        "What the dial is set to, °C; of an iron what its mark stands for.")
    { Needed = true };
    public static readonly NumberMember Seconds = new("seconds", 1, 600, "s",
        "Press time, s; of several layers that of the last press.")
    { Needed = true };
    public static readonly ChoiceMember Pressure = new("pressure", CatalogueIds.Pressures.Keys.ToList());
    public static readonly NumberMember BackSeconds = new("backSeconds", 0, 600, "s", "Press time from the back, s; 0 for none.");
    public static readonly TextMember From = new("from", 200, "Where it was used, for the reader.");
    public static readonly PartMember Used = new("used", new Shape("UsedSetting", Celsius, Seconds, Pressure, BackSeconds, From),
        "A setting taken over, whatever the plan would find.");

    /// <summary>What a job file calls what came of a patch.</summary>
    public static readonly IReadOnlyDictionary<string, PatchOutcome> Outcomes = new Dictionary<string, PatchOutcome>(StringComparer.Ordinal)
    {
        ["holds"] = PatchOutcome.Holds,
        ["lifts-a-little"] = PatchOutcome.LiftsALittle,
        ["lifts"] = PatchOutcome.Lifts,
        ["marked"] = PatchOutcome.Marked,
    };

    public static readonly ChoiceMember Outcome = new("outcome", Outcomes.Keys.ToList()) { Needed = true };
    public static readonly TextMember At = new("at", 40, "When it was judged, ISO 8601.");
    public static readonly TextMember HeatSource = new("heatSource", 60, "Heat source id.");
    public static readonly TextMember Vinyl = new("vinyl", 60, "Vinyl id.");
    public static readonly TextMember Material = new("material", 60, "Material id.");
    public static readonly PartMember On = new("on", new Shape("PatchOn", HeatSource, Vinyl, Material),
        "What it was pressed with and on; for another press, vinyl or blank it counts no more. Left out: the job that it stands in.");
    public static readonly PartsMember Patches = new(
        "patches", new Shape("PatchResult", Celsius, Seconds, Outcome, Pressure, At, On), 0, JobReader.MostPatches,
        "What came of test patches; the plan follows them.");
}
