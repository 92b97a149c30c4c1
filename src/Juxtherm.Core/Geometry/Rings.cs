using NetTopologySuite.Geometries;
using SkiaSharp;

namespace Juxtherm.Core.Geometry;

/// <summary>An outline whose curves are broken into short straight lines.</summary>
/// <param name="Points">Its corners; of a closed one the last is not the first again.</param>
/// <param name="Closed">Whether it was closed by the drawing.</param>
internal sealed record Trail(IReadOnlyList<Coordinate> Points, bool Closed);

/// <summary>Breaks curves into straight lines.</summary>
internal static class Rings
{
    private const int MostSteps = 200;

    /// <summary>The outlines of a path.</summary>
    /// <param name="path">The path, in its own units.</param>
    /// <param name="toleranceOwn">How far a straight line may stray from the curve, in the path's own units, above zero.</param>
    /// <param name="budget">What is left of the points that are accepted.</param>
    public static List<Trail> Of(SKPath path, double toleranceOwn, WorkLimit budget)
    {
        var trails = new List<Trail>();
        var points = new List<Coordinate>();
        void Finish(bool closed)
        {
            if (points.Count > 1)
                trails.Add(new Trail([.. points], closed));
            points.Clear();
        }

        void Add(double x, double y)
        {
            if (points.Count > 0 && points[^1].X == x && points[^1].Y == y)
                return;
            budget.Point();
            points.Add(new Coordinate(x, y));
        }

        void Curve(int steps, Func<double, (double X, double Y)> at)
        {
            for (var i = 1; i <= steps; i++)
            {
                var (x, y) = at((double)i / steps);
                Add(x, y);
            }
        }

        using var verbs = path.CreateRawIterator();
        var p = new SKPoint[4];
        for (var verb = verbs.Next(p); verb != SKPathVerb.Done; verb = verbs.Next(p))
        {
            var (a, b, c, d) = (p[0], p[1], p[2], p[3]);
            switch (verb)
            {
                case SKPathVerb.Move:
                    Finish(closed: false);
                    Add(a.X, a.Y);
                    break;
                case SKPathVerb.Line:
                    Add(b.X, b.Y);
                    break;
                case SKPathVerb.Quad:
                    Curve(Steps(Bend(a, b, c) / 4, toleranceOwn), t => Quad(a, b, c, 1, t));
                    break;
                case SKPathVerb.Conic:
                    var weight = verbs.ConicWeight();
                    Curve(Steps(Bend(a, b, c) / 4 * Math.Max(1, weight), toleranceOwn), t => Quad(a, b, c, weight, t));
                    break;
                case SKPathVerb.Cubic:
                    Curve(Steps(0.75 * Math.Max(Bend(a, b, c), Bend(b, c, d)), toleranceOwn), t => Cubic(a, b, c, d, t));
                    break;
                case SKPathVerb.Close:
                    if (points.Count > 1 && points[0].Equals2D(points[^1]))
                        points.RemoveAt(points.Count - 1);
                    var start = points.Count > 0 ? points[0] : null;
                    Finish(closed: true);
                    // What follows without a move starts where the closed outline did.
                    if (start is not null)
                        points.Add(start);
                    break;
            }
        }

        Finish(closed: false);
        return trails;
    }

    private static double Bend(SKPoint a, SKPoint b, SKPoint c) =>
        Math.Sqrt(Math.Pow(a.X - 2.0 * b.X + c.X, 2) + Math.Pow(a.Y - 2.0 * b.Y + c.Y, 2));

    private static int Steps(double stray, double tolerance) => (int)Math.Clamp(Math.Ceiling(Math.Sqrt(stray / tolerance)), 1, MostSteps);

    /// <summary>A parabola, or with a weight other than one another conic: circles are drawn so.</summary>
    private static (double X, double Y) Quad(SKPoint a, SKPoint b, SKPoint c, double weight, double t)
    {
        var (u, v, w) = ((1 - t) * (1 - t), 2 * t * (1 - t) * weight, t * t);
        var all = u + v + w;
        return ((u * a.X + v * b.X + w * c.X) / all, (u * a.Y + v * b.Y + w * c.Y) / all);
    }

    private static (double X, double Y) Cubic(SKPoint a, SKPoint b, SKPoint c, SKPoint d, double t)
    {
        var s = 1 - t;
        var (k0, k1, k2, k3) = (s * s * s, 3 * s * s * t, 3 * s * t * t, t * t * t);
        return (k0 * a.X + k1 * b.X + k2 * c.X + k3 * d.X, k0 * a.Y + k1 * b.Y + k2 * c.Y + k3 * d.Y);
    }
}
