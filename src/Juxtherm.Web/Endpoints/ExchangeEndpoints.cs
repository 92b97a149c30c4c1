using Juxtherm.App.Exchange;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>Files that go from one workshop to another.</summary>
internal static class ExchangeEndpoints
{
    private const long LargestFile = 64 * 1024 * 1024;

    // What takes longer is asked for again.
    private static readonly TimeSpan AtOnce = TimeSpan.FromSeconds(2);

    public static void MapExchange(this IEndpointRouteBuilder routes)
    {
        var exchange = routes.MapGroup("/api/exchange").WithTags("Exchange").Allow(AccessLevel.Owner);
        exchange.MapGet("/", async (ExchangeWorkshops workshops, CancellationToken cancel) => Results.Ok(await workshops.NowAsync(cancel)))
            .Produces<ExchangeAnswer>();
        exchange.MapGet("/file", async (string? from, HttpContext http, ExchangeWorkshops workshops, CancellationToken cancel) =>
            Answers.Of(await workshops.WriteAsync(from, cancel), file =>
            {
                http.Response.Headers.ContentDisposition = "attachment; filename=workshop.juxtherm-exchange.json";
                return Results.Text(file.ToJsonString(), "application/json");
            })).Produces(200, contentType: "application/json").ProducesProblem(400);
        exchange.MapPost("/look", async (HttpRequest request, ExchangeWorkshops workshops, CancellationToken cancel) =>
            Answers.Of(await workshops.LookAsync(await TextAsync(request, cancel), cancel))).Accepts<object>("application/octet-stream")
            .Produces<LookedInto>().ProducesProblem(400).ProducesProblem(413).WithMetadata(new RequestSizeLimitAttribute(LargestFile));
        exchange.MapPost("/take", async (HttpRequest request, TakeExchange take, CancellationToken cancel) =>
            await AnswerAsync(take.Begin(await TextAsync(request, cancel)))).Accepts<object>("application/octet-stream")
            .Produces<TakenIn>().Produces<TakingIn>(202).ProducesProblem(400).ProducesProblem(413)
            .WithMetadata(new RequestSizeLimitAttribute(LargestFile));
        exchange.MapGet("/take/{id:guid}", (Guid id, TakeExchange take) => AnswerAsync(take.Find(id))).Produces<TakenIn>()
            .Produces<TakingIn>(202).ProducesProblem(400).ProducesProblem(404);
        exchange.MapDelete("/{id:guid}", async (Guid id, TakeExchange take, CancellationToken cancel) =>
            Answers.Of(await take.TakeBackAsync(id, cancel))).Produces<TakenIn>().ProducesProblem(404);
    }

    private static async Task<IResult> AnswerAsync(TakeEntry? entry)
    {
        if (entry is null)
            return ProblemAnswers.NotFound("file being taken in");
        await Task.WhenAny(entry.Work, Task.Delay(AtOnce));
        return entry.Work.IsCompleted ? Answers.Of(await entry.Work)
            : Results.Accepted(value: new TakingIn(entry.Id, entry.Total, entry.Ready));
    }

    private static async Task<string> TextAsync(HttpRequest request, CancellationToken cancel)
    {
        using var text = new StreamReader(request.Body);
        return await text.ReadToEndAsync(cancel);
    }
}
