using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.App.Helpers;
using Juxtherm.App.Learning;
using Juxtherm.App.Logbook;
using Juxtherm.App.Planning;
using Juxtherm.App.Stock;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Commands;
using Juxtherm.Core.Runs.Judging;
using Juxtherm.Core.Settings;
using Juxtherm.Store;

namespace Juxtherm.App.Bench;

/// <summary>Carries runs between the core's rules and the store. Everything is kept before it is answered.</summary>
/// <param name="jobs">Jobs to begin from.</param>
/// <param name="runs">Where runs are kept.</param>
/// <param name="plans">Makes the plan that is frozen.</param>
/// <param name="jobPlans">Knows what a job's plan was agreed with.</param>
/// <param name="planner">Reads frozen jobs.</param>
/// <param name="judge">Says what to do about what is seen.</param>
/// <param name="reckoner">Reckons what pieces tell of their heat.</param>
/// <param name="learning">Learns from what came out.</param>
/// <param name="signals">Tells those who watch.</param>
/// <param name="clock">The run's time.</param>
/// <param name="language">Says why something is refused.</param>
public sealed partial class BenchService(JobStore jobs, RunStore runs, PlanCache plans, JobPlans jobPlans, Planner planner, Judge judge,
    HeatReckoner reckoner, WorkshopLearning learning, RunSignals signals, TimeProvider clock, ILanguage language)
{
    /// <summary>The rules that runs follow now.</summary>
    private const int Rules = 3;

    /// <summary>The earliest rules by which a run can still be gone on with.</summary>
    public const int OldestRules = 2;
    private const long MostRememberedBytes = 64 * 1024 * 1024;

    // A run's texts, once as they are kept and about five times as much as what is read from them.
    private const int BytesPerCharacter = 12;
    private const int MostName = 60;
    private const int LongestAgoSeconds = 3600;

    // So often an event is tried again when others were quicker.
    private const int MostTries = 20;
    private readonly BoundedMemory<Guid, OpenRun> _open = new(MostRememberedBytes);

    public DateTimeOffset Now => clock.GetUtcNow();

    /// <summary>Forgets what it remembers of runs: the data underneath was exchanged.</summary>
    public void Forget() => _open.Clear();

    /// <summary>Begins a run.</summary>
    /// <param name="jobId">Its job.</param>
    /// <param name="units">Units of the texts.</param>
    /// <param name="practice">Nothing of it is written down, learned from or used up.</param>
    /// <param name="cancel">Gives up.</param>
    /// <param name="id">Its id, where whoever begins it chose one: beginning it twice begins one.</param>
    public async Task<Started> StartAsync(Guid jobId, UnitSystem units, bool practice, CancellationToken cancel, Guid? id = null)
    {
        if (id is { } asked && await FindAsync(asked, cancel) is { } before)
            return new Started(before, null);
        if (await jobs.FindAsync(jobId, cancel) is not { } row)
            return new Started(null, null);
        var learned = jobPlans.Agreed(row);
        var text = jobPlans.TextOf(row);
        var (result, stop) = Planned(text, learned, units);
        if (result is null)
            return new Started(null, stop);
        var (job, planned) = result.Value;
        var now = Now;
        var run = new RunRow
        {
            Id = CommandId.Of(id, clock),
            JobId = jobId,
            Title = row.Title,
            JobJson = text,
            PlanJson = JsonSerializer.Serialize(planned.Plan, CoreJson.Options),
            CatalogueVersion = planned.Plan.CatalogueVersion,
            ModelVersion = planned.Plan.ModelVersion,
            StartedUtc = now,
            Status = Word(RunStatus.Running),
            StationName = job.Tools.Source.Name,
            Rules = Rules,
            CorrectionJson = WorkshopLearning.Text(learned),
            Example = row.Example,
            Practice = practice,
        };
        run.Trace = new RunTraceRow { RunId = run.Id, Json = JsonSerializer.Serialize(new TraceAnswer(planned.Trace), CoreJson.Options) };
        await runs.AddAsync(run, WantedBlanks.Of(job), cancel);
        return new Started(await FindAsync(run.Id, cancel), null);
    }

    public async Task<OpenRun?> FindAsync(Guid id, CancellationToken cancel) => await OpenAsync(id, cancel) is { } run ? run.At(Now) : null;

    public async Task<TraceAnswer?> TraceAsync(Guid id, int station, CancellationToken cancel)
    {
        var json = station < 2
            ? await runs.TraceAsync(id, cancel) : (await runs.FindAsync(id, cancel))?.Stations.Find(s => s.Number == station)?.TraceJson;
        return json is null ? null : JsonSerializer.Deserialize<TraceAnswer>(json, CoreJson.Options);
    }

    public async Task<IReadOnlyList<OpenRun>> UnderWayAsync(CancellationToken cancel)
    {
        var found = new List<OpenRun>();
        foreach (var row in await runs.UnderWayAsync(cancel))
        {
            if (await FindAsync(row.Id, cancel) is { } run)
                found.Add(run);
        }

        return found;
    }

    /// <summary>Takes something in that a person said.</summary>
    /// <exception cref="BenchRefusedException">It does not fit where the run stands.</exception>
    public Task<Said> SayAsync(Guid id, BenchCommand command, CancellationToken cancel) => SayAsync(
        id, command.CommandId, run => command.Piece == 0 || command.Move is not { } move || run.State.PieceOf(command.Piece)?.Moves == move,
        (run, then) => new BenchEvent(NotBefore(run, command.Piece, then), command.Action, command.Station, command.Piece)
        {
            By = Asking.Now?.Device.Name,
            Outcomes = command.Outcomes,
            Note = command.Note,
            Item = command.Item,
            Seconds = command.Seconds,
            Knowingly = command.Knowingly ?? false,
            Wanted = command.Wanted,
            Steps = command.Action == BenchAction.Rescue ? Steps(run, command) : null,
            Face = command.Face,
            Layer = command.Layer,
        }, null, cancel, Ago(command));

    /// <summary>What a page said while it could not be heard counts from when it was said.</summary>
    private TimeSpan Ago(BenchCommand command) => command.AgoSeconds switch
    {
        null => TimeSpan.Zero,
        >= 0 and <= LongestAgoSeconds => TimeSpan.FromSeconds(command.AgoSeconds.Value),
        _ => throw new BenchRefusedException("no-such-time",
            language.WordsFor(UnitSystem.Metric).Say("refused.ago", ("ago", command.AgoSeconds), ("longest", LongestAgoSeconds))),
    };

    /// <summary>Nothing is said of a step before it began.</summary>
    private static DateTimeOffset NotBefore(OpenRun run, int piece, DateTimeOffset then) =>
        run.State.PieceOf(piece) is { Station: > 0 } it && it.EnteredAt > then ? it.EnteredAt : then;

    /// <summary>Takes something in.</summary>
    /// <param name="id">The run.</param>
    /// <param name="commandId">Chosen by whoever says it; saying it twice counts once.</param>
    /// <param name="fits">Whether it is said to where the run stands.</param>
    /// <param name="event">What is said; null for nothing after all.</param>
    /// <param name="joins">A press that joins with it.</param>
    /// <param name="cancel">Gives up.</param>
    /// <param name="ago">How long ago it was said.</param>
    public async Task<Said> SayAsync(Guid id, Guid commandId, Func<OpenRun, bool> fits, Func<OpenRun, DateTimeOffset, BenchEvent?> @event,
        Func<OpenRun, RunStationRow>? joins, CancellationToken cancel, TimeSpan ago = default)
    {
        for (var tries = 0; tries < MostTries; tries++)
        {
            if (await OpenAsync(id, cancel) is not { } run)
                return new Said(null, false);
            var now = Now;
            if (await runs.KnowsAsync(id, commandId, cancel))
                return new Said(run.At(now), false);
            var before = run.At(now - ago);
            // Two clocks never agree to the instant: what fits where the run stands now is of a step that had only just begun then.
            if (ago > TimeSpan.Zero && !fits(before))
                before = run.At(now);
            if (!fits(before))
                return new Said(run.At(now), true);
            if (@event(before, now - ago) is not { } said)
                return new Said(run.At(now), false);
            var station = joins?.Invoke(before);
            var with = station is null ? before : before with { Frozen = before.Frozen.With(station, planner) };
            // From where the last event left it, as it will be when it is replayed.
            var after = BenchRules.Apply(with.Frozen.Script, run.State, said);
            List<LogRow> entries = run.Row.Practice
                ? [] : [.. after.Pieces.Where(p => p.EndedAt is not null && before.State.PieceOf(p.Number)?.EndedAt is null)
                .Select(p => Entry(id, with.Frozen.Stations[p.Station - 1], after, p))];
            var kept = new RunEventRow
            {
                RunId = id,
                Sequence = after.Sequence,
                CommandId = commandId,
                AtUtc = said.At,
                EventJson = JsonSerializer.Serialize(said, CoreJson.Options),
                FactJson = JsonSerializer.Serialize(RunFact.Between(run.State, after), CoreJson.Options)
            };
            if (!await runs.AppendAsync(kept, Word(after.Status), entries, station, cancel))
                continue;
            var open = with with { State = after };
            if (station is null)
                Remember(open);
            else
                _open.Forget(id);
            signals.Raise(id);
            if (entries.Count > 0)
                learning.Forget();
            return new Said(open.At(now), false);
        }

        return new Said(await FindAsync(id, cancel), true);
    }

    /// <summary>A further press joins, of the same kind or another.</summary>
    /// <returns>The run; or why not.</returns>
    public async Task<(OpenRun? Run, string? Refused)> JoinAsync(Guid id, StationJoin ask, UnitSystem units, CancellationToken cancel)
    {
        if (await FindAsync(id, cancel) is not { } run)
            return (null, null);
        var json = run.Row.JobJson;
        if (ask.HeatSource is { Length: > 0 } source)
        {
            var job = JsonNode.Parse(json)!.AsObject();
            // Its own plate and its own way of lying under it.
            job["tools"] = new JsonObject { ["heatSource"] = source, ["cutter"] = job["tools"]?["cutter"]?.DeepClone() };
            json = job.ToJsonString();
        }

        var (result, stop) = Planned(json, plans.Correction, units);
        if (result is null)
            return (null, stop);
        var (at, planned) = result.Value;
        var name = string.IsNullOrWhiteSpace(ask.Name) ? Unused(at.Tools.Source.Name, run) : ask.Name.Trim();
        var said = await SayAsync(id, ask.CommandId, _ => true, (_, now) => new BenchEvent(now, BenchAction.Join, 0),
            before => new RunStationRow
            {
                RunId = id,
                Number = before.State.Stations.Count + 1,
                Name = name.Length > MostName ? name[..MostName] : name,
                JobJson = json,
                PlanJson = JsonSerializer.Serialize(planned.Plan, CoreJson.Options),
                TraceJson = JsonSerializer.Serialize(new TraceAnswer(planned.Trace), CoreJson.Options),
                CorrectionJson = WorkshopLearning.Text(plans.Correction),
            }, cancel);
        return (said.Run, null);
    }

    /// <summary>Two presses of a kind are told apart by a number.</summary>
    private static string Unused(string name, OpenRun run)
    {
        var count = run.Frozen.Stations.Count(s => s.Name.StartsWith(name, StringComparison.Ordinal));
        return count == 0 ? name : $"{name} {count + 1}";
    }

    /// <summary>Runs that are not over, by their ids.</summary>
    public Task<IReadOnlyList<Guid>> IdsUnderWayAsync(CancellationToken cancel) => runs.IdsUnderWayAsync(cancel);

    private ((Job Job, PlanResult Result)? Planned, string? Stop) Planned(string json, WorkshopCorrection learned, UnitSystem units)
    {
        var problems = new Problems();
        if (jobPlans.Plan(json, learned, units, problems) is not { } planned)
            return (null, planner.Language.WordsFor(units).Say("job.unreadable", ("why", problems.Found[0].Says)));
        return planned.Result.Plan.Verdict == Verdict.Stop
            ? (null, planner.Language.WordsFor(units).Say("job.stopped", ("why", planned.Result.Plan.Notices[0].Text))) : (planned, null);
    }

    /// <summary>A run up to its last event. What was worked out before is remembered, and only what was said since is added.</summary>
    private async Task<OpenRun?> OpenAsync(Guid id, CancellationToken cancel)
    {
        if (await runs.FindAsync(id, cancel) is not { } row)
            return null;
        if (!_open.TryGet(id, out var known) || known.Frozen.Stations.Count != row.Stations.Count + 1
            || known.State.Sequence > row.Sequence)
        {
            var frozen = FrozenRun.Of(row, planner);
            known = new OpenRun(row, frozen, BenchRules.Begin(frozen.Script));
        }

        if (row.Rules < OldestRules)
            return known
                with
            {
                Row = row,
                State = known.State with { Status = row.Status == Word(RunStatus.Finished) ? RunStatus.Finished : RunStatus.Ended }
            };
        if (known.State.Sequence < row.Sequence)
        {
            foreach (var said in await runs.EventsAsync(id, known.State.Sequence, cancel))
                known = known with { State = RunHistory.After(known.Frozen.Script, known.State, said) };
        }

        var open = known with { Row = row };
        Remember(open);
        return open;
    }

    private void Remember(OpenRun run) =>
        _open.Keep(run.Row.Id, run,
            BytesPerCharacter
            * (long)(run.Row.JobJson.Length + run.Row.PlanJson.Length + run.Row.Stations.Sum(s => s.JobJson.Length + s.PlanJson.Length)));

    private static string Word<T>(T value)
        where T : struct, Enum => LogRows.Word(value);
}
