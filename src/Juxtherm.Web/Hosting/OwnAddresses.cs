using System.Net;
using System.Net.NetworkInformation;
using System.Net.Sockets;

namespace Juxtherm.Web.Hosting;

/// <summary>The names and addresses by which others in the same network reach this machine.</summary>
internal static class OwnAddresses
{
    /// <summary>IPv4 addresses of this machine, the loopback left out.</summary>
    public static IReadOnlyList<string> Addresses =>
    [
        .. NetworkInterface.GetAllNetworkInterfaces().Where(n => n.OperationalStatus == OperationalStatus.Up)
        .SelectMany(n => n.GetIPProperties().UnicastAddresses).Select(a => a.Address)
            .Where(a => a.AddressFamily == AddressFamily.InterNetwork && !IPAddress.IsLoopback(a)).Select(a => a.ToString())
            .Distinct(StringComparer.Ordinal),
    ];

    /// <summary>Hosts that a request may name. Any other was tricked into coming here.</summary>
    /// <param name="lan">The address by which others may come; null for none.</param>
    public static string Allowed(IPAddress? lan)
    {
        const string here = "localhost;127.0.0.1;[::1]";
        var name = Dns.GetHostName();
        return lan is null ? here : string.Join(';', [here, name, $"{name}.local", lan.ToString()]);
    }
}
