using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Sections;

/// <summary>Something thick that wants to hang off the plate's edge.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Hull">Its outline as a convex ring; what is between its parts counts too.</param>
/// <param name="OtherFace">It stands on the face that lies down.</param>
public sealed record KeepOut(FeatureKind Kind, string Name, IReadOnlyList<Spot> Hull, bool OtherFace)
{
    /// <summary>For the reader at the face that is pressed.</summary>
    public string NameHere => OtherFace ? $"{Name} of the other side" : Name;

    /// <summary>Where nothing else helps it may lie under the plate with something soft; metal and a zip's teeth never.</summary>
    public bool Yields => Kind is not (FeatureKind.Metal or FeatureKind.Snap) && (Kind != FeatureKind.Zip || OtherFace);

    /// <summary>The box round it and so much more on every side.</summary>
    /// <param name="mm">mm.</param>
    public KeepOut Grown(double mm)
    {
        var box = Shapes.Around(Hull).Grown(mm);
        return this with { Hull = Shapes.Rectangle(box.XMm, box.YMm, box.WidthMm, box.HeightMm) };
    }

    /// <summary>What is thick on a face and on the one below it, seen from the face.</summary>
    /// <param name="face">The face that is pressed.</param>
    /// <param name="below">The face that lies down; null where there is none, as on hard goods.</param>
    public static IReadOnlyList<KeepOut> Of(BlankShape face, BlankShape? below)
    {
        ArgumentNullException.ThrowIfNull(face);
        var here = face.Features.Where(f => f.KeepsThePlateOff).Select(f => Of(f, f.Outline, false));
        var under = below is null
            ? [] : below.Features.Where(f => f.KeepsThePlateOff)
            .Select(f => Of(f, [.. f.Outline.Select(p => p with { X = face.WidthMm - p.X })], true));
        return [.. here, .. under];
    }

    private static KeepOut Of(Feature feature, IReadOnlyList<Spot> outline, bool other)
    {
        var ring = new MultiPoint([.. outline.Select(p => new Point(p.X, p.Y))]).ConvexHull();
        List<Spot> hull = ring is Polygon polygon
            ? [.. polygon.ExteriorRing.Coordinates.Skip(1).Select(c => new Spot(c.X, c.Y))]
            : [.. Shapes.Rectangle(feature.Box.XMm, feature.Box.YMm, feature.Box.WidthMm, feature.Box.HeightMm)];
        return new KeepOut(feature.Kind, feature.Name, hull, other);
    }
}
