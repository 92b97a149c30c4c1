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

    public static readonly ChoiceMember Outcome = new("outcome",
        [.. Enum.GetNames<PatchOutcome>().Select(o => o.ToLowerInvariant())])
    { Needed = true };
    public static readonly PartsMember Patches = new(
        "patches", new Shape("PatchResult", Celsius, Seconds, Outcome), 0, JobReader.MostPatches,
        "What came of test patches; the plan follows them.");
}
