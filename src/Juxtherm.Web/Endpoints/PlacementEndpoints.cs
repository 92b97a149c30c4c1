using Juxtherm.App;
using Juxtherm.App.Items;
using Juxtherm.App.Planning;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
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
        var group = routes.MapGroup("/api/placement").WithTags("Placement").Allow(AccessLevel.Look);
        group.MapPost("/",
            async (HttpRequest request, double? cutterWidthMm, double? cutterLengthMm, int? piece, PlanCache cache, ILanguage language,
                CancellationToken cancel) =>
        {
            var problems = new Problems();
            if (cutterWidthMm is < 10 or > 30_000 || cutterLengthMm is < 10 or > 30_000)
                problems.Add("", new Phrase("placement-request.out-of-range"), "out-of-range");
            if (!problems.None || cache.Read(await JobBody.ReadAsync(request, cancel), problems) is not { } job)
                return ProblemAnswers.Invalid(problems);
            if (piece < 0 || piece >= job.Pieces.Count)
            {
                problems.Add("", new Phrase("placement-request.no-such-piece", ("piece", piece), ("pieces", job.Pieces.Count)),
                    "out-of-range");
                return ProblemAnswers.Invalid(problems);
            }

            var shown = piece is { } index ? PieceOnItem.Of(job, job.Pieces[index]) : job;
            // What is asked for beside the job holds; otherwise the job's own cutter.
            var (width, height) = (cutterWidthMm ?? job.Tools.Cutter!.WidthMm, cutterLengthMm ?? job.Tools.Cutter!.LengthMm);
            FacePlacement On(Face face) => JobPlacement.Of(shown, face, width, height, language.WordsFor(UnitSystem.Metric));
            return Results.Ok(new PlacementAnswer(On(Face.Front), On(Face.Back)));
        }).Accepts<object>("application/json").Produces<PlacementAnswer>().ProducesProblem(400);
        group.MapPost("/grade", async (HttpRequest request, string? run, GradeJob grade, CancellationToken cancel) =>
            Answers.Of(grade.Grade(await JobBody.ReadAsync(request, cancel), run))).Accepts<object>("application/json").Produces<Graded[]>()
            .ProducesProblem(400);
        group.MapPost("/letters", LettersAsync).Accepts<object>("application/json").Produces<LetterPlan>().ProducesProblem(400);
        group.MapGet("/to-measure", ToMeasure).Produces<ArtSize>().ProducesProblem(400);
        group.MapGet("/square", Square).Produces<Squareness>().ProducesProblem(400);
        routes.MapGet("/api/jobs/{id:guid}/guide.{format}", GuideAsync).WithTags("Placement").Produces(200, contentType: "application/pdf")
            .ProducesProblem(400).ProducesProblem(404).Allow(AccessLevel.Look);
    }

    private static async Task<IResult> LettersAsync(HttpRequest request, string? word, int? perPack, PlanCache cache,
        CancellationToken cancel)
    {
        var problems = new Problems();
        if (word is null || !word.Any(char.IsLetterOrDigit) || word.Length > 60)
            problems.Add("", new Phrase("placement-request.missing-2"), "missing");
        if (perPack is < 1 or > 1000)
            problems.Add("", new Phrase("placement-request.out-of-range-2", ("perPack", perPack)), "out-of-range");
        return cache.Read(await JobBody.ReadAsync(request, cancel), problems) is { } job && problems.None
            ? Results.Ok(Sizing.Letters(word!, perPack ?? 1, job.Blank.Faces[job.Blank.Face]))
            : ProblemAnswers.Invalid(problems);
    }

    private static IResult ToMeasure(double measureMm, double share, double widthMm, double heightMm)
    {
        var problems = new Problems();
        foreach (var (name, mm) in new[] { (nameof(measureMm), measureMm), (nameof(widthMm), widthMm), (nameof(heightMm), heightMm) })
            CheckLength(name, mm, problems);
        problems.Outside("/share", share, Sizing.LeastShare, Sizing.MostShare);
        if (!problems.None)
            return ProblemAnswers.Invalid(problems, "question");
        var size = Sizing.ToMeasure(measureMm, share, widthMm / heightMm);
        CheckLength(nameof(widthMm), size.WidthMm, problems);
        CheckLength(nameof(heightMm), size.HeightMm, problems);
        return problems.None ? Results.Ok(size) : ProblemAnswers.Invalid(problems, "question");
    }

    private static void CheckLength(string name, double mm, Problems problems)
    {
        if (mm is not (> 0 and <= JobReader.MostMm))
            problems.Add("", new Phrase("placement-request.out-of-range-3", ("name", name), ("side", mm), ("most", JobReader.MostMm)),
                "out-of-range");
    }

    private static IResult Square(double top, double bottom, double left, double right)
    {
        var problems = new Problems();
        foreach (var (name, side) in new[] { (nameof(top), top), (nameof(bottom), bottom), (nameof(left), left), (nameof(right), right) })
            CheckLength(name, side, problems);

        return problems.None ? Results.Ok(Sizing.Square(top, bottom, left, right)) : ProblemAnswers.Invalid(problems, "question");
    }

    private static async Task<IResult> GuideAsync(Guid id, string format, string? face, string? what, string? units, JobStore store,
        PlanCache cache, TimeProvider clock, ILanguage language, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return ProblemAnswers.NotFound("job");
        var problems = new Problems();
        if (format is not ("pdf" or "svg"))
            problems.Add("", new Phrase("placement-request.unknown-id-2", ("format", format)), "unknown-id");
        if (cache.Read(row.Json, problems) is not { } job || !problems.None)
            return ProblemAnswers.Invalid(problems);
        var side = FaceAsked.Of(face, job);
        var shape = job.Blank.Faces[side];
        if (what == "stamp")
            return Results.Text(GuideDocument.Stamp(job), "image/svg+xml");
        if (what == "picture")
            return Results.Text(GuideDocument.Picture(job, side), "image/svg+xml");
        if (JobPlacement.Artwork(job, side) is not { } art)
        {
            problems.Add("/layers/0/xMm", new Phrase("placement-request.missing-3"), "missing");
            return ProblemAnswers.Invalid(problems);
        }

        return format == "svg"
            ? Results.Text(GuideDocument.Svg(shape, art, language.WordsFor(ReaderUnits.Of(units))), "image/svg+xml")
            : Results.File(
                GuideDocument.Pdf(shape, art, job.Title.Length > 0
                    ? job.Title : "Untitled", language.WordsFor(ReaderUnits.Of(units)), clock.GetUtcNow()), "application/pdf", "guide.pdf");
    }
}
