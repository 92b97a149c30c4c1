using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

public sealed partial class LogApiTests
{
    [Fact]
    public async Task A_setting_as_used_makes_a_job_that_keeps_to_it_and_an_order_is_repeated_with_its_names()
    {
        var run = await Begin(Named("Juna", "Ilse"));
        await ToItsEnd(run);
        var entry = (await Get("/api/log"))["entries"]![0]!;
        var used = await Post($"/api/log/{entry["id"]}/as-used");
        Assert.Equal((entry["celsius"]!.ToString(), 1), ((used["job"]!["used"]!["celsius"]!).ToString(), (int)used["job"]!["quantity"]!));
        // The name of the piece comes along; the others of its run do not.
        Assert.Equal([(string)entry["name"]!], used["job"]!["names"]!.AsArray().Select(n => (string)n!["name"]!));
        var changed = used["job"]!.DeepClone();
        changed["used"] = new JsonObject { ["celsius"] = 155, ["seconds"] = 19 };
        var press = (await Post("/api/plans/preview", changed))["presses"]!.AsArray().Last(p => (string)p!["purpose"]! == "press")!;
        Assert.Equal(19, (double)press["seconds"]!);
        Assert.InRange((double)press["celsius"]!, 153, 157);
        Assert.Contains("as it was used", (string)press["why"]![0]!, StringComparison.Ordinal);

        var again = await Post($"/api/log/{entry["id"]}/again");
        Assert.Equal(["Juna", "Ilse"], again["job"]!["names"]!.AsArray().Select(n => (string)n!["name"]!));
        // It came out well, so it is pressed so again: to the second, as hard, and from the back as long.
        var repeated = again["job"]!["used"]!;
        Assert.Equal(((double)entry["celsius"]!, "medium", 0.0),
            ((double)repeated["celsius"]!, (string)repeated["pressure"]!, (double)repeated["backSeconds"]!));
        Assert.Equal(Math.Round((double)entry["pressedSeconds"]!), (double)repeated["seconds"]!);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Post, "/api/log/999/again")).Status);
    }

    [Fact]
    public async Task A_setting_that_was_far_too_much_is_stopped_though_it_was_used()
    {
        var job = Tee();
        job["used"] = new JsonObject { ["celsius"] = 204, ["seconds"] = 90 };
        var plan = await Post("/api/plans/preview", job);
        Assert.Contains(plan["notices"]!.AsArray(), n => (string)n!["code"]! == "heat-budget" && (string)n["level"]! == "stop");
        job["used"] = new JsonObject { ["celsius"] = 152 };
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(HttpMethod.Post, "/api/plans/preview", job)).Status);
    }

    private static JsonObject Older(string outcome) => new()
    {
        ["at"] = "2026-01-10T10:00:00Z",
        ["title"] = "Older",
        ["vinyl"] = "smooth",
        ["material"] = "cotton",
        ["form"] = "tee",
        ["heatSource"] = "swing-platen",
        ["cover"] = "ptfe",
        ["underlay"] = "pad",
        ["celsius"] = 152,
        ["pressedSeconds"] = 12,
        ["outcomes"] = Words(outcome),
    };
}
