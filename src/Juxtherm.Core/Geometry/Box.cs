namespace Juxtherm.Core.Geometry;

/// <summary>A box on the blank's face: x right, y down, from the upper left corner of the free area.</summary>
/// <param name="XMm">Left edge, mm.</param>
/// <param name="YMm">Upper edge, mm.</param>
/// <param name="WidthMm">Width, mm, above zero.</param>
/// <param name="HeightMm">Height, mm, above zero.</param>
public readonly record struct Box(double XMm, double YMm, double WidthMm, double HeightMm)
{
    // Edges that only touch do not overlap; drawings are rounded to tenths.
    private const double TouchingMm = 0.2;

    /// <summary>The box with a margin all round.</summary>
    /// <param name="mm">Margin, mm.</param>
    public Box Grown(double mm) => new(XMm - mm, YMm - mm, WidthMm + 2 * mm, HeightMm + 2 * mm);

    /// <summary>A word of another size in the place of this one: on its middle, and on the line it stands on.</summary>
    /// <param name="widthMm">Width, mm.</param>
    /// <param name="heightMm">Height, mm.</param>
    public Box Standing(double widthMm, double heightMm) =>
        new(XMm + (WidthMm - widthMm) / 2, YMm + HeightMm - heightMm, widthMm, heightMm);

    /// <summary>Whether another box lies wholly inside.</summary>
    /// <param name="other">The other.</param>
    public bool Contains(Box other) =>
        other.XMm >= XMm && other.YMm >= YMm && other.XMm + other.WidthMm <= XMm + WidthMm && other.YMm + other.HeightMm <= YMm + HeightMm;

    /// <summary>Whether two boxes share ground.</summary>
    /// <param name="other">The other.</param>
    public bool Overlaps(Box other) =>
        XMm + WidthMm - other.XMm > TouchingMm && other.XMm + other.WidthMm - XMm > TouchingMm &&
        YMm + HeightMm - other.YMm > TouchingMm && other.YMm + other.HeightMm - YMm > TouchingMm;
}
