using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Patches;

/// <summary>Says what patches have told and which comes next.</summary>
internal static class PatchWriter
{
    // What takes away less than this of the doubt is not worth the trouble; shares are said in steps, in 100.
    private const double WorthIt = 0.05;
    private const double RoundedTo = 10;

    /// <summary>What patches have told, and which comes next.</summary>
    /// <param name="about">The job before its patches.</param>
    /// <param name="study">What patches tell about it.</param>
    /// <param name="results">What came of them.</param>
    /// <param name="now">The setting that the plan takes with them.</param>
    public static PatchAdvice Of(SetJob about, PatchStudy study, IReadOnlyList<PatchResult> results, FoundSetting now)
    {
        var enough = results.Count == 0 ? FirstTry.IsNeeded(about) is null : study.IsEnough(results);
        var contradict = !enough && study.Contradict(results);
        var left = contradict ? 1 : Math.Max(0, PatchStudy.MostPatches - results.Count);
        var plan = about.Words.Say("patch-writer.plan", ("celsius", Thing.Celsius(now.Dial.Celsius)), ("mark", now.Dial.Mark),
            ("seconds", Thing.Seconds(now.Seconds)));
        var text = (results.Count, enough) switch
        {
            (0, true) => about.Words.Say("patch-writer.text.true", ("plan", plan)),
            (0, false) => about.Words.Say("patch-writer.text.false", ("left", left)),
            (_, true) => about.Words.Say("patch-writer.text.true-2", ("plan", plan)),
            _ when contradict => about.Words.Say("patch-writer.text.contradict", ("plan", plan)),
            _ => about.Words.Say("patch-writer.text.else", ("plan", plan), ("left", left)),
        };
        var next = enough || left == 0 ? null : Patch(about, study.Next(results), null);
        var helps = results.Count > 0 ? [] : study.Means.Select(m => new PatchHelp(m.Means, Math.Round(1 - m.Leaves, 2))).ToList();
        return new PatchAdvice(next, next is null
            ? 0 : left, enough, study.Seconds(study.Before), study.Seconds(study.After(results)), Math.Round(study.SpreadLeft(results), 2),
            study.On, results, Other(about, study, results), helps, text, HelpText(about, helps));
    }

    private static OtherPressure? Other(SetJob about, PatchStudy study, IReadOnlyList<PatchResult> results)
    {
        var belief = study.After(results);
        if (study.PressureToTry(results) is { } level)
        {
            var seconds = study.SecondsAt(belief, level);
            return new OtherPressure(level, seconds, Patch(about, (about.Found.Dial, study.Shorter(seconds)), level),
                about.Words.Say("patch-writer.other", ("pressure", level), ("seconds", Thing.Seconds(seconds))));
        }

        if (study.PressureTried(results) is not { } tried)
            return null;
        var enough = study.SecondsAt(belief, tried);
        return new OtherPressure(tried, enough, null,
            about.Words.Say("patch-writer.other-told", ("pressure", tried), ("seconds", Thing.Seconds(enough))));
    }

    private static string HelpText(SetJob about, List<PatchHelp> helps)
    {
        string Named(PatchHelp help) => about.Words.Say("patch-writer.help", ("means", Name(about.Words, help.Means)),
            ("percent", Math.Round(help.TakesAway * 100 / RoundedTo) * RoundedTo));
        var (worth, not) = (helps.Where(h => h.TakesAway >= WorthIt).ToList(), helps.Where(h => h.TakesAway < WorthIt).ToList());
        if (worth.Count == 0)
            return "";
        var text = about.Words.Say("patch-writer.helps", ("worth", Thing.List(worth.Select(Named))));
        var names = Thing.List(not.Select(h => Name(about.Words, h.Means)));
        return not.Count == 0 ? text : $"{text} {about.Words.Say("patch-writer.helps-not", ("not", names))}";
    }

    private static string Name(IWords words, PatchMeans means) => means switch
    {
        PatchMeans.Patch => words.Say("patch-writer.means.patch"),
        PatchMeans.Scale => words.Say("patch-writer.means.scale"),
        PatchMeans.Probe => words.Say("patch-writer.means.probe"),
        _ => words.Say("patch-writer.means.strip"),
    };

    private static PatchToPress Patch(SetJob about, (DialPosition Dial, double Seconds) patch, PressureLevel? pressure)
    {
        var (dial, seconds) = patch;
        var where = new ToolWords(about.Work, about.Words).ForAPatch;
        var cover = about.Work.HasCover ? about.Words.Say("patch-writer.patch-cover", ("cover", about.Work.Cover.Name)) : "";
        return new PatchToPress(
            Math.Round(dial.Celsius, 1), dial.Shown is { } shown ? new DialReading(shown, dial.Unit.ToString()) : null, dial.Mark, seconds,
            pressure,
            about.Words.Say("patch-writer.patch", ("where", where), ("celsius", Thing.Celsius(dial.Celsius)), ("mark", dial.Mark),
                ("seconds", Thing.Seconds(seconds)), ("back", about.Found.BackSeconds), ("cover", cover),
                ("pressure", pressure ?? about.SetOf([]).Level)));
    }
}
