namespace Juxtherm.Web.Hosting;

/// <summary>Where helpers in the same network come in; nowhere while the program serves this machine alone.</summary>
/// <param name="Url">The address; null for nowhere.</param>
/// <param name="Tls">What vouches for it.</param>
internal sealed record LanAddress(string? Url, WorkshopTls? Tls);
