using FsCheck.Fluent;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Tests.Stacking;

/// <summary>The order of laying: against common practice, and against trying every order there is.</summary>
public partial class SequenceSearchTests
{
    private const double LaySeconds = 20;

    private static StackedLayer Piece(string id, string vinyl, Box? box = null, double? area = null, PeelMethod peel = PeelMethod.Warm,
        params string[] over) =>
        new(id, Shipped.Catalogue.Vinyls[vinyl], peel, box, area ?? box?.WidthMm * box?.HeightMm, 6, over);

    private static SequenceQuestion Question(LayerMethod method, bool carrierLast, params StackedLayer[] pieces)
    {
        var lying = new Stackup(pieces);
        var heats = new LayerHeats(0.2, 1, 0.2, 1, 0.9);
        return new SequenceQuestion(
            [.. pieces.Select(p =>
                new SequenceLayer(p.Id, p.AreaMm2
                    ?? 0, p.Vinyl.Press.HeatsOnce.Value, p.Peel == PeelMethod.Cold, p.Vinyl.Press.HeatsOnce.Value
                    ? 1.6 : 3, heats, 0, 13, p.Peel == PeelMethod.Cold ? 70 : 25))],
            lying.Reaches, (a, b) => lying.GoTogether(a, b), method, carrierLast, 12, 0, LaySeconds);
    }

    private static string Words(IReadOnlyList<LaidPress> presses) =>
        string.Join(" | ",
            presses.Select(p => p.Kind == LaidPressKind.Last
                ? "last" : string.Join('+', p.Layers) + (p.Kind == LaidPressKind.Tack ? "~" : "")));

    private static string Order(LayerMethod method, params StackedLayer[] pieces) =>
        Words(SequenceSearch.Best(Question(method, false, pieces), 1)[0].Presses);

    [Fact]
    public void The_larger_lies_below_the_smaller() =>
        Assert.Equal("hill~ | moon~ | star~ | last",
            Order(LayerMethod.Tack, Piece("star", "smooth", new(60, 60, 20, 20)), Piece("moon", "smooth", new(40, 40, 60, 60)),
                Piece("hill", "smooth", new(0, 0, 200, 150))));

    [Fact]
    public void What_lies_apart_goes_together() =>
        Assert.Equal("left+right",
            Order(LayerMethod.Tack, Piece("left", "smooth", new(0, 0, 50, 50)), Piece("right", "glow", new(80, 0, 40, 40))));

    [Fact]
    public void Carriers_that_meet_keep_pieces_apart() =>
        Assert.Equal("left~ | right~ | last",
            Order(LayerMethod.Tack, Piece("left", "smooth", new(0, 0, 50, 50)), Piece("right", "smooth", new(58, 0, 40, 40))));

    [Fact]
    public void What_peels_cold_is_pressed_in_full_and_bonds_what_was_tacked() =>
        Assert.Equal("left~ | right",
            Order(LayerMethod.Tack, Piece("left", "smooth", new(0, 0, 50, 50)),
                Piece("right", "foil", new(80, 0, 40, 40), peel: PeelMethod.Cold)));

    [Fact]
    public void Foam_comes_last_however_large() =>
        Assert.Equal("star | cloud",
            Order(LayerMethod.Tack, Piece("cloud", "puff", new(0, 0, 200, 200), peel: PeelMethod.Warm),
                Piece("star", "smooth", new(300, 0, 20, 20))));

    [Fact]
    public void Tacked_layers_are_bonded_before_the_foam_is_laid() =>
        Assert.Equal("hill~ | star~ | last | cloud",
            Order(LayerMethod.Tack, Piece("cloud", "puff", new(300, 0, 20, 20)), Piece("star", "smooth", new(10, 10, 20, 20)),
                Piece("hill", "smooth", new(0, 0, 200, 200))));

    [Fact]
    public void With_the_carrier_on_in_the_last_press_there_is_one_press_less() =>
        Assert.Equal("hill~ | star",
            Words(SequenceSearch.Best(
                Question(LayerMethod.Tack, true, Piece("star", "smooth", new(10, 10, 20, 20)),
                    Piece("hill", "smooth", new(0, 0, 200, 200))), 1)[0].Presses));

    [Fact]
    public void Where_nobody_knows_the_place_each_goes_by_itself() =>
        Assert.Equal("big~ | small~ | last",
            Order(LayerMethod.Tack, Piece("small", "smooth", area: 10), Piece("big", "smooth", area: 100)));

    [Fact]
    public void What_the_job_says_outweighs_size() =>
        Assert.Equal("small~ | big~ | last",
            Order(LayerMethod.Tack, Piece("small", "smooth", area: 10), Piece("big", "smooth", area: 100, over: "small")));

    [Fact]
    public void Full_presses_are_no_tacks() =>
    Assert.Equal("big | small", Order(LayerMethod.Full, Piece("small", "smooth", area: 10), Piece("big", "smooth", area: 100)));

    [Fact]
    public void A_wish_is_followed_and_costs_what_it_costs()
    {
        var question = Question(LayerMethod.Tack, false, Piece("a", "smooth", new(0, 0, 50, 50)),
            Piece("b", "foil", new(80, 0, 50, 50), peel: PeelMethod.Cold), Piece("c", "smooth", new(160, 0, 50, 50)));
        var free = SequenceSearch.Best(question, 1)[0];
        var wished = SequenceSearch.Best(question with { Wanted = ["a", "b", "c"] }, 1)[0];
        Assert.Equal("a+c~ | b", Words(free.Presses));
        Assert.Equal("a~ | b | c", Words(wished.Presses));
    }

    [Fact]
    public void The_ranking_never_gets_better_further_down()
    {
        var ranked =
            SequenceSearch.Best(
                Question(LayerMethod.Tack, false,
                    [.. Enumerable.Range(0, 5)
                        .Select(i =>
                            Piece($"l{i}", i == 3
                                ? "foil" : "smooth", new(i * 52, 0, 50, 50), peel: i == 3 ? PeelMethod.Cold : PeelMethod.Warm))]), 40);
        Assert.Equal(40, ranked.Select(r => Words(r.Presses)).Distinct().Count());
        Assert.All(ranked.Zip(ranked.Skip(1)), p => Assert.True(Cost(p.First).CompareTo(Cost(p.Second)) <= 0));
        static (double, int, double) Cost(FoundSequence s) => (s.Excess, s.Presses.Count, s.Seconds);
    }

    [Theory]
    [InlineData(0)]
    [InlineData(13)]
    public void Other_numbers_of_layers_are_refused(int count) =>
        Assert.Throws<ArgumentOutOfRangeException>(() =>
            SequenceSearch.Best(Question(LayerMethod.Tack, false, [.. Enumerable.Range(0, count).Select(i => Piece($"l{i}", "smooth"))]),
                1));

    [Fact]
    public void A_circle_is_found()
    {
        static IReadOnlyDictionary<string, IReadOnlyList<string>> Over(params (string Id, string[] On)[] pairs) =>
            pairs.ToDictionary(p => p.Id, p => (IReadOnlyList<string>)p.On, StringComparer.Ordinal);
        Assert.Equal(["b", "c"], Stackup.Circle(Over(("a", ["b"]), ("b", ["c"]), ("c", ["b"]))).Order());
        Assert.Empty(Stackup.Circle(Over(("a", ["b", "c"]), ("b", ["c"]), ("c", []))));
    }
}
