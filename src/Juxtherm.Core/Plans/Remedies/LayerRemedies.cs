using Juxtherm.Core.Artwork;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Remedies;

/// <summary>Changes to the job that mend what lies wrongly on what.</summary>
internal static class LayerRemedies
{
    // A hole is cut this much larger than what lies in it, so that edges do not ride up, mm (common practice).
    private const double AllRoundMm = 0.3;
    private const double BetweenCarriersMm = 1;

    /// <summary>Cuts one layer's shape out of the one below, so that both lie on the cloth.</summary>
    /// <returns>Null while places are not known, or when nothing of the lower would be left.</returns>
    public static Remedy? CutOut(ChartedJob about, LayerInPlan upper, LayerInPlan lower)
    {
        if (upper.Layer.Box is not { } above || lower.Layer.Box is not { } below)
            return null;
        var hole = Plane.Offset(CutShape.GroundOf(upper.Layer.Shape, above), AllRoundMm);
        if (CutShape.Of(Plane.Difference(CutShape.GroundOf(lower.Layer.Shape, below), hole)) is not { } left)
            return null;
        return new Remedy(about.Words.Say("layer-remedies.cut-out", ("upper", about.NameOf(upper)), ("lower", about.NameOf(lower))),
            [.. ShapeEdits(lower.Layer, left), .. NoLongerOver(upper.Layer, lower.Layer)]);
    }

    /// <summary>Lays one layer beside the other, carriers clear of each other: right, left or below, whichever has room on the
    /// blank.</summary>
    public static Remedy? SideBySide(ChartedJob about, LayerInPlan upper, LayerInPlan lower)
    {
        if (upper.Layer.Box is not { } box || lower.Layer.Box is not { } below
            || !about.Job.Blank.Faces.TryGetValue(upper.Layer.Face, out var shape))
            return null;
        var gap = upper.Layer.CarrierMarginMm + lower.Layer.CarrierMarginMm + BetweenCarriersMm;
        var middle = below.YMm + (below.HeightMm - box.HeightMm) / 2;
        Box[] places =
        [
            box with { XMm = below.XMm + below.WidthMm + gap, YMm = middle },
            box with { XMm = below.XMm - gap - box.WidthMm, YMm = middle },
            box with { YMm = below.YMm + below.HeightMm + gap },
        ];
        var others = about.Layers.Where(l => l.Id != upper.Id && l.Layer.Face == upper.Layer.Face).Select(l => l.Layer.Box).OfType<Box>()
            .ToList();
        foreach (var place in places.Where(p => shape.Clears(p) && !others.Exists(p.Overlaps)))
        {
            return new Remedy(
                about.Words.Say("layer-remedies.side-by-side", ("upper", about.NameOf(upper)), ("lower", about.NameOf(lower))),
                [At(upper.Layer, "xMm", Math.Round(place.XMm, 1)), At(upper.Layer, "yMm", Math.Round(place.YMm, 1)),
                    .. NoLongerOver(upper.Layer, lower.Layer)]);
        }

        return null;
    }

    /// <summary>Takes the reference vinyl, which others hold on, for a layer.</summary>
    public static Remedy? ReferenceVinyl(ChartedJob about, LayerInPlan layer) =>
        layer.Work.Vinyl.Id == ReferencePractice.Vinyl
        ? null : new Remedy(about.Words.Say("layer-remedies.reference-vinyl",
            ("vinyl", about.Catalogue.Vinyls[ReferencePractice.Vinyl].Name), ("layer", about.NameOf(layer))),
            [At(layer.Layer, "vinyl", ReferencePractice.Vinyl), At(layer.Layer, "label", null)]);

    /// <summary>Trims carriers along the contour.</summary>
    public static Remedy Trim(ChartedJob about, IReadOnlyDictionary<string, double> marginsMm) => new(
        marginsMm.Count == 1 ? about.Words.Say("layer-remedies.trim") : about.Words.Say("layer-remedies.trim-2"),
        [.. marginsMm.SelectMany(m =>
            new[] { At(about.Layer(m.Key).Layer, "carrier", JobReader.ContourCarrier),
                At(about.Layer(m.Key).Layer, "carrierMarginMm", m.Value) })]);

    /// <summary>Cuts a layer in two along zips.</summary>
    public static Remedy? AlongZips(ChartedJob about, IReadOnlyList<Box> bands, IEnumerable<LayerInPlan> layers)
    {
        var edits = new List<JobEdit>();
        foreach (var layer in layers)
        {
            if (layer.Layer.Box is not { } box)
                continue;
            var ground = CutShape.GroundOf(layer.Layer.Shape, box);
            if (CutShape.Of(bands.Aggregate(ground, (left, band) => Plane.Difference(left, Shapes.Polygon(band)))) is not { } left)
                return null;
            edits.AddRange(ShapeEdits(layer.Layer, left));
        }

        return edits.Count == 0
            ? null : new Remedy(bands.Count == 1
                ? about.Words.Say("layer-remedies.along-zips") : about.Words.Say("layer-remedies.along-zips-2"), edits);
    }

    private static JobEdit At(JobLayer layer, string member, object? value) => JobEdit.To($"/layers/{layer.At}/{member}", value);

    private static IEnumerable<JobEdit> ShapeEdits(JobLayer layer, CutShape shape)
    {
        var box = shape.Bounds;
        static double R(double mm) => Math.Round(mm, 3);
        return [At(layer, "shape", shape.Text), .. layer.Reversed
            ? [At(layer, "reversed", null)]
            : Array.Empty<JobEdit>(), At(layer, "xMm", R(box.XMm)), At(layer, "yMm", R(box.YMm)), At(layer, "widthMm", R(box.WidthMm)),
            At(layer, "heightMm", R(box.HeightMm)), At(layer, "word", null)];
    }

    private static IEnumerable<JobEdit> NoLongerOver(JobLayer upper, JobLayer lower)
    {
        if (!upper.Over.Contains(lower.Id, StringComparer.Ordinal))
            yield break;
        string[] left = [.. upper.Over.Where(id => id != lower.Id)];
        yield return At(upper, "over", left.Length == 0 ? null : left);
    }
}
