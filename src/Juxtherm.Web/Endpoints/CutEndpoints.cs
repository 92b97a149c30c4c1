using Juxtherm.App.Cutting;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Devices;
using Juxtherm.Documents;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>Something to go wrong.</summary>
/// <param name="Trouble">What.</param>
public sealed record CutTroubleAsk(CutterTrouble Trouble);

/// <summary>Cuts: from the layout through the cutter to the weeding sheet.</summary>
internal static class CutEndpoints
{
    public static void MapCuts(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/jobs/{id:guid}/cuts", async (Guid id, CutBegin ask, CutJob cut, CancellationToken cancel) =>
            Answers.Of(await cut.BeginAsync(id, ask, cancel), begun => Results.Created($"/api/cuts/{begun.Id}", begun)))
            .WithTags("Cutting").Produces<CutAnswer>(201).ProducesProblem(404).ProducesProblem(409)
            .Allow(AccessLevel.Press).Audit(new Phrase("deed.cutter"));
        routes.MapGet("/api/jobs/{id:guid}/cuts", async (Guid id, CutStore store, CancellationToken cancel) =>
            Results.Ok((await store.OfJobAsync(id, cancel)).Select(r => CutAnswer.Of(OpenCut.Of(r), null)).ToArray()))
            .WithTags("Cutting").Produces<CutAnswer[]>().Allow(AccessLevel.Look);
        var cuts = routes.MapGroup("/api/cuts/{id:guid}").WithTags("Cutting").Allow(AccessLevel.Press).Audit(new Phrase("deed.cutter"));
        cuts.MapGet("/", async (Guid id, CutJob cut, CancellationToken cancel) => Answers.Of(await cut.LookAsync(id, cancel)))
            .Produces<CutAnswer>().ProducesProblem(404).Allow(AccessLevel.Look);
        cuts.MapPost("/actions", async (Guid id, CutCommand ask, CutJob cut, CancellationToken cancel) =>
            Answers.Of(await cut.SayAsync(id, ask, cancel))).Produces<CutAnswer>().ProducesProblem(404).ProducesProblem(409);
        cuts.MapPost("/trouble", async (Guid id, CutTroubleAsk ask, CutJob cut, CancellationToken cancel) =>
            Answers.Of(await cut.CauseAsync(id, ask.Trouble, cancel))).Produces<CutAnswer>().ProducesProblem(404).ProducesProblem(409);
        cuts.MapPut("/weeded", async (Guid id, WeededAsk ask, CutJob cut, CancellationToken cancel) =>
            Answers.Of(await cut.WeedAsync(id, ask, cancel))).Produces<CutAnswer>().ProducesProblem(400).ProducesProblem(404);
        cuts.MapGet("/file.{format}", FileAsync).Produces(200, contentType: "image/svg+xml").ProducesProblem(400).ProducesProblem(404)
            .Allow(AccessLevel.Look);
        cuts.MapGet("/weeding.pdf", WeedingAsync).Produces(200, contentType: "application/pdf").ProducesProblem(404)
            .Allow(AccessLevel.Look);
    }

    private static async Task<IResult> FileAsync(Guid id, string format, string? list, int? sheet, CutStore store,
        CatalogueSnapshot catalogue, CancellationToken cancel) =>
        await store.FindAsync(id, cancel) is { } row
            ? SheetFiles.Answer(row.Title, OpenCut.Of(row).Way, format, list, sheet,
                catalogue.Cutters.GetValueOrDefault(row.Cutter, catalogue.Cutters[ReferencePractice.Cutter]))
            : ProblemAnswers.NotFound("cut");

    private static async Task<IResult> WeedingAsync(Guid id, CutStore store, TimeProvider clock, ILanguage language,
        CancellationToken cancel) =>
        await store.FindAsync(id, cancel) is { } row
            ? Results.File(
                WeedingDocument.Pdf(row.Title.Length > 0
                    ? row.Title : "Untitled", OpenCut.Of(row).Way, language.WordsFor(UnitSystem.Metric), clock.GetUtcNow()),
                    "application/pdf", "weeding.pdf")
            : ProblemAnswers.NotFound("cut");
}
