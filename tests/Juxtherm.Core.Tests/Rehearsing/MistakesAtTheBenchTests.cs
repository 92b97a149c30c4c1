using FsCheck.Xunit;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
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
        Assert.Equal(Enumerable.Range(1, AllMistakes), inProps.Concat([8, 14, 18, 19, 22, 27, 30]).Distinct().Order());
    }

    [Fact]
    public void A_part_that_the_plate_never_covered_is_named()
    {
        var moves = Careful("small-plate");
        Assert.Equal(2, Hall.Look("small-plate", []).Parts.Count);
        var once = After("small-plate", moves.Where(m => m.Kind != MoveKind.Close || m.Part != 2));
        Assert.Contains(27, once.Mistakes.Select(m => m.Number));
        Assert.Equal(["a"], once.Lifts);
        Assert.DoesNotContain(13, once.Mistakes.Select(m => m.Number));
    }

    [Fact]
    public void A_scrap_shows_what_the_piece_would_and_leaves_it_as_it_was()
    {
        List<Move> ready = [.. Careful("first-shirt").TakeWhile(m => m.Kind != MoveKind.Close)];
        Seen Scrap(double seconds) => Hall.Look("first-shirt", [.. ready, new Move(MoveKind.Patch) { Seconds = seconds }]);
        Assert.Equal([Outcome.OnCarrier], Scrap(1).Patch!.Signs);
        var good = Scrap(16);
        Assert.Equal([Outcome.Stuck], good.Patch!.Signs);
        Assert.Empty(good.Laid);
        Assert.True(good.Seconds > Hall.Look("first-shirt", ready).Seconds + 120);
    }

    [Fact]
    public void What_is_taken_off_the_shelf_is_used_and_not_exchanged_under_the_piece()
    {
        var careful = Careful("leather");
        Assert.Equal("low-temp", careful.Single(m => m.Kind == MoveKind.Vinyl).Supply);
        Assert.Equal("low-temp", Hall.Look("leather", careful).Vinyl);
        // The plain vinyl wants more heat than this hide bears.
        Assert.False(After("leather", careful.Where(m => m.Kind != MoveKind.Vinyl)).Good);
        Move[] late = [new Move(MoveKind.Lay) { Layers = ["a"] }, new Move(MoveKind.Underlay) { Supply = "towel" }];
        Assert.Equal("too-late", Assert.Throws<MoveRefusedException>(() => Hall.Look("leather", late)).Code);
    }

    [Fact]
    public void What_it_is_made_of_is_seen_on_its_label_alone()
    {
        Assert.Null(Hall.Look("vest", []).Label);
        Assert.Equal(("Polyester", 2), Hall.Look("vest", [new Move(MoveKind.ReadLabel)]).Label is { } l ? (l.Material, l.Dots) : default);
        Assert.Equal("no-label",
            Assert.Throws<MoveRefusedException>(() => Hall.Look("no-label", [new Move(MoveKind.ReadLabel)])).Code);
    }

    [Theory]
    [InlineData("found-roll", 18)]
    [InlineData("no-label", 0)]
    public void Pressed_like_what_it_is_taken_for_it_is_spoiled(string id, int mistake)
    {
        var came = After(id, Hall.MovesOf(id, Who.LikeATee)!);
        Assert.False(came.Good);
        if (mistake > 0)
            Assert.Contains(mistake, came.Mistakes.Select(m => m.Number));
        Assert.Contains(Careful(id), m => m.Kind == MoveKind.Patch);
    }

    [Fact]
    public void The_other_face_is_laid_only_when_it_is_up()
    {
        var seen = Hall.Look("two-faces", [.. Careful("two-faces").SkipLast(1)]);
        Assert.Equal((2, false), (seen.Laid.Count, seen.FaceUp));
        Move[] under = [new Move(MoveKind.Lay) { Layers = ["b"] }];
        Assert.Equal("wrong-face", Assert.Throws<MoveRefusedException>(() => Hall.Look("two-faces", under)).Code);
    }

    /// <summary>Careful work's own way comes out as careful work does; the others cost time, bond or heat.</summary>
    [Theory]
    [InlineData("first-shirt")]
    [InlineData("layers")]
    public void Ways_of_doing_it_are_tried_with_their_price(string id)
    {
        var ways = Hall.WaysTried(id, UnitSystem.Metric);
        Assert.True(ways.Select(w => w.Question).Distinct().Count() >= 4);
        foreach (var question in ways.GroupBy(w => w.Question))
        {
            Assert.Single(question, w => w.Taken);
            Assert.All(question.Where(w => w.Taken), w => Assert.True(w.Good, w.Question));
            Assert.True(question.Count() > 1, question.Key);
        }

        Assert.True(ways.Select(w => (w.Minutes, w.Holds, w.Heat)).Distinct().Count() > ways.Count / 3);
        Assert.All(ways, w => Assert.True(w.Minutes > 0 && w.Holds >= 0 && w.Heat >= 0));
    }

    /// <summary>The whole stack is written down from the first closing on, and each closing is there.</summary>
    [Fact]
    public void What_the_stack_goes_through_is_told_second_by_second()
    {
        var judged = Hall.Judge("first-shirt", Careful("first-shirt"))!;
        Assert.Equal(Careful("first-shirt").Count(m => m.Kind == MoveKind.Close), judged.OwnTrace.Count(p => p.PlateClosed));
        Assert.All(judged.OwnTrace, p => Assert.Equal(p.Times.Count, p.Faces.Count));
        Assert.Contains(judged.OwnTrace, p => p.Sheets.Any(s => s.Id == "carrier"));
        Assert.Equal(judged.OwnTrace.Select(p => p.StartSeconds).Order(), judged.OwnTrace.Select(p => p.StartSeconds));
        Assert.Equal(judged.CarefulTrace.Select(p => p.Glue[^1]), judged.OwnTrace.Select(p => p.Glue[^1]));
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
            var move = new Move((MoveKind)(draw % Enum.GetValues<MoveKind>().Length))
            {
                Seconds = draw % 40,
                Celsius = 100 + draw,
                Layers = [draw % 2 == 0 ? "a" : "b"],
                Prop = "strips",
                State = "levelled",
                Supply = draw % 2 == 0 ? "parchment" : "towel",
                Part = draw % 3,
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
    [InlineData("no-such-supply", MoveKind.Cover, "", 0)]
    [InlineData("no-such-supply", MoveKind.Vinyl, "", 0)]
    public void What_cannot_be_done_is_refused_with_its_place(string code, MoveKind kind, string prop, double celsius)
    {
        Move[] moves = [new Move(MoveKind.Pressure), new Move(kind) { Prop = prop, Celsius = celsius }];
        Assert.Equal(code, Assert.Throws<MoveRefusedException>(() => Hall.Look("first-shirt", moves)).Code);
    }
}
