using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Items;

/// <summary>How distances below a collar are counted.</summary>
public enum DropSchool
{
    /// <summary>Measured.</summary>
    Measured,

    /// <summary>In finger breadths.</summary>
    Fingers,
}

/// <summary>What a placement rule may look at.</summary>
/// <param name="Shape">The face.</param>
/// <param name="Material">What it is made of: whether it may be creased.</param>
/// <param name="WidthMm">Width of the artwork, mm.</param>
/// <param name="HeightMm">Height of the artwork, mm.</param>
/// <param name="School">How distances below a collar are counted.</param>
/// <param name="Creased">The middle is found by a crease; otherwise it is measured.</param>
public sealed record PlacementQuestion(BlankShape Shape, Material Material, double WidthMm, double HeightMm, DropSchool School,
    bool Creased)
{
    /// <summary>Asks as crafters usually do: measured below the collar, creased where that may be.</summary>
    public PlacementQuestion(BlankShape shape, Material material, double widthMm, double heightMm)
        : this(shape, material, widthMm, heightMm, DropSchool.Measured,
            MayBeCreased((shape ?? throw new ArgumentNullException(nameof(shape))).Form, material))
    {
    }

    /// <summary>Cloth that lies flat may be creased; leather, frames and hard goods may not.</summary>
    public static bool MayBeCreased(ItemForm form, Material material)
    {
        ArgumentNullException.ThrowIfNull(form);
        ArgumentNullException.ThrowIfNull(material);
        return material.Kind == MaterialKind.Cloth && !form.Framed && form.Shape == FaceShape.Flat;
    }

    /// <summary>Left edge of artwork whose middle lies there, mm.</summary>
    /// <param name="middleX">mm.</param>
    public double LeftFor(double middleX) => middleX - WidthMm / 2;

    /// <summary>How to find the middle line on the real thing: by a crease, or measured.</summary>
    public Phrase Centring => Creased
        ? new Phrase("place.crease")
        : new Phrase("place.measure");
}

/// <summary>A place that a rule proposes.</summary>
/// <param name="Id">Id of the rule.</param>
/// <param name="Name">For the reader.</param>
/// <param name="XMm">Left edge of the artwork, mm.</param>
/// <param name="YMm">Upper edge of the artwork, mm.</param>
/// <param name="DropMm">Below the collar's lower edge, mm; null where there is no collar.</param>
/// <param name="Fingers">The same counted in finger breadths, as others do; null where nobody does.</param>
/// <param name="Reason">Why there.</param>
/// <param name="Find">How to find the spot on the real thing.</param>
/// <param name="From">Where the rule comes from.</param>
public sealed record PlaceByRule(string Id, Phrase Name, double XMm, double YMm, double? DropMm, Phrase? Fingers, Phrase Reason,
    Phrase Find, string From)
{
    /// <summary>It in the reader's language.</summary>
    /// <param name="words">Says it.</param>
    public Proposal In(IWords words)
    {
        ArgumentNullException.ThrowIfNull(words);
        return new Proposal(Id, words.Say(Name), XMm, YMm, DropMm, Fingers is null
            ? null : words.Say(Fingers), words.Say(Reason), words.Say(Find), From);
    }
}

/// <summary>A place that is proposed, for the reader.</summary>
/// <param name="Id">Id of the rule.</param>
/// <param name="Name">What it is called.</param>
/// <param name="XMm">Left edge of the artwork, mm.</param>
/// <param name="YMm">Upper edge of the artwork, mm.</param>
/// <param name="DropMm">Below the collar's lower edge, mm; null where there is no collar.</param>
/// <param name="Fingers">The same counted in finger breadths, as others do; null where nobody does.</param>
/// <param name="Reason">Why there.</param>
/// <param name="Find">How to find the spot on the real thing.</param>
/// <param name="From">Where the rule comes from.</param>
public sealed record Proposal(string Id, string Name, double XMm, double YMm, double? DropMm, string? Fingers, string Reason, string Find,
    string From);

/// <summary>Proposes where artwork goes. A new rule is a new class in <c>Spots</c>; it is found by itself.</summary>
public interface IPlacementRule
{
    /// <summary>Its id.</summary>
    string Id { get; }

    /// <summary>Proposes a place.</summary>
    /// <param name="asked">What is to be placed where.</param>
    /// <returns>Null where the rule does not apply.</returns>
    PlaceByRule? Propose(PlacementQuestion asked);
}

/// <summary>How far below the collar a print begins.</summary>
public static class CollarDrop
{
    /// <summary>A finger's breadth, mm (from memory).</summary>
    public const double FingerMm = 19;

    /// <summary>Fingers below the collar, from and to, by size: adult two to three, child two, toddler one to two (common
    /// practice).</summary>
    /// <param name="size">Size id.</param>
    public static (double From, double To) Fingers(string? size) => size switch
    {
        "infant" => (1, 1),
        "toddler" => (1, 2),
        "child" => (2, 2),
        _ => (2, 3),
    };

    /// <summary>Measured drop by size, mm: adult 75 (common practice); smaller sizes as their fingers measure.</summary>
    /// <param name="size">Size id.</param>
    public static double Measured(string? size) => size is "infant" or "toddler" or "child" ? Middle(size) * FingerMm : 75;

    /// <summary>The drop as a school counts it, mm.</summary>
    /// <param name="size">Size id.</param>
    /// <param name="school">How it is counted.</param>
    public static double For(string? size, DropSchool school) => school == DropSchool.Fingers ? Middle(size) * FingerMm : Measured(size);

    /// <summary>In finger breadths, in words.</summary>
    /// <param name="size">Size id.</param>
    public static Phrase InWords(string? size) => Fingers(size) switch
    {
        (1, 1) => new Phrase("drop.finger"),
        (1, 2) => new Phrase("drop.one-to-two"),
        (2, 2) => new Phrase("drop.two"),
        _ => new Phrase("drop.two-to-three"),
    };

    private static double Middle(string? size) => Fingers(size) is var (from, to) ? (from + to) / 2 : 0;
}

/// <summary>How far a box lies from the edges and from what is nearest.</summary>
/// <param name="Left">To the free area's left edge, mm.</param>
/// <param name="Right">To its right edge, mm.</param>
/// <param name="Top">To its upper edge, mm.</param>
/// <param name="Bottom">To its lower edge, mm.</param>
/// <param name="BelowCollar">Below the collar's lower edge at the middle, mm; null where there is no collar.</param>
/// <param name="OffCentre">Right of the middle, mm; below zero to the left.</param>
/// <param name="Nearest">The feature that is nearest; null where there is none.</param>
/// <param name="NearestMm">How far it is, mm; 0 when they touch.</param>
public sealed record Distances(double Left, double Right, double Top, double Bottom, double? BelowCollar, double OffCentre, string? Nearest,
    double? NearestMm)
{
    /// <summary>Distances of a box on a face.</summary>
    /// <param name="shape">The face.</param>
    /// <param name="box">The box.</param>
    public static Distances Of(BlankShape shape, Box box)
    {
        ArgumentNullException.ThrowIfNull(shape);
        var polygon = Shapes.Polygon(box);
        var nearest = shape.Features.Select(f => (f.Name, Mm: Shapes.Polygon(f.Outline).Distance(polygon))).OrderBy(f => f.Mm)
            .FirstOrDefault();
        static double Tenth(double mm) => Math.Round(mm, 1);
        return new Distances(
            Tenth(box.XMm), Tenth(shape.WidthMm - box.XMm - box.WidthMm), Tenth(box.YMm), Tenth(shape.HeightMm - box.YMm - box.HeightMm),
            shape.NeckMm is { } neck ? Tenth(box.YMm - neck) : null, Tenth(box.XMm + box.WidthMm / 2 - shape.MiddleX),
            nearest.Name, nearest.Name is null ? null : Tenth(nearest.Mm));
    }
}
