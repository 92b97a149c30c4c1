using Juxtherm.App.Money;
using Juxtherm.App.Planning;
using Juxtherm.App.Stock;
using Juxtherm.Core.Costs;
using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Documents;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>What is asked of a kept job's cost.</summary>
/// <param name="Quantities">How many; empty for the usual ones.</param>
public sealed record JobCostAsk(IReadOnlyList<int>? Quantities);

/// <summary>A quote that is accepted.</summary>
/// <param name="Due">The day of the handover, as 2026-12-05; null where that is not said.</param>
public sealed record QuoteAccepted(string? Due);

/// <summary>What things cost, what they are sold for, and what has to be bought.</summary>
internal static class MoneyEndpoints
{
    public static void MapMoney(this IEndpointRouteBuilder routes)
    {
        var money = routes.MapGroup("/api").WithTags("Money").Allow(AccessLevel.Owner);
        money.MapPost("/cost", async (HttpRequest request, ReckonCost reckon, CancellationToken cancel) =>
            Answers.Of(await reckon.ReckonAsync(await JobBody.ReadAsync(request, cancel), cancel)))
            .Accepts<object>("application/json").Produces<CostAnswer[]>().ProducesProblem(400);
        money.MapGet("/prices", async (KeepPrices keep, CancellationToken cancel) => Results.Ok(await keep.FindAsync(cancel)))
            .Produces<Prices>();
        money.MapPut("/prices", async (HttpRequest request, KeepPrices keep, CancellationToken cancel) =>
            Answers.Of(await keep.KeepAsync(await JobBody.ReadAsync(request, cancel), cancel)))
            .Accepts<object>("application/json").Produces<Prices>().ProducesProblem(400);
        money.MapPost("/jobs/{id:guid}/cost", async (Guid id, JobCostAsk ask, ReckonCost reckon, CancellationToken cancel) =>
            Answers.Of(await reckon.OfJobAsync(id, ask.Quantities ?? [], cancel)))
            .Produces<JobCost>().ProducesProblem(400).ProducesProblem(404);
        money.MapGet("/runs/{id:guid}/cost", async (Guid id, ReckonRun reckon, CancellationToken cancel) =>
            Answers.Of(await reckon.OfRunAsync(id, cancel))).Produces<RunCost>().ProducesProblem(404);
        money.MapGet("/buying", async (int? days, BuyingList list, CancellationToken cancel) =>
            Results.Ok(await list.MakeAsync(days, cancel)))
            .Produces<BuyingAnswer>().Allow(AccessLevel.Look);
        money.MapGet("/supplies", async (KeepSupplies keep, CancellationToken cancel) => Results.Ok(await keep.FindAsync(cancel)))
            .Produces<Supplies>();
        money.MapPut("/supplies", async (Supplies supplies, KeepSupplies keep, CancellationToken cancel) =>
            Answers.Of(await keep.KeepAsync(supplies, cancel))).Produces<Supplies>().ProducesProblem(400);
        MapQuotes(money);
        MapBlanks(money);
    }

    private static void MapQuotes(RouteGroupBuilder money)
    {
        money.MapPost("/jobs/{id:guid}/quotes", async (Guid id, QuoteAsk ask, KeepQuotes quotes, CancellationToken cancel) =>
            Answers.Of(await quotes.GiveAsync(id, ask, cancel), q => Results.Created($"/api/quotes/{q.Id}", q)))
            .Produces<QuoteAnswer>(201).ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        money.MapGet("/quotes", async (Guid? job, KeepQuotes quotes, CancellationToken cancel) =>
            Results.Ok(await quotes.ListAsync(job, cancel))).Produces<QuoteAnswer[]>();
        money.MapPost("/quotes/{id:guid}/accept", async (Guid id, QuoteAccepted said, KeepQuotes quotes, CancellationToken cancel) =>
            Answers.Of(await quotes.AcceptAsync(id, said.Due, cancel)))
            .Produces<QuoteAnswer>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        money.MapPost("/quotes/{id:guid}/decline", async (Guid id, KeepQuotes quotes, CancellationToken cancel) =>
            Answers.Of(await quotes.DeclineAsync(id, cancel))).Produces<QuoteAnswer>().ProducesProblem(404);
        money.MapGet("/quotes/{id:guid}.pdf", PageAsync).Produces(200, contentType: "application/pdf").ProducesProblem(404);
    }

    private static void MapBlanks(RouteGroupBuilder money)
    {
        money.MapGet("/blanks", async (KeepBlanks blanks, CancellationToken cancel) => Results.Ok(await blanks.ListAsync(cancel)))
            .Produces<BlankAnswer[]>().Allow(AccessLevel.Look);
        money.MapPost("/blanks", async (BlankAsk ask, KeepBlanks blanks, CancellationToken cancel) =>
            Answers.Of(await blanks.SaveAsync(null, ask, cancel), b => Results.Created($"/api/blanks/{b.Id}", b)))
            .Produces<BlankAnswer>(201).ProducesProblem(400).Audit(new Phrase("deed.stock"));
        money.MapPut("/blanks/{id}", async (string id, BlankAsk ask, KeepBlanks blanks, CancellationToken cancel) =>
            Answers.Of(await blanks.SaveAsync(id, ask, cancel))).Produces<BlankAnswer>().ProducesProblem(400).ProducesProblem(404)
            .Audit(new Phrase("deed.stock"));
        money.MapDelete("/blanks/{id}", async (string id, KeepBlanks blanks, CancellationToken cancel) =>
            Answers.Of(await blanks.SetDeletedAsync(id, true, cancel))).Produces<BlankAnswer>().ProducesProblem(404)
            .Audit(new Phrase("deed.stock"));
        money.MapPost("/blanks/{id}/restore", async (string id, KeepBlanks blanks, CancellationToken cancel) =>
            Answers.Of(await blanks.SetDeletedAsync(id, false, cancel))).Produces<BlankAnswer>().ProducesProblem(404)
            .Audit(new Phrase("deed.stock"));
    }

    private static async Task<IResult> PageAsync(Guid id, string? units, KeepQuotes quotes, PlanCache cache, ILanguage language,
        TimeProvider clock, CancellationToken cancel)
    {
        if (await quotes.FindAsync(id, cancel) is not { } found)
            return ProblemAnswers.NotFound("quote");
        var (quote, says, words) = (found.Quote, found.Quote.Says, language.WordsFor(App.ReaderUnits.Of(units)));
        // The proof is of the job as it was quoted.
        var job = cache.Read(found.JobJson, new Problems());
        var proof = job is { Layers: var layers } && layers.Any(l => l.Shape is not null) ? ProofPicture.Png(job, FaceOf(job), words)
            : null;
        var page = new QuotePage(quote.Number, quote.Title, quote.Customer, quote.Created, quote.ValidUntil, says.Item, says.Quantity,
            says.Each, says.Net, says.Tax, says.Total, says.TaxPercent, says.Currency, says.Sizes, says.Names, says.Note);
        return Results.Bytes(QuoteDocument.Pdf(page, proof, words, clock.GetUtcNow()), "application/pdf");
    }

    private static Face FaceOf(Core.Jobs.Job job) => job.Layers[0].Face;
}
