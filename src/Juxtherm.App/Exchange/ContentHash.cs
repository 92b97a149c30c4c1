using System.Security.Cryptography;
using System.Text;
using System.Text.Json.Nodes;

namespace Juxtherm.App.Exchange;

/// <summary>Tells whether two things say the same, whatever they go by and however they are laid out.</summary>
internal static class ContentHash
{
    /// <summary>SHA-256 of an object without its own id, members in the order of their names.</summary>
    /// <param name="content">The object.</param>
    public static string Of(JsonObject content) =>
        Convert.ToHexString(SHA256.HashData(Encoding.UTF8.GetBytes(Sorted(content, "id")!.ToJsonString())));

    private static JsonNode? Sorted(JsonNode? node, string? without = null) => node switch
    {
        JsonObject o => new JsonObject(o.Where(m => m.Key != without).OrderBy(m => m.Key, StringComparer.Ordinal)
            .Select(m => KeyValuePair.Create(m.Key, Sorted(m.Value)))),
        JsonArray a => new JsonArray([.. a.Select(i => Sorted(i))]),
        _ => node?.DeepClone(),
    };
}
