using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using NetTopologySuite.Operation.Union;

namespace Juxtherm.Core.Items;

/// <summary>Which side of an item is seen.</summary>
public enum Face
{
    /// <summary>The front.</summary>
    Front,

    /// <summary>The back.</summary>
    Back,
}

/// <summary>What stands on a face and wants to be left alone.</summary>
public enum FeatureKind
{
    /// <summary>Neck opening.</summary>
    Collar,

    /// <summary>A seam.</summary>
    Seam,

    /// <summary>A zip.</summary>
    Zip,

    /// <summary>A button.</summary>
    Button,

    /// <summary>A snap.</summary>
    Snap,

    /// <summary>A pocket.</summary>
    Pocket,

    /// <summary>A hem or binding.</summary>
    Hem,

    /// <summary>A strap.</summary>
    Strap,

    /// <summary>A handle.</summary>
    Handle,

    /// <summary>A frame's bar.</summary>
    Frame,

    /// <summary>A ring, rivet or wire.</summary>
    Metal,
}

/// <summary>A feature on a face.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Box">Where it is.</param>
/// <param name="Outline">Its outline.</param>
/// <param name="Own">The user put it there.</param>
public sealed record Feature(FeatureKind Kind, string Name, Box Box, IReadOnlyList<Spot> Outline, bool Own = false)
{
    /// <summary>A feature that is a box.</summary>
    /// <param name="kind">What it is.</param>
    /// <param name="name">For the reader.</param>
    /// <param name="box">Where.</param>
    public static Feature Boxed(FeatureKind kind, string name, Box box) =>
        new(kind, name, box, Shapes.Rectangle(box.XMm, box.YMm, box.WidthMm, box.HeightMm));

    /// <summary>Thick enough to keep a plate off what lies beside it.</summary>
    public bool KeepsThePlateOff =>
        Kind is FeatureKind.Collar or FeatureKind.Seam or FeatureKind.Zip or FeatureKind.Button or FeatureKind.Snap or FeatureKind.Frame
        or FeatureKind.Metal or FeatureKind.Handle or FeatureKind.Strap;
}

/// <summary>A measure as it is taken on this item.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="How">Where the tape goes.</param>
/// <param name="ValueMm">mm.</param>
/// <param name="UsualMm">What is usual for the size, mm.</param>
/// <param name="From">Where the value comes from.</param>
/// <param name="Measured">The user typed it.</param>
/// <param name="Start">Where the tape begins in the picture.</param>
/// <param name="End">Where it ends.</param>
public sealed record TakenMeasure(string Id, string Name, string How, double ValueMm, double UsualMm, string From, bool Measured,
    Spot Start, Spot End);

/// <summary>One face of an item, drawn to measure. The origin is the upper left corner of its free area.</summary>
/// <param name="Form">What kind of item.</param>
/// <param name="Size">Size id; null where there are no sizes.</param>
/// <param name="Face">Which side.</param>
/// <param name="WidthMm">Width of the free area, mm.</param>
/// <param name="HeightMm">Height of the free area, mm.</param>
/// <param name="Outline">The item's outline.</param>
/// <param name="FreeArea">Where something can be pressed.</param>
/// <param name="Features">What stands in the way.</param>
/// <param name="Measures">Measures, with where the tape goes.</param>
public sealed record BlankShape(
    ItemForm Form, string? Size, Face Face, double WidthMm, double HeightMm, IReadOnlyList<Spot> Outline, IReadOnlyList<Spot> FreeArea,
    IReadOnlyList<Feature> Features, IReadOnlyList<TakenMeasure> Measures)
{
    private NetTopologySuite.Geometries.Geometry? _clear;

    /// <summary>The middle of the free area, left to right, mm.</summary>
    public double MiddleX => WidthMm / 2;

    /// <summary>The neck opening; null where there is none.</summary>
    public Feature? Collar => Features.FirstOrDefault(f => f.Kind == FeatureKind.Collar);

    /// <summary>How far down the neck opening reaches, mm; null where there is none.</summary>
    public double? NeckMm => Collar is { } collar ? collar.Box.YMm + collar.Box.HeightMm : null;

    /// <summary>The item's sides: a garment's body, not its sleeves; elsewhere its outline at a height.</summary>
    /// <param name="y">mm.</param>
    public (double LeftMm, double RightMm) SidesAt(double y)
    {
        if (Measures.FirstOrDefault(m => m.Id == "bodyWidth") is { } body)
            return (MiddleX - body.ValueMm / 2, MiddleX + body.ValueMm / 2);
        y = Math.Clamp(y, Outline.Min(p => p.Y), Outline.Max(p => p.Y));
        var crossed = Outline.Zip(Outline.Skip(1).Append(Outline[0]))
            .Where(e => Math.Min(e.First.Y, e.Second.Y) <= y && Math.Max(e.First.Y, e.Second.Y) >= y)
            .SelectMany(e => e.First.Y == e.Second.Y
                ? [e.First.X, e.Second.X] : new[] { e.First.X + (e.Second.X - e.First.X) * (y - e.First.Y) / (e.Second.Y - e.First.Y) })
                .ToList();
        return (crossed.Min(), crossed.Max());
    }

    /// <summary>A measure's value, mm.</summary>
    /// <param name="id">Its id.</param>
    public double this[string id] => Measures.First(m => m.Id == id).ValueMm;

    /// <summary>The whole item, its neck opening too, grown by a length.</summary>
    /// <param name="mm">mm.</param>
    internal NetTopologySuite.Geometries.Geometry Whole(double mm)
    {
        NetTopologySuite.Geometries.Geometry cloth = Shapes.Polygon(Outline);
        return (Collar is { } neck ? UnaryUnionOp.Union([cloth.Buffer(0), Shapes.Polygon(neck.Outline)]) : cloth).Buffer(mm);
    }

    /// <summary>Whether a box lies in the free area and clear of every feature.</summary>
    /// <param name="box">The box.</param>
    public bool Clears(Box box) => Clear.Covers(Shapes.Polygon(box));

    /// <summary>The free area without its features.</summary>
    internal NetTopologySuite.Geometries.Geometry Clear => _clear ??= Prepare();

    private NetTopologySuite.Geometries.Geometry Prepare()
    {
        NetTopologySuite.Geometries.Geometry free = Shapes.Polygon(FreeArea);
        // What lies under the print, as a pocket's cloth does, is no obstacle to laying; its seams are, and are features themselves.
        var inTheWay = Features.Select(f => (NetTopologySuite.Geometries.Geometry)Shapes.Polygon(f.Outline)).ToList();
        // Touching an edge is allowed: a hair of tolerance for sums of tenths.
        return inTheWay.Count == 0 ? free.Buffer(Hair) : free.Difference(UnaryUnionOp.Union(inTheWay)).Buffer(Hair);
    }

    private const double Hair = 0.05;
}
