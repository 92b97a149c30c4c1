using Juxtherm.Core.Artwork;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Stock;

/// <summary>Reads what was typed in of vinyl on hand.</summary>
internal static class StockReader
{
    private const int LongestVinylId = 60;
    private const double DearestMetre = 10_000;

    /// <summary>A roll, sheet or offcut as it is kept.</summary>
    /// <param name="ask">As it was typed in.</param>
    /// <param name="id">Its id.</param>
    /// <param name="vinyls">Ids that its vinyl may have.</param>
    /// <param name="problems">Filled with everything that is wrong.</param>
    /// <returns>Null when anything is wrong.</returns>
    public static StockRow? Read(StockAsk ask, string id, IReadOnlyCollection<string> vinyls, Problems problems)
    {
        if (!vinyls.Contains(ask.Vinyl, StringComparer.Ordinal))
            problems.Add("/vinyl",
                new Phrase("stock-request.unknown-id-2", ("vinyl", ask.Vinyl), ("list", Thing.List(NearestIds.To(ask.Vinyl, vinyls)))),
                "unknown-id");
        var colour = ColourWords.Hex(ask.Colour);
        if (colour is null)
            problems.Add("/colour", new Phrase("stock-request.wrong-type-2", ("colour", ask.Colour)), "wrong-type");
        problems.Outside("/widthMm", ask.WidthMm, StockTable.NarrowestMm, StockTable.WidestMm, "mm");
        problems.Outside("/lengthMm", ask.LengthMm ?? 0, 0, StockTable.LongestMm, "mm");
        problems.Outside("/cornerWidthMm", ask.CornerWidthMm ?? 0, 0, ask.WidthMm, "mm");
        problems.Outside("/cornerLengthMm", ask.CornerLengthMm ?? 0, 0, StockTable.LongestMm, "mm");
        problems.Outside("/pricePerMetre", ask.PricePerMetre ?? 0, 0, DearestMetre);
        problems.Outside("/lowMm", ask.LowMm ?? 0, 0, StockTable.LongestMm, "mm");
        foreach (var (name, text) in new[] { ("colourName", ask.ColourName), ("lot", ask.Lot), ("label", ask.Label) })
        {
            if (text is { Length: > StockTable.LongestText })
                problems.Add("/" + name,
                    new Phrase("stock-request.too-long", ("name", name), ("text", text.Length), ("longestText", StockTable.LongestText)),
                    "too-long");
        }

        return problems.None
            ? StockRows.Row(
                new VinylStock(id, ask.Kind, ask.Vinyl, colour!, ask.ColourName ?? "", ask.WidthMm, 0, ask.CornerWidthMm ?? 0,
                    ask.CornerLengthMm ?? 0, ask.Lot ?? "", ask.Label ?? "", ask.PricePerMetre, ask.LowMm ?? 0))
            : null;
    }

    /// <summary>An id that a vinyl may have, also one that no catalogue knows any more.</summary>
    public static void CheckVinyl(string? vinyl, Problems problems)
    {
        if (vinyl is not { Length: > 0 and <= LongestVinylId })
            problems.Add("/vinyl", new Phrase("stock-request.missing"), "missing");
    }

    /// <summary>A colour as <c>#rrggbb</c>.</summary>
    public static void CheckColour(string name, string? text, Problems problems)
    {
        if (text is not { Length: 7 } || text[0] != '#' || !text.Skip(1).All(char.IsAsciiHexDigit))
            problems.Add($"/{name}", new Phrase("stock-request.wrong-type", ("name", name), ("text", text)), "wrong-type");
    }
}
