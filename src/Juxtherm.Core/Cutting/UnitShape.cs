using System.Globalization;
using System.Text;
using Juxtherm.Core.Geometry;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Cutting;

/// <summary>The shape of a unit, seen from the right side; units of one shape share it.</summary>
/// <param name="Path">Its vinyl, path data in mm of straight closed lines, centres before what is around them; filled by the even-odd
/// rule.</param>
/// <param name="Marks">Squares to lay it by, closed lines; empty for none.</param>
/// <param name="Number">The number in the waste beside it, open lines; empty for none.</param>
/// <param name="AreaMm2">Vinyl that stays, mm².</param>
/// <param name="PerimeterMm">Length of all cuts, mm.</param>
/// <param name="Pieces">Pieces that stay.</param>
/// <param name="Centres">Where there are centres to pick out.</param>
/// <param name="Delicate">Places that want care while weeding.</param>
public sealed record UnitShape(string Path, string Marks, string Number, double AreaMm2, double PerimeterMm, int Pieces,
    IReadOnlyList<Spot> Centres, IReadOnlyList<DelicatePlace> Delicate)
{
    /// <summary>Every line of the blade, in order.</summary>
    public IEnumerable<IReadOnlyList<Spot>> Lines() => Parse(Path).Concat(Parse(Marks)).Concat(Parse(Number));

    internal static UnitShape Of(CutUnit unit)
    {
        var pieces = Plane.Parts(unit.Vinyl);
        var centres = pieces.SelectMany(p => p.InteriorRings)
            .Select(r => Plane.Factory.CreatePolygon((LinearRing)r).InteriorPoint.Coordinate)
            .Select(c => new Spot(Math.Round(c.X, 2), Math.Round(c.Y, 2)));
        return new UnitShape(
            Write(pieces.SelectMany(p => p.InteriorRings.Append(p.ExteriorRing)).Select(Spots), closed: true),
            Write(unit.Marks.SelectMany(Plane.Parts).Select(p => Spots(p.ExteriorRing)), closed: true),
            Write(unit.Strokes, closed: false),
            Math.Round(unit.Vinyl.Area, 3), Math.Round(unit.Vinyl.Length, 2), pieces.Count, [.. centres], unit.Delicate);
    }

    private static IReadOnlyList<Spot> Spots(LineString line) => [.. line.Coordinates.Select(c => new Spot(c.X, c.Y))];

    private static string Write(IEnumerable<IReadOnlyList<Spot>> lines, bool closed)
    {
        var text = new StringBuilder();
        foreach (var line in lines)
        {
            var corners = closed ? line.SkipLast(1) : line;
            text.Append('M')
                .AppendJoin(' ',
                    corners.Select(p =>
                        string.Create(CultureInfo.InvariantCulture, $"{Math.Round(p.X, 3):0.###} {Math.Round(p.Y, 3):0.###}")));
            if (closed)
                text.Append('Z');
        }

        return text.ToString();
    }

    /// <summary>Reads what <see cref="Write"/> wrote; a closed line ends where it began.</summary>
    private static IEnumerable<IReadOnlyList<Spot>> Parse(string path)
    {
        foreach (var part in path.Split('M', StringSplitOptions.RemoveEmptyEntries))
        {
            var closed = part.EndsWith('Z');
            var numbers = part.TrimEnd('Z').Split(' ').Select(n => double.Parse(n, CultureInfo.InvariantCulture)).ToArray();
            var corners = Enumerable.Range(0, numbers.Length / 2).Select(i => new Spot(numbers[2 * i], numbers[2 * i + 1])).ToList();
            if (closed)
                corners.Add(corners[0]);
            yield return corners;
        }
    }
}
