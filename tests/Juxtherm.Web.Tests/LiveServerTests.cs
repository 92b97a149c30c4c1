using System.Net;
using System.Net.Sockets;
using Juxtherm.Testing;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Tests;

/// <summary>What only the real web server shows: limits of size, and where it listens.</summary>
public sealed class LiveServerTests : IDisposable
{
    private readonly string _folder = Workshop.NewFolder();
    private readonly Workshop _service;
    private readonly HttpClient _client;

    public LiveServerTests()
    {
        _service = new Workshop(_folder, new TestClock());
        _service.UseKestrel();
        _service.StartServer();
        _client = _service.CreateClient();
    }

    public void Dispose()
    {
        _client.Dispose();
        _service.Stop();
        Directory.Delete(_folder, recursive: true);
    }

    [Theory]
    [InlineData("/api/plans/preview")]
    [InlineData("/api/jobs")]
    public async Task Five_megabytes_are_too_many(string path)
    {
        using var body = new StringContent("{\"title\":\"" + new string('x', 9 * 1024 * 1024) + "\"}", System.Text.Encoding.UTF8,
            "application/json");
        // Asked before it is sent, so that the answer is not lost in a connection cut short.
        using var request = new HttpRequestMessage(HttpMethod.Post, path) { Content = body, Headers = { ExpectContinue = true } };
        // On a busy machine the answer to that may take longer than a client usually waits for it.
        using var patient = new HttpClient(new SocketsHttpHandler { Expect100ContinueTimeout = TimeSpan.FromMinutes(1) })
        {
            BaseAddress = _client.BaseAddress,
        };
        using var answer = await patient.SendAsync(request);
        Assert.Equal(HttpStatusCode.RequestEntityTooLarge, answer.StatusCode);
        Assert.Contains("8192 KiB", await answer.Content.ReadAsStringAsync(), StringComparison.Ordinal);
        Assert.Equal("""{"total":0,"jobs":[]}""", await _client.GetStringAsync("/api/jobs"));
    }

    [Fact]
    public async Task Helpers_in_the_same_network_are_let_in_when_that_is_asked_for_and_only_by_this_machines_own_names()
    {
        var folder = Workshop.NewFolder();
        var service = new Workshop(folder, new TestClock(), lan: OwnAddresses.Addresses[0]);
        service.UseKestrel();
        service.StartServer();
        int port;
        using (var of = service.CreateClient())
            port = of.BaseAddress!.Port;
        using var client = new HttpClient { BaseAddress = new Uri($"http://127.0.0.1:{port}") };
        Assert.Contains(System.Net.NetworkInformation.IPGlobalProperties.GetIPGlobalProperties().GetActiveTcpListeners(),
            l => l.Port == port && !IPAddress.IsLoopback(l.Address));
        async Task<HttpStatusCode> AskAsync(string host)
        {
            using var request = new HttpRequestMessage(HttpMethod.Get, "/api/jobs");
            request.Headers.Host = host;
            using var answer = await client.SendAsync(request, TestContext.Current.CancellationToken);
            return answer.StatusCode;
        }

        Assert.Equal(HttpStatusCode.OK, await AskAsync(Dns.GetHostName()));
        Assert.Equal(HttpStatusCode.BadRequest, await AskAsync("evil.example"));
        service.Stop();
        Directory.Delete(folder, recursive: true);
    }

    [Fact]
    public async Task It_listens_on_the_loopback_address_and_on_no_other()
    {
        var port = _client.BaseAddress!.Port;
        using (var local = new TcpClient())
            await local.ConnectAsync(IPAddress.Loopback, port);

        var others = (await Dns.GetHostAddressesAsync(Dns.GetHostName()))
            .Where(a => a.AddressFamily == AddressFamily.InterNetwork && !IPAddress.IsLoopback(a));
        foreach (var address in others)
        {
            using var outside = new TcpClient();
            await Assert.ThrowsAnyAsync<SocketException>(() => outside.ConnectAsync(address, port));
        }

        var listening = System.Net.NetworkInformation.IPGlobalProperties.GetIPGlobalProperties().GetActiveTcpListeners()
            .Where(l => l.Port == port);
        Assert.All(listening, l => Assert.True(IPAddress.IsLoopback(l.Address), $"{l} is not the loopback address."));
    }
}
