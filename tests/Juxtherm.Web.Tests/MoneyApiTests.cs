using System.Globalization;
using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>Costs, prices, quotes, items on hand and the buying list over the API.</summary>
public sealed class MoneyApiTests : BenchApi
{
    private static JsonObject Prices() => JsonNode.Parse("""
        { "hourly": "20.00", "vinylPerM2": 18, "blank": "4.50", "kWh": "0.30", "currency": "$", "marginPercent": 30, "taxPercent": 8 }
        """)!.AsObject();

    private static decimal Money(JsonNode? node) => decimal.Parse((string)node!, CultureInfo.InvariantCulture);

    private static JsonObject Drawn(int quantity = 2)
    {
        var job = Tee("Crew tees", quantity);
        job["layers"]![0]!.AsObject().Add("widthMm", 200);
        job["layers"]![0]!.AsObject().Add("heightMm", 100);
        return job;
    }

    private Task<JsonNode> Put(string path, JsonNode body) => Ok(HttpMethod.Put, path, body);

    [Fact]
    public async Task A_cost_is_reckoned_as_outside_scripts_ask_for_it()
    {
        var rows = (await Post("/api/cost", new JsonObject
        {
            ["job"] = Drawn(),
            ["prices"] = Prices(),
            ["quantities"] = new JsonArray(1, 5, 10),
        })).AsArray();
        Assert.Equal([1, 5, 10], rows.Select(r => (int)r!["quantity"]!));
        foreach (var row in rows)
        {
            var p = row!["perPiece"]!;
            string[] parts = ["vinyl", "blank", "hands", "power", "licence", "delivery", "consumables", "wear", "spoilage"];
            Assert.Equal(Money(p["cost"]), parts.Sum(n => Money(p[n])));
            Assert.Equal(Money(p["price"]), Money(p["net"]) + Money(p["tax"]));
            Assert.Equal(Money(row["total"]), Money(p["price"]) * (int)row["quantity"]!);
            Assert.Matches(@"^\d+\.\d\d$", (string)p["price"]!);
        }

        Assert.True(Money(rows[2]!["perPiece"]!["cost"]) < Money(rows[0]!["perPiece"]!["cost"]));
    }

    [Theory]
    [InlineData("/prices/hourly", "\"free\"", "#/prices/hourly")]
    [InlineData("/quantities", "[0]", "#/quantities/0")]
    [InlineData("/job/layers/0/vinyl", "\"butter\"", "#/job/layers/0/vinyl")]
    public async Task What_is_wrong_is_named_by_its_place(string at, string json, string pointer)
    {
        var ask = new JsonObject { ["job"] = Drawn(), ["prices"] = Prices(), ["quantities"] = new JsonArray(1) };
        JsonNode place = ask;
        var path = at.Split('/')[1..];
        foreach (var step in path[..^1])
            place = int.TryParse(step, CultureInfo.InvariantCulture, out var i) ? place[i]! : place[step]!;
        place[path[^1]] = JsonNode.Parse(json);
        var (status, problem) = await Send(HttpMethod.Post, "/api/cost", ask);
        Assert.Equal((HttpStatusCode.BadRequest, pointer), (status, (string)problem!["errors"]![0]!["pointer"]!));
    }

    [Fact]
    public async Task Prices_are_kept_and_a_jobs_ways_stand_side_by_side()
    {
        Assert.Equal(0, (decimal)(await Get("/api/prices"))["hourly"]!);
        await Put("/api/prices", Prices());
        var job = Drawn(4);
        job["layers"]!.AsArray().Add(JsonNode.Parse("""{ "id": "b", "vinyl": "glitter", "widthMm": 60, "heightMm": 40 }"""));
        var id = await AddJob(job);
        var cost = await Post($"/api/jobs/{id}/cost", new JsonObject());
        Assert.Equal([1, 2, 4, 5, 10, 25], cost["rows"]!.AsArray().Select(r => (int)r!["quantity"]!));
        Assert.Equal(["In place", "Packed tightly", "All in one color"], cost["ways"]!.AsArray().Select(w => (string)w!["name"]!));
        var (status, problem) = await Send(HttpMethod.Put, "/api/prices", new JsonObject { ["taxPercent"] = 200 });
        Assert.Equal((HttpStatusCode.BadRequest, "#/taxPercent"), (status, (string)problem!["errors"]![0]!["pointer"]!));
        Assert.Equal(20, (decimal)(await Get("/api/prices"))["hourly"]!);
    }

    [Fact]
    public async Task A_quote_keeps_what_was_promised_and_accepted_the_job_is_due()
    {
        await Put("/api/prices", Prices());
        var id = await AddJob(Named("Ada", "Bo"));
        var command = Guid.NewGuid().ToString();
        var ask = new JsonObject
        {
            ["commandId"] = command,
            ["customer"] = "Sky Circle",
            ["validDays"] = 14,
            ["note"] = "Pick up at the hut."
        };
        var quote = await Post($"/api/jobs/{id}/quotes", (JsonObject)ask.DeepClone());
        Assert.Equal((string)quote["id"]!, (string)(await Post($"/api/jobs/{id}/quotes", (JsonObject)ask.DeepClone()))["id"]!);
        Assert.Equal((1, "open"), ((int)quote["number"]!, (string)quote["status"]!));
        Assert.Equal(["Ada", "Bo"], quote["says"]!["names"]!.AsArray().Select(n => (string)n!));
        Assert.Equal(Money(quote["says"]!["total"]), Money(quote["says"]!["net"]) + Money(quote["says"]!["tax"]));
        // Dearer from now on, but not this one.
        await Put("/api/prices", new JsonObject { ["hourly"] = 90 });
        var accepted = await Post($"/api/quotes/{command}/accept", new JsonObject { ["due"] = "2026-12-05" });
        Assert.Equal(("accepted", (string)quote["says"]!["total"]!), ((string)accepted["status"]!, (string)accepted["says"]!["total"]!));
        Assert.Equal("2026-12-05", (string)(await Get($"/api/jobs/{id}"))["job"]!["due"]!);
        Assert.Equal("%PDF"u8.ToArray(), (await Client.GetByteArrayAsync($"/api/quotes/{command}.pdf"))[..4]);
        Assert.Single((await Get($"/api/quotes?job={id}")).AsArray());
        Assert.Equal(HttpStatusCode.BadRequest,
            (await Send(HttpMethod.Post, $"/api/quotes/{command}/accept", new JsonObject { ["due"] = "soon" })).Status);
        ask["commandId"] = Guid.NewGuid().ToString();
        ask["priceEach"] = "25";
        var own = await Post($"/api/jobs/{id}/quotes", (JsonObject)ask.DeepClone());
        Assert.Equal((2, "50.00"), ((int)own["number"]!, (string)own["says"]!["total"]!));
        await Post($"/api/quotes/{own["id"]}/decline");
        var (status, problem) = await Send(HttpMethod.Post, $"/api/quotes/{own["id"]}/accept", new JsonObject());
        Assert.Equal((HttpStatusCode.Conflict, "declined"), (status, (string)problem!["code"]!));
        ask["validDays"] = 0;
        ask["commandId"] = Guid.NewGuid().ToString();
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(HttpMethod.Post, $"/api/jobs/{id}/quotes", ask)).Status);
    }

    [Fact]
    public async Task Items_are_counted_used_by_a_run_and_missing_ones_are_to_be_bought()
    {
        var ask = new JsonObject
        {
            ["commandId"] = Guid.NewGuid().ToString(),
            ["form"] = "tee",
            ["material"] = "cotton",
            ["colourName"] = "as the night is long",
            ["pieces"] = 3,
            ["price"] = 4.5,
            ["low"] = 2,
        };
        var items = await Post("/api/blanks", (JsonObject)ask.DeepClone());
        Assert.Equal((3, false), ((int)items["left"]!, (bool)items["runningOut"]!));
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Put, "/api/blanks/nowhere", (JsonObject)ask.DeepClone())).Status);
        ask["size"] = new string('x', 61);
        var (wrong, why) = await Send(HttpMethod.Put, $"/api/blanks/{items["id"]}", (JsonObject)ask.DeepClone());
        Assert.Equal((HttpStatusCode.BadRequest, "#/size"), (wrong, (string)why!["errors"]![0]!["pointer"]!));
        ask.Remove("size");
        var id = await AddJob(Drawn(5));
        var from = Clock.GetUtcNow();
        await Put("/api/day?version=0", new JsonObject
        {
            ["from"] = from.ToString("O", CultureInfo.InvariantCulture),
            ["presses"] = new JsonArray(new JsonObject { ["id"] = "a", ["heatSource"] = "swing-platen" }),
            ["jobs"] = new JsonArray(new JsonObject { ["id"] = id }),
        });
        await Put("/api/prices", Prices());
        var buy = await Get("/api/buying");
        Assert.Equal((2, "9.00"), ((int)buy["blanks"]![0]!["count"]!, (string)buy["blanks"]![0]!["cost"]!));
        Assert.Equal(("smooth", "Crew tees"), ((string)buy["vinyl"]![0]!["vinyl"]!, (string)buy["vinyl"]![0]!["for"]![0]!));
        Assert.True((double)buy["vinyl"]![0]!["lengthMm"]! >= 5 * 100);
        Assert.False((bool)buy["allPriced"]!);
        // A run takes them, as far as there are any; practice takes none.
        await Post($"/api/jobs/{id}/runs");
        Assert.Equal(0, (int)(await Get("/api/blanks"))[0]!["left"]!);
        ask["pieces"] = 10;
        ask["commandId"] = Guid.NewGuid().ToString();
        await Put($"/api/blanks/{items["id"]}", (JsonObject)ask.DeepClone());
        Assert.Empty((await Get("/api/buying"))["blanks"]!.AsArray());
        await Ok(HttpMethod.Delete, $"/api/blanks/{items["id"]}");
        Assert.Empty((await Get("/api/blanks")).AsArray());
        Assert.Equal(10, (int)(await Post($"/api/blanks/{items["id"]}/restore"))["left"]!);
        ask["form"] = "umbrella";
        ask["commandId"] = Guid.NewGuid().ToString();
        var (status, problem) = await Send(HttpMethod.Post, "/api/blanks", ask);
        Assert.Equal((HttpStatusCode.BadRequest, "#/form"), (status, (string)problem!["errors"]![0]!["pointer"]!));
    }

    [Fact]
    public async Task Transfer_sheets_that_are_not_there_are_to_be_bought()
    {
        var job = Drawn(12);
        job["cut"] = new JsonObject { ["transferSheets"] = 2 };
        var id = await AddJob(job);
        await Put("/api/day?version=0", new JsonObject
        {
            ["from"] = Clock.GetUtcNow().ToString("O", CultureInfo.InvariantCulture),
            ["presses"] = new JsonArray(new JsonObject { ["id"] = "a", ["heatSource"] = "swing-platen" }),
            ["jobs"] = new JsonArray(new JsonObject { ["id"] = id }),
        });
        // Twelve pieces with two each wear out three.
        var sheets = (await Get("/api/buying"))["transferSheets"]!;
        Assert.Equal((3, 10, null), ((int)sheets["count"]!, (int)sheets["usesEach"]!, (string?)sheets["cost"]));
        await Put("/api/supplies", new JsonObject { ["transferSheets"] = 1, ["transferSheetPrice"] = 1.25 });
        sheets = (await Get("/api/buying"))["transferSheets"]!;
        Assert.Equal((2, "2.50", "Crew tees"), ((int)sheets["count"]!, (string)sheets["cost"]!, (string)sheets["for"]![0]!));
        await Put("/api/supplies", new JsonObject { ["transferSheets"] = 3, ["transferSheetPrice"] = null });
        Assert.Null((await Get("/api/buying"))["transferSheets"]);
        var (status, problem) = await Send(HttpMethod.Put, "/api/supplies",
            new JsonObject { ["transferSheets"] = -1, ["transferSheetPrice"] = null });
        Assert.Equal((HttpStatusCode.BadRequest, "#/transferSheets"), (status, (string)problem!["errors"]![0]!["pointer"]!));
        Assert.Equal(3, (int)(await Get("/api/supplies"))["transferSheets"]!);
        job["cut"]!["transferSheets"] = 21;
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(HttpMethod.Post, "/api/plans/preview", job)).Status);
    }

    [Fact]
    public async Task What_a_run_really_cost_is_told_with_what_made_the_difference()
    {
        await Put("/api/prices", Prices());
        var run = await Begin(Drawn(2));
        while ((string)run["status"]! == "running")
        {
            // Slower hands than usual at every step that waits for them.
            if (Focus(run) is { } focus && focus["dueUtc"] is null)
                Clock.Advance(40);
            run = await Go(run);
        }

        var cost = await Get($"/api/runs/{run["id"]}/cost");
        Assert.Equal(2, (int)cost["pieces"]!);
        Assert.True(Money(cost["real"]) > Money(cost["planned"]));
        Assert.True((double)cost["realSeconds"]! > (double)cost["plannedSeconds"]!);
        Assert.Contains("more than usual", (string)cost["why"]![0]!, StringComparison.Ordinal);
    }
}
