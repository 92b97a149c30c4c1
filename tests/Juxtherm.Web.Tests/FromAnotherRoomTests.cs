using System.Net;
using System.Net.Security;
using System.Net.Sockets;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json.Nodes;
using Juxtherm.App.Helpers;
using Juxtherm.Testing;
using Juxtherm.Web.Hosting;
using Microsoft.Extensions.DependencyInjection;

namespace Juxtherm.Web.Tests;

/// <summary>The real server, asked over a network from another address, as three roles and as nobody.</summary>
public sealed partial class FromAnotherRoomTests : IDisposable
{
    private const string Tee = """
        { "format": "juxtherm.job", "version": 1, "title": "Tee", "blank": { "form": "tee", "material": "cotton" },
          "tools": { "heatSource": "swing-platen" }, "layers": [ { "id": "sky", "vinyl": "smooth" } ] }
        """;

    private readonly string _folder = Workshop.NewFolder();
    private readonly OtherRoom? _room = OtherRoom.TryMake();
    private readonly Workshop? _service;
    private readonly int _port;
    private readonly HttpClient? _owner;

    public FromAnotherRoomTests()
    {
        if (_room is null)
            return;
        _service = new Workshop(_folder, new TestClock(), lan: _room.Here);
        _service.UseKestrel();
        _service.StartServer();
        using (var client = _service.CreateClient())
            _port = client.BaseAddress!.Port;
        _owner = new HttpClient { BaseAddress = new Uri($"http://127.0.0.1:{_port}") };
        _room.Authority = _service.Services.GetRequiredService<LanAddress>().Tls!.Authority;
    }

    public void Dispose()
    {
        _owner?.Dispose();
        _service?.Stop();
        _room?.Dispose();
        Directory.Delete(_folder, recursive: true);
    }

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private OtherRoom Room => _room ?? throw new InvalidOperationException("There is no other room.");

    private void NeedsRoom() => Assert.SkipWhen(_room is null, "This machine lets nobody make a network of its own (ip netns).");

    private async Task<JsonNode> OfferAsync(string name, string role)
    {
        using var body = new StringContent($$"""{ "name": "{{name}}", "role": "{{role}}" }""", Encoding.UTF8, "application/json");
        using var answer = await _owner!.PostAsync("/api/devices/pairing", body, Cancel);
        Assert.Equal(HttpStatusCode.OK, answer.StatusCode);
        return JsonNode.Parse(await answer.Content.ReadAsStringAsync(Cancel))!;
    }

    private async Task<string> PairAsync(string name, string role)
    {
        var offer = await OfferAsync(name, role);
        using var client = Room.Client(_port);
        using var form = new FormUrlEncodedContent([new("code", (string)offer["code"]!)]);
        using var answer = await client.PostAsync("/pair", form, Cancel);
        Assert.Equal(HttpStatusCode.Redirect, answer.StatusCode);
        return answer.Headers.GetValues("Set-Cookie").Single().Split(';')[0].Split('=')[1];
    }

    private async Task<HttpStatusCode> Ask(string? key, HttpMethod method, string path, string? json = null,
        params (string Name, string Value)[] headers)
    {
        using var client = Room.Client(_port, key);
        using var request = new HttpRequestMessage(method, path);
        if (json is not null)
            request.Content = new StringContent(json, Encoding.UTF8, "application/json");
        foreach (var (name, value) in headers)
            request.Headers.TryAddWithoutValidation(name, value);
        using var answer = await client.SendAsync(request, Cancel);
        return answer.StatusCode;
    }

    [Fact]
    public async Task Nobody_is_served_but_the_page_that_asks_for_the_word()
    {
        NeedsRoom();
        foreach (var path in new[] { "/", "/api/jobs", "/openapi/juxtherm.json", "/schemas/job.json", "/api/devices", "/assets/x.js",
            "/health/ready" })
            Assert.True(await Ask(null, HttpMethod.Get, path) is HttpStatusCode.Redirect or HttpStatusCode.Unauthorized, path);
        Assert.Equal(HttpStatusCode.OK, await Ask(null, HttpMethod.Get, "/pair"));
        // Nobody becomes the owner by saying where he comes from.
        foreach (var header in new[] { "X-Forwarded-For", "Forwarded", "X-Real-IP", "X-Forwarded-Host" })
            Assert.Equal(HttpStatusCode.Unauthorized, await Ask(null, HttpMethod.Get, "/api/jobs", null, (header, "127.0.0.1")));
        Assert.Equal(HttpStatusCode.BadRequest, await Ask(null, HttpMethod.Get, "/pair", null, ("Host", "evil.example")));
    }

    [Fact]
    public async Task What_goes_over_the_network_is_encrypted_by_the_workshops_own_authority()
    {
        NeedsRoom();
        var offer = await OfferAsync("Wren's phone", "press");
        Assert.Equal($"https://{Room.Here}:{_port}", (string)offer["address"]!);
        string presented;
        await using (var line = new SslStream(new NetworkStream(Room.Connect(_port), ownsSocket: true)))
        {
            await line.AuthenticateAsClientAsync(Room.Trust, Cancel);
            presented = line.RemoteCertificate!.GetCertHashString(HashAlgorithmName.SHA256);
        }

        Assert.Equal(((string)offer["fingerprint"]!).Replace(":", "", StringComparison.Ordinal), presented);
        Assert.Contains("<svg", (string)offer["qrSvg"]!, StringComparison.Ordinal);
        // In plain words there is no answer there; at the machine itself there is.
        using (var plain = Room.Connect(_port))
        {
            plain.ReceiveTimeout = 3000;
            plain.Send("GET /pair HTTP/1.1\r\nHost: x\r\n\r\n"u8);
            var buffer = new byte[64];
            int read;
            try
            {
                read = plain.Receive(buffer);
            }
            catch (SocketException)
            {
                read = 0;
            }

            Assert.DoesNotContain("HTTP", Encoding.ASCII.GetString(buffer, 0, read), StringComparison.Ordinal);
        }

        Assert.Equal(Room.Authority!.Subject, Room.Authority.Issuer);
        // Whoever does not trust the workshop's authority trusts nothing that it says.
        Room.Authority = null;
        await Assert.ThrowsAsync<HttpRequestException>(() => Ask(null, HttpMethod.Get, "/pair"));
        var tls = Path.Combine(_folder, "tls");
        Assert.All(Directory.EnumerateFiles(tls), ForItsOwnerAlone);
    }

    internal static void ForItsOwnerAlone(string file)
    {
        if (!OperatingSystem.IsWindows())
            Assert.Equal(UnixFileMode.UserRead | UnixFileMode.UserWrite, File.GetUnixFileMode(file));
    }

    [Fact]
    public async Task Three_roles_may_what_they_may()
    {
        NeedsRoom();
        var job = await AddJobAsync();
        var keys = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var role in new[] { "owner", "press", "look" })
            keys[role] = await PairAsync($"A device to {role}", role);
        async Task May(string method, string path, params string[] roles)
        {
            foreach (var (role, key) in keys)
                Assert.True(roles.Contains(role) != (await Ask(key, new HttpMethod(method), path) == HttpStatusCode.Forbidden),
                    $"{role} {method} {path}");
        }

        await May("GET", "/api/jobs", "owner", "press", "look");
        await May("POST", $"/api/jobs/{job}/runs", "owner", "press");
        await May("GET", "/api/keeping", "owner");
        await May("POST", "/api/keeping/backups", "owner");
        await May("GET", "/api/log/logbook.json", "owner");
        await May("PUT", "/api/prices", "owner");
        await May("GET", "/api/devices");
        await May("DELETE", $"/api/jobs/{job}", "owner");
        // Another site in the helper's browser changes nothing.
        Assert.Equal(HttpStatusCode.Forbidden,
            await Ask(keys["owner"], HttpMethod.Post, $"/api/jobs/{job}/restore", null, ("Origin", "https://evil.example")));
        Assert.Equal(HttpStatusCode.Forbidden,
            await Ask(keys["owner"], HttpMethod.Post, $"/api/jobs/{job}/restore", null, ("Sec-Fetch-Site", "cross-site")));
    }

    [Fact]
    public async Task A_stolen_key_is_worth_nothing_within_a_second_of_being_revoked()
    {
        NeedsRoom();
        var key = await PairAsync("Wren's phone", "press");
        var device = Assert.Single(_service!.Services.GetRequiredService<DeviceBook>().All);
        using var client = Room.Client(_port, key);
        Assert.Equal(HttpStatusCode.OK, (await client.GetAsync("/api/jobs", Cancel)).StatusCode);
        (await _owner!.DeleteAsync($"/api/devices/{device.Id}", Cancel)).EnsureSuccessStatusCode();
        Assert.Equal(HttpStatusCode.Unauthorized, (await client.GetAsync("/api/jobs", Cancel)).StatusCode);
    }
}
