using System.Text;
using Juxtherm.App.Stock;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Notices;
using Juxtherm.Documents;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>Vinyl on hand.</summary>
internal static class StockEndpoints
{
    public static void MapStock(this IEndpointRouteBuilder routes)
    {
        var stock = routes.MapGroup("/api/stock").WithTags("Stock").Allow(AccessLevel.Owner).Audit(new Phrase("deed.stock"));
        stock.MapGet("/", async (TakeStock take, CancellationToken cancel) => Results.Ok(await take.ListAsync(cancel)))
            .Produces<StockAnswer[]>().Allow(AccessLevel.Look);
        stock.MapPost("/", async (StockAsk ask, TakeStock take, CancellationToken cancel) =>
            Answers.Of(await take.AddAsync(ask, cancel), kept => Results.Created($"/api/stock/{kept.Id}", kept)))
            .Produces<StockAnswer>(201).ProducesProblem(400);
        stock.MapPut("/{id}", async (string id, StockAsk ask, TakeStock take, CancellationToken cancel) =>
            Answers.Of(await take.ChangeAsync(id, ask, cancel)))
            .Produces<StockAnswer>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        stock.MapDelete("/{id}", async (string id, TakeStock take, CancellationToken cancel) =>
            Answers.Of(await take.SetDeletedAsync(id, true, cancel))).Produces<StockAnswer>().ProducesProblem(404).ProducesProblem(409);
        stock.MapPost("/{id}/restore", async (string id, TakeStock take, CancellationToken cancel) =>
            Answers.Of(await take.SetDeletedAsync(id, false, cancel))).Produces<StockAnswer>().ProducesProblem(404);
        stock.MapGet("/{id}/label.pdf", LabelAsync).Produces(200, contentType: "application/pdf").ProducesProblem(404)
            .Allow(AccessLevel.Look);
        stock.MapPut("/colours", async (ColourSaid said, TakeStock take, CancellationToken cancel) =>
            Answers.Of(await take.MatchAsync(said, cancel))).Produces<ColourMatch[]>().ProducesProblem(400);
        stock.MapGet("/colours", async (StockStore store, CancellationToken cancel) => Results.Ok(await store.MatchesAsync(cancel)))
            .Produces<ColourMatch[]>().Allow(AccessLevel.Look);
        stock.MapPost("/weight", (WeightAsk ask, TakeStock take) => Answers.Of(take.Weigh(ask)))
            .Produces<WeightAnswer>().ProducesProblem(400);
        stock.MapPost("/table", async (StockTableAsk ask, TakeStock take, CancellationToken cancel) =>
            Answers.Of(await take.ReadTableAsync(ask, cancel))).Produces<StockAnswer[]>().ProducesProblem(400);
        routes.MapGet("/api/stock.csv", async (StockStore store, CancellationToken cancel) =>
            Results.File(
                Encoding.UTF8.GetBytes(
                    StockTable.Write((await store.ListAsync(cancel)).Select(s => s.Vinyl with { LengthMm = s.Ledger.OnHandMm }))),
                "text/csv", "vinyl-on-hand.csv")).WithTags("Stock").Produces(200, contentType: "text/csv").Allow(AccessLevel.Owner);
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
}
