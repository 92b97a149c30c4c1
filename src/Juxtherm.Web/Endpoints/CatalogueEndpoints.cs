using Juxtherm.App.Planning;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>What jobs are made of.</summary>
internal static class CatalogueEndpoints
{
    public static void MapCatalogue(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/catalogue").WithTags("Catalogue").Allow(AccessLevel.Look);
        group.MapGet("/", async (ListChoices list, CancellationToken cancel) => Results.Ok(await list.ListAsync(null, cancel)))
            .Produces<CatalogueAnswer>();
        // With what a job file brings along, which may not be on this workshop's shelf.
        group.MapPost("/", async (HttpRequest request, ListChoices list, CancellationToken cancel) =>
            Results.Ok(await list.ListAsync(await JobBody.ReadAsync(request, cancel), cancel)))
            .Accepts<object>("application/json").Produces<CatalogueAnswer>();
    }
}
