using Juxtherm.Core.Artwork;
using Juxtherm.Core.Items;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;
using Juxtherm.Devices;

namespace Juxtherm.App.Bench;

/// <summary>What a connected press says.</summary>
/// <param name="Status">Itself.</param>
/// <param name="PlannedCelsius">Where the plan wants its face, °C.</param>
/// <param name="HotEnough">It is hot enough to close.</param>
public sealed record PressAnswer(PressStatus Status, double PlannedCelsius, bool HotEnough);

/// <summary>A thing of the preparation.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Text">What.</param>
/// <param name="Ticked">Seen to.</param>
/// <param name="Skipped">Left out, knowingly.</param>
/// <param name="TimedSeconds">How long the plate is closed for it, or it is left to cool, s; null where nothing is timed.</param>
public sealed record CheckAnswer(string Id, string Text, bool Ticked, bool Skipped, double? TimedSeconds);

/// <summary>A layer on a piece.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Colour">Its colour as #rrggbb; null when not said.</param>
public sealed record LaidLayer(string Id, string Name, string? Colour);

/// <summary>A piece in the hands of a press.</summary>
/// <param name="Piece">Its number.</param>
/// <param name="Move">Give it back with the next command.</param>
/// <param name="Step">What it is at.</param>
/// <param name="StepNumber">Which of its steps, from 0.</param>
/// <param name="StepCount">How many steps it has.</param>
/// <param name="EnteredUtc">When the step began.</param>
/// <param name="DueUtc">When it is over; null when it waits for hands.</param>
/// <param name="LatestUtc">By when the hands should be done; null where there is no hurry.</param>
/// <param name="NextText">What comes after; null at its end.</param>
/// <param name="Asking">The service was away while its plate was closed: say when it was opened.</param>
/// <param name="InRescue">Something is being done about what was seen.</param>
/// <param name="CanSee">What is seen on it can be said.</param>
/// <param name="ClosesNext">The plate closes with the next step.</param>
/// <param name="Next">What comes after; null at its end.</param>
/// <param name="Closings">How often the plate was closed for this press already.</param>
/// <param name="ByPlan">Everything so far was pressed as planned; otherwise its own temperatures are at its trace.</param>
/// <param name="Faces">Sides with vinyl on them by now.</param>
/// <param name="Layers">Where several vinyls lie on it by now: its layers, to say on which of them something is seen; none
/// otherwise.</param>
/// <param name="Place">While something is laid: where it goes on this piece, in its size; null otherwise.</param>
public sealed record HandAnswer(
    int Piece, int Move, BenchStep Step, int StepNumber, int StepCount, DateTimeOffset EnteredUtc, DateTimeOffset? DueUtc,
    DateTimeOffset? LatestUtc, string? NextText, bool Asking, bool InRescue, bool CanSee, bool ClosesNext, BenchStep? Next,
    int Closings, bool ByPlan, IReadOnlyList<Face> Faces, IReadOnlyList<LaidLayer> Layers, Placing? Place);

/// <summary>A press of the run.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Name">What it is called.</param>
/// <param name="HeatSource">Its kind.</param>
/// <param name="Checks">What is seen to once.</param>
/// <param name="Prepared">All of it is seen to.</param>
/// <param name="HasLeft">It takes no pieces any more.</param>
/// <param name="Wired">It says itself when it closes and opens.</param>
/// <param name="Device">What it says; null when it is run by hand.</param>
/// <param name="Press">The press that bonds, for the setting.</param>
/// <param name="Focus">What is before it; null for nothing.</param>
/// <param name="Others">Its other pieces, those due first first.</param>
public sealed record StationAnswer(
    int Number, string Name, string HeatSource, IReadOnlyList<CheckAnswer> Checks, bool Prepared, bool HasLeft, bool Wired,
    PressAnswer? Device, PlannedPress Press, HandAnswer? Focus, IReadOnlyList<HandAnswer> Others);

/// <summary>A colour to look for.</summary>
/// <param name="Colour">As #rrggbb.</param>
/// <param name="Word">The nearest common word.</param>
public sealed record ColourChip(string Colour, string Word)
{
    /// <summary>The chip of a colour; null for none.</summary>
    /// <param name="colour">As #rrggbb.</param>
    public static ColourChip? Of(string? colour) => colour is null ? null : new(colour, ColourWords.Nearest(colour));
}

/// <summary>A garment of the run.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Name">What goes on it; empty where they are all alike.</param>
/// <param name="Size">Its size.</param>
/// <param name="Vinyl">Colour of its name, or of its vinyl; null when not said.</param>
/// <param name="Garment">Colour of the garment; null when not said.</param>
/// <param name="Status">Where it stands.</param>
/// <param name="Station">The press that has or had it; 0 for none.</param>
/// <param name="Outcomes">What came out.</param>
/// <param name="Seen">What was last seen on it.</param>
/// <param name="Note">What was said of it.</param>
/// <param name="InsteadOf">The lost piece whose place it takes.</param>
/// <param name="PressedAgainSeconds">Pressed again, s.</param>
/// <param name="LastHoldSeconds">How long the plate was last closed on it, s; null before.</param>
public sealed record PieceAnswer(
    int Number, string Name, string? Size, ColourChip? Vinyl, ColourChip? Garment, PieceStatus Status, int Station,
    IReadOnlyList<Outcome> Outcomes, IReadOnlyList<Outcome> Seen, string Note, int? InsteadOf, double PressedAgainSeconds,
    double? LastHoldSeconds);

/// <summary>Where a run stands.</summary>
/// <param name="Id">Its id.</param>
/// <param name="JobId">The job it began from.</param>
/// <param name="Title">The job's title.</param>
/// <param name="Colour">Colour of the vinyl; null when not said.</param>
/// <param name="Named">Names are cut in vinyl.</param>
/// <param name="Status">Its condition.</param>
/// <param name="Sequence">How much has been said in it.</param>
/// <param name="ServerUtc">The server's time, which is the run's.</param>
/// <param name="NextPiece">The next in line that no press has yet; null for none.</param>
/// <param name="Pieces">The garments.</param>
/// <param name="Stations">The presses.</param>
/// <param name="Remarks">Remarks made.</param>
/// <param name="Practice">It is for practice: nothing of it is written down, learned from or used up.</param>
public sealed record RunAnswer(
    Guid Id, Guid JobId, string Title, string? Colour, bool Named, RunStatus Status, int Sequence, DateTimeOffset ServerUtc, int? NextPiece,
    IReadOnlyList<PieceAnswer> Pieces, IReadOnlyList<StationAnswer> Stations, IReadOnlyList<Remark> Remarks,
    bool Practice);
