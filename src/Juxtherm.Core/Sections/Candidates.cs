namespace Juxtherm.Core.Sections;

/// <summary>Placements worth trying over some squares: tight to the left and to the top, or held off by something thick.</summary>
internal sealed class Candidates
{
    private readonly List<(Turned Frame, int U, int V)> _places = [];

    public Candidates(PlateReach reach, IReadOnlyList<Turned> frames, IReadOnlyList<Cell> universe)
    {
        var sets = new List<ulong[]>();
        var seen = new Dictionary<SetKey, int>();
        foreach (var frame in frames)
            Add(frame, reach, universe, sets, seen);
        Search = new CoverSearch(sets, universe.Count);
    }

    public CoverSearch Search { get; }

    public Section SectionOf(int set) => _places[set].Frame.At(_places[set].U, _places[set].V);

    private void Add(Turned frame, PlateReach reach, IReadOnlyList<Cell> universe, List<ulong[]> sets, Dictionary<SetKey, int> seen)
    {
        var over = universe.Select(c => frame.PlacesOver(c, reach.InsideMm(c)!.Value)).ToArray();
        // A narrow plate on the slant may hold no whole square at all.
        var held = over.Where(o => o.U1 <= o.U2 && o.V1 <= o.V2).ToList();
        if (held.Count == 0)
            return;
        var thick = reach.OverThick.Select(c => frame.PlacesOver(c, reach.InsideMm(c)!.Value)).ToArray();
        var (u1, u2, v1, v2) = (held.Min(o => o.U1), held.Max(o => o.U2), held.Min(o => o.V1), held.Max(o => o.V2));
        var words = (universe.Count + 63) / 64;
        // What a placement holds is what its left edge lets in and its upper edge lets in.
        var columns = Sets(over.Select(o => (o.U1, o.U2)), u1, u2, words);
        var rows = Sets(over.Select(o => (o.V1, o.V2)), v1, v2, words);
        // Tight: one step further to the right, or down, one of its squares would be lost.
        var lostRight = Sets(over.Select(o => (o.U2, o.U2)), u1, u2, words);
        var lostDown = Sets(over.Select(o => (o.V2, o.V2)), v1, v2, words);
        var set = new ulong[words];
        for (var u = u1; u <= u2; u++)
        {
            for (var v = v1; v <= v2; v++)
            {
                var standing = frame.StandingAt(u, v);
                if (standing == Turned.Standing.Never)
                    continue;
                // Something thick comes under the plate only for vinyl that nothing else reaches.
                if (standing == Turned.Standing.Yields && !Array.Exists(thick, o => o.U1 <= u && u <= o.U2 && o.V1 <= v && v <= o.V2))
                    continue;
                var (any, right, down) = (0UL, 0UL, 0UL);
                for (var w = 0; w < words; w++)
                {
                    any |= set[w] = columns[u - u1][w] & rows[v - v1][w];
                    right |= set[w] & lostRight[u - u1][w];
                    down |= set[w] & lostDown[v - v1][w];
                }

                if (any == 0 || (right == 0 && frame.StandingAt(u + 1, v) <= standing)
                    || (down == 0 && frame.StandingAt(u, v + 1) <= standing))
                    continue;
                // The same squares with something thick under the plate are no gain.
                if (seen.TryGetValue(new SetKey(set), out var known))
                {
                    if (_places[known].Frame.StandingAt(_places[known].U, _places[known].V) > standing)
                        _places[known] = (frame, u, v);
                    continue;
                }

                var own = (ulong[])set.Clone();
                seen[new SetKey(own)] = sets.Count;
                sets.Add(own);
                _places.Add((frame, u, v));
            }
        }
    }

    private static ulong[][] Sets(IEnumerable<(int From, int To)> spans, int first, int last, int words)
    {
        var sets = Enumerable.Range(first, last - first + 1).Select(_ => new ulong[words]).ToArray();
        foreach (var (i, span) in spans.Index())
        {
            for (var at = Math.Max(first, span.From); at <= Math.Min(last, span.To); at++)
                sets[at - first][i >> 6] |= 1UL << (i & 63);
        }

        return sets;
    }

    private readonly struct SetKey(ulong[] bits) : IEquatable<SetKey>
    {
        private readonly ulong[] _bits = bits;

        public bool Equals(SetKey other) => _bits.AsSpan().SequenceEqual(other._bits);

        public override bool Equals(object? obj) => obj is SetKey other && Equals(other);

        public override int GetHashCode()
        {
            var hash = default(HashCode);
            foreach (var word in _bits)
                hash.Add(word);
            return hash.ToHashCode();
        }
    }
}
