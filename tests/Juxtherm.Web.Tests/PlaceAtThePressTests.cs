using System.Globalization;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;

namespace Juxtherm.Web.Tests;

/// <summary>Where the artwork goes is one and the same at Place, on the ticket, on the paper guide and at the bench, on every
/// size.</summary>
public sealed partial class PlaceAtThePressTests : BenchApi
{
    private const double SameMm = 0.5;

    [GeneratedRegex(@"(?<drop>\d+) mm below the", RegexOptions.ExplicitCapture, 1000)]
    private static partial Regex Drop();

    private static JsonObject Placed(double x, double y, double width, double height, params string[] sizes)
    {
        var job = Tee("Placed", 1);
        job["layers"] =
            new JsonArray(
                new JsonObject
                {
                    ["id"] = "hill",
                    ["vinyl"] = "smooth",
                    ["widthMm"] = width,
                    ["heightMm"] = height,
                    ["xMm"] = x,
                    ["yMm"] = y
                });
        if (sizes.Length > 0)
            job["sizes"] = new JsonArray([.. sizes.Select(s => (JsonNode)new JsonObject { ["size"] = s, ["count"] = 1 })]);
        return job;
    }

    [Theory]
    [InlineData(95, 135, 240, 180)]
    [InlineData(95, 88, 240, 180)]
    [InlineData(60.5, 101.5, 300, 60)]
    [InlineData(270, 150, 90, 70)]
    public async Task It_is_the_same_wherever_it_is_read(double x, double y, double width, double height)
    {
        var job = Placed(x, y, width, height);
        var placed = (await Post("/api/placement", job))["front"]!;
        var ticket = Assert.Single((await Post("/api/plans/preview", job))["placing"]!.AsArray())!;
        var drop = (double)placed["distances"]!["belowCollar"]!;
        Assert.Equal(drop, (double)ticket["dropMm"]!, SameMm);
        Assert.Equal((double)placed["distances"]!["offCentre"]!, (double)ticket["offMiddleMm"]!, SameMm);
        Assert.Equal(x - (double)placed["leftSideMm"]!, (double)ticket["leftMm"]!, SameMm);

        var id = await AddJob(job);
        var guide = await Client.GetStringAsync($"/api/jobs/{id}/guide.svg");
        Assert.Equal(drop, double.Parse(Drop().Match(guide).Groups["drop"].Value, CultureInfo.InvariantCulture), SameMm);
        var run = await Prepare(await Post($"/api/jobs/{id}/runs"));
        while (Focus(run)!["place"] is null)
            run = await Go(run);
        var bench = Focus(run)!["place"]!;
        Assert.Equal(drop, (double)bench["dropMm"]!, SameMm);
        Assert.Equal((string)ticket["text"]!, (string)bench["text"]!);
        Assert.Contains($"{Math.Round(drop, MidpointRounding.AwayFromZero):0} mm below the collar", (string)bench["text"]!,
            StringComparison.Ordinal);
        Assert.Equal("do", Kind(run));
    }

    [Fact]
    public async Task Each_piece_of_a_run_is_told_its_own_sizes_place()
    {
        var run = await Begin(Placed(95, 135, 240, 180, "child", "adult-m"));
        var drops = new Dictionary<string, double>(StringComparer.Ordinal);
        while ((string)run["status"]! == "running")
        {
            if (Focus(run)?["place"] is { } place)
                drops[(string)run["pieces"]![(int)Focus(run)!["piece"]! - 1]!["size"]!] = (double)place["dropMm"]!;
            run = Focus(run) is not null && Kind(run) == "inspect"
                ? await Say(run, "record", with: c => c["outcomes"] = Words("stuck")) : await Go(run);
        }

        Assert.Equal(["adult-m", "child"], drops.Keys.Order(StringComparer.Ordinal));
        Assert.Equal((75, 38), (drops["adult-m"], drops["child"]));
    }

    [Fact]
    public async Task A_piece_is_shown_in_its_own_size_with_its_own_name_as_wide_as_it_is_set()
    {
        var job = Placed(95, 135, 240, 60, "adult-m");
        job.Remove("sizes");
        job["blank"]!["colour"] = "#eeeeee";
        job["layers"]![0]!["word"] = new JsonObject { ["text"] = "Name", ["heightMm"] = 60, ["fromNames"] = true };
        job["names"] = new JsonArray(
            new JsonObject
            {
                ["name"] = "Ada",
                ["size"] = "child",
                ["widthMm"] = 120,
                ["colour"] = "#aa1111",
                ["garmentColour"] = "#101830"
            },
            new JsonObject { ["name"] = "Bo", ["size"] = "adult-m" });
        var own = (await Post("/api/placement", job))["front"]!;
        var first = (await Post("/api/placement?piece=0", job))["front"]!;
        var second = (await Post("/api/placement?piece=1", job))["front"]!;
        Assert.Equal(("adult-m", "child", "adult-m"), ((string)own["size"]!, (string)first["size"]!, (string)second["size"]!));
        var (there, sample) = (first["layers"]![0]!["box"]!, own["layers"]![0]!["box"]!);
        Assert.Equal(120, (double)there["widthMm"]!, 0.1);
        Assert.Equal("#aa1111", (string)first["layers"]![0]!["colour"]!);
        // On the middle line as the design is, and on the line it stands on.
        Assert.Equal((double)own["distances"]!["offCentre"]!, (double)first["distances"]!["offCentre"]!, SameMm);
        var bo = second["layers"]![0]!["box"]!;
        Assert.Equal((double)sample["yMm"]! + (double)sample["heightMm"]!, (double)bo["yMm"]! + (double)bo["heightMm"]!, 0.1);
        Assert.NotEqual((string)first["layers"]![0]!["path"]!, (string)second["layers"]![0]!["path"]!);

        var run = await Post($"/api/jobs/{await AddJob(job)}/runs");
        string[] pictures = [.. await Task.WhenAll(Enumerable.Range(1, 2).Select(n =>
            Client.GetStringAsync($"/api/runs/{(string)run["id"]!}/picture.svg?station=1&piece={n}")))];
        Assert.Contains("#101830", pictures[0], StringComparison.Ordinal);
        Assert.Contains("#aa1111", pictures[0], StringComparison.Ordinal);
        Assert.Contains("#eeeeee", pictures[1], StringComparison.Ordinal);
        Assert.DoesNotContain("#aa1111", pictures[1], StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(-1)]
    [InlineData(1)]
    public async Task A_piece_that_is_not_listed_is_named(int piece)
    {
        var (status, problem) = await Send(HttpMethod.Post, $"/api/placement?piece={piece}", Placed(95, 135, 240, 60, "child"));
        Assert.Equal(System.Net.HttpStatusCode.BadRequest, status);
        Assert.Contains($"piece {piece}", (string)problem!["errors"]![0]!["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Graded_the_design_stays_where_the_job_puts_it_on_its_own_size()
    {
        var job = Placed(95, 107.5, 240, 180);
        job["choices"] = new JsonObject { ["placement"] = "fingers" };
        var graded = (await Post("/api/placement/grade?run=adult-m:2,child:1", job)).AsArray();
        var own = graded.Single(g => (string)g!["size"]! == "adult-m")!;
        Assert.Equal((95.0, 107.5), ((double)own["xMm"]!, (double)own["yMm"]!));
    }

    [Fact]
    public async Task What_vinyl_a_run_takes_is_said_and_what_cannot_be_read_is_named()
    {
        var need = Assert.Single((await Post("/api/plans/vinyl", Placed(95, 135, 240, 180))).AsArray())!;
        Assert.Equal(("smooth", 1, 1), ((string)need["vinyl"]!, (int)need["pieces"]!, (int)need["sheets"]!));
        var (status, problem) = await Send(HttpMethod.Post, "/api/plans/vinyl",
            new JsonObject { ["format"] = "juxtherm.job", ["version"] = 1 });
        Assert.Equal(System.Net.HttpStatusCode.BadRequest, status);
        Assert.NotEmpty(problem!["errors"]!.AsArray());
    }
}
