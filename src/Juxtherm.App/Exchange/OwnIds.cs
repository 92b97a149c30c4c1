using System.Text.Json.Nodes;
using Juxtherm.Core.Logbook;

namespace Juxtherm.App.Exchange;

/// <summary>Own vinyls, blanks and presses of another workshop that go by other ids here. They are put where a job or a piece names one,
/// all at once; a title that reads like an id stays as it is.</summary>
/// <param name="names">Their ids there, and here.</param>
internal sealed class OwnIds(IReadOnlyDictionary<string, string> names)
{
    private static readonly string[] Naming = ["vinyl", "material", "heatSource"];

    /// <summary>An id as it is here.</summary>
    /// <param name="id">As it is there.</param>
    public string Of(string id) => names.GetValueOrDefault(id, id);

    /// <summary>A job as it is here.</summary>
    /// <param name="job">As it is there.</param>
    public JsonObject Of(JsonObject job)
    {
        var here = job.DeepClone().AsObject();
        if (names.Count == 0)
            return here;
        Rename(here);
        if (here["own"] is JsonObject own)
            foreach (var entry in own.SelectMany(list => list.Value as JsonArray ?? []).OfType<JsonObject>())
                Rename(entry, "id");
        return here;
    }

    /// <summary>A piece of the logbook as it is here.</summary>
    /// <param name="piece">As it is there.</param>
    public LogEntry Of(LogEntry piece) => piece with
    {
        Item = piece.Item with
        {
            Vinyl = string.Join(',', piece.Item.Vinyl.Split(',').Select(Of)),
            Material = Of(piece.Item.Material),
        },
        Under = piece.Under with { HeatSource = Of(piece.Under.HeatSource) },
        Teaches = piece.Teaches is { } vinyl ? Of(vinyl) : null,
    };

    private void Rename(JsonNode? node)
    {
        if (node is JsonArray list)
        {
            foreach (var item in list)
                Rename(item);
        }
        else if (node is JsonObject all)
        {
            foreach (var name in Naming)
                Rename(all, name);
            foreach (var (_, value) in all)
                Rename(value);
        }
    }

    private void Rename(JsonObject node, string member)
    {
        if (node[member] is JsonValue value && value.TryGetValue(out string? id) && names.TryGetValue(id, out var here))
            node[member] = here;
    }
}
