namespace Juxtherm.Core.Sections;

/// <summary>How each square of vinyl can be reached at all: well inside the plate, near its edge, or only over something thick.</summary>
internal sealed class PlateReach
{
    private readonly Dictionary<Cell, double?> _inside = [];
    private readonly HashSet<Cell> _overThick = [];

    public PlateReach(SectionQuestion question, double insideMm, IReadOnlyList<Turned> straight, Lazy<IReadOnlyList<Turned>> all)
    {
        if (question.KeepOuts.Count == 0)
        {
            foreach (var cell in question.Vinyl)
                _inside[cell] = insideMm;
            return;
        }

        // Sums over the grid tell at once whether any of a range of places is clear.
        var plain = straight.Select(f => new Sums(f)).ToList();
        var slanted = new Lazy<List<Sums>>(() => [.. all.Value.Select(f => new Sums(f))]);
        var (edge, rim) = (insideMm, question.Plate.RimMm);
        foreach (var cell in question.Vinyl)
        {
            bool Reached(List<Sums> sums, double inside, Turned.Standing most) => sums.Exists(s => s.Any(cell, inside, most));
            // A straight plate with the vinyl near its edge is laid sooner than a slanted one.
            double? clear = Reached(plain, edge, Turned.Standing.Clear)
                ? edge : Reached(plain, rim, Turned.Standing.Clear)
                ? rim : Reached(slanted.Value, edge, Turned.Standing.Clear)
                ? edge : Reached(slanted.Value, rim, Turned.Standing.Clear) ? rim : null;
            _inside[cell] = clear
                ?? (Reached(plain, edge, Turned.Standing.Yields) ? edge : Reached(slanted.Value, rim, Turned.Standing.Yields) ? rim : null);
            if (clear is null && _inside[cell] is not null)
                _overThick.Add(cell);
        }
    }

    /// <summary>How far inside the plate's edge a square has to lie; null when nothing reaches it.</summary>
    public double? InsideMm(Cell cell) => _inside[cell];

    /// <summary>Squares that are reached only with something thick under the plate.</summary>
    public IReadOnlySet<Cell> OverThick => _overThick;

    /// <summary>Sums of clear and of bearable places.</summary>
    private sealed class Sums
    {
        private readonly Turned _frame;
        private readonly int _u0;
        private readonly int _v0;
        private readonly int[,] _clear;
        private readonly int[,] _bearable;

        public Sums(Turned frame)
        {
            _frame = frame;
            var places = frame.Places.ToList();
            (_u0, _v0) = (places[0].U, places[0].V);
            var (u, v) = (places[^1].U - _u0 + 1, places[^1].V - _v0 + 1);
            (_clear, _bearable) = (new int[u + 1, v + 1], new int[u + 1, v + 1]);
            for (var i = 0; i < u; i++)
            {
                for (var j = 0; j < v; j++)
                {
                    var standing = frame.StandingAt(_u0 + i, _v0 + j);
                    _clear[i + 1, j + 1] = (standing == Turned.Standing.Clear ? 1 : 0) + _clear[i, j + 1] + _clear[i + 1, j] - _clear[i, j];
                    _bearable[i + 1, j + 1] = (standing != Turned.Standing.Never ? 1 : 0) + _bearable[i, j + 1] + _bearable[i + 1, j]
                        - _bearable[i, j];
                }
            }
        }

        public bool Any(Cell cell, double insideMm, Turned.Standing most)
        {
            var (u1, u2, v1, v2) = _frame.PlacesOver(cell, insideMm);
            var sum = most == Turned.Standing.Clear ? _clear : _bearable;
            var (a, b) = (Math.Max(0, u1 - _u0), Math.Min(sum.GetLength(0) - 1, u2 - _u0 + 1));
            var (c, d) = (Math.Max(0, v1 - _v0), Math.Min(sum.GetLength(1) - 1, v2 - _v0 + 1));
            return b > a && d > c && sum[b, d] - sum[a, d] - sum[b, c] + sum[a, c] > 0;
        }
    }
}
