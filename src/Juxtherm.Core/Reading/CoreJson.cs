using System.Text.Json;
using System.Text.Json.Serialization;

namespace Juxtherm.Core.Reading;

/// <summary>How the core's records are written as JSON: members in camelCase, words in kebab-case.</summary>
public static class CoreJson
{
    /// <summary>Shared options.</summary>
    public static JsonSerializerOptions Options { get; } = Configure(new JsonSerializerOptions(JsonSerializerDefaults.Web));

    /// <summary>Applies the same conventions to other options.</summary>
    /// <param name="options">Options still open to change.</param>
    public static JsonSerializerOptions Configure(JsonSerializerOptions options)
    {
        ArgumentNullException.ThrowIfNull(options);
        options.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.KebabCaseLower, allowIntegerValues: false));
        options.NumberHandling = JsonNumberHandling.Strict;
        return options;
    }
}
