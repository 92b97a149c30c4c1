using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Planning;

namespace Juxtherm.Web.Endpoints;

/// <summary>JSON Schemas of the files that this program reads.</summary>
internal static class SchemaEndpoints
{
    public static void MapSchemas(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/schemas/job.json", (CatalogueSnapshot catalogue) => Results.Json(JobSchema(catalogue), contentType: "application/schema+json")).ExcludeFromDescription();

    /// <summary>The shape of a job file; ids come from the catalogue, so that a new one needs no second entry here.</summary>
    private static JsonObject JobSchema(CatalogueSnapshot catalogue)
    {
        static JsonObject Ids(IEnumerable<string> ids) => new() { ["enum"] = new JsonArray([.. ids.Select(id => (JsonNode)id)]) };
        static JsonObject Number(double least, double most, string what) => new() { ["type"] = "number", ["minimum"] = least, ["maximum"] = most, ["description"] = what };
        static JsonObject Object(JsonObject members, params string[] required) => new()
        {
            ["type"] = "object",
            ["properties"] = members,
            ["required"] = new JsonArray([.. required.Select(r => (JsonNode)r)]),
            ["additionalProperties"] = true,
        };

        var label = Object(new JsonObject
        {
            ["celsius"] = Number(80, 230, "Temperature on the wrapper, °C."),
            ["seconds"] = Number(1, 120, "Time on the wrapper, s."),
            ["pressure"] = Ids(CatalogueIds.Pressures.Keys),
            ["peel"] = Ids(CatalogueIds.Peels.Keys),
        });
        var layer = Object(
            new JsonObject
            {
                ["id"] = new JsonObject { ["type"] = "string", ["maxLength"] = 40 },
                ["vinyl"] = Ids(catalogue.Vinyls.Keys),
                ["colour"] = new JsonObject { ["type"] = "string", ["pattern"] = "^#[0-9a-fA-F]{6}$" },
                ["widthMm"] = Number(1, JobReader.MostMm, "Artwork width, mm."),
                ["heightMm"] = Number(1, JobReader.MostMm, "Artwork height, mm."),
                ["mirrored"] = new JsonObject { ["type"] = "boolean", ["description"] = "Whether the cut file is mirrored." },
                ["label"] = label,
            },
            "vinyl");
        return new JsonObject
        {
            ["$schema"] = "https://json-schema.org/draft/2020-12/schema",
            ["$id"] = "/schemas/job.json",
            ["title"] = "Juxtherm job",
            ["type"] = "object",
            ["required"] = new JsonArray("format", "version", "blank", "tools", "layers"),
            ["additionalProperties"] = true,
            ["properties"] = new JsonObject
            {
                ["format"] = new JsonObject { ["const"] = JobReader.Format },
                ["version"] = new JsonObject { ["type"] = "integer", ["minimum"] = 1, ["maximum"] = JobReader.Version },
                ["title"] = new JsonObject { ["type"] = "string", ["maxLength"] = 120 },
                ["quantity"] = new JsonObject { ["type"] = "integer", ["minimum"] = 1, ["maximum"] = JobReader.MostPieces },
                ["blank"] = Object(
                    new JsonObject
                    {
                        ["form"] = Ids(catalogue.Forms.Keys),
                        ["material"] = Ids(catalogue.Materials.Keys),
                        ["widthMm"] = Number(5, JobReader.MostMm, "Width of the free area, mm."),
                        ["heightMm"] = Number(5, JobReader.MostMm, "Height of the free area, mm."),
                        ["careDots"] = new JsonObject { ["type"] = "integer", ["minimum"] = 0, ["maximum"] = 3, ["description"] = "Dots of the ironing symbol; 0 for crossed out; absent when unknown." },
                    },
                    "material"),
                ["tools"] = Object(
                    new JsonObject
                    {
                        ["heatSource"] = Ids(catalogue.HeatSources.Keys),
                        ["plateWidthMm"] = Number(10, JobReader.MostMm, "Plate width, mm."),
                        ["plateHeightMm"] = Number(10, JobReader.MostMm, "Plate height, mm."),
                        ["underlay"] = Ids(catalogue.Underlays.Keys),
                        ["cover"] = Ids(catalogue.Covers.Keys),
                        ["steam"] = new JsonObject { ["type"] = "boolean" },
                    },
                    "heatSource"),
                ["layers"] = new JsonObject { ["type"] = "array", ["minItems"] = 1, ["maxItems"] = 1, ["items"] = layer },
                ["choices"] = new JsonObject { ["type"] = "object" },
            },
        };
    }
}
