using System.Text.Json.Nodes;

namespace Juxtherm.Store.Keeping.Names;

/// <summary>Ids of layers that somebody's name stands in. A job names its layers by them in many places, and so do its runs: each gets
/// another id, the same everywhere.</summary>
public sealed class LayerIds
{
    // What these say comes from the catalogue, whoever is called the same.
    private static readonly HashSet<string> OfTheCatalogue = ["vinyl", "material", "form", "heatSource", "cover", "underlay", "kind",
        "family", "font", "pressure", "status", "action"];

    private readonly Dictionary<string, string> _instead = new(StringComparer.Ordinal);

    /// <summary>Notes one.</summary>
    /// <param name="id">The id.</param>
    public void Note(string id) => _instead.TryAdd(id, $"layer-{Guid.NewGuid().ToString("N")[..8]}");

    /// <summary>Whether one of them may be in a document.</summary>
    /// <param name="json">The document.</param>
    public bool MayBeIn(string json) => _instead.Keys.Any(id => json.Contains(id, StringComparison.Ordinal));

    /// <summary>Those that a document names.</summary>
    /// <param name="root">The document.</param>
    public IReadOnlyCollection<string> In(JsonNode root)
    {
        var found = new HashSet<string>(StringComparer.Ordinal);
        if (_instead.Count > 0)
            Put(root.DeepClone(), "", id => found.Add(id));
        return found;
    }

    /// <summary>The document with other ids.</summary>
    /// <param name="root">The document; it is changed.</param>
    public JsonNode Without(JsonNode root) => _instead.Count == 0 ? root : Put(root, "", _ => { });

    private JsonNode Put(JsonNode node, string member, Action<string> each)
    {
        switch (node)
        {
            case JsonObject members:
                foreach (var (name, value) in members.ToList())
                {
                    members.Remove(name);
                    var now = Instead(name, each) ?? name;
                    members[now] = value is null ? null : Put(value, name, each);
                }

                return members;
            case JsonArray items:
                for (var i = 0; i < items.Count; i++)
                    if (items[i] is { } item && Put(item, member, each) is var now && now != item)
                        items[i] = now;
                return items;
            case JsonValue value when value.TryGetValue(out string? text) && !OfTheCatalogue.Contains(member)
                && Instead(text, each) is { } other:
                return JsonValue.Create(other);
            default:
                return node;
        }
    }

    private string? Instead(string id, Action<string> each)
    {
        if (!_instead.TryGetValue(id, out var other))
            return null;
        each(id);
        return other;
    }
}
