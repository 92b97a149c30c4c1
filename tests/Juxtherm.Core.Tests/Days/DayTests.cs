using Juxtherm.Core.Days;
using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Scheduling;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Testing;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Days;

/// <summary>Days of worked examples and plain jobs hold up to somebody who only looks at the clock.</summary>
public class DayTests
{
    private static readonly MadeUpDay Made = new(Shipped.Catalogue, Language.English);
    private static readonly DayPlanner Planner = new(Shipped.Catalogue);
    private static readonly DateTimeOffset Nine = new(2026, 12, 1, 9, 0, 0, TimeSpan.Zero);

    private static readonly string[] Jobs =
    [
        Shipped.Example("06"), Shipped.Example("07"), Shipped.Example("02"), Shipped.Example("03"),
        MadeUpDay.Plain("Slate coasters", "coaster", "slate", "smooth"), MadeUpDay.Plain("Tote", "tote", "canvas", "foil"),
        MadeUpDay.Plain("Pennant", "pennant", "poly-felt", "smooth"), MadeUpDay.Plain("Mug", "mug", "ceramic", "smooth", "mug-press"),
        MadeUpDay.Plain("Two vinyls", "tee", "cotton", "smooth",
            layers: """, { "id": "b", "vinyl": "foil", "widthMm": 60, "heightMm": 40, "xMm": 150, "yMm": 160 }"""),
    ];

    [Fact]
    public void Days_made_up_by_chance_hold() => Hold(0, 40);

    [Theory]
    [Trait("Run", "thorough")]
    [InlineData(40, 75)]
    [InlineData(75, 150)]
    [InlineData(150, 225)]
    [InlineData(225, 300)]
    public void So_do_the_others_of_three_hundred(int from, int to) => Hold(from, to);

    private static void Hold(int from, int to)
    {
        for (var seed = from; seed < to; seed++)
        {
            var ask = Random(seed);
            // Every fifth goes through the solver as well.
            var plan = Planner.Plan(ask, new ScheduleEffort(10, seed % 5 == 0 ? 0.002 : 0)).For(Shipped.Words);
            Assert.Equal([], DayChecker.Faults(ask, plan).Select(f => $"day {seed}: {f}"));
        }
    }

    [Fact]
    public void A_plan_made_anew_keeps_what_is_under_way_and_holds()
    {
        for (var seed = 0; seed < 15; seed++)
        {
            var ask = Random(seed);
            var before = Planner.Plan(ask, ScheduleEffort.AtOnce).For(Shipped.Words);
            var now = ask.From.AddSeconds((int)((before.Finish - ask.From).TotalSeconds * (0.2 + seed % 3 * 0.25)));
            var then = ask with { From = now, Begun = DayNow.Begun(before.Tasks, now) };
            var plan = Planner.Plan(then, ScheduleEffort.AtOnce).For(Shipped.Words);
            Assert.Equal([], DayChecker.Faults(then, plan).Select(f => $"day {seed}: {f}"));
            var kept = plan.Tasks.Where(t => t.Fixed).ToDictionary(t => t.Id);
            Assert.All(then.Begun, b => Assert.Equal((b.Start, b.End), (kept[b.Id].Start, kept[b.Id].End)));
            Assert.NotEmpty(then.Begun);
        }
    }

    [Fact]
    public void A_late_day_says_whether_one_more_pair_of_hands_would_do()
    {
        List<DayPress> presses = [Made.Press("one")];
        DayPlan Plan(int people, DateTimeOffset? due) => Planner.Plan(new DayAsk(Nine,
            [.. Enumerable.Range(0, people).Select(_ => new Helper("", []))], [], presses, 1, [Made.Job(Jobs[1], 4, presses, due)]),
            ScheduleEffort.AtOnce).For(Shipped.Words);
        var (alone, together) = (Plan(1, null).Finish, Plan(2, null).Finish);
        var late = Plan(1, together + (alone - together) / 2);
        Assert.Equal(DayStatus.Late, late.Status);
        Assert.Contains("With one more pair of hands nothing would be late.", late.Why);
        Assert.True(late.BeginBy < Nine);
        Assert.DoesNotContain(Plan(1, alone).Why, w => w.Contains("one more pair", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("holographic", "foil")]
    [InlineData("glitter", "foil")]
    public void All_first_presses_come_before_the_dial_is_turned(string first, string second)
    {
        List<DayPress> presses = [Made.Press("one")];
        var job = Made.Job(MadeUpDay.Plain("Two vinyls", "tee", "cotton", first,
            layers: $$""", { "id": "b", "vinyl": "{{second}}", "widthMm": 60, "heightMm": 40, "xMm": 150, "yMm": 160 }"""), 3, presses);
        var plan = Planner.Plan(new DayAsk(Nine, [new Helper("", [])], [], presses, 1, [job]), ScheduleEffort.AtOnce).For(Shipped.Words);
        var settings = job.At[0].Plan.Presses.Where(p => p.Purpose != PressPurpose.Patch).Select(p => p.Celsius).Distinct().Count();
        Assert.True(settings > 1, "one setting only");
        Assert.True(plan.HeatChanges <= settings, $"{plan.HeatChanges} times for {settings} settings");
    }

    private static DayAsk Random(int seed)
    {
        var chance = new Random(seed);
        List<DayPress> presses = [Made.Press("one", celsius: chance.Next(2) == 0 ? 150 : null)];
        if (chance.Next(2) == 0)
            presses.Add(Made.Press("two", chance.Next(2) == 0 ? "swing-platen" : "clamshell-platen"));
        presses.Add(Made.Press("mugs", "mug-press"));
        if (chance.Next(6) == 0)
            presses[0] = presses[0] with { BrokenSince = presses.Count > 2 ? Nine.AddMinutes(40) : null };
        var jobs = Enumerable.Range(0, 1 + chance.Next(4)).Select(_ => Made.Job(Jobs[chance.Next(Jobs.Length)], 1 + chance.Next(4), presses,
            chance.Next(2) == 0 ? Nine.AddMinutes(20 + chance.Next(240)) : null)).ToList();
        var people = Enumerable.Range(0, 1 + chance.Next(3)).Select(i => new Helper($"{i}", i > 0 && chance.Next(3) == 0
            ? [new Stretch(Nine.AddMinutes(30), Nine.AddMinutes(120))] : [])).ToList();
        List<Stretch> breaks = chance.Next(3) == 0 ? [new Stretch(Nine.AddMinutes(45), Nine.AddMinutes(60))] : [];
        return new DayAsk(Nine, people, breaks, presses, 1 + chance.Next(2), jobs);
    }
}
