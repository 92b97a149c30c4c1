using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs;

/// <summary>Why the bench does not take an action.</summary>
/// <param name="code">A stable word.</param>
/// <param name="message">For the reader.</param>
public sealed class BenchRefusedException(string code, string message) : Exception(message)
{
    /// <summary>A stable word, such as hold-not-over, not-cool-yet, not-holding, nothing-to-record, no-way-back or run-over.</summary>
    public string Code { get; } = code;
}

/// <summary>The rules of a run: what each action does to where it stands.</summary>
public static class BenchRules
{
    /// <summary>Longest remark kept, characters.</summary>
    public const int LongestNote = 500;

    /// <summary>Most presses in one run.</summary>
    public const int MostStations = 8;

    /// <summary>A run that begins now, at one press.</summary>
    /// <param name="script">The frozen script.</param>
    public static RunState Begin(BenchScript script)
    {
        ArgumentNullException.ThrowIfNull(script);
        return new RunState(RunStatus.Running, [.. script.Pieces.Select((p, i) => new Piece(i + 1, p, PieceStatus.Waiting) { Turn = i + 1 })], [new Station(1)], [], 0);
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
        state = Turns.Advance(script, state, said.Action == BenchAction.Away ? said.Since ?? said.At : said.At);
        if (state.Status != RunStatus.Running)
            throw new BenchRefusedException("run-over", script.Words.Say("refused.run-over"));
        var scene = new Scene(script, state, said);
        var next = said.Action switch
        {
            BenchAction.Done => PieceActions.Done(scene),
            BenchAction.Back => PieceActions.Back(scene),
            BenchAction.OpenedEarly => PieceActions.Opened(scene),
            BenchAction.HoldWas => PieceActions.HoldWas(scene),
            BenchAction.Record => PieceActions.Record(scene),
            BenchAction.See => SightActions.See(scene),
            BenchAction.Rescue => SightActions.Rescue(scene),
            BenchAction.Ruin => SightActions.Ruin(scene),
            BenchAction.Change => WishActions.Change(scene),
            BenchAction.Add => WishActions.Add(scene),
            BenchAction.CutAgain => WishActions.CutAgain(scene),
            BenchAction.Check => StationActions.Check(scene),
            BenchAction.CheckAll => StationActions.CheckAll(scene),
            BenchAction.Skip => StationActions.Skip(scene),
            BenchAction.GiveBack => StationActions.GiveBack(scene),
            BenchAction.Join => StationActions.Join(scene),
            BenchAction.Leave => StationActions.Leave(scene),
            BenchAction.Wire => StationActions.Wired(scene, true),
            BenchAction.Unwire => StationActions.Wired(scene, false),
            BenchAction.Away => StationActions.Away(scene),
            BenchAction.SomethingOff => state with { Remarks = [.. state.Remarks, new Remark(said.At, said.Station, said.Piece, Clean(said.Note))] },
            BenchAction.EndRun => state with { Status = RunStatus.Ended, Pieces = [.. state.Pieces.Select(p => p.EndedAt is null ? p with { Status = PieceStatus.Left } : p)] },
            _ => throw new ArgumentOutOfRangeException(nameof(said)),
        };
        return Turns.Settle(script, Turns.Advance(script, next with { Sequence = state.Sequence + 1 }, said.At), said.At);
    }

    /// <summary>A remark as it is kept.</summary>
    internal static string Clean(string? note) => note is null ? "" : note.Length <= LongestNote ? note.Trim() : note[..LongestNote].Trim();
}

/// <summary>Where a run stands as something is said.</summary>
/// <param name="Script">The frozen script.</param>
/// <param name="State">Where it stands.</param>
/// <param name="Said">What is said.</param>
internal sealed record Scene(BenchScript Script, RunState State, BenchEvent Said)
{
    /// <summary>Says what comes up at the press.</summary>
    public IWords Words => Script.Words;

    /// <summary>The piece that is meant, in the hands of the press that speaks.</summary>
    /// <exception cref="BenchRefusedException">It is not there.</exception>
    public Piece InHand()
    {
        var piece = Meant();
        return piece.Status is PieceStatus.InHand or PieceStatus.Asking && piece.Station == Said.Station ? piece : throw new BenchRefusedException("not-in-hand", Words.Say("refused.not-in-hand", ("number", piece.Number)));
    }

    /// <summary>The piece that is meant, wherever it is.</summary>
    /// <exception cref="BenchRefusedException">There is none.</exception>
    public Piece Meant() => State.PieceOf(Said.Piece) ?? throw new BenchRefusedException("no-such-piece", Words.Say("refused.no-such-piece", ("pieces", State.Pieces.Count)));

    /// <summary>The press that speaks.</summary>
    /// <exception cref="BenchRefusedException">It is not part of the run.</exception>
    public Station Speaker() => State.Stations.FirstOrDefault(s => s.Number == Said.Station) ?? throw new BenchRefusedException("no-such-press", Words.Say("refused.no-such-press-2", ("stations", State.Stations.Count)));

    /// <summary>What a piece is at.</summary>
    public BenchStep StepOf(Piece piece) => Turns.StepOf(Script, piece)!;
}
