using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Geometry;

/// <summary>Pieces of the same form, wherever they lie: letters that come again, dots of a pattern. What is measured of one is true of
/// all.</summary>
internal static class AlikePieces
{
    // Corners that lie nearer than this to each other are the same, mm: far below what a cutter cuts.
    private const double GridMm = 1e-4;

    /// <summary>Pieces by form, in the order in which each form comes first.</summary>
    public static IEnumerable<IReadOnlyList<Polygon>> Of(IEnumerable<Polygon> pieces) =>
        pieces.GroupBy(Form.Of).Select(g => (IReadOnlyList<Polygon>)[.. g]);

    /// <summary>How far a piece lies from another of its form, mm.</summary>
    public static (double X, double Y) Apart(Polygon from, Polygon to) =>
        (to.EnvelopeInternal.MinX - from.EnvelopeInternal.MinX, to.EnvelopeInternal.MinY - from.EnvelopeInternal.MinY);

    /// <summary>All corners of a piece from its own upper left corner, ring by ring.</summary>
    private sealed class Form(long[] corners) : IEquatable<Form>
    {
        private readonly long[] _corners = corners;
        private readonly int _hash = Hash(corners);

        public static Form Of(Polygon piece)
        {
            var box = piece.EnvelopeInternal;
            var corners = new long[2 * piece.NumPoints + piece.NumInteriorRings];
            var at = 0;
            void Add(LineString ring)
            {
                foreach (var c in ring.Coordinates)
                {
                    corners[at++] = (long)Math.Round((c.X - box.MinX) / GridMm);
                    corners[at++] = (long)Math.Round((c.Y - box.MinY) / GridMm);
                }
            }

            Add(piece.ExteriorRing);
            foreach (var hole in piece.InteriorRings)
            {
                corners[at++] = long.MinValue;
                Add(hole);
            }

            return new Form(corners);
        }

        public bool Equals(Form? other) => other is not null && _hash == other._hash && _corners.AsSpan().SequenceEqual(other._corners);

        public override bool Equals(object? obj) => Equals(obj as Form);

        public override int GetHashCode() => _hash;

        private static int Hash(long[] corners)
        {
            var hash = new HashCode();
            foreach (var c in corners)
                hash.Add(c);
            return hash.ToHashCode();
        }
    }
}
