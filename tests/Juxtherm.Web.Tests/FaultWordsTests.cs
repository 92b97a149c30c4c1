using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>What is wrong is said as the screen says it: by the field's name, in the reader's units.</summary>
public sealed class FaultWordsTests : Api
{
    private static JsonObject With(Action<JsonObject> edit)
    {
        var job = Tee();
        job["layers"]![0]!["label"] = new JsonObject { ["celsius"] = 150, ["seconds"] = 12 };
        edit(job);
        return job;
    }

    public static TheoryData<string, JsonObject, string, string, string> Faults => new()
    {
        { "us", With(j => j["layers"]![0]!["label"]!["celsius"] = 300), "#/layers/0/label/celsius", "Temperature",
            "Temperature is 572 °F; 176 to 446 °F is accepted." },
        { "metric", With(j => j["layers"]![0]!["label"]!["celsius"] = 300), "#/layers/0/label/celsius", "Temperature",
            "Temperature is 300 °C; 80 to 230 °C is accepted." },
        { "metric", With(j => j["layers"]![0]!["label"]!["seconds"] = 500), "#/layers/0/label/seconds", "Time",
            "Time is 500 s; 1 to 120 s is accepted." },
        { "metric", With(j => j["quantity"] = 0), "#/quantity", "Pieces", "Pieces is 0" },
        { "metric", With(j => j["blank"]!["material"] = "coton"), "#/blank/material", "Made of", "Made of is “coton”" },
        { "us", With(j => j["tools"]!["plateWidthMm"] = 1), "#/tools/plateWidthMm", "Plate width", "in is accepted." },
    };

    [Theory]
    [MemberData(nameof(Faults), DisableDiscoveryEnumeration = true)]
    public async Task A_fault_names_its_field_once_and_says_what_is_accepted(string units, JsonObject job, string pointer, string field,
        string says)
    {
        var (status, problem) = await Send(HttpMethod.Post, $"/api/plans/preview?units={units}", job);
        Assert.Equal(HttpStatusCode.BadRequest, status);
        var fault = Assert.Single(problem!["errors"]!.AsArray())!;
        Assert.Equal((pointer, field), ((string)fault["pointer"]!, (string)fault["field"]!));
        var said = (string)fault["detail"]!;
        Assert.Contains(says, said, StringComparison.Ordinal);
        // Neither a pointer nor the other system's degrees, and the answer says it once.
        Assert.DoesNotMatch(units == "us" ? "/[a-z]|°C|mm" : "/[a-z]|°F", said);
        Assert.Equal(said, (string)problem["detail"]!);
    }

    [Theory]
    [InlineData("/api/learned/readings?units=us",
        """{ "heatSource": "swing-platen", "dialCelsius": 155, "readCelsius": 400, "means": "probe" }""",
        "What was measured is 752 °F; 68 to 572 °F is accepted.")]
    [InlineData("/api/stock?units=us",
        """{ "commandId": "6f2c5c0e-0f3b-4d53-9a2e-1f6f3a1b2c3d", "kind": "roll", "vinyl": "smooth", "colour": "navy", "widthMm": 5, "lengthMm": 1000 }""", "Width is 0.2 in; 0.39 to 78.74 in is accepted.")]
    [InlineData("/api/stock",
        """{ "commandId": "6f2c5c0e-0f3b-4d53-9a2e-1f6f3a1b2c3d", "kind": "roll", "vinyl": "smooth", "colour": "navy", "widthMm": 5, "lengthMm": 1000 }""", "Width is 5 mm; 10 to 2000 mm is accepted.")]
    public async Task What_is_typed_elsewhere_is_named_in_the_same_way(string path, string body, string says)
    {
        var (status, problem) = await Send(HttpMethod.Post, path, JsonNode.Parse(body));
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Equal(says, (string)Assert.Single(problem!["errors"]!.AsArray())!["detail"]!);
    }
}
