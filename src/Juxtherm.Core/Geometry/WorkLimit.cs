using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using NetTopologySuite.Geometries;
using NetTopologySuite.Index.HPRtree;

namespace Juxtherm.Core.Geometry;

/// <summary>A drawing is refused.</summary>
/// <param name="says">What is wrong and what would be accepted.</param>
/// <param name="code">A stable word.</param>
internal sealed class RefusedDrawing(Phrase says, string code) : Exception(code)
{
    /// <summary>Why, for the reader.</summary>
    public Phrase Says { get; } = says;

    public string Code { get; } = code;
}

/// <summary>How much a drawing may ask for: points, elements and crossings are counted as they come, so that none can exhaust the
/// machine.</summary>
internal sealed class WorkLimit(CancellationToken cancel)
{
    /// <summary>Most corners of all outlines together.</summary>
    public const int MostPoints = 80_000;

    /// <summary>Most elements, those drawn again by reference counted each time.</summary>
    public const int MostElements = 20_000;

    /// <summary>Most places where outlines cross.</summary>
    public const int MostCrossings = 30_000;

    private const int MostPairs = 20_000_000;
    private int _points;
    private int _elements;
    private int _crossings;
    private int _pairs;

    public void Point()
    {
        if (++_points > MostPoints)
            throw new RefusedDrawing(new Phrase("work-limit.points", ("most", MostPoints)), "too-large");
    }

    public void Element()
    {
        if (++_elements > MostElements)
            throw new RefusedDrawing(new Phrase("work-limit.elements", ("most", MostElements)), "too-large");
        if (_elements % 64 == 0)
            Pause();
    }

    /// <summary>Gives up when whoever asked has gone, or the time is over.</summary>
    public void Pause()
    {
        cancel.ThrowIfCancellationRequested();
        Patience.Look();
    }

    /// <summary>Counts where outlines cross each other or themselves, before any work is done that grows with them.</summary>
    public void Crossings(IEnumerable<IReadOnlyList<Coordinate>> rings)
    {
        var sides = new List<(Coordinate From, Coordinate To)>();
        foreach (var ring in rings)
        {
            for (var i = 0; i < ring.Count; i++)
                sides.Add((ring[i], ring[(i + 1) % ring.Count]));
        }

        var tree = new HPRtree<int>();
        for (var i = 0; i < sides.Count; i++)
            tree.Insert(new Envelope(sides[i].From, sides[i].To), i);
        if (sides.Count > 0)
            tree.Build();
        for (var i = 0; i < sides.Count; i++)
        {
            if (i % 1024 == 0)
                Pause();
            var (a, b) = sides[i];
            tree.Query(new Envelope(a, b), new Counter(this, sides, i));
        }
    }

    private sealed class Counter(WorkLimit budget, List<(Coordinate From, Coordinate To)> sides,
        int mine) : NetTopologySuite.Index.IItemVisitor<int>
    {
        public void VisitItem(int item)
        {
            if (item <= mine)
                return;
            if (++budget._pairs > MostPairs)
                throw TooTangled();
            var ((a, b), (c, d)) = (sides[mine], sides[item]);
            if (Side(a, b, c) * Side(a, b, d) < 0 && Side(c, d, a) * Side(c, d, b) < 0 && ++budget._crossings > MostCrossings)
                throw TooTangled();
        }

        private static int Side(Coordinate a, Coordinate b, Coordinate p) =>
            Math.Sign((b.X - a.X) * (p.Y - a.Y) - (b.Y - a.Y) * (p.X - a.X));

        private static RefusedDrawing TooTangled() => new(new Phrase("work-limit.tangled", ("most", MostCrossings)), "too-large");
    }
}
