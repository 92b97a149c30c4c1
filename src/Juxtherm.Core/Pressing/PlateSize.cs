namespace Juxtherm.Core.Pressing;

/// <summary>A plate as far as covering goes.</summary>
/// <param name="WidthMm">Width, mm, above zero.</param>
/// <param name="HeightMm">Height, mm, above zero.</param>
public sealed record PlateSize(double WidthMm, double HeightMm)
{
    // A plate is cooler and presses less along its edge: some 15 mm of a press, a tenth of a small iron (common practice: bring
    // the print to the middle).
    private const double UsualEdgeMm = 15;
    private const double EdgeShare = 0.1;
    private const double UsualRimMm = 5;
    private const double RimShare = 0.04;

    /// <summary>Full bond is given this far inside, mm.</summary>
    public double EdgeMm => Math.Min(UsualEdgeMm, Math.Min(WidthMm, HeightMm) * EdgeShare);

    /// <summary>Nearer to the edge than this nothing is pressed at all, mm.</summary>
    public double RimMm => Math.Min(UsualRimMm, Math.Min(WidthMm, HeightMm) * RimShare);

    /// <summary>A quarter turn makes a difference.</summary>
    public bool IsOblong => Math.Abs(WidthMm - HeightMm) > 0.5;
}
