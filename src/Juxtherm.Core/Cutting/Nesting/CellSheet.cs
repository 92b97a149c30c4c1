using System.Numerics;

namespace Juxtherm.Core.Cutting.Nesting;

/// <summary>The cells of a sheet: which are taken, and where a shape has room.</summary>
internal sealed class CellSheet
{
    private const int Bits = 64;
    private readonly int _words;
    private readonly ulong[] _taken;

    public CellSheet(int width, int height)
    {
        (Width, Height, _words) = (width, height, (width + Bits - 1) / Bits);
        _taken = new ulong[_words * height];
    }

    public int Width { get; }

    public int Height { get; }

    /// <summary>Words of memory that it takes.</summary>
    public int Words => _taken.Length;

    public void Take(CellShape shape, int x, int y)
    {
        foreach (var run in shape.Runs)
            Take(y + run.Row, x + run.From, x + run.To);
    }

    public void Take(int row, int from, int to)
    {
        for (var cell = from; cell < to;)
        {
            var (word, bit) = (cell / Bits, cell % Bits);
            var count = Math.Min(Bits - bit, to - cell);
            _taken[row * _words + word] |= (count == Bits ? ulong.MaxValue : (1UL << count) - 1) << bit;
            cell += count;
        }
    }

    /// <summary>The first place with room, row by row and in each from the left.</summary>
    /// <param name="shape">What is to be placed.</param>
    /// <param name="from">No place before this one has room.</param>
    /// <param name="lastRow">No place below this row is wanted.</param>
    /// <param name="effort">Counts looks at a row.</param>
    public (int X, int Y)? Room(CellShape shape, (int X, int Y) from, int lastRow, ref long effort)
    {
        var (mostX, mostY) = (Width - shape.Width, Math.Min(Height - shape.Height, lastRow));
        var runs = shape.Runs;
        for (var y = from.Y; mostX >= 0 && y <= mostY; y++)
        {
            var x = y == from.Y ? from.X : 0;
            for (var i = 0; x <= mostX && i < runs.Length; i++)
            {
                effort++;
                var run = runs[i];
                var free = FreeAfter((y + run.Row) * _words, x + run.From, x + run.To);
                if (free < 0)
                    continue;
                // Whatever lies in the way of this run must be passed by all of it.
                x = free - run.From;
                i = -1;
            }

            if (x <= mostX)
                return (x, y);
        }

        return null;
    }

    /// <summary>The first free cell behind the last taken one between two cells; -1 when all between them are free.</summary>
    private int FreeAfter(int row, int from, int to)
    {
        for (var word = (to - 1) / Bits; word >= from / Bits; word--)
        {
            var taken = _taken[row + word];
            if (word == (to - 1) / Bits && to % Bits != 0)
                taken &= (1UL << (to % Bits)) - 1;
            if (word == from / Bits)
                taken &= ulong.MaxValue << (from % Bits);
            if (taken == 0)
                continue;
            var last = word * Bits + (Bits - 1 - BitOperations.LeadingZeroCount(taken));
            return EndOfTaken(row, last + 1);
        }

        return -1;
    }

    private int EndOfTaken(int row, int cell)
    {
        for (var word = cell / Bits; word < _words; word++)
        {
            var free = ~_taken[row + word];
            if (word == cell / Bits)
                free &= ulong.MaxValue << (cell % Bits);
            if (free != 0)
                return word * Bits + BitOperations.TrailingZeroCount(free);
        }

        return Width + 1;
    }
}
