using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Sections;

/// <summary>How far vinyl of one part reaches.</summary>
internal readonly record struct Reaches(double X1, double X2, double Y1, double Y2);

/// <summary>
/// A plate over a blank, laid straight: how much of it presses in full heat, and where it may come down. It may be seen lying, left
/// and top changed over, so that rows are found as columns are.
/// </summary>
internal sealed class PlateOver
{
    /// <summary>Less than this is rounding, mm.</summary>
    public const double HairMm = 1e-6;

    // What only touches its edge is not under it.
    private const double TouchingMm = 0.2;

    private readonly bool _quarter;
    private readonly bool _lying;
    private readonly IReadOnlyList<Box> _cool;

    public PlateOver(SectionQuestion question, bool quarter, bool lying)
    {
        (_quarter, _lying) = (quarter, lying);
        var plate = question.Plate;
        (double W, double H) size = quarter ? (plate.HeightMm, plate.WidthMm) : (plate.WidthMm, plate.HeightMm);
        _cool = quarter ? [.. plate.Cool.Select(plate.QuarterTurned)] : plate.Cool;
        var usable = PlateSize.Usable(size.W, size.H, plate.RimMm, _cool);
        (double L, double T, double R, double B) rim = (usable.XMm, usable.YMm, size.W - usable.XMm - usable.WidthMm,
            size.H - usable.YMm - usable.HeightMm);
        (Width, Height) = lying ? (size.H, size.W) : size;
        (Left, Top, Right, Bottom) = lying ? (rim.T, rim.L, rim.B, rim.R) : rim;
        MiddleX = lying ? null : question.MiddleX;
        FullMm = plate.EdgeMm;
        KeepOuts = [.. question.KeepOuts.Select(k => Shapes.Around(k.Hull))
            .Select(b => lying
                ? new Reaches(b.YMm, b.YMm + b.HeightMm, b.XMm, b.XMm + b.WidthMm)
                : new Reaches(b.XMm, b.XMm + b.WidthMm, b.YMm, b.YMm + b.HeightMm))];
    }

    public double Width { get; }

    public double Height { get; }

    /// <summary>Along these sides it does not press, mm.</summary>
    public double Left { get; }

    public double Top { get; }

    public double Right { get; }

    public double Bottom { get; }

    /// <summary>So far inside its edge it is as hot as anywhere, mm.</summary>
    public double FullMm { get; }

    public double InnerWidth => Width - Left - Right;

    public double InnerHeight => Height - Top - Bottom;

    public double? MiddleX { get; }

    /// <summary>The boxes round what is thick.</summary>
    public Reaches[] KeepOuts { get; }

    /// <summary>Whether it comes down on nothing thick, by its left upper corner.</summary>
    public bool IsClear(double x, double y)
    {
        foreach (var k in KeepOuts)
        {
            if (Meets(k, x, y, Width, Height))
                return false;
        }

        return true;
    }

    /// <summary>Where its left upper corner may lie so that vinyl is pressed; low above high where it is too large.</summary>
    public (double LowX, double HighX, double LowY, double HighY) Room(Reaches over) =>
        (over.X2 + Right - Width, over.X1 - Left, over.Y2 + Bottom - Height, over.Y1 - Top);

    /// <summary>Whether there is a place from which it presses vinyl and is off all that is thick.</summary>
    public bool CanStand(Reaches over) => Standing(over) is not null;

    /// <summary>A place from which it presses vinyl and is off all that is thick, the nearest to the vinyl's middle; null where there is
    /// none.</summary>
    public Spot? Standing(Reaches over)
    {
        var (lowX, highX, lowY, highY) = Room(over);
        if (lowX > highX + HairMm || lowY > highY + HairMm)
            return null;
        var wish = Wished(over);
        if (IsClear(wish.X, wish.Y))
            return wish;
        // Asked thousands of times a plan, so without a list. Where there is a place, there is one at an end of the room, where it is
        // wished, or just past something thick.
        Span<double> xs = stackalloc double[2 * KeepOuts.Length + 3];
        Span<double> ys = stackalloc double[2 * KeepOuts.Length + 3];
        (xs[0], xs[1], xs[2], ys[0], ys[1], ys[2]) = (wish.X, lowX, highX, wish.Y, lowY, highY);
        var (across, down) = (3, 3);
        foreach (var k in KeepOuts)
        {
            if (!Meets(k, lowX, lowY, highX - lowX + Width, highY - lowY + Height))
                continue;
            Within(xs, ref across, k.X1 - Width, lowX, highX);
            Within(xs, ref across, k.X2, lowX, highX);
            Within(ys, ref down, k.Y1 - Height, lowY, highY);
            Within(ys, ref down, k.Y2, lowY, highY);
        }

        Spot? best = null;
        foreach (var x in xs[..across])
        {
            foreach (var y in ys[..down])
            {
                if (IsNearer(x, y) && IsClear(x, y))
                    best = new Spot(x, y);
            }
        }

        return best;

        // Sideways counts before up and down: the middle is what is laid by.
        bool IsNearer(double x, double y)
        {
            if (best is not { } known)
                return true;
            var (off, least) = (Math.Abs(x - wish.X), Math.Abs(known.X - wish.X));
            return off < least || (off == least && Math.Abs(y - wish.Y) < Math.Abs(known.Y - wish.Y));
        }

        static void Within(Span<double> all, ref int count, double at, double low, double high)
        {
            if (at >= low && at <= high)
                all[count++] = at;
        }
    }

    /// <summary>With the vinyl under its middle, as far as that goes.</summary>
    public Spot Wished(Reaches over)
    {
        var (lowX, highX, lowY, highY) = Room(over);
        var middle = (over.X1 + over.X2) / 2;
        if (MiddleX is { } line && Math.Abs(middle - line) <= VinylCells.SideMm)
            middle = line;
        return new Spot(Math.Clamp(middle - Width / 2, lowX, Math.Max(lowX, highX)),
            Math.Clamp((over.Y1 + over.Y2) / 2 - Height / 2, lowY, Math.Max(lowY, highY)));
    }

    /// <summary>Places along one side at which something changes: the ends of the room, and where the plate just clears something thick;
    /// the nearest to where it is wished first.</summary>
    public static IEnumerable<double> Worth(IEnumerable<double> clearing, double low, double high, double wish) =>
        clearing.Where(at => at >= low && at <= high).Append(low).Append(high).Append(wish).Distinct().OrderBy(at => Math.Abs(at - wish));

    /// <summary>The placement with its left upper corner there, as it lies on the blank.</summary>
    public Section SectionAt(Spot corner)
    {
        var (x, y) = (corner.X + Width / 2, corner.Y + Height / 2);
        return _lying
            ? new Section(y, x, Height, Width, 0, _quarter, []) { Cool = _cool }
            : new Section(x, y, Width, Height, 0, _quarter, []) { Cool = _cool };
    }

    private static bool Meets(Reaches k, double x, double y, double width, double height) =>
        k.X2 - x > TouchingMm && x + width - k.X1 > TouchingMm && k.Y2 - y > TouchingMm && y + height - k.Y1 > TouchingMm;
}
