namespace Juxtherm.Store;

/// <summary>What is looked for in the logbook; what is null or empty does not narrow it.</summary>
public sealed record LogSearch
{
    /// <summary>Anywhere in title, name, remark or lot.</summary>
    public string? Text { get; init; }

    /// <summary>Vinyl id, alone or among others.</summary>
    public string? Vinyl { get; init; }

    /// <summary>Material id.</summary>
    public string? Material { get; init; }

    /// <summary>Form id.</summary>
    public string? Form { get; init; }

    /// <summary>Heat source id.</summary>
    public string? HeatSource { get; init; }

    /// <summary>A lot, whole.</summary>
    public string? Lot { get; init; }

    /// <summary>Whose it is, whole.</summary>
    public string? Person { get; init; }

    /// <summary>What was given up without a word is looked for by this one.</summary>
    public const string Lost = "lost";

    /// <summary>Outcome word; <see cref="Lost"/> for what was given up without a word.</summary>
    public string? Outcome { get; init; }

    /// <summary>From when, UTC.</summary>
    public DateTimeOffset? From { get; init; }

    /// <summary>Until when, UTC, not included.</summary>
    public DateTimeOffset? Until { get; init; }

    /// <summary>One run's pieces.</summary>
    public Guid? Run { get; init; }
}
