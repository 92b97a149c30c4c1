using System.Diagnostics;
using System.Globalization;
using Juxtherm.Testing;

namespace Juxtherm.Web.Tests;

/// <summary>An account on which nobody has worked yet: no data folder, no locale, hardly an environment, and a folder that cannot be
/// written.</summary>
public sealed class EmptyAccountTests
{
    [Fact]
    public async Task The_usual_folder_is_made_where_it_is_missing_and_nothing_is_left_elsewhere()
    {
        var cancel = TestContext.Current.CancellationToken;
        var (home, here) = (Workshop.NewFolder(), Workshop.NewFolder());
        if (!OperatingSystem.IsWindows())
            File.SetUnixFileMode(here, UnixFileMode.UserRead | UnixFileMode.UserExecute);
        using var free = new System.Net.Sockets.TcpListener(System.Net.IPAddress.Loopback, 0);
        free.Start();
        var port = ((System.Net.IPEndPoint)free.LocalEndpoint).Port;
        free.Stop();
        var start = new ProcessStartInfo("dotnet",
            [Path.Combine(AppContext.BaseDirectory, "Juxtherm.Web.dll"), "--port", port.ToString(CultureInfo.InvariantCulture)])
        {
            WorkingDirectory = here,
            UseShellExecute = false,
            RedirectStandardOutput = true,
            RedirectStandardError = true,
        };
        start.Environment.Clear();
        start.Environment["HOME"] = home;
        using var service = Process.Start(start)!;
        service.BeginOutputReadLine();
        service.BeginErrorReadLine();
        try
        {
            using var client = new HttpClient();
            var waited = Stopwatch.StartNew();
            var ready = false;
            while (!ready && !service.HasExited && waited.Elapsed < Slowness.Of(60))
            {
                await Task.Delay(50, cancel);
                try
                {
                    ready = (await client.GetAsync(new Uri($"http://127.0.0.1:{port}/health/ready"), cancel)).IsSuccessStatusCode;
                }
                catch (HttpRequestException)
                {
                    // Not there yet.
                }
            }

            Assert.True(ready, service.HasExited ? $"it ended with {service.ExitCode}" : "it was never ready");
            Assert.True(File.Exists(Path.Combine(home, ".local", "share", "juxtherm", "workshop.db")));
            Assert.Empty(Directory.EnumerateFileSystemEntries(here));
        }
        finally
        {
            service.Kill();
            await service.WaitForExitAsync(cancel);
            if (!OperatingSystem.IsWindows())
                File.SetUnixFileMode(here, UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute);
            Directory.Delete(here, recursive: true);
            Directory.Delete(home, recursive: true);
        }
    }
}
