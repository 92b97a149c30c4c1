using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Days.Work;

namespace Juxtherm.Core.Days.Asking;

/// <summary>A while.</summary>
/// <param name="Start">UTC.</param>
/// <param name="End">UTC.</param>
public sealed record Stretch(DateTimeOffset Start, DateTimeOffset End);

/// <summary>A pair of hands.</summary>
/// <param name="Name">Whose; may be empty.</param>
/// <param name="There">When they are there; empty for always.</param>
public sealed record Helper(string Name, IReadOnlyList<Stretch> There);

/// <summary>A press of the day.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Source">What kind of press it is.</param>
/// <param name="PlateWidthMm">Plate width, mm.</param>
/// <param name="PlateHeightMm">Plate height, mm.</param>
/// <param name="Celsius">How hot it is at the beginning, °C; null for cold.</param>
public sealed record DayPress(string Id, HeatSource Source, double PlateWidthMm, double PlateHeightMm, double? Celsius)
{
    /// <summary>What it is called.</summary>
    public string Name { get; init; } = Id;

    /// <summary>Since when it is broken, UTC; null while it works.</summary>
    public DateTimeOffset? BrokenSince { get; init; }

    /// <summary>When it was last cold, UTC: what it did before left it no heat; null where that does not matter.</summary>
    public DateTimeOffset? ColdAt { get; init; }
}

/// <summary>What a day is planned from.</summary>
/// <param name="From">When the work begins, UTC.</param>
/// <param name="People">The hands there are, at least one pair.</param>
/// <param name="Breaks">When nobody works.</param>
/// <param name="Presses">The presses there are, at least one.</param>
/// <param name="Cutters">How many cutters there are.</param>
/// <param name="Jobs">What is to be done.</param>
public sealed record DayAsk(
    DateTimeOffset From, IReadOnlyList<Helper> People, IReadOnlyList<Stretch> Breaks, IReadOnlyList<DayPress> Presses, int Cutters,
    IReadOnlyList<WorkOfAJob> Jobs)
{
    /// <summary>How fast these hands are.</summary>
    public HandPace Pace { get; init; } = HandPace.Typical;

    /// <summary>How it was planned before; empty for the first time.</summary>
    public IReadOnlyList<DayTask> Before { get; init; } = [];

    /// <summary>Jobs that are not done, because their own plans forbid it, each in a sentence.</summary>
    public IReadOnlyList<string> LeftOut { get; init; } = [];

    /// <summary>What was done before <see cref="From"/> or is under way: it stays where it is.</summary>
    public IReadOnlyList<DayTask> Begun { get; init; } = [];
}
