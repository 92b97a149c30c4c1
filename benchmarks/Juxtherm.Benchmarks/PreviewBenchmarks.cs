using System.Globalization;
using System.Net.Http.Headers;
using System.Text;
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

    /// <summary>An edit that leaves stack and chart as they are: the blank's size changes each time, so the answer itself is not remembered.</summary>
    [Benchmark(Description = "preview, an edit")]
    public Task<string> Warm() => AskAsync(300 + _edit++ % 2_000_000 / 1000.0, 12);

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

    private async Task<string> AskAsync(double width, double seconds)
    {
        using var body = new StringContent(
            $$$"""{"format":"juxtherm.job","version":1,"blank":{"material":"cotton","form":"tee","widthMm":{{{width.ToString(CultureInfo.InvariantCulture)}}}},"tools":{"heatSource":"swing-platen"},"layers":[{"vinyl":"smooth","label":{"seconds":{{{seconds.ToString(CultureInfo.InvariantCulture)}}} } }]}""",
            Encoding.UTF8, new MediaTypeHeaderValue("application/json"));
        using var answer = await _client.PostAsync(new Uri("/api/plans/preview", UriKind.Relative), body);
        answer.EnsureSuccessStatusCode();
        return await answer.Content.ReadAsStringAsync();
    }
}
