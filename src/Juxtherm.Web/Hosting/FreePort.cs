namespace Juxtherm.Web.Hosting;

/// <summary>Finds a port that is free just now.</summary>
internal static class FreePort
{
    public static int Find()
    {
        using var listener = new System.Net.Sockets.TcpListener(System.Net.IPAddress.Loopback, 0);
        listener.Start();
        return ((System.Net.IPEndPoint)listener.LocalEndpoint).Port;
    }
}
