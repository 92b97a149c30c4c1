using Juxtherm.App;
using Juxtherm.App.Learning;
using Juxtherm.App.Logbook;
using Juxtherm.App.Planning;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>A plate that was measured.</summary>
/// <param name="Id">Its id.</param>
/// <param name="HeatSource">Heat source id.</param>
/// <param name="Name">The press in words.</param>
/// <param name="AtUtc">When.</param>
/// <param name="DialCelsius">What the dial showed, °C.</param>
/// <param name="ReadCelsius">What was measured, °C.</param>
/// <param name="Means">probe or strip.</param>
public sealed record PlateReadingAnswer(long Id, string HeatSource, string Name, DateTimeOffset AtUtc, double DialCelsius,
    double ReadCelsius, string Means);

/// <summary>What the workshop has learned.</summary>
/// <param name="Lessons">Presses first, then vinyls on blanks.</param>
/// <param name="Readings">Measured plates, newest first.</param>
public sealed record LearnedAnswer(IReadOnlyList<Lesson> Lessons, IReadOnlyList<PlateReadingAnswer> Readings);

/// <summary>Switches something learned.</summary>
/// <param name="Key">Its key.</param>
/// <param name="On">Whether plans use it.</param>
public sealed record LessonSwitch(string Key, bool On);

/// <summary>A plate to note as measured.</summary>
/// <param name="HeatSource">Heat source id.</param>
/// <param name="DialCelsius">What the dial showed, 50 to 250 °C.</param>
/// <param name="ReadCelsius">What was measured, 20 to 300 °C.</param>
/// <param name="Means">probe or strip.</param>
public sealed record PlateReadingRequest(string HeatSource, double DialCelsius, double ReadCelsius, string Means);

/// <summary>What a job's setting would be without what was learned.</summary>
/// <param name="Changes">The setting differs.</param>
/// <param name="Celsius">Plate set to without it, °C.</param>
/// <param name="DialMark">The mark without it; null where the dial shows degrees.</param>
/// <param name="Seconds">Press time without it, s.</param>
/// <param name="Lessons">What of the learned bears on this job, used or switched off.</param>
public sealed record LearnedInJob(bool Changes, double Celsius, string? DialMark, double Seconds, IReadOnlyList<Lesson> Lessons);

/// <summary>What the logbook has taught.</summary>
internal static class LearnedEndpoints
{
    private static readonly string[] Means = [.. Enum.GetValues<PlateMeans>().Select(LogRows.Word)];

    public static void MapLearned(this IEndpointRouteBuilder routes)
    {
        var learned = routes.MapGroup("/api/learned").WithTags("Learned");
        learned.MapGet("/",
            async (WorkshopLearning learning, LogStore store, LogNames names, CancellationToken cancel) =>
            Results.Ok(await AnswerAsync(learning, store, names, cancel))).Produces<LearnedAnswer>();
        learned.MapPut("/switch", SwitchAsync).Produces<LearnedAnswer>().ProducesProblem(404);
        learned.MapPost("/readings", MeasuredAsync).Produces<LearnedAnswer>().ProducesProblem(400);
        learned.MapDelete("/readings/{id:long}", ForgetAsync).Produces<LearnedAnswer>().ProducesProblem(404);
        routes.MapPost("/api/plans/learned", InJobAsync).WithTags("Learned").Accepts<object>("application/json").Produces<LearnedInJob>()
            .ProducesProblem(400).ProducesProblem(413);
    }

    private static async Task<IResult> SwitchAsync(LessonSwitch ask, WorkshopLearning learning, LogStore store, LogNames names,
        CancellationToken cancel)
    {
        if (!(await learning.LessonsAsync(cancel)).Any(l => l.Key == ask.Key))
            return ProblemAnswers.NotFound("thing that was learned");
        await store.SwitchAsync(ask.Key, ask.On, cancel);
        learning.Forget();
        return Results.Ok(await AnswerAsync(learning, store, names, cancel));
    }

    private static async Task<IResult> MeasuredAsync(PlateReadingRequest ask, [FromHeader(Name = CommandHeader.Name)] Guid? command,
        WorkshopLearning learning, WorkshopCatalogue catalogues, LogStore store, LogNames names, TimeProvider clock,
        CancellationToken cancel)
    {
        var problems = new Problems();
        var sources = (await catalogues.FindAsync(cancel)).HeatSources;
        if (!sources.ContainsKey(ask.HeatSource ?? ""))
            problems.Add("/heatSource",
                new Phrase("learned-endpoints.unknown-id", ("heatSource", ask.HeatSource),
                    ("list", Thing.List(NearestIds.To(ask.HeatSource ?? "", [.. sources.Keys])))), "unknown-id");
        problems.Outside("/dialCelsius", ask.DialCelsius, 50, 250, "°C");
        problems.Outside("/readCelsius", ask.ReadCelsius, 20, 300, "°C");
        if (!Means.Contains(ask.Means, StringComparer.Ordinal))
            problems.Add("/means", new Phrase("learned-endpoints.unknown-id-2", ("means", ask.Means)), "unknown-id");
        if (!problems.None)
            return ProblemAnswers.Invalid(problems, "reading");
        await store.AddReadingAsync(
            new PlateReadingRow
            {
                HeatSource = ask.HeatSource!,
                AtUtc = clock.GetUtcNow(),
                DialCelsius = ask.DialCelsius,
                ReadCelsius = ask.ReadCelsius,
                Means = ask.Means,
                CommandId = CommandId.Of(command, clock)
            }, cancel);
        learning.Forget();
        return Results.Ok(await AnswerAsync(learning, store, names, cancel));
    }

    private static async Task<IResult> ForgetAsync(long id, WorkshopLearning learning, LogStore store, LogNames names,
        CancellationToken cancel)
    {
        if (!await store.RemoveReadingAsync(id, cancel))
            return ProblemAnswers.NotFound("measured plate");
        learning.Forget();
        return Results.Ok(await AnswerAsync(learning, store, names, cancel));
    }

    private static async Task<IResult> InJobAsync(HttpRequest request, Guid? job, PlanCache cache, JobPlans plans,
        WorkshopLearning learning, CancellationToken cancel)
    {
        var problems = new Problems();
        var json = await JobBody.ReadAsync(request, cancel);
        if (await plans.PlanAsync(job, json, UnitSystem.Metric, problems, cancel) is not { } with
            || cache.PlanUncorrected(json, UnitSystem.Metric, problems) is not { } without)
            return ProblemAnswers.Invalid(problems);
        var (own, usual) = (with.Result.Plan.BondingPress, without.Result.Plan.BondingPress);
        var planned = with.Job;
        HashSet<string> about = [$"plate:{planned.Tools.Source.Id}",
            .. planned.Layers.Select(l => $"demand:{l.Vinyl.Id}:{planned.Blank.Material.Id}")];
        return Results.Ok(new LearnedInJob(
            own.Celsius != usual.Celsius
            || own.Seconds != usual.Seconds, usual.Celsius, usual.DialMark, usual.Seconds,
            [.. learning.Lessons.Where(l => about.Contains(l.Key))]));
    }

    private static async Task<LearnedAnswer> AnswerAsync(WorkshopLearning learning, LogStore store, LogNames names,
        CancellationToken cancel)
    {
        var name = await names.NamerAsync(cancel);
        return new LearnedAnswer(await learning.LessonsAsync(cancel),
            [.. (await store.ReadingsAsync(cancel))
                .Select(r =>
                    new PlateReadingAnswer(r.Id, r.HeatSource, name(r.HeatSource), r.AtUtc, r.DialCelsius, r.ReadCelsius, r.Means))]);
    }
}
