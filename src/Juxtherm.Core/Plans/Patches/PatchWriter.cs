using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Patches;

/// <summary>Says what patches have told and which comes next.</summary>
internal static class PatchWriter
{
    /// <summary>What patches have told, and which comes next.</summary>
    /// <param name="about">The job before its patches.</param>
    /// <param name="study">What patches tell about it.</param>
    /// <param name="results">What came of them.</param>
    /// <param name="now">The setting that the plan takes with them.</param>
    public static PatchAdvice Of(SetJob about, PatchStudy study, IReadOnlyList<PatchResult> results, FoundSetting now)
    {
        var enough = results.Count == 0 ? FirstTry.IsNeeded(about) is null : study.IsEnough(results);
        var left = Math.Max(0, PatchStudy.MostPatches - results.Count);
        var plan = $"{about.Words.SetTo(now.Dial.Mark, now.Dial.Celsius)} for {Wording.Time(now.Seconds)}";
        var text = (results.Count, enough) switch
        {
            (0, true) => $"No patch is needed: {plan} holds and harms nothing even with dial, pressure and moisture off.",
            (0, false) => $"{left} at most, each a little nearer; you can stop after any of them.",
            (_, true) => $"That is enough: the plan now takes {plan}.",
            _ => $"The plan now takes {plan}. {(left == 1 ? "One more patch" : $"Up to {left} more")} would make it surer; you can stop here.",
        };
        var next = enough || left == 0 ? null : Patch(about, study.Next(results));
        return new PatchAdvice(next, next is null ? 0 : left, enough, study.Seconds(study.Before), study.Seconds(study.After(results)), Math.Round(study.SpreadLeft(results), 2), text);
    }

    private static PatchToPress Patch(SetJob about, (DialPosition Dial, double Seconds) patch)
    {
        var (dial, seconds) = patch;
        var where = new ToolWords(about.Work).ForAPatch;
        var cover = about.Work.HasCover ? $", {about.Work.Cover.Name} over it" : "";
        return new PatchToPress(
            Math.Round(dial.Celsius, 1), dial.Shown is { } shown ? new DialReading(shown, dial.Unit.ToString()) : null, dial.Mark, seconds,
            $"A shape of the same vinyl, some 15 mm, {where}: {about.Words.SetTo(dial.Mark, dial.Celsius)}, {Wording.Time(seconds)}{(about.Found.BackSeconds > 0 ? " from the front alone" : "")}, the pressure of the plan{cover}. Let it go cold, then pull at a corner.");
    }
}
