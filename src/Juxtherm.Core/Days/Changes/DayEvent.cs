namespace Juxtherm.Core.Days.Changes;

/// <summary>What happens in the course of a day.</summary>
public enum DayEventKind
{
    /// <summary>Somebody begins with something now.</summary>
    Begun,

    /// <summary>Something is over sooner than planned.</summary>
    Done,

    /// <summary>Something that should be over is not: it is still to be done.</summary>
    NotYet,

    /// <summary>Something that is under way takes longer.</summary>
    Longer,

    /// <summary>Somebody leaves.</summary>
    Left,

    /// <summary>Somebody comes.</summary>
    Came,

    /// <summary>A press breaks down.</summary>
    PressBroke,

    /// <summary>A press works again.</summary>
    PressBack,

    /// <summary>Pieces have to be made once more.</summary>
    Again,

    /// <summary>A job comes in between.</summary>
    Rush,

    /// <summary>Nothing more is done of a job.</summary>
    Drop,
}

/// <summary>Something that happens in the course of a day.</summary>
/// <param name="CommandId">Chosen by whoever says it; saying it twice counts once.</param>
/// <param name="Kind">What.</param>
public sealed record DayEvent(Guid CommandId, DayEventKind Kind)
{
    /// <summary>Ids of the tasks that it is about.</summary>
    public IReadOnlyList<string> Tasks { get; init; } = [];

    /// <summary>By how long, s.</summary>
    public double Seconds { get; init; }

    /// <summary>Who leaves, from 0.</summary>
    public int? Who { get; init; }

    /// <summary>Who comes.</summary>
    public string Name { get; init; } = "";

    /// <summary>Which press.</summary>
    public string? Press { get; init; }

    /// <summary>Which of the day's jobs, from 0.</summary>
    public int? Job { get; init; }

    /// <summary>How many pieces.</summary>
    public int Pieces { get; init; } = 1;

    /// <summary>The kept job that comes in between.</summary>
    public Guid? JobId { get; init; }

    /// <summary>When it is handed over, UTC; null where that is not said.</summary>
    public DateTimeOffset? Due { get; init; }
}
