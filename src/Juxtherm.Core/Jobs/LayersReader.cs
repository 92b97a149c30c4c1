using Juxtherm.Core.Artwork;
using Juxtherm.Core.Artwork.FontFiles;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Jobs;

/// <summary>Reads the layers of a job file.</summary>
internal static class LayersReader
{
    // Edges are called fine when a strip is less than twice what the vinyl can be weeded at (ours).
    private const double IntricateBelow = 2;

    public static List<JobLayer>? Read(JsonCursor layers, CatalogueSnapshot catalogue, Face face, WorkMemory memory)
    {
        if (!layers.IsArray())
            return null;
        if (layers.Count is 0 or > JobReader.MostLayers)
        {
            layers.Fault(layers.Count == 0
                ? new Phrase("job-reader.layers-of")
                : new Phrase("job-reader.layers-of-2", ("layers", layers.Count), ("mostLayers", JobReader.MostLayers)), layers.Count == 0
                ? "missing" : "out-of-range");
            return null;
        }

        var read = layers.Items.Select((c, i) => LayerOf(c, i, catalogue, face, memory)).ToList();
        if (read.Contains(null))
            return null;
        var known = read.ConvertAll(l => l!);
        for (var i = 0; i < known.Count; i++)
        {
            var layer = known[i];
            if (known.FindIndex(l => l.Id == layer.Id) < i)
                layers[i][LayerMembers.Id.Name]
                    .Fault(new Phrase("job-reader.duplicate", ("pointer", layers[i].Pointer), ("layer", layer.Id)), "duplicate");
            for (var j = 0; j < layer.Over.Count; j++)
                layers[i][LayerMembers.Over.Name][j].Choice([.. known.Select(l => l.Id).Where(id => id != layer.Id)], null);
        }

        var over = known.DistinctBy(l => l.Id, StringComparer.Ordinal).ToDictionary(l => l.Id, l => l.Over, StringComparer.Ordinal);
        if (Stackup.Circle(over) is { Count: > 0 } circle)
            layers.Fault(new Phrase("job-reader.circle", ("circle", Thing.List(circle)), ("circle2", circle[0])), "circle");
        return Seen(known, layers);
    }

    /// <summary>The order in which the crafter wants to lay the layers; hidden ones are passed over.</summary>
    public static List<string> OrderOf(JsonCursor job, List<JobLayer>? layers)
    {
        var list = JobContract.Order.In(job);
        var read = list.Items.Select(i => i.Text(longest: LayerMembers.LongestId)).ToList();
        if (read.Count > JobReader.MostLayers)
            list.Fault(new Phrase("job-reader.out-of-range-2", ("read", read.Count), ("mostLayers", JobReader.MostLayers)), "out-of-range");
        if (read.Distinct(StringComparer.Ordinal).Count() < read.Count)
            list.Fault(new Phrase("job-reader.duplicate-2"), "duplicate");
        return [.. read.Where(id => layers?.Exists(l => l.Id == id) ?? false)];
    }

    /// <summary>Without the layers that are hidden: those are neither cut nor pressed.</summary>
    private static List<JobLayer> Seen(List<JobLayer> all, JsonCursor layers)
    {
        var hidden = all.Where(l => l.Hidden).Select(l => l.Id).ToHashSet(StringComparer.Ordinal);
        if (hidden.Count == 0)
            return all;
        if (hidden.Count == all.Count)
            layers.Fault(new Phrase("job-reader.missing-4"), "missing");
        return [.. all.Where(l => !l.Hidden).Select(l => l with { Over = [.. l.Over.Where(id => !hidden.Contains(id))] })];
    }

    private static JobLayer? LayerOf(JsonCursor c, int index, CatalogueSnapshot catalogue, Face face, WorkMemory memory)
    {
        if (!c.IsObject())
            return null;
        var vinyl = LayerMembers.Vinyl.In(c, catalogue.Vinyls.Keys);
        var colour = JobParts.Colour(LayerMembers.Colour, c);
        var x = LayerMembers.X.In(c);
        var y = LayerMembers.Y.In(c);
        var margin = LayerMembers.CarrierMarginMm.In(c) ?? JobLayer.UsualCarrierMarginMm;
        var carrier = LayerMembers.Carrier.In(c, JobReader.BoxCarrier);
        var over = LayerMembers.Over.In(c).Items.Select(o => o.Text(longest: LayerMembers.LongestId)).ToList();
        var intricate = LayerMembers.Intricate.Given(c);
        var width = LayerMembers.WidthMm.In(c);
        var height = LayerMembers.HeightMm.In(c);
        var mirrored = LayerMembers.Mirrored.Given(c);
        var label = LabelOf(c);
        var side = JobParts.FaceOf(LayerMembers.Face, c, face);
        var (shape, word, hidden) = (ShapeOf(c, memory), WordOf(c, catalogue), LayerMembers.Hidden.In(c));
        var together = LayerMembers.KeepTogether.In(c, true);
        var reversed = LayerMembers.Reversed.In(c);
        if (reversed)
            shape = shape?.Reversed();
        if (vinyl is null)
            return null;
        // A drawn layer whose size is not said is as large as it was drawn.
        var layer = new JobLayer(
            LayerMembers.Id.In(c, index == 0 ? "vinyl" : $"layer-{index + 1}"), catalogue.Vinyls[vinyl], colour, width
            ?? shape?.Bounds.WidthMm, height ?? shape?.Bounds.HeightMm, x, y, margin, over, intricate ?? false, mirrored, label)
        {
            Face = side,
            Shape = shape,
            Reversed = reversed,
            Words = word,
            Hidden = hidden,
            At = index,
            CarrierCut = carrier == JobReader.ContourCarrier ? CarrierCut.Contour : CarrierCut.Box,
            KeepTogether = together,
        };
        return intricate is not null ? layer : layer with { Intricate = IsIntricate(layer) };
    }

    private static WrapperLabel? LabelOf(JsonCursor layer)
    {
        if (LayerMembers.Label.Given(layer) is not { } c)
            return null;
        var celsius = LayerMembers.LabelCelsius.In(c);
        var seconds = LayerMembers.LabelSeconds.In(c);
        var peel = LayerMembers.LabelPeel.Given(c);
        var meant = LayerMembers.LabelFor.Given(c);
        return new WrapperLabel(celsius, seconds, JobParts.Pressure(LayerMembers.LabelPressure, c), peel is null
            ? null : CatalogueIds.Peels[peel])
        {
            For = meant switch
            {
                JobReader.ForThisPress => FigureFor.ThisPress,
                JobReader.ForPlatePress => FigureFor.PlatePress,
                _ =>
                FigureFor.NotSaid
            },
        };
    }

    private static CutShape? ShapeOf(JsonCursor layer, WorkMemory memory)
    {
        var c = layer[LayerMembers.Outline.Name];
        if (!c.Exists)
            return null;
        var text = LayerMembers.Outline.In(layer);
        var shape = CutShape.Read(text, memory);
        if (shape is null)
            c.Fault(new Phrase("job-reader.broken-2", ("pointer", c.Pointer)), "broken");
        return shape;
    }

    private static Lettering? WordOf(JsonCursor layer, CatalogueSnapshot catalogue)
    {
        if (LayerMembers.Word.Given(layer) is not { } c)
            return null;
        var text = LayerMembers.WordText.In(c);
        if (text.Trim().Length == 0)
            c[LayerMembers.WordText.Name]
                .Fault(new Phrase("job-reader.missing-6", ("pointer", c.Pointer), ("longestText", Lettering.LongestText)), "missing");
        var font = LayerMembers.WordFont.In(c, LetterFont.All[0].Id);
        if (!FontFile.IsOwnId(font))
            c[LayerMembers.WordFont.Name].Choice([.. LetterFont.All.Select(f => f.Id)], LetterFont.All[0].Id);
        var height = LayerMembers.WordHeightMm.In(c);
        var gap = LayerMembers.WordGapMm.In(c);
        var arc = LayerMembers.WordArcDegrees.In(c);
        return new Lettering(text.Trim(), font, height ?? 40, gap ?? 0, arc ?? 0, LayerMembers.WordFromNames.In(c))
        {
            Typeface = catalogue.Fonts.Find(font),
            FontName = LayerMembers.WordFontName.In(c, "")
        };
    }

    /// <summary>Fine enough to want more care at its edges, by the tool's own eye.</summary>
    private static bool IsIntricate(JobLayer layer) =>
        layer.Measures is { } m && m.SmallestFeatureMm < IntricateBelow * layer.Vinyl.Cut.SmallestDetailMm.Value;
}
