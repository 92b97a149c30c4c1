using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.App.Helpers;

/// <summary>Who is to be let in.</summary>
/// <param name="Name">What the device is called, as “Wren's phone”.</param>
/// <param name="Role">What it may do.</param>
public sealed record PairingAsk(string Name, HelperRole Role);

/// <summary>A device, as its owner sees it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Role">What it may do.</param>
/// <param name="PairedUtc">When it was let in.</param>
/// <param name="SeenUtc">When it last asked for something; null for never.</param>
public sealed record DeviceAnswer(Guid Id, string Name, HelperRole Role, DateTimeOffset PairedUtc, DateTimeOffset? SeenUtc);

/// <summary>Lets helpers' devices in and turns them away.</summary>
/// <param name="book">The devices.</param>
/// <param name="pairing">Words by which they come in.</param>
/// <param name="deeds">What they did.</param>
public sealed class PairDevices(DeviceBook book, Pairing pairing, DeedLog deeds)
{
    private const int LongestName = 60;
    private const int MostDeeds = 100;

    /// <summary>All devices, by name.</summary>
    public IReadOnlyList<DeviceAnswer> Devices => [.. book.All.Select(d => new DeviceAnswer(d.Id, d.Name, d.Role, d.PairedUtc, d.SeenUtc))];

    /// <summary>What they did last, newest first.</summary>
    public IReadOnlyList<Deed> Deeds => deeds.Last(MostDeeds);

    /// <summary>Makes a word by which one device may come in.</summary>
    /// <param name="ask">Which.</param>
    public Result<PairingOffer> Offer(PairingAsk ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var (name, problems) = (ask.Name?.Trim() ?? "", new Problems());
        if (name.Length is 0 or > LongestName || name.Any(char.IsControl))
            problems.Add("/name", new Phrase("devices.name", ("longest", LongestName)), "out-of-range");
        else if (book.All.Any(d => string.Equals(d.Name, name, StringComparison.OrdinalIgnoreCase)))
            problems.Add("/name", new Phrase("devices.name-taken", ("name", name)), "taken");
        return problems.None ? pairing.Offer(name, ask.Role) : new Invalid(problems, "device");
    }

    /// <summary>Takes the word back.</summary>
    public void Withdraw() => pairing.Withdraw();

    /// <summary>Turns a device away.</summary>
    /// <param name="device">Its id.</param>
    public Result<DeviceAnswer> Revoke(Guid device) => book.Revoke(device) is { } gone
        ? new DeviceAnswer(gone.Id, gone.Name, gone.Role, gone.PairedUtc, gone.SeenUtc) : new Missing("device");
}
