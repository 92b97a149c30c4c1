using Juxtherm.Core.Notices;
using Juxtherm.App.Cutting;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Reading;
using Juxtherm.Documents;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>Whether a colour on the shelf is the one that artwork asks for.</summary>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Wanted">The artwork's colour, as <c>#rrggbb</c>.</param>
/// <param name="OnShelf">The colour on the shelf, as <c>#rrggbb</c>.</param>
/// <param name="Same">They are the same; null to take back what was said.</param>
public sealed record ColourSaid(string Vinyl, string Wanted, string OnShelf, bool? Same);

/// <summary>A roll, sheet or offcut on hand.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Version">Give it back when changing it.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Colour">As <c>#rrggbb</c>.</param>
/// <param name="ColourName">What its colour is called.</param>
/// <param name="WidthMm">mm.</param>
/// <param name="OnHandMm">Length on the shelf, mm.</param>
/// <param name="ReservedMm">Of that promised to cuts, mm.</param>
/// <param name="CornerWidthMm">Width of the corner that is gone, mm.</param>
/// <param name="CornerLengthMm">Its length, mm.</param>
/// <param name="Lot">Lot.</param>
/// <param name="Label">What is written on it.</param>
/// <param name="PricePerMetre">Price of a metre; null when not known.</param>
/// <param name="LowMm">Below this it is running out, mm.</param>
/// <param name="Low">It is running out.</param>
/// <param name="ColourWord">What its colour is called; the nearest everyday word where nobody gave it a name.</param>
public sealed record StockAnswer(
    string Id, int Version, StockKind Kind, string Vinyl, string Colour, string ColourName, double WidthMm, double OnHandMm,
    double ReservedMm, double CornerWidthMm, double CornerLengthMm,
    string Lot, string Label, double? PricePerMetre, double LowMm, bool Low, string ColourWord);

/// <summary>A roll, sheet or offcut as it is typed in.</summary>
/// <param name="CommandId">Chosen by whoever asks; asking twice counts once.</param>
/// <param name="Version">The version it was changed from; left out for a new one.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Colour">As <c>#rrggbb</c> or an English name.</param>
/// <param name="ColourName">What its colour is called.</param>
/// <param name="WidthMm">mm.</param>
/// <param name="LengthMm">Length on the shelf, mm; left out on a change to leave it as it is.</param>
/// <param name="CornerWidthMm">Width of the corner that is gone, mm.</param>
/// <param name="CornerLengthMm">Its length, mm.</param>
/// <param name="Lot">Lot.</param>
/// <param name="Label">What is written on it; left out for one made up.</param>
/// <param name="PricePerMetre">Price of a metre.</param>
/// <param name="LowMm">Below this it is running out, mm.</param>
/// <param name="IsCut">With a length that was measured, where some of it is promised to cuts: whether that is cut already. Left out it is
/// asked.</param>
public sealed record StockAsk(
    Guid CommandId, int? Version, StockKind Kind, string Vinyl, string Colour, string? ColourName, double WidthMm, double? LengthMm,
    double? CornerWidthMm, double? CornerLengthMm,
    string? Lot, string? Label, double? PricePerMetre, double? LowMm, bool? IsCut = null);

/// <summary>A table of vinyl on hand.</summary>
/// <param name="CommandId">Chosen by whoever asks; asking twice counts once.</param>
/// <param name="Text">CSV with a heading.</param>
public sealed record StockTableAsk(Guid CommandId, string Text);

/// <summary>A roll on the scale.</summary>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="WidthMm">Width, mm.</param>
/// <param name="Grams">Weight with its core, g.</param>
/// <param name="CoreGrams">Weight of the core, g.</param>
public sealed record WeightAsk(string Vinyl, double WidthMm, double Grams, double CoreGrams);

/// <summary>What a roll's weight says.</summary>
/// <param name="LengthMm">Length on it, mm.</param>
/// <param name="GramsPerM2">Weight of the vinyl with its carrier that this rests on, g/m².</param>
/// <param name="From">Where that comes from.</param>
public sealed record WeightAnswer(double LengthMm, double GramsPerM2, string From);

/// <summary>Vinyl on hand.</summary>
internal static class StockEndpoints
{
    public static void MapStock(this IEndpointRouteBuilder routes)
    {
        var stock = routes.MapGroup("/api/stock").WithTags("Stock");
        stock.MapGet("/",
            async (StockStore store, CancellationToken cancel) => Results.Ok((await store.ListAsync(cancel)).Select(Answer).ToArray()))
            .Produces<StockAnswer[]>();
        stock.MapPost("/", AddAsync).Produces<StockAnswer>(201).ProducesProblem(400);
        stock.MapPut("/{id}", SaveAsync).Produces<StockAnswer>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        stock.MapDelete("/{id}",
            (string id, StockStore store, ILanguage language, CancellationToken cancel) =>
            SetDeletedAsync(id, true, store, language, cancel)).Produces<StockAnswer>().ProducesProblem(404).ProducesProblem(409);
        stock.MapPost("/{id}/restore",
            (string id, StockStore store, ILanguage language, CancellationToken cancel) =>
            SetDeletedAsync(id, false, store, language, cancel)).Produces<StockAnswer>().ProducesProblem(404);
        stock.MapGet("/{id}/label.pdf", LabelAsync).Produces(200, contentType: "application/pdf").ProducesProblem(404);
        stock.MapPut("/colours", MatchAsync).Produces<ColourMatch[]>().ProducesProblem(400);
        stock.MapGet("/colours", async (StockStore store, CancellationToken cancel) => Results.Ok(await store.MatchesAsync(cancel)))
            .Produces<ColourMatch[]>();
        stock.MapPost("/weight", Weigh).Produces<WeightAnswer>().ProducesProblem(400);
        stock.MapPost("/table", TableAsync).Produces<StockAnswer[]>().ProducesProblem(400);
        routes.MapGet("/api/stock.csv", async (StockStore store, CancellationToken cancel) =>
            Results.File(
                System.Text.Encoding.UTF8.GetBytes(
                    StockTable.Write((await store.ListAsync(cancel)).Select(s => s.Vinyl with { LengthMm = s.Ledger.OnHandMm }))),
                    "text/csv", "vinyl-on-hand.csv")).WithTags("Stock").Produces(200, contentType: "text/csv");
    }

    /// <summary>An id that a vinyl may have, also one that no catalogue knows any more.</summary>
    internal static void CheckVinyl(string? vinyl, Problems problems)
    {
        if (vinyl is not { Length: > 0 and <= 60 })
            problems.Add("/vinyl", new Phrase("stock-endpoints.missing"), "missing");
    }

    private static async Task<IResult> MatchAsync(ColourSaid said, StockStore store, CancellationToken cancel)
    {
        var problems = new Problems();
        void Colour(string name, string? text)
        {
            if (text is not { Length: 7 } || text[0] != '#' || !text.Skip(1).All(char.IsAsciiHexDigit))
                problems.Add($"/{name}", new Phrase("stock-endpoints.wrong-type", ("name", name), ("text", text)), "wrong-type");
        }

        Colour("wanted", said.Wanted);
        Colour("onShelf", said.OnShelf);
        CheckVinyl(said.Vinyl, problems);
        if (!problems.None)
            return ProblemAnswers.Invalid(problems, "answer");
        await store.SayMatchAsync(new ColourMatch(said.Vinyl!, said.Wanted, said.OnShelf, said.Same == true), forget: said.Same is null,
            cancel);
        return Results.Ok(await store.MatchesAsync(cancel));
    }

    private static async Task<IResult> AddAsync(StockAsk ask, StockStore store, CatalogueSnapshot catalogue, ShelfStore shelf,
        CancellationToken cancel)
    {
        var problems = new Problems();
        var length = ask.LengthMm ?? 0;
        if (length <= 0)
            problems.Add("/lengthMm", new Phrase("stock-endpoints.out-of-range", ("length", length), ("longest", StockTable.LongestMm)),
                "out-of-range");
        if (Row(ask, ask.CommandId.ToString("N"), await VinylsAsync(catalogue, shelf, cancel), problems) is not { } row || !problems.None)
            return ProblemAnswers.Invalid(problems, "vinyl");
        if (row.Label.Length == 0)
        {
            var alike = (await store.ListAsync(cancel)).Count(s => s.Row.Kind == row.Kind);
            row.Label = $"{char.ToUpperInvariant(row.Kind[0])}{row.Kind[1..]} {alike + 1}";
        }
        await store.AddAsync([(row, length)], ask.CommandId, cancel);
        return await store.FindAsync(row.Id, cancel) is { } kept
            ? Results.Created($"/api/stock/{row.Id}", Answer(kept)) : ProblemAnswers.NotFound("vinyl on the shelf");
    }

    private static async Task<IResult> SaveAsync(string id, StockAsk ask, StockStore store, CatalogueSnapshot catalogue, ShelfStore shelf,
        CancellationToken cancel)
    {
        var problems = new Problems();
        if (Row(ask, id, await VinylsAsync(catalogue, shelf, cancel), problems) is not { } row || !problems.None)
            return ProblemAnswers.Invalid(problems, "vinyl");
        row.Version = ask.Version ?? 0;
        StockOnHand? kept;
        bool stale;
        try
        {
            (kept, stale) = await store.SaveAsync(row, ask.LengthMm, ask.IsCut, ask.CommandId, cancel);
        }
        catch (PromisedException promised)
        {
            return ProblemAnswers.Conflict("promised", promised.Message);
        }

        if (kept is null)
            return ProblemAnswers.NotFound("vinyl on the shelf");
        return stale
            ? ProblemAnswers.Conflict("stale", "It was changed or cut from in the meantime.", Answer(kept)) : Results.Ok(Answer(kept));
    }

    private static async Task<IResult> SetDeletedAsync(string id, bool deleted, StockStore store, ILanguage language,
        CancellationToken cancel)
    {
        try
        {
            return await store.SetDeletedAsync(id, deleted, cancel) is { } row
                ? Results.Ok(Answer(row)) : ProblemAnswers.NotFound("vinyl on the shelf");
        }
        catch (StockRefusedException refused)
        {
            return ProblemAnswers.Conflict("stock", language.WordsFor(UnitSystem.Metric).Say(refused.Says));
        }
    }

    private static async Task<IResult> TableAsync(StockTableAsk ask, StockStore store, CatalogueSnapshot catalogue, ShelfStore shelf,
        CancellationToken cancel)
    {
        var problems = new Problems();
        var read = StockTable.Read(ask.Text, await VinylsAsync(catalogue, shelf, cancel), problems);
        if (!problems.None)
            return ProblemAnswers.Invalid(problems, "table");
        await store.AddAsync(
            [.. read.Select((s, i) =>
                (StockRows.Row(s with { Id = $"{ask.CommandId:N}-{i}", Label = s.Label.Length > 0 ? s.Label : $"{s.Kind} {i + 1}" }),
                    s.LengthMm))], ask.CommandId, cancel);
        return Results.Ok((await store.ListAsync(cancel)).Select(Answer).ToArray());
    }

    private static IResult Weigh(WeightAsk ask, CatalogueSnapshot catalogue)
    {
        var problems = new Problems();
        if (!catalogue.Vinyls.TryGetValue(ask.Vinyl, out var vinyl))
            problems.Add("/vinyl",
                new Phrase("stock-endpoints.unknown-id", ("vinyl", ask.Vinyl),
                    ("list", Thing.List(NearestIds.To(ask.Vinyl, [.. catalogue.Vinyls.Keys])))), "unknown-id");
        problems.Outside("/widthMm", ask.WidthMm, 10, StockTable.WidestMm, "mm");
        problems.Outside("/grams", ask.Grams, 0, 100_000, "g");
        problems.Outside("/coreGrams", ask.CoreGrams, 0, 100_000, "g");
        if (!problems.None)
            return ProblemAnswers.Invalid(problems, "weight");
        var perM2 = RollWeight.GramsPerM2(vinyl!, catalogue.Carrier);
        return Results.Ok(
            new WeightAnswer(Math.Round(RollWeight.LengthMm(ask.Grams, ask.CoreGrams, perM2, ask.WidthMm)), Math.Round(perM2),
                vinyl!.Thermal.DensityKgM3.From.Source));
    }

    private static async Task<IResult> LabelAsync(string id, HttpRequest request, StockStore store, CatalogueSnapshot catalogue,
        TimeProvider clock, ILanguage language, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } kept)
            return ProblemAnswers.NotFound("vinyl on the shelf");
        var vinyl = catalogue.Vinyls.TryGetValue(kept.Row.Vinyl, out var known) ? known.Name : kept.Row.Vinyl;
        return Results.File(
            StockLabel.Pdf(kept.Vinyl with { LengthMm = kept.Ledger.OnHandMm }, vinyl,
                $"{request.Scheme}://{request.Host}/stock?piece={id}", language.WordsFor(UnitSystem.Metric), clock.GetUtcNow()),
                "application/pdf", "label.pdf");
    }

    private static async Task<IReadOnlyCollection<string>> VinylsAsync(CatalogueSnapshot catalogue, ShelfStore shelf,
        CancellationToken cancel) =>
        [.. catalogue.Vinyls.Keys, .. (await shelf.ListAsync(cancel)).Where(s => s.Kind == "vinyl").Select(s => s.Id)];

    private static StockRow? Row(StockAsk ask, string id, IReadOnlyCollection<string> vinyls, Problems problems)
    {
        if (!vinyls.Contains(ask.Vinyl, StringComparer.Ordinal))
            problems.Add("/vinyl",
                new Phrase("stock-endpoints.unknown-id-2", ("vinyl", ask.Vinyl), ("list", Thing.List(NearestIds.To(ask.Vinyl, vinyls)))),
                "unknown-id");
        var colour = ColourWords.Hex(ask.Colour);
        if (colour is null)
            problems.Add("/colour", new Phrase("stock-endpoints.wrong-type-2", ("colour", ask.Colour)), "wrong-type");
        problems.Outside("/widthMm", ask.WidthMm, 10, StockTable.WidestMm, "mm");
        problems.Outside("/lengthMm", ask.LengthMm ?? 0, 0, StockTable.LongestMm, "mm");
        problems.Outside("/cornerWidthMm", ask.CornerWidthMm ?? 0, 0, ask.WidthMm, "mm");
        problems.Outside("/cornerLengthMm", ask.CornerLengthMm ?? 0, 0, StockTable.LongestMm, "mm");
        problems.Outside("/pricePerMetre", ask.PricePerMetre ?? 0, 0, 10_000);
        problems.Outside("/lowMm", ask.LowMm ?? 0, 0, StockTable.LongestMm, "mm");
        foreach (var (name, text) in new[] { ("colourName", ask.ColourName), ("lot", ask.Lot), ("label", ask.Label) })
        {
            if (text is { Length: > StockTable.LongestText })
                problems.Add("/" + name,
                    new Phrase("stock-endpoints.too-long", ("name", name), ("text", text.Length), ("longestText", StockTable.LongestText)),
                    "too-long");
        }

        return problems.None
            ? StockRows.Row(
                new VinylStock(id, ask.Kind, ask.Vinyl, colour!, ask.ColourName ?? "", ask.WidthMm, 0, ask.CornerWidthMm
                    ?? 0, ask.CornerLengthMm ?? 0, ask.Lot ?? "", ask.Label ?? "", ask.PricePerMetre, ask.LowMm ?? 0)) : null;
    }

    private static StockAnswer Answer(StockOnHand s)
    {
        var v = s.Vinyl;
        return new StockAnswer(
            v.Id, s.Row.Version, v.Kind, v.Vinyl, v.Colour, v.ColourName, v.WidthMm, Math.Round(s.Ledger.OnHandMm, 1),
            Math.Round(s.Ledger.ReservedMm, 1), v.CornerWidthMm, v.CornerLengthMm,
            v.Lot, v.Label, v.PricePerMetre, v.LowMm, v.LowMm > 0 && s.Ledger.FreeMm < v.LowMm,
            v.ColourName.Length > 0 ? v.ColourName : ColourWords.Nearest(v.Colour));
    }
}
