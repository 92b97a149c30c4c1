namespace Juxtherm.Store;

/// <summary>A job as it is kept: its text exactly as it was saved, so that members nobody here knows survive.</summary>
public sealed class JobRow
{
    public Guid Id { get; set; }

    public required string Title { get; set; }

    /// <summary>The job file's text.</summary>
    public required string Json { get; set; }

    /// <summary>Counts saves, from 1; a save that was made from an older one is refused.</summary>
    public int Version { get; set; }

    public DateTimeOffset CreatedUtc { get; set; }

    public DateTimeOffset UpdatedUtc { get; set; }

    /// <summary>When it was deleted; null while it is there. Deleting can be undone.</summary>
    public DateTimeOffset? DeletedUtc { get; set; }

    /// <summary>The day it is handed over, as 2026-12-05; null when not said. As its text says it, to be found by.</summary>
    public string? DueOn { get; set; }

    /// <summary>It is a worked example: what comes of it teaches nothing about this workshop.</summary>
    public bool Example { get; set; }

    /// <summary>What the workshop had learned when its plan was last agreed to; empty for nothing, null while nobody has.</summary>
    public string? LearnedJson { get; set; }

    /// <summary>What it was agreed to be pressed at, and by which version; null while nobody has.</summary>
    public string? AgreedJson { get; set; }
}

/// <summary>A row that is reckoned from others and can be reckoned again: it is in no archive.</summary>
public interface IReckonedRow;

/// <summary>What a job's plan says on its card, kept so that a long list need not be planned again.</summary>
public sealed class JobCardRow : IReckonedRow
{
    public Guid JobId { get; set; }

    /// <summary>What it was reckoned from: the job's version, the catalogue, the model and what was learned.</summary>
    public required string For { get; set; }

    /// <summary>The card in metric units.</summary>
    public required string MetricJson { get; set; }

    /// <summary>The card in US units.</summary>
    public required string UsJson { get; set; }
}

/// <summary>A run at the press, over a job and a plan frozen when it began.</summary>
public sealed class RunRow
{
    public Guid Id { get; set; }

    /// <summary>The job it began from. The run outlives it.</summary>
    public Guid JobId { get; set; }

    public required string Title { get; set; }

    public required string JobJson { get; set; }

    public required string PlanJson { get; set; }

    public required string CatalogueVersion { get; set; }

    public required string ModelVersion { get; set; }

    public DateTimeOffset StartedUtc { get; set; }

    /// <summary>running, finished or ended; what the events say, kept for finding open runs.</summary>
    public required string Status { get; set; }

    /// <summary>How many events were taken in; two that want to be the next cannot both be.</summary>
    public int Sequence { get; set; }

    public List<RunEventRow> Events { get; } = [];

    public RunTraceRow? Trace { get; set; }

    /// <summary>Presses beyond the first.</summary>
    public List<RunStationRow> Stations { get; } = [];

    /// <summary>Which rules what was said in it follows. Runs of earlier rules are kept, but not gone on with.</summary>
    public int Rules { get; set; }

    /// <summary>What the first press is called in the run.</summary>
    public string StationName { get; set; } = "";

    /// <summary>What the workshop had learned as the plan was made; empty for nothing.</summary>
    public string CorrectionJson { get; set; } = "";

    /// <summary>It is a worked example.</summary>
    public bool Example { get; set; }

    /// <summary>It is for practice: nothing of it is written down, learned from or used up.</summary>
    public bool Practice { get; set; }
}

/// <summary>A further press of a run, with the plan for it.</summary>
public sealed class RunStationRow
{
    public Guid RunId { get; set; }

    /// <summary>From 2.</summary>
    public int Number { get; set; }

    public required string Name { get; set; }

    /// <summary>The run's job at this press.</summary>
    public required string JobJson { get; set; }

    public required string PlanJson { get; set; }

    public required string TraceJson { get; set; }

    /// <summary>What the workshop had learned as it joined; empty for nothing.</summary>
    public string CorrectionJson { get; set; } = "";
}

/// <summary>The temperatures behind a run's plan. Apart from the run, because they are large and rarely asked for.</summary>
public sealed class RunTraceRow
{
    public Guid RunId { get; set; }

    public required string Json { get; set; }
}

/// <summary>Something that was said at the bench.</summary>
public sealed class RunEventRow
{
    public Guid RunId { get; set; }

    /// <summary>Its place among the run's events, from 1.</summary>
    public int Sequence { get; set; }

    /// <summary>Chosen by whoever said it; saying it twice counts once.</summary>
    public Guid CommandId { get; set; }

    public DateTimeOffset AtUtc { get; set; }

    public required string EventJson { get; set; }

    /// <summary>What came of it; empty where it was said before that was kept, and the rules are asked again.</summary>
    public string FactJson { get; set; } = "";
}

/// <summary>An own vinyl, blank or press, as its text was saved.</summary>
public sealed class ShelfRow
{
    /// <summary>Its id in job files; begins with own-.</summary>
    public required string Id { get; set; }

    /// <summary>vinyl, blank or press.</summary>
    public required string Kind { get; set; }

    public required string Name { get; set; }

    public required string Json { get; set; }

    /// <summary>Counts saves, from 1; a save that was made from an older one is refused.</summary>
    public int Version { get; set; }

    public DateTimeOffset CreatedUtc { get; set; }

    public DateTimeOffset UpdatedUtc { get; set; }

    /// <summary>When it was taken off the shelf; null while it is there. That can be undone.</summary>
    public DateTimeOffset? DeletedUtc { get; set; }
}

/// <summary>A roll, sheet or offcut. How much is left of it follows from what happened to it.</summary>
public sealed class StockRow
{
    public required string Id { get; set; }

    /// <summary>roll, sheet or offcut.</summary>
    public required string Kind { get; set; }

    public required string Vinyl { get; set; }

    public required string Colour { get; set; }

    public required string ColourName { get; set; }

    public double WidthMm { get; set; }

    public double CornerWidthMm { get; set; }

    public double CornerLengthMm { get; set; }

    public required string Lot { get; set; }

    public required string Label { get; set; }

    public double? PricePerMetre { get; set; }

    public double LowMm { get; set; }

    /// <summary>The cut that it is left of; null for what was bought.</summary>
    public Guid? FromCut { get; set; }

    /// <summary>Counts changes and moves, so that two that happen at once do not both count on the same vinyl.</summary>
    public int Version { get; set; }

    public DateTimeOffset CreatedUtc { get; set; }

    /// <summary>When it was taken off the shelf; null while it is there. That can be undone.</summary>
    public DateTimeOffset? DeletedUtc { get; set; }

    public List<StockMoveRow> Moves { get; } = [];
}

/// <summary>Whether a colour on the shelf is the one that artwork asks for: asked once.</summary>
public sealed class ColourMatchRow
{
    public required string Vinyl { get; set; }

    /// <summary>The artwork's colour, as #rrggbb.</summary>
    public required string Wanted { get; set; }

    /// <summary>The colour on the shelf, as #rrggbb.</summary>
    public required string OnShelf { get; set; }

    /// <summary>They are the same.</summary>
    public bool Same { get; set; }
}

/// <summary>Something that happened to a roll, sheet or offcut.</summary>
public sealed class StockMoveRow
{
    public long Id { get; set; }

    public required string StockId { get; set; }

    /// <summary>receive, reserve, release, consume or count.</summary>
    public required string Kind { get; set; }

    public double Mm { get; set; }

    public Guid? CutId { get; set; }

    /// <summary>Chosen by whoever asked for it; asking twice counts once.</summary>
    public Guid CommandId { get; set; }

    public DateTimeOffset AtUtc { get; set; }
}

/// <summary>A cut: the sheets frozen as they were laid out, and how far it has come.</summary>
public sealed class CutRow
{
    public Guid Id { get; set; }

    public Guid JobId { get; set; }

    public required string Title { get; set; }

    /// <summary>The way that was chosen, with all its sheets.</summary>
    public required string WayJson { get; set; }

    /// <summary>Its mats.</summary>
    public required string RunJson { get; set; }

    /// <summary>open, cut, used or given-up.</summary>
    public required string Status { get; set; }

    public required string Cutter { get; set; }

    public int Version { get; set; }

    public DateTimeOffset CreatedUtc { get; set; }

    public List<CutCommandRow> Commands { get; } = [];

    /// <summary>What was ticked off while weeding.</summary>
    public List<CutWeededRow> Weeded { get; } = [];
}

/// <summary>Something asked of a cut; asking twice counts once.</summary>
public sealed class CutCommandRow
{
    public Guid CutId { get; set; }

    public Guid CommandId { get; set; }
}

/// <summary>The workshop's own way of cutting a vinyl on a kind of cutter.</summary>
public sealed class CutPresetRow
{
    public required string Vinyl { get; set; }

    public required string Cutter { get; set; }

    /// <summary>plain or deep.</summary>
    public required string Blade { get; set; }

    public double ForceGrams { get; set; }

    public int Passes { get; set; }

    public DateTimeOffset UpdatedUtc { get; set; }
}
