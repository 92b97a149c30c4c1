using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>The practice bench over the API: cases, moves, judgments, and nothing that was hidden.</summary>
public sealed class PracticeBenchApiTests : BenchApi
{
    private static JsonObject Move(string kind, params (string Name, JsonNode Value)[] with)
    {
        var move = new JsonObject { ["kind"] = kind };
        foreach (var (name, value) in with)
            move[name] = value;
        return move;
    }

    private static JsonArray Moves(params JsonObject[] moves) => [.. moves];

    private static JsonObject Done(JsonArray moves, string? learner = null) => new() { ["moves"] = moves, ["learner"] = learner };

    private static JsonArray FirstShirt(bool mirrored = true) =>
    [
        Move("touch", ("prop", "cut-file"), ("state", mirrored ? "mirrored" : "as-drawn")),
            Move("touch", ("prop", "wash"), ("state", "tomorrow")),
        Move("dial", ("celsius", 152)), Move("pressure", ("pressure", "medium")), Move("close", ("seconds", 5)),
        Move("lay", ("layers", new JsonArray("a"))), Move("close", ("seconds", 15)), Move("peel"), Move("hand-over"),
    ];

    [Fact]
    public async Task A_first_shirt_comes_out_well_and_is_remembered_for_its_learner_alone()
    {
        var (log, learned, stock) = (await Get("/api/log"), await Get("/api/learned"), await Get("/api/stock"));
        var met = await Get("/api/practice/first-shirt");
        Assert.Equal("First shirt", (string)met["title"]!);
        Assert.False((bool)met["seen"]!["over"]!);
        var seen = await Post("/api/practice/first-shirt/look",
            Moves([.. FirstShirt().SkipLast(2).Select(m => m!.DeepClone().AsObject())]));
        Assert.True((bool)seen["carrierOn"]!);
        var judged = await Post("/api/practice/first-shirt/judge", Done(FirstShirt(), "Wren"));
        Assert.True((bool)judged["own"]!["good"]!);
        Assert.True((bool)judged["careful"]!["good"]!);
        Assert.Empty(judged["own"]!["mistakes"]!.AsArray());
        var card = Assert.Single(judged["progress"]!["cards"]!.AsArray())!;
        Assert.Equal(("first-shirt", true, false), ((string)card["case"]!, (bool)card["good"]!, (bool)card["again"]!));
        Assert.Equal(log.ToJsonString(), (await Get("/api/log")).ToJsonString());
        Assert.Equal(learned.ToJsonString(), (await Get("/api/learned")).ToJsonString());
        Assert.Equal(stock.ToJsonString(), (await Get("/api/stock")).ToJsonString());
        Assert.Equal(0, (int)(await Get("/api/jobs"))["total"]!);
        Assert.Equal(HttpStatusCode.NoContent, (await Send(HttpMethod.Delete, "/api/practice/learners/Wren")).Status);
        Assert.Empty((await Get("/api/practice"))["learners"]!.AsArray());
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Delete, "/api/practice/learners/Wren")).Status);
    }

    [Fact]
    public async Task What_went_wrong_comes_again_tomorrow_and_what_went_well_later_and_later()
    {
        var judged = await Post("/api/practice/first-shirt/judge", Done(FirstShirt(mirrored: false), "Wren"));
        Assert.False((bool)judged["own"]!["good"]!);
        Assert.Equal(1, (int)Assert.Single(judged["own"]!["mistakes"]!.AsArray())!["number"]!);
        async Task<JsonNode> Card() => Assert.Single((await Get("/api/practice"))["learners"]![0]!["cards"]!.AsArray())!;
        Assert.False((bool)(await Card())["good"]!);
        Clock.Advance(24 * 3600);
        Assert.True((bool)(await Card())["again"]!);
        foreach (var days in new[] { 1, 6, 12 })
        {
            await Post("/api/practice/first-shirt/judge", Done(FirstShirt(), "Wren"));
            Clock.Advance((days - 1) * 24 * 3600);
            Assert.False((bool)(await Card())["again"]! && days > 1, $"{days}");
            Clock.Advance(24 * 3600);
            Assert.True((bool)(await Card())["again"]!, $"{days}");
        }

        // Whoever peels well may peel.
        Assert.Empty((await Get("/api/practice"))["learners"]![0]!["may"]!.AsArray());
    }

    /// <summary>What is hidden has no place in what is told before a case is over: neither its figures nor their names.</summary>
    [Fact]
    public async Task Nothing_that_is_hidden_is_told()
    {
        string[] allowed =
        [
            "id", "title", "story", "item", "form", "material", "hasLabel", "kind", "press", "name", "leastCelsius", "mostCelsius",
            "stepCelsius", "marks", "mark", "celsius", "pressures", "layers", "face", "over", "roll", "family", "wrapper", "note", "low",
            "high", "middle", "seconds", "pressure", "peel", "shelf", "covers", "underlays", "props", "place", "states", "seen",
            "dialCelsius", "laid", "carrierOn", "faceUp", "touch", "looks", "weave", "edges", "wrinkles", "ripples", "foam", "shine",
            "scorch", "dye", "signs", "measuredCelsius", "label", "dots", "patch", "begun", "cover", "underlay", "vinyl", "parts",
            "pressed",
        ];
        foreach (var id in (await Get("/api/practice"))["cases"]!.AsArray().Select(c => (string)c!["id"]!).Append("seed-7"))
        {
            var met = await Get($"/api/practice/{id}");
            var props = met["props"]!.AsArray().Select(p => (string)p!["id"]!).ToHashSet();
            Assert.Equal([], Names(met).Concat(Names(await Post($"/api/practice/{id}/look", Moves(Move("close", ("seconds", 5))))))
                .Distinct().Except(allowed).Except(props));
            // States stand by the alphabet: their order tells nothing of which is right.
            foreach (var prop in met["props"]!.AsArray())
                Assert.Equal(prop!["states"]!.AsArray().Select(s => (string)s!["id"]!).Order(StringComparer.Ordinal),
                    prop["states"]!.AsArray().Select(s => (string)s!["id"]!));
        }
    }

    /// <summary>What it is made of is told by its label alone, and what a roll without a wrapper is by nothing.</summary>
    [Fact]
    public async Task Cloth_and_vinyl_that_nobody_knows_are_not_told()
    {
        var met = await Get("/api/practice/no-label");
        Assert.False((bool)met["hasLabel"]!);
        Assert.DoesNotContain("polyester", met.ToJsonString(), StringComparison.OrdinalIgnoreCase);
        met = await Get("/api/practice/found-roll");
        Assert.Null(met["layers"]![0]!["roll"]!["wrapper"]);
        Assert.DoesNotContain("low", met["layers"]!.ToJsonString(), StringComparison.OrdinalIgnoreCase);
        met = await Get("/api/practice/vest");
        Assert.Null(met["material"]);
        var seen = await Post("/api/practice/vest/look", Moves(Move("read-label")));
        Assert.Equal(("Polyester", 2), ((string)seen["label"]!["material"]!, (int)seen["label"]!["dots"]!));
    }

    [Fact]
    public async Task Ways_of_doing_it_are_told_with_their_price_once_it_is_over()
    {
        var (status, problem) = await Send(HttpMethod.Post, "/api/practice/first-shirt/ways", Moves(Move("close", ("seconds", 5))));
        Assert.Equal((HttpStatusCode.Conflict, "not-over"), (status, (string)problem!["code"]!));
        var ways = (await Post("/api/practice/first-shirt/ways", FirstShirt())).AsArray();
        Assert.True(ways.Count >= 4);
        foreach (var question in ways)
            Assert.True(question!["ways"]!.AsArray().Single(w => (bool)w!["taken"]!)!["holds"]!.GetValue<double>() >= 1);
        Assert.Empty((await Post("/api/practice/no-label/ways", FirstShirtUnknown())).AsArray());
    }

    private static JsonArray FirstShirtUnknown() =>
        [Move("lay", ("layers", new JsonArray("a"))), Move("close", ("seconds", 15)), Move("peel"), Move("hand-over")];

    [Fact]
    public async Task A_job_on_both_faces_is_rehearsed_as_well()
    {
        var job = Tee("Front and back");
        var back = job["layers"]![0]!.DeepClone();
        (back["id"], back["face"]) = ("back", "back");
        job["layers"]!.AsArray().Add(back);
        var kept = await Post("/api/jobs", job);
        var met = await Get($"/api/practice/job-{kept["id"]}.1");
        Assert.Equal(["front", "back"], met["layers"]!.AsArray().Select(l => (string)l!["face"]!));
        var (status, problem) = await Send(HttpMethod.Post, $"/api/practice/job-{kept["id"]}.1/look",
            Moves(Move("lay", ("layers", new JsonArray("back")))));
        Assert.Equal((HttpStatusCode.Conflict, "wrong-face"), (status, (string)problem!["code"]!));
    }

    private static IEnumerable<string> Names(JsonNode? node) => node switch
    {
        JsonObject o => o.SelectMany(p => Names(p.Value).Prepend(p.Key)),
        JsonArray a => a.SelectMany(Names),
        _ => [],
    };

    [Theory]
    [InlineData("no-such-prop", """[{ "kind": "touch", "prop": "kettle", "state": "on" }]""")]
    [InlineData("out-of-range", """[{ "kind": "close", "seconds": 90000 }]""")]
    [InlineData("already-laid", """[{ "kind": "lay", "layers": ["a"] }, { "kind": "lay", "layers": ["a"] }]""")]
    [InlineData("over", """[{ "kind": "lay", "layers": ["a"] }, { "kind": "hand-over" }, { "kind": "peel" }]""")]
    public async Task What_cannot_be_done_is_refused(string code, string moves)
    {
        var (status, problem) = await Send(HttpMethod.Post, "/api/practice/first-shirt/look", JsonNode.Parse(moves));
        Assert.Equal((HttpStatusCode.Conflict, code), (status, (string)problem!["code"]!));
    }

    [Fact]
    public async Task A_kept_job_can_be_rehearsed_before_cloth_is_at_stake()
    {
        var kept = await Post("/api/jobs", Tee("Saturday's tee"));
        var id = $"job-{kept["id"]}.3";
        var met = await Get($"/api/practice/{id}");
        Assert.Equal("Rehearsal: Saturday's tee", (string)met["title"]!);
        var moves = Moves([.. met["props"]!.AsArray().SelectMany(p => p!["states"]!.AsArray().Select(s =>
            Move("touch", ("prop", (string)p["id"]!), ("state", (string)s!["id"]!)))),
            Move("dial", ("celsius", 152)), Move("close", ("seconds", 5)), Move("lay", ("layers", new JsonArray("sky"))),
            Move("close", ("seconds", 1)), Move("peel")]);
        var seen = await Post($"/api/practice/{id}/look", moves);
        Assert.Equal("on-carrier", (string)Assert.Single(seen["signs"]!.AsArray())!);
        // It is nobody's card, and nothing of the job changed.
        moves.Add(Move("hand-over"));
        Assert.Null((await Post($"/api/practice/{id}/judge", Done(moves, "Wren")))["progress"]);
        Assert.Equal((int)kept["version"]!, (int)(await Get($"/api/jobs/{kept["id"]}"))["version"]!);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, $"/api/practice/job-{Guid.NewGuid()}.3")).Status);
    }

    [Fact]
    public async Task A_piece_that_failed_is_pressed_once_more_on_presses_that_would_have_failed_it()
    {
        var run = await Begin(Tee("Lifted tee", 2));
        run = await Say(await Until(run, "inspect"), "record", with: c => c["outcomes"] = Words("edges-lifted"));
        while ((string)run["status"]! == "running")
            run = await Go(run);
        var entries = (await Get("/api/log"))["entries"]!.AsArray();
        long Of(string outcome) => (long)entries.First(e => e!["outcomes"]!.AsArray().Any(o => (string)o! == outcome))!["id"]!;
        var met = await Get($"/api/practice/log-{Of("edges-lifted")}");
        Assert.Equal("Once more: Lifted tee", (string)met["title"]!);
        JsonArray Pressed(double seconds) =>
        [
            Move("dial", ("celsius", 155)), Move("close", ("seconds", 5)), Move("lay", ("layers", new JsonArray("a"))),
            Move("close", ("seconds", seconds)), Move("peel"), Move("hand-over"),
        ];
        async Task<(int Good, int Of)> Sure(double seconds)
        {
            var judged = await Post($"/api/practice/log-{Of("edges-lifted")}/judge", Done(Pressed(seconds)));
            return ((int)judged["goodOfAlike"]!, (int)judged["alike"]!);
        }

        // What was too short stays too short; longer is well on most presses that would have failed so.
        var (shorter, longer) = (await Sure(8), await Sure(35));
        Assert.InRange(shorter.Of, 1, 12);
        Assert.True(shorter.Good < longer.Good);
        Assert.True(longer.Good > longer.Of / 2);
        // What came out well is no case, and the logbook is as it was.
        var (status, problem) = await Send(HttpMethod.Get, $"/api/practice/log-{Of("stuck")}");
        Assert.Equal((HttpStatusCode.Conflict, "no-fit"), (status, (string)problem!["code"]!));
        Assert.Equal(entries.Count, (int)(await Get("/api/log"))["total"]!);
    }

    [Fact]
    public async Task A_bench_ends_after_four_hours_of_its_own()
    {
        JsonObject[] hours = [.. Enumerable.Range(0, 4).Select(_ => Move("wait", ("seconds", 3600)))];
        Assert.Equal(4 * 3600, (double)(await Post("/api/practice/first-shirt/look", Moves(hours)))["seconds"]!);
        var longer = Moves([.. hours.Select(h => h.DeepClone().AsObject()), Move("wait", ("seconds", 1))]);
        var (status, problem) = await Send(HttpMethod.Post, "/api/practice/first-shirt/look", longer);
        Assert.Equal((HttpStatusCode.Conflict, "out-of-range"), (status, (string)problem!["code"]!));
    }

    [Fact]
    public async Task What_is_not_there_or_not_over_is_said()
    {
        foreach (var id in new[] { "nowhere", "seed-", "seed--1", "seed-99999999" })
            Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, $"/api/practice/{id}")).Status);
        Assert.Equal(HttpStatusCode.BadRequest,
            (await Send(HttpMethod.Post, "/api/practice/first-shirt/look", JsonNode.Parse("""[{ "kind": "dance" }]"""))).Status);
        var (status, problem) = await Send(HttpMethod.Post, "/api/practice/first-shirt/judge", Done([]));
        Assert.Equal((HttpStatusCode.Conflict, "not-over"), (status, (string)problem!["code"]!));
        (status, problem) = await Send(HttpMethod.Post, "/api/practice/first-shirt/judge", Done(FirstShirt(), new string('x', 61)));
        Assert.Equal((HttpStatusCode.BadRequest, "#/learner"), (status, (string)problem!["errors"]![0]!["pointer"]!));
    }
}
