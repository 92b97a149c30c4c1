using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Tasks;

namespace Juxtherm.Core.Days.Changes;

/// <summary>Takes in what happens in the course of a day.</summary>
public static class DayChanges
{
    private static readonly IReadOnlyList<IDayChange> All =
    [
        new BeginsNow(), new DoneSooner(), new NotYet(), new TakesLonger(), new SomebodyLeaves(), new SomebodyComes(), new PressBreaks(),
            new PressIsBack(),
        new OnceMore(), new RushJob(), new DropJob(),
    ];

    /// <summary>Takes it in.</summary>
    /// <param name="wish">What is asked of the day.</param>
    /// <param name="tasks">As it was planned.</param>
    /// <param name="said">What happened.</param>
    /// <param name="now">The time, UTC.</param>
    /// <returns>What is asked of it now, and what of it is over or under way.</returns>
    /// <exception cref="DayRefusedException">It does not fit.</exception>
    public static (DayWish Wish, IReadOnlyList<DayTask> Begun) Take(DayWish wish, IReadOnlyList<DayTask> tasks, DayEvent said,
        DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(said);
        var scene = new DayScene(wish, tasks, now);
        All.First(c => c.Kind == said.Kind).Take(scene, said);
        return (scene.Wish, scene.Begun);
    }
}
