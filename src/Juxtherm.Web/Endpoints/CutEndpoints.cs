using Juxtherm.Core.Notices;
using System.Text.Json;
using Juxtherm.App.Cutting;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Reading;
using Juxtherm.Devices;
using Juxtherm.Documents;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>A cut to begin.</summary>
/// <param name="CommandId">Chosen by whoever asks; asking twice begins one cut.</param>
/// <param name="PlanId">The layout to cut.</param>
public sealed record CutBegin(Guid CommandId, string PlanId);

/// <summary>What can be asked of a cut.</summary>
public enum CutAction
{
    /// <summary>Lay the next mat in.</summary>
    Load,

    /// <summary>Cut, or go on after a stop.</summary>
    Go,

    /// <summary>Take the mat out.</summary>
    Unload,

    /// <summary>The vinyl is used up, without a run at the bench.</summary>
    Use,

    /// <summary>Give the cut up: its vinyl is free again.</summary>
    GiveUp,
}

/// <summary>Something asked of a cut.</summary>
/// <param name="CommandId">Chosen by whoever asks; asking twice counts once.</param>
/// <param name="Action">What.</param>
/// <param name="PresetChecked">Vinyl whose preset was checked; with load.</param>
/// <param name="LengthMm">Vinyl that lies on the mat, mm; with load.</param>
public sealed record CutCommand(Guid CommandId, CutAction Action, string? PresetChecked, double? LengthMm);

/// <summary>Something to go wrong.</summary>
/// <param name="Trouble">What.</param>
public sealed record CutTroubleAsk(CutterTrouble Trouble);

/// <summary>What is ticked off on the weeding sheet.</summary>
/// <param name="Keys">Keys of what is done, as <c>list/sheet/unit</c>.</param>
public sealed record WeededAsk(IReadOnlyList<string> Keys);

/// <summary>A cut as it stands.</summary>
/// <param name="Id">Its id.</param>
/// <param name="JobId">The job that it was laid out from.</param>
/// <param name="Title">The job's title.</param>
/// <param name="Status">open, cut, used or given-up.</param>
/// <param name="CreatedUtc">When it was begun.</param>
/// <param name="Cutter">Kind of cutter.</param>
/// <param name="Way">Its sheets.</param>
/// <param name="Mats">Its mats in order.</param>
/// <param name="Current">Number of the mat in hand; null when all are out.</param>
/// <param name="AsksForPreset">Its preset has to be checked before it is loaded.</param>
/// <param name="Device">What the cutter says while it holds the mat; null otherwise.</param>
/// <param name="Weeded">Keys of what is ticked off on the weeding sheet.</param>
/// <param name="Simulated">The cutter is the simulated one: it cuts nothing, and an own cutter takes the file.</param>
public sealed record CutAnswer(
    Guid Id, Guid JobId, string Title, string Status, DateTimeOffset CreatedUtc, string Cutter, CutLayout Way, IReadOnlyList<CutMat> Mats,
    int? Current, bool AsksForPreset, CutterStatus? Device, IReadOnlyList<string> Weeded, bool Simulated);

/// <summary>Cuts: from the layout through the cutter to the weeding sheet.</summary>
internal static class CutEndpoints
{
    private const int MostTicks = 20_000;

    public static void MapCuts(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/jobs/{id:guid}/cuts", BeginAsync).WithTags("Cutting").Produces<CutAnswer>(201).ProducesProblem(404)
            .ProducesProblem(409);
        routes.MapGet("/api/jobs/{id:guid}/cuts", async (Guid id, CutStore store, CancellationToken cancel) =>
            Results.Ok((await store.OfJobAsync(id, cancel)).Select(r => Answer(OpenCut.Of(r), null)).ToArray())).WithTags("Cutting")
            .Produces<CutAnswer[]>();
        var cuts = routes.MapGroup("/api/cuts/{id:guid}").WithTags("Cutting");
        cuts.MapGet("/", async (Guid id, CutterBench bench, CancellationToken cancel) => await LookAsync(id, bench, cancel))
            .Produces<CutAnswer>().ProducesProblem(404);
        cuts.MapPost("/actions", ActAsync).Produces<CutAnswer>().ProducesProblem(404).ProducesProblem(409);
        cuts.MapPost("/trouble", TroubleAsync).Produces<CutAnswer>().ProducesProblem(404).ProducesProblem(409);
        cuts.MapPut("/weeded", WeededAsync).Produces<CutAnswer>().ProducesProblem(400).ProducesProblem(404);
        cuts.MapGet("/file.{format}", FileAsync).Produces(200, contentType: "image/svg+xml").ProducesProblem(400).ProducesProblem(404);
        cuts.MapGet("/weeding.pdf", WeedingAsync).Produces(200, contentType: "application/pdf").ProducesProblem(404);
    }

    private static async Task<IResult> BeginAsync(Guid id, CutBegin ask, CutPlans plans, JobStore jobs, CutStore store, ILanguage language,
        CancellationToken cancel)
    {
        if (await store.FindAsync(ask.CommandId, cancel) is { } before)
            return Results.Created($"/api/cuts/{before.Id}", Answer(OpenCut.Of(before), null));
        if (await jobs.FindAsync(id, cancel) is not { } job)
            return ProblemAnswers.NotFound("job");
        if (plans.Find(ask.PlanId) is not { } entry)
            return ProblemAnswers.NotFound("layout");
        var plan = await entry.Plan;
        if (plan.Stops)
            return ProblemAnswers.Conflict("stop", "There is a stop: " + plan.Notices[0].Text);
        if (plan.Way.Mats == 0)
            return ProblemAnswers.Conflict("nothing", "There is nothing to cut yet: no layer has a size.");
        var row = new CutRow
        {
            Id = ask.CommandId,
            JobId = id,
            Title = job.Title,
            Cutter = entry.Job.Tools.Cutter!.Cutter.Id,
            Weeded = "",
            Status = CutStore.Open,
            WayJson = JsonSerializer.Serialize(plan.Way, CoreJson.Options),
            RunJson = JsonSerializer.Serialize(CutterBench.MatsOf(plan.Way), CoreJson.Options),
        };
        try
        {
            var kept = await store.AddAsync(row, [.. plan.Way.Lists.SelectMany(l => l.Uses)], cancel);
            return Results.Created($"/api/cuts/{kept.Id}", Answer(OpenCut.Of(kept), null));
        }
        catch (StockRefusedException refused)
        {
            return ProblemAnswers.Conflict("stock", language.WordsFor(UnitSystem.Metric).Say("cut.shelf-changed", ("why", refused.Says)));
        }
    }

    private static async Task<IResult> ActAsync(Guid id, CutCommand ask, CutterBench bench, CutStore store, ILanguage language,
        CancellationToken cancel)
    {
        try
        {
            switch (ask.Action)
            {
                case CutAction.Load:
                    if (ask.LengthMm is { } mm && !(mm is > 0 and < 100_000))
                        return ProblemAnswers.Conflict("length", $"{mm} mm of vinyl cannot lie on a mat; above zero is accepted.");
                    await bench.LoadAsync(id, ask.CommandId, ask.PresetChecked, ask.LengthMm, cancel);
                    break;
                case CutAction.Go:
                    await bench.GoAsync(id, ask.CommandId, cancel);
                    break;
                case CutAction.Unload:
                    await bench.UnloadAsync(id, ask.CommandId, cancel);
                    break;
                case CutAction.Use:
                    await store.UseAsync(id, cancel);
                    break;
                default:
                    await store.GiveUpAsync(id, cancel);
                    break;
            }
        }
        catch (CutRefusedException refused)
        {
            return ProblemAnswers.Conflict(refused.Code, language.WordsFor(UnitSystem.Metric).Say(refused.Says));
        }
        catch (CutterRefusedException refused)
        {
            return ProblemAnswers.Conflict("cutter", refused.Message);
        }
        catch (StockRefusedException refused)
        {
            return ProblemAnswers.Conflict("stock", language.WordsFor(UnitSystem.Metric).Say(refused.Says));
        }

        return await LookAsync(id, bench, cancel);
    }

    private static async Task<IResult> TroubleAsync(Guid id, CutTroubleAsk ask, CutterBench bench, CancellationToken cancel)
    {
        try
        {
            await bench.CauseAsync(id, ask.Trouble, cancel);
        }
        catch (CutterRefusedException refused)
        {
            return ProblemAnswers.Conflict("cutter", refused.Message);
        }

        return await LookAsync(id, bench, cancel);
    }

    private static async Task<IResult> LookAsync(Guid id, CutterBench bench, CancellationToken cancel) =>
        await bench.LookAsync(id, cancel) is { } seen ? Results.Ok(Answer(seen.Cut, seen.Device)) : ProblemAnswers.NotFound("cut");

    private static async Task<IResult> WeededAsync(Guid id, WeededAsk ask, CutStore store, CutterBench bench, CancellationToken cancel)
    {
        if (ask.Keys.Count > MostTicks || ask.Keys.Any(k => k.Length > 80 || k.Contains(',', StringComparison.Ordinal)))
        {
            var problems = new Problems();
            problems.Add("/keys", new Phrase("cut-endpoints.out-of-range", ("mostTicks", MostTicks)), "out-of-range");
            return ProblemAnswers.Invalid(problems, "list");
        }

        await store.StepAsync(id, Guid.NewGuid(), r =>
        {
            r.Weeded = string.Join(',', ask.Keys.Distinct(StringComparer.Ordinal));
            return null;
        }, cancel);
        return await LookAsync(id, bench, cancel);
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

    private static CutAnswer Answer(OpenCut cut, CutterStatus? device) => new(
        cut.Row.Id, cut.Row.JobId, cut.Row.Title, cut.Row.Status, cut.Row.CreatedUtc, cut.Row.Cutter, cut.Way, cut.Run.Mats,
        cut.Run.Current?.Number, cut.Run.AsksForPreset, device,
        cut.Row.Weeded.Split(',', StringSplitOptions.RemoveEmptyEntries), CutterBench.Simulated);
}
