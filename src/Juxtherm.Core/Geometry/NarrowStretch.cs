using Juxtherm.Core.Reading;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Geometry;

/// <summary>Edges that face each other across less than a limit, as far as they hang together.</summary>
internal sealed class NarrowStretch
{
    // A corner of 90° reaches 0.7 limits, one of 35° 1.6: what reaches farther is a strip.
    private const double StripReach = 1.75;

    // A neck longer than this is called a strip.
    private const double NeckReach = 4.5;

    // Gaps this much longer than the limit within one stretch are its own blunt end or a bulge, no wider part that it leads to.
    private const double OwnGap = 2;

    // A wedge is narrower than this share of its width over most of its length; a strip is not.
    private const double StillWide = 0.6;
    private const double StripKeeps = 0.6;

    private const double NearlyAll = 0.95;

    // The narrow part of a stretch, of all that lies between its ends.
    private const double MostOfIt = 0.5;

    // Fewer places than this do not tell a tip from a strip.
    private const int FewestPlaces = 6;
    private readonly Envelope _box = new();
    private double _widest;
    private double _narrowMm;
    private int _places;
    private double _middleAt = -1;

    private NarrowStretch()
    {
    }

    public DelicateKind Kind { get; private set; }

    /// <summary>Corner to corner of the box around it, mm.</summary>
    public double ReachMm => _box.Diameter;

    /// <summary>The middle of the box around it.</summary>
    public (double X, double Y) Middle => (_box.Centre.X, _box.Centre.Y);

    /// <summary>A place in the vinyl, about half way along.</summary>
    public (double X, double Y) Within { get; private set; }

    /// <summary>The delicate stretches of a piece.</summary>
    /// <param name="widths">How wide it is.</param>
    /// <param name="limit">Narrower than this is delicate, mm.</param>
    public static IEnumerable<NarrowStretch> Of(EdgeWidths widths, double limit)
    {
        var runs = Runs(widths, limit);
        if (runs.Count == 0)
            yield break;
        foreach (var together in Together(widths, runs, limit))
        {
            Patience.Look();
            var stretch = new NarrowStretch();
            var joined = Closed(widths, together, limit);
            stretch.Take(widths, together, limit);
            if (joined == 0 && stretch._narrowMm >= NearlyAll * widths.Rings.Sum())
                stretch.Kind = DelicateKind.Island;
            else if (joined > 1)
                stretch.Kind = stretch.ReachMm > NeckReach * limit ? DelicateKind.Strip : DelicateKind.Neck;
            else if (stretch.ReachMm > StripReach * limit && stretch.KeepsItsWidth(widths, together, limit))
                stretch.Kind = DelicateKind.Strip;
            else
                continue;
            yield return stretch;
        }
    }

    /// <summary>Edge that is narrow without a break. <see cref="First"/> may be after <see cref="Last"/>, where it runs over the beginning
    /// of its outline.</summary>
    private sealed record Run(int Ring, int First, int Last, double From, double To);

    private static List<Run> Runs(EdgeWidths widths, double limit)
    {
        var runs = new List<Run>();
        var places = widths.Places;
        for (var begin = 0; begin < places.Count;)
        {
            var end = begin;
            while (end < places.Count && places[end].Ring == places[begin].Ring)
                end++;
            OfRing(places, begin, end, limit, widths.Rings[places[begin].Ring], runs);
            begin = end;
        }

        return runs;
    }

    private static void OfRing(IReadOnlyList<EdgePlace> places, int begin, int end, double limit, double length, List<Run> runs)
    {
        bool Narrow(int i) => places[i].Width <= limit;
        var before = runs.Count;
        for (var i = begin; i < end;)
        {
            if (!Narrow(i))
            {
                i++;
                continue;
            }

            var first = i;
            while (i < end && Narrow(i))
                i++;
            runs.Add(new Run(places[begin].Ring, first, i - 1, places[first].At - places[first].Span / 2,
                places[i - 1].At + places[i - 1].Span / 2));
        }

        // The outline has no beginning: a run over it is one.
        if (runs.Count - before > 1 && runs[before].First == begin && runs[^1].Last == end - 1)
        {
            runs[before] = runs[^1] with { Last = runs[before].Last, To = runs[before].To + length };
            runs.RemoveAt(runs.Count - 1);
            // Kept in order of where they begin.
            runs.Add(runs[before]);
            runs.RemoveAt(before);
        }
    }

    /// <summary>Runs that face each other are of one stretch.</summary>
    private static IEnumerable<List<Run>> Together(EdgeWidths widths, List<Run> runs, double limit)
    {
        var leads = Enumerable.Range(0, runs.Count).ToArray();
        int Lead(int i)
        {
            while (leads[i] != i)
                i = leads[i] = leads[leads[i]];
            return i;
        }

        var ofRing = runs.Index().GroupBy(r => r.Item.Ring).ToDictionary(g => g.Key, g => g.ToList());
        for (var r = 0; r < runs.Count; r++)
        {
            foreach (var place in PlacesOf(widths, runs[r]))
            {
                if (place.Opposite.Ring >= 0 && ofRing.TryGetValue(place.Opposite.Ring, out var there)
                    && At(there, place.Opposite.At, widths.Rings[place.Opposite.Ring], limit / 2) is >= 0 and var other)
                    leads[Lead(r)] = Lead(other);
            }
        }

        return Enumerable.Range(0, runs.Count).GroupBy(Lead).Select(g => g.Select(i => runs[i]).ToList());
    }

    /// <summary>The run that covers a place on its outline, or comes within a slack of it; -1 for none.</summary>
    private static int At(List<(int Index, Run Item)> runs, double at, double length, double slack)
    {
        var (low, high) = (0, runs.Count);
        while (low < high)
        {
            var middle = (low + high) / 2;
            if (runs[middle].Item.From <= at)
                low = middle + 1;
            else
                high = middle;
        }

        var (best, nearest) = (-1, slack);
        foreach (var i in new[] { low - 1, low, 0, runs.Count - 1 })
        {
            if (i < 0 || i >= runs.Count)
                continue;
            foreach (var there in new[] { at, at + length, at - length })
            {
                var away = Math.Max(0, Math.Max(runs[i].Item.From - there, there - runs[i].Item.To));
                if (away <= nearest && (best < 0 || away < nearest))
                    (best, nearest) = (runs[i].Index, away);
            }
        }

        return best;
    }

    /// <summary>How many ends of the stretch's edges lead to something wider: runs, counted with their own gaps closed; 0 when nothing
    /// does.</summary>
    private static int Closed(EdgeWidths widths, List<Run> runs, double limit)
    {
        var open = 0;
        foreach (var ring in runs.GroupBy(r => r.Ring))
        {
            var sorted = ring.OrderBy(r => r.From).ToList();
            var length = widths.Rings[ring.Key];
            for (var i = 0; i < sorted.Count; i++)
            {
                var next = i + 1 < sorted.Count ? sorted[i + 1].From : sorted[0].From + length;
                if (next - sorted[i].To > OwnGap * limit)
                    open++;
            }
        }

        return open;
    }

    private static IEnumerable<EdgePlace> PlacesOf(EdgeWidths widths, Run run)
    {
        var places = widths.Places;
        if (run.First <= run.Last)
        {
            for (var i = run.First; i <= run.Last; i++)
                yield return places[i];
            yield break;
        }

        for (var i = run.First; i < places.Count && places[i].Ring == run.Ring; i++)
            yield return places[i];
        var begin = run.Last;
        while (begin > 0 && places[begin - 1].Ring == run.Ring)
            begin--;
        for (var i = begin; i <= run.Last; i++)
            yield return places[i];
    }

    private void Take(EdgeWidths widths, List<Run> runs, double limit)
    {
        var longest = runs.MaxBy(r => r.To - r.From)!;
        foreach (var run in runs)
        {
            foreach (var p in PlacesOf(widths, run))
            {
                // As far as the edge that it stands for, but no farther than the limit says anything.
                var half = Math.Min(p.Span, limit) / 2;
                _box.ExpandToInclude(p.X + p.Ny * half, p.Y - p.Nx * half);
                _box.ExpandToInclude(p.X - p.Ny * half, p.Y + p.Nx * half);
                _places++;
                _narrowMm += p.Span;
                _widest = Math.Max(_widest, Math.Min(p.Width, limit));
                var off = Math.Abs(p.At - (longest.From + longest.To) / 2);
                if (run == longest && (_middleAt < 0 || off < _middleAt))
                    (_middleAt, Within) = (off, (p.X + p.Nx * p.Width / 2, p.Y + p.Ny * p.Width / 2));
            }
        }
    }

    private bool KeepsItsWidth(EdgeWidths widths, List<Run> runs, double limit)
    {
        var (all, wide) = (0.0, 0.0);
        foreach (var p in runs.SelectMany(r => PlacesOf(widths, r)))
        {
            all += p.Span;
            wide += p.Width >= StillWide * _widest ? p.Span : 0;
        }

        var between = runs.GroupBy(r => r.Ring).Sum(g => Math.Min(widths.Rings[g.Key], g.Max(r => r.To) - g.Min(r => r.From)));
        return _places >= FewestPlaces && all > MostOfIt * between && wide >= StripKeeps * all;
    }
}
