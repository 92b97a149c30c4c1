using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Cutting.Sheets;

/// <summary>What to watch out for while cutting.</summary>
internal static class CutNotices
{
    private const double FitsGuidesMm = 5;

    public static IReadOnlyList<Notice> Of(Job job, CutterSetup setup, CuttingFigures figures, CutLayout way, IReadOnlyList<string> notCut,
        IWords words)
    {
        var found = new List<Notice>();
        foreach (var layer in job.Layers)
        {
            if (Mirroring(layer, words) is { } mirror)
                found.Add(mirror);
            if (TooWide(layer, setup, job.Memory, words) is { } wide)
                found.Add(wide);
            if (Joins(layer, setup, job.Memory, words) is { } joins)
                found.Add(joins);
        }

        foreach (var id in notCut.Where(id => !job.Layers.First(l => l.Id == id).HasSize))
            found.Add(Notice.Of("not-drawn", NoticeLevel.Caution, words.Say("not-drawn.caution", ("id", id)),
                words.Say("not-drawn.caution-why"), [], [id]));
        if (way.NotPlaced.Count > 0)
            found.Add(Notice.Of("not-placed", NoticeLevel.Stop, words.Say("not-placed.stop", ("layers", Thing.List(way.NotPlaced))),
                words.Say("not-placed.stop-why"), [], [.. way.NotPlaced]));
        if (setup.Matless)
            found.AddRange(Matless(setup, figures, way, words));
        var missing = way.Lists.Where(l => l.ShortMm > 0 && (l.Uses.Count > 0 || l.OnHand.Count > 0)).ToList();
        if (missing.Count > 0)
        {
            found.Add(Notice.Of(
                "stock-short", NoticeLevel.Caution,
                words.Say("stock-short.caution",
                    ("missing", Thing.List(
                        missing.Select(l =>
                            words.Say("cut-notices.text", ("short", Thing.Mm(l.ShortMm)), ("l", l.Name), ("colourName", l.ColourName),
                                ("layers", Thing.List(Layers(l)))))))),
                words.Say("stock-short.caution-why"), [("short", missing.Sum(l => l.ShortMm), "mm")],
                [.. missing.SelectMany(Layers).Distinct(StringComparer.Ordinal)]));
        }

        found.Add(Notice.Of("carrier-side", NoticeLevel.Note, words.Say("carrier-side.note"), words.Say("carrier-side.note-why"), [], [])
            with
        { Standing = true });
        if (!job.Cut.TestCut)
            found.Add(TestCutNote(figures, words));
        if (Presets(way.Lists, words) is { } presets)
            found.Add(presets);
        return [.. found.OrderByDescending(n => n.Level)];
    }

    /// <summary>Whether a layer is too large for the cutter.</summary>
    public static Notice? TooWide(JobLayer layer, CutterSetup setup, WorkMemory memory, IWords words)
    {
        if (LayerSplit.Of(layer, setup, memory) is not { Parts: not 1 } split)
            return null;
        var size = words.Say("cut-notices.too-wide-size", ("layer", layer.Id), ("width", Thing.Mm(layer.WidthMm!.Value)),
            ("height", Thing.Mm(layer.HeightMm!.Value)), ("said", setup.Said), ("width2", Thing.Mm(setup.WidthMm)),
            ("length", Thing.Mm(setup.LengthMm)));
        (string, double, string)[] data = [("width", layer.WidthMm.Value, "mm"), ("height", layer.HeightMm.Value, "mm"),
            ("cutterWidth", setup.WidthMm, "mm"), ("cutterLength", setup.LengthMm, "mm"), ("parts", split.Parts, "1")];
        return split.Parts == 0
            ? Notice.Of("too-wide-for-cutter", NoticeLevel.Stop, words.Say("too-wide-for-cutter.stop", ("size", size)),
                words.Say("too-wide-for-cutter.stop-why"), data, [layer.Id]).Dangerous()
            : Notice.Of("too-wide-for-cutter", setup.Said
                ? NoticeLevel.Caution
                : NoticeLevel.Note, words.Say("too-wide-for-cutter.found", ("size", size), ("parts", split.Parts)),
                words.Say("too-wide-for-cutter.found-why"), data, [layer.Id], acceptable: true);
    }

    /// <summary>Where the parts of a layer meet, and how they are laid.</summary>
    public static Notice? Joins(JobLayer layer, CutterSetup setup, WorkMemory memory, IWords words)
    {
        if (LayerSplit.Of(layer, setup, memory) is not { Parts: > 1 } split)
            return null;
        var seams = split.Joints.Where(j => j.Kind != JointKind.Gap).ToList();
        var text = seams.Count == 0
            ? words.Say("cut-notices.joins-text", ("layer", layer.Id))
            : seams[0].Kind == JointKind.Overlap
                ? words.Say("cut-notices.joins-text-2", ("layer", layer.Id), ("seams", Thing.Mm(seams.Sum(s => s.SeamMm))),
                    ("jointOverlap", Thing.FineMm(setup.JointOverlapMm)))
                : words.Say("cut-notices.joins-text-3", ("layer", layer.Id), ("seams", Thing.Mm(seams.Sum(s => s.SeamMm))));
        return Notice.Of("split-joins", setup.Said
            ? NoticeLevel.Caution
            : NoticeLevel.Note, text, words.Say("split-joins.found-why"),
            [("parts", split.Parts, "1"), ("seam", seams.Sum(s => s.SeamMm), "mm")], [layer.Id], acceptable: true);
    }

    /// <summary>Vinyls that want different presets, one after the other.</summary>
    public static string? PresetsInWords(IEnumerable<(string Name, CutPreset Preset)> cuts, IWords words)
    {
        var different = cuts.DistinctBy(c => (c.Name, c.Preset)).ToList();
        return different.Select(d => (d.Preset.Blade, d.Preset.ForceGrams, d.Preset.Passes)).Distinct().Count() < 2
            ? null : string.Join("; ", different.Select(d => $"{d.Name}: {words.Say(d.Preset.InWords())}"));
    }

    /// <summary>The test cut.</summary>
    public static Notice TestCutNote(CuttingFigures figures, IWords words) => Notice.Of(
        "test-cut", NoticeLevel.Note, words.Say("test-cut.note", ("testShape", Thing.Mm(figures.TestShapeMm.Value))),
        words.Say("test-cut.note-why"), [("size", figures.TestShapeMm.Value, "mm")], []) with
    { Standing = true };

    private static Notice? Mirroring(JobLayer layer, IWords words) => (layer.Vinyl.Cut.Mirrored.Value, layer.Mirrored) switch
    {
        (true, false) =>
            Notice.Of("mirror", NoticeLevel.Stop, words.Say("mirror.stop", ("layer", layer.Id), ("vinyl", layer.Vinyl.Name)),
                words.Say("mirror.stop-why"), [], [layer.Id]),
        (false, true) =>
            Notice.Of("do-not-mirror", NoticeLevel.Stop, words.Say("do-not-mirror.stop", ("layer", layer.Id), ("vinyl", layer.Vinyl.Name)),
                words.Say("do-not-mirror.stop-why"), [], [layer.Id]),
        _ => null,
    };

    private static IEnumerable<Notice> Matless(CutterSetup setup, CuttingFigures figures, CutLayout way, IWords words)
    {
        var guides = setup.Cutter.GuidesMm.Value;
        foreach (var list in way.Lists)
        {
            foreach (var sheet in list.Sheets.Where(s => s.StockId is not null
                && Math.Abs(s.WidthMm - Math.Min(guides, setup.WidthMm)) > FitsGuidesMm))
                yield return Notice.Of("matless-width", NoticeLevel.Stop,
                    words.Say("matless-width.stop", ("list", list.Name), ("width", Thing.Mm(sheet.WidthMm)), ("guides", Thing.Mm(guides))),
                    words.Say("matless-width.stop-why"), [("width", sheet.WidthMm, "mm"), ("guides", guides, "mm")], Layers(list))
                    .Dangerous();
            var longest = list.Sheets.Max(s => s.UsedLengthMm) + figures.FeedExtraMm.Value;
            yield return Notice.Of("matless-length", NoticeLevel.Note,
                words.Say("matless-length.note", ("list", list.Name), ("longest", Thing.Mm(longest))), words.Say("matless-length.note-why"),
                [("length", longest, "mm")], Layers(list));
        }
    }

    private static Notice? Presets(IReadOnlyList<CutList> lists, IWords words) =>
        PresetsInWords(lists.Select(l => (l.Name, l.Preset)), words) is { } all
        ? Notice.Of("cut-preset", NoticeLevel.Caution, words.Say("cut-preset.caution", ("all", all)), words.Say("cut-preset.why"),
            [("lists", lists.Count, "1")], [.. lists.SelectMany(Layers).Distinct(StringComparer.Ordinal)])
        : null;

    private static IReadOnlyList<string> Layers(CutList list) =>
        [.. list.Sheets.SelectMany(s => s.Units).SelectMany(u => u.Layers).Distinct(StringComparer.Ordinal)];
}
