using System.Text.Json.Nodes;

namespace Juxtherm.Core.Reading.Contract;

/// <summary>The ids of a kind that a file may name, for its schema.</summary>
/// <param name="kind">What they are ids of.</param>
public delegate IEnumerable<string> KnownIds(string kind);

/// <summary>A member of a file, said once: reading it, its JSON Schema and the types made from that all come from here.</summary>
/// <param name="Name">Its name in the file.</param>
/// <param name="About">What it means, for whoever reads the schema; empty where its name says it.</param>
public abstract record Member(string Name, string About)
{
    /// <summary>A file without it is not accepted.</summary>
    public bool Needed { get; init; }

    /// <summary>Its JSON Schema.</summary>
    /// <param name="ids">Ids that a file may name.</param>
    public JsonObject Schema(KnownIds ids)
    {
        var schema = Bare(ids);
        if (About.Length > 0)
            schema["description"] = About;
        return schema;
    }

    /// <summary>The same without what it means.</summary>
    /// <param name="ids">Ids that a file may name.</param>
    protected abstract JsonObject Bare(KnownIds ids);

    /// <summary>A list of words in a schema.</summary>
    /// <param name="words">They.</param>
    protected static JsonArray Words(IEnumerable<string> words) => new([.. words.Select(w => (JsonNode)w)]);
}

/// <summary>A number.</summary>
/// <param name="Name">Its name in the file.</param>
/// <param name="Least">Least accepted.</param>
/// <param name="Most">Most accepted.</param>
/// <param name="Unit">Unit, as it is named in a message.</param>
/// <param name="About">What it means.</param>
public sealed record NumberMember(string Name, double Least, double Most, string Unit, string About = "") : Member(Name, About)
{
    /// <summary>It, in an object of the file; null when it is absent or faulty.</summary>
    /// <param name="file">The object.</param>
    public double? In(JsonCursor file)
    {
        ArgumentNullException.ThrowIfNull(file);
        return file[Name].Number(Least, Most, Unit);
    }

    /// <summary>It, where it has to be there.</summary>
    /// <param name="file">The object.</param>
    public double NeededIn(JsonCursor file)
    {
        ArgumentNullException.ThrowIfNull(file);
        return file[Name].RequiredNumber(Least, Most, Unit);
    }

    /// <inheritdoc/>
    protected override JsonObject Bare(KnownIds ids) => new() { ["type"] = "number", ["minimum"] = Least, ["maximum"] = Most };
}

/// <summary>A whole number.</summary>
/// <param name="Name">Its name in the file.</param>
/// <param name="Least">Least accepted.</param>
/// <param name="Most">Most accepted.</param>
/// <param name="Unit">What is counted.</param>
/// <param name="About">What it means.</param>
public sealed record WholeMember(string Name, int Least, int Most, string Unit, string About = "") : Member(Name, About)
{
    /// <summary>It, in an object of the file; null when it is absent or faulty.</summary>
    /// <param name="file">The object.</param>
    public int? In(JsonCursor file)
    {
        ArgumentNullException.ThrowIfNull(file);
        return file[Name].Whole(Least, Most, Unit);
    }

    /// <inheritdoc/>
    protected override JsonObject Bare(KnownIds ids) => new() { ["type"] = "integer", ["minimum"] = Least, ["maximum"] = Most };
}

/// <summary>True or false.</summary>
/// <param name="Name">Its name in the file.</param>
/// <param name="About">What it means.</param>
public sealed record FlagMember(string Name, string About = "") : Member(Name, About)
{
    /// <summary>It, in an object of the file.</summary>
    /// <param name="file">The object.</param>
    /// <param name="otherwise">What holds when it is absent.</param>
    public bool In(JsonCursor file, bool otherwise = false) => Given(file) ?? otherwise;

    /// <summary>It, in an object of the file; null when it is absent.</summary>
    /// <param name="file">The object.</param>
    public bool? Given(JsonCursor file)
    {
        ArgumentNullException.ThrowIfNull(file);
        return file[Name] is { Exists: true } flag ? flag.Flag(false) : null;
    }

    /// <inheritdoc/>
    protected override JsonObject Bare(KnownIds ids) => new() { ["type"] = "boolean" };
}

/// <summary>A text.</summary>
/// <param name="Name">Its name in the file.</param>
/// <param name="Longest">Most characters.</param>
/// <param name="About">What it means.</param>
public sealed record TextMember(string Name, int Longest, string About = "") : Member(Name, About)
{
    /// <summary>Least characters.</summary>
    public int Shortest { get; init; }

    /// <summary>What it looks like, as a regular expression; null for anything.</summary>
    public string? Pattern { get; init; }

    /// <summary>It, in an object of the file.</summary>
    /// <param name="file">The object.</param>
    /// <param name="otherwise">What holds when it is absent; null where it has to be there.</param>
    public string In(JsonCursor file, string? otherwise = null)
    {
        ArgumentNullException.ThrowIfNull(file);
        return file[Name].Text(otherwise, Longest);
    }

    /// <summary>The texts of a list of such.</summary>
    /// <param name="list">The list.</param>
    public IEnumerable<string> Each(JsonCursor list)
    {
        ArgumentNullException.ThrowIfNull(list);
        return list.Items.Select(i => i.Text(longest: Longest));
    }

    /// <inheritdoc/>
    protected override JsonObject Bare(KnownIds ids)
    {
        var schema = new JsonObject { ["type"] = "string", ["maxLength"] = Longest };
        if (Shortest > 0)
            schema["minLength"] = Shortest;
        if (Pattern is not null)
            schema["pattern"] = Pattern;
        return schema;
    }
}

/// <summary>One of a few words.</summary>
/// <param name="Name">Its name in the file.</param>
/// <param name="Known">They.</param>
/// <param name="About">What it means.</param>
public sealed record ChoiceMember(string Name, IReadOnlyCollection<string> Known, string About = "") : Member(Name, About)
{
    /// <summary>It, in an object of the file; null when it is faulty.</summary>
    /// <param name="file">The object.</param>
    /// <param name="otherwise">What holds when it is absent; null where it has to be there.</param>
    public string? In(JsonCursor file, string? otherwise = null)
    {
        ArgumentNullException.ThrowIfNull(file);
        return file[Name].Choice(Known, otherwise);
    }

    /// <summary>It, in an object of the file; null when it is absent or faulty.</summary>
    /// <param name="file">The object.</param>
    public string? Given(JsonCursor file)
    {
        ArgumentNullException.ThrowIfNull(file);
        return file[Name].Exists ? In(file) : null;
    }

    /// <inheritdoc/>
    protected override JsonObject Bare(KnownIds ids) => new() { ["enum"] = Words(Known) };
}

/// <summary>The id of something that a catalogue has, or that the file brings along.</summary>
/// <param name="Name">Its name in the file.</param>
/// <param name="Kind">What it is an id of.</param>
/// <param name="About">What it means.</param>
public sealed record IdMember(string Name, string Kind, string About = "") : Member(Name, About)
{
    /// <summary>What an id begins with that a file may bring along; null where it may not.</summary>
    public string? OwnPrefix { get; init; }

    /// <summary>It, in an object of the file; null when it is faulty.</summary>
    /// <param name="file">The object.</param>
    /// <param name="known">Ids that there are.</param>
    /// <param name="otherwise">What holds when it is absent; null where it has to be there.</param>
    public string? In(JsonCursor file, IEnumerable<string> known, string? otherwise = null)
    {
        ArgumentNullException.ThrowIfNull(file);
        return file[Name].Choice([.. known], otherwise);
    }

    /// <inheritdoc/>
    protected override JsonObject Bare(KnownIds ids)
    {
        ArgumentNullException.ThrowIfNull(ids);
        var known = new JsonObject { ["enum"] = Words(ids(Kind)) };
        return OwnPrefix is null
            ? known : new JsonObject
            {
                ["anyOf"] = new JsonArray(known, new JsonObject { ["type"] = "string", ["pattern"] = "^" + OwnPrefix })
            };
    }
}
