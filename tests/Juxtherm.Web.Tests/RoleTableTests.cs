using System.Net;
using Juxtherm.App.Helpers;
using Juxtherm.Testing;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Http;
using Microsoft.AspNetCore.Routing;
using Microsoft.Extensions.DependencyInjection;

namespace Juxtherm.Web.Tests;

/// <summary>The table of who may what, tried at every address that the service has, in more than one spelling.</summary>
public sealed class RoleTableTests : Api
{
    private static readonly IPAddress Elsewhere = IPAddress.Parse("192.0.2.77");

    /// <summary>Other spellings of an address that some part of a service or of the way to it might take for the same.</summary>
    private static IEnumerable<string> Respell(string path) => Spellings(path).Where(odd => odd != path);

    private static IEnumerable<string> Spellings(string path)
    {
        yield return path.ToUpperInvariant();
        yield return $"/{char.ToUpperInvariant(path[1])}{path[2..]}";
        yield return path + "/";
        yield return "/" + path;
        yield return "/." + path;
        yield return "/pair/.." + path;
        yield return $"/%{(int)path[1]:x2}{path[2..]}";
        yield return "/" + path[1..].Replace("/", "%2f", StringComparison.Ordinal);
        yield return "/" + path[1..].Replace("/", "\\", StringComparison.Ordinal);
        yield return path + "%2e";
        yield return path + "%00";
    }

    private static string Name(RoleRow row) => $"{row.Method} {row.Route}";

    [Fact]
    public void The_table_and_the_service_know_the_same_addresses()
    {
        // Served for the front end's sake: whatever nothing else answers.
        string[] front = ["/api/{**rest}", "/{**path}", "{*path:nonfile}"];
        var served = Service.Services.GetServices<EndpointDataSource>().SelectMany(s => s.Endpoints).OfType<RouteEndpoint>()
            .Where(e => !front.Contains(e.RoutePattern.RawText, StringComparer.Ordinal))
            .SelectMany(e => e.Metadata.GetMetadata<HttpMethodMetadata>()!.HttpMethods
                .Select(m => $"{m} /{e.RoutePattern.RawText!.Trim('/')}")).Order(StringComparer.Ordinal);
        Assert.Equal(RoleTable.Rows.Select(Name).Order(StringComparer.Ordinal), served);
    }

    [Fact]
    public async Task Each_role_is_let_in_where_the_table_says_so_and_nowhere_else_however_it_is_spelled()
    {
        var book = Service.Services.GetRequiredService<DeviceBook>();
        var wrong = new List<string>();
        foreach (var role in new HelperRole?[] { null, HelperRole.Look, HelperRole.Press, HelperRole.Owner })
        {
            var key = role is { } paired ? book.Add($"A device to {role}", paired).Key : null;
            foreach (var row in RoleTable.Rows)
            {
                // Whoever joins too often is slowed down, which other tests see to.
                if (row.Method == "POST" && row.Anyone)
                    continue;
                var status = await StatusAsync(row, row.Path, key);
                var asItShould = row.Anyone ? status is 200 or 404
                    : row.Allows(role) ? status is not (401 or 403) and < 500
                    : role is null ? status == 401 || (status == 302 && !row.Path.StartsWith("/api/", StringComparison.Ordinal))
                    : status == 403;
                if (!asItShould)
                    wrong.Add($"{role?.ToString() ?? "nobody"} {row.Method} {row.Path}: {status}");
                foreach (var odd in Respell(row.Path))
                {
                    if (await StatusAsync(row, odd, key) is var oddly and not 400)
                        wrong.Add($"{role?.ToString() ?? "nobody"} {row.Method} {odd}: {oddly}");
                }
            }
        }

        Assert.True(wrong.Count == 0, $"{wrong.Count}:\n{string.Join('\n', wrong.Take(40))}");
    }

    /// <summary>What goes over a real line is spelled by whoever sends it; the server must not tidy it up before it is looked at.</summary>
    [Fact]
    public async Task Over_a_real_line_no_other_spelling_is_served_to_anybody()
    {
        var folder = Workshop.NewFolder();
        var service = new Workshop(folder, new TestClock());
        service.UseKestrel();
        service.StartServer();
        using var client = service.CreateClient();
        var raw = new UriCreationOptions { DangerousDisablePathAndQueryCanonicalization = true };
        var wrong = new List<string>();
        foreach (var row in RoleTable.Rows.Where(r => r.Method == "GET"))
        {
            foreach (var odd in Respell(row.Path))
            {
                using var answer = await client.GetAsync(new Uri(client.BaseAddress!.GetLeftPart(UriPartial.Authority) + odd, raw));
                if (answer.StatusCode != HttpStatusCode.BadRequest)
                    wrong.Add($"{odd}: {answer.StatusCode}");
            }
        }

        service.Stop();
        Directory.Delete(folder, recursive: true);
        Assert.True(wrong.Count == 0, $"{wrong.Count}:\n{string.Join('\n', wrong.Take(40))}");
    }

    [Fact]
    public async Task An_address_that_is_refused_is_told_to_people_as_a_page_and_to_programs_as_a_problem()
    {
        async Task<(int Status, string? Type)> AskAsync(string accept)
        {
            using var request = new HttpRequestMessage(HttpMethod.Get, "/API/jobs");
            request.Headers.TryAddWithoutValidation("Accept", accept);
            using var answer = await Client.SendAsync(request, TestContext.Current.CancellationToken);
            return ((int)answer.StatusCode, answer.Content.Headers.ContentType?.MediaType);
        }

        Assert.Equal((400, "text/html"), await AskAsync("text/html,application/xhtml+xml;q=0.9,*/*;q=0.8"));
        Assert.Equal((400, "application/problem+json"), await AskAsync("application/json"));
    }

    private async Task<int> StatusAsync(RoleRow row, string path, string? key) => (await Service.Server.SendAsync(context =>
    {
        context.Connection.RemoteIpAddress = Elsewhere;
        context.Connection.LocalIpAddress = Elsewhere;
        context.Request.Method = row.Method;
        context.Request.Scheme = "https";
        context.Request.Host = new HostString("localhost");
        context.Request.Path = new PathString(Uri.UnescapeDataString(path));
        context.Features.Get<Microsoft.AspNetCore.Http.Features.IHttpRequestFeature>()!.RawTarget = path;
        if (key is not null)
            context.Request.Headers.Cookie = $"{WhoAsks.Cookie}={key}";
        if (row.Method is "GET" or "DELETE")
            return;
        // What nobody should send: that it is looked at at all is what is asked.
        var body = "{\"odd\":[1e999,"u8.ToArray();
        context.Request.ContentType = row.ContentType;
        context.Request.Body = new MemoryStream(body);
        context.Request.ContentLength = body.Length;
    }, TestContext.Current.CancellationToken)).Response.StatusCode;
}
