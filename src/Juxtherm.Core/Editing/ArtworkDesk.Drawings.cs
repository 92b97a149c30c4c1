using System.Text.Json.Nodes;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Artwork.Svg;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Editing;

public sealed partial class ArtworkDesk
{
    // How far it is when a drawing is read, and when it is split by colour.
    private const double ReadBy = 0.35;
    private const double SplitBy = 0.6;

    /// <summary>Brings a drawing in, in place of the layers or above them.</summary>
    /// <param name="json">The job file.</param>
    /// <param name="svg">The drawing.</param>
    /// <param name="separation">How it is split by colour.</param>
    /// <param name="replace">Whether it takes the place of all layers on the printed face.</param>
    /// <param name="problems">Filled with what is wrong.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>The file afterwards; null when anything is wrong.</returns>
    public DeskAnswer? BringIn(string json, string svg, Separation separation, bool replace, Problems problems, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(problems);
        if (JobReader.Read(json, catalogue, problems, memory) is not { } job || Read(svg, problems, cancel) is not { } drawing)
            return null;
        var file = JsonNode.Parse(json)!.AsObject();
        var layers = file["layers"]!.AsArray();
        var kept = replace ? layers.Where((_, i) => LayerNodes.FaceAt(file, i) != job.Blank.Face).ToList() : [.. layers];
        var colours = Fewer(Split(drawing, separation, cancel), JobReader.MostLayers - kept.Count, out var merged);
        if (colours.Count == 0)
        {
            problems.Add("/layers", new Phrase("artwork-desk.out-of-range-2", ("kept", kept.Count), ("mostLayers", JobReader.MostLayers)),
                "out-of-range");
            return null;
        }

        var notices = drawing.Notices(Words).ToList();
        if (merged > 0)
            notices.Add(Notice.Of("colours-merged", NoticeLevel.Caution,
                Words.Say("artwork-desk.colours-merged", ("colours", colours.Count + merged), ("merged", merged)),
                Words.Say("artwork-desk.colours-merged-why", ("most", JobReader.MostLayers)), [("merged", merged, "1")], []));
        var around = Shapes.Around([.. colours.Select(c => c.Bounds)]);
        var scale = Fit(around, job.Blank.Faces[job.Blank.Face], notices);
        var vinyl = job.Layers[0].Vinyl.Id;
        var ids = new HashSet<string>(kept.Select(LayerNodes.IdOf), StringComparer.Ordinal);
        layers.Clear();
        foreach (var node in kept)
            layers.Add(node);
        foreach (var colour in colours)
        {
            var box = new Box((colour.Bounds.XMm - around.XMm) * scale, (colour.Bounds.YMm - around.YMm) * scale,
                colour.Bounds.WidthMm * scale, colour.Bounds.HeightMm * scale);
            var layer = new JsonObject
            {
                ["id"] = LayerNodes.Free(ids, ColourWords.Nearest(colour.Colour)),
                ["vinyl"] = vinyl,
                ["colour"] = colour.Colour
            };
            layers.Add(LayerNodes.Laid(layer, colour.Shape.PathIn(box), box, job.Blank.Face, job));
        }

        if (Placed(file, colours.Count, job, problems) is not { } done)
            return null;
        Measure(done, problems);
        if (drawing.SaysReversed)
            notices.Add(SaysReversed(done, kept.Count));
        return new DeskAnswer(done, notices);
    }

    private static Drawing? Read(string svg, Problems problems, CancellationToken cancel)
    {
        using var part = Patience.Part(0, ReadBy);
        return SvgReader.Read(svg, problems, cancel);
    }

    private static IReadOnlyList<ColourLayer> Split(Drawing drawing, Separation separation, CancellationToken cancel)
    {
        using var part = Patience.Part(ReadBy, SplitBy);
        return ColourLayers.Of(drawing, separation, cancel);
    }

    /// <summary>Measures what was brought in: whoever looks at it next finds it done.</summary>
    private void Measure(JsonObject file, Problems problems)
    {
        using var part = Patience.Part(SplitBy, 1);
        var layers = JobReader.Read(file.ToJsonString(), catalogue, problems, memory)?.Layers ?? [];
        foreach (var (i, layer) in layers.Index())
        {
            Patience.Tell(i, layers.Count);
            _ = layer.Shape?.Measures;
        }
    }

    /// <summary>Asks whether a drawing that says so is reversed already.</summary>
    private Notice SaysReversed(JsonObject file, int from) =>
        Notice.Of("says-reversed", NoticeLevel.Note, Words.Say("says-reversed.note"), Words.Say("says-reversed.note-why"), [], []) with
        {
            Remedies = [new Remedy(Words.Say("reads-backwards.reversed"),
                [.. Enumerable.Range(from, file["layers"]!.AsArray().Count - from)
                    .Select(i => JobEdit.To($"/layers/{i}/reversed", true))])],
        };
}
