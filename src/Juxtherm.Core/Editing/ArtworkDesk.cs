using System.Text.Json.Nodes;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Artwork.Work;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Editing;

/// <summary>
/// Works on the artwork inside a job file: brings drawings in, sets words, and does the work on layers that is done by hand
/// otherwise. Each call takes a file and gives a file, so that taking the earlier one back undoes it exactly.
/// </summary>
/// <param name="catalogue">What the ids may be.</param>
/// <param name="memory">Where what is worked out of drawings is kept.</param>
/// <param name="language">Says what was done otherwise than drawn.</param>
public sealed partial class ArtworkDesk(CatalogueSnapshot catalogue, WorkMemory memory, ILanguage language)
{
    // Drawings smaller than this share of the free width were drawn without a size in mind.
    private const double SmallShare = 0.15;
    private const double UsualShare = 0.6;
    private const double BelowArtMm = 10;

    /// <summary>The kinds of work there are.</summary>
    public static IReadOnlyList<KindOfWork> Kinds { get; } =
        [.. Desk.All.Select(w => new KindOfWork(w.Id, w.Length?.Least, w.Length?.Most, w.Length?.Usual, w.Needs))];

    /// <summary>Does a piece of work on layers.</summary>
    /// <param name="json">The job file.</param>
    /// <param name="asked">What, and on which.</param>
    /// <param name="problems">Filled with what is wrong.</param>
    /// <returns>The file afterwards; null when anything is wrong.</returns>
    public DeskAnswer? Work(string json, WorkAsked asked, Problems problems)
    {
        ArgumentNullException.ThrowIfNull(asked);
        ArgumentNullException.ThrowIfNull(problems);
        if (JobReader.Read(json, catalogue, problems, memory) is not { } job)
            return null;
        if (Desk.All.FirstOrDefault(w => w.Id == asked.Action) is not { } work)
            problems.Add("/action",
                new Phrase("artwork-desk.unknown-id", ("action", asked.Action), ("kinds", Thing.List(Kinds.Select(k => k.Id)))),
                "unknown-id");
        else if (work.Length is { } l && asked.Mm is { } mm && !(mm >= l.Least && mm <= l.Most))
            problems.Add("/mm", new Phrase("artwork-desk.out-of-range", ("asked", mm), ("least", l.Least), ("most", l.Most)),
                "out-of-range");
        else if (asked.Layers.Count == 0)
            problems.Add("/layers", new Phrase("artwork-desk.missing"), "missing");
        else if (asked.Layers.FirstOrDefault(id => job.Layers.All(layer => layer.Id != id)) is { } unknown)
            problems.Add("/layers",
                new Phrase("artwork-desk.unknown-id-2", ("unknown", unknown), ("layers", Thing.List(job.Layers.Select(layer => layer.Id)))),
                "unknown-id");
        else if (work.Needs == WorkNeeds.Region && asked.Region is not { IsDrawn: true })
            problems.Add("/region", new Phrase("artwork-desk.region", ("most", WorkRegion.MostMm)), "missing");
        else
            return Done(json, job, work, new WorkOrder(asked.Layers, asked.Mm ?? work.Length?.Usual ?? 0)
            {
                Pieces = asked.Pieces ?? new Dictionary<string, IReadOnlyList<int>>(StringComparer.Ordinal),
                Region = work.Needs == WorkNeeds.Region ? asked.Region!.Ground() : null
            }, problems);
        return null;
    }

    /// <summary>Sets words into a layer, or into a new one.</summary>
    /// <param name="json">The job file.</param>
    /// <param name="layerId">Id of the layer that holds words already; null for a new layer.</param>
    /// <param name="word">What is set, as the job file writes it.</param>
    /// <param name="problems">Filled with what is wrong.</param>
    /// <returns>The file afterwards; null when anything is wrong.</returns>
    public DeskAnswer? SetWords(string json, string? layerId, JsonObject word, Problems problems)
    {
        ArgumentNullException.ThrowIfNull(word);
        ArgumentNullException.ThrowIfNull(problems);
        if (JobReader.Read(json, catalogue, problems, memory) is not { } job)
            return null;
        var file = JsonNode.Parse(json)!.AsObject();
        var layers = file["layers"]!.AsArray();
        var at = layerId is null ? -1 : LayerNodes.IndexOf(layers, layerId);
        if (layerId is not null && (at < 0 || layers[at]!["word"] is null))
        {
            problems.Add("/layer", new Phrase("artwork-desk.unknown-id-3", ("layerId", layerId)), "unknown-id");
            return null;
        }

        if (at < 0 && layers.Count >= JobReader.MostLayers && !LayerNodes.IsBare(layers))
        {
            problems.Add("/layers",
                new Phrase("artwork-desk.out-of-range-3", ("layers", layers.Count), ("mostLayers", JobReader.MostLayers)), "out-of-range");
            return null;
        }

        var fresh = at < 0;
        if (fresh && LayerNodes.IsBare(layers))
        {
            // A job that was only just begun has one layer that holds nothing: the words go there.
            at = 0;
        }
        else if (fresh)
        {
            var ids = new HashSet<string>(layers.Select((l, i) => LayerNodes.IdOf(l, i)), StringComparer.Ordinal);
            layers.Add(new JsonObject
            {
                ["id"] = LayerNodes.Free(ids, "words"),
                ["vinyl"] = job.Layers[0].Vinyl.Id,
                ["colour"] = job.Layers[0].Colour ?? "#222222"
            });
            at = layers.Count - 1;
        }

        var node = layers[at]!.AsObject();
        node["word"] = word.DeepClone();
        if (JobReader.Read(file.ToJsonString(), catalogue, problems,
            memory)?.Layers.FirstOrDefault(l => l.Id == LayerNodes.IdOf(node, at))?.Words
            is not { } lettering)
            return null;
        if (lettering.Typeface is not { } font)
        {
            problems.Add("/word/font", new Phrase("artwork-desk.font-missing", ("font", lettering.Font)), "unknown-id");
            return null;
        }

        LayerNodes.Named(node["word"]!.AsObject(), font);
        var set = LetterShapes.Set(lettering);
        if (set.Shape is not { } shape)
        {
            problems.Add("/word/text", new Phrase("artwork-desk.nothing-to-cut", ("lettering", lettering.Text)), "nothing-to-cut");
            return null;
        }

        var notices = Missing(set.Missing, lettering);
        // Letters keep their middle and the line they stand on.
        var before = LayerNodes.Measured(node);
        var box = before is { } b
            ? b.Standing(shape.Bounds.WidthMm, shape.Bounds.HeightMm) : shape.Bounds with { XMm = 0, YMm = 0 };
        LayerNodes.Laid(node, shape.Text, box, fresh ? job.Blank.Face : null, job);
        if (before is null && JobPlacement.Artwork(job, job.Blank.Face) is { } art)
        {
            // Beside other artwork words begin below it, on its middle.
            LayerNodes.Laid(node, null,
                box with { XMm = art.XMm + (art.WidthMm - box.WidthMm) / 2, YMm = art.YMm + art.HeightMm + BelowArtMm }, null, job);
            return new DeskAnswer(file, notices);
        }

        if (before is not null)
            return new DeskAnswer(file, notices);
        return Placed(file, 1, job, problems, at) is { } done ? new DeskAnswer(done, notices) : null;
    }

    private IWords Words => language.WordsFor(UnitSystem.Metric);

    private IReadOnlyList<Notice> Missing(IReadOnlyList<string> missing, Lettering lettering) => missing.Count == 0
        ? []
        : [Notice.Of("letter-missing", NoticeLevel.Caution,
            Words.Say("artwork-desk.letter-missing", ("missing", string.Join(" ", missing)), ("text", lettering.Text)),
            Words.Say("artwork-desk.letter-missing-why"), [], [])];

    private static DeskAnswer? Done(string json, Job job, ILayerWork work, WorkOrder order, Problems problems)
    {
        var desk = job.Layers.Where(l => l.Box is not null).Select(l => new DeskLayer(
            l.Id, l.Vinyl.Id, l.Colour, (int)l.Face, l.Vinyl.Stack.LiesOn.Value != LiesOn.Any, l.Shape
            ?? CutShape.Boxed(l.WidthMm!.Value, l.HeightMm!.Value), l.Box!.Value)).ToList();
        if (order.Chosen.FirstOrDefault(id => desk.TrueForAll(l => l.Id != id)) is { } nowhere)
        {
            problems.Add("/layers", new Phrase("artwork-desk.missing-2", ("nowhere", nowhere)), "missing");
            return null;
        }

        try
        {
            var after = work.Do(desk, order);
            if (after.Count == 0)
                throw new RefusedDrawing(new Phrase("artwork-desk.nothing-left"), "out-of-range");
            var file = JsonNode.Parse(json)!.AsObject();
            var many = file["layers"]!.AsArray().Count + after.Count - desk.Count;
            if (after.Count > desk.Count && many > JobReader.MostLayers)
                throw new RefusedDrawing(new Phrase("artwork-desk.too-many", ("many", many), ("most", JobReader.MostLayers)),
                    "out-of-range");
            return new DeskAnswer(Written(file, desk, after, job), []);
        }
        catch (RefusedDrawing refused)
        {
            problems.Add("/layers", refused.Says, refused.Code);
            return null;
        }
    }

    /// <summary>Writes layers back into the file; what is hidden or not placed stays where it was in the order.</summary>
    private static JsonObject Written(JsonObject file, List<DeskLayer> before, IReadOnlyList<DeskLayer> after, Job job)
    {
        var layers = file["layers"]!.AsArray();
        var gone = before.Select(l => l.Id).Except(after.Select(l => l.Id), StringComparer.Ordinal).ToHashSet(StringComparer.Ordinal);
        for (var i = layers.Count - 1; i >= 0; i--)
        {
            layers[i]!["id"] ??= LayerNodes.IdOf(layers[i], i);
            if (gone.Contains(LayerNodes.IdOf(layers[i], i)))
                layers.RemoveAt(i);
        }

        foreach (var node in layers)
            LayerNodes.Forget(node!.AsObject(), gone);
        // From the uppermost down, so that a new layer finds the one that it lies under.
        for (var i = after.Count - 1; i >= 0; i--)
        {
            var layer = after[i];
            var at = LayerNodes.IndexOf(layers, layer.Id);
            if (at < 0)
            {
                // A new layer lies directly below the one that follows it.
                at = i + 1 < after.Count ? LayerNodes.IndexOf(layers, after[i + 1].Id) : layers.Count;
                layers.Insert(at, new JsonObject { ["id"] = layer.Id, ["vinyl"] = layer.Vinyl, ["colour"] = layer.Colour });
                LayerNodes.Laid(layers[at]!.AsObject(), layer.Shape.Text, layer.Box, (Face)layer.Side, job);
                continue;
            }

            var was = before.Find(l => l.Id == layer.Id);
            if (ReferenceEquals(was, layer))
                continue;
            var node = layers[at]!.AsObject();
            LayerNodes.Laid(node, layer.Recut ? layer.Shape.Text : null, layer.Box, null, job);
            // What was cut is no longer what was set.
            if (layer.Recut)
                node.Remove("word");
        }

        return file;
    }
}
