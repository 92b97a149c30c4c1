using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items;

/// <summary>The largest artwork that fits.</summary>
/// <param name="WidthMm">mm.</param>
/// <param name="HeightMm">mm.</param>
/// <param name="XMm">Its left edge where it fits, mm.</param>
/// <param name="YMm">Its upper edge where it fits, mm.</param>
/// <param name="LimitedBy">item, cutter-width, cutter-length or plate.</param>
public sealed record LargestFit(double WidthMm, double HeightMm, double XMm, double YMm, string LimitedBy)
{
    /// <summary>The plate is the tightest.</summary>
    public const string Plate = "plate";
}

/// <summary>A size in a run.</summary>
/// <param name="Size">Size id.</param>
/// <param name="Count">How many pieces.</param>
public sealed record SizeCount(string Size, int Count);

/// <summary>The design on one size of a run.</summary>
/// <param name="Size">Size id.</param>
/// <param name="Count">How many pieces.</param>
/// <param name="WidthMm">mm.</param>
/// <param name="HeightMm">mm.</param>
/// <param name="XMm">Left edge, mm.</param>
/// <param name="YMm">Upper edge, mm.</param>
/// <param name="AreaMm2">Vinyl for all pieces of this size as boxes, mm².</param>
public sealed record Graded(string Size, int Count, double WidthMm, double HeightMm, double XMm, double YMm, double AreaMm2);

/// <summary>Letters of a word, one on each piece.</summary>
/// <param name="Pieces">Pieces needed.</param>
/// <param name="Packs">Packs to open.</param>
/// <param name="LeftOver">Pieces left over.</param>
/// <param name="HeightMm">Common height of all letters, mm.</param>
/// <param name="Widest">The letter that limits it.</param>
/// <param name="WidestMm">How wide that one becomes, mm.</param>
public sealed record LetterPlan(int Pieces, int Packs, int LeftOver, double HeightMm, string Widest, double WidestMm);

/// <summary>How four measured sides differ, and how the difference is shared.</summary>
/// <param name="WidthMm">Mean of top and bottom, mm.</param>
/// <param name="HeightMm">Mean of left and right, mm.</param>
/// <param name="WidthOffMm">Bottom less top, mm.</param>
/// <param name="HeightOffMm">Right less left, mm.</param>
/// <param name="ShareMm">Shift each side by half the larger difference, mm.</param>
/// <param name="TiltDegrees">How far that turns the print at most, degrees.</param>
/// <param name="AcceptedByEye">6 mm in 100 is accepted by eye (common practice).</param>
public sealed record Squareness(double WidthMm, double HeightMm, double WidthOffMm, double HeightOffMm, double ShareMm, double TiltDegrees,
    bool AcceptedByEye);

/// <summary>How large artwork is.</summary>
/// <param name="WidthMm">mm.</param>
/// <param name="HeightMm">mm.</param>
public sealed record ArtSize(double WidthMm, double HeightMm);

/// <summary>Sizing arithmetic: how large may it be.</summary>
public static class Sizing
{
    /// <summary>Least share of a measure that artwork is made to.</summary>
    public const double LeastShare = 0.01;

    /// <summary>Largest share.</summary>
    public const double MostShare = 10;

    private const int Grid = 15;
    private const int Rounds = 6;
    private const int Halvings = 14;

    // A rectangle this much larger is not worth giving up the middle for.
    private const double WorthOffCentre = 1.03;

    /// <summary>The largest box of given proportions that lies in the free area, clear of every feature, and fits the cutter.</summary>
    /// <param name="shape">The face.</param>
    /// <param name="aspect">Width by height, 0.02 to 50.</param>
    /// <param name="cutterWidthMm">Widest the cutter cuts, mm.</param>
    /// <param name="cutterLengthMm">Longest the cutter cuts, mm.</param>
    /// <param name="turnable">It may be cut turned by a quarter.</param>
    /// <exception cref="ArgumentOutOfRangeException">A measure or proportion is outside its range.</exception>
    public static LargestFit Largest(BlankShape shape, double aspect, double cutterWidthMm = double.PositiveInfinity,
        double cutterLengthMm = double.PositiveInfinity, bool turnable = true)
    {
        ArgumentNullException.ThrowIfNull(shape);
        ArgumentOutOfRangeException.ThrowIfLessThan(aspect, 0.02);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(aspect, 50);
        var bounds = Shapes.Around(shape.FreeArea);
        // Turned in the cutter if that fits better.
        var (across, along) = !turnable || aspect > 1 == cutterWidthMm > cutterLengthMm
            ? (cutterWidthMm, cutterLengthMm) : (cutterLengthMm, cutterWidthMm);
        var most = Math.Min(across, along * aspect);
        var centred = Best(shape, aspect, most, [shape.MiddleX], Steps(bounds.YMm, bounds.HeightMm, Grid));
        var free = Best(shape, aspect, most, Steps(bounds.XMm, bounds.WidthMm, Grid), Steps(bounds.YMm, bounds.HeightMm, Grid));
        for (var (round, dx, dy) = (0, bounds.WidthMm / Grid, bounds.HeightMm / Grid); round < Rounds; round++, dx /= 2.5, dy /= 2.5)
        {
            centred = Larger(centred, Best(shape, aspect, most, [centred.X], Steps(centred.Y - dy, 2 * dy, 5)));
            free = Larger(free, Best(shape, aspect, most, Steps(free.X - dx, 2 * dx, 5), Steps(free.Y - dy, 2 * dy, 5)));
        }

        var best = free.Width > centred.Width * WorthOffCentre ? free : centred;
        var limit = best.Width < most - 0.2
            ? "item" : most == across
            ? (across == cutterWidthMm ? "cutter-width" : "cutter-length") : along == cutterWidthMm ? "cutter-width" : "cutter-length";
        var (w, h) = (Math.Floor(best.Width * 10) / 10, Math.Floor(best.Width / aspect * 10) / 10);
        return new LargestFit(w, h, Math.Round(best.X - w / 2, 1), Math.Round(best.Y - h / 2, 1), limit);
    }

    /// <summary>A width as a share of a measure of the body or the item, proportions locked.</summary>
    /// <param name="measureMm">The measure, mm.</param>
    /// <param name="share">Share of it, above 0.</param>
    /// <param name="aspect">Width by height.</param>
    /// <exception cref="ArgumentOutOfRangeException">A measure or proportion is outside its range.</exception>
    public static ArtSize ToMeasure(double measureMm, double share, double aspect)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(share);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(aspect);
        var width = Math.Round(measureMm * share, 1);
        return new ArtSize(width, Math.Round(width / aspect, 1));
    }

    /// <summary>One design over a run of sizes: as large in proportion to the item on each, placed by the same rule.</summary>
    /// <param name="run">Sizes and counts.</param>
    /// <param name="draw">Draws the face in a size.</param>
    /// <param name="designedOn">The size that the design was made for.</param>
    /// <param name="widthMm">Its width there, mm.</param>
    /// <param name="heightMm">Its height there, mm.</param>
    /// <param name="place">Places it on a face.</param>
    public static IReadOnlyList<Graded> Grade(IReadOnlyList<SizeCount> run, Func<string, BlankShape> draw, string designedOn,
        double widthMm, double heightMm, Func<BlankShape, double, double, (double X, double Y)> place)
    {
        ArgumentNullException.ThrowIfNull(run);
        ArgumentNullException.ThrowIfNull(draw);
        ArgumentNullException.ThrowIfNull(place);
        var original = draw(designedOn).WidthMm;
        return
        [
            .. run.Select(r =>
            {
                var shape = draw(r.Size);
                // In whole millimetres, proportions kept as near as that allows.
                var w = Math.Round(widthMm * shape.WidthMm / original);
                var h = Math.Round(w * heightMm / widthMm);
                var (x, y) = place(shape, w, h);
                return new Graded(r.Size, r.Count, w, h, Math.Round(x, 1), Math.Round(y, 1), w * h * r.Count);
            }),
        ];
    }

    /// <summary>The letters of a word, one on each piece: one height for all, and the widest must still fit.</summary>
    /// <param name="word">The word; spaces and marks need no piece.</param>
    /// <param name="perPack">Pieces in a pack, at least 1.</param>
    /// <param name="shape">The piece.</param>
    /// <exception cref="ArgumentException">A measure or proportion is outside its range.</exception>
    /// <exception cref="ArgumentOutOfRangeException">A measure or proportion is outside its range.</exception>
    public static LetterPlan Letters(string word, int perPack, BlankShape shape)
    {
        ArgumentNullException.ThrowIfNull(word);
        ArgumentNullException.ThrowIfNull(shape);
        ArgumentOutOfRangeException.ThrowIfLessThan(perPack, 1);
        var letters = word.Where(char.IsLetterOrDigit).Select(char.ToUpperInvariant).ToList();
        if (letters.Count == 0)
            throw new ArgumentException("The word has no letters.", nameof(word));
        var packs = (letters.Count + perPack - 1) / perPack;
        var widest = letters.MaxBy(WidthByHeight);
        var fit = Largest(shape, WidthByHeight(widest));
        return new LetterPlan(letters.Count, packs, packs * perPack - letters.Count, Math.Floor(fit.HeightMm), widest.ToString(),
            Math.Round(Math.Floor(fit.HeightMm) * WidthByHeight(widest), 1));
    }

    /// <summary>Cloth that is not square: how the difference is shared between the sides.</summary>
    /// <param name="top">Upper edge, mm.</param>
    /// <param name="bottom">Lower edge, mm.</param>
    /// <param name="left">Left edge, mm.</param>
    /// <param name="right">Right edge, mm.</param>
    /// <exception cref="ArgumentOutOfRangeException">A measure or proportion is outside its range.</exception>
    public static Squareness Square(double top, double bottom, double left, double right)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(top);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(bottom);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(left);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(right);
        var (width, height) = ((top + bottom) / 2, (left + right) / 2);
        var (across, down) = (bottom - top, right - left);
        var off = Math.Max(Math.Abs(across) / width, Math.Abs(down) / height);
        return new Squareness(Math.Round(width, 1), Math.Round(height, 1), Math.Round(across, 1), Math.Round(down, 1),
            Math.Round(Math.Max(Math.Abs(across), Math.Abs(down)) / 2, 1), Math.Round(Math.Atan(off / 2) * 180 / Math.PI, 2), off <= 0.06);
    }

    /// <summary>Width of a capital by its height in a plain bold face (from memory, typical; the letters' own drawing decides).</summary>
    private static double WidthByHeight(char letter) => letter switch
    {
        'I' => 0.32,
        'J' or 'L' or 'F' or 'E' => 0.72,
        'M' => 1.15,
        'W' => 1.4,
        'O' or 'Q' or 'G' or 'C' => 1.02,
        '1' => 0.5,
        >= '0' and <= '9' => 0.75,
        _ => 0.88,
    };

    private static List<double> Steps(double from, double length, int count) =>
        [.. Enumerable.Range(0, count + 1).Select(i => from + length * i / count)];

    private static Candidate Larger(Candidate one, Candidate other) => other.Width > one.Width ? other : one;

    private static Candidate Best(BlankShape shape, double aspect, double most, List<double> xs, List<double> ys)
    {
        var best = new Candidate(xs[0], ys[0], 0);
        foreach (var x in xs)
        {
            foreach (var y in ys)
            {
                bool Fits(double width) => shape.Clears(new Box(x - width / 2, y - width / aspect / 2, width, width / aspect));
                // Nothing to gain here.
                if (!Fits(Math.Max(best.Width * 1.001, 0.5)))
                    continue;
                var (low, high) = (best.Width, most < 5000 ? most : 5000);
                if (Fits(high))
                    return new Candidate(x, y, high);
                for (var i = 0; i < Halvings; i++)
                {
                    var middle = (low + high) / 2;
                    (low, high) = Fits(middle) ? (middle, high) : (low, middle);
                }

                best = Larger(best, new Candidate(x, y, low));
            }
        }

        return best;
    }

    private sealed record Candidate(double X, double Y, double Width);
}
