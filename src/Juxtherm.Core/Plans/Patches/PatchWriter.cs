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
        var plan = about.Words.Say("patch-writer.plan", ("celsius", Thing.Celsius(now.Dial.Celsius)), ("mark", now.Dial.Mark),
            ("seconds", Thing.Seconds(now.Seconds)));
        var text = (results.Count, enough) switch
        {
            (0, true) => about.Words.Say("patch-writer.text.true", ("plan", plan)),
            (0, false) => about.Words.Say("patch-writer.text.false", ("left", left)),
            (_, true) => about.Words.Say("patch-writer.text.true-2", ("plan", plan)),
            _ => about.Words.Say("patch-writer.text.else", ("plan", plan), ("left", left)),
        };
        var next = enough || left == 0 ? null : Patch(about, study.Next(results));
        return new PatchAdvice(next, next is null
            ? 0 : left, enough, study.Seconds(study.Before), study.Seconds(study.After(results)), Math.Round(study.SpreadLeft(results), 2),
            text);
    }

    private static PatchToPress Patch(SetJob about, (DialPosition Dial, double Seconds) patch)
    {
        var (dial, seconds) = patch;
        var where = new ToolWords(about.Work, about.Words).ForAPatch;
        var cover = about.Work.HasCover ? about.Words.Say("patch-writer.patch-cover", ("cover", about.Work.Cover.Name)) : "";
        return new PatchToPress(
            Math.Round(dial.Celsius, 1), dial.Shown is { } shown ? new DialReading(shown, dial.Unit.ToString()) : null, dial.Mark, seconds,
            about.Words.Say("patch-writer.patch", ("where", where), ("celsius", Thing.Celsius(dial.Celsius)), ("mark", dial.Mark),
                ("seconds", Thing.Seconds(seconds)), ("back", about.Found.BackSeconds), ("cover", cover)));
    }
}
