using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Juxtherm.Browser.Tests;

/// <summary>Runs for tests at the bench, kept and begun without the screens.</summary>
public abstract class BenchBrowserTest(double clockSpeed = 0) : BrowserTest(clockSpeed)
{
    protected static JsonObject Tee(string vinyl = "smooth") => JsonNode.Parse($$"""
        { "format": "juxtherm.job", "version": 1, "title": "Crew tee", "quantity": 1,
          "blank": { "form": "tee", "material": "cotton" }, "tools": { "heatSource": "swing-platen" }, "layers": [ { "id": "sky", "vinyl": "{{vinyl}}", "colour": "#0f6468" } ] }
        """)!.AsObject();

    protected static JsonObject Named(params string[] names)
    {
        var job = Tee();
        job["layers"]![0]!["word"] = new JsonObject { ["text"] = "Name", ["heightMm"] = 30, ["fromNames"] = true };
        job["names"] = new JsonArray([.. names.Select(n => (JsonNode)new JsonObject { ["name"] = n, ["size"] = "adult-m" })]);
        return job;
    }

    /// <summary>Keeps a job; returns its id.</summary>
    protected string Keep(JsonObject job) => (string)Post("/api/jobs", job)["id"]!;

    /// <summary>Keeps a job and begins its run; returns the run's id.</summary>
    protected string Begin(JsonObject job, bool practice = false) =>
        (string)Post($"/api/jobs/{Keep(job)}/runs?practice={(practice ? "true" : "false")}", null)["id"]!;

    private JsonNode Post(string path, JsonNode? body)
    {
        using var client = Service.CreateClient();
        using var answer = client.PostAsJsonAsync(path, body).GetAwaiter().GetResult();
        answer.EnsureSuccessStatusCode();
        return JsonNode.Parse(answer.Content.ReadAsStringAsync().GetAwaiter().GetResult())!;
    }
}
