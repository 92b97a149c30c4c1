using Juxtherm.App.Keeping;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Web.Endpoints;

/// <summary>Whether it lives, whether it can work, and how safe what it keeps is.</summary>
internal static class WatchEndpoints
{
    private static readonly TimeSpan AtOnce = TimeSpan.FromSeconds(2);

    public static void MapWatch(this IEndpointRouteBuilder routes)
    {
        routes.MapGet("/health/live", () => Results.Text("live")).ExcludeFromDescription().Allow(AccessLevel.Look);
        routes.MapGet("/health/ready", ReadyAsync).ExcludeFromDescription().Allow(AccessLevel.Look);
        var watch = routes.MapGroup("/api/watch").WithTags("Watch").Allow(AccessLevel.Owner);
        watch.MapGet("/", (StandingWatch standing) => Results.Ok(standing.Now)).Produces<WatchAnswer>();
        watch.MapPut("/copies", (CopiesAsk ask, StandingWatch standing) => Answers.Of(standing.CopyTo(ask))).Produces<WatchAnswer>()
            .ProducesProblem(400);
        watch.MapPost("/trial", async (StandingWatch standing) =>
        {
            // Long ones go on by themselves; how they ended is asked for again.
            await Task.WhenAny(standing.TryAsync(), Task.Delay(AtOnce));
            return Results.Ok(standing.Now);
        })
            .Produces<WatchAnswer>();
    }

    private static async Task<IResult> ReadyAsync(IDbContextFactory<WorkshopContext> contexts, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Database.CanConnectAsync(cancel)
            ? Results.Text("ready") : Results.Text("not ready", statusCode: StatusCodes.Status503ServiceUnavailable);
    }
}
