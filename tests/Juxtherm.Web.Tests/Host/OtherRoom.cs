using System.ComponentModel;
using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Net.Http.Headers;
using System.Net.Security;
using System.Net.Sockets;
using System.Runtime.InteropServices;
using System.Security.Cryptography.X509Certificates;

namespace Juxtherm.Testing;

/// <summary>Another room with a network of its own, joined to this one by a cable: who asks from there has another address.</summary>
public sealed class OtherRoom : IDisposable
{
    private const int NewNetwork = 0x40000000;
    private static int _count;
    private readonly string _name = $"jx{Environment.ProcessId}x{Interlocked.Increment(ref _count)}";

    private OtherRoom() => Here = $"10.231.{Random.Shared.Next(1, 250)}.{Random.Shared.Next(0, 60) * 4 + 1}";

    /// <summary>Address of this machine, as seen from there.</summary>
    public string Here { get; }

    /// <summary>Makes it; null where this machine lets nobody make networks.</summary>
    public static OtherRoom? TryMake()
    {
        var room = new OtherRoom();
        var there = room.Here[..(room.Here.LastIndexOf('.') + 1)]
            + (int.Parse(room.Here.Split('.')[^1], CultureInfo.InvariantCulture) + 1).ToString(CultureInfo.InvariantCulture);
        string[] steps =
        [
            $"netns add {room._name}", $"link add {room.Cable}a type veth peer name {room.Cable}b netns {room._name}",
            $"addr add {room.Here}/30 dev {room.Cable}a", $"link set {room.Cable}a up",
            $"-n {room._name} addr add {there}/30 dev {room.Cable}b", $"-n {room._name} link set {room.Cable}b up",
        ];
        if (steps.All(Ip))
            return room;
        room.Dispose();
        return null;
    }

    /// <summary>Who is trusted from there to say which machine this is; nobody until it is set.</summary>
    public X509Certificate2? Authority { get; set; }

    /// <summary>What a connection from there asks of this machine's certificate: that the workshop's own authority gave it.</summary>
    public SslClientAuthenticationOptions Trust
    {
        get
        {
            var policy = new X509ChainPolicy
            {
                RevocationMode = X509RevocationMode.NoCheck,
                TrustMode = X509ChainTrustMode.CustomRootTrust
            };
            if (Authority is not null)
                policy.CustomTrustStore.Add(Authority);
            return new SslClientAuthenticationOptions { TargetHost = Here, CertificateChainPolicy = policy };
        }
    }

    /// <summary>Asks from there.</summary>
    /// <param name="port">Where the service listens.</param>
    /// <param name="key">A device's key; null for none.</param>
    public HttpClient Client(int port, string? key = null)
    {
        var handler = new SocketsHttpHandler
        {
            AllowAutoRedirect = false,
            UseCookies = false,
            // Encrypted here, so that the name in a request need not be the one that is trusted.
            ConnectCallback = async (_, cancel) =>
            {
                var line = new SslStream(new NetworkStream(Connect(port), ownsSocket: true));
                await line.AuthenticateAsClientAsync(Trust, cancel);
                return line;
            },
        };
        var client = new HttpClient(handler) { BaseAddress = new Uri($"http://{Here}:{port}"), Timeout = Slowness.Of(20) };
        if (key is not null)
            client.DefaultRequestHeaders.Add("Cookie", $"juxtherm-device={key}");
        client.DefaultRequestHeaders.Accept.Add(new MediaTypeWithQualityHeaderValue("application/json"));
        return client;
    }

    /// <summary>A connection from there.</summary>
    /// <param name="port">Where to.</param>
    public Socket Connect(int port)
    {
        Socket? socket = null;
        Exception? failed = null;
        // A thread stays in the network that it entered: it is not used again.
        var thread = new Thread(() =>
        {
            try
            {
                var network = OpenFile($"/run/netns/{_name}", 0);
                if (network < 0 || SetNetwork(network, NewNetwork) != 0)
                    throw new Win32Exception(Marshal.GetLastPInvokeError());
                _ = CloseFile(network);
                socket = new Socket(AddressFamily.InterNetwork, SocketType.Stream, ProtocolType.Tcp);
                socket.Connect(IPAddress.Parse(Here), port);
            }
            catch (Exception e) when (e is SocketException or Win32Exception or IOException)
            {
                failed = e;
            }
        });
        thread.Start();
        thread.Join();
        return failed is null ? socket! : throw failed;
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        Ip($"link del {Cable}a");
        Ip($"netns del {_name}");
    }

    private string Cable => _name[..Math.Min(13, _name.Length)];

    private static bool Ip(string arguments)
    {
        try
        {
            using var ip = Process.Start(new ProcessStartInfo("ip", arguments) { RedirectStandardError = true, UseShellExecute = false })!;
            ip.WaitForExit();
            return ip.ExitCode == 0;
        }
        catch (Win32Exception)
        {
            return false;
        }
    }

    [DllImport("libc", EntryPoint = "open", SetLastError = true)]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    private static extern int OpenFile([MarshalAs(UnmanagedType.LPUTF8Str)] string path, int flags);

    [DllImport("libc", EntryPoint = "close")]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    private static extern int CloseFile(int file);

    [DllImport("libc", EntryPoint = "setns", SetLastError = true)]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    private static extern int SetNetwork(int file, int kind);
}
