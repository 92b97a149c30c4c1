using System.Collections.Concurrent;
using System.Text.Json;
using Juxtherm.Core.Bench;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Planning;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Juxtherm.Web.Endpoints;

namespace Juxtherm.Web.Hosting;

/// <summary>What became of a start.</summary>
/// <param name="Run">The run; null when it did not start.</param>
/// <param name="Stop">The plan's stop, when that is why.</param>
internal sealed record Started(RunAnswer? Run, string? Stop);

/// <summary>What became of something said.</summary>
/// <param name="Run">Where the run stands now; null when there is none.</param>
/// <param name="OutOfStep">It was said to a step that is no longer the current one, and was not taken in.</param>
internal sealed record Said(RunAnswer? Run, bool OutOfStep);

/// <summary>Carries runs between the core's rules and the store. Everything is kept before it is answered.</summary>
/// <param name="jobs">Jobs to begin from.</param>
/// <param name="runs">Where runs are kept.</param>
/// <param name="plans">Makes the plan that is frozen.</param>
/// <param name="planner">Reads frozen jobs.</param>
/// <param name="clock">The run's time.</param>
internal sealed class BenchService(JobStore jobs, RunStore runs, PlanCache plans, Planner planner, TimeProvider clock)
{
    private const int MostRemembered = 32;
    private readonly ConcurrentDictionary<Guid, Thawed> _thawed = new();

    public async Task<Started> StartAsync(Guid jobId, UnitSystem units, CancellationToken cancel)
    {
        if (await jobs.FindAsync(jobId, cancel) is not { } row)
            return new Started(null, null);
        var problems = new Problems();
        if (plans.Plan(row.Json, units, problems) is not { } planned)
            return new Started(null, "This job cannot be read any more: " + problems.Found[0].Message);
        var (_, result) = planned;
        if (result.Plan.Verdict == Verdict.Stop)
            return new Started(null, "The plan has a stop: " + result.Plan.Notices[0].Text);

        var now = clock.GetUtcNow();
        var run = new RunRow
        {
            Id = Guid.CreateVersion7(now),
            JobId = jobId,
            Title = row.Title,
            JobJson = row.Json,
            PlanJson = JsonSerializer.Serialize(result.Plan, CoreJson.Options),
            CatalogueVersion = result.Plan.CatalogueVersion,
            ModelVersion = result.Plan.ModelVersion,
            StartedUtc = now,
            Status = Word(RunStatus.Running),
        };
        run.Trace = new RunTraceRow { RunId = run.Id, Json = JsonSerializer.Serialize(new TraceAnswer(result.Trace), CoreJson.Options) };
        await runs.AddAsync(run, cancel);
        return new Started(Answer(run, now), null);
    }

    public async Task<RunAnswer?> FindAsync(Guid id, CancellationToken cancel) => await runs.FindAsync(id, cancel) is { } row ? Answer(row, clock.GetUtcNow()) : null;

    public async Task<TraceAnswer?> TraceAsync(Guid id, CancellationToken cancel) =>
        await runs.TraceAsync(id, cancel) is { } json ? JsonSerializer.Deserialize<TraceAnswer>(json, CoreJson.Options) : null;

    public async Task<IReadOnlyList<RunAnswer>> UnderWayAsync(CancellationToken cancel)
    {
        var now = clock.GetUtcNow();
        return [.. (await runs.UnderWayAsync(cancel)).Select(row => Answer(row, now))];
    }

    public async Task<Said> SayAsync(Guid id, BenchCommand command, CancellationToken cancel)
    {
        if (await runs.FindAsync(id, cancel) is not { } row)
            return new Said(null, false);
        var now = clock.GetUtcNow();
        if (row.Events.Exists(e => e.CommandId == command.CommandId))
            return new Said(Answer(row, now), false);

        var (job, plan, script) = Thaw(row);
        var before = BenchRules.Advance(script, State(row, script), now);
        if (command.Sequence != before.Sequence || command.Step != before.Index)
            return new Said(Answer(row, now), true);

        var said = new BenchEvent(now, command.Action, command.Outcomes, command.Note);
        var after = BenchRules.Apply(script, before, said);
        var entry = after.Outcomes.Count > before.Outcomes.Count ? Entry(row.Id, LogEntry.Of(job, plan, after, after.Outcomes[^1])) : null;
        var kept = new RunEventRow { RunId = id, Sequence = after.Sequence, CommandId = command.CommandId, AtUtc = now, EventJson = JsonSerializer.Serialize(said, CoreJson.Options) };
        var first = await runs.AppendAsync(kept, Word(after.Status), entry, cancel);
        var current = (await runs.FindAsync(id, cancel))!;
        // Not first: either the same command came twice at once, which is fine, or another one won.
        return new Said(Answer(current, now), !first && !current.Events.Exists(e => e.CommandId == command.CommandId));
    }

    /// <summary>What a run was frozen from. It never changes, so the last few are remembered.</summary>
    private Thawed Thaw(RunRow row)
    {
        if (_thawed.TryGetValue(row.Id, out var known))
            return known;
        var job = JobReader.Read(row.JobJson, planner.Catalogue, new Problems()) ?? throw new InvalidOperationException($"The job frozen in run {row.Id} cannot be read.");
        var plan = JsonSerializer.Deserialize<Plan>(row.PlanJson, CoreJson.Options)!;
        if (_thawed.Count >= MostRemembered)
            _thawed.Clear();
        return _thawed[row.Id] = new Thawed(job, plan, BenchScript.Of(plan, job.Quantity));
    }

    private static RunState State(RunRow row, BenchScript script) =>
        BenchRules.Replay(script, row.StartedUtc, row.Events.Select(e => JsonSerializer.Deserialize<BenchEvent>(e.EventJson, CoreJson.Options)!));

    private RunAnswer Answer(RunRow row, DateTimeOffset now)
    {
        var (job, plan, script) = Thaw(row);
        var state = BenchRules.Advance(script, State(row, script), now);
        BenchStep? At(int index) => state.Status == RunStatus.Running && index < script.Steps.Count ? script.Steps[index] : null;
        return new RunAnswer(
            row.Id, row.JobId, row.Title, job.Layer.Colour, script.Pieces, state.Status, state.Sequence, now, state.EnteredAt, BenchRules.DueAt(script, state), script.Steps.Count,
            At(state.Index), At(state.Index + 1), plan.BondingPress, state.Holds, state.Outcomes, state.Remarks);
    }

    private sealed record Thawed(Job Job, Plan Plan, BenchScript Script);

    private static LogRow Entry(Guid runId, LogEntry entry) => new()
    {
        RunId = runId,
        AtUtc = entry.At,
        Title = entry.Title,
        Piece = entry.Piece,
        Pieces = entry.Pieces,
        Vinyl = entry.Vinyl,
        Material = entry.Material,
        Form = entry.Form,
        HeatSource = entry.HeatSource,
        Cover = entry.Cover,
        Underlay = entry.Underlay,
        Celsius = entry.Celsius,
        PlannedSeconds = entry.PlannedSeconds,
        PressedSeconds = entry.PressedSeconds,
        Pressure = Word(entry.Pressure),
        PressureKPa = entry.PressureKPa,
        PredictedBond = entry.PredictedBond,
        Outcomes = string.Join(',', entry.Outcomes.Select(Word)),
        Note = entry.Note,
    };

    private static string Word<T>(T value)
        where T : struct, Enum => JsonNamingPolicy.KebabCaseLower.ConvertName(value.ToString());
}
