using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Tests.Stacking;

/// <summary>The order of laying: against common practice, and against trying every order there is.</summary>
public class SequenceSearchTests
{
    private const double LaySeconds = 20;

    private static LayerPiece Piece(string id, string vinyl, Box? box = null, double? area = null, PeelMethod peel = PeelMethod.Warm,
        params string[] over) =>
        new(id, Shipped.Catalogue.Vinyls[vinyl], peel, box, area ?? box?.WidthMm * box?.HeightMm, 6, over);

    private static SequenceQuestion Question(LayerMethod method, bool carrierLast, params LayerPiece[] pieces)
    {
        var lying = new Stackup(pieces);
        var heats = new LayerHeats(0.2, 1, 0.2, 1, 0.9);
        return new SequenceQuestion(
            [.. pieces.Select(p =>
                new SequenceLayer(p.Id, p.AreaMm2 ?? 0, p.Vinyl.HeatsOnce.Value, p.Peel == PeelMethod.Cold, p.Vinyl.HeatsOnce.Value
                    ? 1.6 : 3, heats, 0, 13, p.Peel == PeelMethod.Cold ? 70 : 25))],
            lying.Reaches, (a, b) => lying.GoTogether(a, b), method, carrierLast, 12, 0, LaySeconds);
    }

    private static string Words(IReadOnlyList<LaidPress> presses) =>
        string.Join(" | ",
            presses.Select(p => p.Kind == LaidPressKind.Last
                ? "last" : string.Join('+', p.Layers) + (p.Kind == LaidPressKind.Tack ? "~" : "")));

    private static string Order(LayerMethod method, params LayerPiece[] pieces) =>
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

    /// <summary>Random layers and relations: the search agrees with trying every way to group and order them.</summary>
    [Property(MaxTest = 250)]
    public Property No_order_is_better() => Prop.ForAll(Random(6).ToArbitrary(), question =>
    {
        var best = SequenceSearch.Best(question, 1)[0];
        var tried = EveryOrder(question);
        var least = tried.Min();
        Assert.Equal(least.Excess, best.Excess, 1e-5);
        Assert.Equal(least.Presses, best.Presses.Count);
        Assert.Equal(least.Seconds, best.Seconds, 1e-3);
        Assert.Equal(best.Excess, ExcessOf(question, best.Presses), 1e-5);
    });

    /// <summary>Each layer is laid once, after all it lies on, and only with what it may go with.</summary>
    [Property(MaxTest = 120)]
    public Property Every_order_is_sound() => Prop.ForAll(Random(9).ToArbitrary(), question =>
    {
        foreach (var found in SequenceSearch.Best(question, 4))
        {
            var before = new HashSet<string>(StringComparer.Ordinal);
            foreach (var press in found.Presses)
            {
                Assert.All(press.Layers,
                    id => Assert.All(question.Layers.Where(l => question.Lies(id, l.Id)), lower => Assert.Contains(lower.Id, before)));
                Assert.All(press.Layers,
                    id => Assert.All(press.Layers.Where(o => o != id), other => Assert.True(question.Together(id, other))));
                before.UnionWith(press.Layers);
            }

            Assert.Equal(question.Layers.Count, before.Count);
            Assert.Equal(question.Layers.Count, found.Presses.Sum(p => p.Layers.Count));
        }
    });

    private static Gen<SequenceQuestion> Random(int most) =>
        from count in Gen.Choose(1, most)
        from seed in Gen.Choose(0, int.MaxValue - 1)
        select Made(count, seed);

    private static SequenceQuestion Made(int count, int seed)
    {
        var random = new System.Random(seed);
        double Between(double a, double b) => Math.Round(a + (b - a) * random.NextDouble(), 2);
        var layers = Enumerable.Range(0, count).Select(i =>
        {
            var foam = random.Next(8) == 0;
            var tack = Between(0.05, 0.4);
            return new SequenceLayer($"l{i}", random.Next(1, 5) * 100, foam, random.Next(4) == 0, foam
                ? 1.6 : Between(1, 4), new LayerHeats(tack, Between(0.8, 1.3), tack * 0.9, Between(0.7, 1.2), Between(0.5, 1)),
                Between(0, 20), Between(5, 30), Between(15, 90));
        }).ToList();
        // Later ones may lie on earlier ones: no circles.
        var on = new bool[count, count];
        var together = new bool[count, count];
        for (var i = 0; i < count; i++)
        {
            for (var j = 0; j < i; j++)
            {
                on[i, j] = random.Next(5) == 0;
                for (var k = 0; k < j; k++)
                    on[i, k] |= on[i, j] && on[j, k];
            }
        }

        for (var i = 0; i < count; i++)
        {
            for (var j = 0; j < i; j++)
                together[i, j] = together[j, i] = !on[i, j] && random.Next(2) == 0 && layers[i].HeatsOnce == layers[j].HeatsOnce
                    && layers[i].FullOnly == layers[j].FullOnly;
        }

        int At(string id) => int.Parse(id.AsSpan(1), System.Globalization.CultureInfo.InvariantCulture);
        return new SequenceQuestion(layers, (a, b) => on[At(a), At(b)], (a, b) => together[At(a), At(b)], random.Next(3) == 0
            ? LayerMethod.Full : LayerMethod.Tack, random.Next(3) == 0, Between(8, 20), random.Next(4) == 0 ? 1 : 0, LaySeconds);
    }

    /// <summary>Heat beyond what layers take in an order, press by press.</summary>
    private static double ExcessOf(SequenceQuestion q, IReadOnlyList<LaidPress> presses) =>
        presses.Index().Sum(p => q.Layers.Where(l => p.Item.Layers.Contains(l.Id, StringComparer.Ordinal)).Sum(l =>
    {
        var heat = p.Item.Kind == LaidPressKind.Tack ? l.Heats.OwnTack : l.Heats.OwnFull;
        heat += presses.Skip(p.Index + 1)
            .Sum(later =>
                later.Kind switch
                {
                    LaidPressKind.Tack => l.Heats.LaterTack,
                    LaidPressKind.Full => l.Heats.LaterFull,
                    _ =>
                    l.Heats.LaterLast
                });
        return Math.Max(0, heat + q.FullsAfter * l.Heats.LaterFull - l.MostHeatDose);
    }));

    /// <summary>What every way to group and order the layers comes to, worked out without any of the search's own means.</summary>
    private static List<(double Excess, int Presses, double Seconds)> EveryOrder(SequenceQuestion q)
    {
        var all = new List<(double, int, double)>();
        bool Foams(SequenceLayer l) => l.HeatsOnce || q.Layers.Any(f => f.HeatsOnce && q.Lies(l.Id, f.Id));
        void Go(List<List<SequenceLayer>> groups, List<SequenceLayer> left)
        {
            if (left.Count == 0)
            {
                all.Add(Cost(groups));
                return;
            }

            for (var bits = 1; bits < 1 << left.Count; bits++)
            {
                var group = left.Where((_, i) => (bits & (1 << i)) != 0).ToList();
                var rest = left.Except(group).ToList();
                if (group.Exists(a => group.Exists(b => a != b && !q.Together(a.Id, b.Id)))
                    || group.Exists(a => left.Exists(b => b != a && q.Lies(a.Id, b.Id))))
                    continue;
                // Foam, and what lies on it, only when all else is laid.
                if (group.Exists(Foams) && left.Exists(l => !Foams(l)))
                    continue;
                Go([.. groups, group], rest);
            }
        }

        (double, int, double) Cost(List<List<SequenceLayer>> groups)
        {
            var presses = new List<(char Kind, List<SequenceLayer> Layers)>();
            var owed = false;
            for (var g = 0; g < groups.Count; g++)
            {
                var group = groups[g];
                var ends = groups.Skip(g + 1).All(later => later.TrueForAll(Foams));
                if (q.Method == LayerMethod.Full || group.Exists(l => l.FullOnly) || group.Exists(Foams)
                    || (ends && (q.CarrierLast || !owed)))
                {
                    presses.Add(('F', group));
                    owed = false;
                    continue;
                }

                presses.Add(('T', group));
                owed = true;
                if (ends)
                {
                    presses.Add(('L', []));
                    owed = false;
                }
            }

            double excess = 0, seconds = 0;
            for (var p = 0; p < presses.Count; p++)
            {
                var (kind, layers) = presses[p];
                seconds += kind == 'L'
                    ? q.LastSeconds
                    : q.LaySeconds + layers.Sum(l => l.ExtraSeconds) + layers.Max(l => kind == 'T' ? l.TackSeconds : l.FullSeconds);
                foreach (var l in layers)
                {
                    var heat = kind == 'T' ? l.Heats.OwnTack : l.Heats.OwnFull;
                    foreach (var later in presses.Skip(p + 1))
                        heat += later.Kind switch { 'T' => l.Heats.LaterTack, 'F' => l.Heats.LaterFull, _ => l.Heats.LaterLast };
                    excess += Math.Max(0, heat + q.FullsAfter * l.Heats.LaterFull - l.MostHeatDose);
                }
            }

            // Sums of the same figures in another order differ in their last bits.
            return (Math.Round(excess, 6), presses.Count, Math.Round(seconds, 6));
        }

        Go([], [.. q.Layers]);
        return all;
    }
}
