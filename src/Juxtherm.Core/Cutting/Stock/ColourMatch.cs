using Juxtherm.Core.Artwork;

namespace Juxtherm.Core.Cutting.Stock;

/// <summary>What somebody has said of a colour on the shelf.</summary>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Wanted">The artwork's colour, as <c>#rrggbb</c>.</param>
/// <param name="OnShelf">The colour on the shelf, as <c>#rrggbb</c>.</param>
/// <param name="Same">They are the same.</param>
public sealed record ColourMatch(string Vinyl, string Wanted, string OnShelf, bool Same);

/// <summary>A colour on the shelf that looks like the one that artwork asks for.</summary>
/// <param name="OnShelf">As <c>#rrggbb</c>.</param>
/// <param name="Name">What it is called there; the nearest common word where it has no name.</param>
/// <param name="Taken">It is so near that it is used until somebody says otherwise.</param>
public sealed record ColourAsk(string OnShelf, string Name, bool Taken);

/// <summary>Tells which vinyl on the shelf has the colour that artwork asks for: a drawing's green and a label's are seldom the same
/// number.</summary>
/// <param name="stock">What is on hand.</param>
/// <param name="said">What somebody has said of colours.</param>
public sealed class StockColours(IReadOnlyList<VinylStock> stock, IReadOnlyList<ColourMatch> said)
{
    // Beside each other hardly anybody sees a difference below the first; beyond the second it is another colour (from memory).
    private const double LooksTheSame = 5;
    private const double LooksAlike = 20;

    /// <summary>Whether a colour on the shelf is used for one that artwork asks for.</summary>
    /// <param name="vinyl">Vinyl id.</param>
    /// <param name="wanted">As <c>#rrggbb</c>; null where none is given.</param>
    /// <param name="onShelf">As <c>#rrggbb</c>.</param>
    public bool IsSame(string vinyl, string? wanted, string onShelf)
    {
        if (wanted is null)
            return false;
        if (Equal(wanted, onShelf))
            return true;
        return Said(vinyl, wanted, onShelf)?.Same
            ?? (Nearest(vinyl, wanted) is { } near && Equal(near.Colour, onShelf) && near.Apart <= LooksTheSame);
    }

    /// <summary>What is worth asking about a colour; null where the shelf has exactly it, or everything like it was asked about.</summary>
    /// <param name="vinyl">Vinyl id.</param>
    /// <param name="wanted">As <c>#rrggbb</c>; null where none is given.</param>
    public ColourAsk? Ask(string vinyl, string? wanted) => wanted is not null && Nearest(vinyl, wanted) is { Apart: <= LooksAlike } near
        ? new ColourAsk(near.Colour, near.Name, near.Apart <= LooksTheSame)
        : null;

    /// <summary>What a colour is called: as on the shelf, or the nearest common word.</summary>
    /// <param name="vinyl">Vinyl id.</param>
    /// <param name="colour">As <c>#rrggbb</c>; null where none is given.</param>
    public string NameOf(string vinyl, string? colour)
    {
        if (colour is null)
            return "";
        return stock.FirstOrDefault(s => s.Vinyl == vinyl && s.ColourName.Length > 0 && IsSame(vinyl, colour, s.Colour))?.ColourName
            ?? ColourWords.Nearest(colour);
    }

    /// <summary>The nearest colour of that vinyl on the shelf that nobody has spoken of; null where it has exactly the one
    /// wanted.</summary>
    private (string Colour, string Name, double Apart)? Nearest(string vinyl, string wanted)
    {
        var of = stock.Where(s => s.Vinyl == vinyl && s.LengthMm > 0).ToList();
        if (of.Exists(s => Equal(s.Colour, wanted) || Said(vinyl, wanted, s.Colour) is { Same: true }))
            return null;
        return of.Where(s => Said(vinyl, wanted, s.Colour) is null)
            .Select(s =>
                (s.Colour, Name: s.ColourName.Length > 0
                    ? s.ColourName : ColourWords.Nearest(s.Colour), Apart: ColourWords.Difference(wanted, s.Colour)))
            .OrderBy(s => s.Apart).Select(s => ((string, string, double)?)s).FirstOrDefault();
    }

    private ColourMatch? Said(string vinyl, string wanted, string onShelf) =>
        said.FirstOrDefault(m => m.Vinyl == vinyl && Equal(m.Wanted, wanted) && Equal(m.OnShelf, onShelf));

    private static bool Equal(string one, string other) => string.Equals(one, other, StringComparison.OrdinalIgnoreCase);
}
