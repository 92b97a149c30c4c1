using Juxtherm.App;
using Juxtherm.App.Cutting;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>A layout in the making, or made.</summary>
/// <param name="Id">Ask again by it.</param>
/// <param name="Share">Share of the work done, 0 to 1.</param>
/// <param name="LengthMm">Length of what is being laid out, as short as it is so far, mm.</param>
/// <param name="Plan">How the job is cut; null while it is being worked out.</param>
/// <param name="Before">How many others come before it; 0 when it is being worked out or is done.</param>
public sealed record CutPlanAnswer(string Id, double Share, double LengthMm, CutPlan? Plan, int Before);

/// <summary>How jobs are laid out on sheets, and the files for a cutter.</summary>
internal static class CutPlanEndpoints
{
    private static readonly TimeSpan AtOnce = TimeSpan.FromMilliseconds(500);
    private static readonly TimeSpan Stopping = TimeSpan.FromSeconds(10);

    public static void MapCutPlans(this IEndpointRouteBuilder routes)
    {
        var plans = routes.MapGroup("/api/cut-plans").WithTags("Cutting").Allow(AccessLevel.Look);
        plans.MapPost("/", BeginAsync).Accepts<object>("application/json").Produces<CutPlanAnswer>().ProducesProblem(400)
            .ProducesProblem(409);
        plans.MapGet("/{id}", async (string id, CutPlans all) => await AnswerAsync(all, all.Find(id), AtOnce)).Produces<CutPlanAnswer>()
            .ProducesProblem(404);
        plans.MapPost("/{id}/stop", async (string id, CutPlans all) =>
        {
            var entry = all.Find(id);
            entry?.Stop();
            return await AnswerAsync(all, entry, Stopping);
        }).Produces<CutPlanAnswer>().ProducesProblem(404);
        plans.MapGet("/{id}/file.{format}", FileAsync).Produces(200, contentType: "image/svg+xml").ProducesProblem(400).ProducesProblem(404)
            .ProducesProblem(409);
        routes.MapPost("/api/cut-presets/test", async (TestCutLook look, JudgeTestCut judge, CancellationToken cancel) =>
            Answers.Of(await judge.JudgeAsync(look, cancel))).WithTags("Cutting").Produces<TestCutAdvice>().ProducesProblem(400)
            .Allow(AccessLevel.Owner);
        routes.MapDelete("/api/cut-presets/{vinyl}/{cutter}",
            async (string vinyl, string cutter, StockStore store, CancellationToken cancel) =>
        {
            await store.SetPresetAsync(vinyl, cutter, null, cancel);
            return Results.NoContent();
        }).WithTags("Cutting").Produces(204).Allow(AccessLevel.Owner);
    }

    private static async Task<IResult> BeginAsync(HttpRequest request, string? units, CutPlans all, CancellationToken cancel)
    {
        var problems = new Problems();
        try
        {
            return await all.BeginAsync(await JobBody.ReadAsync(request, cancel), ReaderUnits.Of(units), problems, cancel) is { } entry
                ? await AnswerAsync(all, entry, AtOnce) : ProblemAnswers.Invalid(problems);
        }
        catch (CutPlansFullException full)
        {
            return ProblemAnswers.Conflict("busy", ProblemAnswers.English.Say(full.Says));
        }
    }

    private static async Task<IResult> AnswerAsync(CutPlans all, CutPlanEntry? entry, TimeSpan patience)
    {
        if (entry is null)
            return ProblemAnswers.NotFound("layout");
        await Task.WhenAny(entry.Plan, Task.Delay(patience));
        return Results.Ok(entry.Plan.IsCompleted
            ? new CutPlanAnswer(entry.Id, 1, 0, await entry.Plan, 0)
            : new CutPlanAnswer(entry.Id, entry.Progress.Share, entry.Progress.LengthMm, null, all.Before(entry)));
    }

    /// <summary>Sheets as a file: all of a layout, or with list and sheet a single one.</summary>
    private static async Task<IResult> FileAsync(string id, string format, string? list, int? sheet, CutPlans all,
        CatalogueSnapshot catalogue)
    {
        if (all.Find(id) is not { } entry)
            return ProblemAnswers.NotFound("layout");
        var plan = await entry.Plan;
        if (plan.Stops)
            return ProblemAnswers.Conflict("stop", "There is a stop, so there is no file: " + plan.Notices[0].Text);
        return SheetFiles.Answer(entry.Job.Title, plan.Way, format, list, sheet, entry.Job.Tools.Cutter?.Cutter
            ?? catalogue.Cutters[ReferencePractice.Cutter]);
    }
}
