using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Sections;

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

    // However worn it is, a third of it each way is left to press with.
    private const double MostRimShare = 1 / 3.0;

    /// <summary>All round it is cooler by so much more than usual, mm: found with a strip.</summary>
    public double CoolRimMm { get; init; }

    /// <summary>Spots that are cooler, from its upper left corner as it hangs, mm: found with a strip.</summary>
    public IReadOnlyList<Box> Cool { get; init; } = [];

    /// <summary>So far inside its edge it is as hot as anywhere, mm.</summary>
    public double EdgeMm => Math.Max(Math.Min(UsualEdgeMm, Math.Min(WidthMm, HeightMm) * EdgeShare), RimMm);

    /// <summary>Nearer to the edge than this nothing is pressed at all, mm.</summary>
    public double RimMm =>
        Math.Min(Math.Min(UsualRimMm, Math.Min(WidthMm, HeightMm) * RimShare) + CoolRimMm, Math.Min(WidthMm, HeightMm) * MostRimShare);

    /// <summary>Whether what is no larger goes under it at once, straight or a quarter turned.</summary>
    /// <param name="width">mm.</param>
    /// <param name="height">mm.</param>
    public bool Takes(double width, double height)
    {
        var usable = Usable(WidthMm, HeightMm, RimMm, Cool);
        return (width <= usable.WidthMm && height <= usable.HeightMm) || (height <= usable.WidthMm && width <= usable.HeightMm);
    }

    /// <summary>How large something of given proportions may be to go under it at once, straight or a quarter turned: its width and
    /// height, mm.</summary>
    /// <param name="aspect">Width by height, above 0.</param>
    public (double WidthMm, double HeightMm) LargestAtOnce(double aspect)
    {
        var usable = Usable(WidthMm, HeightMm, RimMm, Cool);
        var width = Math.Max(Math.Min(usable.WidthMm, usable.HeightMm * aspect), Math.Min(usable.HeightMm, usable.WidthMm * aspect));
        return (width, width / aspect);
    }

    /// <summary>The largest box inside the rim that is clear of cooler spots.</summary>
    /// <param name="width">Width as it lies, mm.</param>
    /// <param name="height">Height as it lies, mm.</param>
    /// <param name="rim">mm.</param>
    /// <param name="cool">The spots as it lies.</param>
    public static Box Usable(double width, double height, double rim, IReadOnlyList<Box> cool)
    {
        ArgumentNullException.ThrowIfNull(cool);
        var whole = new Box(rim, rim, width - 2 * rim, height - 2 * rim);
        if (!cool.Any(whole.Overlaps))
            return whole;
        // It ends at the rim or beside a spot.
        List<double> Ends(Func<Box, double> from, Func<Box, double> length, double low, double high) =>
            [.. cool.SelectMany(c => new[] { from(c), from(c) + length(c) }).Append(low).Append(high).Where(at => at >= low && at <= high)
                .Distinct().Order()];
        var xs = Ends(c => c.XMm, c => c.WidthMm, rim, width - rim);
        var ys = Ends(c => c.YMm, c => c.HeightMm, rim, height - rim);
        var boxes = from i in Enumerable.Range(0, xs.Count)
                    from j in Enumerable.Range(i + 1, xs.Count - i - 1)
                    from k in Enumerable.Range(0, ys.Count)
                    from l in Enumerable.Range(k + 1, ys.Count - k - 1)
                    select new Box(xs[i], ys[k], xs[j] - xs[i], ys[l] - ys[k]);
        return boxes.Where(b => !cool.Any(b.Overlaps)).DefaultIfEmpty(whole).MaxBy(b => b.WidthMm * b.HeightMm);
    }

    /// <summary>A spot of it as it lies after a quarter turn clockwise.</summary>
    /// <param name="spot">As it hangs.</param>
    public Box QuarterTurned(Box spot) => new(HeightMm - spot.YMm - spot.HeightMm, spot.XMm, spot.HeightMm, spot.WidthMm);

    /// <inheritdoc/>
    public bool Equals(PlateSize? other) =>
        other is not null && WidthMm == other.WidthMm && HeightMm == other.HeightMm && CoolRimMm == other.CoolRimMm
        && Cool.SequenceEqual(other.Cool);

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(WidthMm, HeightMm, CoolRimMm, Cool.Count);

    /// <summary>A quarter turn makes a difference.</summary>
    public bool IsOblong => Math.Abs(WidthMm - HeightMm) > 0.5;
}
