using System.Text.Json.Nodes;

namespace Juxtherm.Core.Reading.Contract;

/// <summary>An object of a file with its members. What else stands in it is kept and given back.</summary>
/// <param name="Title">What it is called, as a type.</param>
/// <param name="Members">Its members.</param>
public sealed record Shape(string Title, params IReadOnlyList<Member> Members)
{
    /// <summary>Its JSON Schema.</summary>
    /// <param name="ids">Ids that a file may name.</param>
    public JsonObject Schema(KnownIds ids)
    {
        var schema = new JsonObject
        {
            ["title"] = Title,
            ["type"] = "object",
            ["properties"] = new JsonObject([.. Members.Select(m => KeyValuePair.Create(m.Name, (JsonNode?)m.Schema(ids)))]),
        };
        if (Members.Any(m => m.Needed))
            schema["required"] = new JsonArray([.. Members.Where(m => m.Needed).Select(m => (JsonNode)m.Name)]);
        schema["additionalProperties"] = true;
        return schema;
    }
}

/// <summary>An object within an object.</summary>
/// <param name="Name">Its name in the file.</param>
/// <param name="Shape">What stands in it.</param>
/// <param name="About">What it means.</param>
public sealed record PartMember(string Name, Shape Shape, string About = "") : Member(Name, About)
{
    /// <summary>It, in an object of the file.</summary>
    /// <param name="file">The object.</param>
    /// <returns>Null when it is absent or no object.</returns>
    public JsonCursor? Given(JsonCursor file)
    {
        ArgumentNullException.ThrowIfNull(file);
        return file[Name] is { Exists: true } part && part.IsObject() ? part : null;
    }

    /// <summary>It, in an object of the file, whether it is there or not.</summary>
    /// <param name="file">The object.</param>
    public JsonCursor In(JsonCursor file)
    {
        ArgumentNullException.ThrowIfNull(file);
        var part = file[Name];
        part.IsObject(Needed);
        return part;
    }

    /// <inheritdoc/>
    protected override JsonObject Bare(KnownIds ids) => Shape.Schema(ids);
}

/// <summary>A list of objects.</summary>
/// <param name="Name">Its name in the file.</param>
/// <param name="Shape">What stands in each.</param>
/// <param name="Least">Least of them.</param>
/// <param name="Most">Most of them.</param>
/// <param name="About">What it means.</param>
public sealed record PartsMember(string Name, Shape Shape, int Least, int Most, string About = "") : Member(Name, About)
{
    /// <summary>The list, in an object of the file.</summary>
    /// <param name="file">The object.</param>
    public JsonCursor In(JsonCursor file)
    {
        ArgumentNullException.ThrowIfNull(file);
        var list = file[Name];
        list.IsArray(Needed);
        return list;
    }

    /// <summary>Its objects; what is none is a fault.</summary>
    /// <param name="file">The object.</param>
    public IEnumerable<JsonCursor> Each(JsonCursor file) => In(file).Items.Where(i => i.IsObject());

    /// <inheritdoc/>
    protected override JsonObject Bare(KnownIds ids) => Lists.Schema(Shape.Schema(ids), Least, Most);
}

/// <summary>A list of words, texts or numbers.</summary>
/// <param name="Name">Its name in the file.</param>
/// <param name="Item">What each of them is.</param>
/// <param name="Most">Most of them.</param>
/// <param name="About">What it means.</param>
public sealed record ListMember(string Name, Member Item, int Most, string About = "") : Member(Name, About)
{
    /// <summary>The list, in an object of the file.</summary>
    /// <param name="file">The object.</param>
    public JsonCursor In(JsonCursor file)
    {
        ArgumentNullException.ThrowIfNull(file);
        var list = file[Name];
        list.IsArray(Needed);
        return list;
    }

    /// <inheritdoc/>
    protected override JsonObject Bare(KnownIds ids) => Lists.Schema(Item.Schema(ids), 0, Most);
}

/// <summary>Values by names that the file itself chooses.</summary>
/// <param name="Name">Its name in the file.</param>
/// <param name="Value">What each of them is.</param>
/// <param name="About">What it means.</param>
public sealed record MapMember(string Name, Member Value, string About = "") : Member(Name, About)
{
    /// <summary>It, in an object of the file.</summary>
    /// <param name="file">The object.</param>
    public JsonCursor In(JsonCursor file)
    {
        ArgumentNullException.ThrowIfNull(file);
        var map = file[Name];
        map.IsObject(Needed);
        return map;
    }

    /// <inheritdoc/>
    protected override JsonObject Bare(KnownIds ids) => new() { ["type"] = "object", ["additionalProperties"] = Value.Schema(ids) };
}

/// <summary>Lists in a schema.</summary>
internal static class Lists
{
    public static JsonObject Schema(JsonObject item, int least, int most)
    {
        var schema = new JsonObject { ["type"] = "array", ["items"] = item };
        if (least > 0)
            schema["minItems"] = least;
        if (most < int.MaxValue)
            schema["maxItems"] = most;
        return schema;
    }
}
