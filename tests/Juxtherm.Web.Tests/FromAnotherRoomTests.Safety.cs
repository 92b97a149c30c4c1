using System.Net;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;
using Juxtherm.App.Helpers;
using Juxtherm.Testing;

namespace Juxtherm.Web.Tests;

/// <summary>What holds at the machine itself holds over the network, for each role and for nobody.</summary>
public sealed partial class FromAnotherRoomTests
{
    private static readonly string[] Roles = ["owner", "press", "look"];

    private async Task<Dictionary<string, string?>> KeysAsync()
    {
        var keys = new Dictionary<string, string?>(StringComparer.Ordinal) { ["nobody"] = null };
        foreach (var role in Roles)
            keys[role] = await PairAsync($"A device to {role}", role);
        return keys;
    }

    private async Task<string> AddJobAsync()
    {
        using var tee = new StringContent(Tee, Encoding.UTF8, "application/json");
        using var made = await _owner!.PostAsync("/api/jobs", tee, Cancel);
        return (string)JsonNode.Parse(await made.Content.ReadAsStringAsync(Cancel))!["id"]!;
    }

    [Fact]
    public async Task Every_answer_carries_the_guarding_headers()
    {
        NeedsRoom();
        foreach (var (role, key) in await KeysAsync())
            foreach (var path in new[] { "/", "/pair", "/api/jobs", "/api/keeping", "/health/ready", "/api/nothing", "/nowhere" })
            {
                using var client = Room.Client(_port, key);
                using var answer = await client.GetAsync(path, Cancel);
                string Header(string name) =>
                    answer.Headers.TryGetValues(name, out var values) ? string.Join(' ', values) : $"no {name}: {role} {path}";
                Assert.Contains("frame-ancestors 'none'", Header("Content-Security-Policy"), StringComparison.Ordinal);
                Assert.DoesNotContain("unsafe", Header("Content-Security-Policy"), StringComparison.Ordinal);
                Assert.Equal(("nosniff", "DENY"), (Header("X-Content-Type-Options"), Header("X-Frame-Options")));
                Assert.False(answer.Headers.Contains("Server"));
            }
    }

    [Fact]
    public async Task Only_pages_from_here_may_change_anything_whoever_asks()
    {
        NeedsRoom();
        var keys = await KeysAsync();
        var runs = $"/api/jobs/{await AddJobAsync()}/runs";
        var here = $"https://{Room.Here}:{_port}";
        (string Name, string Value, bool Ours)[] from =
        [
            ("Origin", "https://elsewhere.example", false), ("Origin", "http://127.0.0.1:1", false), ("Origin", "null", false),
            ("Origin", $"https://{Room.Here}:1", false), ("Origin", $"http://{Room.Here}:{_port}", false),
            ("Sec-Fetch-Site", "cross-site", false), ("Sec-Fetch-Site", "same-site", false),
            ("Origin", here, true), ("Sec-Fetch-Site", "same-origin", true),
        ];
        foreach (var (name, value, ours) in from)
            foreach (var role in new[] { "owner", "press" })
                Assert.Equal(ours ? HttpStatusCode.Created : HttpStatusCode.Forbidden,
                    await Ask(keys[role], HttpMethod.Post, runs, null, (name, value)));
        // Who may not, may not from our own pages either.
        Assert.Equal(HttpStatusCode.Forbidden, await Ask(keys["look"], HttpMethod.Post, runs, null, ("Origin", here)));
        Assert.Equal(HttpStatusCode.Unauthorized, await Ask(null, HttpMethod.Post, runs, null, ("Origin", here)));
    }

    [Fact]
    public async Task Names_that_are_not_this_machines_are_not_served()
    {
        NeedsRoom();
        foreach (var (role, key) in await KeysAsync())
        {
            foreach (var host in new[] { "evil.example", $"{Room.Here}.evil.example", "juxtherm.evil.example" })
                Assert.False(await Ask(key, HttpMethod.Get, "/api/jobs", null, ("Host", host)) == HttpStatusCode.OK, $"{role} {host}");
            if (key is not null)
                Assert.Equal(HttpStatusCode.OK, await Ask(key, HttpMethod.Get, "/api/jobs", null, ("Host", $"{Room.Here}:{_port}")));
        }
    }

    [Fact]
    public async Task A_fault_of_ours_shows_nothing_of_our_inside_to_any_role()
    {
        NeedsRoom();
        var keys = await KeysAsync();
        using var begun = await _owner!.PostAsync($"/api/jobs/{await AddJobAsync()}/runs", null, Cancel);
        var run = (string)JsonNode.Parse(await begun.Content.ReadAsStringAsync(Cancel))!["id"]!;
        using (var db = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={Path.Combine(_folder, "workshop.db")};Pooling=False"))
        {
            db.Open();
            using var damage = db.CreateCommand();
            damage.CommandText = "UPDATE RunTraces SET Json = 'oops'";
            damage.ExecuteNonQuery();
        }

        foreach (var role in Roles)
        {
            using var client = Room.Client(_port, keys[role]);
            using var answer = await client.GetAsync($"/api/runs/{run}/trace", Cancel);
            var text = await answer.Content.ReadAsStringAsync(Cancel);
            Assert.Equal(HttpStatusCode.InternalServerError, answer.StatusCode);
            foreach (var inside in new[] { "Exception", " at ", "oops", _folder })
                Assert.DoesNotContain(inside, text, StringComparison.Ordinal);
        }
    }

    /// <summary>Every address of the service, asked by everybody with what nobody should send.</summary>
    [Fact]
    public async Task At_every_address_each_role_gets_what_is_its_own_and_nothing_breaks()
    {
        NeedsRoom();
        var keys = await KeysAsync();
        var wrong = new List<string>();
        foreach (var (role, key) in keys)
        {
            using var client = Room.Client(_port, key);
            foreach (var row in RoleTable.Rows.Where(r => !r.Anyone))
            {
                var (method, path) = (row.Method, row.Path);
                using var request = new HttpRequestMessage(new HttpMethod(method), path);
                if (method is "POST" or "PUT" or "PATCH")
                    request.Content = new ByteArrayContent("{\"odd\":[1e999,"u8.ToArray())
                    {
                        Headers = { ContentType = new MediaTypeHeaderValue(row.ContentType) },
                    };
                using var answer = await client.SendAsync(request, HttpCompletionOption.ResponseHeadersRead, Cancel);
                var status = (int)answer.StatusCode;
                var may = row.Allows(key is null ? null : Enum.Parse<HelperRole>(role, ignoreCase: true));
                var asItShould = key is null ? status is 401 or 302 : may ? status is not (401 or 403) and < 500 : status == 403;
                if (!asItShould)
                    wrong.Add($"{role} {method} {path}: {status}");
            }
        }

        Assert.True(wrong.Count == 0, $"{wrong.Count}:\n{string.Join('\n', wrong.Take(40))}");
        Assert.Equal(HttpStatusCode.OK, await Ask(keys["look"], HttpMethod.Get, "/api/jobs"));
    }
}
