using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.App.Planning;

/// <summary>A sheet of a small picture of the stack, at the end of the press.</summary>
/// <param name="Id">Sheet id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="ThicknessMm">mm.</param>
/// <param name="Celsius">In its middle, °C.</param>
/// <param name="Colour">Colour, where it is vinyl and that was said.</param>
public sealed record CardSheet(string Id, string Name, double ThicknessMm, double Celsius, string? Colour);

/// <summary>A job in the list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Title">What the crafter calls it.</param>
/// <param name="UpdatedUtc">When it was last saved.</param>
/// <param name="Quantity">Pieces.</param>
/// <param name="What">Item, material, vinyl and press in words.</param>
/// <param name="Verdict">Whether to go ahead; null when the job cannot be read any more.</param>
/// <param name="Headline">The verdict in one line, or why it cannot be read.</param>
/// <param name="Press">The press that bonds; null when the job cannot be read.</param>
/// <param name="Sheets">The stack at the end of the press, top to bottom.</param>
/// <param name="Pending">Its figures are being worked out anew; until then they are those of before, or empty.</param>
public sealed record JobCard(
    Guid Id, string Title, DateTimeOffset UpdatedUtc, int Quantity, string What, Verdict? Verdict, string Headline, PlannedPress? Press,
    IReadOnlyList<CardSheet> Sheets, bool Pending)
{
    /// <summary>All its presses in one line; empty where it cannot be pressed.</summary>
    public string Line { get; init; } = "";

    /// <summary>The day it is handed over, as 2026-12-05; null when not said.</summary>
    public string? Due { get; init; }

    /// <summary>How it came out the last time; null where it was not pressed yet.</summary>
    public LastResult? Last { get; init; }
}
