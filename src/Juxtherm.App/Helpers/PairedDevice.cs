namespace Juxtherm.App.Helpers;

/// <summary>A helper's device that was let in.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called, as “Wren's phone”.</param>
/// <param name="Role">What it may do.</param>
/// <param name="KeyHash">SHA-256 of its key, in hexadecimal: the key itself is only on the device.</param>
/// <param name="PairedUtc">When it was let in.</param>
/// <param name="SeenUtc">When it last asked for something; null for never.</param>
public sealed record PairedDevice(Guid Id, string Name, HelperRole Role, string KeyHash, DateTimeOffset PairedUtc, DateTimeOffset? SeenUtc);
