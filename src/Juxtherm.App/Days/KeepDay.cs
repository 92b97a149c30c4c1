using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.App.Bench;
using Juxtherm.Core.Days;
using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Changes;
using Juxtherm.Core.Days.Scheduling;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Store;

namespace Juxtherm.App.Days;

/// <summary>Plans a day, keeps it, and plans the rest of it anew when something happens.</summary>
/// <param name="asker">Makes of a wish what is planned.</param>
/// <param name="planner">Plans.</param>
/// <param name="improver">Looks for something better in the background.</param>
/// <param name="store">Where the day is kept.</param>
/// <param name="days">Reads it.</param>
/// <param name="runs">Runs of its jobs.</param>
/// <param name="bench">Where they stand.</param>
/// <param name="pace">Learns how fast hands are.</param>
/// <param name="gate">Nothing is written while the data is exchanged.</param>
/// <param name="clock">The time.</param>
/// <param name="language">Says why something is refused.</param>
public sealed class KeepDay(DayAsker asker, DayPlanner planner, DayImprover improver, KeptStore store, DayKept days, RunStore runs,
    BenchService bench, WorkshopPace pace, WorkshopGate gate, TimeProvider clock, ILanguage language) : IDisposable
{
    private const int MostSaid = 400;
    private const int MostWhatIfs = 6;
    // So long after its end a day is over, and what is pressed belongs to another (ours).
    private static readonly TimeSpan Over = TimeSpan.FromHours(12);
    private readonly SemaphoreSlim _one = new(1);

    private IWords Words => language.WordsFor(UnitSystem.Metric);

    public void Dispose() => _one.Dispose();

    /// <summary>Plans a day without keeping it.</summary>
    /// <param name="json">What is wished.</param>
    /// <param name="units">Units of the texts.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<DayPlan>> PlanAsync(string json, UnitSystem units, CancellationToken cancel)
    {
        var problems = new Problems();
        if (DayReader.Read(json, problems) is not { } wish)
            return new Invalid(problems, "day");
        var made = await asker.MakeAsync(wish, wish.From, [], [], None, cancel);
        if (made.Value is not { } ask)
            return made.Failure!;
        return Planned(ask, ScheduleEffort.Quick, cancel) is { } planned ? planned.For(language.WordsFor(units)) : NoRoom();
    }

    /// <summary>The day as it stands.</summary>
    public async Task<Result<CurrentDay>> FindAsync(UnitSystem units, CancellationToken cancel) =>
        await KeptAsync(cancel) is { } kept ? Current(kept.Day, kept.Version, units) : new Missing("day");

    /// <summary>Keeps a day, planned; what of it is over or under way stays where it is.</summary>
    /// <param name="json">What is wished.</param>
    /// <param name="version">The version that it was changed from; 0 for a new day.</param>
    /// <param name="units">Units of the texts.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<CurrentDay>> SaveAsync(string json, int version, UnitSystem units, CancellationToken cancel)
    {
        var problems = new Problems();
        if (DayReader.Read(json, problems) is not { } wish)
            return new Invalid(problems, "day");
        if (wish.Jobs.Count == 0)
            return new Refused("empty", Words.Say("day.empty"));
        using var only = await OnlyAsync(cancel);
        var before = await KeptAsync(cancel);
        if ((before?.Version ?? 0) != version)
            return new Refused("stale", Words.Say("day.other-now"), before is { } b ? Current(b.Day, b.Version, units) : null);
        var goesOn = before is { } kept && kept.Day.Plan.Tasks.Any(t => t.Start < clock.GetUtcNow()) && IsSameDay(kept.Day, wish);
        var begun = goesOn ? DayNow.Begun(before!.Value.Day.Plan.Tasks, clock.GetUtcNow()) : [];
        return await PlanAnewAsync(wish, begun, goesOn ? before!.Value.Day : null,
            before is { } then ? JobsOf(then.Day) : None, version, null, units, ScheduleEffort.AtOnce, cancel);
    }

    /// <summary>Something happened: the rest is planned anew.</summary>
    /// <param name="said">What.</param>
    /// <param name="units">Units of the texts.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<CurrentDay>> SayAsync(DayEvent said, UnitSystem units, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(said);
        using var only = await OnlyAsync(cancel);
        if (await KeptAsync(cancel) is not { } kept)
            return new Missing("day");
        if (kept.Day.Said.Contains(said.CommandId))
            return Current(kept.Day, kept.Version, units);
        try
        {
            var (tasks, now) = (kept.Day.Plan.Tasks, Now(kept.Day));
            var (wish, begun) = DayChanges.Take(WishOf(kept.Day), tasks, said, now);
            // What is told of hands counts for the days to come, and for the rest of this one.
            var told = TimesAtTable.Of(tasks, said, kept.Day.Heard, kept.Day.Pace, now);
            var open = said.Kind == DayEventKind.NotYet
                ? tasks.Where(t => said.Tasks.Contains(t.Id, StringComparer.Ordinal)).Select(t => t.Block)
                    .ToHashSet(StringComparer.Ordinal) : [];
            await pace.KeepAsync(told, t => t.At >= wish.From && open.Contains(t.Block), cancel);
            var after = await PlanAnewAsync(wish, begun, kept.Day with { Heard = TimesAtTable.Heard(kept.Day.Heard, tasks, said, now) },
                JobsOf(kept.Day), kept.Version, said.CommandId, units, ScheduleEffort.AtOnce, cancel);
            // What was not taken in teaches nothing: it will be said again.
            if (after.Value is null)
                await pace.KeepAsync([], told.Contains, cancel);
            return after;
        }
        catch (DayRefusedException refused)
        {
            return Refused.Of(refused, Words);
        }
    }

    /// <summary>Looks what the bench says of the day's jobs; where it is far from the plan, the rest is planned anew.</summary>
    public async Task HearBenchAsync(CancellationToken cancel)
    {
        using var only = await OnlyAsync(cancel);
        if (await KeptAsync(cancel) is not { } kept || clock.GetUtcNow() < kept.Day.Plan.From
            || clock.GetUtcNow() > kept.Day.Plan.Finish + Over)
            return;
        var wish = WishOf(kept.Day);
        var (finished, at) = await AtBenchAsync(wish, cancel);
        if (BenchSaid.Of(kept.Day.Plan.Tasks, finished, at, clock.GetUtcNow()) is { } begun)
            await PlanAnewAsync(wish, begun, kept.Day, JobsOf(kept.Day), kept.Version, null, UnitSystem.Metric, ScheduleEffort.AtOnce,
                cancel);
    }

    /// <summary>Looks for a better plan in the background.</summary>
    public async Task<Result<CurrentDay>> ImproveAsync(UnitSystem units, CancellationToken cancel)
    {
        if (await KeptAsync(cancel) is not { } kept)
            return new Missing("day");
        var wish = WishOf(kept.Day);
        var now = Now(kept.Day);
        var begun = DayNow.Begun(kept.Day.Plan.Tasks, now);
        var made = await asker.MakeAsync(wish, now, begun, [], JobsOf(kept.Day), cancel);
        if (made.Value is not { } ask)
            return made.Failure!;
        improver.Begin(ask, async planned =>
        {
            // Whoever changed the day meanwhile has it their way.
            using var inside = await gate.EnterAsync(CancellationToken.None);
            using var only = await OnlyAsync(CancellationToken.None);
            if (await KeptAsync(CancellationToken.None) is { } then && then.Version == kept.Version
                && (planned.LateSeconds, planned.Finish).CompareTo((then.Day.Plan.LateSeconds, then.Day.Plan.Finish)) <= 0)
                await StoreAsync(Made(wish, planned, ask, kept.Day, null), kept.Version, CancellationToken.None);
        });
        return Current(kept.Day, kept.Version, units);
    }

    /// <summary>Stops looking for something better.</summary>
    public async Task<Result<CurrentDay>> StopAsync(UnitSystem units, CancellationToken cancel)
    {
        await improver.StopAsync();
        return await FindAsync(units, cancel);
    }

    /// <summary>What would come of doing it otherwise, side by side.</summary>
    /// <param name="ifs">What else.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<IReadOnlyList<WhatIfAnswer>>> WhatIfAsync(IReadOnlyList<WhatIf> ifs, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(ifs);
        if (await KeptAsync(cancel) is not { } kept)
            return new Missing("day");
        var (wish, now) = (WishOf(kept.Day), Now(kept.Day));
        var begun = DayNow.Begun(kept.Day.Plan.Tasks, now);
        var answers = new List<WhatIfAnswer>();
        foreach (var other in ifs.Take(MostWhatIfs))
        {
            var tried = WhatIfs.Of(wish, other);
            var from = begun.Count > 0 ? now : tried.From;
            var made = await asker.MakeAsync(tried, from, begun, [], JobsOf(kept.Day), cancel);
            if (made.Value is { } ask && Planned(ask, ScheduleEffort.AtOnce, cancel) is { } planned && planned.For(Words) is var plan)
                answers.Add(new WhatIfAnswer(other.Name, plan.From, plan.Finish, plan.LateSeconds, [.. plan.Jobs.Select(j => j.Ready)],
                    plan.HeatChanges));
        }

        return Result.Done<IReadOnlyList<WhatIfAnswer>>(answers);
    }

    /// <summary>Forgets the day.</summary>
    public async Task EndAsync(CancellationToken cancel)
    {
        using var only = await OnlyAsync(cancel);
        await store.RemoveAsync(KeptRow.Day, cancel);
    }

    private async Task<(IReadOnlyList<FinishedPiece> Finished, IReadOnlySet<int> AtBench)> AtBenchAsync(DayWish wish,
        CancellationToken cancel)
    {
        var numbers = wish.Jobs.Select((j, i) => (j.Id, i)).Where(j => j.Id is not null).DistinctBy(j => j.Id)
            .ToDictionary(j => j.Id!.Value, j => j.i);
        var (finished, at) = (new Dictionary<(int, int), FinishedPiece>(), new HashSet<int>());
        foreach (var (id, jobId) in await runs.OfJobsAsync([.. numbers.Keys], wish.From, cancel))
        {
            if (await bench.FindAsync(id, cancel) is not { } run)
                continue;
            at.Add(numbers[jobId]);
            foreach (var piece in run.State.Pieces.Where(p => p is { Status: PieceStatus.Done, EndedAt: not null }))
                // What takes the place of a lost piece is that piece to the day.
                for (var place = piece; place is not null; place = run.State.Pieces.FirstOrDefault(p => p.Number == place.InsteadOf))
                    finished[(numbers[jobId], place.Number)] = new FinishedPiece(numbers[jobId], place.Number, piece.EndedAt!.Value);
        }

        return ([.. finished.Values], at);
    }

    private async Task<Result<CurrentDay>> PlanAnewAsync(DayWish wish, IReadOnlyList<DayTask> begun, KeptDay? before,
        IReadOnlySet<Guid> known, int version, Guid? said, UnitSystem units, ScheduleEffort effort, CancellationToken cancel)
    {
        var now = begun.Count > 0 || said is not null ? clock.GetUtcNow() is var t && t > wish.From ? t : wish.From : wish.From;
        // Whole seconds, as everything in a plan.
        now = DateTimeOffset.FromUnixTimeSeconds(now.ToUnixTimeSeconds());
        var made = await asker.MakeAsync(wish, now, begun, before?.Plan.Tasks ?? [], known, cancel);
        if (made.Value is not { } ask)
            return made.Failure!;
        if (Planned(ask, effort, cancel) is not { } planned)
            return NoRoom();
        var day = Made(wish, planned, ask, before, said);
        return await StoreAsync(day, version, cancel) ? Current(day, version + 1, units) : new Refused("stale", Words.Say("day.other-now"));
    }

    private PlannedDay? Planned(DayAsk ask, ScheduleEffort effort, CancellationToken cancel)
    {
        try
        {
            return planner.Plan(ask, effort, null, cancel);
        }
        catch (NoRoomException)
        {
            return null;
        }
    }

    private Refused NoRoom() => new("no-room", Words.Say("day.no-room"));

    private KeptDay Made(DayWish wish, PlannedDay planned, DayAsk ask, KeptDay? before, Guid? said)
    {
        var (plan, us) = (planned.For(Words), planned.For(language.WordsFor(UnitSystem.Us)));
        var then = before?.Plan.Tasks.ToDictionary(t => t.Id, StringComparer.Ordinal);
        var moved = then is null ? 0 : plan.Tasks.Count(t => t is { Fixed: false, Hands: > 0 } && then.TryGetValue(t.Id, out var was)
            && ((was.Start - t.Start).Duration() > TimeSpan.FromMinutes(5) || was.Press != t.Press));
        IEnumerable<Guid> all = [.. before?.Said ?? [], .. said is { } id ? new[] { id } : []];
        return new KeptDay(JsonNode.Parse(wish.ToJson())!, plan, us.Jobs, us.Why, [.. all.TakeLast(MostSaid)],
            ask.Presses.ToDictionary(p => p.Id, p => p.Name, StringComparer.Ordinal), moved)
        {
            Heard = before?.Heard ?? [],
            Pace = ask.Pace,
        };
    }

    private Task<(KeptDay Day, int Version)?> KeptAsync(CancellationToken cancel) => days.FindAsync(cancel);

    private Task<bool> StoreAsync(KeptDay day, int version, CancellationToken cancel) =>
        store.SaveAsync(KeptRow.Day, JsonSerializer.Serialize(day, CoreJson.Options), version, cancel);

    private CurrentDay Current(KeptDay day, int version, UnitSystem units) => new(day.In(units))
    {
        Wish = day.Wish,
        Version = version,
        Now = clock.GetUtcNow(),
        Hands = [.. WishOf(day).People.Select((p, i) => new DayRow($"{i}", p.Name, DayStretch.OfHands(day.Plan.Tasks, i)))],
        Presses = [.. day.PressNames.Select(p => new DayRow(p.Key, p.Value, DayStretch.OfPress(day.Plan.Tasks, p.Key)))],
        Improving = improver.Now,
        Moved = day.Moved,
        Pace = [.. day.Pace.Shares.OrderBy(s => s.Key).Select(s => new HandShare(s.Key, Math.Round(s.Value, 2)))],
    };

    private DateTimeOffset Now(KeptDay day)
    {
        var now = DateTimeOffset.FromUnixTimeSeconds(clock.GetUtcNow().ToUnixTimeSeconds());
        return now > day.Plan.Tasks.Select(t => t.Start).DefaultIfEmpty(now).Min() ? now : WishOf(day).From;
    }

    private static HashSet<Guid> None => [];

    private static HashSet<Guid> JobsOf(KeptDay day) => WishOf(day).Jobs.Select(j => j.Id).OfType<Guid>().ToHashSet();

    private static DayWish WishOf(KeptDay day) => DayKept.WishOf(day);

    /// <summary>It goes on: it began at the same time, and its jobs are the same, perhaps with more after them.</summary>
    private static bool IsSameDay(KeptDay day, DayWish wish)
    {
        var before = WishOf(day);
        return before.From == wish.From && before.Jobs.Count <= wish.Jobs.Count && before.Jobs.Zip(wish.Jobs)
            .All(j => j.First.Id == j.Second.Id);
    }

    private async Task<IDisposable> OnlyAsync(CancellationToken cancel)
    {
        await _one.WaitAsync(cancel);
        return new Released(_one);
    }

    private sealed class Released(SemaphoreSlim one) : IDisposable
    {
        public void Dispose() => one.Release();
    }
}
