using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Reading.Contract;

namespace Juxtherm.Core.Catalogue.Own;

/// <summary>What a workshop keeps on its shelf.</summary>
public enum OwnKind
{
    /// <summary>A vinyl, from its wrapper.</summary>
    Vinyl,

    /// <summary>A blank's material, from its label.</summary>
    Blank,

    /// <summary>A press.</summary>
    Press,
}

/// <summary>
/// Reads a workshop's own vinyls, blanks and presses, and puts them beside the shipped ones. Each builds on a shipped entry and
/// says only what is different about it.
/// </summary>
public static class OwnEntries
{
    /// <summary>What an own id begins with, so that it never clashes with a shipped one.</summary>
    public const string IdPrefix = "own-";

    internal static readonly Provenance Owner = new(ProvenanceKind.Owner, "as you set it on your shelf");

    /// <summary>Reads one entry, to see whether it can be used.</summary>
    /// <param name="kind">What it is.</param>
    /// <param name="json">Its text.</param>
    /// <param name="shipped">What it may build on.</param>
    /// <param name="problems">Filled with everything that is wrong.</param>
    /// <returns>Its id and name; null when anything is wrong.</returns>
    public static (string Id, string Name)? Check(OwnKind kind, string json, CatalogueSnapshot shipped, Problems problems)
    {
        ArgumentNullException.ThrowIfNull(json);
        ArgumentNullException.ThrowIfNull(shipped);
        ArgumentNullException.ThrowIfNull(problems);
        try
        {
            using var document = JsonDocument.Parse(json, new JsonDocumentOptions { AllowDuplicateProperties = false, MaxDepth = 16 });
            var root = new JsonCursor(document.RootElement, "", problems);
            if (!root.IsObject())
                return null;
            (string, string)? read = kind switch
            {
                OwnKind.Vinyl => OwnVinyls.Read(root, shipped) is { } v ? (v.Id, v.Name) : null,
                OwnKind.Blank => OwnBlanks.Read(root, shipped) is { } b ? (b.Id, b.Name) : null,
                _ => OwnPresses.Read(root, shipped) is { } p ? (p.Id, p.Name) : null,
            };
            return problems.None ? read : null;
        }
        catch (JsonException e)
        {
            problems.Add("",
                new Phrase("own-entries.broken", ("lineNumber", e.LineNumber + 1), ("bytePositionInLine", e.BytePositionInLine + 1)),
                "broken");
            return null;
        }
    }

    /// <summary>Of a shelf what a job brings along: the entries that it names.</summary>
    /// <param name="own">What is on the shelf, as a job file carries it.</param>
    /// <param name="vinyls">Vinyl ids.</param>
    /// <param name="material">Material id.</param>
    /// <param name="heatSource">Heat source id.</param>
    public static JsonObject Brought(JsonObject own, IReadOnlyCollection<string> vinyls, string material, string heatSource)
    {
        ArgumentNullException.ThrowIfNull(own);
        JsonArray Of(string kind, IReadOnlyCollection<string> ids) =>
            [.. own[kind]?.AsArray().Where(e => ids.Contains((string?)e?["id"], StringComparer.Ordinal)).Select(e => e!.DeepClone()) ?? []];
        return new JsonObject
        {
            ["vinyls"] = Of("vinyls", vinyls),
            ["blanks"] = Of("blanks", [material]),
            ["presses"] = Of("presses", [heatSource]),
        };
    }

    /// <summary>The shipped catalogue with the own entries that a file brings along.</summary>
    /// <param name="own">An object with lists <c>vinyls</c>, <c>blanks</c> and <c>presses</c>; each may be missing.</param>
    /// <param name="shipped">What they build on.</param>
    public static CatalogueSnapshot Join(JsonCursor own, CatalogueSnapshot shipped)
    {
        ArgumentNullException.ThrowIfNull(own);
        ArgumentNullException.ThrowIfNull(shipped);
        if (!own.Exists || !own.IsObject())
            return shipped;
        return shipped with
        {
            Vinyls = Joined(OwnLists.Vinyls, own, shipped.Vinyls, c => OwnVinyls.Read(c, shipped), v => v.Id),
            Materials = Joined(OwnLists.Blanks, own, shipped.Materials, c => OwnBlanks.Read(c, shipped), m => m.Id),
            HeatSources = Joined(OwnLists.Presses, own, shipped.HeatSources, c => OwnPresses.Read(c, shipped), p => p.Id),
        };
    }

    private static IReadOnlyDictionary<string, T> Joined<T>(PartsMember member, JsonCursor own, IReadOnlyDictionary<string, T> shipped,
        Func<JsonCursor, T?> read, Func<T, string> id)
        where T : class
    {
        var list = member.In(own);
        if (list.Count == 0)
            return shipped;
        var all = new Dictionary<string, T>(shipped, StringComparer.Ordinal);
        foreach (var item in list.Items.Where(i => i.IsObject()))
        {
            if (read(item) is { } entry && !all.TryAdd(id(entry), entry))
                item["id"].Fault(new Phrase("own-entries.duplicate", ("pointer", item.Pointer), ("id", id(entry))), "duplicate");
        }

        return all;
    }

    internal static (string? Id, string Name) Named(JsonCursor c)
    {
        var id = OwnContract.Id.In(c);
        if (id.Length > 0 && !id.StartsWith(IdPrefix, StringComparison.Ordinal))
        {
            c["id"].Fault(new Phrase("own-entries.wrong-type", ("pointer", c.Pointer), ("id", id), ("idPrefix", IdPrefix)), "wrong-type");
            return (null, "");
        }

        var name = OwnContract.Name.In(c).Trim();
        if (c["name"].Exists && name.Length == 0)
            c["name"].Fault(new Phrase("own-entries.missing", ("pointer", c.Pointer)), "missing");
        return (id.Length == 0 ? null : id, name);
    }
}
