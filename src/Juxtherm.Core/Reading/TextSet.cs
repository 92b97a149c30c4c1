using System.Text.Json;
using System.Text.Json.Serialization;

namespace Juxtherm.Core.Reading;

/// <summary>Reads and writes a set of texts as a list.</summary>
public sealed class TextSet : JsonConverter<IReadOnlySet<string>>
{
    /// <inheritdoc/>
    public override IReadOnlySet<string> Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        (JsonSerializer.Deserialize<List<string>>(ref reader, options) ?? []).ToHashSet(StringComparer.Ordinal);

    /// <inheritdoc/>
    public override void Write(Utf8JsonWriter writer, IReadOnlySet<string> value, JsonSerializerOptions options) =>
        JsonSerializer.Serialize(writer, value.ToList(), options);
}
