using System.Text.Json.Nodes;
using Juxtherm.App.Artwork;
using Juxtherm.App.Planning;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Artwork.Svg;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>A layer of a drawing.</summary>
/// <param name="Colour">As <c>#rrggbb</c>.</param>
/// <param name="AreaMm2">Vinyl that stays, mm².</param>
/// <param name="Bounds">The box around it, mm on the page.</param>
/// <param name="PerimeterMm">Length of all cuts, mm.</param>
/// <param name="Pieces">Pieces that do not hang together.</param>
/// <param name="Holes">Centres to pick out.</param>
/// <param name="SmallestFeatureMm">Its narrowest place, mm.</param>
/// <param name="Path">Its outline on the page, as path data in mm, filled by the even-odd rule.</param>
public sealed record DrawnLayer(string Colour, double AreaMm2, Box Bounds, double PerimeterMm, int Pieces, int Holes,
    double SmallestFeatureMm, string Path);

/// <summary>A drawing split into layers.</summary>
/// <param name="WidthMm">Width of its page, mm.</param>
/// <param name="HeightMm">Height of its page, mm.</param>
/// <param name="Layers">Lowest first.</param>
/// <param name="Notices">What was left out or taken otherwise than drawn.</param>
public sealed record ArtworkAnswer(double WidthMm, double HeightMm, IReadOnlyList<DrawnLayer> Layers, IReadOnlyList<Notice> Notices);

/// <summary>Work on layers.</summary>
/// <param name="Job">The job file.</param>
/// <param name="Action">Id of the kind of work.</param>
/// <param name="Layers">Ids of the layers concerned.</param>
/// <param name="Mm">The length it takes, mm; left out for the usual one.</param>
/// <param name="Pieces">Pieces that are meant, by layer, from 0; a layer that is not named is meant as a whole.</param>
/// <param name="Region">Where it is done.</param>
public sealed record WorkRequest(JsonObject Job, string Action, IReadOnlyList<string>? Layers, double? Mm,
    IReadOnlyDictionary<string, IReadOnlyList<int>>? Pieces, WorkRegion? Region);

/// <summary>A drawing for a job.</summary>
/// <param name="Job">The job file.</param>
/// <param name="Svg">The drawing.</param>
/// <param name="Separation">As <c>seen</c> or <c>stacked</c>.</param>
/// <param name="Replace">Whether it takes the place of what lies on the printed face.</param>
public sealed record BringInRequest(JsonObject Job, string Svg, Separation? Separation, bool? Replace);

/// <summary>A drawing that is still worked on.</summary>
/// <param name="Id">Ask again by it.</param>
/// <param name="Share">Share of it that is done, 0 to 1.</param>
public sealed record DrawingProgress(Guid Id, double Share);

/// <summary>Words for a job.</summary>
/// <param name="Job">The job file.</param>
/// <param name="Layer">Id of the layer that holds them already; left out for a new one.</param>
/// <param name="Word">What is set, as the job file writes it.</param>
public sealed record WordsRequest(JsonObject Job, string? Layer, JsonObject Word);

/// <summary>A list of names.</summary>
/// <param name="Text">Lines, or a table as CSV.</param>
public sealed record NamesRequest(string Text);

/// <summary>Both faces of a job's artwork, and what can be done with it.</summary>
/// <param name="Front">The front.</param>
/// <param name="Back">The back.</param>
/// <param name="Fonts">Fonts at hand.</param>
/// <param name="Work">Kinds of work on layers.</param>
public sealed record LookAnswer(ArtworkLook Front, ArtworkLook Back, IReadOnlyList<LetterFont> Fonts, IReadOnlyList<KindOfWork> Work);

/// <summary>Drawings, words and names, and the work on their layers. Nothing is kept here: each answer is a job file.</summary>
internal static class ArtworkEndpoints
{
    public static void MapArtwork(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/artwork").WithTags("Artwork").Allow(AccessLevel.Look);
        group.MapPost("/", ReadAsync).Accepts<string>("image/svg+xml", "text/xml", "application/xml", "text/plain")
            .Produces<ArtworkAnswer>().ProducesProblem(400).ProducesProblem(413);
        group.MapPost("/work", async (WorkRequest ask, ArtworkDesk desk, DrawingRoom room, CancellationToken cancel) =>
            Answers.Of(await room.DoAsync((problems, _) =>
                desk.Work(ask.Job.ToJsonString(),
                    new WorkAsked(ask.Action, ask.Layers ?? []) { Mm = ask.Mm, Pieces = ask.Pieces, Region = ask.Region }, problems),
                cancel)))
            .Produces<DeskAnswer>().ProducesProblem(400);
        // Whoever does not say that it may go on beside the request waits for it.
        group.MapPost("/bring-in", async (BringInRequest ask, bool? background, ArtworkDesk desk, DrawingRoom room, DrawingWork works,
            CancellationToken cancel) =>
        {
            DeskAnswer? Work(Problems problems, CancellationToken patience) => desk.BringIn(
                ask.Job.ToJsonString(), ask.Svg, ask.Separation ?? Separation.Seen, ask.Replace ?? true, problems, patience);
            return background == true
                ? await AnswerAsync(works.Begin(Work), works) : Answers.Of(await room.DoAsync(Work, cancel));
        }).Produces<DeskAnswer>().Produces<DrawingProgress>(202).ProducesProblem(400);
        group.MapGet("/bring-in/{id:guid}", async (Guid id, DrawingWork works) =>
            works.Find(id) is { } entry ? await AnswerAsync(entry, works) : ProblemAnswers.NotFound("drawing")).Produces<DeskAnswer>()
            .Produces<DrawingProgress>(202).ProducesProblem(400).ProducesProblem(404);
        group.MapDelete("/bring-in/{id:guid}", (Guid id, DrawingWork works) =>
            works.Stop(id) ? Results.NoContent() : ProblemAnswers.NotFound("drawing")).Produces(204).ProducesProblem(404);
        group.MapPost("/words", async (WordsRequest ask, ArtworkDesk desk, DrawingRoom room, CancellationToken cancel) =>
            Answers.Of(await room.DoAsync((problems, _) => desk.SetWords(ask.Job.ToJsonString(), ask.Layer, ask.Word, problems), cancel)))
            .Produces<DeskAnswer>()
            .ProducesProblem(400);
        group.MapPost("/look", LookAsync).Accepts<object>("application/json").Produces<LookAnswer>().ProducesProblem(400);
        group.MapPost("/names", (NamesRequest ask, ILanguage language) =>
            Results.Ok(NameList.Read(ask.Text ?? "", JobReader.Sizes, language.WordsFor(UnitSystem.Metric)))).Produces<NamesRead>();
        group.MapPost("/proof", ProofAsync).Accepts<object>("application/json").Produces<ProofSheet>().ProducesProblem(400);
    }

    /// <summary>What came of work on a drawing, or how far it is where it takes longer.</summary>
    private static async Task<IResult> AnswerAsync(DrawingEntry entry, DrawingWork works)
    {
        await Task.WhenAny(entry.Work, Task.Delay(AtOnce));
        if (!entry.Work.IsCompleted)
            return Results.Accepted(value: new DrawingProgress(entry.Id, Math.Round(entry.Share, 3)));
        works.Stop(entry.Id);
        return Answers.Of(await entry.Work);
    }

    private static readonly TimeSpan AtOnce = TimeSpan.FromMilliseconds(400);

    private static readonly Dictionary<string, Separation> Splits = new(StringComparer.Ordinal)
    {
        ["seen"] = Separation.Seen,
        ["stacked"] = Separation.Stacked
    };

    private static async Task<IResult> ReadAsync(HttpRequest request, string? separation, DrawingRoom room, ILanguage language,
        CancellationToken cancel)
    {
        var split = separation is null ? Separation.Seen : Splits.GetValueOrDefault(separation, (Separation)(-1));
        if (!Enum.IsDefined(split))
        {
            var unknown = new Problems();
            unknown.Add("", new Phrase("artwork-request.unknown-id", ("separation", separation), ("keys", Thing.List(Splits.Keys))),
                "unknown-id");
            return ProblemAnswers.Invalid(unknown, "question");
        }

        using var body = new StreamReader(request.Body);
        var svg = await body.ReadToEndAsync(cancel);
        return Answers.Of(await room.DoAsync((problems, patience) => SvgReader.Read(svg, problems, patience) is { } drawing
            ? new ArtworkAnswer(drawing.WidthMm, drawing.HeightMm, [.. ColourLayers.Of(drawing, split, patience).Select(Drawn)],
                drawing.Notices(language.WordsFor(UnitSystem.Metric)))
            : null, cancel, "drawing"));
    }

    private static DrawnLayer Drawn(ColourLayer layer)
    {
        var m = layer.Shape.Measures;
        return new DrawnLayer(layer.Colour, m.AreaMm2, layer.Bounds, m.PerimeterMm, m.Pieces, m.Holes, Math.Round(m.SmallestFeatureMm, 3),
            layer.Shape.Text);
    }

    private static async Task<IResult> LookAsync(HttpRequest request, PlanCache cache, CatalogueSnapshot catalogue,
        CancellationToken cancel)
    {
        var problems = new Problems();
        return cache.Read(await JobBody.ReadAsync(request, cancel), problems) is { } job
            ? Results.Ok(
                new LookAnswer(ArtworkLook.Of(job, Face.Front, catalogue.Work.Weeding),
                    ArtworkLook.Of(job, Face.Back, catalogue.Work.Weeding), catalogue.Fonts.All, ArtworkDesk.Kinds))
            : ProblemAnswers.Invalid(problems);
    }

    private static async Task<IResult> ProofAsync(HttpRequest request, PlanCache cache, CancellationToken cancel)
    {
        var problems = new Problems();
        if (cache.Read(await JobBody.ReadAsync(request, cancel), problems) is not { } job)
            return ProblemAnswers.Invalid(problems);
        if (job.Names.Any() && ProofSheet.Of(job) is { } sheet)
            return Results.Ok(sheet);
        problems.Add(!job.Names.Any()
            ? "/names" : "/layers", !job.Names.Any()
            ? new Phrase("artwork-request.missing") : new Phrase("artwork-request.missing-2"), "missing");
        return ProblemAnswers.Invalid(problems);
    }
}
