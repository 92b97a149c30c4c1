using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Cutting.Sheets;

/// <summary>What to watch out for while cutting.</summary>
internal static class CutNotices
{
    private const double FitsGuidesMm = 5;

    public static IReadOnlyList<Notice> Of(Job job, CutterSetup setup, CuttingFigures figures, CutLayout way, IReadOnlyList<string> notCut, Wording words)
    {
        var found = new List<Notice>();
        foreach (var layer in job.Layers)
        {
            if (Mirroring(layer) is { } mirror)
                found.Add(mirror);
            if (TooWide(layer, setup, words) is { } wide)
                found.Add(wide);
            if (Joins(layer, setup, words) is { } joins)
                found.Add(joins);
        }

        foreach (var id in notCut.Where(id => !job.Layers.First(l => l.Id == id).HasSize))
            found.Add(Notice.Of("not-drawn", NoticeLevel.Caution, $"“{id}” has no size yet and is not on any sheet.", "What has neither shape nor size cannot be cut.", [], [id]));
        if (setup.Matless)
            found.AddRange(Matless(setup, figures, way, words));
        var missing = way.Lists.Where(l => l.ShortMm > 0 && (l.Uses.Count > 0 || l.OnHand.Count > 0)).ToList();
        if (missing.Count > 0)
        {
            found.Add(Notice.Of(
                "stock-short", NoticeLevel.Caution, $"Not enough on hand: {string.Join(", ", missing.Select(l => $"{words.Length(l.ShortMm)} of {l.Name.ToLowerInvariant()} vinyl{(l.ColourName.Length > 0 ? $", {l.ColourName}," : "")} for “{string.Join(" + ", Layers(l))}”"))}.",
                "The sheets that no roll or offcut on the shelf is enough for are drawn on a roll of the usual width.", [("short", missing.Sum(l => l.ShortMm), "mm")], [.. missing.SelectMany(Layers).Distinct(StringComparer.Ordinal)]));
        }

        found.Add(Notice.Of("carrier-side", NoticeLevel.Note, "Lay every sheet carrier down on the mat. Lift a corner with a nail to be sure which side it is: what lifts and stretches is the vinyl.", "The carrier is usually the shiny side, but not on every vinyl.", [], []) with { Standing = true });
        if (!job.Cut.TestCut)
            found.Add(TestCutNote(figures, words));
        if (Presets(way.Lists) is { } presets)
            found.Add(presets);
        return [.. found.OrderByDescending(n => n.Level)];
    }

    /// <summary>Whether a layer is too large for the cutter.</summary>
    public static Notice? TooWide(JobLayer layer, CutterSetup setup, Wording words)
    {
        if (LayerSplit.Of(layer, setup) is not { Parts: not 1 } split)
            return null;
        var size = $"“{layer.Id}” is {words.Length(layer.WidthMm!.Value)} × {words.Length(layer.HeightMm!.Value)}, and the cutter{(setup.Said ? "" : " (the usual one: say which you have)")} cuts {words.Length(setup.WidthMm)} × {words.Length(setup.LengthMm)}";
        (string, double, string)[] data = [("width", layer.WidthMm.Value, "mm"), ("height", layer.HeightMm.Value, "mm"), ("cutterWidth", setup.WidthMm, "mm"), ("cutterLength", setup.LengthMm, "mm"), ("parts", split.Parts, "1")];
        return split.Parts == 0
            ? Notice.Of("too-wide-for-cutter", NoticeLevel.Stop, size + ". Make it smaller, or cut it on a larger cutter.", "It would come to so many parts that nobody lays them straight.", data, [layer.Id]).Dangerous()
            : Notice.Of("too-wide-for-cutter", setup.Said ? NoticeLevel.Caution : NoticeLevel.Note, $"{size}: it is cut in {split.Parts} parts.", "Nothing wider than the cutter goes through it; the parts are joined at the press.", data, [layer.Id], acceptable: true);
    }

    /// <summary>Where the parts of a layer meet, and how they are laid.</summary>
    public static Notice? Joins(JobLayer layer, CutterSetup setup, Wording words)
    {
        if (LayerSplit.Of(layer, setup) is not { Parts: > 1 } split)
            return null;
        var seams = split.Joints.Where(j => j.Kind != JointKind.Gap).ToList();
        var text = seams.Count == 0
            ? $"“{layer.Id}” is split between its pieces, so no seam is seen. Lay the parts mark on mark, then cut the marks away."
            : seams[0].Kind == JointKind.Overlap
                ? $"“{layer.Id}” is cut through {words.Length(seams.Sum(s => s.SeamMm))} of vinyl. Press and peel each part before the next goes on: it lies {words.Fine(setup.JointOverlapMm)} over it, mark on mark. Cut the marks away first."
                : $"“{layer.Id}” is cut through {words.Length(seams.Sum(s => s.SeamMm))} of vinyl, edge to edge, because nothing bonds to this vinyl. Trim the carriers to the joint, lay the parts mark on mark, then cut the marks away.";
        return Notice.Of("split-joins", setup.Said ? NoticeLevel.Caution : NoticeLevel.Note, text, "The line keeps clear of fine places. Keep the edge of the plate off it.", [("parts", split.Parts, "1"), ("seam", seams.Sum(s => s.SeamMm), "mm")], [layer.Id], acceptable: true);
    }

    /// <summary>Vinyls that want different presets, one after the other.</summary>
    public static string? PresetsInWords(IEnumerable<(string Name, CutPreset Preset)> cuts)
    {
        var different = cuts.DistinctBy(c => (c.Name, c.Preset)).ToList();
        return different.Select(d => (d.Preset.Blade, d.Preset.ForceGrams, d.Preset.Passes)).Distinct().Count() < 2 ? null : string.Join("; ", different.Select(d => $"{d.Name}: {d.Preset.InWords()}"));
    }

    /// <summary>The test cut.</summary>
    public static Notice TestCutNote(CuttingFigures figures, Wording words) => Notice.Of(
        "test-cut", NoticeLevel.Note, $"Cut a test shape of about {words.Length(figures.TestShapeMm.Value)} first and weed it. Tears: more force. Carrier cut: less.",
        "Blades wear and vinyls differ from roll to roll; a small shape costs less than a sheet.", [("size", figures.TestShapeMm.Value, "mm")], []) with
    { Standing = true };

    private static Notice? Mirroring(JobLayer layer) => (layer.Vinyl.Mirrored.Value, layer.Mirrored) switch
    {
        (true, false) => Notice.Of("mirror", NoticeLevel.Stop, $"“{layer.Id}” is said not to be mirrored, and {layer.Vinyl.Name.ToLowerInvariant()} vinyl must be. Say that it is; the sheet is then reversed here, once.", "The knife works on the glue side.", [], [layer.Id]),
        (false, true) => Notice.Of("do-not-mirror", NoticeLevel.Stop, $"“{layer.Id}” is said to be mirrored, and {layer.Vinyl.Name.ToLowerInvariant()} vinyl must not be.", "It is cut from its face and lifted over with a mask, so it is never turned over.", [], [layer.Id]),
        _ => null,
    };

    private static IEnumerable<Notice> Matless(CutterSetup setup, CuttingFigures figures, CutLayout way, Wording words)
    {
        var guides = setup.Cutter.GuidesMm.Value;
        foreach (var list in way.Lists)
        {
            foreach (var sheet in list.Sheets.Where(s => s.StockId is not null && Math.Abs(s.WidthMm - Math.Min(guides, setup.WidthMm)) > FitsGuidesMm))
                yield return Notice.Of("matless-width", NoticeLevel.Stop, $"{list.Name}: the sheet is {words.Length(sheet.WidthMm)} wide. Without a mat it must fill the guides, {words.Length(guides)}; put it on a mat.", "Between the rollers a narrower sheet runs askew.", [("width", sheet.WidthMm, "mm"), ("guides", guides, "mm")], Layers(list)).Dangerous();
            var longest = list.Sheets.Max(s => s.UsedLengthMm) + figures.FeedExtraMm.Value;
            yield return Notice.Of("matless-length", NoticeLevel.Note, $"{list.Name}: the cutter feels for {words.Length(longest)} of vinyl before it begins; let the roll hang free that far.", "It measures the length first and refuses what is too short.", [("length", longest, "mm")], Layers(list));
        }
    }

    private static Notice? Presets(IReadOnlyList<CutList> lists) => PresetsInWords(lists.Select(l => (l.Name, l.Preset))) is { } all
        ? Notice.Of("cut-preset", NoticeLevel.Caution, $"The mats want different presets. {all}. Check it again at every mat.", "A second mat cut on the first one's preset is cut through, or not at all.", [("lists", lists.Count, "1")], [.. lists.SelectMany(Layers).Distinct(StringComparer.Ordinal)])
        : null;

    private static IReadOnlyList<string> Layers(CutList list) => [.. list.Sheets.SelectMany(s => s.Units).SelectMany(u => u.Layers).Distinct(StringComparer.Ordinal)];
}
