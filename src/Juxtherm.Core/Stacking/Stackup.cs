namespace Juxtherm.Core.Stacking;

/// <summary>
/// What lies on what: as the job says, and where places are known also as they overlap; of two drawn shapes the later lies on
/// the earlier, of boxes the smaller on the larger, and of two alike the later on the earlier.
/// </summary>
public sealed class Stackup
{
    private readonly Dictionary<string, StackedLayer> _pieces;
    private readonly Dictionary<string, HashSet<string>> _on;

    /// <summary>Works it out.</summary>
    /// <param name="pieces">The layers, in the job's order; what they are said to lie on must not run in a circle.</param>
    public Stackup(IReadOnlyList<StackedLayer> pieces)
    {
        ArgumentNullException.ThrowIfNull(pieces);
        Pieces = pieces;
        _pieces = pieces.ToDictionary(p => p.Id, StringComparer.Ordinal);
        _on = pieces.ToDictionary(p => p.Id, p => p.Over.ToHashSet(StringComparer.Ordinal), StringComparer.Ordinal);
        for (var i = 0; i < pieces.Count; i++)
        {
            for (var j = i + 1; j < pieces.Count; j++)
            {
                var (a, b) = (pieces[i], pieces[j]);
                if (Reaches(a.Id, b.Id) || Reaches(b.Id, a.Id) || !a.Overlaps(b))
                    continue;
                // Drawn artwork lies as it was drawn: what is painted later lies on top.
                var drawn = a.Shape is not null && b.Shape is not null;
                var (upper, lower) = !drawn && (a.AreaMm2 ?? 0) < (b.AreaMm2 ?? 0) ? (a, b) : (b, a);
                _on[upper.Id].Add(lower.Id);
            }
        }
    }

    /// <summary>The layers, in the job's order.</summary>
    public IReadOnlyList<StackedLayer> Pieces { get; }

    /// <summary>Whether a layer lies on another, directly or through others.</summary>
    /// <param name="upper">Id of the one.</param>
    /// <param name="lower">Id of the other.</param>
    public bool Reaches(string upper, string lower) => _on[upper].Contains(lower) || _on[upper].Any(between => Reaches(between, lower));

    /// <summary>Ids that a layer lies on directly.</summary>
    /// <param name="id">The layer.</param>
    public IEnumerable<string> DirectlyUnder(string id) => _on[id];

    /// <summary>Ids of all layers under one.</summary>
    /// <param name="id">The layer.</param>
    public IEnumerable<string> Under(string id) => Pieces.Select(p => p.Id).Where(lower => lower != id && Reaches(id, lower));

    /// <summary>Whether a layer lies on another or has another on it.</summary>
    /// <param name="id">The layer.</param>
    public bool InStack(string id) => _on[id].Count > 0 || _on.Values.Any(on => on.Contains(id));

    /// <summary>Whether two layers' carriers would meet if both lay there at once; true when that is not known.</summary>
    /// <param name="a">Id of the one.</param>
    /// <param name="b">Id of the other.</param>
    public bool CarriersMeet(string a, string b) => Carriers.Meet(_pieces[a], _pieces[b]);

    /// <summary>A layer by its id.</summary>
    /// <param name="id">Its id.</param>
    public StackedLayer this[string id] => _pieces[id];

    /// <summary>Whether two layers may be laid and pressed together: on one face, apart, carriers clear of each other, peeled alike, and
    /// foam with foam only.</summary>
    /// <param name="a">Id of the one.</param>
    /// <param name="b">Id of the other.</param>
    /// <param name="carriersMeet">Whether carriers that meet keep them apart.</param>
    public bool GoTogether(string a, string b, bool carriersMeet = true)
    {
        var (one, two) = (_pieces[a], _pieces[b]);
        return one.Side == two.Side && one.Peel == two.Peel && one.Vinyl.Press.HeatsOnce.Value == two.Vinyl.Press.HeatsOnce.Value
            && !Reaches(a, b)
            && !Reaches(b, a) && !(carriersMeet && CarriersMeet(a, b));
    }

    /// <summary>The circle in what layers are said to lie on, as ids; empty when there is none.</summary>
    /// <param name="over">What each is said to lie on.</param>
    public static IReadOnlyList<string> Circle(IReadOnlyDictionary<string, IReadOnlyList<string>> over)
    {
        ArgumentNullException.ThrowIfNull(over);
        var done = new HashSet<string>(StringComparer.Ordinal);
        var path = new List<string>();
        bool Visit(string id)
        {
            if (path.Contains(id, StringComparer.Ordinal))
            {
                path.RemoveRange(0, path.IndexOf(id));
                return true;
            }

            if (done.Contains(id) || !over.TryGetValue(id, out var lower))
                return false;
            path.Add(id);
            if (lower.Any(Visit))
                return true;
            path.Remove(id);
            done.Add(id);
            return false;
        }

        return over.Keys.Any(Visit) ? path : [];
    }
}
