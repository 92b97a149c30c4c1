using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Items;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Practice.Bench;
using Juxtherm.Core.Practice.Cases;
using Juxtherm.Core.Practice.Path;
using Juxtherm.Core.Practice.Trying;

namespace Juxtherm.App.Practice;

/// <summary>A way in which something on the table may stand.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">For the reader.</param>
public sealed record PropStateAnswer(string Id, string Name);

/// <summary>Something on the table.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Place">When it is seen to.</param>
/// <param name="Name">For the reader.</param>
/// <param name="States">How it may stand, by the alphabet: their order tells nothing.</param>
public sealed record PropAnswer(string Id, PropPlace Place, string Name, IReadOnlyList<PropStateAnswer> States);

/// <summary>A layer, as its wrapper has it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Face">The face that it goes on.</param>
/// <param name="Over">Layers that it lies over.</param>
/// <param name="Roll">Its roll.</param>
public sealed record LayerAnswer(string Id, Face Face, IReadOnlyList<string> Over, RollAnswer Roll);

/// <summary>A roll of vinyl.</summary>
/// <param name="Id">Id of the vinyl, to take it by.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Family">Id of its family, as it looks.</param>
/// <param name="Wrapper">What stands on its wrapper; null where that is lost.</param>
public sealed record RollAnswer(string Id, string Name, string Family, WrapperAnswer? Wrapper);

/// <summary>What stands on a wrapper.</summary>
/// <param name="Note">What is particular about it.</param>
/// <param name="Celsius">°C.</param>
/// <param name="Seconds">s.</param>
/// <param name="Pressure">How hard.</param>
/// <param name="Peel">Which peel.</param>
public sealed record WrapperAnswer(string Note, Core.Catalogue.Span Celsius, Core.Catalogue.Span Seconds, PressureLevel Pressure,
    PeelMethod Peel);

/// <summary>A cover sheet or underlay that lies ready.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
public sealed record ReadyAnswer(string Id, string Name);

/// <summary>A press, as it stands there.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="LeastCelsius">The coolest its dial can be set, °C.</param>
/// <param name="MostCelsius">The hottest, °C.</param>
/// <param name="StepCelsius">What its dial steps by, °C; null where it has marks.</param>
/// <param name="Marks">Marks instead of degrees, coolest first, with what each stands for, °C.</param>
/// <param name="Pressures">How hard it can be set.</param>
public sealed record PracticePress(string Name, double LeastCelsius, double MostCelsius, double? StepCelsius,
    IReadOnlyList<PracticeMark> Marks, IReadOnlyList<PressureLevel> Pressures);

/// <summary>A mark on a dial.</summary>
/// <param name="Mark">As printed.</param>
/// <param name="Celsius">What it stands for, °C.</param>
public sealed record PracticeMark(string Mark, double Celsius);

/// <summary>A case as it is met: nothing in it tells what is hidden.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Title">What it is called.</param>
/// <param name="Story">What one is told.</param>
/// <param name="Item">Kind of item.</param>
/// <param name="Form">Id of that kind.</param>
/// <param name="Material">What it is made of; null where that stands on a label.</param>
/// <param name="HasLabel">It has a care label.</param>
/// <param name="Kind">What kind of thing that is.</param>
/// <param name="Press">The press.</param>
/// <param name="Layers">The vinyl, lowest first.</param>
/// <param name="Shelf">Rolls to choose from; empty where there is but one.</param>
/// <param name="Covers">Cover sheets that lie ready.</param>
/// <param name="Underlays">What can be laid underneath.</param>
/// <param name="Props">What lies on the table.</param>
/// <param name="Seen">How it looks at first.</param>
public sealed record PracticeCaseAnswer(string Id, string Title, string Story, string Item, string Form, string? Material, bool HasLabel,
    MaterialKind Kind, PracticePress Press, IReadOnlyList<LayerAnswer> Layers, IReadOnlyList<RollAnswer> Shelf,
    IReadOnlyList<ReadyAnswer> Covers, IReadOnlyList<ReadyAnswer> Underlays, IReadOnlyList<PropAnswer> Props, Seen Seen);

/// <summary>A way of doing it on which crafters differ, and what it would have cost here.</summary>
/// <param name="Question">What they differ on.</param>
/// <param name="Ways">The ways.</param>
public sealed record WaysAnswer(string Question, IReadOnlyList<WayTried> Ways);

/// <summary>A mistake that was made.</summary>
/// <param name="Number">Its number in the list of mistakes.</param>
/// <param name="Does">What came of it.</param>
/// <param name="Happened">What was seen, and why.</param>
public sealed record MistakeAnswer(int Number, Consequence Does, string Happened);

/// <summary>How a piece came out, by what counts.</summary>
/// <param name="Good">It can be handed over.</param>
/// <param name="ClothLost">What it was pressed on is lost.</param>
/// <param name="Lifts">How many layers lift.</param>
/// <param name="VinylLost">Vinyl has to be cut again.</param>
/// <param name="LooksWrong">It does not look right.</param>
/// <param name="Unsafe">Somebody could have been hurt.</param>
/// <param name="Minutes">How long it took, min.</param>
/// <param name="Mistakes">The mistakes that were made.</param>
/// <param name="Spoiled">What heat spoiled besides, in sentences.</param>
public sealed record CameOutAnswer(bool Good, bool ClothLost, int Lifts, bool VinylLost, bool LooksWrong, bool Unsafe, double Minutes,
    IReadOnlyList<MistakeAnswer> Mistakes, IReadOnlyList<string> Spoiled);

/// <summary>How a case came out beside careful work.</summary>
/// <param name="Own">How it came out.</param>
/// <param name="Careful">How careful work would have come out, without knowing what is hidden.</param>
/// <param name="OwnTrace">What the stack went through.</param>
/// <param name="CarefulTrace">What it would have gone through.</param>
/// <param name="CarefulMoves">What careful work would have done.</param>
/// <param name="Progress">Where the learner stands then; null where nobody is named.</param>
/// <param name="Alike">So many presses were found that would have failed a piece of the logbook as it failed; 0 where it is none.</param>
/// <param name="GoodOfAlike">On so many of them what was done comes out well.</param>
public sealed record JudgedAnswer(CameOutAnswer Own, CameOutAnswer Careful, IReadOnlyList<TracePhase> OwnTrace,
    IReadOnlyList<TracePhase> CarefulTrace, IReadOnlyList<Move> CarefulMoves, LearnerAnswer? Progress,
    int Alike, int GoodOfAlike);

/// <summary>What was done at a bench, to be judged.</summary>
/// <param name="Moves">The moves.</param>
/// <param name="Learner">Who did it; null or empty where that is not kept.</param>
public sealed record PracticeDone(IReadOnlyList<Move> Moves, string? Learner);

/// <summary>A case on the shelf.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Title">What it is called.</param>
/// <param name="Lesson">Which lesson it is, from 1; null for none.</param>
public sealed record ShelfCase(string Id, string Title, int? Lesson);

/// <summary>How far somebody is with a case.</summary>
/// <param name="Case">Its id.</param>
/// <param name="Good">It went well the last time.</param>
/// <param name="Due">The day on which it comes again, as 2026-12-05.</param>
/// <param name="Again">That day has come.</param>
public sealed record CardAnswer(string Case, bool Good, string Due, bool Again);

/// <summary>Somebody who learns.</summary>
/// <param name="Name">Their name.</param>
/// <param name="Cards">How far they are.</param>
/// <param name="May">What they may do by themselves.</param>
public sealed record LearnerAnswer(string Name, IReadOnlyList<CardAnswer> Cards, IReadOnlyList<May> May);

/// <summary>All there is to practice.</summary>
/// <param name="Cases">Cases that are written down, lessons first.</param>
/// <param name="Learners">Who learns here.</param>
public sealed record PracticeAnswer(IReadOnlyList<ShelfCase> Cases, IReadOnlyList<LearnerAnswer> Learners);
