using FsCheck.Xunit;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Practice;
using Juxtherm.Core.Practice.Bench;
using Juxtherm.Core.Practice.Cases;
using Juxtherm.Core.Practice.Judging;
using Juxtherm.Core.Runs;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Rehearsing;

/// <summary>Every mistake of the trade can be made at a practice bench, is named, and costs what it costs.</summary>
public class MistakesAtTheBenchTests
{
    private const int AllMistakes = 30;
    private static readonly PracticeHall Hall = new(new Planner(Shipped.Catalogue, Language.English));

    public static TheoryData<string> Cases => [.. PracticeHall.Shelf];

    private static IReadOnlyList<Move> Careful(string id) => Hall.MovesOf(id, Who.Careful)!;

    private static CameOut After(string id, IEnumerable<Move> moves) => Hall.Judge(id, [.. moves])!.Own;

    private static IEnumerable<Move> Without(string prop, IEnumerable<Move> moves) => moves.Where(m => m.Prop != prop);

    private static IEnumerable<Move> Closing(IEnumerable<Move> moves, Func<double, double> seconds) =>
        moves.Select(m => m.Kind == MoveKind.Close ? m with { Seconds = seconds(m.Seconds) } : m);

    [Theory]
    [MemberData(nameof(Cases))]
    public void Careful_work_comes_out_well_and_makes_none(string id)
    {
        var came = After(id, Careful(id));
        Assert.True(came.Good, $"{came} {string.Join(", ", came.Mistakes.Select(m => m.Number))} {string.Join(", ", came.Spoiled)}");
        Assert.Empty(came.Mistakes);
        Assert.NotNull(Hall.MovesOf(id, Who.Knowing));
    }

    [Theory]
    [MemberData(nameof(Cases))]
    public void What_is_left_as_it_tempts_is_named(string id)
    {
        foreach (var prop in Hall.Find(id)!.Props)
        {
            // Whoever presses once more after the peel is in need of the cover.
            IEnumerable<Move> moves = prop.Id == "cover"
                ? [.. Careful(id).SkipLast(1), new Move(MoveKind.Close) { Seconds = 5 }, new Move(MoveKind.HandOver)] : Careful(id);
            var came = After(id, Without(prop.Id, moves));
            var made = came.Mistakes.Where(m => m.Number == prop.Mistake).ToList();
            Assert.True(made.Count == 1, $"{prop.Id}: {string.Join(", ", came.Mistakes.Select(m => m.Number))}");
            if (made[0].Does is not (Consequence.Luck or Consequence.TimeLost))
                Assert.False(came.Good, prop.Id);
        }
    }

    [Fact]
    public void All_thirty_can_be_made()
    {
        var inProps = PracticeHall.Shelf.SelectMany(id => Hall.Find(id)!.Props.Select(p => p.Mistake));
        Assert.Equal(Enumerable.Range(1, AllMistakes), inProps.Concat([8, 14, 18, 19, 22, 30]).Distinct().Order());
    }

    [Fact]
    public void No_preheat_is_named()
    {
        var moves = Careful("wet-sweatshirt").ToList();
        moves.RemoveAt(moves.FindIndex(m => m.Kind == MoveKind.Close));
        Assert.Contains(8, After("wet-sweatshirt", moves).Mistakes.Select(m => m.Number));
    }

    [Theory]
    [InlineData("first-shirt", 13)]
    [InlineData("mug", 13)]
    [InlineData("felt", 19)]
    [InlineData("deep-stack", 13)]
    public void Pressed_short_it_lifts(string id, int mistake)
    {
        var came = After(id, Closing(Careful(id).Where(m => m.Kind != MoveKind.Peel), s => s * 0.3));
        Assert.NotEmpty(came.Lifts);
        Assert.Contains(mistake, came.Mistakes.Select(m => m.Number));
    }

    [Theory]
    [InlineData("first-shirt")]
    [InlineData("deep-stack")]
    [InlineData("iron-foil")]
    public void Pressed_far_too_long_it_has_too_much(string id)
    {
        var came = After(id, Closing(Careful(id), s => s > 8 ? s + 240 : s));
        Assert.Contains(18, came.Mistakes.Select(m => m.Number));
        Assert.False(came.Good);
    }

    [Fact]
    public void Foil_peeled_hot_is_torn()
    {
        var came = After("peel", Careful("peel").Where(m => m.Kind is not (MoveKind.Wait or MoveKind.ToBench)));
        Assert.Contains(14, came.Mistakes.Select(m => m.Number));
        Assert.False(came.Good);
    }

    [Fact]
    public void Foam_pressed_again_falls_in()
    {
        List<Move> again = [.. Careful("puff").SkipLast(1), new Move(MoveKind.Close) { Seconds = 40 }, new Move(MoveKind.HandOver)];
        var came = After("puff", again);
        Assert.Contains(22, came.Mistakes.Select(m => m.Number));
        Assert.False(came.Good);
    }

    [Fact]
    public void A_weak_corner_lifts_until_the_plate_is_leveled()
    {
        var came = After("lifted-corner", Without("strips", Careful("lifted-corner")));
        Assert.Contains(30, came.Mistakes.Select(m => m.Number));
        Assert.NotEmpty(came.Lifts);
    }

    [Fact]
    public void What_hardly_bonded_comes_up_with_its_carrier_and_can_be_laid_back()
    {
        List<Move> moves = [.. Closing(Careful("first-shirt"), s => s > 8 ? 1 : s).TakeWhile(m => m.Kind != MoveKind.Peel),
            new Move(MoveKind.Peel)];
        var seen = Hall.Look("first-shirt", moves);
        Assert.True(seen.CarrierOn);
        Assert.Equal([Outcome.OnCarrier], seen.Signs);
        moves.AddRange([new Move(MoveKind.Close) { Seconds = 14 }, new Move(MoveKind.Peel)]);
        seen = Hall.Look("first-shirt", moves);
        Assert.False(seen.CarrierOn);
        Assert.Equal([Outcome.Stuck], seen.Signs);
    }

    [Fact]
    public void The_same_moves_give_the_same_and_a_strip_shows_the_plate_to_five_degrees()
    {
        List<Move> moves = [.. Careful("leather").SkipLast(1), new Move(MoveKind.Measure)];
        var (a, b) = (Hall.Look("leather", moves), new PracticeHall(new Planner(Shipped.Catalogue, Language.English))
            .Look("leather", moves));
        Assert.Equal(a.Looks, b.Looks);
        Assert.Equal(a.Seconds, b.Seconds);
        Assert.Equal(0, a.MeasuredCelsius!.Value % 5);
        Assert.Null(Hall.Look("leather", moves[..^1]).MeasuredCelsius);
    }

    /// <summary>Whatever is done, in whatever order: it is seen, or refused; shares stay shares and the clock never goes back.</summary>
    [Property(MaxTest = 60)]
    public void Whatever_is_done_is_seen_or_refused(byte[] draws)
    {
        var moves = new List<Move>();
        var before = 0.0;
        foreach (var draw in (draws ?? []).Take(14))
        {
            var move = new Move((MoveKind)(draw % 11))
            {
                Seconds = draw % 40,
                Celsius = 100 + draw,
                Layers = [draw % 2 == 0 ? "a" : "b"],
                Prop = "strips",
                State = "levelled",
                Pressure = (PressureLevel)(draw % 3)
            };
            try
            {
                var seen = Hall.Look("puff", [.. moves, move]);
                double[] shares = [seen.Looks.Weave, seen.Looks.Edges, seen.Looks.Wrinkles, seen.Looks.Ripples, seen.Looks.Foam,
                    seen.Looks.Shine, seen.Looks.Scorch, seen.Looks.Dye];
                Assert.All(shares, s => Assert.InRange(s, 0, 1));
                Assert.True(seen.Seconds >= before);
                before = seen.Seconds;
                moves.Add(move);
            }
            catch (MoveRefusedException)
            {
                // What cannot be done was not done.
            }
        }
    }

    [Theory]
    [InlineData("no-such-prop", MoveKind.Touch, "kettle", 0)]
    [InlineData("out-of-range", MoveKind.Dial, "", 900)]
    [InlineData("no-such-layer", MoveKind.Lay, "", 0)]
    [InlineData("nothing-laid", MoveKind.Peel, "", 0)]
    [InlineData("nothing-laid", MoveKind.HandOver, "", 0)]
    public void What_cannot_be_done_is_refused_with_its_place(string code, MoveKind kind, string prop, double celsius)
    {
        Move[] moves = [new Move(MoveKind.Pressure), new Move(kind) { Prop = prop, Celsius = celsius }];
        Assert.Equal(code, Assert.Throws<MoveRefusedException>(() => Hall.Look("first-shirt", moves)).Code);
    }
}
