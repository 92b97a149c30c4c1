using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Days.Asking;

/// <summary>A press as a day names it.</summary>
/// <param name="Id">Its id within the day.</param>
/// <param name="HeatSource">Which kind it is, or the id of one of the workshop's own.</param>
/// <param name="PlateWidthMm">Plate width, mm; null for what is usual.</param>
/// <param name="PlateHeightMm">Plate height, mm; null for what is usual.</param>
/// <param name="Celsius">How hot it is at the beginning, °C; null for cold.</param>
public sealed record WishedPress(string Id, string HeatSource, double? PlateWidthMm, double? PlateHeightMm, double? Celsius)
{
    /// <summary>What it is called; empty for its kind.</summary>
    public string Name { get; init; } = "";

    /// <summary>Since when it is broken, UTC; null while it works.</summary>
    public DateTimeOffset? BrokenSince { get; init; }

    /// <summary>When it was last cold, UTC; null where that does not matter.</summary>
    public DateTimeOffset? ColdAt { get; init; }
}

/// <summary>A job as a day names it.</summary>
/// <param name="Job">The job file; null where it is a kept job.</param>
/// <param name="Id">The kept job; null where its file is here.</param>
/// <param name="Due">When it is handed over, UTC; null where that is not said.</param>
/// <param name="Press">The only press that may take it; null for any that can.</param>
public sealed record WishedJob(JsonNode? Job, Guid? Id, DateTimeOffset? Due, string? Press)
{
    /// <summary>So many pieces are made once more.</summary>
    public int Again { get; init; }

    /// <summary>Nothing more of it is done this day.</summary>
    public bool Dropped { get; init; }
}

/// <summary>A day as somebody asks for it.</summary>
/// <param name="From">When the work begins, UTC.</param>
/// <param name="People">The hands there are.</param>
/// <param name="Breaks">When nobody works.</param>
/// <param name="Presses">The presses there are.</param>
/// <param name="Cutters">How many cutters there are.</param>
/// <param name="Jobs">What is to be done.</param>
public sealed record DayWish(
    DateTimeOffset From, IReadOnlyList<Helper> People, IReadOnlyList<Stretch> Breaks, IReadOnlyList<WishedPress> Presses, int Cutters,
    IReadOnlyList<WishedJob> Jobs)
{
    /// <summary>As many pieces of a job may be made once more.</summary>
    internal const int MostAgain = 99;

    /// <summary>As it is kept: what <see cref="DayReader"/> reads.</summary>
    public string ToJson() => JsonSerializer.Serialize(this, CoreJson.Options);
}
