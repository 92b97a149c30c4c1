using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Stock;

/// <summary>Says what vinyl is on hand.</summary>
/// <param name="store">What is on hand.</param>
/// <param name="catalogue">What ships.</param>
/// <param name="shelf">What is the workshop's own.</param>
/// <param name="language">Says why something is refused.</param>
public sealed class TakeStock(StockStore store, CatalogueSnapshot catalogue, ShelfStore shelf, ILanguage language)
{
    private const string Piece = "vinyl on the shelf";

    /// <summary>All of it.</summary>
    public async Task<IReadOnlyList<StockAnswer>> ListAsync(CancellationToken cancel) =>
        [.. (await store.ListAsync(cancel)).Select(StockAnswer.Of)];

    /// <summary>Puts a roll, sheet or offcut on the shelf.</summary>
    /// <param name="ask">As it was typed in.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<StockAnswer>> AddAsync(StockAsk ask, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var problems = new Problems();
        var length = ask.LengthMm ?? 0;
        if (length <= 0)
            problems.Add("/lengthMm", new Phrase("stock-request.out-of-range", ("length", length), ("longest", StockTable.LongestMm)),
                "out-of-range");
        if (StockReader.Read(ask, ask.CommandId.ToString("N"), await VinylsAsync(cancel), problems) is not { } row || !problems.None)
            return new Invalid(problems, "vinyl");
        if (row.Label.Length == 0)
        {
            var alike = (await store.ListAsync(cancel)).Count(s => s.Row.Kind == row.Kind);
            row.Label = $"{char.ToUpperInvariant(row.Kind[0])}{row.Kind[1..]} {alike + 1}";
        }

        await store.AddAsync([(row, length)], ask.CommandId, cancel);
        return await store.FindAsync(row.Id, cancel) is { } kept ? StockAnswer.Of(kept) : new Missing(Piece);
    }

    /// <summary>Changes what is said of one.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="ask">As it was typed in.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<StockAnswer>> ChangeAsync(string id, StockAsk ask, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var problems = new Problems();
        if (StockReader.Read(ask, id, await VinylsAsync(cancel), problems) is not { } row || !problems.None)
            return new Invalid(problems, "vinyl");
        row.Version = ask.Version ?? 0;
        try
        {
            var (kept, stale) = await store.SaveAsync(row, ask.LengthMm, ask.IsCut, ask.CommandId, cancel);
            if (kept is null)
                return new Missing(Piece);
            return stale
                ? new Refused("stale", Words.Say("stale.stock"), StockAnswer.Of(kept))
                : StockAnswer.Of(kept);
        }
        catch (PromisedException promised)
        {
            return Refused.Of(promised, Words);
        }
    }

    /// <summary>Takes one off the shelf, or back onto it.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="deleted">Whether it is off.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<StockAnswer>> SetDeletedAsync(string id, bool deleted, CancellationToken cancel)
    {
        try
        {
            return await store.SetDeletedAsync(id, deleted, cancel) is { } row ? StockAnswer.Of(row) : new Missing(Piece);
        }
        catch (StockRefusedException refused)
        {
            return Refused.Of(refused, Words);
        }
    }

    /// <summary>Puts a whole table on the shelf, or nothing of it.</summary>
    /// <param name="ask">The table.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<IReadOnlyList<StockAnswer>>> ReadTableAsync(StockTableAsk ask, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var problems = new Problems();
        var read = StockTable.Read(ask.Text, await VinylsAsync(cancel), problems);
        if (!problems.None)
            return new Invalid(problems, "table");
        await store.AddAsync(
            [.. read.Select((s, i) =>
                (StockRows.Row(s with { Id = $"{ask.CommandId:N}-{i}", Label = s.Label.Length > 0 ? s.Label : $"{s.Kind} {i + 1}" }),
                    s.LengthMm))], ask.CommandId, cancel);
        return Result.Done(await ListAsync(cancel));
    }

    /// <summary>How long a roll still is by its weight.</summary>
    /// <param name="ask">What the scale says.</param>
    public Result<WeightAnswer> Weigh(WeightAsk ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var problems = new Problems();
        if (!catalogue.Vinyls.TryGetValue(ask.Vinyl, out var vinyl))
            problems.Add("/vinyl",
                new Phrase("stock-request.unknown-id", ("vinyl", ask.Vinyl),
                    ("list", Thing.List(NearestIds.To(ask.Vinyl, [.. catalogue.Vinyls.Keys])))), "unknown-id");
        problems.Outside("/widthMm", ask.WidthMm, StockTable.NarrowestMm, StockTable.WidestMm, "mm");
        problems.Outside("/grams", ask.Grams, 0, WeightAsk.MostGrams, "g");
        problems.Outside("/coreGrams", ask.CoreGrams, 0, WeightAsk.MostGrams, "g");
        if (!problems.None)
            return new Invalid(problems, "weight");
        var perM2 = RollWeight.GramsPerM2(vinyl!, catalogue.Carrier);
        return new WeightAnswer(Math.Round(RollWeight.LengthMm(ask.Grams, ask.CoreGrams, perM2, ask.WidthMm)), Math.Round(perM2),
            vinyl!.Thermal.DensityKgM3.From.Source);
    }

    /// <summary>Says whether a colour on the shelf is the one that artwork asks for.</summary>
    /// <param name="said">What was said.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<IReadOnlyList<ColourMatch>>> MatchAsync(ColourSaid said, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(said);
        var problems = new Problems();
        StockReader.CheckColour("wanted", said.Wanted, problems);
        StockReader.CheckColour("onShelf", said.OnShelf, problems);
        StockReader.CheckVinyl(said.Vinyl, problems);
        if (!problems.None)
            return new Invalid(problems, "answer");
        await store.SayMatchAsync(new ColourMatch(said.Vinyl!, said.Wanted, said.OnShelf, said.Same == true), forget: said.Same is null,
            cancel);
        return Result.Done(await store.MatchesAsync(cancel));
    }

    private IWords Words => language.WordsFor(UnitSystem.Metric);

    private async Task<IReadOnlyCollection<string>> VinylsAsync(CancellationToken cancel) =>
        [.. catalogue.Vinyls.Keys, .. (await shelf.ListAsync(cancel)).Where(s => s.Kind == "vinyl").Select(s => s.Id)];
}
