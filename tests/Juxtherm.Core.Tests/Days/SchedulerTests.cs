using Juxtherm.Core.Days.Scheduling;

namespace Juxtherm.Core.Tests.Days;

/// <summary>What the solver calls best is best.</summary>
public class SchedulerTests
{
    [Theory]
    [MemberData(nameof(Seeds))]
    public void No_way_of_doing_it_is_better_than_the_one_found(int seed) => Hold(seed);

    [Theory]
    [Trait("Run", "thorough")]
    [MemberData(nameof(LongSeeds))]
    public void Nor_is_one_of_those_with_more_ways_to_try(int seed) => Hold(seed);

    private static void Hold(int seed)
    {
        var work = RandomWork.Small(seed);
        var found = Scheduler.Find(work, new ScheduleEffort(20, 5));
        Assert.True(found.Optimal);
        var schedule = found.Schedule;
        var known = (schedule.Late, schedule.Finish, schedule.HeatChanges, schedule.Hands.Changes);
        Assert.Equal(new EveryWay(work).Find(known), known);
        Assert.Equal((schedule.Late, schedule.Finish), (found.BoundLate, found.BoundFinish));
    }

    [Fact]
    public void The_same_work_gives_the_same_plan()
    {
        var work = RandomWork.Small(3);
        var (a, b) = (Scheduler.Find(work, ScheduleEffort.Quick), Scheduler.Find(work, ScheduleEffort.Quick));
        Assert.Equal(Said(a), Said(b));
    }

    /// <summary>A search that is broken off from outside once took the whole program down with it.</summary>
    [Fact]
    public void Stopped_at_any_moment_it_gives_the_best_so_far()
    {
        for (var seed = 1; seed <= 60; seed++)
        {
            var work = RandomWork.Small(seed);
            using var stop = new CancellationTokenSource();
            stop.CancelAfter(seed % 12);
            var found = Scheduler.Find(work, new ScheduleEffort(1, 1), seed % 3 == 0 ? p => p.Share < 0.5 : null, stop.Token);
            Assert.Equal(work.Blocks.Count + work.Batches.Sum(b => b.Modes[0].Blocks.Count), found.Schedule.Blocks.Count);
        }
    }

    private static IEnumerable<(string, int, int?)> Said(Scheduled scheduled) =>
        scheduled.Schedule.Blocks.Select(p => (p.Block.Id, p.Start, p.Press));

    // These take by far the longest to try.
    private static readonly int[] Long = [13, 17];

    public static TheoryData<int> Seeds() => [.. Enumerable.Range(1, 24).Except(Long)];

    public static TheoryData<int> LongSeeds() => [.. Long];
}
