using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Juxtherm.App.Helpers;
using Juxtherm.Testing;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Http;
using Microsoft.Extensions.Configuration;
using Microsoft.Extensions.DependencyInjection;

namespace Juxtherm.Web.Tests;

/// <summary>From other devices in the network: nothing without having been paired, and then what the role allows.</summary>
public sealed class AccessTests : Api
{
    private static readonly IPAddress Elsewhere = IPAddress.Parse("192.0.2.77");

    /// <summary>What is the owner's, from wherever.</summary>
    public static TheoryData<string, string> OwnersAlone => new()
    {
        { "GET", "/api/keeping" },
        { "GET", "/api/keeping/archive" },
        { "POST", "/api/keeping/backups" },
        { "POST", "/api/keeping/archive" },
        { "GET", "/api/log/logbook.csv" },
        { "GET", "/api/log/logbook.json" },
        { "POST", "/api/log/read-in" },
        { "DELETE", "/api/log/1/washes/1" },
        { "DELETE", "/api/log/photos/0196b0a0-0000-7000-8000-000000000001" },
        { "POST", "/api/jobs" },
        { "DELETE", "/api/jobs/0196b0a0-0000-7000-8000-000000000001" },
        { "PUT", "/api/jobs/0196b0a0-0000-7000-8000-000000000001" },
        { "POST", "/api/stock" },
        { "PUT", "/api/stock/x" },
        { "DELETE", "/api/stock/x" },
        { "POST", "/api/stock/table" },
        { "GET", "/api/stock.csv" },
        { "POST", "/api/shelf/vinyl" },
        { "PUT", "/api/learned/switch" },
        { "POST", "/api/learned/readings" },
        { "PUT", "/api/day" },
        { "DELETE", "/api/day" },
        { "POST", "/api/day/improve" },
        { "GET", "/api/prices" },
        { "PUT", "/api/prices" },
        { "GET", "/api/supplies" },
        { "POST", "/api/cost" },
        { "GET", "/api/quotes" },
        { "GET", "/api/quotes/0196b0a0-0000-7000-8000-000000000001.pdf" },
        { "POST", "/api/quotes/0196b0a0-0000-7000-8000-000000000001/accept" },
        { "POST", "/api/jobs/0196b0a0-0000-7000-8000-000000000001/cost" },
        { "GET", "/api/runs/0196b0a0-0000-7000-8000-000000000001/cost" },
        { "POST", "/api/blanks" },
        { "POST", "/api/cut-presets/test" },
        { "DELETE", "/api/practice/learners/Wren" },
    };

    private DeviceBook Book => Service.Services.GetRequiredService<DeviceBook>();

    private async Task<HttpContext> Ask(IPAddress? address, string method, string path, string? body = null, string? key = null,
        string type = "application/json") => await Service.Server.SendAsync(context =>
        {
            context.Connection.RemoteIpAddress = address;
            context.Connection.LocalIpAddress = Elsewhere;
            context.Request.Method = method;
            context.Request.Scheme = "https";
            context.Request.Host = new HostString("localhost");
            context.Request.Path = path;
            if (key is not null)
                context.Request.Headers.Cookie = $"{WhoAsks.Cookie}={key}";
            if (body is null)
                return;
            context.Request.ContentType = type;
            context.Request.Body = new MemoryStream(Encoding.UTF8.GetBytes(body));
            context.Request.ContentLength = body.Length;
        }, TestContext.Current.CancellationToken);

    private async Task<int> Status(IPAddress? address, string method, string path, string? body = null, string? key = null) =>
        (await Ask(address, method, path, body, key)).Response.StatusCode;

    private Task<HttpContext> Type(string code, IPAddress? from = null) =>
        Ask(from ?? Elsewhere, "POST", "/pair", $"code={code}", type: "application/x-www-form-urlencoded");

    private string KeyOf(HelperRole role) => Book.Add($"A {role} device {Guid.NewGuid():N}", role).Key;

    [Theory]
    [MemberData(nameof(OwnersAlone))]
    public async Task What_is_the_owners_is_refused_to_helpers_and_open_to_the_owner(string method, string path)
    {
        Assert.Equal(403, await Status(Elsewhere, method, path, key: KeyOf(HelperRole.Press)));
        Assert.Equal(403, await Status(Elsewhere, method, path, key: KeyOf(HelperRole.Look)));
        Assert.NotEqual(403, await Status(Elsewhere, method, path, key: KeyOf(HelperRole.Owner)));
        Assert.NotEqual(403, await Status(IPAddress.Loopback, method, path));
        Assert.NotEqual(403, await Status(IPAddress.IPv6Loopback, method, path));
    }

    /// <summary>Nobody who was not let in is served anything but the page that asks for the word, also from this machine's own address
    /// in the
    /// network.</summary>
    [Theory]
    [InlineData("GET", "/api/jobs", 401)]
    [InlineData("GET", "/api/access", 401)]
    [InlineData("POST", "/api/plans/preview", 401)]
    [InlineData("GET", "/openapi/juxtherm.json", 401)]
    [InlineData("GET", "/schemas/job.json", 401)]
    [InlineData("GET", "/health/ready", 401)]
    [InlineData("GET", "/", 302)]
    [InlineData("GET", "/jobs/1", 302)]
    [InlineData("GET", "/assets/index.js", 302)]
    [InlineData("POST", "/", 401)]
    [InlineData("GET", "/api/devices", 401)]
    [InlineData("GET", "/pair/../api/jobs", 400)]
    [InlineData("GET", "/API/jobs", 400)]
    [InlineData("GET", "/pair/api/jobs", 302)]
    [InlineData("GET", "/pair", 200)]
    [InlineData("GET", "/pair.css", 200)]
    public async Task Unpaired_there_is_the_pairing_page_and_nothing_else(string method, string path, int status)
    {
        foreach (var key in new[] { null, "", "0", new string('A', 64), new string('A', 9000) })
            Assert.Equal(status, await Status(Elsewhere, method, path, key: key));
    }

    [Fact]
    public async Task The_bench_the_cutter_and_looking_are_open_to_who_presses_and_looking_to_who_looks()
    {
        var job = await AddJob();
        var run = (string)(await Post($"/api/jobs/{job}/runs"))["id"]!;
        var (press, look) = (KeyOf(HelperRole.Press), KeyOf(HelperRole.Look));
        foreach (var path in new[] { "/api/jobs", $"/api/jobs/{job}", "/api/runs", $"/api/runs/{run}", "/api/log", "/api/stock",
            "/api/shelf", "/api/catalogue", "/api/access" })
            foreach (var key in new[] { press, look })
                Assert.Equal(200, await Status(Elsewhere, "GET", path, key: key));
        foreach (var key in new[] { press, look })
            Assert.Equal(200, await Status(Elsewhere, "POST", "/api/plans/preview", Tee().ToJsonString(), key));
        Assert.Equal(200, await Status(Elsewhere, "POST", "/api/cut-plans", Tee().ToJsonString(), look));
        Assert.Equal(201, await Status(Elsewhere, "POST", $"/api/jobs/{job}/runs", key: press));
        Assert.Equal(403, await Status(Elsewhere, "POST", $"/api/jobs/{job}/runs", key: look));
        var off = $$"""{ "commandId": "{{Guid.NewGuid()}}", "station": 1, "piece": 0, "action": "something-off", "note": "x" }""";
        Assert.Equal(403, await Status(Elsewhere, "POST", $"/api/runs/{run}/actions", off, look));
        // What is made up here has no body that a typed reader would see; that it is let through is what is asked.
        Assert.NotEqual(403, await Status(Elsewhere, "POST", $"/api/runs/{run}/actions", off, press));
        var photo = "/api/log/photos/0196b0a0-0000-7000-8000-000000000001";
        Assert.Equal(403, await Status(Elsewhere, "GET", photo, key: look));
        Assert.Equal(404, await Status(Elsewhere, "GET", photo, key: press));
    }

    [Fact]
    public async Task Devices_are_let_in_and_turned_away_at_the_machine_alone()
    {
        var owner = KeyOf(HelperRole.Owner);
        Assert.Equal(403, await Status(Elsewhere, "GET", "/api/devices", key: owner));
        Assert.Equal(403, await Status(Elsewhere, "POST", "/api/devices/pairing", """{ "name": "x", "role": "owner" }""", owner));
        Assert.Equal(403, await Status(Elsewhere, "DELETE", $"/api/devices/{Guid.NewGuid()}", key: owner));
        // Without --lan there is nowhere to come in, and no word.
        var (status, problem) = await Send(HttpMethod.Post, "/api/devices/pairing",
            new JsonObject { ["name"] = "Wren's phone", ["role"] = "press" });
        Assert.Equal((HttpStatusCode.Conflict, "not-open"), (status, (string)problem!["code"]!));
    }

    [Fact]
    public async Task A_word_lets_one_device_in_once_and_its_key_is_kept_from_scripts()
    {
        var pairing = Service.Services.GetRequiredService<Pairing>();
        var offer = pairing.Offer("Wren's phone", HelperRole.Press);
        var answer = (await Type(offer.Code[..3] + " " + offer.Code[3..])).Response;
        Assert.Equal((302, "/"), (answer.StatusCode, answer.Headers.Location.ToString()));
        var cookie = answer.Headers.SetCookie.ToString();
        foreach (var word in new[] { "httponly", "secure", "samesite=strict", "path=/" })
            Assert.Contains(word, cookie, StringComparison.OrdinalIgnoreCase);
        var key = cookie.Split(';')[0].Split('=')[1];
        Assert.Equal(64, key.Length);
        Assert.Equal(200, await Status(Elsewhere, "GET", "/api/jobs", key: key));
        Assert.Equal(403, (await Type(offer.Code)).Response.StatusCode);
        Assert.Null(pairing.Now);
        // The file holds no key that could be used, and nobody else may read it.
        var file = Path.Combine(Folder, DeviceBook.FileName);
        Assert.DoesNotContain(key, await File.ReadAllTextAsync(file, TestContext.Current.CancellationToken), StringComparison.Ordinal);
        FromAnotherRoomTests.ForItsOwnerAlone(file);
        // It outlives a start.
        Stop();
        Start();
        Assert.Equal(200, await Status(Elsewhere, "GET", "/api/jobs", key: key));
    }

    [Fact]
    public async Task A_word_counts_for_two_minutes_and_a_newer_one_takes_its_place()
    {
        var pairing = Service.Services.GetRequiredService<Pairing>();
        var first = pairing.Offer("Wren's phone", HelperRole.Press);
        Clock.Advance(121);
        Assert.Equal(403, (await Type(first.Code)).Response.StatusCode);
        var second = pairing.Offer("Wren's phone", HelperRole.Press);
        var third = pairing.Offer("Wren's phone", HelperRole.Look);
        if (second.Code != third.Code)
            Assert.Equal(403, (await Type(second.Code)).Response.StatusCode);
        Assert.Equal(302, (await Type(third.Code)).Response.StatusCode);
        Assert.Equal(HelperRole.Look, Assert.Single(Book.All).Role);
    }

    /// <summary>Guessing costs the word after five tries: a chance of five in a million each time the owner makes one.</summary>
    [Fact]
    public async Task Whoever_guesses_costs_the_word_and_is_slowed_down()
    {
        var pairing = Service.Services.GetRequiredService<Pairing>();
        var offer = pairing.Offer("Wren's phone", HelperRole.Press);
        var wrong = Enumerable.Range(0, 1_000_000).Select(n => n.ToString("D6", null)).Where(c => c != offer.Code).Take(40).ToList();
        foreach (var code in wrong.Take(Pairing.MostTries))
            Assert.Equal(403, (await Type(code)).Response.StatusCode);
        Assert.Null(pairing.Now);
        Assert.Equal(403, (await Type(offer.Code)).Response.StatusCode);
        Assert.Empty(Book.All);
        var slowed = new List<int>();
        foreach (var code in wrong.Skip(5))
            slowed.Add((await Type(code)).Response.StatusCode);
        Assert.Contains(429, slowed);
        // Somebody at another address is not.
        Assert.Equal(403, (await Type(wrong[0], IPAddress.Parse("192.0.2.78"))).Response.StatusCode);
    }

    [Theory]
    [InlineData("code=", 403)]
    [InlineData("", 403)]
    [InlineData("code=%00%00", 400)]
    [InlineData("other=123456", 403)]
    public async Task What_is_no_word_is_refused(string form, int status)
    {
        Service.Services.GetRequiredService<Pairing>().Offer("Wren's phone", HelperRole.Press);
        var answer = await Ask(Elsewhere, "POST", "/pair", form, type: "application/x-www-form-urlencoded");
        Assert.Equal(status, answer.Response.StatusCode);
        Assert.Equal(400, (await Ask(Elsewhere, "POST", "/pair", """{ "code": "123456" }""")).Response.StatusCode);
        Assert.Equal(400, (await Ask(Elsewhere, "POST", "/pair", "code=" + new string('1', 300),
            type: "application/x-www-form-urlencoded")).Response.StatusCode);
        Assert.Empty(Book.All);
    }

    [Fact]
    public async Task A_key_that_was_turned_away_opens_nothing_and_what_it_watches_ends()
    {
        var run = (string)(await Post($"/api/jobs/{await AddJob()}/runs"))["id"]!;
        var (device, key) = Book.Add("Wren's phone", HelperRole.Press);
        var watching = Ask(Elsewhere, "GET", $"/api/runs/{run}/live", key: key);
        var live = (await watching).Response.Body;
        var buffer = new byte[64];
        Assert.True(await live.ReadAsync(buffer, TestContext.Current.CancellationToken) > 0);
        Assert.Equal(HttpStatusCode.OK, (await Send(HttpMethod.Delete, $"/api/devices/{device.Id}")).Status);
        Assert.Equal(401, await Status(Elsewhere, "GET", "/api/jobs", key: key));
        using var second = new CancellationTokenSource(TimeSpan.FromSeconds(1));
        await Assert.ThrowsAnyAsync<Exception>(async () =>
        {
            while (await live.ReadAsync(buffer, second.Token) > 0)
            {
            }

            throw new IOException("It ended.");
        });
        Assert.False(second.IsCancellationRequested);
        // Who was turned away just as it was asked is cut off as well.
        Assert.True(Book.UntilRevoked(device.Id).IsCancellationRequested);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Delete, $"/api/devices/{device.Id}")).Status);
    }

    /// <summary>A backup that is put back lets nobody in again.</summary>
    [Fact]
    public async Task Who_was_turned_away_stays_away_whatever_is_put_back()
    {
        var (device, key) = Book.Add("Wren's phone", HelperRole.Press);
        var backup = (string)(await Post("/api/keeping/backups"))["backups"]![0]!["name"]!;
        await Ok(HttpMethod.Delete, $"/api/devices/{device.Id}");
        await Post($"/api/keeping/backups/{backup}/restore");
        Assert.Equal(401, await Status(Elsewhere, "GET", "/api/jobs", key: key));
    }

    [Fact]
    public async Task What_a_device_does_is_written_down_under_its_name()
    {
        var job = await AddJob();
        var key = Book.Add("Wren's phone", HelperRole.Press).Key;
        Assert.Equal(201, await Status(Elsewhere, "POST", $"/api/jobs/{job}/runs", key: key));
        Assert.Equal(200, await Status(Elsewhere, "POST", "/api/plans/preview", Tee().ToJsonString(), key));
        Assert.Equal(403, await Status(Elsewhere, "DELETE", $"/api/jobs/{job}", key: key));
        await AddJob();
        // What is said at the bench is told with its piece.
        Asking.Now = new Asker(Book.All[0]);
        var say = Service.Services.GetRequiredService<Juxtherm.App.Bench.SayAtBench>();
        var run = (await Get("/api/runs"))[0]!;
        async Task Say(Juxtherm.Core.Runs.BenchAction action, int piece) => Assert.NotNull((await say.SayAsync(
            Guid.Parse((string)run["id"]!), new(Guid.NewGuid(), 1, piece, null, action, null, null, null, null, null, null, null),
            TestContext.Current.CancellationToken)).Value);
        await Say(Juxtherm.Core.Runs.BenchAction.CheckAll, 0);
        await Say(Juxtherm.Core.Runs.BenchAction.Done, 1);
        Asking.Now = null;
        var deeds = (await Get("/api/devices"))["deeds"]!.AsArray();
        Assert.All(deeds, d => Assert.Equal("Wren's phone", (string)d!["device"]!));
        Assert.Equal(["worked on piece 1", "started a run"], deeds.Select(d => (string)d!["what"]!));
    }

    [Fact]
    public void One_address_is_bound_and_only_this_machines_own()
    {
        var problem = Assert.Throws<OptionsException>(() => JuxthermOptions.Read(new ConfigurationManager(), ["--lan", "203.0.113.9"]));
        Assert.Contains("an address of this machine is accepted", problem.Said(), StringComparison.Ordinal);
        Assert.Null(JuxthermOptions.Read(new ConfigurationManager(), []).Lan);
        foreach (var own in OwnAddresses.Addresses)
            Assert.Equal(own, JuxthermOptions.Read(new ConfigurationManager(), ["--lan", own]).Lan!.ToString());
    }
}
