using System.Globalization;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Artwork.Svg;
using Juxtherm.Core.Cutting.Nesting;

namespace Juxtherm.Testing;

/// <summary>Pieces to nest, for tests and benchmarks alike.</summary>
internal static class Instances
{
    /// <summary>A perfect packing, cut up at random: every piece together with its margin is a tile of the sheet.</summary>
    public static List<NestPart> CutUp(int seed, int count, double width, double length, NestRules rules)
    {
        var chance = new Random(seed);
        var slack = rules.EdgeMm - rules.MarginMm / 2;
        var tiles = new List<(double W, double H)> { (width - 2 * slack, length - 2 * slack) };
        while (tiles.Count < count)
        {
            var at = tiles.IndexOf(tiles.MaxBy(t => t.W * t.H));
            var (w, h) = tiles[at];
            var share = 0.25 + chance.NextDouble() / 2;
            tiles.RemoveAt(at);
            tiles.AddRange(w * (0.7 + chance.NextDouble() * 0.6) > h
                ? [(w * share, h), (w * (1 - share), h)] : new[] { (w, h * share), (w, h * (1 - share)) });
        }

        return [.. tiles.OrderBy(_ => chance.Next())
            .Select((t, i) => NestPart.Of($"tile{i}", CutShape.Boxed(t.W - rules.MarginMm, t.H - rules.MarginMm)))];
    }

    /// <summary>Stars, crescents, angles and wedges, as stickers of a night sky might be.</summary>
    public static List<NestPart> Sky(int seed, int count)
    {
        var chance = new Random(seed);
        return [.. Enumerable.Range(0, count)
            .Select(i => NestPart.Of($"sky{i}", CutShape.Read(Path(chance.Next(5), 25 + chance.NextDouble() * 60))!))];
    }

    /// <summary>One of five shapes, by its size in mm.</summary>
    public static string Path(int kind, double size)
    {
        string P(double x, double y) => FormattableString.Invariant($"{x * size:0.###} {y * size:0.###}");
        string Star(int rays, double inner) =>
            "M" + string.Join('L', Enumerable.Range(0, 2 * rays)
                .Select(i =>
                    P(0.5 + (i % 2 == 0 ? 0.5 : inner) * Math.Sin(Math.PI * i / rays),
                        0.5 - (i % 2 == 0 ? 0.5 : inner) * Math.Cos(Math.PI * i / rays)))) + "Z";
        return kind switch
        {
            0 => Star(5, 0.2),
            1 => $"M{P(0, 0)}L{P(0.3, 0)}L{P(0.3, 0.7)}L{P(1, 0.7)}L{P(1, 1)}L{P(0, 1)}Z",
            2 => $"M{P(0, 1)}L{P(1, 1)}L{P(0.1, 0)}Z",
            3 => string.Create(CultureInfo.InvariantCulture,
                $"M{size * 0.7:0.###} 0A{size / 2:0.###} {size / 2:0.###} 0 1 " +
                    $"0 {size * 0.7:0.###} {size:0.###}A{size * 0.55:0.###} {size * 0.55:0.###} 0 0 1 {size * 0.7:0.###} 0Z"),
            _ => string.Create(CultureInfo.InvariantCulture,
                $"M0 {size / 2:0.###}A{size / 2:0.###} {size / 2:0.###} 0 1 " +
                    $"0 {size:0.###} {size / 2:0.###}A{size / 2:0.###} {size / 2:0.###} 0 1 0 " +
                        $"0 {size / 2:0.###}ZM{size * 0.15:0.###} {size / 2:0.###}A{size * 0.35:0.###} {size * 0.35:0.###} 0 1 " +
                            $"0 {size * 0.85:0.###} {size / 2:0.###}A{size * 0.35:0.###} {size * 0.35:0.###} 0 1 " +
                                $"0 {size * 0.15:0.###} {size / 2:0.###}Z"),
        };
    }

    /// <summary>Letters of a list of names, each by itself.</summary>
    public static List<NestPart> Letters(int seed, int count)
    {
        var chance = new Random(seed);
        var fonts = LetterFont.All;
        return [.. Enumerable.Range(0, count)
            .Select(i =>
                NestPart.Of($"letter{i}",
                    LetterShapes.Set(
                        new Lettering(((char)('A' + chance.Next(26))).ToString(), fonts[chance.Next(fonts.Count)].Id,
                            30 + 40 * chance.NextDouble(), 0, 0, false)).Shape!))];
    }

    /// <summary>The pieces of a drawing that are worth laying by themselves, for so many garments.</summary>
    public static List<NestPart> OfDrawing(string svg, int garments, double leastMm2)
    {
        var drawing = Core.Artwork.Svg.SvgReader.Read(svg, new Core.Reading.Problems(), CancellationToken.None)!;
        var pieces = ColourLayers.Of(drawing, Separation.Seen, CancellationToken.None)
            .SelectMany(l => l.Shape.Text.Split('Z', StringSplitOptions.RemoveEmptyEntries)).Select(p => CutShape.Read(p + "Z"))
            .Where(s => s is not null && s.AreaMm2 >= leastMm2).ToList();
        return [.. Enumerable.Range(0, garments).SelectMany(_ => pieces.Select((s, i) => NestPart.Of($"piece{i}", s!)))];
    }
}
