using System.Net;
using System.Text;
using Juxtherm.Testing;
using Juxtherm.Web.Hosting;
using Microsoft.Extensions.Configuration;

namespace Juxtherm.Web.Tests;

/// <summary>From other devices in the network: the bench, the cutter and looking, and nothing else.</summary>
public sealed class AccessTests : Api
{
    private static readonly IPAddress Elsewhere = IPAddress.Parse("192.0.2.77");

    private async Task<int> From(IPAddress address, string method, string path, string? body = null)
    {
        var answer = await Service.Server.SendAsync(context =>
        {
            context.Connection.RemoteIpAddress = address;
            context.Request.Method = method;
            context.Request.Scheme = "http";
            context.Request.Host = new Microsoft.AspNetCore.Http.HostString("localhost");
            context.Request.Path = path;
            if (body is null)
                return;
            context.Request.ContentType = "application/json";
            context.Request.Body = new MemoryStream(Encoding.UTF8.GetBytes(body));
            context.Request.ContentLength = body.Length;
        }, TestContext.Current.CancellationToken);
        return answer.Response.StatusCode;
    }

    [Theory]
    [InlineData("GET", "/api/keeping")]
    [InlineData("GET", "/api/keeping/archive")]
    [InlineData("POST", "/api/keeping/backups")]
    [InlineData("POST", "/api/keeping/archive")]
    [InlineData("GET", "/api/log/logbook.csv")]
    [InlineData("GET", "/api/log/logbook.json")]
    [InlineData("GET", "/api/log/photos/0196b0a0-0000-7000-8000-000000000001")]
    [InlineData("POST", "/api/log/read-in")]
    [InlineData("PATCH", "/api/log/1")]
    [InlineData("POST", "/api/log/1/washes")]
    [InlineData("DELETE", "/api/log/1/washes/1")]
    [InlineData("POST", "/api/jobs")]
    [InlineData("DELETE", "/api/jobs/0196b0a0-0000-7000-8000-000000000001")]
    [InlineData("PUT", "/api/jobs/0196b0a0-0000-7000-8000-000000000001")]
    [InlineData("POST", "/api/stock")]
    [InlineData("PUT", "/api/stock/x")]
    [InlineData("DELETE", "/api/stock/x")]
    [InlineData("POST", "/api/stock/table")]
    [InlineData("GET", "/api/stock.csv")]
    [InlineData("POST", "/api/shelf/vinyl")]
    [InlineData("PUT", "/api/learned/switch")]
    [InlineData("POST", "/api/learned/readings")]
    [InlineData("PUT", "/api/day")]
    [InlineData("DELETE", "/api/day")]
    [InlineData("POST", "/api/day/improve")]
    [InlineData("GET", "/api/prices")]
    [InlineData("PUT", "/api/prices")]
    [InlineData("POST", "/api/cost")]
    [InlineData("GET", "/api/quotes")]
    [InlineData("GET", "/api/quotes/0196b0a0-0000-7000-8000-000000000001.pdf")]
    [InlineData("POST", "/api/quotes/0196b0a0-0000-7000-8000-000000000001/accept")]
    [InlineData("POST", "/api/jobs/0196b0a0-0000-7000-8000-000000000001/cost")]
    [InlineData("GET", "/api/runs/0196b0a0-0000-7000-8000-000000000001/cost")]
    [InlineData("POST", "/api/blanks")]
    [InlineData("POST", "/api/cut-presets/test")]
    public async Task What_belongs_to_the_machine_is_refused_from_elsewhere_and_open_at_it(string method, string path)
    {
        Assert.Equal(403, await From(Elsewhere, method, path));
        Assert.NotEqual(403, await From(IPAddress.Loopback, method, path));
        Assert.NotEqual(403, await From(IPAddress.IPv6Loopback, method, path));
    }

    [Fact]
    public async Task The_bench_the_cutter_and_looking_are_open()
    {
        var job = await AddJob();
        var run = (string)(await Post($"/api/jobs/{job}/runs"))["id"]!;
        foreach (var path in new[] { "/api/jobs", $"/api/jobs/{job}", "/api/runs", $"/api/runs/{run}", "/api/log", "/api/stock",
            "/api/shelf", "/api/catalogue", "/api/access" })
            Assert.Equal(200, await From(Elsewhere, "GET", path));
        Assert.Equal(200, await From(Elsewhere, "POST", "/api/plans/preview", Tee().ToJsonString()));
        Assert.Equal(200, await From(Elsewhere, "POST", "/api/cut-plans", Tee().ToJsonString()));
        Assert.Equal(201, await From(Elsewhere, "POST", $"/api/jobs/{job}/runs"));
        // What is made up here has no body that a typed reader would see; that it is let through is what is asked.
        Assert.NotEqual(403,
            await From(Elsewhere, "POST", $"/api/runs/{run}/actions",
                $$"""{ "commandId": "{{Guid.NewGuid()}}", "station": 1, "piece": 0, "action": "something-off", "note": "x" }"""));
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
