using System.Text.Json.Nodes;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Artwork.Svg;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Editing;

public sealed partial class ArtworkDesk
{
    /// <summary>Puts what has just been brought in where the first rule proposes.</summary>
    private JsonObject? Placed(JsonObject file, int count, Job before, Problems problems, int? only = null)
    {
        if (JobReader.Read(file.ToJsonString(), catalogue, problems, memory) is not { } job)
            return null;
        var layers = file["layers"]!.AsArray();
        var mine = only is { } one ? [layers[one]!.AsObject()] : layers.TakeLast(count).Select(l => l!.AsObject()).ToList();
        var ids = mine.ConvertAll(l => LayerNodes.IdOf(l, layers.IndexOf(l)));
        var alone = job with { Layers = [.. job.Layers.Where(l => ids.Contains(l.Id, StringComparer.Ordinal))] };
        if (JobPlacement.Artwork(alone, before.Blank.Face) is not { } art)
            return file;
        var (x, y) = JobPlacement.Usual(alone, before.Blank.Face, art);
        foreach (var layer in mine)
        {
            layer["xMm"] = Math.Round((double)layer["xMm"]! + x - art.XMm, 3);
            layer["yMm"] = Math.Round((double)layer["yMm"]! + y - art.YMm, 3);
        }

        return file;
    }

    private double Fit(Box drawn, BlankShape blank, List<Notice> notices)
    {
        var fits = drawn.WidthMm <= blank.WidthMm && drawn.HeightMm <= blank.HeightMm;
        if (fits && drawn.WidthMm >= blank.WidthMm * SmallShare)
            return 1;
        var scale = Math.Min(blank.WidthMm * UsualShare / drawn.WidthMm, blank.HeightMm * UsualShare / drawn.HeightMm);
        notices.Add(Notice.Of("size-chosen", NoticeLevel.Note,
            Words.Say("artwork-desk.size-chosen", ("width", drawn.WidthMm), ("height", drawn.HeightMm), ("fits", fits),
                ("newWidth", drawn.WidthMm * scale), ("newHeight", drawn.HeightMm * scale)),
            Words.Say("artwork-desk.size-chosen-why"),
                [("width", drawn.WidthMm * scale, "mm"), ("height", drawn.HeightMm * scale, "mm")], []));
        return scale;
    }

    /// <summary>The colours with most ground; the others go to the one nearest to theirs.</summary>
    private static List<(string Colour, CutShape Shape, Box Bounds)> Fewer(IReadOnlyList<ColourLayer> all, int room, out int merged)
    {
        var left = all.Select(c => (c.Colour, Ground: c.Shape.Ground)).ToList();
        merged = 0;
        while (left.Count > Math.Max(room, 0) && left.Count > 1)
        {
            var small = left.MinBy(c => c.Ground.Area);
            left.Remove(small);
            var near = left.MinBy(c => ColourWords.Apart(c.Colour, small.Colour));
            left[left.IndexOf(near)] = near with { Ground = Plane.Union(near.Ground, small.Ground) };
            merged++;
        }

        return room <= 0
            ? [] : left.ConvertAll(c => (c.Colour, Shape: CutShape.Of(c.Ground)!)).ConvertAll(c => (c.Colour, c.Shape, c.Shape.Bounds));
    }
}
