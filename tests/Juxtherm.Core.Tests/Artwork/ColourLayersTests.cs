using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Artwork.Svg;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Tests.Artwork;

/// <summary>Discs at random over each other: what each way of splitting them must keep.</summary>
public sealed class ColourLayersTests
{
    private static readonly string[] Colours = ["#1b2a49", "#d9a441", "#0f6468"];

    private sealed record Disc(int X, int Y, int R, int Colour)
    {
        public bool Holds(double x, double y, double margin) => Math.Sqrt(Math.Pow(x - X, 2) + Math.Pow(y - Y, 2)) < R + margin;
    }

    private static readonly FsCheck.Gen<Disc> AnyDisc =
        from x in Gen.Choose(20, 80)
        from y in Gen.Choose(20, 80)
        from r in Gen.Choose(3, 19)
        from c in Gen.Choose(0, 2)
        select new Disc(x, y, r, c);

    private static IReadOnlyList<ColourLayer> Split(IEnumerable<Disc> discs, Separation separation)
    {
        var svg = $"<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 " +
            $"100'>{string.Concat(discs.Select(d => $"<circle cx='{d.X}' cy='{d.Y}' r='{d.R}' fill='{Colours[d.Colour]}'/>"))}</svg>";
        return ColourLayers.Of(SvgReader.Read(svg, new Problems(), CancellationToken.None)!, separation, CancellationToken.None);
    }

    // Even-odd by hand, on the path data itself.
    private static bool Inside(CutShape shape, double x, double y)
    {
        var inside = false;
        foreach (var ring in shape.Text.Split('Z', StringSplitOptions.RemoveEmptyEntries))
        {
            var n = ring.TrimStart('M').Split([' ', 'L'], StringSplitOptions.RemoveEmptyEntries)
                .Select(v => double.Parse(v, System.Globalization.CultureInfo.InvariantCulture)).ToArray();
            for (var i = 0; i + 1 < n.Length; i += 2)
            {
                var (ax, ay, bx, by) = (n[i], n[i + 1], n[(i + 2) % n.Length], n[(i + 3) % n.Length]);
                if (ay > y != by > y && x < ax + (y - ay) / (by - ay) * (bx - ax))
                    inside = !inside;
            }
        }

        return inside;
    }

    private static FsCheck.Property Over(Separation separation,
        Action<Disc[], IReadOnlyList<ColourLayer>, double, double, string?> holds) =>
        Prop.ForAll(Gen.Choose(1, 12).SelectMany(n => AnyDisc.ArrayOf(n)).ToArbitrary(), discs =>
        {
            var layers = Split(discs, separation);
            for (var x = 2.5; x < 100; x += 4.9)
            {
                for (var y = 2.5; y < 100; y += 5.3)
                {
                    // On an edge either answer is right.
                    if (discs.All(d => d.Holds(x, y, 0.1) == d.Holds(x, y, -0.1)))
                        holds(discs, layers, x, y, discs.LastOrDefault(d => d.Holds(x, y, 0)) is { } top ? Colours[top.Colour] : null);
                }
            }
        });

    [Property(MaxTest = 18)]
    [Trait("Run", "thorough")]
    public FsCheck.Property As_seen_each_place_has_just_the_colour_that_is_seen() => Over(Separation.Seen, (_, layers, x, y, seen) =>
        Assert.Equal(seen is null ? [] : [seen], layers.Where(l => Inside(l.Shape, x, y)).Select(l => l.Colour)));

    [Property(MaxTest = 18)]
    [Trait("Run", "thorough")]
    public FsCheck.Property Stacked_the_uppermost_is_what_is_seen() => Over(Separation.Stacked, (_, layers, x, y, seen) =>
        Assert.Equal(seen, layers.LastOrDefault(l => Inside(l.Shape, x, y))?.Colour));

    [Property(MaxTest = 20)]
    public FsCheck.Property Stacked_layers_hold_at_least_what_is_seen_of_them() =>
        Prop.ForAll(Gen.Choose(1, 12).SelectMany(n => AnyDisc.ArrayOf(n)).ToArbitrary(), discs =>
        {
            var (seen, stacked) = (Split(discs, Separation.Seen), Split(discs, Separation.Stacked));
            Assert.All(seen, layer => Assert.True(stacked.Single(l => l.Colour == layer.Colour).AreaMm2 >= layer.AreaMm2 - 0.05));
        });
}
