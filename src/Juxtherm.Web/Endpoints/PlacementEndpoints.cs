using Juxtherm.Core.Notices;
using Juxtherm.App;
using Juxtherm.App.Planning;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;
using Juxtherm.Documents;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>Both faces of a job's item.</summary>
/// <param name="Front">The front.</param>
/// <param name="Back">The back.</param>
public sealed record PlacementAnswer(FacePlacement Front, FacePlacement Back);

/// <summary>Where things go, how large they may be, and guides to lay them by.</summary>
internal static class PlacementEndpoints
{
    public static void MapPlacement(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/placement").WithTags("Placement");
        group.MapPost("/",
            async (HttpRequest request, double? cutterWidthMm, double? cutterLengthMm, PlanCache cache, ILanguage language,
                CancellationToken cancel) =>
        {
            var problems = new Problems();
            if (cutterWidthMm is < 10 or > 30_000 || cutterLengthMm is < 10 or > 30_000)
                problems.Add("", new Phrase("placement-endpoints.out-of-range"), "out-of-range");
            if (!problems.None || cache.Read(await JobBody.ReadAsync(request, cancel), problems) is not { } job)
                return ProblemAnswers.Invalid(problems);
            // What is asked for beside the job holds; otherwise the job's own cutter.
            var (width, height) = (cutterWidthMm ?? job.Tools.Cutter!.WidthMm, cutterLengthMm ?? job.Tools.Cutter!.LengthMm);
            FacePlacement On(Face face) => JobPlacement.Of(job, face, width, height, language.WordsFor(UnitSystem.Metric));
            return Results.Ok(new PlacementAnswer(On(Face.Front), On(Face.Back)));
        }).Accepts<object>("application/json").Produces<PlacementAnswer>().ProducesProblem(400);
        group.MapPost("/grade", GradeAsync).Accepts<object>("application/json").Produces<Graded[]>().ProducesProblem(400);
        group.MapPost("/letters", LettersAsync).Accepts<object>("application/json").Produces<LetterPlan>().ProducesProblem(400);
        group.MapGet("/square", Square).Produces<Squareness>().ProducesProblem(400);
        routes.MapGet("/api/jobs/{id:guid}/guide.{format}", GuideAsync).WithTags("Placement").Produces(200, contentType: "application/pdf")
            .ProducesProblem(400).ProducesProblem(404);
    }

    /// <summary>The design over a run of sizes, as <c>adult-m:4,adult-l:2</c>.</summary>
    private static async Task<IResult> GradeAsync(HttpRequest request, string? run, PlanCache cache, CatalogueSnapshot catalogue,
        CancellationToken cancel)
    {
        var problems = new Problems();
        var counts = RunOf(run, problems);
        if (cache.Read(await JobBody.ReadAsync(request, cancel), problems) is not { } job || !problems.None)
            return ProblemAnswers.Invalid(problems);
        var face = job.Blank.Face;
        var art = JobPlacement.Artwork(job, face);
        if (job.Blank.Size is null || art is null)
        {
            problems.Add(art is null
                ? "/layers/0/widthMm"
                : "/blank/form", art is null
                ? new Phrase("placement-endpoints.does-not-fit")
                : new Phrase("placement-endpoints.does-not-fit-2", ("form", job.Blank.Form.Name)), "does-not-fit");
            return ProblemAnswers.Invalid(problems);
        }

        return Results.Ok(JobPlacement.Grade(job, counts, catalogue).ToArray());
    }

    private static List<SizeCount> RunOf(string? run, Problems problems)
    {
        var counts = new List<SizeCount>();
        foreach (var part in (run ?? "").Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries))
        {
            var pair = part.Split(':');
            if (pair.Length == 2 && JobReader.Sizes.Contains(pair[0], StringComparer.Ordinal) && int.TryParse(pair[1], out var count)
                && count is >= 0 and <= JobReader.MostPieces)
                counts.Add(new SizeCount(pair[0], count));
            else
                problems.Add("", new Phrase("placement-endpoints.unknown-id", ("part", part), ("sizes", Thing.List(JobReader.Sizes))),
                    "unknown-id");
        }

        if (counts.Count == 0 && problems.None)
            problems.Add("", new Phrase("placement-endpoints.missing"), "missing");
        return counts;
    }

    private static async Task<IResult> LettersAsync(HttpRequest request, string? word, int? perPack, PlanCache cache,
        CancellationToken cancel)
    {
        var problems = new Problems();
        if (word is null || !word.Any(char.IsLetterOrDigit) || word.Length > 60)
            problems.Add("", new Phrase("placement-endpoints.missing-2"), "missing");
        if (perPack is < 1 or > 1000)
            problems.Add("", new Phrase("placement-endpoints.out-of-range-2", ("perPack", perPack)), "out-of-range");
        return cache.Read(await JobBody.ReadAsync(request, cancel), problems) is { } job && problems.None
            ? Results.Ok(Sizing.Letters(word!, perPack ?? 1, job.Blank.Faces[job.Blank.Face]))
            : ProblemAnswers.Invalid(problems);
    }

    private static IResult Square(double top, double bottom, double left, double right)
    {
        var problems = new Problems();
        foreach (var (name, side) in new[] { (nameof(top), top), (nameof(bottom), bottom), (nameof(left), left), (nameof(right), right) })
        {
            if (side is not (> 0 and <= JobReader.MostMm))
                problems.Add("",
                    new Phrase("placement-endpoints.out-of-range-3", ("name", name), ("side", side), ("most", JobReader.MostMm)),
                    "out-of-range");
        }

        return problems.None ? Results.Ok(Sizing.Square(top, bottom, left, right)) : ProblemAnswers.Invalid(problems, "question");
    }

    private static async Task<IResult> GuideAsync(Guid id, string format, string? face, string? what, string? units, JobStore store,
        PlanCache cache, TimeProvider clock, ILanguage language, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return ProblemAnswers.NotFound("job");
        var problems = new Problems();
        if (format is not ("pdf" or "svg"))
            problems.Add("", new Phrase("placement-endpoints.unknown-id-2", ("format", format)), "unknown-id");
        if (cache.Read(row.Json, problems) is not { } job || !problems.None)
            return ProblemAnswers.Invalid(problems);
        var side = face switch { "back" => Face.Back, "front" => Face.Front, _ => job.Blank.Face };
        var shape = job.Blank.Faces[side];
        if (what == "picture")
            return Results.Text(GuideDocument.Picture(shape, job.Layers.Where(l => l.Face == side)), "image/svg+xml");
        if (JobPlacement.Artwork(job, side) is not { } art)
        {
            problems.Add("/layers/0/xMm", new Phrase("placement-endpoints.missing-3"), "missing");
            return ProblemAnswers.Invalid(problems);
        }

        return format == "svg"
            ? Results.Text(GuideDocument.Svg(shape, art, language.WordsFor(ReaderUnits.Of(units))), "image/svg+xml")
            : Results.File(
                GuideDocument.Pdf(shape, art, job.Title.Length > 0
                    ? job.Title : "Untitled", language.WordsFor(ReaderUnits.Of(units)), clock.GetUtcNow()), "application/pdf", "guide.pdf");
    }
}
