using Juxtherm.Core.Geometry;
using NetTopologySuite.Algorithm.Locate;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Artwork;

/// <summary>Tells whether the letters in artwork read forward or backward, by laying them over letters of the fonts that ship.</summary>
public static class LettersRead
{
    private const string Alphabet = "ABCDEFGHJKLMNOPQRSTUVWXYZabcdefghkmnopqrstuvwxyz0123456789&?";
    private const int Side = 12;
    private const int Finer = 3;

    // A piece is a letter where the two agree so well (correlation), and tells the ways apart where they agree so much better the one
    // way than the other (ours, set by leaving out one font that ships at a time).
    private const double IsLetterFrom = 0.78;
    private const double TellsFrom = 0.06;

    // A letter may be so much wider or narrower than another font's.
    private const double OtherWidth = 1.7;
    private const int MostPieces = 80;
    private const double SmallestMm = 2;
    private const int MostCorners = 600;

    private static readonly Lazy<IReadOnlyList<Mark>> Shipped = new(() => [.. LetterFont.All.SelectMany(Of)]);

    private static IEnumerable<Mark> Of(LetterFont font) => Alphabet
        .Select(c => LetterShapes.Set(new Lettering(c.ToString(), font.Id, 40, 0, 0, false) { Typeface = font }).Shape)
        .Select(s => s is null ? [] : Plane.Parts(s.Ground)).Where(parts => parts.Count == 1).Select(parts => Mark.Of(parts[0]));

    /// <summary>How many pieces read only forward, and how many only backward.</summary>
    /// <param name="shape">The artwork.</param>
    /// <param name="by">Fonts whose letters are laid over them; null for those that ship.</param>
    public static (int Forward, int Backward) Votes(CutShape shape, IEnumerable<LetterFont>? by = null)
    {
        ArgumentNullException.ThrowIfNull(shape);
        var (forward, backward) = (0, 0);
        var pieces = Plane.Parts(shape.Ground).Where(p => p.NumPoints <= MostCorners
            && Math.Min(p.EnvelopeInternal.Width, p.EnvelopeInternal.Height) >= SmallestMm).Take(MostPieces).ToList();
        // One shape by itself is a shape and no word.
        if (pieces.Count < 3)
            return default;
        var letters = by?.SelectMany(Of).ToList() ?? Shipped.Value;
        foreach (var mark in pieces.Select(Mark.Of))
        {
            var (ahead, back) = (Best(mark, letters), Best(mark.Reversed(), letters));
            if (Math.Max(ahead, back) < IsLetterFrom || Math.Abs(ahead - back) < TellsFrom)
                continue;
            (forward, backward) = ahead > back ? (forward + 1, backward) : (forward, backward + 1);
        }

        return (forward, backward);
    }

    private static double Best(Mark mark, IReadOnlyList<Mark> letters) => letters.Max(mark.Alike);

    /// <summary>A piece as shades, stretched into a square and blurred, so that thick and thin letters are alike.</summary>
    /// <param name="Shades">By row, from the left; of mean 0 and length 1.</param>
    /// <param name="Aspect">Its width to its height.</param>
    private sealed record Mark(double[] Shades, double Aspect)
    {
        public static Mark Of(Polygon piece)
        {
            var (inside, box) = (new IndexedPointInAreaLocator(piece), piece.EnvelopeInternal);
            const int dots = Side * Finer;
            var covered = new double[Side * Side];
            for (var i = 0; i < dots * dots; i++)
            {
                var (x, y) = (i % dots, i / dots);
                var at = new Coordinate(box.MinX + box.Width * (x + 0.5) / dots, box.MinY + box.Height * (y + 0.5) / dots);
                if (inside.Locate(at) != Location.Exterior)
                    covered[y / Finer * Side + x / Finer]++;
            }

            return new Mark(Evened(Blurred(covered)), box.Width / box.Height);
        }

        public Mark Reversed() => this with { Shades = [.. Shades.Select((_, i) => Shades[i / Side * Side + Side - 1 - i % Side])] };

        /// <summary>How well the two agree, to 1; nothing where they are of other proportions.</summary>
        public double Alike(Mark other)
        {
            if (Math.Max(Aspect / other.Aspect, other.Aspect / Aspect) > OtherWidth)
                return 0;
            var sum = 0.0;
            for (var i = 0; i < Shades.Length; i++)
                sum += Shades[i] * other.Shades[i];
            return sum;
        }

        private static double[] Blurred(double[] shades)
        {
            double At(int x, int y) => x is >= 0 and < Side && y is >= 0 and < Side ? shades[y * Side + x] : 0;
            return [.. shades.Select((_, i) =>
            {
                var (x, y) = (i % Side, i / Side);
                double Row(int r) => At(x - 1, r) + 2 * At(x, r) + At(x + 1, r);
                return Row(y - 1) + 2 * Row(y) + Row(y + 1);
            })];
        }

        private static double[] Evened(double[] shades)
        {
            var mean = shades.Average();
            var length = Math.Sqrt(shades.Sum(s => (s - mean) * (s - mean)));
            return length == 0 ? new double[shades.Length] : [.. shades.Select(s => (s - mean) / length)];
        }
    }
}
