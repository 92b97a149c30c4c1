using System.Globalization;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Sections;

namespace Juxtherm.Benchmarks;

/// <summary>How often the plate comes down and how much vinyl it heats twice, beside plates laid in a plain grid and the least that the
/// area allows.</summary>
internal static class PlateReport
{
    private const int Prints = 200;
    private const int SetWords = 100;
    private const double RimMm = 5;
    private static readonly (double W, double H)[] Plates = [(380, 380), (229, 229), (406, 508), (300, 230), (150, 90), (100, 60)];
    private static readonly string[] Syllables = ["Ta", "Wren", "Os", "mo", "lin", "Her", "da", "Tarn", "Fen", "el", "ka", "row", "Mar",
        "is", "ty", "Ald", "er"];

    public static IEnumerable<string> Lines()
    {
        yield return $"Goes of the plate on {Prints} random prints and plates (seed 18): found, a plain grid of plates, and the least " +
            $"by area";
        var random = new Random(18);
        var cases = Enumerable.Range(0, Prints).Select(_ => Print(random)).Select(p => Of(p.Vinyl, p.Plate)).ToList();
        var parted = cases.FindAll(c => c.Grid > 1 || c.Goes > 1);
        string Line(string name, List<Case> of) => string.Create(CultureInfo.InvariantCulture,
            $"{name,-26} {of.Count,5} {of.Average(c => c.Goes),8:0.00} {of.Average(c => c.Grid),8:0.00} " +
            $"{of.Average(c => c.Bound),8:0.00} " +
            $"{of.Count(c => c.Goes == c.Bound),8} {of.Count(c => c.Goes < c.Grid),8} {of.Count(c => c.Goes > c.Grid),8} " +
            $"{Middle(of, c => c.Twice),10:0.0} {Share(of, c => c.Twice, 0.9),8:0.0} " +
            $"{Middle(of, c => c.GridTwice),10:0.0} {Share(of, c => c.GridTwice, 0.9),8:0.0}");
        yield return "                           prints    found     grid    bound  = bound   < grid   > grid   twice, %      9/10   " +
            "grid, %      9/10";
        yield return Line("all", cases);
        yield return Line("more than one go", parted);
        yield return Line("two goes", cases.FindAll(c => c.Goes == 2));
        yield return "twice: share of the vinyl under two plates or more, the median and what nine in ten stay below";
        yield return "";
        yield return $"Joints of {SetWords} set words over plates that they do not fit under (seed 100)";
        var (joints, free, words, goes, could, did) = (0, 0, 0, 0, 0, 0);
        random = new Random(100);
        while (words < SetWords)
        {
            var text = string.Concat(Enumerable.Range(0, random.Next(2, 6)).Select(_ => Syllables[random.Next(Syllables.Length)]));
            var font = LetterFont.All[random.Next(LetterFont.All.Count - 1)].Id;
            var shape = LetterShapes.Set(new Lettering(text, font, random.Next(40, 140), 0, 0, false)).Shape;
            var (w, h) = Plates[random.Next(4)];
            if (shape is null || shape.Bounds.WidthMm <= w - 2 * RimMm || shape.Bounds.HeightMm > h - 2 * RimMm)
                continue;
            words++;
            var box = shape.Bounds with { XMm = 10, YMm = 10 };
            var plan = SectionSearch.Cover(
                new SectionQuestion(new PlateSize(w, h), VinylCells.Of(shape, box), [])
                {
                    Raster = VinylRaster.Of([(shape, box)], [])!,
                    MaySlant = false
                });
            goes += plan.Sections.Count;
            joints += plan.Sections.Count - 1;
            // A joint is free where no letter lies partly under one plate and partly under the next.
            var letters = Letters(shape.PathIn(box));
            var across = letters.Count(p => !plan.Sections.Any(s => s.Covers(p, RimMm)));
            if (Groups(letters, Math.Max(w, h) - 2 * RimMm) <= plan.Sections.Count)
            {
                could++;
                did += across == 0 ? 1 : 0;
            }

            free += Math.Max(0, plan.Sections.Count - 1 - across);
        }

        yield return string.Create(CultureInfo.InvariantCulture,
            $"{words} words in {goes} goes: {free} of {joints} joints fall into a gap between letters; where whole letters go under " +
                $"as few plates ({could} words), all of them do in {did}");
    }

    /// <summary>The boxes round what hangs together: outlines that lie in another's box are its holes.</summary>
    private static List<Box> Letters(string path)
    {
        var rings = path.Split('M', StringSplitOptions.RemoveEmptyEntries)
            .Select(ring => ring.Split([' ', 'L', 'Z', ','], StringSplitOptions.RemoveEmptyEntries)
                .Select(n => double.Parse(n, CultureInfo.InvariantCulture)).Chunk(2).Where(c => c.Length == 2)
                .Select(c => new Spot(c[0], c[1])).ToList())
            .Where(ring => ring.Count > 2).Select(Shapes.Around).ToList();
        return rings.FindAll(r => !rings.Exists(o => o != r && o.Contains(r)));
    }

    /// <summary>So few groups of whole letters go under a plate that wide; a letter wider than the plate makes it impossible.</summary>
    private static int Groups(List<Box> letters, double width)
    {
        var (groups, from) = (0, double.NegativeInfinity);
        foreach (var letter in letters.OrderBy(l => l.XMm + l.WidthMm))
        {
            if (letter.WidthMm > width)
                return int.MaxValue;
            if (letter.XMm + letter.WidthMm - from > width)
                (groups, from) = (groups + 1, letter.XMm);
            from = Math.Min(from, letter.XMm);
        }

        return groups;
    }

    private sealed record Case(int Goes, int Grid, int Bound, double Twice, double GridTwice);

    private static Case Of(VinylRaster vinyl, (double W, double H) plate)
    {
        var cells = VinylCells.Of(vinyl.Around);
        var plan = SectionSearch.Cover(new SectionQuestion(new PlateSize(plate.W, plate.H), cells, []) { Raster = vinyl });
        var size = new PlateSize(plate.W, plate.H);
        var (innerW, innerH) = (plate.W - 2 * size.RimMm, plate.H - 2 * size.RimMm);
        var bound = Math.Max(1, (int)Math.Ceiling(vinyl.AreaMm2 / (innerW * innerH) - 1e-9));
        var (grid, twice) = new[] { (innerW, innerH), (innerH, innerW) }.Select(inner => Grid(vinyl, inner.Item1, inner.Item2, size.RimMm))
            .MinBy(g => g.Goes);
        return new Case(plan.Sections.Count, grid, bound, 100 * plan.TwiceShare, 100 * twice);
    }

    /// <summary>Plates edge to edge over the print's box, from its middle, as anybody would lay them; empty ones are left out.</summary>
    private static (int Goes, double Twice) Grid(VinylRaster vinyl, double innerW, double innerH, double rim)
    {
        var (a, b) = ((int)Math.Ceiling(vinyl.Around.WidthMm / innerW - 1e-9), (int)Math.Ceiling(vinyl.Around.HeightMm / innerH - 1e-9));
        var plates = new List<Section>();
        for (var column = 0; column < a; column++)
        {
            for (var row = 0; row < b; row++)
            {
                var (x, y) = (vinyl.Around.XMm + vinyl.Around.WidthMm * (column + 0.5) / a,
                    vinyl.Around.YMm + vinyl.Around.HeightMm * (row + 0.5) / b);
                if (vinyl.AreaIn(x - innerW / 2, x + innerW / 2, y - innerH / 2, y + innerH / 2) > 0)
                    plates.Add(new Section(x, y, innerW + 2 * rim, innerH + 2 * rim, 0, false, []));
            }
        }

        var (all, twice) = (0, 0);
        for (var column = 0; column < vinyl.Columns; column++)
        {
            foreach (var step in vinyl.In(column))
            {
                var box = vinyl.BoxOf(step);
                all++;
                twice += plates.Count(p => p.Covers(new Spot(box.XMm + box.WidthMm / 2, box.YMm + box.HeightMm / 2), 0)) > 1 ? 1 : 0;
            }
        }

        return (plates.Count, (double)twice / Math.Max(1, all));
    }

    /// <summary>Blocks, words, rings and strewn shapes, from what fits anywhere to what takes a dozen goes.</summary>
    private static (VinylRaster Vinyl, (double W, double H) Plate) Print(Random random)
    {
        var plate = Plates[random.Next(Plates.Length)];
        var (w, h) = (plate.W * (0.4 + 2.2 * random.NextDouble()), plate.H * (0.3 + 1.6 * random.NextDouble()));
        var box = new Box(random.Next(40), random.Next(40), w, h);
        IEnumerable<(CutShape?, Box)> vinyl = random.Next(4) switch
        {
            0 => [(null, box)],
            1 => [(LetterShapes.Set(
                new Lettering(string.Concat(Enumerable.Range(0, random.Next(2, 5)).Select(_ => Syllables[random.Next(Syllables.Length)])),
                    "plain", 60, 0, 0, false)).Shape, box)],
            2 => [(CutShape.Read("M0 50A50 50 0 1 0 100 50A50 50 0 1 0 0 50ZM15 50A35 35 0 1 0 85 50A35 35 0 1 0 15 50Z"), box)],
            _ => Enumerable.Range(0, random.Next(4, 20))
                .Select(_ =>
                    ((CutShape?)null,
                        new Box(box.XMm + random.NextDouble() * w * 0.9, box.YMm + random.NextDouble() * h * 0.9,
                            w * 0.1 * (0.3 + random.NextDouble()), h * 0.1 * (0.3 + random.NextDouble())))),
        };
        return (VinylRaster.Of(vinyl, [])!, plate);
    }

    private static double Middle(List<Case> of, Func<Case, double> pick) => Share(of, pick, 0.5);

    private static double Share(List<Case> of, Func<Case, double> pick, double share) =>
        of.Select(pick).Order().ElementAt(Math.Min(of.Count - 1, (int)(of.Count * share)));
}
