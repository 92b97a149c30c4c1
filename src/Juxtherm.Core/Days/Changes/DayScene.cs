using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Days.Changes;

/// <summary>A day as it stands while something happens in it.</summary>
internal sealed class DayScene
{
    private readonly List<DayTask> _begun;

    public DayScene(DayWish wish, IReadOnlyList<DayTask> tasks, DateTimeOffset now)
    {
        (Wish, Tasks, Moment) = (wish, tasks, now);
        _begun = [.. DayNow.Begun(tasks, now)];
    }

    /// <summary>What is asked of it.</summary>
    public DayWish Wish { get; set; }

    /// <summary>As it was planned.</summary>
    public IReadOnlyList<DayTask> Tasks { get; }

    /// <summary>The time, UTC.</summary>
    public DateTimeOffset Moment { get; }

    /// <summary>What is over or under way.</summary>
    public IReadOnlyList<DayTask> Begun => _begun;

    /// <summary>The tasks of a block, by time.</summary>
    public List<DayTask> BlockOf(string task)
    {
        var of = Tasks.FirstOrDefault(t => t.Id == task)
            ?? throw new DayRefusedException("no-such-task", new Phrase("day.no-such-task", ("task", task)));
        var block = of.Block;
        return [.. (_begun.Exists(t => t.Block == block) ? _begun : Tasks)
            .Where(t => t.Block == block).OrderBy(t => t.Start)];
    }

    /// <summary>Says how a block went: it stays so.</summary>
    public void Went(IEnumerable<DayTask> tasks)
    {
        List<DayTask> all = [.. tasks.Select(t => t with { Fixed = true })];
        _begun.RemoveAll(b => all.Exists(t => t.Id == b.Id));
        _begun.AddRange(all);
    }

    /// <summary>Nothing of it happened: it is still to be done.</summary>
    public void DidNot(Predicate<DayTask> which) => _begun.RemoveAll(which);

    /// <summary>The press of that id.</summary>
    public int PressAt(string? id)
    {
        for (var p = 0; p < Wish.Presses.Count; p++)
            if (Wish.Presses[p].Id == id)
                return p;
        throw new DayRefusedException("no-such-press", new Phrase("day.no-such-press", ("press", id ?? "")));
    }

    /// <summary>The day's job of that number.</summary>
    public int JobAt(int? job) => job is { } j && j >= 0 && j < Wish.Jobs.Count ? j
        : throw new DayRefusedException("no-such-job", new Phrase("day.no-such-job"));

    /// <summary>The same presses, one of them otherwise.</summary>
    public void With(int press, WishedPress changed) =>
        Wish = Wish with { Presses = [.. Wish.Presses.Select((p, i) => i == press ? changed : p)] };

    /// <summary>The same jobs, one of them otherwise.</summary>
    public void With(int job, WishedJob changed) => Wish = Wish with { Jobs = [.. Wish.Jobs.Select((j, i) => i == job ? changed : j)] };
}

/// <summary>What something that happens does to a day.</summary>
internal interface IDayChange
{
    /// <summary>What it is.</summary>
    DayEventKind Kind { get; }

    /// <summary>Takes it in.</summary>
    /// <param name="scene">The day.</param>
    /// <param name="said">What was said.</param>
    /// <exception cref="DayRefusedException">It does not fit.</exception>
    void Take(DayScene scene, DayEvent said);
}
