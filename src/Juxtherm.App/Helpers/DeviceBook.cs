using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Juxtherm.Core.Reading;
using Juxtherm.Store.Keeping;

namespace Juxtherm.App.Helpers;

/// <summary>Which devices were let in. It stands in a file of its own beside the database: a backup that is put back lets nobody in again
/// who was turned away since.</summary>
/// <param name="folder">The data folder.</param>
/// <param name="clock">The time.</param>
public sealed class DeviceBook(DataFolder folder, TimeProvider clock) : IDisposable
{
    /// <summary>The file within the data folder.</summary>
    public const string FileName = "devices.json";

    private const int KeyBytes = 32;
    private static readonly TimeSpan SeenEvery = TimeSpan.FromMinutes(5);
    private readonly Lock _one = new();
    private readonly Dictionary<Guid, CancellationTokenSource> _open = [];
    private List<PairedDevice>? _devices;

    /// <summary>All of them, by name.</summary>
    public IReadOnlyList<PairedDevice> All
    {
        get
        {
            lock (_one)
                return [.. Devices.OrderBy(d => d.Name, StringComparer.CurrentCulture)];
        }
    }

    /// <summary>Lets one in.</summary>
    /// <param name="name">What it is called.</param>
    /// <param name="role">What it may do.</param>
    /// <returns>It, and its key, which nobody is told again.</returns>
    public (PairedDevice Device, string Key) Add(string name, HelperRole role)
    {
        var key = Convert.ToHexString(RandomNumberGenerator.GetBytes(KeyBytes));
        var device = new PairedDevice(Guid.CreateVersion7(), name, role, HashOf(key), clock.GetUtcNow(), null);
        lock (_one)
            Save([.. Devices, device]);
        return (device, key);
    }

    /// <summary>Whose key that is; null for nobody's.</summary>
    /// <param name="key">A key.</param>
    public PairedDevice? Of(string key)
    {
        var hash = Encoding.ASCII.GetBytes(HashOf(key));
        lock (_one)
        {
            var found = Devices.Find(d => CryptographicOperations.FixedTimeEquals(Encoding.ASCII.GetBytes(d.KeyHash), hash));
            if (found is not null && clock.GetUtcNow() - (found.SeenUtc ?? DateTimeOffset.MinValue) > SeenEvery)
                Save(Devices.ConvertAll(d => d.Id == found.Id ? d with { SeenUtc = clock.GetUtcNow() } : d));
            return found;
        }
    }

    /// <summary>Ends when a device is turned away: what it watches ends with it.</summary>
    /// <param name="device">Its id.</param>
    /// <returns>Ended already where it was turned away since it was asked for.</returns>
    public CancellationToken UntilRevoked(Guid device)
    {
        lock (_one)
        {
            if (!Devices.Exists(d => d.Id == device))
                return new CancellationToken(canceled: true);
            if (!_open.TryGetValue(device, out var open))
                _open[device] = open = new CancellationTokenSource();
            return open.Token;
        }
    }

    /// <summary>Turns a device away, from now on and wherever it is just being answered.</summary>
    /// <param name="device">Its id.</param>
    /// <returns>It; null where there is none.</returns>
    public PairedDevice? Revoke(Guid device)
    {
        PairedDevice? gone;
        CancellationTokenSource? open;
        lock (_one)
        {
            gone = Devices.Find(d => d.Id == device);
            if (gone is null)
                return null;
            Save(Devices.FindAll(d => d.Id != device));
            _open.Remove(device, out open);
        }

        open?.Cancel();
        open?.Dispose();
        return gone;
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        foreach (var open in _open.Values)
            open.Dispose();
        _open.Clear();
    }

    private static string HashOf(string key) => Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(key)));

    private string FilePath => Path.Combine(folder.Path, FileName);

    private List<PairedDevice> Devices => _devices ??= Read();

    // Whoever cannot be read is not let in: then all are paired anew.
    private List<PairedDevice> Read()
    {
        try
        {
            return File.Exists(FilePath)
                ? JsonSerializer.Deserialize<List<PairedDevice>>(File.ReadAllText(FilePath), CoreJson.Options) ?? [] : [];
        }
        catch (JsonException)
        {
            return [];
        }
    }

    private void Save(List<PairedDevice> devices)
    {
        // Written beside and then named, so that it is whole whenever the program ends.
        PrivateFile.Write(FilePath, JsonSerializer.SerializeToUtf8Bytes(devices, CoreJson.Options));
        _devices = devices;
    }
}
