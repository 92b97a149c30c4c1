using System.Text.Json.Serialization;
using Juxtherm.Core.Items;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Runs;

/// <summary>How long a plate was really closed.</summary>
/// <param name="PressOrder">Which press; 0 for pressing again.</param>
/// <param name="Seconds">s.</param>
/// <param name="PlateCelsius">The plate as it closed, °C; null when nobody measured.</param>
public sealed record HoldDone(int PressOrder, double Seconds, double? PlateCelsius)
{
    /// <summary>The order of what is pressed again, which is no press of the plan.</summary>
    public const int Again = 0;

    /// <summary>It was pressed again, after something was seen.</summary>
    public bool IsAgain => PressOrder == Again;

    /// <summary>A press as planned, at every placement of the plate.</summary>
    /// <param name="press">The press.</param>
    public static IEnumerable<HoldDone> AsPlanned(PlannedPress press)
    {
        ArgumentNullException.ThrowIfNull(press);
        return Enumerable.Range(1, Math.Max(1, press.Sections.Count))
            .Select(go => new HoldDone(press.Order, press.Seconds, null) { Go = go });
    }

    /// <summary>Which placement of the plate it was, from 1.</summary>
    public int Go { get; init; } = 1;

    /// <summary>The other side lay up than the press before had up.</summary>
    public bool TurnedOver { get; init; }

    /// <summary>How many pieces were pressed just before, one after the other: so warm was what lies underneath.</summary>
    public int InRow { get; init; }

    /// <summary>When the plate closed, UTC; null when nobody knows.</summary>
    public DateTimeOffset? ClosedAt { get; init; }
}

/// <summary>Something seen on a piece.</summary>
/// <param name="At">When, UTC.</param>
/// <param name="Step">At which of its steps.</param>
/// <param name="Seen">What.</param>
/// <param name="Note">A remark.</param>
public sealed record Sighting(DateTimeOffset At, int Step, IReadOnlyList<Outcome> Seen, string Note)
{
    /// <summary>On which side; null for the one pressed last.</summary>
    public Face? Face { get; init; }

    /// <summary>On which layer; null where nobody said.</summary>
    public string? Layer { get; init; }
}

/// <summary>A remark made during the run.</summary>
/// <param name="At">When, UTC.</param>
/// <param name="Station">At which press.</param>
/// <param name="Piece">With which piece in hand; 0 for none.</param>
/// <param name="Note">What.</param>
public sealed record Remark(DateTimeOffset At, int Station, int Piece, string Note);

/// <summary>Where a piece stands.</summary>
public enum PieceStatus
{
    /// <summary>Its turn is still to come.</summary>
    Waiting,

    /// <summary>At a press.</summary>
    InHand,

    /// <summary>Its plate closed while the service was away: somebody has to say when it was opened.</summary>
    Asking,

    /// <summary>Its vinyl has to be cut again first.</summary>
    ToCut,

    /// <summary>Finished and looked at.</summary>
    Done,

    /// <summary>Lost.</summary>
    Ruined,

    /// <summary>Not wanted any more: the run ended before it.</summary>
    Left,
}

/// <summary>A garment of the run.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Wanted">What it is to be.</param>
/// <param name="Status">Where it stands.</param>
public sealed record Piece(int Number, WantedPiece Wanted, PieceStatus Status)
{
    /// <summary>When its turn comes, among those that wait.</summary>
    public int Turn { get; init; }

    /// <summary>The press that has it, from 1; 0 for none.</summary>
    public int Station { get; init; }

    /// <summary>Place among its press's steps.</summary>
    public int Step { get; init; }

    /// <summary>When the step began, UTC.</summary>
    public DateTimeOffset EnteredAt { get; init; }

    /// <summary>How many pieces its press has pressed just before it, one after the other, without a pause.</summary>
    public int InRow { get; init; }

    /// <summary>How often it has moved: what was said to an earlier step is told by it.</summary>
    public int Moves { get; init; }

    /// <summary>It came to this step straight from the hands, not from waiting.</summary>
    public bool InFlow { get; init; }

    /// <summary>What is done about something seen; empty when nothing is.</summary>
    public IReadOnlyList<BenchStep> Rescue { get; init; } = [];

    /// <summary>Place among those.</summary>
    public int RescueStep { get; init; }

    /// <summary>Presses done.</summary>
    public IReadOnlyList<HoldDone> Holds { get; init; } = [];

    /// <summary>The plate as it closed on it, °C, while it is closed; null when nobody measured.</summary>
    public double? ClosedAtCelsius { get; init; }

    /// <summary>What was seen on it.</summary>
    public IReadOnlyList<Sighting> Sightings { get; init; } = [];

    /// <summary>Its carrier came off before its time.</summary>
    public bool PeeledEarly { get; init; }

    /// <summary>What came out; empty before it is finished.</summary>
    public IReadOnlyList<Outcome> Outcomes { get; init; } = [];

    /// <summary>When it was finished or lost, UTC.</summary>
    public DateTimeOffset? EndedAt { get; init; }

    /// <summary>What was said of it at the end.</summary>
    public string Note { get; init; } = "";

    /// <summary>Helpers' devices from which it was worked on, each once.</summary>
    public IReadOnlyList<string> By { get; init; } = [];

    /// <summary>The lost piece whose place it takes; null for none.</summary>
    public int? InsteadOf { get; init; }

    /// <summary>Pressed again after something was seen, s; 0 for not at all.</summary>
    public double PressedAgainSeconds => Math.Round(Holds.Where(h => h.IsAgain).Sum(h => h.Seconds), 2);

    /// <summary>What was last seen on it; empty while nothing was.</summary>
    public IReadOnlyList<Outcome> LastSeen => Sightings.Count > 0 ? Sightings[^1].Seen : [];

    /// <summary>The side on which something was last seen; null for the one pressed last.</summary>
    public Face? FaceSeen => Sightings.Count > 0 ? Sightings[^1].Face : null;

    /// <summary>It is being rescued.</summary>
    public bool InRescue => RescueStep < Rescue.Count;

    /// <summary>Seconds that the plate still has to be closed for what was opened early, s; 0 for none.</summary>
    public double MissingSeconds =>
        InRescue ? Rescue.Skip(RescueStep).Where(s => s is { MakesUp: true, Kind: StepKind.Hold }).Sum(s => s.Seconds) : 0;
}

/// <summary>A press of the run.</summary>
/// <param name="Number">From 1.</param>
public sealed record Station(int Number)
{
    /// <summary>What of the preparation was seen to.</summary>
    [JsonConverter(typeof(TextSet))]
    public IReadOnlySet<string> Ticked { get; init; } = new HashSet<string>(StringComparer.Ordinal);

    /// <summary>What of the preparation was left out, knowingly.</summary>
    [JsonConverter(typeof(TextSet))]
    public IReadOnlySet<string> Skipped { get; init; } = new HashSet<string>(StringComparer.Ordinal);

    /// <summary>It takes no pieces any more.</summary>
    public bool HasLeft { get; init; }

    /// <summary>The press itself says when it closes and opens.</summary>
    public bool Wired { get; init; }
}

/// <summary>The run's condition.</summary>
public enum RunStatus
{
    /// <summary>Under way.</summary>
    Running,

    /// <summary>All pieces are finished or lost.</summary>
    Finished,

    /// <summary>Ended before its end.</summary>
    Ended,
}

/// <summary>Where a run stands. It follows from the script, the start and the events alone, so it can be rebuilt after a crash.</summary>
/// <param name="Status">Its condition.</param>
/// <param name="Pieces">The garments, by number.</param>
/// <param name="Stations">The presses, by number.</param>
/// <param name="Remarks">Remarks made.</param>
/// <param name="Sequence">How many events it has taken in.</param>
public sealed record RunState(RunStatus Status, IReadOnlyList<Piece> Pieces, IReadOnlyList<Station> Stations, IReadOnlyList<Remark> Remarks,
    int Sequence)
{
    /// <summary>A piece by its number; null when there is none.</summary>
    /// <param name="number">From 1.</param>
    public Piece? PieceOf(int number) => number >= 1 && number <= Pieces.Count ? Pieces[number - 1] : null;

    /// <summary>The next in line that no press has yet; null for none.</summary>
    public Piece? NextInLine => Pieces.Where(p => p.Status == PieceStatus.Waiting).MinBy(p => p.Turn);

    /// <summary>Pieces that a press has in hand.</summary>
    /// <param name="station">Its number.</param>
    public IEnumerable<Piece> At(int station) =>
        Pieces.Where(p => p.Station == station && p.Status is PieceStatus.InHand or PieceStatus.Asking);

    internal RunState With(Piece piece) => this with { Pieces = [.. Pieces.Select(p => p.Number == piece.Number ? piece : p)] };

    internal RunState With(Station station) => this with { Stations = [.. Stations.Select(s => s.Number == station.Number ? station : s)] };
}
