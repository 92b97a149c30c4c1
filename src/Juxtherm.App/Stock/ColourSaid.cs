namespace Juxtherm.App.Stock;

/// <summary>Whether a colour on the shelf is the one that artwork asks for.</summary>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Wanted">The artwork's colour, as <c>#rrggbb</c>.</param>
/// <param name="OnShelf">The colour on the shelf, as <c>#rrggbb</c>.</param>
/// <param name="Same">They are the same; null to take back what was said.</param>
public sealed record ColourSaid(string Vinyl, string Wanted, string OnShelf, bool? Same);
