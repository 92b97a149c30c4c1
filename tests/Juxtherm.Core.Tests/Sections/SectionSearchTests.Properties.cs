using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Sections;

namespace Juxtherm.Core.Tests.Sections;

public partial class SectionSearchTests
{
    /// <summary>Small designs on small plates, with and without something thick: as few placements as trying all of them finds.</summary>
    [Property(MaxTest = 36)]
    public Property No_fewer_placements_would_do() => Prop.ForAll(Small().ToArbitrary(), q =>
    {
        var plan = SectionSearch.Cover(q);
        if (plan.NotCovered.Count > 0 || plan.AtEdge.Count > 0 || plan.Under.Any())
            return;
        Assert.True(plan.Proven);
        // Where a plate only touches something thick is a matter of tenths of a millimetre: once counted strictly, once not.
        var most = LeastByTryingAll(q, touchingMm: 0);
        // Brought to the middle a placement leaves the grid; beside something thick that may save one that the grid asks for.
        Assert.InRange(plan.Sections.Count, q.KeepOuts.Count == 0 ? LeastByTryingAll(q, touchingMm: 0.6) : 1, most);
    });

    /// <summary>Random designs and plates: each square is under some placement or said not to be; thick things are off it or said to be
    /// under it.</summary>
    [Property(MaxTest = 36)]
    [Trait("Run", "thorough")]
    public Property Everything_is_covered_or_said_not_to_be() => Prop.ForAll(Large().ToArbitrary(), q =>
    {
        var plan = SectionSearch.Cover(q);
        foreach (var cell in q.Vinyl)
        {
            var box = VinylCells.BoxOf(cell);
            if (plan.NotCovered.Any(b => b.Contains(box)))
                continue;
            // Nearer to an edge than it should be is said, but where two placements meet: there it gets heat from both.
            var both = plan.Sections.Count(s => s.Covers(new Spot(box.XMm + 2.5, box.YMm + 2.5), -q.Plate.EdgeMm - 5)) > 1;
            var inside = both || plan.AtEdge.Any(b => b.Overlaps(box)) ? q.Plate.RimMm : q.Plate.EdgeMm;
            Assert.True(plan.Sections.Any(s => s.Covers(cell, inside)), $"{box} is left out");
        }

        foreach (var section in plan.Sections)
        {
            foreach (var keepOut in q.KeepOuts.Where(k => !section.Under.Contains(k)))
                Assert.False(AnyPointOf(keepOut).Any(p => section.Covers(p, 0.5)), $"{keepOut.Name} lies under {section}");
            Assert.All(section.Under, k => Assert.True(k.Yields));
        }

        Assert.Equal(plan.MostHeats > 1,
            q.Vinyl.Any(c => plan.Sections.Count(s => s.Covers(new Spot((c.Column + 0.5) * 5, (c.Row + 0.5) * 5), 0)) > 1));
    });

    /// <summary>The squares hold the vinyl they were made from.</summary>
    [Property(MaxTest = 50)]
    public Property Squares_hold_every_point_of_the_vinyl()
    {
        var triangles = from x in Gen.Choose(0, 200).Three()
                        from y in Gen.Choose(0, 200).Three()
                        select (A: new Spot(x.Item1, y.Item1), B: new Spot(x.Item2, y.Item2), C: new Spot(x.Item3, y.Item3));
        return Prop.ForAll(triangles.Where(t => Math.Abs((t.B.X - t.A.X) * (t.C.Y - t.A.Y) - (t.C.X - t.A.X) * (t.B.Y - t.A.Y)) > 50)
            .ToArbitrary(), t =>
        {
            var shape = Core.Artwork.CutShape.Read($"M{t.A.X} {t.A.Y}L{t.B.X} {t.B.Y} {t.C.X} {t.C.Y}Z")!;
            var cells = VinylCells.Of(shape, shape.Bounds);
            var random = new System.Random(1);
            for (var i = 0; i < 200; i++)
            {
                var (u, v) = (random.NextDouble(), random.NextDouble());
                if (u + v > 1)
                    (u, v) = (1 - u, 1 - v);
                var (x, y) = (t.A.X + u * (t.B.X - t.A.X) + v * (t.C.X - t.A.X), t.A.Y + u * (t.B.Y - t.A.Y) + v * (t.C.Y - t.A.Y));
                // What only touches a square's edge by a hair is not in it.
                Assert.Contains(cells, c => VinylCells.BoxOf(c).Grown(0.1).Contains(new Box(x, y, 1e-9, 1e-9)));
            }
        });
    }

    private static IEnumerable<Spot> AnyPointOf(KeepOut k)
    {
        var box = Shapes.Around(k.Hull);
        for (var i = 0; i <= 8; i++)
        {
            for (var j = 0; j <= 8; j++)
                yield return new Spot(box.XMm + box.WidthMm * i / 8, box.YMm + box.HeightMm * j / 8);
        }
    }

    private static Gen<SectionQuestion> Small() =>
        from count in Gen.Choose(1, 5)
        from seed in Gen.Choose(0, int.MaxValue - 1)
        select Made(count, seed, 90, 110, [60, 70], withThick: 3);

    private static Gen<SectionQuestion> Large() =>
        from count in Gen.Choose(1, 8)
        from seed in Gen.Choose(0, int.MaxValue - 1)
        select Made(count, seed, 400, 500, [150, 229, 380], withThick: 1);

    private static SectionQuestion Made(int count, int seed, int width, int height, int[] plates, int withThick)
    {
        var random = new System.Random(seed);
        var vinyl = Enumerable.Range(0, count)
            .SelectMany(_ =>
                VinylCells.Of(new Box(random.Next(width), random.Next(height), random.Next(1, width / 8), random.Next(1, height / 8))))
                .ToHashSet();
        var kinds = new[] { FeatureKind.Collar, FeatureKind.Seam, FeatureKind.Zip, FeatureKind.Button, FeatureKind.Metal };
        KeepOut[] keepOuts = random.Next(withThick + 1) == 0
            ? [Thick(kinds[random.Next(kinds.Length)],
                new Box(random.Next(width), random.Next(height), random.Next(4, width / 4), random.Next(4, height / 4)))] : [];
        return new SectionQuestion(new PlateSize(plates[random.Next(plates.Length)], plates[random.Next(plates.Length)]), vinyl, keepOuts);
    }

    /// <summary>Every placement on the grid in every turn, and the fewest of them by widening the search one at a time. None of the
    /// search's own means.</summary>
    private static int LeastByTryingAll(SectionQuestion q, double touchingMm)
    {
        var cells = q.Vinyl.ToList();
        var (full, edge) = (UInt128.Zero, q.Plate.RimMm);
        Assert.True(cells.Count <= 128, "too many squares to try all");
        foreach (var i in Enumerable.Range(0, cells.Count))
            full |= UInt128.One << i;
        var sets = new HashSet<UInt128>();
        // A square plate turned by a quarter is the same plate.
        foreach (var quarter in q.Plate.IsOblong ? new[] { false, true } : [false])
        {
            var (w, h) = quarter ? (q.Plate.HeightMm, q.Plate.WidthMm) : (q.Plate.WidthMm, q.Plate.HeightMm);
            for (var slant = 0; slant < (q.Plate.IsOblong ? 180 : 90); slant += 15)
            {
                if (slant == 90)
                    continue;
                var (cos, sin) = (Math.Cos(slant * Math.PI / 180), Math.Sin(slant * Math.PI / 180));
                List<(double U, double V)[]> corners = cells.ConvertAll(c =>
                {
                    var b = VinylCells.BoxOf(c);
                    return new[] { (b.XMm, b.YMm), (b.XMm + 5, b.YMm), (b.XMm, b.YMm + 5),
                        (b.XMm + 5, b.YMm + 5) }.Select(p => (p.Item1 * cos + p.Item2 * sin, p.Item2 * cos - p.Item1 * sin)).ToArray();
                });
                var (minU, maxU) = ((int)Math.Floor(corners.Min(c => c.Min(p => p.U)) / 5) - (int)(w / 5) - 1,
                    (int)Math.Ceiling(corners.Max(c => c.Max(p => p.U)) / 5));
                var (minV, maxV) = ((int)Math.Floor(corners.Min(c => c.Min(p => p.V)) / 5) - (int)(h / 5) - 1,
                    (int)Math.Ceiling(corners.Max(c => c.Max(p => p.V)) / 5));
                for (var u = minU; u <= maxU; u++)
                {
                    for (var v = minV; v <= maxV; v++)
                    {
                        var set = UInt128.Zero;
                        for (var i = 0; i < cells.Count; i++)
                        {
                            if (corners[i]
                                .All(p => p.U >= u * 5 - 1e-6 && p.U <= u * 5 + w - 2 * edge + 1e-6 && p.V >= v * 5 - 1e-6
                                    && p.V <= v * 5 + h - 2 * edge + 1e-6))
                                set |= UInt128.One << i;
                        }

                        if (set == UInt128.Zero || sets.Contains(set))
                            continue;
                        var (cu, cv) = (u * 5 - edge + w / 2, v * 5 - edge + h / 2);
                        var section = new Section(cu * cos - cv * sin, cu * sin + cv * cos, w, h, slant, quarter, []);
                        if (q.KeepOuts.All(k =>
                            PolygonOf(CornersOf(section with { WidthMm = w - 2 * touchingMm, HeightMm = h - 2 * touchingMm }))
                            .Intersection(PolygonOf(k.Hull)).Area < 1e-6))
                            sets.Add(set);
                    }
                }
            }
        }

        // Only what holds most is worth carrying on.
        static List<UInt128> Most(IReadOnlyCollection<UInt128> all) =>
            [.. all.Where(r => !all.Any(other => other != r && (other & r) == r))];
        var most = Most(sets);
        List<UInt128> reached = [UInt128.Zero];
        // Each placement holds at least one more square; what so many do not hold, none do.
        for (var count = 1; count <= cells.Count; count++)
        {
            reached = Most([.. reached.SelectMany(r => most.Select(s => r | s)).Distinct()]);
            if (reached.Contains(full))
                return count;
        }

        return int.MaxValue;
    }

    private static Spot[] CornersOf(Section s)
    {
        var angle = s.SlantDegrees * Math.PI / 180;
        Spot Corner(double u, double v) =>
            new(s.CentreX + u * Math.Cos(angle) - v * Math.Sin(angle), s.CentreY + u * Math.Sin(angle) + v * Math.Cos(angle));
        var (w, h) = (s.WidthMm / 2, s.HeightMm / 2);
        return [Corner(-w, -h), Corner(w, -h), Corner(w, h), Corner(-w, h)];
    }

    private static NetTopologySuite.Geometries.Polygon PolygonOf(IReadOnlyList<Spot> ring) =>
        new(new([.. ring.Append(ring[0]).Select(p => new NetTopologySuite.Geometries.Coordinate(p.X, p.Y))]));
}
