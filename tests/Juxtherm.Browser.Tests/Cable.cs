using System.Net;
using System.Net.Sockets;

namespace Juxtherm.Browser.Tests;

/// <summary>Stands between a browser and the service, and can be pulled: then nobody answers, not even what works behind a page.</summary>
public sealed class Cable : IDisposable
{
    private readonly TcpListener _here = new(IPAddress.Loopback, 0);
    private readonly List<TcpClient> _open = [];
    private readonly Lock _one = new();
    private readonly int _to;
    private bool _pulled;

    /// <summary>Plugs it in.</summary>
    /// <param name="to">Port of the service.</param>
    public Cable(int to)
    {
        _to = to;
        _here.Start();
        _ = AcceptAsync();
    }

    /// <summary>Where the browser goes.</summary>
    public string Address => $"http://127.0.0.1:{((IPEndPoint)_here.LocalEndpoint).Port}";

    /// <summary>Pulls it, or plugs it in again.</summary>
    public bool Pulled
    {
        get
        {
            lock (_one)
                return _pulled;
        }

        set
        {
            lock (_one)
            {
                _pulled = value;
                if (value)
                    Drop();
            }
        }
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        _here.Stop();
        Pulled = true;
    }

    private void Drop()
    {
        foreach (var client in _open)
            client.Close();
        _open.Clear();
    }

    private async Task AcceptAsync()
    {
        try
        {
            while (true)
                _ = CarryAsync(await _here.AcceptTcpClientAsync());
        }
        catch (Exception e) when (e is SocketException or ObjectDisposedException)
        {
            // It was put away.
        }
    }

    private async Task CarryAsync(TcpClient from)
    {
        using var to = new TcpClient();
        try
        {
            lock (_one)
            {
                if (_pulled)
                {
                    from.Close();
                    return;
                }

                _open.AddRange([from, to]);
            }

            await to.ConnectAsync(IPAddress.Loopback, _to);
            var (here, there) = (from.GetStream(), to.GetStream());
            await Task.WhenAny(here.CopyToAsync(there), there.CopyToAsync(here));
        }
        catch (Exception e) when (e is SocketException or IOException or ObjectDisposedException or InvalidOperationException)
        {
            // It was pulled.
        }
        finally
        {
            from.Close();
        }
    }
}
