using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs;

/// <summary>A job for one piece of a run, to cut its vinyl again.</summary>
public static class OnePieceJob
{
    private const int LongestTitle = 120;

    /// <summary>Makes it of the run's own job.</summary>
    /// <param name="json">The run's job file.</param>
    /// <param name="title">The run's title.</param>
    /// <param name="piece">The piece.</param>
    /// <param name="words">Says its title.</param>
    /// <returns>A job file for that piece alone, and its title.</returns>
    public static (string Json, string Title) Of(string json, string title, Piece piece, IWords words)
    {
        ArgumentNullException.ThrowIfNull(piece);
        var job = JsonNode.Parse(json)!.AsObject();
        var (name, size) = (piece.Wanted.Name, piece.Wanted.Size);
        title = words.Say("one-piece-job.text", ("title", title), ("name", name), ("number", piece.Number));
        title = title.Length > LongestTitle ? title[..LongestTitle] : title;
        (job["title"], job["quantity"]) = (title, 1);
        // The run's other garments are not cut again.
        job.Remove("sizes");
        job.Remove("names");
        if (name.Length > 0)
            job["names"] = new JsonArray(new JsonObject
            {
                ["name"] = name,
                ["size"] = size,
                ["garmentColour"] = piece.Wanted.GarmentColour,
                ["colour"] = piece.Wanted.Colour,
                ["widthMm"] = piece.Wanted.WidthMm,
            });
        else if (size is not null)
            job["blank"]!["size"] = size;
        if (piece.Wanted.GarmentColour is { } garment)
            job["blank"]!["colour"] = garment;
        return (job.ToJsonString(), title);
    }
}
