using System.Text.Json.Nodes;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;

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
        static JsonObject IdsOrOwn(IEnumerable<string> ids) => new() { ["anyOf"] = new JsonArray(Ids(ids), new JsonObject { ["type"] = "string", ["pattern"] = $"^{OwnEntries.IdPrefix}" }) };
        static JsonObject Number(double least, double most, string what) => new() { ["type"] = "number", ["minimum"] = least, ["maximum"] = most, ["description"] = what };
        static JsonObject Described(JsonObject schema, string what)
        {
            schema["description"] = what;
            return schema;
        }

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
            ["for"] = Described(Ids([JobReader.ForThisPress, JobReader.ForPlatePress]), "Which press it is for: taken as it is for this one, translated from a plate press; absent when nobody said."),
        });
        var layer = Object(
            new JsonObject
            {
                ["id"] = new JsonObject { ["type"] = "string", ["maxLength"] = 40 },
                ["vinyl"] = IdsOrOwn(catalogue.Vinyls.Keys),
                ["colour"] = new JsonObject { ["type"] = "string", ["pattern"] = "^#[0-9a-fA-F]{6}$" },
                ["widthMm"] = Number(JobReader.LeastMm, JobReader.MostMm, "Artwork width, mm."),
                ["heightMm"] = Number(JobReader.LeastMm, JobReader.MostMm, "Artwork height, mm."),
                ["xMm"] = Number(-JobReader.MostMm, JobReader.MostMm, "Left edge from the left of the free area, mm."),
                ["yMm"] = Number(-JobReader.MostMm, JobReader.MostMm, "Upper edge from the top of the free area, mm."),
                ["carrierMarginMm"] = Number(0, 200, "How far the carrier reaches beyond the artwork, mm."),
                ["carrier"] = Ids(["box", "contour"]),
                ["over"] = new JsonObject { ["type"] = "array", ["items"] = new JsonObject { ["type"] = "string" }, ["description"] = "Ids of layers that this one lies on." },
                ["face"] = Ids(["front", "back"]),
                ["intricate"] = new JsonObject { ["type"] = "boolean" },
                ["mirrored"] = new JsonObject { ["type"] = "boolean", ["description"] = "Whether the cut file is mirrored." },
                ["reversed"] = new JsonObject { ["type"] = "boolean", ["description"] = "Its drawing is reversed already, and is cut as it is drawn." },
                ["label"] = label,
                ["shape"] = new JsonObject { ["type"] = "string", ["maxLength"] = CutShape.LongestText, ["description"] = "Its true outline as SVG path data, filled by the even-odd rule and fitted into its box." },
                ["hidden"] = new JsonObject { ["type"] = "boolean", ["description"] = "Kept, but neither cut nor pressed." },
                ["keepTogether"] = new JsonObject { ["type"] = "boolean", ["description"] = "Its pieces keep their places to each other on the sheet; true unless said." },
                ["word"] = Object(
                    new JsonObject
                    {
                        ["text"] = new JsonObject { ["type"] = "string", ["minLength"] = 1, ["maxLength"] = Lettering.LongestText },
                        ["font"] = Ids(LetterFont.All.Select(f => f.Id)),
                        ["heightMm"] = Number(3, 500, "Height of its capitals, mm."),
                        ["gapMm"] = Number(-50, 100, "Added between letters, mm."),
                        ["arcDegrees"] = Number(-340, 340, "How much of a circle the words bend around, degrees."),
                        ["fromNames"] = new JsonObject { ["type"] = "boolean", ["description"] = "Each garment has its own name here." },
                    },
                    "text"),
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
                        ["material"] = IdsOrOwn(catalogue.Materials.Keys),
                        ["size"] = Ids(JobReader.Sizes),
                        ["face"] = Ids(["front", "back"]),
                        ["measures"] = new JsonObject { ["type"] = "object", ["description"] = "What the tape says, mm by measure id." },
                        ["features"] = new JsonObject { ["type"] = "array", ["description"] = "Own keep-outs: kind, xMm, yMm, widthMm, heightMm." },
                        ["widthMm"] = Number(5, JobReader.MostMm, "Width of the free area, mm."),
                        ["heightMm"] = Number(5, JobReader.MostMm, "Height of the free area, mm."),
                        ["colour"] = new JsonObject { ["type"] = "string", ["pattern"] = "^#[0-9a-fA-F]{6}$", ["description"] = "Colour of the item, for the pictures." },
                        ["traits"] = new JsonObject { ["type"] = "array", ["items"] = Ids(JobReader.Traits), ["description"] = "What else is known of the item." },
                        ["careDots"] = new JsonObject { ["type"] = "integer", ["minimum"] = 0, ["maximum"] = 3, ["description"] = "Dots of the ironing symbol; 0 for crossed out; absent when unknown." },
                    },
                    "material"),
                ["tools"] = Object(
                    new JsonObject
                    {
                        ["heatSource"] = IdsOrOwn(catalogue.HeatSources.Keys),
                        ["plateWidthMm"] = Number(10, JobReader.MostMm, "Plate width, mm."),
                        ["plateHeightMm"] = Number(10, JobReader.MostMm, "Plate height, mm."),
                        ["underlay"] = Ids(catalogue.Underlays.Keys),
                        ["cover"] = Ids(catalogue.Covers.Keys),
                        ["steam"] = new JsonObject { ["type"] = "boolean" },
                        ["cutter"] = Ids(catalogue.Cutters.Keys),
                        ["cutterWidthMm"] = Number(10, JobReader.MostMm, "Widest the cutter cuts, mm."),
                        ["cutterLengthMm"] = Number(10, JobReader.MostMm * 10, "Longest it cuts, mm."),
                        ["matless"] = new JsonObject { ["type"] = "boolean", ["description"] = "The vinyl needs no mat." },
                    },
                    "heatSource"),
                ["layers"] = new JsonObject { ["type"] = "array", ["minItems"] = 1, ["maxItems"] = JobReader.MostLayers, ["items"] = layer },
                ["used"] = Object(
                    new JsonObject
                    {
                        ["celsius"] = Number(20, 500, "What the dial is set to, °C; of an iron what its mark stands for."),
                        ["seconds"] = Number(1, 600, "Press time, s; of several layers that of the last press."),
                        ["pressure"] = Ids(CatalogueIds.Pressures.Keys),
                        ["backSeconds"] = Number(0, 600, "Press time from the back, s; 0 for none."),
                        ["from"] = new JsonObject { ["type"] = "string", ["maxLength"] = 200, ["description"] = "Where it was used, for the reader." },
                    },
                    "celsius",
                    "seconds"),
                ["patches"] = new JsonObject
                {
                    ["type"] = "array",
                    ["maxItems"] = JobReader.MostPatches,
                    ["description"] = "What came of test patches; the plan follows them.",
                    ["items"] = new JsonObject
                    {
                        ["type"] = "object",
                        ["required"] = new JsonArray("celsius", "seconds", "outcome"),
                        ["properties"] = new JsonObject
                        {
                            ["celsius"] = new JsonObject { ["type"] = "number", ["minimum"] = 20, ["maximum"] = 500 },
                            ["seconds"] = new JsonObject { ["type"] = "number", ["minimum"] = 1, ["maximum"] = 600 },
                            ["outcome"] = new JsonObject { ["enum"] = new JsonArray("holds", "lifts", "marked") },
                        },
                    },
                },
                ["order"] = new JsonObject { ["type"] = "array", ["maxItems"] = JobReader.MostLayers, ["items"] = new JsonObject { ["type"] = "string", ["maxLength"] = 40 }, ["description"] = "Ids of layers in the order in which they are to be laid; what stands earlier is not laid later." },
                ["sizes"] = new JsonObject
                {
                    ["type"] = "array",
                    ["items"] = Object(new JsonObject { ["size"] = Ids(JobReader.Sizes), ["count"] = new JsonObject { ["type"] = "integer", ["minimum"] = 0, ["maximum"] = JobReader.MostPieces } }, "size", "count"),
                },
                ["names"] = new JsonObject
                {
                    ["type"] = "array",
                    ["maxItems"] = NameList.Most,
                    ["items"] = Object(
                        new JsonObject
                        {
                            ["name"] = new JsonObject { ["type"] = "string", ["minLength"] = 1, ["maxLength"] = Lettering.LongestText },
                            ["size"] = Ids(JobReader.Sizes),
                            ["colour"] = new JsonObject { ["type"] = "string", ["pattern"] = "^#[0-9a-fA-F]{6}$" },
                            ["count"] = new JsonObject { ["type"] = "integer", ["minimum"] = 1, ["maximum"] = JobReader.MostPieces },
                            ["proofed"] = new JsonObject { ["type"] = "boolean" },
                        },
                        "name"),
                },
                ["choices"] = Object(new JsonObject(
                [.. Choices.Accepted.Select(c => KeyValuePair.Create(c.Key, (JsonNode?)Ids(["advise", .. c.Value]))), KeyValuePair.Create("layout", (JsonNode?)Ids(["advise", .. CutWishes.Layouts.Keys]))])),
                ["cut"] = Object(new JsonObject
                {
                    ["marginMm"] = Number(0, JobReader.MostCutMarginMm, "Room between pieces, mm."),
                    ["testCut"] = new JsonObject { ["type"] = "boolean", ["description"] = "A small test shape is cut first." },
                    ["patch"] = new JsonObject { ["type"] = "boolean", ["description"] = "A small shape for a test press is cut along." },
                    ["nestAbovePercent"] = Number(0, 100, "Share of vinyl saved above which packing tightly is advised, %."),
                    ["stock"] = new JsonObject { ["type"] = "object", ["description"] = "Ids of vinyl on hand by cut list." },
                }),
                ["accepted"] = new JsonObject
                {
                    ["type"] = "array",
                    ["items"] = Object(new JsonObject { ["code"] = new JsonObject { ["type"] = "string" }, ["word"] = new JsonObject { ["type"] = "string", ["minLength"] = 1, ["maxLength"] = 200 } }, "code", "word"),
                },
                ["own"] = Object(new JsonObject
                {
                    ["vinyls"] = new JsonObject { ["type"] = "array", ["description"] = "Own vinyls used here, built on a family: id, name, family, celsius, seconds, pressure, peel." },
                    ["blanks"] = new JsonObject { ["type"] = "array", ["description"] = "Own materials used here, built on fibres by percentage: id, name, fibres, thicknessMm, gramsPerM2, limitCelsius." },
                    ["presses"] = new JsonObject { ["type"] = "array", ["description"] = "Own presses used here, built on a kind: id, name, kind, plateWidthMm, plateHeightMm, dialUnit, dialStep, dialErrorK, dialOffsetK, pressure, coolRimMm, coolSpots (xMm, yMm, widthMm, heightMm from the plate's upper left corner)." },
                }),
            },
        };
    }
}
