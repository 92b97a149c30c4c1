using Juxtherm.App.Shelf;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>The workshop's own vinyls, blanks and presses.</summary>
internal static class ShelfEndpoints
{
    public static void MapShelf(this IEndpointRouteBuilder routes)
    {
        var shelf = routes.MapGroup("/api/shelf").WithTags("Shelf").Allow(AccessLevel.Owner);
        shelf.MapGet("/", async (KeepOwnEntry keep, CancellationToken cancel) => Results.Ok(await keep.ListAsync(cancel)))
            .Produces<ShelfAnswer[]>().Allow(AccessLevel.Look);
        shelf.MapPost("/{kind}",
            async (string kind, HttpRequest request, [FromHeader(Name = CommandHeader.Name)] Guid? command, KeepOwnEntry keep,
                CancellationToken cancel) =>
            Answers.Of(await keep.AddAsync(kind, await JobBody.ReadAsync(request, cancel), command, cancel),
                kept => Results.Created($"/api/shelf/{kept.Id}", kept)))
            .Accepts<object>("application/json").Produces<ShelfAnswer>(201).ProducesProblem(400);
        shelf.MapPut("/{id}", async (string id, ShelfSave request, KeepOwnEntry keep, CancellationToken cancel) =>
            Answers.Of(await keep.SaveAsync(id, request, cancel)))
            .Produces<ShelfAnswer>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        shelf.MapDelete("/{id}", async (string id, KeepOwnEntry keep, CancellationToken cancel) =>
            Answers.Of(await keep.SetDeletedAsync(id, true, cancel))).Produces<ShelfAnswer>().ProducesProblem(404);
        shelf.MapPost("/{id}/restore", async (string id, KeepOwnEntry keep, CancellationToken cancel) =>
            Answers.Of(await keep.SetDeletedAsync(id, false, cancel))).Produces<ShelfAnswer>().ProducesProblem(404);
    }
}
