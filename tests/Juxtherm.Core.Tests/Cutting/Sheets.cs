using Juxtherm.Core.Cutting.Nesting;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Tests.Cutting;

/// <summary>A geometry of the tests' own, to look at what came out.</summary>
internal static class Sheets
{
    private static readonly GeometryFactory Factory = new();

    /// <summary>A path of straight closed lines, filled by the even-odd rule, as ground.</summary>
    public static NetTopologySuite.Geometries.Geometry Ground(string path)
    {
        NetTopologySuite.Geometries.Geometry all = Factory.CreatePolygon();
        foreach (var part in path.Split('M', StringSplitOptions.RemoveEmptyEntries))
        {
            var n = part.TrimEnd('Z').Split([' ', 'L'], StringSplitOptions.RemoveEmptyEntries)
                .Select(t => double.Parse(t, System.Globalization.CultureInfo.InvariantCulture)).ToArray();
            var corners = Enumerable.Range(0, n.Length / 2).Select(i => new Coordinate(n[2 * i], n[2 * i + 1])).ToList();
            all = all.SymmetricDifference(Factory.CreatePolygon([.. corners, corners[0].Copy()]));
        }

        return all;
    }

    /// <summary>Everything that must be true of any layout.</summary>
    public static void Check(IReadOnlyList<NestPart> pieces, IReadOnlyList<NestSheet> sheets, NestRules rules, NestLayout layout)
    {
        const double Hair = 0.002;
        Assert.Equal(Enumerable.Range(0, pieces.Count), layout.Places.Select(p => p.Piece).Concat(layout.LeftOver).Order());
        foreach (var sheet in layout.Places.GroupBy(p => p.Sheet))
        {
            var s = sheets[sheet.Key];
            var bare = Factory.ToGeometry(new Envelope(0, s.WidthMm, 0, s.LengthMm))
                .Difference(Factory.ToGeometry(new Envelope(0, s.CornerWidthMm, 0, s.CornerLengthMm)));
            var laid = sheet.Select(p => Ground(pieces[p.Piece].PathAt(p))).ToList();
            for (var i = 0; i < laid.Count; i++)
            {
                Assert.True(bare.Covers(laid[i])
                    && bare.Boundary.Distance(laid[i]) >= rules.EdgeMm - Hair,
                    $"a piece lies {bare.Boundary.Distance(laid[i])} mm from the edge of its sheet, or beyond it");
                Assert.True(laid[i].EnvelopeInternal.MaxY + rules.EdgeMm <= layout.SheetLengthsMm[sheet.Key] + Hair,
                    "a piece lies beyond the length that is said to be used");
                Assert.InRange(laid[i].Area, pieces[sheet.ElementAt(i).Piece].AreaMm2 * 0.999,
                    pieces[sheet.ElementAt(i).Piece].AreaMm2 * 1.001);
                for (var j = 0; j < i; j++)
                    Assert.True(laid[i].Distance(laid[j]) >= rules.MarginMm - Hair,
                        $"two pieces lie {laid[i].Distance(laid[j])} mm apart; {rules.MarginMm} are asked");
            }
        }
    }
}
