using System.Collections.Concurrent;
using System.Globalization;
using System.Text;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Reading;
using NetTopologySuite.Algorithm.Locate;
using NetTopologySuite.Geometries;
using NetTopologySuite.Geometries.Utilities;
using SkiaSharp;

namespace Juxtherm.Core.Artwork;

/// <summary>The true shape of a layer of vinyl: what is cut out and stays. It is kept as path data and fitted into the layer's
/// box.</summary>
public sealed class CutShape
{
    /// <summary>Longest path data accepted, characters.</summary>
    public const int LongestText = 2_000_000;

    private const double GridMm = 0.0005;
    private const double ToleranceMm = 0.01;

    // A character of path data is two bytes here and about four as a corner.
    private const int BytesPerCharacter = 6;
    private const long SmallBytes = 256;
    private const double HairMm = 0.05;

    // So many spots each way are tried before shapes are cut with each other.
    private const int SpotsTried = 5;

    // Left and right may differ by this share of its size (ours: the eye does not see it); more corners than these are not compared.
    private const double SymmetricWithin = 0.004;
    private const int MostMirroredPoints = 4000;
    private readonly WorkMemory? _memory;
    private readonly ConcurrentDictionary<double, IReadOnlyList<DelicatePlace>> _delicate = new();
    private ShapeMeasures? _measures;
    private CutShape? _reversed;
    private bool? _symmetric;
    private (int, int)? _letterVotes;

    private CutShape(Ground ground, string text, WorkMemory? memory)
    {
        _memory = memory;
        Ground = ground;
        Text = text;
        var bounds = ground.EnvelopeInternal;
        static double R(double mm) => Math.Round(mm, 9);
        Bounds = new Box(R(bounds.MinX), R(bounds.MinY), R(bounds.Width), R(bounds.Height));
    }

    /// <summary>As path data: straight lines only, filled by the even-odd rule.</summary>
    public string Text { get; }

    /// <summary>The box around it, in its own mm.</summary>
    public Box Bounds { get; }

    /// <summary>Vinyl that stays, mm² at its own size.</summary>
    public double AreaMm2 => Ground.Area;

    /// <summary>What there is to say of it at its own size.</summary>
    public ShapeMeasures Measures => _measures ??= ShapeMeasures.Of(Ground);

    /// <summary>How many lines of the path data belong to each piece that hangs together: its edge, then its holes.</summary>
    public IReadOnlyList<int> LinesOfPieces => [.. Plane.Parts(Ground).Select(p => 1 + p.NumInteriorRings)];

    internal Ground Ground { get; }

    /// <summary>Stands for it in keys without keeping it alive.</summary>
    internal object Token { get; } = new();

    /// <summary>Reads path data.</summary>
    /// <param name="text">SVG path data; open ends are closed.</param>
    /// <param name="memory">Where it and what is worked out of it are kept; null for nowhere.</param>
    /// <returns>The shape; null when it encloses nothing or cannot be read.</returns>
    public static CutShape? Read(string text, WorkMemory? memory = null)
    {
        ArgumentNullException.ThrowIfNull(text);
        if (text.Length > LongestText)
            return null;
        return memory is null
            ? Parsed(text, null)
            : memory.Get(new Drawn(text), () => Parsed(text, memory), _ => (long)text.Length * BytesPerCharacter);
    }

    private static CutShape? Parsed(string text, WorkMemory? memory)
    {
        try
        {
            SvgNumbers.CheckPath(text, "the shape");
            using var path = SKPath.ParseSvgPathData(text);
            if (path is null)
                return null;
            var budget = new WorkLimit(CancellationToken.None);
            var rings = Rings.Of(path, ToleranceMm, budget).ConvertAll(t => t.Points);
            budget.Crossings(rings);
            var ground = FillRule.Ground(rings, evenOdd: true, GridMm);
            return ground.IsEmpty ? null : new CutShape(ground, text, memory);
        }
        catch (RefusedDrawing)
        {
            return null;
        }
    }

    /// <summary>Where it takes more care than usual: strips and islands narrower than a vinyl bears.</summary>
    /// <param name="limitMm">Narrowest that the vinyl bears, in the shape's own mm, above zero.</param>
    public IReadOnlyList<DelicatePlace> Delicate(double limitMm) =>
        _delicate.GetOrAdd(Math.Round(limitMm, 3), limit => DelicatePlaces.In(Ground, limit));

    /// <summary>It reads alike both ways: turned over left for right it is the same to a hair.</summary>
    public bool IsSymmetric => _symmetric ??= SameReversed();

    /// <summary>How many of its letters read only forward, and how many only backward.</summary>
    public (int Forward, int Backward) LetterVotes => _letterVotes ??= LettersRead.Votes(this);

    /// <summary>The same turned over, left for right, in the same box.</summary>
    public CutShape Reversed()
    {
        if (_reversed is { } known)
            return known;
        var over = Of((Ground)new AffineTransformation(-1, 0, 2 * Bounds.XMm + Bounds.WidthMm, 0, 1, 0).Transform(Ground), _memory)!;
        return _reversed = over;
    }

    /// <summary>The shape as it lies in a box, as path data.</summary>
    /// <param name="box">Where it lies.</param>
    public string PathIn(Box box) => Write(In(box));

    /// <summary>The lines of the shape as it lies in a box, each closed and its first corner not repeated.</summary>
    /// <param name="box">Where it lies.</param>
    public IReadOnlyList<IReadOnlyList<Spot>> LinesIn(Box box) =>
        [.. Plane.Parts(In(box)).SelectMany(p => p.Holes.Prepend(p.Shell))
            .Select(ring => (IReadOnlyList<Spot>)[.. ring.Coordinates.SkipLast(1).Select(c => new Spot(c.X, c.Y))])];

    /// <summary>Whether two layers share ground; a layer whose shape is not known is taken as its box.</summary>
    /// <param name="a">The one's shape.</param>
    /// <param name="boxA">Where it lies.</param>
    /// <param name="b">The other's shape.</param>
    /// <param name="boxB">Where it lies.</param>
    public static bool Overlap(CutShape? a, Box boxA, CutShape? b, Box boxB)
    {
        if (!boxA.Overlaps(boxB))
            return false;
        if (a is null && b is null)
            return true;
        // Only how the two lie to each other matters: while both are moved together the answer stays known.
        static double R(double mm) => Math.Round(mm, 2);
        var key = new Pair(a?.Token, b?.Token, R(boxB.XMm - boxA.XMm), R(boxB.YMm - boxA.YMm), R(boxA.WidthMm), R(boxA.HeightMm),
            R(boxB.WidthMm), R(boxB.HeightMm));
        return Remembered(a, b, key, () =>
        {
            var (one, two) = (GroundOf(a, boxA), GroundOf(b, boxB));
            // Neighbours cut from one drawing share edges, and rounding makes hairs of overlap along them.
            return one.Intersects(two) && (ShareASpot(one, two) || !Plane.Offset(Plane.Intersection(one, two), -HairMm / 2).IsEmpty);
        });
    }

    /// <summary>A plain box, for what has no drawing.</summary>
    /// <param name="widthMm">mm, above zero.</param>
    /// <param name="heightMm">mm, above zero.</param>
    public static CutShape Boxed(double widthMm, double heightMm) => Of(Shapes.Polygon(new Box(0, 0, widthMm, heightMm)))!;

    /// <summary>A spot that lies in both by more than a hair is soon found where two shapes plainly overlap.</summary>
    private static bool ShareASpot(Ground one, Ground two)
    {
        var both = one.EnvelopeInternal.Intersection(two.EnvelopeInternal);
        if (both.IsNull)
            return false;
        var (inOne, inTwo) = (new IndexedPointInAreaLocator(one), new IndexedPointInAreaLocator(two));
        for (var i = 0; i < SpotsTried * SpotsTried; i++)
        {
            var spot = new Coordinate(both.MinX + both.Width * (i / SpotsTried + 0.5) / SpotsTried,
                both.MinY + both.Height * (i % SpotsTried + 0.5) / SpotsTried);
            if (inOne.Locate(spot) != Location.Interior || inTwo.Locate(spot) != Location.Interior)
                continue;
            var point = Plane.Factory.CreatePoint(spot);
            if (one.Boundary.IsWithinDistance(point, HairMm) || two.Boundary.IsWithinDistance(point, HairMm))
                continue;
            return true;
        }

        return false;
    }

    private bool SameReversed()
    {
        if (Ground.NumPoints > MostMirroredPoints)
            return false;
        var (over, hair) = (Reversed().Ground, Math.Max(Bounds.WidthMm, Bounds.HeightMm) * SymmetricWithin);
        bool Inside(Ground a, Ground b) => Plane.Offset(Plane.Difference(a, b), -hair / 2).IsEmpty;
        return Inside(Ground, over) && Inside(over, Ground);
    }

    internal static CutShape? Of(Ground ground, WorkMemory? memory = null) =>
        ground.IsEmpty ? null : new CutShape(ground, Write(ground), memory);

    /// <summary>Vinyl as it lies in a box: its shape where that is known, the box itself otherwise.</summary>
    internal static Ground GroundOf(CutShape? shape, Box box) => shape?.In(box) ?? Shapes.Polygon(box);

    /// <summary>The shape as it lies in a box.</summary>
    internal Ground In(Box box)
    {
        var (x, y) = (box.WidthMm / Bounds.WidthMm, box.HeightMm / Bounds.HeightMm);
        return new AffineTransformation(x, 0, box.XMm - Bounds.XMm * x, 0, y, box.YMm - Bounds.YMm * y).Transform(Ground);
    }

    /// <summary>Path data of ground, corners to thousandths of a millimetre.</summary>
    internal static string Write(Ground ground)
    {
        var text = new StringBuilder();
        void Ring(LineString ring)
        {
            var corners = ring.Coordinates;
            for (var i = 0; i + 1 < corners.Length; i++)
            {
                text.Append(i == 0 ? 'M' : i == 1 ? 'L' : ' ')
                    .Append(Math.Round(corners[i].X, 3).ToString("0.###", CultureInfo.InvariantCulture)).Append(' ')
                    .Append(Math.Round(corners[i].Y, 3).ToString("0.###", CultureInfo.InvariantCulture));
            }

            text.Append('Z');
        }

        foreach (var piece in Plane.Parts(ground))
        {
            Ring(piece.ExteriorRing);
            foreach (var hole in piece.InteriorRings)
                Ring(hole);
        }

        return text.ToString();
    }

    /// <summary>Some small thing that was worked out of two shapes as they lie to each other, where one of them has a memory.</summary>
    /// <param name="a">The one; may be missing, as the other.</param>
    /// <param name="b">The other.</param>
    /// <param name="key">What else it depends on; told apart by <see cref="Token"/>, which holds no shape.</param>
    /// <param name="make">Works it out.</param>
    internal static TValue Remembered<TValue>(CutShape? a, CutShape? b, object key, Func<TValue> make) =>
        (a?._memory ?? b?._memory) is { } memory ? memory.Get(key, make, _ => SmallBytes) : make();

    private readonly record struct Drawn(string Text);

    private readonly record struct Pair(
        object? A, object? B, double X, double Y, double WidthA, double HeightA, double WidthB, double HeightB);
}
