using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>Large drawings: they say how far they are, can be stopped, and come to what they hold.</summary>
public sealed class LargeDrawingTests : Api
{
    private static string Dots(int count, bool onGround)
    {
        var dots = string.Concat(Enumerable.Range(0, count).Select(i => FormattableString.Invariant(
            $"<circle cx='{5 + i % 50 * 4.9}' cy='{5 + i / 50 * 3.6}' r='{1 + i % 7 * 0.1}' fill='#d9a441'/>")));
        var ground = onGround ? "<rect width='260' height='220' fill='#203050'/>" : "";
        return $"<svg xmlns='http://www.w3.org/2000/svg' width='260mm' height='220mm' viewBox='0 0 260 220'>{ground}{dots}</svg>";
    }

    private static JsonObject Ask(string svg) => new() { ["job"] = Tee(), ["svg"] = svg };

    /// <summary>A drawing that is not done at once however fast the machine is: of six together most wait their turn.</summary>
    private async Task<(HttpStatusCode Status, JsonNode? Answer)> Waiting()
    {
        var all = await Task.WhenAll(Enumerable.Range(0, 6).Select(_ =>
            Send(HttpMethod.Post, "/api/artwork/bring-in?background=true", Ask(Dots(600, onGround: true)))));
        return all.First(a => a.Status == HttpStatusCode.Accepted);
    }

    [Fact]
    public async Task Fifteen_hundred_dots_come_in_and_are_counted_and_measured()
    {
        var layer = Assert.Single((await Post("/api/artwork/bring-in", Ask(Dots(1500, onGround: false))))["job"]!["layers"]!.AsArray())!;
        var job = Tee();
        job["layers"] = new JsonArray(layer.DeepClone());
        var look = (await Post("/api/artwork/look", job))["front"]!["layers"]![0]!;
        Assert.Equal((1500, 0), ((int)look["pieces"]!, (int)look["centres"]!));
        var drawn = Enumerable.Range(0, 1500).Sum(i => Math.PI * Math.Pow(1 + i % 7 * 0.1, 2));
        Assert.Equal(drawn, (double)look["areaMm2"]!, drawn * 0.01);
    }

    [Fact]
    public async Task A_drawing_that_takes_longer_says_how_far_it_is_and_comes_to_its_end()
    {
        var (status, answer) = await Waiting();
        var shares = new List<double>();
        for (; status == HttpStatusCode.Accepted; (status, answer) = await Send(HttpMethod.Get, $"/api/artwork/bring-in/{answer!["id"]}"))
            shares.Add((double)answer!["share"]!);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.NotEmpty(shares);
        Assert.Equal(shares.Order(), shares);
        Assert.All(shares, s => Assert.InRange(s, 0, 1));
        Assert.Equal(["#203050", "#d9a441"], answer!["job"]!["layers"]!.AsArray().Select(l => (string)l!["colour"]!));
    }

    [Fact]
    public async Task A_drawing_that_is_stopped_is_gone_and_another_comes_in()
    {
        var (status, answer) = await Waiting();
        Assert.Equal(HttpStatusCode.Accepted, status);
        var path = $"/api/artwork/bring-in/{answer!["id"]}";
        Assert.Equal(HttpStatusCode.NoContent, (await Send(HttpMethod.Delete, path)).Status);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, path)).Status);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Delete, path)).Status);
        Assert.NotEmpty((await Post("/api/artwork/bring-in", Ask(Dots(3, onGround: true))))["job"]!["layers"]!.AsArray());
    }

    [Fact]
    public async Task What_is_wrong_with_it_is_said_just_the_same()
    {
        var (status, problem) = await Send(HttpMethod.Post, "/api/artwork/bring-in?background=true", Ask("<svg"));
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.NotEmpty(problem!["errors"]!.AsArray());
    }
}
