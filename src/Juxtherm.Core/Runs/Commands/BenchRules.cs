namespace Juxtherm.Core.Runs.Commands;

/// <summary>The rules of a run: what each action does to where it stands.</summary>
public static class BenchRules
{
    /// <summary>Most presses in one run.</summary>
    public const int MostStations = 8;

    /// <summary>A run that begins now, at one press.</summary>
    /// <param name="script">The frozen script.</param>
    public static RunState Begin(BenchScript script)
    {
        ArgumentNullException.ThrowIfNull(script);
        return new RunState(RunStatus.Running,
            [.. script.Pieces.Select((p, i) => new Piece(i + 1, p, PieceStatus.Waiting) { Turn = i + 1 })], [new Station(1)], [], 0);
    }

    /// <summary>Rebuilds a run from what was said.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="events">All events in order.</param>
    public static RunState Replay(BenchScript script, IEnumerable<BenchEvent> events)
    {
        ArgumentNullException.ThrowIfNull(events);
        return events.Aggregate(Begin(script), (state, said) => Apply(script, state, said));
    }

    /// <summary>Takes in an event.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="state">Where the run stood.</param>
    /// <param name="said">What was said, and when.</param>
    /// <exception cref="BenchRefusedException">It does not fit where the run stands; nothing changes.</exception>
    public static RunState Apply(BenchScript script, RunState state, BenchEvent said)
    {
        ArgumentNullException.ThrowIfNull(script);
        ArgumentNullException.ThrowIfNull(state);
        ArgumentNullException.ThrowIfNull(said);
        // What went on while the service was away is not known beyond the moment it went.
        state = RunFlow.Advance(script, state, said.Action == BenchAction.Away ? said.Since ?? said.At : said.At);
        if (state.Status != RunStatus.Running)
            throw new BenchRefusedException("run-over", script.Words.Say("refused.run-over"));
        var scene = new Scene(script, state, said);
        var next = By(AllCommands.For(said.Action).Take(scene), said);
        return RunFlow.Settle(script, RunFlow.Advance(script, next with { Sequence = state.Sequence + 1 }, said.At), said.At);
    }

    private static RunState By(RunState state, BenchEvent said) =>
        said.By is { } device && state.PieceOf(said.Piece) is { } piece && !piece.By.Contains(device, StringComparer.Ordinal)
        ? state.With(piece with { By = [.. piece.By, device] }) : state;
}
