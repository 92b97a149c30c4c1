using System.Globalization;
using System.Net.Http.Json;
using System.Text.Json.Nodes;

namespace Juxtherm.Testing;

/// <summary>What came of killing the service again and again in the middle of runs.</summary>
/// <param name="Kills">How often.</param>
/// <param name="Acknowledged">Steps that were acknowledged.</param>
/// <param name="Lost">Acknowledged steps that were gone afterwards.</param>
/// <param name="Holds">Holds that a kill fell into and that were still to end afterwards.</param>
/// <param name="WorstTimerSeconds">How far one of their ends was off then, s.</param>
/// <param name="Asked">Holds that were over meanwhile and asked about.</param>
/// <param name="Unasked">Holds that were over meanwhile and not asked about.</param>
/// <param name="Runs">Runs that were brought to their end.</param>
public sealed record FallReport(int Kills, int Acknowledged, int Lost, int Holds, double WorstTimerSeconds, int Asked, int Unasked,
    int Runs);

/// <summary>The real service as a process of its own, killed without warning at random moments while somebody works at its bench.</summary>
/// <param name="dll">The service.</param>
/// <param name="folder">Its data.</param>
/// <param name="seed">For the moments.</param>
public sealed class Falls(string dll, string folder, int seed) : IDisposable
{
    private readonly Random _chance = new(seed);
    private readonly Service _service = new(dll, folder);
    private string _run = "";
    private int _acknowledged;
    private int _ended;
    private DateTimeOffset _startedAt;

    public void Dispose() => _service.Dispose();

    /// <summary>Works at the bench and kills the service so many times.</summary>
    public async Task<FallReport> RunAsync(int kills, CancellationToken cancel)
    {
        var (lost, holds, worst, asked, unasked) = (0, 0, 0.0, 0, 0);
        await StartAsync(cancel);
        await BeginAsync(cancel);
        for (var i = 0; i < kills; i++)
        {
            var fall = DateTimeOffset.UtcNow.AddMilliseconds(_chance.Next(80, 1200));
            JsonNode? last = null;
            while (DateTimeOffset.UtcNow < fall)
                last = await StepAsync(cancel);
            // The one below is only killed: what it was told last was acknowledged.
            _service.Kill();
            if (_chance.Next(3) == 0)
                await Task.Delay(_chance.Next(200, 4000), cancel);
            await StartAsync(cancel);
            var now = await GetAsync($"/api/runs/{_run}", cancel);
            if (last is null)
                continue;
            if ((int)now["sequence"]! < (int)last["sequence"]!)
                lost++;
            if (Focus(last) is not { } before || (string)before["step"]!["kind"]! != "hold" || (bool)before["asking"]!
                || Focus(now) is not { } after || (int)after["piece"]! != (int)before["piece"]!)
                continue;
            var due = At(before["dueUtc"]!);
            if ((bool)after["asking"]!)
            {
                asked++;
                if (due > DateTimeOffset.UtcNow)
                    worst = Math.Max(worst, (due - DateTimeOffset.UtcNow).TotalSeconds);
            }
            else if ((int)after["move"]! == (int)before["move"]!)
            {
                holds++;
                worst = Math.Max(worst, Math.Abs((At(after["dueUtc"]!) - due).TotalSeconds));
            }
            else if (due > fall.AddSeconds(1) && due < _startedAt)
            {
                // Its time was over while nobody was there, and nobody was asked.
                unasked++;
            }
        }

        return new FallReport(kills, _acknowledged, lost, holds, worst, asked, unasked, _ended);
    }

    private static JsonNode? Focus(JsonNode run) => run["stations"]![0]!["focus"];

    private static DateTimeOffset At(JsonNode time) => DateTimeOffset.Parse((string)time!, CultureInfo.InvariantCulture);

    private async Task StartAsync(CancellationToken cancel)
    {
        _startedAt = DateTimeOffset.UtcNow;
        if (!await _service.StartAsync(cancel))
            throw new InvalidOperationException("The service does not start: " + _service.Said);
    }

    private async Task<JsonNode> GetAsync(string path, CancellationToken cancel) =>
        JsonNode.Parse(await _service.Client.GetStringAsync(new Uri(_service.Address + path), cancel))!;

    private async Task<JsonNode> PostAsync(string path, JsonNode? body, CancellationToken cancel)
    {
        using var answer = await _service.Client.PostAsJsonAsync(new Uri(_service.Address + path), body, cancel);
        var json = JsonNode.Parse(await answer.Content.ReadAsStringAsync(cancel))!;
        // What is refused says where the run stands now.
        return answer.IsSuccessStatusCode ? json : json["current"] ?? throw new InvalidOperationException(json.ToJsonString());
    }

    private async Task BeginAsync(CancellationToken cancel)
    {
        var job = JsonNode.Parse("""
            { "format": "juxtherm.job", "version": 1, "title": "Falls", "quantity": 8, "blank": { "form": "tee", "material": "cotton" }, "tools": { "heatSource": "swing-platen" }, "layers": [ { "id": "sky", "vinyl": "smooth" } ] }
            """)!;
        var id = (string)(await PostAsync("/api/jobs", job, cancel))["id"]!;
        var run = await PostAsync($"/api/jobs/{id}/runs", null, cancel);
        _run = (string)run["id"]!;
        foreach (var check in run["stations"]![0]!["checks"]!.AsArray())
            await SayAsync(run, new JsonObject { ["action"] = "check", ["item"] = (string)check!["id"]! }, cancel);
    }

    private async Task<JsonNode> SayAsync(JsonNode run, JsonObject command, CancellationToken cancel)
    {
        (command["commandId"], command["station"]) = (Guid.NewGuid().ToString(), 1);
        if (Focus(run) is { } focus && (string)command["action"]! != "check")
            (command["piece"], command["move"]) = ((int)focus["piece"]!, (int)focus["move"]!);
        else
            command["piece"] = 0;
        var answer = await PostAsync($"/api/runs/{_run}/actions", command, cancel);
        _acknowledged++;
        return answer;
    }

    /// <summary>One thing done as hands would, as fast as they never could.</summary>
    private async Task<JsonNode> StepAsync(CancellationToken cancel)
    {
        var run = await GetAsync($"/api/runs/{_run}", cancel);
        if (Focus(run) is not { } focus)
        {
            _ended++;
            await BeginAsync(cancel);
            return await GetAsync($"/api/runs/{_run}", cancel);
        }

        var kind = (string)focus["step"]!["kind"]!;
        if ((bool)focus["asking"]!)
            return await SayAsync(run, new JsonObject { ["action"] = "hold-was", ["seconds"] = 1 }, cancel);
        if (kind == "hold" && _chance.Next(8) > 0)
        {
            await Task.Delay(150, cancel);
            return await GetAsync($"/api/runs/{_run}", cancel);
        }

        return await SayAsync(run, new JsonObject { ["action"] = kind == "hold" ? "opened-early" : "done", ["knowingly"] = true }, cancel);
    }
}
