using Juxtherm.App.Logbook;
using Juxtherm.App.Planning;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Judging;
using Juxtherm.Store;

namespace Juxtherm.App.Bench;

public sealed partial class BenchService
{
    /// <summary>Judges what is seen on a piece.</summary>
    public IReadOnlyList<Advice> Judged(OpenRun run, int piece, IReadOnlyList<Outcome> seen, UnitSystem units)
    {
        if (run.State.PieceOf(piece) is not { Station: > 0 } it)
            return [];
        var station = run.Frozen.Stations[it.Station - 1];
        return judge.Of(station.Job, station.Plan, run.State, it, seen, units);
    }

    /// <summary>Temperatures over time of a piece as it was really pressed; null when there is no such piece at a press.</summary>
    public TraceAnswer? TraceOf(OpenRun run, int piece, UnitSystem units)
    {
        if (run.State.PieceOf(piece) is not { Station: > 0 } it)
            return null;
        var station = run.Frozen.Stations[it.Station - 1];
        return new TraceAnswer(judge.Trace(station.Job, station.Plan, it, units));
    }

    /// <summary>A job that cuts one piece again.</summary>
    /// <returns>Its id; null when there is no such piece.</returns>
    public async Task<Guid?> RecutAsync(Guid id, int piece, Guid? command, CancellationToken cancel)
    {
        if (await FindAsync(id, cancel) is not { Row.Practice: false } run || run.State.PieceOf(piece) is not { } it)
            return null;
        var (json, title) = OnePieceJob.Of(run.Row.JobJson, run.Row.Title, it, planner.Language.WordsFor(UnitSystem.Metric));
        return (await jobPlans.AddAsync(CommandId.Of(command, clock), title, json, cancel)).Id;
    }

    /// <summary>After an absence: what was under a plate meanwhile is asked about.</summary>
    /// <param name="id">The run.</param>
    /// <param name="since">Since when nobody kept time, UTC.</param>
    /// <param name="cancel">Gives up.</param>
    public Task WasAwayAsync(Guid id, DateTimeOffset since, CancellationToken cancel) => SayAsync(id, Guid.NewGuid(), _ => true,
        (open, now) => open.State.Pieces.Any(p => p.Status == PieceStatus.InHand)
        ? new BenchEvent(since > now ? since : now, BenchAction.Away, 0) { Since = since } : null, null, cancel);

    private LogRow Entry(Guid id, FrozenStation station, RunState state, Piece piece) =>
        LogRows.Row(reckoner.Reckoned(LogEntry.Of(station.Job, station.Plan, state, piece), station.Bare, station.Plan, piece.Holds), id,
            reckoner.By);

    private IReadOnlyList<BenchStep> Steps(OpenRun run, BenchCommand command)
    {
        var seen = command.Outcomes is { Count: > 0 } named ? named : run.State.PieceOf(command.Piece)?.LastSeen ?? [];
        return Judged(run, command.Piece, seen, ReaderUnits.Of(command.Units)).FirstOrDefault(a => a.Steps.Count > 0)?.Steps ?? [];
    }
}
