using System.Buffers;
using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;

namespace Juxtherm.Store.Keeping.Names;

/// <summary>Names of people, found as whole words however they are capitalized, and taken out again.</summary>
public sealed class PersonNames
{
    /// <summary>Stands where a name stood.</summary>
    public const char TakenOut = '—';

    // What people write. Anything else in a document is an id, a figure or the program's own sentence.
    private static readonly HashSet<string> Written = ["title", "name", "names", "note", "customer", "label", "by", "from", "lot",
        "lots", "colourName", "licence", "stationName", "why", "device"];
    private static readonly JsonSerializerOptions AsItWas = new() { Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping };
    private readonly Regex _any;
    private readonly SearchValues<string> _begins;

    /// <summary>Looks for these.</summary>
    /// <param name="names">The names; at least one, none of them blank.</param>
    public PersonNames(IReadOnlyCollection<string> names)
    {
        var folded = names.Select(n => FoldedText.Of(n.Trim()).Folded).Where(n => n.Length > 0).ToList();
        _begins = SearchValues.Create([.. folded.Select(n => n.Split(' ')[0])], StringComparison.OrdinalIgnoreCase);
        // The longest first: “Wren Tallow” is one name, and not “Wren” and what is left.
        var each = folded.OrderByDescending(n => n.Length).Select(n =>
            Regex.Escape(n).Replace(@"\ ", @"\s+", StringComparison.Ordinal));
        _any = new Regex($@"(?<![\p{{L}}\p{{N}}\p{{M}}])({string.Join('|', each)})(?![\p{{L}}\p{{N}}\p{{M}}])",
            RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture, TimeSpan.FromSeconds(2));
    }

    /// <summary>Ids of layers that have one of them in it, and what takes their place wherever they are named.</summary>
    public LayerIds Layers { get; } = new();

    /// <summary>Whether one of them is in a text.</summary>
    /// <param name="text">What somebody wrote.</param>
    public bool AreIn(string text) => MayBeIn(text) && _any.IsMatch(FoldedText.Of(text).Folded);

    // Much quicker than to look for whole words; most of a workshop has no name in it.
    private bool MayBeIn(string text) =>
        text.AsSpan().ContainsAny(_begins) || (!Ascii.IsValid(text) && FoldedText.Of(text).Folded.AsSpan().ContainsAny(_begins));

    /// <summary>The text without them.</summary>
    /// <param name="text">What somebody wrote.</param>
    public string Without(string text)
    {
        var folded = FoldedText.Of(text);
        var (without, from) = (new StringBuilder(), 0);
        foreach (Match match in _any.Matches(folded.Folded))
        {
            var (start, length) = folded.In(match.Index, match.Length).GetOffsetAndLength(text.Length);
            without.Append(text, from, start - from).Append(TakenOut);
            from = start + length;
        }

        return without.Append(text, from, text.Length - from).ToString();
    }

    /// <summary>Notes the ids of a document's layers that have one of them in it.</summary>
    /// <param name="json">The document.</param>
    public void NoteLayers(string json)
    {
        if (!MayBeIn(json) || Parsed(json) is not JsonObject { } job || job["layers"] is not JsonArray layers)
            return;
        foreach (var layer in layers.OfType<JsonObject>())
            if (layer["id"] is JsonValue value && value.TryGetValue(out string? id) && AreIn(id))
                Layers.Note(id);
    }

    /// <summary>What somebody wrote in a document and has one of them in it, with what stands beside it there.</summary>
    /// <param name="json">The document.</param>
    public IReadOnlyList<NamedText> InDocument(string json)
    {
        var found = new List<NamedText>();
        // A document without the letters need not be read, unless letters are written as figures in it.
        if (!MayBeIn(json) && !Layers.MayBeIn(json) && !json.Contains("\\u", StringComparison.Ordinal))
            return found;
        if (Parsed(json) is { } root)
        {
            Walk(root, "", "", value => found.Add(new NamedText(value.GetValue<string>(), Beside(value))));
            found.AddRange(Layers.In(root).Select(id => new NamedText(id, new JsonObject { ["layer"] = id })));
        }
        else if (AreIn(json))
            found.Add(new NamedText(json, new JsonObject { ["text"] = json }));
        return found;
    }

    /// <summary>The document without them; what else it says stays as it is.</summary>
    /// <param name="json">The document.</param>
    public string WithoutInDocument(string json)
    {
        if (Parsed(json) is not { } root)
            return Without(json);
        Walk(root, "", "", value => value.ReplaceWith(Without(value.GetValue<string>())));
        return Layers.Without(root).ToJsonString(AsItWas);
    }

    /// <summary>Those of an object's member names that are one of them: people who are kept by their names.</summary>
    /// <param name="json">The document.</param>
    public IReadOnlyList<string> Members(string json) =>
        JsonNode.Parse(json) is JsonObject people ? [.. people.Select(p => p.Key).Where(AreIn)] : [];

    /// <summary>The document without these members.</summary>
    /// <param name="json">The document.</param>
    public string WithoutMembers(string json)
    {
        var people = JsonNode.Parse(json)!.AsObject();
        foreach (var name in Members(json))
            people.Remove(name);
        return people.ToJsonString(AsItWas);
    }

    private static JsonNode? Parsed(string json)
    {
        try
        {
            return JsonNode.Parse(json);
        }
        catch (JsonException)
        {
            // It cannot be read, and is a text like any other.
            return null;
        }
    }

    private static JsonObject Beside(JsonValue value)
    {
        var within = value.Parent;
        while (within is JsonArray)
            within = within.Parent;
        return within is JsonObject members
            ? new JsonObject(members.Where(m => m.Value is JsonValue).Select(m =>
                KeyValuePair.Create<string, JsonNode?>(m.Key, m.Value!.DeepClone())))
            : new JsonObject { ["text"] = value.DeepClone() };
    }

    // A document within a document: a row that was set aside.
    private void WalkWithin(JsonValue value, string text, Action<JsonValue> each)
    {
        if (Parsed(text) is not { } root)
            return;
        Walk(root, "", "", each);
        value.ReplaceWith(root.ToJsonString(AsItWas));
    }

    private void Walk(JsonNode? node, string member, string within, Action<JsonValue> each)
    {
        switch (node)
        {
            case JsonObject members:
                foreach (var name in members.Select(m => m.Key).ToList())
                    Walk(members[name], name, member, each);
                break;
            case JsonArray items:
                for (var i = 0; i < items.Count; i++)
                    Walk(items[i], member, within, each);
                break;
            case JsonValue value when value.TryGetValue<string>(out var text):
                if (text.StartsWith('{'))
                    WalkWithin(value, text, each);
                else if ((Written.Contains(member) || (member == "text" && within == "word")) && AreIn(text))
                    each(value);
                break;
        }
    }
}

/// <summary>A text with a name in it.</summary>
/// <param name="Text">The text.</param>
/// <param name="Beside">What is written with it: a size, a color.</param>
public sealed record NamedText(string Text, JsonObject Beside);
