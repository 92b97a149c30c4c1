using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

public sealed partial class CuttingApiTests
{
    [Fact]
    public async Task The_shelf_is_typed_in_changed_taken_off_and_travels_as_a_table()
    {
        var ask = Roll("smooth", "navy", 1200);
        await Task.WhenAll(Enumerable.Range(0, 5).Select(_ => Post("/api/stock", ask.DeepClone())));
        var made = Assert.Single((await Get("/api/stock")).AsArray())!;
        Assert.Equal(("#1b2a49", "Roll 1", false), ((string)made["colour"]!, (string)made["label"]!, (bool)made["low"]!));
        var path = $"/api/stock/{made["id"]}";
        var change = Roll("smooth", "navy", 250);
        (change["version"], change["label"]) = (1, "The old one");
        var changed = await Ok(HttpMethod.Put, path, change.DeepClone());
        Assert.Equal((250, true, 2), ((double)changed["onHandMm"]!, (bool)changed["low"]!, (int)changed["version"]!));
        // The same click again is the same change; another from the old version is not taken.
        Assert.Equal(2, (int)(await Ok(HttpMethod.Put, path, change.DeepClone()))["version"]!);
        change["commandId"] = Guid.NewGuid().ToString();
        Assert.Equal(HttpStatusCode.Conflict, (await Send(HttpMethod.Put, path, change)).Status);
        var csv = await Client.GetStringAsync("/api/stock.csv");
        await Ok(HttpMethod.Delete, path);
        Assert.Empty((await Get("/api/stock")).AsArray());
        await Post($"{path}/restore");
        var table = new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["text"] = csv };
        await Post("/api/stock/table", table.DeepClone());
        Assert.Equal(2, (await Post("/api/stock/table", table)).AsArray().Count);
        var (status, problem) = await Send(HttpMethod.Post, "/api/stock", Roll("smoth", "bluish", -5, 3));
        Assert.Equal(HttpStatusCode.BadRequest, status);
        var faults = problem!["errors"]!.ToJsonString();
        Assert.All(["/vinyl", "/colour", "/lengthMm", "/widthMm"], field => Assert.Contains("#" + field, faults, StringComparison.Ordinal));
        var weight = await Post("/api/stock/weight",
            new JsonObject { ["vinyl"] = "smooth", ["widthMm"] = 305, ["grams"] = 348, ["coreGrams"] = 200 });
        Assert.Equal(2001, (double)weight["lengthMm"]!);
    }

    [Fact]
    public async Task Many_who_want_the_same_roll_at_once_are_never_promised_more_than_there_is()
    {
        await Post("/api/stock", Roll("smooth", Navy, 320));
        await Post("/api/stock", Roll("glitter", Glow, 5000));
        var job = TwoVinyls();
        var id = await AddJob(job);
        var plan = (string)(await Laid(job))["id"]!;
        var answers = await Task.WhenAll(Enumerable.Range(0, 8)
            .Select(_ =>
                Send(HttpMethod.Post, $"/api/jobs/{id}/cuts",
                    new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["planId"] = plan })));
        var taken = answers.Where(a => a.Status == HttpStatusCode.Created).ToList();
        var each = (double)taken[0].Json!["mats"]![0]!["lengthMm"]!;
        Assert.Equal((int)(320 / each), taken.Count);
        Assert.All(answers.Except(taken), a => Assert.Equal((HttpStatusCode.Conflict, "stock"), (a.Status, (string)a.Json!["code"]!)));
        Assert.Equal(taken.Count * each, (await Shelf())["Roll 1"].Reserved, 1);
        // Whoever was refused was refused whole: nothing of the other roll was promised to them.
        Assert.Equal(taken.Sum(t => (double)t.Json!["mats"]![1]!["lengthMm"]!), (await Shelf())["Roll 2"].Reserved, 1);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public async Task Whatever_is_clicked_however_often_the_shelf_adds_up(int seed)
    {
        var chance = new Random(seed);
        await Post("/api/stock", Roll("smooth", Navy, 900, 400));
        await Post("/api/stock", Roll("glitter", Glow, 900));
        var job = TwoVinyls();
        var id = await AddJob(job);
        var begun = new List<string>();
        for (var i = 0; i < 14; i++)
        {
            var again = chance.Next(3) == 0 ? 3 : 1;
            if (begun.Count == 0 || chance.Next(2) == 0)
            {
                var (command, plan) = (Guid.NewGuid().ToString(), (string)(await Laid(job))["id"]!);
                for (var k = 0; k < again; k++)
                    await Send(HttpMethod.Post, $"/api/jobs/{id}/cuts", new JsonObject { ["commandId"] = command, ["planId"] = plan });
                if ((await Send(HttpMethod.Get, $"/api/cuts/{command}")).Status == HttpStatusCode.OK)
                    begun.Add(command);
            }
            else
            {
                var ask = Ask(chance.Next(2) == 0 ? "use" : "give-up");
                for (var k = 0; k < again; k++)
                    await Send(HttpMethod.Post, $"/api/cuts/{begun[chance.Next(begun.Count)]}/actions", ask.DeepClone());
            }

            if (i == 7)
            {
                Stop();
                Start();
            }
        }

        var cuts = await Task.WhenAll(begun.Select(b => Get($"/api/cuts/{b}")));
        double Taken(string status, int list) => cuts.Where(c => (string)c["status"]! == status)
            .Sum(c => c["way"]!["lists"]![list]!["uses"]!.AsArray().Where(u => (string)u!["kind"]! == "roll")
                .Sum(u => (double)u!["lengthMm"]!));
        var shelf = await Shelf();
        foreach (var (label, list) in new[] { ("Roll 1", 0), ("Roll 2", 1) })
        {
            Assert.Equal(900 - Taken("used", list), shelf[label].OnHand, 1);
            Assert.Equal(Taken("open", list), shelf[label].Reserved, 1);
        }
    }

    [Fact]
    public async Task A_color_like_one_on_the_shelf_is_asked_about_once_and_remembered()
    {
        await Post("/api/stock", Roll("smooth", "#4a8c3c", 2000));
        var job = Tee();
        job["tools"]!["cutter"] = "table";
        job["layers"]![0]!["colour"] = "#2e7d32";
        job["layers"]![0]!["shape"] = "M0 0H100V100H0Z";
        async Task<JsonNode> List() => (await Laid(job))["plan"]!["ways"]![0]!["lists"]![0]!;
        var ask = (await List())["ask"]!;
        Assert.Equal(("#4a8c3c", false), ((string)ask["onShelf"]!, (bool)ask["taken"]!));
        await Ok(HttpMethod.Put, "/api/stock/colours",
            new JsonObject { ["vinyl"] = "smooth", ["wanted"] = "#2e7d32", ["onShelf"] = "#4a8c3c", ["same"] = true });
        Stop();
        Start();
        var list = await List();
        Assert.Null(list["ask"]);
        Assert.NotNull(list["sheets"]![0]!["stockId"]);
        Assert.Equal(HttpStatusCode.BadRequest,
            (await Send(HttpMethod.Put, "/api/stock/colours",
                new JsonObject { ["vinyl"] = "smooth", ["wanted"] = "green", ["onShelf"] = "#4a8c3c", ["same"] = true })).Status);
        Assert.Single((await Get("/api/stock/colours")).AsArray());
    }
}
