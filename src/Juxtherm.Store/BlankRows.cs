namespace Juxtherm.Store;

/// <summary>Items on hand of one kind, size and color. How many are left follows from what happened to them.</summary>
public sealed class BlankStockRow
{
    public required string Id { get; set; }

    /// <summary>Kind of item.</summary>
    public required string Form { get; set; }

    public required string Material { get; set; }

    /// <summary>Size id; empty where there are no sizes.</summary>
    public required string Size { get; set; }

    /// <summary>As #rrggbb; empty when not said.</summary>
    public required string Colour { get; set; }

    public required string ColourName { get; set; }

    /// <summary>What a piece costs, in the workshop's own money; null when not known.</summary>
    public decimal? Price { get; set; }

    /// <summary>Below this it runs out.</summary>
    public int Low { get; set; }

    /// <summary>Counts changes and moves.</summary>
    public int Version { get; set; }

    public DateTimeOffset CreatedUtc { get; set; }

    /// <summary>When it was taken off the shelf; null while it is there. That can be undone.</summary>
    public DateTimeOffset? DeletedUtc { get; set; }

    public List<BlankMoveRow> Moves { get; } = [];
}

/// <summary>Something that happened to items on hand.</summary>
public sealed class BlankMoveRow
{
    public long Id { get; set; }

    public required string BlankId { get; set; }

    /// <summary>receive, use, back or count.</summary>
    public required string Kind { get; set; }

    public int Pieces { get; set; }

    public Guid? RunId { get; set; }

    /// <summary>Chosen by whoever asked for it; asking twice counts once.</summary>
    public Guid CommandId { get; set; }

    public DateTimeOffset AtUtc { get; set; }
}

/// <summary>A quote as it was given: what was promised is kept as it was.</summary>
public sealed class QuoteRow
{
    public Guid Id { get; set; }

    /// <summary>Counts the workshop's quotes, from 1.</summary>
    public int Number { get; set; }

    public Guid JobId { get; set; }

    public required string Title { get; set; }

    /// <summary>Whom it is for; may be empty.</summary>
    public required string Customer { get; set; }

    /// <summary>What it says, frozen.</summary>
    public required string Json { get; set; }

    /// <summary>The job as it was quoted.</summary>
    public required string JobJson { get; set; }

    /// <summary>open, accepted or declined.</summary>
    public required string Status { get; set; }

    public DateTimeOffset CreatedUtc { get; set; }

    /// <summary>The last day on which it holds, as 2026-12-31.</summary>
    public required string ValidUntil { get; set; }

    public DateTimeOffset? DecidedUtc { get; set; }

    /// <summary>Counts changes.</summary>
    public int Version { get; set; }
}
