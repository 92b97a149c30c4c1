using Juxtherm.Core.Plans;
using Juxtherm.Core.Practice;
using Juxtherm.Core.Practice.Judging;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Rehearsing;

/// <summary>Cases from a number are fair: whoever knows what is hidden always succeeds, careful work mostly, habit seldom.</summary>
public class RandomCaseTests
{
    private static readonly PracticeHall Hall = new(new Planner(Shipped.Catalogue, Language.English));

    [Fact]
    public void Careful_work_mostly_succeeds_and_habit_seldom() => Hold(24, 0.8, 0.5);

    [Fact]
    [Trait("Run", "thorough")]
    public void So_it_is_over_a_thousand() => Hold(1000, 0.85, 0.4);

    private static void Hold(int count, double carefulAtLeast, double habitAtMost)
    {
        var came = Enumerable.Range(0, count).AsParallel().Select(seed =>
        {
            var id = $"{PracticeHall.SeedPrefix}{seed}";
            CameOut? As(Who who) => Hall.MovesOf(id, who) is { } moves ? Hall.Judge(id, moves)!.Own : null;
            return (Id: id, Knowing: As(Who.Knowing), Careful: As(Who.Careful)!, Habit: As(Who.LikeATee)!);
        }).ToList();
        Assert.Equal([], came.Where(c => c.Knowing is not { Good: true }).Select(c => c.Id));
        Assert.True(came.Count(c => c.Careful.Good) >= carefulAtLeast * count);
        Assert.True(came.Count(c => c.Habit.Good) <= habitAtMost * count);
    }
}
