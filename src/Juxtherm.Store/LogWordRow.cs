namespace Juxtherm.Store;

/// <summary>A word of a piece in the logbook, of which there may be several: its vinyls, what was seen, lots, helpers' devices.</summary>
public sealed class LogWordRow
{
    /// <summary>A vinyl id.</summary>
    public const string Vinyl = "vinyl";

    /// <summary>What was seen.</summary>
    public const string Outcome = "outcome";

    /// <summary>A lot of the vinyl that was cut for it.</summary>
    public const string Lot = "lot";

    /// <summary>Of several vinyls the one that it teaches of.</summary>
    public const string Teaches = "teaches";

    /// <summary>A helper's device from which it was worked on.</summary>
    public const string By = "by";

    public long LogId { get; set; }

    /// <summary>vinyl, outcome, lot, teaches or by.</summary>
    public required string Kind { get; set; }

    /// <summary>Its place among those of its kind, from 0.</summary>
    public int At { get; set; }

    public required string Word { get; set; }
}
