using Juxtherm.Core.Reading;
using NetTopologySuite.Geometries;
using NetTopologySuite.Noding;
using NetTopologySuite.Noding.Snapround;
using NetTopologySuite.Operation.Polygonize;

namespace Juxtherm.Core.Geometry;

/// <summary>Turns closed outlines into ground, by the even-odd or the non-zero rule.</summary>
internal static class FillRule
{
    private const int Bands = 128;

    /// <summary>The ground that outlines enclose.</summary>
    /// <param name="rings">Outlines, each taken as closed.</param>
    /// <param name="evenOdd">By the even-odd rule; otherwise what is wound around at all is inside.</param>
    /// <param name="gridMm">Corners are set on a grid this fine, so that no crossing is missed.</param>
    public static Ground Ground(IReadOnlyList<IReadOnlyList<Coordinate>> rings, bool evenOdd, double gridMm)
    {
        var closed = rings.Where(r => r.Count >= 3).Select(r => r[0].Equals2D(r[^1]) ? r.ToArray() : [.. r, r[0]]).Where(r => r.Length >= 4)
            .ToList();
        // What lies apart has nothing to do with each other, and is filled by itself.
        var apart = Neighbourhoods.Of(closed.ConvertAll(Around)).Select(near => Filled([.. near.Select(i => closed[i])], evenOdd, gridMm));
        return Plane.Of([.. apart.SelectMany(Plane.Parts)]);
    }

    private static Envelope Around(Coordinate[] ring)
    {
        var around = new Envelope();
        foreach (var corner in ring)
            around.ExpandToInclude(corner);
        return around;
    }

    private static Ground Filled(List<Coordinate[]> closed, bool evenOdd, double gridMm)
    {
        Patience.Look();
        if (closed.Count == 1 && Plane.Factory.CreatePolygon(closed[0]) is { IsValid: true } simple)
            return Plane.Clean(simple);

        var noder = new SnapRoundingNoder(new PrecisionModel(1 / gridMm));
        noder.ComputeNodes([.. closed.Select(ISegmentString (c) => new NodedSegmentString(c, null))]);
        var seen = new HashSet<(double, double, double, double)>();
        var polygonizer = new Polygonizer();
        foreach (var line in noder.GetNodedSubstrings())
        {
            var corners = line.Coordinates;
            for (var i = 0; i + 1 < corners.Length; i++)
            {
                var (a, b) = corners[i].CompareTo(corners[i + 1]) < 0 ? (corners[i], corners[i + 1]) : (corners[i + 1], corners[i]);
                if (!a.Equals2D(b) && seen.Add((a.X, a.Y, b.X, b.Y)))
                    polygonizer.Add(Plane.Factory.CreateLineString([a, b]));
            }
        }

        var windings = new Windings(closed);
        return Plane.Union(polygonizer.GetPolygons()
            .Where(face => face.Area > gridMm * gridMm && Inside(windings.Around(face.InteriorPoint.Coordinate), evenOdd)));
    }

    private static bool Inside(int windings, bool evenOdd) => evenOdd ? windings % 2 != 0 : windings != 0;

    /// <summary>Says how often outlines wind around a point; sides are sorted into bands of height.</summary>
    private sealed class Windings
    {
        private readonly List<(Coordinate From, Coordinate To)>[] _bands = new List<(Coordinate, Coordinate)>[Bands];
        private readonly double _top;
        private readonly double _height;

        public Windings(List<Coordinate[]> rings)
        {
            _top = rings.Min(r => r.Min(c => c.Y));
            _height = Math.Max((rings.Max(r => r.Max(c => c.Y)) - _top) / Bands, double.Epsilon);
            for (var i = 0; i < Bands; i++)
                _bands[i] = [];
            foreach (var ring in rings)
            {
                for (var i = 0; i + 1 < ring.Length; i++)
                {
                    var (from, to) = (Band(Math.Min(ring[i].Y, ring[i + 1].Y)), Band(Math.Max(ring[i].Y, ring[i + 1].Y)));
                    for (var band = from; band <= to; band++)
                        _bands[band].Add((ring[i], ring[i + 1]));
                }
            }
        }

        public int Around(Coordinate p)
        {
            var count = 0;
            foreach (var (a, b) in _bands[Band(p.Y)])
            {
                if (a.Y <= p.Y != b.Y <= p.Y && a.X + (p.Y - a.Y) / (b.Y - a.Y) * (b.X - a.X) > p.X)
                    count += a.Y < b.Y ? 1 : -1;
            }

            return count;
        }

        private int Band(double y) => Math.Clamp((int)((y - _top) / _height), 0, Bands - 1);
    }
}
