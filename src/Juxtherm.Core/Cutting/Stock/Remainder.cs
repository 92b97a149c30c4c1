using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Cutting.Stock;

/// <summary>What is left of a sheet after a cut and worth keeping.</summary>
/// <param name="WidthMm">mm.</param>
/// <param name="LengthMm">mm.</param>
/// <param name="CornerWidthMm">Width of the corner that is gone, mm; 0 for a rectangle.</param>
/// <param name="CornerLengthMm">Its length, mm.</param>
public sealed record Remainder(double WidthMm, double LengthMm, double CornerWidthMm, double CornerLengthMm)
{
    /// <summary>What comes back of a sheet or of a length cut off a roll.</summary>
    /// <param name="widthMm">Width of what was there, mm.</param>
    /// <param name="lengthMm">Its length, mm.</param>
    /// <param name="cut">The box around everything cut from it, its edges included, from the origin.</param>
    /// <param name="cornerWidthMm">Width of a corner at the origin that was gone before, mm.</param>
    /// <param name="cornerLengthMm">Length of that corner, mm.</param>
    /// <param name="leastMm">What is narrower is not worth keeping, mm.</param>
    /// <returns>Null when nothing is worth keeping.</returns>
    public static Remainder? Of(double widthMm, double lengthMm, Box cut, double cornerWidthMm, double cornerLengthMm, double leastMm)
    {
        var (right, below) = (Math.Max(cut.XMm + cut.WidthMm, cornerWidthMm), Math.Max(cut.YMm + cut.HeightMm, cornerLengthMm));
        var (side, rest) = (widthMm - right, lengthMm - below);
        if (side >= leastMm && rest >= leastMm)
            return new Remainder(widthMm, lengthMm, right, below);
        if (rest >= leastMm && widthMm >= leastMm)
            return new Remainder(widthMm, rest, 0, 0);
        return side >= leastMm && lengthMm >= leastMm ? new Remainder(side, lengthMm, 0, 0) : null;
    }
}
