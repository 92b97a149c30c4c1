using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Rehearsal;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Writing;

internal sealed partial class StepWriter
{
    private void Patch(PlannedPress press)
    {
        var where = _tool.ForAPatch;
        var ladder = about.Choose(new UnknownBlankStart()) == UnknownBlankStart.StepUp ? Words.Say("step-writer.patch-ladder") : "";
        Once(Preparation.Patch,
            Words.Say("step-writer.patch", ("where", where), ("hasCover", Work.HasCover), ("coverName", CoverName), ("ladder", ladder),
                ("seconds", Thing.Seconds(press.Seconds)), ("hot", _tool.Hot), ("isCelsius", press.Celsius == First.Celsius),
                ("celsius", Thing.Celsius(press.Celsius)), ("dialMark", press.DialMark),
                ("firstOrDefault", presses.FirstOrDefault(p => p.Purpose == PressPurpose.Back) is { } back
                    ? Words.Say("step-writer.patch.first-or-default", ("seconds", Thing.Seconds(back.Seconds))) : "")), press.Seconds + 15);
        Once(Preparation.PatchLook, Words.Say("step-writer.patch-2"), Math.Max(30, press.Peel.FromSeconds));
    }

    private void Bond(PlannedPress press, bool first)
    {
        var kind = press.Purpose == PressPurpose.Tack ? Words.Say("step-writer.bond-kind") : "Hold";
        var pad = Padded(press);
        if (press.Laid.Count > 0)
            Close(WorkStage.Press, press, _words.Lay(press, first) + pad,
                Rehearser.LayingSeconds(about, press.Laid) + (pad.Length > 0 ? PadSeconds : 0),
                Words.Say("step-writer.bond", ("kind", kind), ("names", _words.Names(press.Laid)), ("hasCover", Work.HasCover),
                    ("coverName", CoverName)));
        else
            Close(WorkStage.Press, press, Work.HasCover
                ? Words.Say("step-writer.bond-2", ("coverName", CoverName))
                : Words.Say("step-writer.bond-3"), CoveringSeconds, Words.Say("step-writer.bond-4"));
        PeelSteps(press);
    }

    /// <summary>Beside a seam that lies under the plate vinyl gets less pressure: a pad lifts it, and nothing is pressed twice. Foam is
    /// pressed gently, and needs none.</summary>
    private string Padded(PlannedPress press)
    {
        var seams = IsCloth && press.Laid.Count > 0 && press.Layers.All(id => !about.Layer(id).Work.Vinyl.Press.HeatsOnce.Value)
            ? press.Sections.SelectMany(s => s.SeamsBeside).Distinct(StringComparer.Ordinal).ToList() : [];
        return seams.Count == 0 ? "" : Words.Say("step-writer.seams", ("seams", Thing.List(seams)));
    }

    /// <summary>Lays, closes and holds: once, in as many goes as the plate needs, or in passes of the gun.</summary>
    private void Close(WorkStage stage, PlannedPress press, string lay, double seconds, string hold)
    {
        if (Work.Source.HotAirWm2K is not null)
        {
            Passes(stage, press, lay, seconds, hold);
            return;
        }

        var (part, place) = press.Part is null
            ? ("", "") : (Words.Say("step-writer.close", ("part", press.Part), ("parts", press.Parts)), BeginsPart(press)
                ? Words.Say("step-writer.close-2", ("hot", _tool.Hot), ("layBy", press.Sections[0].LayBy)) : "");
        Add(stage, StepKind.Do, $"{part}{lay}{place} {_words.Closing()}{(press.Sections is [var only] ? Softly(only) : "")}",
            seconds + (press.Part > 1 && BeginsPart(press) ? MovingSeconds : 0), press.Order);
        Add(stage, StepKind.Hold, $"{part}{hold}", press.Seconds, press.Order);
    }

    /// <summary>The plate goes to another place than for the press before.</summary>
    private bool BeginsPart(PlannedPress press) =>
        presses.TakeWhile(p => p != press).LastOrDefault(p => p.Purpose != PressPurpose.Patch) is not { } before
        || before.Part != press.Part || before.Face != press.Face;

    /// <summary>What cannot hang off the plate is bedded softly.</summary>
    private string Softly(PlateSection section) =>
        section.Under.Count == 0 ? "" : Words.Say("step-writer.softly", ("under", Thing.List(section.Under)));

    /// <summary>A heat gun works in passes, with a gloved hand pressing between them.</summary>
    private void Passes(WorkStage stage, PlannedPress press, string lay, double seconds, string hold)
    {
        var passes = (int)Math.Ceiling(press.Seconds / LongestPassSeconds);
        for (var i = 0; i < passes; i++)
        {
            var length = i < passes - 1 ? LongestPassSeconds : press.Seconds - LongestPassSeconds * (passes - 1);
            Add(stage, StepKind.Do, i == 0
                ? Words.Say("step-writer.passes", ("lay", lay))
                : Words.Say("step-writer.passes-2"), i == 0 ? seconds : MovingSeconds, press.Order);
            Add(stage, StepKind.Hold, Words.Say("step-writer.passes-3", ("hold", hold), ("passes", passes), ("i", i + 1)), length,
                press.Order);
        }

        Add(stage, StepKind.Do, Words.Say("step-writer.passes-4"), MovingSeconds, press.Order);
    }

    private void PeelSteps(PlannedPress press)
    {
        if (press.Peel.Method == PeelMethod.None)
            return;
        var (from, to) = (press.Peel.FromSeconds, press.Peel.ToSeconds);
        if (from > 0)
        {
            var where = press.Peel.OnColdBench
                ? Words.Say("step-writer.peel-steps-where", ("item", Item))
                : IsCloth ? Words.Say("step-writer.peel-steps-where-2") : Words.Say("step-writer.peel-steps-where-3");
            Add(WorkStage.Peel, StepKind.Wait, Words.Say("step-writer.peel-steps", ("where", where)), from, press.Order);
        }

        var how = about.Choose(new PeelCheck()) == PeelCheck.Corner
            ? Words.Say("step-writer.peel-steps-how")
            : Words.Say("step-writer.peel-steps-how-2");
        // A carrier that reaches on into the next part comes off end by end, each when it is due.
        var end = press.GoesOn.Count > 0
            ? Words.Say("step-writer.peel-steps-end") : press.LiesAlready.Count > 0 ? Words.Say("step-writer.peel-steps-end-2") : "";
        Add(WorkStage.Peel, StepKind.Do,
            Words.Say("step-writer.peel-steps-2",
                ("method", press.Peel.Method
                    switch
                {
                    PeelMethod.Hot when from == 0 && to is { } within =>
                        Words.Say("step-writer.peel-steps-2.method", ("within", Thing.Seconds(within))),
                    PeelMethod.Cold =>
                        Words.Say("step-writer.peel-steps-2.method-2", ("how", how)),
                    _ when to is { } until =>
                        Words.Say("step-writer.peel-steps-2.method-3", ("isHard", IsHard), ("until", Thing.Seconds(until - from)),
                            ("how", how)),
                    _ => Words.Say("step-writer.peel-steps-2.method-4", ("how", how))
                }), ("end", end)), 10,
                            press.Order);
    }
}
