using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;
using BenchmarkDotNet.Attributes;
using Microsoft.AspNetCore.Mvc.Testing;

namespace Juxtherm.Benchmarks;

/// <summary>The preview request through the whole service: read, plan, answer.</summary>
public class PreviewBenchmarks
{
    private readonly string _folder = Directory.CreateTempSubdirectory("juxtherm-bench-").FullName;
    private WebApplicationFactory<Web.Program> _service = null!;
    private HttpClient _client = null!;
    private int _edit;

    /// <summary>Starts the service on an empty workshop.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        _service = new WebApplicationFactory<Web.Program>().WithWebHostBuilder(host =>
        {
            host.UseSetting("Juxtherm:Data", _folder);
            host.UseSetting("Juxtherm:Catalogue", Path.Combine(AppContext.BaseDirectory, "catalogue"));
        });
        _client = _service.CreateClient();
    }

    /// <summary>A job that was asked a moment ago.</summary>
    [Benchmark(Description = "preview, asked before")]
    public Task<string> Asked() => AskAsync(240, 12);

    /// <summary>An edit that leaves stack and chart as they are: the blank's size changes each time, so the answer itself is not
    /// remembered.</summary>
    [Benchmark(Description = "preview, an edit")]
    public Task<string> Warm() => AskAsync(300 + _edit++ % 2_000_000 / 1000.0, 12);

    /// <summary>Three layers on each other, of which the middle one is moved.</summary>
    [Benchmark(Description = "preview, three layers, one moved")]
    public Task<string> Three() => AskAsync(Job(Layer(0, 0, null), Layer(1, Moved(), null), Layer(2, 0, null)));

    /// <summary>Six drawn layers on each other, of which one is moved.</summary>
    [Benchmark(Description = "preview, six drawn layers, one moved")]
    public Task<string> Six() => AskAsync(Job([.. Enumerable.Range(0, 6).Select(i => Layer(i, i == 3 ? Moved() : 0, Star(30 + 8 * i)))]));

    /// <summary>The same, of which one is made larger or smaller, as a hand that drags its corner asks.</summary>
    [Benchmark(Description = "preview, six drawn layers, one scaled")]
    public Task<string> Scaled() => AskAsync(Job([.. Enumerable.Range(0, 6).Select(i =>
    {
        var layer = Layer(i, 0, Star(30 + 8 * i));
        if (i == 3)
        {
            var times = 0.9 + Moved() / 80;
            (layer["widthMm"], layer["heightMm"]) = ((int)layer["widthMm"]! * times, (int)layer["heightMm"]! * times);
        }

        return layer;
    })]));

    /// <summary>A stack never seen: the wrapper's time changes a little each time, so nothing of it is remembered.</summary>
    [Benchmark(Description = "preview, new stack")]
    public Task<string> New() => AskAsync(240, 12 + _edit++ % 2_000_000 / 1e6);

    /// <summary>Stops the service.</summary>
    [GlobalCleanup]
    public void TearDown()
    {
        _client.Dispose();
        _service.Dispose();
        Directory.Delete(_folder, recursive: true);
    }

    private double Moved() => _edit++ % 8000 / 1000.0;

    private static JsonObject Job(params JsonObject[] layers) => new()
    {
        ["format"] = "juxtherm.job",
        ["version"] = 1,
        ["blank"] = new JsonObject { ["material"] = "cotton", ["form"] = "tee" },
        ["tools"] = new JsonObject { ["heatSource"] = "swing-platen" },
        ["layers"] = new JsonArray([.. layers]),
    };

    /// <summary>A layer of a stack, each smaller than the one before; drawn where a path is given.</summary>
    private static JsonObject Layer(int i, double moved, string? path)
    {
        var layer = new JsonObject
        {
            ["id"] = $"l{i}",
            ["vinyl"] = "smooth",
            ["xMm"] = 110 + 8 * i + moved,
            ["yMm"] = 150 + 6 * i,
            ["widthMm"] = 200 - 22 * i,
            ["heightMm"] = 190 - 22 * i
        };
        if (path is not null)
            layer["shape"] = path;
        return layer;
    }

    private static string Star(int points) => "M" + string.Join("L", Enumerable.Range(0, 2 * points).Select(i =>
    {
        var (sin, cos) = Math.SinCos(Math.PI * i / points);
        var r = i % 2 == 0 ? 50 : 22.5;
        return FormattableString.Invariant($"{50 + r * cos:0.00} {50 + r * sin:0.00}");
    })) + "Z";

    private Task<string> AskAsync(double width, double seconds)
    {
        var job = Job(
            new JsonObject { ["vinyl"] = "smooth", ["label"] = new JsonObject { ["seconds"] = seconds, ["for"] = "plate-press" } });
        job["blank"]!["widthMm"] = width;
        return AskAsync(job);
    }

    private async Task<string> AskAsync(JsonObject job)
    {
        using var body = new StringContent(job.ToJsonString(), Encoding.UTF8, new MediaTypeHeaderValue("application/json"));
        using var answer = await _client.PostAsync(new Uri("/api/plans/preview", UriKind.Relative), body);
        answer.EnsureSuccessStatusCode();
        return await answer.Content.ReadAsStringAsync();
    }
}
