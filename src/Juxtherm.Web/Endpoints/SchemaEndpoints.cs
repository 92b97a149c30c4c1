using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>JSON Schemas of the files that this program reads.</summary>
internal static class SchemaEndpoints
{
    public static void MapSchemas(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/schemas/job.json",
            (CatalogueSnapshot catalogue) => Results.Json(JobContract.Schema(catalogue), contentType: "application/schema+json"))
            .ExcludeFromDescription().Allow(AccessLevel.Look);
}
