using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Net.Http.Json;
using System.Net.NetworkInformation;
using System.Net.Security;
using System.Net.Sockets;
using System.Security.Cryptography.X509Certificates;
using System.Text.Json.Nodes;

namespace Juxtherm.Benchmarks;

/// <summary>Helpers' devices at one run, over HTTPS by the address of this machine in its network: how long each waits for an answer, and
/// what is left of what they said when the service is killed again and again.</summary>
internal static class DevicesReport
{
    private const int Devices = 8;
    private const int Seconds = 30;
    // Nobody says more at a bench than a word a second.
    private const int PauseMilliseconds = 1000;
    private const int Kills = 100;
    private const int DevicesKilled = 4;
    private const int Pieces = 40;

    /// <summary>The report; with <c>kills</c> among the arguments that of the kills.</summary>
    public static async IAsyncEnumerable<string> LinesAsync(IReadOnlyCollection<string> args)
    {
        if (Address() is not { } address)
        {
            yield return "This machine is in no network.";
            yield break;
        }

        var data = Directory.CreateTempSubdirectory("juxtherm-devices-").FullName;
        try
        {
            yield return args.Contains("kills", StringComparer.Ordinal)
                ? await KilledAsync(data, address) : await WaitedAsync(data, address);
        }
        finally
        {
            Directory.Delete(data, recursive: true);
        }
    }

    private static async Task<string> WaitedAsync(string data, string address)
    {
        await using var service = await RunningService.StartAsync(data, address);
        var run = await BeginAsync(service.Client);
        var devices = await PairAsync(service.Client, Devices);
        // Each also watches, as its page would.
        using var over = new CancellationTokenSource();
        var watches = devices.ConvertAll(d => WatchAsync(d, run, over.Token));
        await WorkAsync(devices, run, 3, []);
        var times = new List<double>();
        await WorkAsync(devices, run, Seconds, times);
        await over.CancelAsync();
        await Task.WhenAll(watches);
        times.Sort();
        double At(double share) => times[Math.Min(times.Count - 1, (int)(share * times.Count))];
        return string.Create(CultureInfo.InvariantCulture, $"""
            | devices at one run | words | p50, ms | p95, ms | longest, ms |
            |---:|---:|---:|---:|---:|
            | {Devices} | {times.Count} | {At(0.5):0.0} | {At(0.95):0.0} | {times[^1]:0.0} |
            """);
    }

    private static async Task WorkAsync(List<HttpClient> devices, string run, int seconds, List<double> times)
    {
        var until = Stopwatch.StartNew();
        await Task.WhenAll(devices.Select((device, i) => Task.Run(async () =>
        {
            var chance = new Random(i);
            // Each begins at a moment of its own.
            await Task.Delay(chance.Next(PauseMilliseconds));
            while (until.Elapsed.TotalSeconds < seconds)
            {
                var clock = Stopwatch.StartNew();
                using var answer = await device.PostAsJsonAsync($"/api/runs/{run}/actions", Word(Guid.NewGuid(), $"word {i}"));
                answer.EnsureSuccessStatusCode();
                await answer.Content.ReadAsByteArrayAsync();
                lock (times)
                    times.Add(clock.Elapsed.TotalMilliseconds);
                await Task.Delay(chance.Next(PauseMilliseconds, 2 * PauseMilliseconds));
            }
        })));
    }

    private static async Task WatchAsync(HttpClient device, string run, CancellationToken cancel)
    {
        try
        {
            await using var live = await device.GetStreamAsync(new Uri($"/api/runs/{run}/live", UriKind.Relative), cancel);
            var buffer = new byte[8192];
            while (await live.ReadAsync(buffer, cancel) > 0)
            {
                // As it comes.
            }
        }
        catch (Exception e) when (e is OperationCanceledException or IOException)
        {
            // It is over.
        }
    }

    private static async Task<string> KilledAsync(string data, string address)
    {
        var chance = new Random(20260501);
        string run;
        List<string> keys;
        X509Certificate2 authority;
        await using (var first = await RunningService.StartAsync(data, address))
        {
            run = await BeginAsync(first.Client);
            authority = await AuthorityAsync(first.Client);
            keys = (await PairAsync(first.Client, DevicesKilled)).ConvertAll(d => d.DefaultRequestHeaders.GetValues("Cookie").Single());
        }

        var (acknowledged, open) = (new HashSet<string>(StringComparer.Ordinal), new Dictionary<string, Guid>(StringComparer.Ordinal));
        for (var kill = 0; kill < Kills; kill++)
        {
            await using var service = await RunningService.StartAsync(data, address);
            // What was not answered is said again, under the same name.
            using (var again = Device(service.Lan!, keys[0], authority))
                foreach (var (text, id) in open.ToList())
                {
                    (await again.PostAsJsonAsync($"/api/runs/{run}/actions", Word(id, text))).EnsureSuccessStatusCode();
                    acknowledged.Add(text);
                    open.Remove(text);
                }

            var work = keys.Select((key, i) => Task.Run(async () =>
            {
                using var device = Device(service.Lan!, key, authority);
                for (var n = 0; ; n++)
                {
                    var (text, id) = ($"{kill} {i} {n}", Guid.NewGuid());
                    lock (open)
                        open[text] = id;
                    try
                    {
                        using var answer = await device.PostAsJsonAsync($"/api/runs/{run}/actions", Word(id, text));
                        answer.EnsureSuccessStatusCode();
                    }
                    catch (Exception e) when (e is HttpRequestException or IOException or TaskCanceledException)
                    {
                        return;
                    }

                    lock (open)
                    {
                        open.Remove(text);
                        acknowledged.Add(text);
                    }
                }
            })).ToList();
            await Task.Delay(chance.Next(100, 400));
            await service.DisposeAsync();
            await Task.WhenAll(work);
        }

        await using var last = await RunningService.StartAsync(data, address);
        var remarks = JsonNode.Parse(await last.Client.GetStringAsync(new Uri($"/api/runs/{run}", UriKind.Relative)))!["remarks"]!.AsArray()
            .Select(r => (string)r!["note"]!).ToList();
        var lost = acknowledged.Count(text => !remarks.Contains(text));
        var doubled = remarks.Count - remarks.Distinct(StringComparer.Ordinal).Count();
        return string.Create(CultureInfo.InvariantCulture, $"""
            | killed while {DevicesKilled} devices work | acknowledged | lost | double |
            |---:|---:|---:|---:|
            | {Kills} | {acknowledged.Count} | {lost} | {doubled} |
            """);
    }

    private static JsonObject Word(Guid id, string text) => new()
    {
        ["commandId"] = id,
        ["station"] = 1,
        ["piece"] = 0,
        ["action"] = "something-off",
        ["note"] = text,
    };

    private static async Task<string> BeginAsync(HttpClient owner)
    {
        var job = JsonNode.Parse($$"""
            { "format": "juxtherm.job", "version": 1, "title": "Crew tees", "quantity": {{Pieces}},
              "blank": { "form": "tee", "material": "cotton" },
              "tools": { "heatSource": "swing-platen" }, "layers": [ { "id": "sky", "vinyl": "smooth" } ] }
            """);
        var kept = await AnswerAsync(await owner.PostAsJsonAsync("/api/jobs", job));
        return (string)(await AnswerAsync(await owner.PostAsync(new Uri($"/api/jobs/{kept["id"]}/runs", UriKind.Relative), null)))["id"]!;
    }

    private static async Task<List<HttpClient>> PairAsync(HttpClient owner, int count)
    {
        var devices = new List<HttpClient>();
        var authority = await AuthorityAsync(owner);
        for (var i = 0; i < count; i++)
        {
            var offer = await AnswerAsync(await owner.PostAsJsonAsync("/api/devices/pairing",
                new JsonObject { ["name"] = $"Device {i + 1}", ["role"] = "press" }));
            using var stranger = Device((string)offer["address"]!, null, authority);
            using var form = new FormUrlEncodedContent([new("code", (string)offer["code"]!)]);
            using var answer = await stranger.PostAsync(new Uri("/pair", UriKind.Relative), form);
            devices.Add(Device((string)offer["address"]!, answer.Headers.GetValues("Set-Cookie").Single().Split(';')[0], authority));
        }

        return devices;
    }

    private static async Task<JsonNode> AnswerAsync(HttpResponseMessage answer)
    {
        answer.EnsureSuccessStatusCode();
        return JsonNode.Parse(await answer.Content.ReadAsStringAsync())!;
    }

    private static async Task<X509Certificate2> AuthorityAsync(HttpClient owner) => X509CertificateLoader.LoadCertificate(
        await owner.GetByteArrayAsync(new Uri("/api/devices/authority.crt", UriKind.Relative)));

    private static HttpClient Device(string address, string? cookie, X509Certificate2 authority)
    {
        var policy = new X509ChainPolicy { RevocationMode = X509RevocationMode.NoCheck, TrustMode = X509ChainTrustMode.CustomRootTrust };
        policy.CustomTrustStore.Add(authority);
        var client = new HttpClient(new SocketsHttpHandler
        {
            AllowAutoRedirect = false,
            UseCookies = false,
            SslOptions = new SslClientAuthenticationOptions { CertificateChainPolicy = policy },
        })
        { BaseAddress = new Uri(address), Timeout = TimeSpan.FromSeconds(30) };
        if (cookie is not null)
            client.DefaultRequestHeaders.Add("Cookie", cookie);
        return client;
    }

    private static string? Address() => NetworkInterface.GetAllNetworkInterfaces()
        .Where(n => n.OperationalStatus == OperationalStatus.Up).SelectMany(n => n.GetIPProperties().UnicastAddresses)
        .Select(a => a.Address)
        .FirstOrDefault(a => a.AddressFamily == AddressFamily.InterNetwork && !IPAddress.IsLoopback(a))?.ToString();
}
