using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Juxtherm.Testing;

namespace Juxtherm.Web.Tests;

/// <summary>A service on an empty workshop, with short words for asking it.</summary>
public abstract class Api : IDisposable
{
    private readonly bool _ownFonts;

    protected Api(bool ownFonts = false)
    {
        _ownFonts = ownFonts;
        Start();
    }

    protected string Folder { get; } = Workshop.NewFolder();

    protected TestClock Clock { get; } = new();

    protected Workshop Service { get; private set; } = null!;

    protected HttpClient Client { get; private set; } = null!;

    public void Dispose()
    {
        Stop();
        Directory.Delete(Folder, recursive: true);
        GC.SuppressFinalize(this);
    }

    protected void Start()
    {
        Service = new Workshop(Folder, Clock, ownFonts: _ownFonts);
        Client = Service.CreateClient();
    }

    protected void Stop()
    {
        Client.Dispose();
        Service.Stop();
    }

    protected static JsonObject Tee(string title = "Tarn tee", int quantity = 1) => JsonNode.Parse($$"""
        { "format": "juxtherm.job", "version": 1, "title": "{{title}}", "quantity": {{quantity}},
          "blank": { "form": "tee", "material": "cotton" }, "tools": { "heatSource": "swing-platen" }, "layers": [ { "id": "sky", "vinyl": "smooth" } ] }
        """)!.AsObject();

    protected static StringContent Body(string json) => new(json, Encoding.UTF8, "application/json");

    protected async Task<(HttpStatusCode Status, JsonNode? Json)> Send(HttpMethod method, string path, JsonNode? body = null)
    {
        using var request = new HttpRequestMessage(method, path) { Content = body is null ? null : Body(body.ToJsonString()) };
        using var answer = await Client.SendAsync(request);
        var text = await answer.Content.ReadAsStringAsync();
        return (answer.StatusCode, text.StartsWith('{') || text.StartsWith('[') ? JsonNode.Parse(text) : null);
    }

    protected async Task<JsonNode> Ok(HttpMethod method, string path, JsonNode? body = null)
    {
        var (status, json) = await Send(method, path, body);
        Assert.True((int)status is >= 200 and < 300, $"{method} {path}: {status} {json}");
        return json!;
    }

    protected Task<JsonNode> Get(string path) => Ok(HttpMethod.Get, path);

    protected Task<JsonNode> Post(string path, JsonNode? body = null) => Ok(HttpMethod.Post, path, body);

    protected async Task<string> AddJob(JsonObject? job = null) => (string)(await Post("/api/jobs", job ?? Tee()))["id"]!;

    protected async Task<int> Kept() => (int)(await Get("/api/jobs"))["total"]!;
}
