using Juxtherm.App.Exchange;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>Files that go from one workshop to another.</summary>
internal static class ExchangeEndpoints
{
    private const long LargestFile = 64 * 1024 * 1024;

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
        exchange.MapPost("/take", async (HttpRequest request, ExchangeWorkshops workshops, CancellationToken cancel) =>
            Answers.Of(await workshops.TakeAsync(await TextAsync(request, cancel), cancel))).Accepts<object>("application/octet-stream")
            .Produces<TakenIn>().ProducesProblem(400).ProducesProblem(413).WithMetadata(new RequestSizeLimitAttribute(LargestFile))
            .Untimed();
        exchange.MapDelete("/{id:guid}", async (Guid id, ExchangeWorkshops workshops, CancellationToken cancel) =>
            Answers.Of(await workshops.TakeBackAsync(id, cancel))).Produces<TakenIn>().ProducesProblem(404);
    }

    private static async Task<string> TextAsync(HttpRequest request, CancellationToken cancel)
    {
        using var text = new StreamReader(request.Body);
        return await text.ReadToEndAsync(cancel);
    }
}
