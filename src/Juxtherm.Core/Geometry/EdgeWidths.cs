using NetTopologySuite.Algorithm;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Geometry;

/// <summary>A place on an edge, and how wide the vinyl is there.</summary>
/// <param name="X">mm.</param>
/// <param name="Y">mm.</param>
/// <param name="Nx">Into the vinyl, a unit vector.</param>
/// <param name="Ny">Into the vinyl.</param>
/// <param name="Ring">Which outline.</param>
/// <param name="At">Where along it, mm.</param>
/// <param name="Span">Length of edge that it stands for, mm; 0 at a corner.</param>
/// <param name="Width">Width of the vinyl here, mm.</param>
/// <param name="Opposite">Outline and place that it is as wide to; -1 where it is wider than was asked.</param>
internal readonly record struct EdgePlace(double X, double Y, double Nx, double Ny, int Ring, double At, double Span, double Width,
    (int Ring, double At) Opposite);

/// <summary>How wide a piece of vinyl is along its edges: at each place the largest circle inside that touches the edge there.</summary>
internal sealed class EdgeWidths
{
    private const int PlacesOfAll = 20_000;
    private const int FewestPlaces = 2_000;
    private const double FinestStepMm = 0.25;

    // Corners that turn inward by more than this have a place of their own.
    private const double TurnsInward = 0.3;
    private const double Thinned = 0.25;

    // A prime larger than any number of places.
    private const long Stride = 1_000_003;
    private readonly List<Side> _sides = [];
    private readonly List<int> _firstSides = [];
    private readonly SideTree _tree;
    private readonly double _mostRadius;

    private EdgeWidths(Polygon piece, double mostMm)
    {
        _mostRadius = mostMm / 2;
        Add(piece.Shell.Coordinates, Orientation.IsCCW(piece.Shell.CoordinateSequence));
        foreach (var hole in piece.Holes)
            Add(hole.Coordinates, !Orientation.IsCCW(hole.CoordinateSequence));
        _tree = new SideTree(_sides);
        Measure();
    }

    /// <summary>All places, outline by outline, in order along each.</summary>
    public IReadOnlyList<EdgePlace> Places { get; private set; } = [];

    /// <summary>Length of each outline, mm.</summary>
    public List<double> Rings { get; } = [];

    /// <summary>Measures a piece.</summary>
    /// <param name="piece">The piece.</param>
    /// <param name="mostMm">Wider than this is not told apart, mm.</param>
    public static EdgeWidths Of(Polygon piece, double mostMm) => new(piece, mostMm);

    private void Add(Coordinate[] corners, bool vinylOnTheLeft)
    {
        if (!vinylOnTheLeft)
            Array.Reverse(corners = (Coordinate[])corners.Clone());
        _firstSides.Add(_sides.Count);
        var at = 0.0;
        for (var i = 0; i + 1 < corners.Length; i++)
        {
            var side = new Side(corners[i].X, corners[i].Y, corners[i + 1].X, corners[i + 1].Y, Rings.Count, at);
            if (side.Length <= 0)
                continue;
            _sides.Add(side);
            at += side.Length;
        }

        Rings.Add(at);
    }

    private void Measure()
    {
        var all = Rings.Sum();
        var step = Math.Max(all / PlacesOfAll, Math.Min(FinestStepMm, all / FewestPlaces));
        var places = new List<EdgePlace>(_sides.Count * 2);
        for (var i = 0; i < _sides.Count; i++)
        {
            var n = (int)Math.Ceiling(_sides[i].Length / step);
            for (var k = 0; k < n; k++)
                places.Add(On(i, (k + 0.5) / n, _sides[i].Length / n));
            Corner(i, places);
        }

        var touched = new List<(int Side, double Part, double Radius)>();
        var measured = Measured(places, touched);
        // What a place lies opposite to is a place as well, or a notch over a long side would have no other bank.
        var more = new List<EdgePlace>();
        foreach (var to in touched.OrderBy(t => t.Side).ThenBy(t => t.Part))
        {
            var place = On(to.Side, to.Part, 0);
            if (to.Part is > 0 and < 1
                && (more.Count == 0 || more[^1].Ring != place.Ring || place.At - more[^1].At > Thinned * Math.Min(to.Radius, step)))
                more.Add(place);
        }

        measured.AddRange(Measured(more, []));
        Places = [.. measured.OrderBy(p => p.Ring).ThenBy(p => p.At)];
    }

    private EdgePlace On(int side, double part, double span)
    {
        var s = _sides[side];
        var (x, y) = SideTree.On(s, part);
        return new EdgePlace(x, y, -(s.Y2 - s.Y1) / s.Length, (s.X2 - s.X1) / s.Length, s.Ring, s.At + part * s.Length, span,
            double.MaxValue, (-1, 0));
    }

    /// <summary>Where two sides meet in a corner that points into the vinyl, it looks in between as well.</summary>
    private void Corner(int side, List<EdgePlace> places)
    {
        var (a, last) = (_sides[side], side + 1 == _sides.Count || _sides[side + 1].Ring != _sides[side].Ring);
        var b = _sides[last ? _firstSides[a.Ring] : side + 1];
        var turn = Math.Atan2((a.X2 - a.X1) * (b.Y2 - b.Y1) - (a.Y2 - a.Y1) * (b.X2 - b.X1),
            (a.X2 - a.X1) * (b.X2 - b.X1) + (a.Y2 - a.Y1) * (b.Y2 - b.Y1));
        if (turn > -TurnsInward)
            return;
        var first = Math.Atan2(a.X2 - a.X1, -(a.Y2 - a.Y1));
        for (var k = 0; k <= 2; k++)
        {
            var look = first + turn * k / 2;
            places.Add(new EdgePlace(a.X2, a.Y2, Math.Cos(look), Math.Sin(look), a.Ring, a.At + a.Length, 0, double.MaxValue, (-1, 0)));
        }
    }

    private List<EdgePlace> Measured(List<EdgePlace> places, List<(int Side, double Part, double Radius)> touched)
    {
        // Here and there all over the piece, so that what is left when the looks are used up is no one corner of it.
        for (long k = 0; k < places.Count && !_tree.IsSpent; k++)
        {
            var i = (int)(k * Stride % places.Count);
            var (radius, side, part) = _tree.Opposite(places[i].X, places[i].Y, places[i].Nx, places[i].Ny, _mostRadius);
            if (side < 0)
                continue;
            touched.Add((side, part, radius));
            places[i] = places[i] with { Width = 2 * radius, Opposite = (_sides[side].Ring, _sides[side].At + part * _sides[side].Length) };
        }

        return places;
    }
}
