using System.Net;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;
using Juxtherm.Store.Keeping;

namespace Juxtherm.Web.Hosting;

/// <summary>The workshop's own authority and the certificate that it gives this machine: nobody outside vouches for it, so what is shown on
/// both screens is compared.</summary>
/// <param name="Authority">The authority, without its key.</param>
/// <param name="Certificate">This machine's, with its key.</param>
internal sealed record WorkshopTls(X509Certificate2 Authority, X509Certificate2 Certificate)
{
    /// <summary>The folder within the data folder.</summary>
    public const string Folder = "tls";

    private const string AuthorityFile = "authority.pfx";
    private const string CertificateFile = "machine.pfx";
    private static readonly TimeSpan AuthorityLasts = TimeSpan.FromDays(3650);

    // Browsers accept no certificate for longer than 398 days.
    private static readonly TimeSpan CertificateLasts = TimeSpan.FromDays(397);
    private static readonly TimeSpan RenewBefore = TimeSpan.FromDays(30);

    /// <summary>SHA-256 of the machine's certificate, as browsers show it.</summary>
    public string Fingerprint => string.Join(':', Convert.ToHexString(Certificate.GetCertHash(HashAlgorithmName.SHA256)).Chunk(2)
        .Select(pair => new string(pair)));

    /// <summary>Opens them, or makes them where there are none, or where they do not fit this machine any more.</summary>
    /// <param name="dataFolder">The data folder.</param>
    /// <param name="address">By which helpers come.</param>
    /// <param name="now">The time, UTC.</param>
    public static WorkshopTls Open(string dataFolder, IPAddress address, DateTimeOffset now)
    {
        var folder = Path.Combine(dataFolder, Folder);
        if (OperatingSystem.IsWindows())
            Directory.CreateDirectory(folder);
        else
            Directory.CreateDirectory(folder, UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute);
        var authority = Kept(folder, AuthorityFile, now) ?? Keep(folder, AuthorityFile, MakeAuthority(now));
        var machine = Kept(folder, CertificateFile, now);
        if (machine is null || !machine.MatchesHostname(address.ToString()) || machine.Issuer != authority.Subject)
            machine = Keep(folder, CertificateFile, MakeMachine(authority, address, now));
        return new WorkshopTls(X509CertificateLoader.LoadCertificate(authority.RawData), machine);
    }

    private static X509Certificate2? Kept(string folder, string name, DateTimeOffset now)
    {
        var path = Path.Combine(folder, name);
        if (!File.Exists(path))
            return null;
        try
        {
            var kept = X509CertificateLoader.LoadPkcs12FromFile(path, null, X509KeyStorageFlags.Exportable);
            return kept.NotAfter.ToUniversalTime() - now.UtcDateTime > RenewBefore ? kept : null;
        }
        catch (CryptographicException)
        {
            return null;
        }
    }

    private static X509Certificate2 Keep(string folder, string name, X509Certificate2 made)
    {
        var bytes = made.Export(X509ContentType.Pkcs12);
        PrivateFile.Write(Path.Combine(folder, name), bytes);
        return X509CertificateLoader.LoadPkcs12(bytes, null, X509KeyStorageFlags.Exportable);
    }

    private static X509Certificate2 MakeAuthority(DateTimeOffset now)
    {
        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        // Two workshops' authorities are told apart by their names as well.
        var request = new CertificateRequest($"CN=Juxtherm workshop {RandomNumberGenerator.GetHexString(6)}", key,
            HashAlgorithmName.SHA256);
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(true, true, 0, true));
        request.CertificateExtensions.Add(new X509KeyUsageExtension(X509KeyUsageFlags.KeyCertSign | X509KeyUsageFlags.CrlSign, true));
        request.CertificateExtensions.Add(new X509SubjectKeyIdentifierExtension(request.PublicKey, false));
        return request.CreateSelfSigned(now.AddDays(-1), now + AuthorityLasts);
    }

    private static X509Certificate2 MakeMachine(X509Certificate2 authority, IPAddress address, DateTimeOffset now)
    {
        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest("CN=Juxtherm", key, HashAlgorithmName.SHA256);
        var names = new SubjectAlternativeNameBuilder();
        names.AddIpAddress(address);
        names.AddDnsName(Dns.GetHostName());
        names.AddDnsName($"{Dns.GetHostName()}.local");
        request.CertificateExtensions.Add(names.Build());
        request.CertificateExtensions.Add(new X509BasicConstraintsExtension(false, false, 0, true));
        request.CertificateExtensions.Add(new X509KeyUsageExtension(X509KeyUsageFlags.DigitalSignature, true));
        request.CertificateExtensions.Add(new X509EnhancedKeyUsageExtension([new Oid("1.3.6.1.5.5.7.3.1")], false));
        using var signed = request.Create(authority, now.AddDays(-1), now + CertificateLasts, RandomNumberGenerator.GetBytes(16));
        return signed.CopyWithPrivateKey(key);
    }
}
