using Juxtherm.Core.Artwork;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.App.Learning;
using Juxtherm.Store;

namespace Juxtherm.App.Stock;

/// <summary>Items on hand as they are typed in.</summary>
/// <param name="CommandId">Chosen by whoever asks; asking twice counts once.</param>
/// <param name="Form">Kind of item.</param>
/// <param name="Material">Its material.</param>
/// <param name="Size">Its size; null for none.</param>
/// <param name="Colour">Its color, as #rrggbb or in words; null when not said.</param>
/// <param name="ColourName">What the color is called.</param>
/// <param name="Pieces">How many there are; null to leave that as it is.</param>
/// <param name="Price">What a piece costs; null when not known.</param>
/// <param name="Low">Below this it runs out.</param>
public sealed record BlankAsk(Guid CommandId, string Form, string Material, string? Size, string? Colour, string? ColourName, int? Pieces,
    decimal? Price, int? Low);

/// <summary>Items on hand.</summary>
/// <param name="Id">Their id.</param>
/// <param name="Form">Kind of item.</param>
/// <param name="Material">Its material.</param>
/// <param name="Size">Its size; empty for none.</param>
/// <param name="Colour">Its color as #rrggbb; empty when not said.</param>
/// <param name="ColourName">What the color is called.</param>
/// <param name="Left">How many there are.</param>
/// <param name="Price">What a piece costs; null when not known.</param>
/// <param name="Low">Below this it runs out.</param>
/// <param name="RunningOut">There are fewer than that.</param>
public sealed record BlankAnswer(string Id, string Form, string Material, string Size, string Colour, string ColourName, int Left,
    decimal? Price, int Low, bool RunningOut);

/// <summary>Keeps items on hand.</summary>
/// <param name="store">Where they are kept.</param>
/// <param name="catalogue">What kinds there are.</param>
public sealed class KeepBlanks(BlankStore store, WorkshopCatalogue catalogue)
{
    private const int Most = 100_000;
    private const int LongestName = 60;
    private const double Dearest = 100_000;

    /// <summary>All on the shelf.</summary>
    public async Task<IReadOnlyList<BlankAnswer>> ListAsync(CancellationToken cancel) => [.. (await store.ListAsync(cancel)).Select(Of)];

    /// <summary>Keeps new ones, or changes them.</summary>
    /// <param name="id">Their id; null for new ones.</param>
    /// <param name="ask">As they were typed in.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<BlankAnswer>> SaveAsync(string? id, BlankAsk ask, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var known = await catalogue.FindAsync(cancel);
        var problems = new Problems();
        Known("/form", ask.Form, [.. known.Forms.Keys], problems);
        Known("/material", ask.Material, [.. known.Materials.Keys], problems);
        problems.Outside("/pieces", ask.Pieces ?? 0, 0, Most);
        problems.Outside("/price", (double)(ask.Price ?? 0), 0, Dearest);
        problems.Outside("/low", ask.Low ?? 0, 0, Most);
        // A color that has only a name keeps it, whether anybody knows that name or not.
        var colour = string.IsNullOrWhiteSpace(ask.Colour) ? ColourWords.Hex(ask.ColourName ?? "") ?? "" : ColourWords.Hex(ask.Colour);
        if (colour is null)
            problems.Add("/colour", new Phrase("stock-request.wrong-type-2", ("colour", ask.Colour!)), "wrong-type");
        foreach (var (pointer, text) in new[] { ("/size", ask.Size), ("/colourName", ask.ColourName) })
            if (text?.Length > LongestName)
                problems.Add(pointer, new Phrase("money.too-long", ("longest", LongestName)), "too-long");
        if (!problems.None)
            return new Invalid(problems, "items");
        var row = new BlankStockRow
        {
            Id = id ?? ask.CommandId.ToString("N"),
            Form = ask.Form,
            Material = ask.Material,
            Size = ask.Size ?? "",
            Colour = colour!.ToLowerInvariant(),
            ColourName = ask.ColourName ?? "",
            Price = ask.Price,
            Low = ask.Low ?? 0,
        };
        return await store.SaveAsync(row, id is null, ask.Pieces, ask.CommandId, cancel) is { } saved ? Of(saved) : new Missing("items");
    }

    /// <summary>Takes them off the shelf, or puts them back.</summary>
    public async Task<Result<BlankAnswer>> SetDeletedAsync(string id, bool deleted, CancellationToken cancel) =>
        await store.SetDeletedAsync(id, deleted, cancel) is { } row ? Of(row) : new Missing("items");

    private static void Known(string pointer, string id, IReadOnlyCollection<string> known, Problems problems)
    {
        if (!known.Contains(id, StringComparer.Ordinal))
            problems.Add(pointer, new Phrase("stock-request.unknown-item", ("id", id), ("list", Thing.List(NearestIds.To(id, known)))),
                "unknown-id");
    }

    private static BlankAnswer Of(BlankOnHand b) => new(b.Row.Id, b.Row.Form, b.Row.Material, b.Row.Size, b.Row.Colour, b.Row.ColourName,
        b.Left,
        b.Row.Price, b.Row.Low, b.Left < b.Row.Low);
}
