using Juxtherm.Core.Artwork;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Items.Spots;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Artwork that does not lie on the item.</summary>
public sealed class OffItem : IPlanRule
{
    // An outline is drawn from typical measures, and cloth gives (common practice).
    private const double ToleranceMm = 2;

    // Less ground than this is a hair of rounding, mm².
    private const double HairMm2 = 1;

    // So much stays clear at a neckerchief's neck edge and point, mm (common practice).
    private const double KeptClearMm = 50;

    /// <inheritdoc/>
    public string Code => "off-item";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        foreach (var (shape, art) in plan.PlacedFaces)
        {
            var cloth = shape.Whole(ToleranceMm);
            // Most artwork lies well inside: its box tells.
            if (cloth.Covers(Shapes.Polygon(art)))
                continue;
            var off = plan.Layers.Where(l => l.Layer.Face == shape.Face && l.Layer.Box is not null)
                .Select(l => (Layer: l, Beyond: Plane.Difference(CutShape.GroundOf(l.Layer.Shape, l.Layer.Box!.Value), cloth)))
                .Where(l => l.Beyond.Area > HairMm2).ToList();
            if (off.Count == 0)
                continue;
            var bare = shape.Whole(0);
            var farthest = off.Max(l => l.Beyond.Coordinates.Max(c => bare.Distance(Plane.Factory.CreatePoint(c))));
            var item = plan.Work.Form.Name.ToLowerInvariant();
            var names = string.Join(", ", off.Select(l => plan.Named(l.Layer)));
            var text = off.TrueForAll(l => !cloth.Intersects(CutShape.GroundOf(l.Layer.Layer.Shape, l.Layer.Layer.Box!.Value)))
                ? plan.Words.Say("off-item.text", ("names", names), ("item", item))
                : plan.Words.Say("off-item.text-2", ("names", names), ("farthest", Thing.Mm(farthest)), ("item", item),
                    ("size", shape.Size is { } size ? plan.Words.Say("off-item.text-2.size", ("size", size)) : ""));
            return this.Say(plan, NoticeLevel.Stop, text, plan.Words.Say("off-item.stop-why"), ("beyond", farthest, "mm")) with
            {
                Layers = [.. off.Select(l => l.Layer.Id)],
                Remedies = Usual(plan, shape, art) is { } mend ? [mend] : [],
            };
        }

        return plan.PlacedFaces.Select(p => NearTheEdge(plan, p.Shape, p.Artwork) ?? OverTheBars(plan, p.Shape))
            .FirstOrDefault(n => n is not null);
    }

    /// <summary>A neckerchief is rolled and knotted along its neck edge and hangs from its point.</summary>
    private Notice? NearTheEdge(PlanContext plan, BlankShape shape, Box art)
    {
        if (!shape.Form.Knotted)
            return null;
        var tip = shape.Outline.MaxBy(p => p.Y);
        var point = Plane.Factory.CreatePoint(new NetTopologySuite.Geometries.Coordinate(tip.X, tip.Y));
        var toPoint = plan.Layers.Where(l => l.Layer.Face == shape.Face && l.Layer.Box is not null)
            .Min(l => CutShape.GroundOf(l.Layer.Shape, l.Layer.Box!.Value).Distance(point));
        var (where, mm) = art.YMm < KeptClearMm ? (plan.Words.Say("off-item.near-the-edge"), art.YMm) : ("point", toPoint);
        return mm >= KeptClearMm
            ? null
            : this.Say(plan, NoticeLevel.Caution,
                plan.Words.Say("off-item.caution", ("it", Thing.Mm(Math.Max(0, mm))), ("where", where),
                    ("keptClear", Thing.Mm(KeptClearMm))), plan.Words.Say("off-item.caution-why"), ("clear", mm, "mm"),
                    ("usual", KeptClearMm, "mm"));
    }

    /// <summary>Canvas over a bar with nothing beside it that stands as high.</summary>
    private Notice? OverTheBars(PlanContext plan, BlankShape shape)
    {
        if (!shape.Form.Framed || plan.Job.Tools.Underlay.BearsFrames)
            return null;
        var bars = shape.Features.Where(f => f.Kind == FeatureKind.Frame).Select(f => Shapes.Polygon(f.Box)).ToList();
        return plan.Layers.Any(l => l.Layer.Face == shape.Face && l.Layer.Box is { } box
            && CutShape.GroundOf(l.Layer.Shape, box) is var ground && bars.Exists(b => Plane.Intersection(ground, b).Area > HairMm2))
            ? this.Say(plan, NoticeLevel.Caution, plan.Words.Say("off-item.caution-2"), plan.Words.Say("off-item.caution-why-2"))
            : null;
    }

    /// <summary>All of it together to where it usually goes.</summary>
    private static Remedy? Usual(PlanContext plan, BlankShape shape, Box art)
    {
        var proposals = PlacementRules.For(new PlacementQuestion(shape, plan.Job.Blank.Material, art.WidthMm, art.HeightMm));
        if (proposals.FirstOrDefault(p => shape.Whole(ToleranceMm).Covers(Shapes.Polygon(art with { XMm = p.XMm, YMm = p.YMm })))
            is not { } place)
            return null;
        var (dx, dy) = (place.XMm - art.XMm, place.YMm - art.YMm);
        return new Remedy(plan.Words.Say("off-item.usual", ("place", place.Name)),
            [.. plan.Layers.Where(l => l.Layer.Face == shape.Face && l.Layer.Box is not null).SelectMany(l => new[]
        {
            JobEdit.To($"/layers/{l.Layer.At}/xMm", Math.Round(l.Layer.XMm!.Value + dx, 3)),
            JobEdit.To($"/layers/{l.Layer.At}/yMm", Math.Round(l.Layer.YMm!.Value + dy, 3)),
        })]);
    }
}
