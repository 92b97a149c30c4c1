using System.Net;

namespace Juxtherm.Web.Tests;

public sealed class SafetyTests : Api
{
    [Theory]
    [InlineData("/api/jobs")]
    [InlineData("/health/ready")]
    [InlineData("/api/nothing")]
    public async Task Every_answer_carries_the_guarding_headers(string path)
    {
        using var answer = await Client.GetAsync(path);
        string Header(string name) => string.Join(' ', answer.Headers.GetValues(name));
        Assert.Contains("script-src 'self'", Header("Content-Security-Policy"), StringComparison.Ordinal);
        Assert.Contains("frame-ancestors 'none'", Header("Content-Security-Policy"), StringComparison.Ordinal);
        Assert.DoesNotContain("unsafe", Header("Content-Security-Policy"), StringComparison.Ordinal);
        Assert.Equal(("nosniff", "DENY"), (Header("X-Content-Type-Options"), Header("X-Frame-Options")));
        Assert.False(answer.Headers.Contains("Server"));
    }

    [Theory]
    [InlineData("Origin", "https://elsewhere.example", HttpStatusCode.Forbidden)]
    [InlineData("Origin", "http://127.0.0.1:1", HttpStatusCode.Forbidden)]
    [InlineData("Origin", "null", HttpStatusCode.Forbidden)]
    [InlineData("Sec-Fetch-Site", "cross-site", HttpStatusCode.Forbidden)]
    [InlineData("Sec-Fetch-Site", "same-site", HttpStatusCode.Forbidden)]
    [InlineData("Origin", "http://localhost", HttpStatusCode.Created)]
    [InlineData("Sec-Fetch-Site", "same-origin", HttpStatusCode.Created)]
    public async Task Only_our_own_pages_may_change_anything(string header, string value, HttpStatusCode expected)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/jobs") { Content = Body(Tee().ToJsonString()) };
        request.Headers.Add(header, value);
        using var answer = await Client.SendAsync(request);
        Assert.Equal(expected, answer.StatusCode);
        Assert.Equal(expected == HttpStatusCode.Created ? 1 : 0, await Kept());
    }

    [Theory]
    [InlineData("evil.example", HttpStatusCode.BadRequest)]
    [InlineData("localhost", HttpStatusCode.OK)]
    [InlineData("127.0.0.1", HttpStatusCode.OK)]
    public async Task Only_local_host_names_are_served(string host, HttpStatusCode expected)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, "/api/jobs");
        request.Headers.Host = host;
        using var answer = await Client.SendAsync(request);
        Assert.Equal(expected, answer.StatusCode);
    }

    [Fact]
    public async Task A_fault_of_ours_shows_nothing_of_our_inside()
    {
        // A run whose temperatures are damaged in the file while the service runs: it cannot answer, and must not say more than that.
        var run = await Post($"/api/jobs/{await AddJob()}/runs");
        using (var db = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={Path.Combine(Folder, "workshop.db")};Pooling=False"))
        {
            db.Open();
            using var damage = db.CreateCommand();
            damage.CommandText = "UPDATE RunTraces SET Json = 'oops'";
            damage.ExecuteNonQuery();
        }

        using var answer = await Client.GetAsync($"/api/runs/{run["id"]}/trace");
        var text = await answer.Content.ReadAsStringAsync();
        Assert.Equal(HttpStatusCode.InternalServerError, answer.StatusCode);
        Assert.Equal("application/problem+json", answer.Content.Headers.ContentType!.MediaType);
        Assert.DoesNotContain("Exception", text, StringComparison.Ordinal);
        Assert.DoesNotContain(" at ", text, StringComparison.Ordinal);
        Assert.DoesNotContain("oops", text, StringComparison.Ordinal);
        // The file beside the data names the request, and nothing of what is in a job.
        var logged = string.Concat(Directory.GetFiles(Path.Combine(Folder, "logs")).Select(ReadShared));
        Assert.Matches("ERR [0-9A-Z:]+ .*/trace failed", logged);
        Assert.DoesNotContain("Tarn tee", logged, StringComparison.Ordinal);
    }

    private static string ReadShared(string file)
    {
        using var stream = new FileStream(file, FileMode.Open, FileAccess.Read, FileShare.ReadWrite);
        using var reader = new StreamReader(stream);
        return reader.ReadToEnd();
    }
}
