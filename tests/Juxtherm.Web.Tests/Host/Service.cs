using System.Diagnostics;
using System.Globalization;

namespace Juxtherm.Testing;

/// <summary>The real service as a process of its own, that can be killed without warning.</summary>
/// <param name="dll">The service.</param>
/// <param name="folder">Its data.</param>
public sealed class Service(string dll, string folder) : IDisposable
{
    private static readonly TimeSpan Patience = Slowness.Of(120);
    private readonly HttpClient _client = new() { Timeout = Slowness.Of(60) };
    private Process? _process;

    public HttpClient Client => _client;

    public string Address { get; private set; } = "";

    /// <summary>What it wrote on its way out, when it ended by itself.</summary>
    public string Said { get; private set; } = "";

    /// <summary>What it has in memory now and had at most, MB; from what the system says of the process.</summary>
    public (double Now, double Most) Memory()
    {
        var lines = File.ReadAllLines($"/proc/{_process!.Id}/status");
        double Of(string name) =>
            double.Parse(lines.First(l => l.StartsWith(name, StringComparison.Ordinal))
                .Split(' ', StringSplitOptions.RemoveEmptyEntries)[^2], CultureInfo.InvariantCulture) / 1024;
        return (Of("VmRSS:"), Of("VmHWM:"));
    }

    /// <summary>Processor time that it has used, s.</summary>
    public double ProcessorSeconds()
    {
        _process!.Refresh();
        return _process.TotalProcessorTime.TotalSeconds;
    }

    public void Dispose()
    {
        Kill();
        _client.Dispose();
    }

    /// <summary>Begins to start it, and waits for nothing.</summary>
    public void Begin()
    {
        using var free = new System.Net.Sockets.TcpListener(System.Net.IPAddress.Loopback, 0);
        free.Start();
        var port = ((System.Net.IPEndPoint)free.LocalEndpoint).Port;
        free.Stop();
        Address = $"http://127.0.0.1:{port}";
        var process =
            new Process
            {
                StartInfo = new ProcessStartInfo("dotnet",
                    [dll, "--data", folder, "--port", port.ToString(CultureInfo.InvariantCulture)])
                {
                    RedirectStandardOutput = true,
                    RedirectStandardError = true,
                    UseShellExecute = false
                }
            };
        var said = new System.Text.StringBuilder();
        process.ErrorDataReceived += (_, e) =>
        {
            lock (said)
                Said = said.AppendLine(e.Data).ToString();
        };
        process.Start();
        process.BeginOutputReadLine();
        process.BeginErrorReadLine();
        _process = process;
    }

    /// <summary>Starts it and waits until it is ready.</summary>
    /// <returns>False when it ended, or stays silent.</returns>
    public async Task<bool> StartAsync(CancellationToken cancel)
    {
        Begin();
        for (var waited = Stopwatch.StartNew(); waited.Elapsed < Patience && !_process!.HasExited; await Task.Delay(20, cancel))
        {
            try
            {
                using var ready = await _client.GetAsync(new Uri(Address + "/health/ready"), cancel);
                return ready.IsSuccessStatusCode;
            }
            catch (HttpRequestException)
            {
                // Not there yet.
            }
        }

        return false;
    }

    /// <summary>Kills it without warning.</summary>
    public void Kill()
    {
        if (_process is null)
            return;
        _process.Kill();
        _process.WaitForExit();
        _process.Dispose();
        _process = null;
    }
}
