using System.Diagnostics;
using System.Globalization;

namespace Juxtherm.Benchmarks;

/// <summary>The real service as a process of its own.</summary>
internal sealed class RunningService : IAsyncDisposable
{
    private const int MostTries = 600;
    private readonly Process _process;
    private bool _ended;

    private RunningService(Process process, int port, string? lan)
    {
        (_process, Lan) = (process, lan is null ? null : $"https://{lan}:{port}");
        Client.BaseAddress = new Uri($"http://127.0.0.1:{port}");
    }

    public HttpClient Client { get; } = new();

    /// <summary>Where helpers come in; null where none may.</summary>
    public string? Lan { get; }

    /// <summary>Starts it on a data folder and waits until it answers.</summary>
    /// <param name="data">The folder.</param>
    /// <param name="lan">The address by which helpers may come; null for none.</param>
    public static async Task<RunningService> StartAsync(string data, string? lan = null)
    {
        using var free = new System.Net.Sockets.TcpListener(System.Net.IPAddress.Loopback, 0);
        free.Start();
        var port = ((System.Net.IPEndPoint)free.LocalEndpoint).Port;
        free.Stop();
        var process = Process.Start(new ProcessStartInfo(
            "dotnet", [Path.Combine(AppContext.BaseDirectory, "Juxtherm.Web.dll"), "--data", data, "--front", Path.GetFullPath("web/dist"),
                "--port", port.ToString(CultureInfo.InvariantCulture), "--lan", lan ?? "false"])
        { RedirectStandardOutput = true, UseShellExecute = false })!;
        var service = new RunningService(process, port, lan);
        for (var tries = 0; tries < MostTries; tries++)
        {
            try
            {
                if ((await service.Client.GetAsync(new Uri("/health/ready", UriKind.Relative))).IsSuccessStatusCode)
                    return service;
            }
            catch (HttpRequestException)
            {
                await Task.Delay(100);
            }
        }

        await service.DisposeAsync();
        throw new InvalidOperationException("The service does not start.");
    }

    public async ValueTask DisposeAsync()
    {
        if (_ended)
            return;
        _ended = true;
        _process.Kill();
        await _process.WaitForExitAsync();
        _process.Dispose();
        Client.Dispose();
    }
}
