using Juxtherm.Core.Geometry;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Editing;

/// <summary>What a region looks like.</summary>
public enum RegionShape
{
    /// <summary>A box from corner to corner.</summary>
    Box,

    /// <summary>A circle from its middle to its edge.</summary>
    Circle,

    /// <summary>All that lies to the left of a line, seen along it.</summary>
    Line,
}

/// <summary>A region of the item, drawn from a place to a place.</summary>
/// <param name="Shape">What it looks like.</param>
/// <param name="XMm">Where it begins, mm from the left of the free area.</param>
/// <param name="YMm">Where it begins, mm from the top.</param>
/// <param name="ToXMm">Where it ends, mm from the left.</param>
/// <param name="ToYMm">Where it ends, mm from the top.</param>
public sealed record WorkRegion(RegionShape Shape, double XMm, double YMm, double ToXMm, double ToYMm)
{
    /// <summary>Furthest place that is accepted, mm.</summary>
    public const double MostMm = 10_000;

    private const double LeastMm = 0.1;
    private const int Corners = 256;

    /// <summary>It is drawn within bounds, and is more than a dot.</summary>
    public bool IsDrawn => new[] { XMm, YMm, ToXMm, ToYMm }.All(mm => Math.Abs(mm) <= MostMm)
        && (Shape == RegionShape.Box ? Math.Min(Math.Abs(ToXMm - XMm), Math.Abs(ToYMm - YMm)) : Reach) >= LeastMm;

    private double Reach => Math.Sqrt((ToXMm - XMm) * (ToXMm - XMm) + (ToYMm - YMm) * (ToYMm - YMm));

    internal Ground Ground() => Shape switch
    {
        RegionShape.Box => Shapes.Polygon(
            new Box(Math.Min(XMm, ToXMm), Math.Min(YMm, ToYMm), Math.Abs(ToXMm - XMm), Math.Abs(ToYMm - YMm))),
        RegionShape.Circle => Shapes.Polygon([.. Enumerable.Range(0, Corners).Select(i => i * 2 * Math.PI / Corners)
            .Select(a => new Spot(XMm + Reach * Math.Cos(a), YMm + Reach * Math.Sin(a)))]),
        _ => LeftOfLine()
    };

    private Polygon LeftOfLine()
    {
        const double far = 4 * MostMm;
        var (x, y) = ((ToXMm - XMm) / Reach, (ToYMm - YMm) / Reach);
        Spot At(double along, double left) => new(XMm + along * x + left * y, YMm + along * y - left * x);
        return Shapes.Polygon([At(-far, 0), At(far, 0), At(far, far), At(-far, far)]);
    }
}

/// <summary>Work that is asked for.</summary>
/// <param name="Action">Id of the kind of work.</param>
/// <param name="Layers">Ids of the layers concerned.</param>
public sealed record WorkAsked(string Action, IReadOnlyList<string> Layers)
{
    /// <summary>The length it takes, mm; null for the usual one.</summary>
    public double? Mm { get; init; }

    /// <summary>Pieces that are meant, by layer; a layer that is not named is meant as a whole.</summary>
    public IReadOnlyDictionary<string, IReadOnlyList<int>>? Pieces { get; init; }

    /// <summary>Where it is done; null for everywhere.</summary>
    public WorkRegion? Region { get; init; }
}
