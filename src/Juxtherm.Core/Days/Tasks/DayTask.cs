using System.Text.Json.Serialization;

namespace Juxtherm.Core.Days.Tasks;

/// <summary>What is done in a stretch of a day.</summary>
public enum DayTaskKind
{
    /// <summary>A mat is loaded, or goes through the cutter.</summary>
    Cut,

    /// <summary>The vinyl of a piece is weeded.</summary>
    Weed,

    /// <summary>A press changes its temperature; the first heat-up is one such.</summary>
    Heat,

    /// <summary>What comes before a piece, or before the first of them.</summary>
    Prepare,

    /// <summary>The bare item under the plate.</summary>
    Preheat,

    /// <summary>Vinyl is laid, the plate closed.</summary>
    Lay,

    /// <summary>For a moment, so that a layer holds still.</summary>
    Tack,

    /// <summary>The press that bonds, or one from the back.</summary>
    Press,

    /// <summary>It cools.</summary>
    Cool,

    /// <summary>The carrier comes off.</summary>
    Peel,

    /// <summary>The press after the peel.</summary>
    Finish,

    /// <summary>What came out is looked at.</summary>
    Inspect,

    /// <summary>What is finished is packed.</summary>
    Pack,
}

/// <summary>What a person would say that they are doing.</summary>
public enum DayActivity
{
    /// <summary>Cutting.</summary>
    Cutting,

    /// <summary>Weeding.</summary>
    Weeding,

    /// <summary>Making ready.</summary>
    Preparing,

    /// <summary>Pressing, with all that goes with it: laying, peeling, the last look.</summary>
    Pressing,

    /// <summary>Packing.</summary>
    Packing,
}

/// <summary>Kinds as people see them.</summary>
public static class DayActivities
{
    /// <summary>What somebody who does this is doing.</summary>
    /// <param name="kind">It.</param>
    public static DayActivity Of(DayTaskKind kind) => kind switch
    {
        DayTaskKind.Cut => DayActivity.Cutting,
        DayTaskKind.Weed => DayActivity.Weeding,
        DayTaskKind.Prepare => DayActivity.Preparing,
        DayTaskKind.Pack => DayActivity.Packing,
        _ => DayActivity.Pressing,
    };
}

/// <summary>A stretch of a day.</summary>
/// <param name="Id">Stays the same when the day is planned anew.</param>
/// <param name="Job">Which of the day's jobs, from 0; −1 for none.</param>
/// <param name="Piece">Which of its pieces, from 1; null for all of them.</param>
/// <param name="Kind">What is done.</param>
/// <param name="Start">When it begins, UTC.</param>
/// <param name="End">When it is over, UTC.</param>
/// <param name="Press">The press that it takes; null for none.</param>
/// <param name="Cutter">It takes a cutter.</param>
/// <param name="Hands">How many pairs of hands it takes, 0 or 1.</param>
/// <param name="After">What has to be over before it.</param>
/// <param name="Celsius">What the press is set to, °C; null where nothing is hot.</param>
public sealed record DayTask(
    string Id, int Job, int? Piece, DayTaskKind Kind, DateTimeOffset Start, DateTimeOffset End, string? Press, bool Cutter, int Hands,
    IReadOnlyList<string> After, double? Celsius)
{
    /// <summary>The block of work that it is a part of.</summary>
    [JsonIgnore]
    public string Block => Id[..Id.LastIndexOf('.')];

    /// <summary>Whose hands, from 0; null where none are needed.</summary>
    public int? Who { get; init; }

    /// <summary>It is over, or under way: a new plan leaves it where it is.</summary>
    public bool Fixed { get; init; }
}
