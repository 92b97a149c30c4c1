using Juxtherm.Core.Jobs;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Setting;

/// <summary>Test patches as a workshop keeps them, for every later job on the same press, vinyl and blank.</summary>
public static class PatchesKept
{
    /// <summary>What of a job's patches is worth keeping: of those without a moment, or of another press, vinyl or blank than they say,
    /// nobody could say what they are about.</summary>
    /// <param name="job">The job, as its file says it.</param>
    public static IReadOnlyList<KeptPatch> Of(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        return [.. job.Patches.Where(p => p is { On: not null, At: not null }).DistinctBy(p => p.At)
            .Select(p => new KeptPatch(p.On!.HeatSource, p.On.Vinyl, p.On.Material, p.Celsius, p.Seconds, p.Pressure,
                SettingMembers.Outcomes.First(o => o.Value == p.Outcome).Key, p.At!.Value, Struck: false))];
    }

    /// <summary>A kept patch as a job has it.</summary>
    /// <param name="kept">It.</param>
    public static PatchResult Result(KeptPatch kept)
    {
        ArgumentNullException.ThrowIfNull(kept);
        return new PatchResult(kept.Celsius, kept.Seconds, SettingMembers.Outcomes.GetValueOrDefault(kept.Outcome, PatchOutcome.Lifts))
        { On = new PatchOn(kept.HeatSource, kept.Vinyl, kept.Material), Pressure = kept.Pressure, At = kept.AtUtc };
    }
}
