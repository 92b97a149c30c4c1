using System.Text.Json.Nodes;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;

namespace Juxtherm.Core.Editing;

/// <summary>Layers as a job file writes them. What is not touched keeps its text.</summary>
internal static class LayerNodes
{
    /// <summary>Takes ids that are gone out of what a layer lies on.</summary>
    public static void Forget(JsonObject node, HashSet<string> gone)
    {
        if (node["over"] is not JsonArray over)
            return;
        var left = over.Select(o => (string?)o).Where(id => id is not null && !gone.Contains(id)).ToList();
        if (left.Count == 0)
            node.Remove("over");
        else if (left.Count < over.Count)
            node["over"] = new JsonArray([.. left.Select(id => (JsonNode)id!)]);
    }

    /// <summary>Writes where a layer lies, and with a shape also what it is; the face only where it is not the job's own.</summary>
    public static JsonObject Laid(JsonObject layer, string? shape, Box box, Face? face, Job job)
    {
        static double R(double mm) => Math.Round(mm, 3);
        if (shape is not null)
        {
            // Shapes are worked on as they read.
            layer["shape"] = shape;
            layer.Remove("reversed");
        }

        (layer["xMm"], layer["yMm"], layer["widthMm"], layer["heightMm"]) = (R(box.XMm), R(box.YMm), R(box.WidthMm), R(box.HeightMm));
        if (face is { } side && side != job.Blank.Face)
            layer["face"] = side == Face.Back ? "back" : "front";
        return layer;
    }

    /// <summary>Writes what the font of words is called where it does not ship: it may be missing where the job is opened.</summary>
    public static void Named(JsonObject word, LetterFont font)
    {
        word.Remove("fontName");
        if (font.IsOwn)
            word["fontName"] = font.Name;
    }

    /// <summary>A job that was only just begun: one layer, and nothing known of it.</summary>
    public static bool IsBare(JsonArray layers) => layers is [JsonObject only] && only["shape"] is null && only["widthMm"] is null;

    /// <summary>Where a layer lies; null while that is not said.</summary>
    public static Box? Measured(JsonObject layer) =>
        (double?)layer["xMm"] is { } x && (double?)layer["yMm"] is { } y && (double?)layer["widthMm"] is { } w
        && (double?)layer["heightMm"] is { } h ? new Box(x, y, w, h) : null;

    /// <summary>The face of the layer at an index.</summary>
    public static Face FaceAt(JsonObject file, int index) =>
        ((string?)file["layers"]![index]!["face"] ?? (string?)file["blank"]!["face"]) == "back" ? Face.Back : Face.Front;

    /// <summary>A layer's id, also when the file leaves it out.</summary>
    public static string IdOf(JsonNode? layer, int index) => (string?)layer?["id"] ?? (index == 0 ? "vinyl" : $"layer-{index + 1}");

    /// <summary>Where the layer with an id stands; -1 when there is none.</summary>
    public static int IndexOf(JsonArray layers, string id) =>
        Enumerable.Range(0, layers.Count).FirstOrDefault(i => IdOf(layers[i], i) == id, -1);

    /// <summary>An id that is not taken yet; it is then.</summary>
    public static string Free(HashSet<string> taken, string wish)
    {
        var id = wish;
        for (var n = 2; !taken.Add(id); n++)
            id = $"{wish}-{n}";
        return id;
    }
}
