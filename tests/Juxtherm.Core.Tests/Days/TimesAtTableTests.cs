using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Days.Changes;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Days.Work;

namespace Juxtherm.Core.Tests.Days;

/// <summary>What “begun” and “done” tell of hands away from the press.</summary>
public class TimesAtTableTests
{
    private static readonly DateTimeOffset Nine = new(2026, 12, 1, 9, 0, 0, TimeSpan.Zero);

    private static DayTask Task(string id, DayTaskKind kind, int from, int seconds, int hands = 1, params string[] after) =>
        new(id, 0, null, kind, Nine.AddSeconds(from), Nine.AddSeconds(from + seconds), null, kind == DayTaskKind.Cut, hands, after, null)
        {
            Who = hands > 0 ? 0 : null,
        };

    private static DayEvent Done(params string[] tasks) => new(Guid.NewGuid(), DayEventKind.Done) { Tasks = tasks };

    private static IReadOnlyList<TimeAtTable> Told(IReadOnlyList<DayTask> tasks, DayEvent said, int since, int now,
        HandPace? pace = null) =>
        TimesAtTable.Of(tasks, said, [new HandsHeard(0, Nine.AddSeconds(since))], pace ?? HandPace.Typical, Nine.AddSeconds(now));

    [Fact]
    public void The_time_since_hands_were_heard_is_shared_by_what_is_typical()
    {
        DayTask[] tasks = [Task("1/1/weed.1", DayTaskKind.Weed, 0, 60), Task("1/2/weed.1", DayTaskKind.Weed, 60, 120)];
        var told = Told(tasks, Done("1/1/weed.1", "1/2/weed.1"), 0, 270);
        Assert.Equal([("1/1/weed", 60.0, 90.0), ("1/2/weed", 120, 180)], told.Select(t => (t.Block, t.Time.Typical, t.Time.Seconds)));
    }

    [Fact]
    public void What_the_cutter_takes_is_no_time_of_hands()
    {
        DayTask[] tasks = [Task("1/mat.1", DayTaskKind.Cut, 0, 60), Task("1/mat.2", DayTaskKind.Cut, 60, 200, 0, "1/mat.1")];
        var time = Assert.Single(Told(tasks, Done("1/mat.1"), 0, 290)).Time;
        Assert.Equal((DayTaskKind.Cut, 60.0, 90.0), (time.Kind, time.Typical, time.Seconds));
    }

    [Fact]
    public void What_was_planned_for_slower_hands_is_held_against_what_is_typical()
    {
        var slow = new HandPace(new Dictionary<DayTaskKind, double> { [DayTaskKind.Pack] = 1.5 });
        var time = Assert.Single(Told([Task("1/pack.1", DayTaskKind.Pack, 0, 90)], Done("1/pack.1"), 0, 90, slow)).Time;
        Assert.Equal((60.0, 90.0), (time.Typical, time.Seconds));
    }

    [Theory]
    [InlineData(100, 0, 400, "It was to begin only later.")]
    [InlineData(0, 0, 500, "Whoever takes so long was called away.")]
    [InlineData(0, 300, 300, "No time has gone by.")]
    public void Some_times_tell_nothing(int from, int since, int now, string why) =>
        Assert.True(Told([Task("1/1/weed.1", DayTaskKind.Weed, from, 60)], Done("1/1/weed.1"), since, now).Count == 0, why);

    [Fact]
    public void What_had_to_wait_for_something_else_tells_nothing()
    {
        DayTask[] tasks = [Task("1/mat.1", DayTaskKind.Cut, 0, 300, 0), Task("1/1/weed.1", DayTaskKind.Weed, 30, 60, 1, "1/mat.1")];
        Assert.Empty(Told(tasks, Done("1/1/weed.1"), 0, 120));
        tasks[0] = Task("1/mat.1", DayTaskKind.Cut, -300, 300, 0);
        Assert.Single(Told(tasks, Done("1/1/weed.1"), 0, 120));
    }

    [Fact]
    public void What_is_done_at_a_press_is_for_the_bench_to_tell()
    {
        DayTask[] tasks = [Task("1/1/1.1", DayTaskKind.Lay, 0, 20)];
        Assert.Empty(Told(tasks, Done("1/1/1.1"), 0, 40));
    }

    [Fact]
    public void Each_pair_of_hands_is_heard_for_itself()
    {
        DayTask[] tasks = [Task("1/1/weed.1", DayTaskKind.Weed, 0, 60), Task("1/2/weed.1", DayTaskKind.Weed, 0, 60) with { Who = 1 }];
        var heard = TimesAtTable.Heard([new HandsHeard(0, Nine)], tasks, Done("1/2/weed.1"), Nine.AddSeconds(50));
        Assert.Equal([new HandsHeard(0, Nine), new HandsHeard(1, Nine.AddSeconds(50))], heard);
        Assert.Same(heard, TimesAtTable.Heard(heard, tasks, new DayEvent(Guid.NewGuid(), DayEventKind.Left), Nine));
    }

    /// <summary>Hands that always take the same share are found to take it, mixed with what is typical, and never more than that.</summary>
    [Property]
    public Property A_steady_share_is_learned() => Prop.ForAll(
        Gen.Choose(40, 300).Zip(Gen.Choose(5, 60)).ToArbitrary(), draw =>
        {
            var (percent, pieces) = draw;
            DayTask[] tasks = [.. Enumerable.Range(0, pieces).Select(i => Task($"1/{i}/weed.1", DayTaskKind.Weed, i * 60, 60))];
            var told = Told(tasks, Done([.. tasks.Select(t => t.Id)]), 0, pieces * 60 * percent / 100);
            var share = HandTime.Pace(told.Select(t => t.Time)).Shares[DayTaskKind.Weed];
            return Math.Abs(share - (pieces * percent / 100.0 + 5) / (pieces + 5)) < 0.02;
        });
}
