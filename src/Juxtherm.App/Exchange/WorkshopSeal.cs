using System.Security.Cryptography;
using System.Text;
using System.Text.Json.Nodes;
using Juxtherm.Store.Keeping;

namespace Juxtherm.App.Exchange;

/// <summary>Signs what leaves this workshop, and tells whether what comes in is as it was signed (ECDSA over P-256 with SHA-256).</summary>
/// <param name="folder">The data folder; its key stays there.</param>
public sealed class WorkshopSeal(DataFolder folder)
{
    /// <summary>The file of the key within the data folder.</summary>
    public const string FileName = "seal.key";

    private const int ShownBytes = 8;
    private readonly Lock _one = new();

    /// <summary>Signs a text.</summary>
    /// <param name="content">What is signed.</param>
    public JsonObject Sign(JsonNode content)
    {
        using var key = Key();
        return new JsonObject
        {
            ["algorithm"] = "ecdsa-p256-sha256",
            ["publicKey"] = Convert.ToBase64String(key.ExportSubjectPublicKeyInfo()),
            ["value"] = Convert.ToBase64String(key.SignData(Bytes(content), HashAlgorithmName.SHA256)),
        };
    }

    /// <summary>Whose signature that is, as it is compared over the telephone; null where it is none, or of something else.</summary>
    /// <param name="content">What was signed.</param>
    /// <param name="signature">The signature.</param>
    public static string? SignedBy(JsonNode content, JsonNode? signature)
    {
        try
        {
            var shown = Convert.FromBase64String((string?)signature?["publicKey"] ?? "");
            using var key = ECDsa.Create();
            key.ImportSubjectPublicKeyInfo(shown, out _);
            return key.VerifyData(Bytes(content), Convert.FromBase64String((string?)signature?["value"] ?? ""), HashAlgorithmName.SHA256)
                ? Shown(shown) : null;
        }
        catch (Exception e) when (e is FormatException or CryptographicException or InvalidOperationException)
        {
            return null;
        }
    }

    /// <summary>This workshop's own, as it is compared.</summary>
    public string Own
    {
        get
        {
            using var key = Key();
            return Shown(key.ExportSubjectPublicKeyInfo());
        }
    }

    private static string Shown(byte[] publicKey) => string.Join(' ', Convert.ToHexString(SHA256.HashData(publicKey).AsSpan(0, ShownBytes))
        .Chunk(4).Select(c => new string(c)));

    // Written without spaces and in the order that it stands in: however a file was laid out, the same is signed.
    private static byte[] Bytes(JsonNode content) => Encoding.UTF8.GetBytes(content.ToJsonString());

    private ECDsa Key()
    {
        lock (_one)
        {
            var path = Path.Combine(folder.Path, FileName);
            var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
            if (File.Exists(path))
                key.ImportPkcs8PrivateKey(File.ReadAllBytes(path), out _);
            else
                PrivateFile.Write(path, key.ExportPkcs8PrivateKey());
            return key;
        }
    }
}
