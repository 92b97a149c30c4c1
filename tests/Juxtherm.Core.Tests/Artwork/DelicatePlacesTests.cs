using Juxtherm.Core.Artwork;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Tests.Artwork;

/// <summary>Narrow places of shapes whose narrowest width is known by construction.</summary>
public sealed class DelicatePlacesTests
{
    // Two squares of 40 mm, joined by a bar of the given width and length.
    private static string Dumbbell(double width, double length) => FormattableString.Invariant(
        $"M0 0H40V{20 - width / 2}H{40 + length}V0H{80 + length}V40H{40 + length}V{20 + width / 2}H40V40H0Z");

    private static CutShape Shape(string path) => CutShape.Read(path) ?? throw new InvalidOperationException(path);

    public static TheoryData<string, string, double> Widths => new()
    {
        { "a bar of 3 × 60", "M0 0H60V3H0Z", 3 },
        { "a bar of 0.6 × 25", "M0 0H25V0.6H0Z", 0.6 },
        { "a disc of 5", "M0 2.5A2.5 2.5 0 0 0 5 2.5A2.5 2.5 0 0 0 0 2.5Z", 5 },
        { "a neck of 2 × 8 between squares", Dumbbell(2, 8), 2 },
        { "a neck of 1 × 40 between squares", Dumbbell(1, 40), 1 },
        { "a fin of 1.5 × 15 on a square", "M0 0H40V18H55V19.5H40V40H0Z", 1.5 },
        { "a frame of 4 round a hole", "M0 0H60V60H0ZM4 4V56H56V4Z", 4 },
        { "a square of 30 beside a dot of 1.2", "M0 0H30V30H0ZM40 10h1.2v1.2h-1.2z", 1.2 },
    };

    [Theory]
    [MemberData(nameof(Widths))]
    public void The_narrowest_place_is_found(string what, string path, double width)
    {
        var found = Shape(path).Measures.SmallestFeatureMm;
        Assert.True(Math.Abs(found - width) <= 0.08 * width, $"{what}: {found}");
    }

    [Theory]
    [InlineData("a square of 40", "M0 0H40V40H0Z")]
    [InlineData("a star of five rather sharp points",
        "M50 0L61.8 34.5 98.3 35.3 69.1 57.1 79.4 92.1 50 71.2 20.6 92.1 30.9 57.1 1.7 35.3 38.2 34.5Z")]
    [InlineData("a wedge of 15°", "M0 0L80 10.5 80 -10.5Z")]
    [InlineData("a wedge with its tip cut off", "M0 0H40V15L60 19.9V20.1L40 25V40H0Z")]
    [InlineData("a comb of narrow teeth", "M0 0H60V40L58 20 56 40 54 20 52 40 50 20 48 40 46 20 44 40 42 20 40 40H0Z")]
    public void Corners_and_points_are_not_called_strips(string what, string path)
    {
        var shape = Shape(path);
        foreach (var limit in new[] { 0.5, 1, 2, 3 })
            Assert.True(shape.Delicate(limit).Count == 0, $"{what} at {limit}: {string.Join(", ", shape.Delicate(limit))}");
    }

    [Fact]
    public void What_is_delicate_depends_on_the_limit_and_says_why()
    {
        var neck = Shape(Dumbbell(2, 8));
        Assert.Empty(neck.Delicate(1.8));
        var place = Assert.Single(neck.Delicate(2.4));
        Assert.Equal(DelicateKind.Neck, place.Kind);
        Assert.InRange(place.XMm, 38, 50);
        Assert.InRange(place.YMm, 18, 22);

        var dots = Shape("M0 0H30V30H0ZM40 10h1v1h-1zM40 20h1v1h-1z");
        Assert.Equal([DelicateKind.Island, DelicateKind.Island], dots.Delicate(1.5).Select(p => p.Kind));
        var pinhole = Shape("M0 0H30V30H0ZM10 10h0.8v0.8h-0.8z");
        Assert.Equal(DelicateKind.Centre, Assert.Single(pinhole.Delicate(1)).Kind);
    }

    [Fact]
    public void Measures_follow_the_size()
    {
        var m = Shape(Dumbbell(2, 8)).Measures;
        Assert.Equal((1, 0), (m.Pieces, m.Holes));
        Assert.Equal(2 * 1600 + 16, m.AreaMm2, 6);
        var half = m.Scaled(0.5, 0.5);
        Assert.Equal(m.AreaMm2 / 4, half.AreaMm2, 6);
        Assert.Equal(m.PerimeterMm / 2, half.PerimeterMm, 6);
        Assert.Equal(m.SmallestFeatureMm / 2, half.SmallestFeatureMm, 6);
    }

    // Spikes all round a disc: as many corners as a hostile drawing has, and nothing narrow but their tips.
    private static string Spiky(int corners, double inner, double outer)
    {
        var path = new System.Text.StringBuilder();
        for (var i = 0; i < corners; i++)
        {
            var (r, a) = (i % 2 == 0 ? outer : inner, 2 * Math.PI * i / corners);
            path.Append(i == 0 ? "M" : "L")
                .Append(FormattableString.Invariant($"{200 + r * Math.Cos(a):0.####} {200 + r * Math.Sin(a):0.####}"));
        }

        return path.Append('Z').ToString();
    }

    [Theory]
    [Trait("Run", "thorough")]
    [InlineData(50, 60)]
    [InlineData(400, 60)]
    [InlineData(8_000, 100)]
    public async Task Ever_so_many_spikes_are_measured_in_the_end(int corners, double inner)
    {
        var shape = Shape(Spiky(corners, inner, 195));
        var cancel = TestContext.Current.CancellationToken;
        // Thirty times what it takes: no measure of speed, only that it ends.
        var measured = await Task.Run(() => (shape.Measures, shape.Delicate(1)), cancel).WaitAsync(TimeSpan.FromSeconds(60), cancel);
        Assert.Equal((1, 0), (measured.Measures.Pieces, measured.Measures.Holes));
        Assert.All(measured.Item2, p => Assert.NotEqual(DelicateKind.Island, p.Kind));
        Assert.InRange(measured.Measures.SmallestFeatureMm, 0, DelicatePlaces.WidestMm);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Who_has_gone_is_not_measured_for()
    {
        var shape = Shape(Spiky(4_000, 100, 195));
        using var gone = new CancellationTokenSource();
        gone.Cancel();
        using (Patience.Until(gone.Token))
            Assert.Throws<OperationCanceledException>(() => shape.Measures);
        // What was given up is worked out when it is asked for again.
        Assert.Equal(1, shape.Measures.Pieces);
    }

    public static TheoryData<string, string, double> Blunted => new()
    {
        { "a fin that grows narrower, from 3 to 2", "M0 0H40V18.5L55 19V21L40 21.5V40H0Z", 2.3 },
        { "a fin with a rounded end", "M0 0H40V18H55A1 1 0 0 1 55 20H40V40H0Z", 2 },
        { "a thin wall beside a hole", "M0 0H60V40H0ZM20 1.2H40V21H20Z", 1.2 },
        { "a strip with a bulb in it, on nothing", "M0 0H14V-0.5H16V0H30V2H0Z", 2 },
        { "a slanted bar between squares", "M0 0H30V28L50 68H80V98H50V72.47L30 32.47H0Z", 2 },
        { "two bars that meet in a cross", "M20 0H22V20H42V22H22V42H20V22H0V20H20Z", 2 },
        { "a ring of 1.5", "M0 20A20 20 0 0 0 40 20A20 20 0 0 0 0 20ZM1.5 20A18.5 18.5 0 0 0 38.5 20A18.5 18.5 0 0 0 1.5 20Z", 1.5 },
        { "a notch that nearly cuts through", "M0 0H60V30H31L30 0.8L29 30H0Z", 0.8 },
    };

    [Theory]
    [MemberData(nameof(Blunted))]
    public void Blunt_ends_walls_and_notches_are_measured_where_they_are_narrow(string what, string path, double width)
    {
        var found = Shape(path).Measures.SmallestFeatureMm;
        Assert.True(Math.Abs(found - width) <= 0.1 * width + 0.02, $"{what}: {found}");
    }
}
