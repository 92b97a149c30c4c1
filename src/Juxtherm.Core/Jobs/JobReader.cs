using Juxtherm.Core.Notices;
using System.Text.Json;
using System.Text.RegularExpressions;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Items.Patterns;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Jobs;

/// <summary>
/// Reads a job file. Members that are not known are left alone: whoever keeps the file keeps its text, so they are given back.
/// </summary>
public static partial class JobReader
{
    /// <summary>Value of <c>format</c>.</summary>
    public const string Format = "juxtherm.job";

    /// <summary>The newest version that is understood.</summary>
    public const int Version = 1;

    /// <summary>Least width or height of artwork accepted, mm.</summary>
    public const double LeastMm = 0.1;

    /// <summary>Largest width or height accepted, mm.</summary>
    public const double MostMm = 3000;

    /// <summary>Most pieces accepted in one job.</summary>
    public const int MostPieces = 999;

    /// <summary>Most layers of vinyl accepted in one job.</summary>
    public const int MostLayers = 12;

    internal const string ContourCarrier = "contour";

    /// <summary>A figure is for the press in use.</summary>
    public const string ForThisPress = "this-press";

    /// <summary>A figure is for a plate press.</summary>
    public const string ForPlatePress = "plate-press";

    private const string BoxCarrier = "box";
    private const string Advise = "advise";

    /// <summary>Size ids, smallest first.</summary>
    public static IReadOnlyList<string> Sizes { get; } = ["infant", "toddler", "child", "adult-s", "adult-m", "adult-l", "adult-xl", "adult-2xl", "adult-3xl"];
    private static readonly string[] Features = ["collar", "seam", "zip", "button", "snap", "pocket", "hem", "strap", "handle", "frame", "metal"];
    /// <summary>What may be known of a blank besides its make.</summary>
    public static readonly IReadOnlyList<string> Traits = ["prewashed", "dyed-dark", "sublimation-dyed", "tie-dyed", "water-repellent", "unknown-fibre", "fixed-frame", "costly"];

    /// <summary>Reads the text of a job file.</summary>
    /// <param name="json">The text.</param>
    /// <param name="catalogue">What the ids may be.</param>
    /// <param name="problems">Filled with everything that is wrong.</param>
    /// <returns>The job; null when anything is wrong.</returns>
    public static Job? Read(string json, CatalogueSnapshot catalogue, Problems problems)
    {
        ArgumentNullException.ThrowIfNull(json);
        ArgumentNullException.ThrowIfNull(catalogue);
        ArgumentNullException.ThrowIfNull(problems);
        try
        {
            using var document = JsonDocument.Parse(json, new JsonDocumentOptions { AllowDuplicateProperties = false, MaxDepth = 32 });
            var root = new JsonCursor(document.RootElement, "", problems);
            var job = root.IsObject() && Header(root) ? Body(root, catalogue) : null;
            return problems.None ? job : null;
        }
        catch (JsonException e)
        {
            problems.Add("", new Phrase("job-reader.broken", ("lineNumber", e.LineNumber + 1), ("bytePositionInLine", e.BytePositionInLine + 1)), "broken");
            return null;
        }
    }

    private static bool Header(JsonCursor root)
    {
        var format = root["format"].Choice([Format], null);
        var version = root["version"];
        if (!version.Exists)
            version.Fault(new Phrase("job-reader.missing", ("version", Version)), "missing");
        else if (version.Whole(1, int.MaxValue) is > Version and var found)
            version.Fault(new Phrase("job-reader.newer-version", ("found", found), ("version", Version)), "newer-version");
        else
            return format is not null;
        return false;
    }

    /// <summary>Most results of test patches in one job.</summary>
    public const int MostPatches = 20;

    private static Job? Body(JsonCursor root, CatalogueSnapshot shipped)
    {
        // A file may bring its own vinyls, blanks and presses, so that it is whole elsewhere.
        var catalogue = OwnEntries.Join(root["own"], shipped);
        var title = root["title"].Text("Untitled", 120);
        var quantity = root["quantity"].Whole(1, MostPieces, "pieces") ?? 1;
        root["blank"].IsObject();
        root["tools"].IsObject();
        var source = SourceOf(root["tools"], catalogue);
        var blank = BlankOf(root["blank"], catalogue, source);
        var tools = ToolsOf(root["tools"], catalogue, source, blank?.Form);
        var cut = CutOf(root);
        var layers = LayersOf(root["layers"], catalogue, blank?.Face ?? Face.Front);
        var sizes = SizesOf(root["sizes"]);
        var names = NamesOf(root["names"]);
        var (choices, accepted) = (ChoicesOf(root["choices"]), AcceptedOf(root["accepted"]));
        if (blank is not null)
            blank = blank with { InSize = InSizes(blank, [.. names.Select(n => n.Size).OfType<string>(), .. sizes.Select(s => s.Size)], catalogue) };
        return blank is null || tools is null || layers is null ? null : new Job(title, quantity, blank, tools, layers, choices, accepted) { Names = names, Sizes = sizes, Patches = PatchesOf(root["patches"]), Used = UsedOf(root["used"]), Cut = cut, Order = OrderOf(root["order"], layers) };
    }

    private static List<SizeCount> SizesOf(JsonCursor list)
    {
        list.IsArray(required: false);
        return [.. list.Items.Where(i => i.IsObject()).Select(i => (Size: i["size"].Choice(Sizes, null), Count: i["count"].Whole(0, MostPieces, "pieces"))).Where(i => i is { Size: not null, Count: > 0 }).Select(i => new SizeCount(i.Size!, i.Count!.Value))];
    }

    private static List<PatchResult> PatchesOf(JsonCursor list)
    {
        list.IsArray(required: false);
        var outcomes = Enum.GetValues<PatchOutcome>().ToDictionary(o => o.ToString().ToLowerInvariant(), StringComparer.Ordinal);
        var found = new List<PatchResult>();
        if (list.Items.Count() > MostPatches)
            list.Fault(new Phrase("job-reader.out-of-range", ("items", list.Items.Count()), ("mostPatches", MostPatches)), "out-of-range");
        foreach (var item in list.Items.Where(i => i.IsObject()))
        {
            var (celsius, seconds) = (item["celsius"].Number(20, 500, "°C"), item["seconds"].Number(1, 600, "s"));
            if (item["outcome"].Choice([.. outcomes.Keys], null) is { } outcome && celsius is { } c && seconds is { } t)
                found.Add(new PatchResult(c, t, outcomes[outcome]));
        }

        return found;
    }

    private static UsedSetting? UsedOf(JsonCursor c)
    {
        if (!c.Exists || !c.IsObject())
            return null;
        var (celsius, seconds, from) = (c["celsius"].Number(20, 500, "°C"), c["seconds"].Number(1, 600, "s"), c["from"].Text("", 200));
        foreach (var needed in new[] { "celsius", "seconds" }.Where(n => !c[n].Exists))
            c[needed].Fault(new Phrase("job-reader.missing-2", ("pointer", c.Pointer), ("needed", needed)), "missing");
        var (pressure, back) = (PressureOf(c["pressure"]), c["backSeconds"].Number(0, 600, "s"));
        return celsius is { } at && seconds is { } time ? new UsedSetting(at, time, from) { Pressure = pressure, BackSeconds = back } : null;
    }

    /// <summary>What the job says of the ways of doing it; what it leaves to the advice is not in it.</summary>
    private static Dictionary<string, string> ChoicesOf(JsonCursor c)
    {
        c.IsObject(required: false);
        var said = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var (question, accepted) in Choices.Accepted)
        {
            if (c[question].Choice([Advise, .. accepted], Advise) is { } option && option != Advise)
                said[question] = option;
        }

        return said;
    }

    /// <summary>Notices that the crafter accepts: the code, and a word of their own.</summary>
    private static Dictionary<string, string> AcceptedOf(JsonCursor c)
    {
        c.IsArray(required: false);
        var said = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var item in c.Items.Where(i => i.IsObject()))
        {
            var word = item["word"].Text(longest: 200);
            if (word.Trim().Length == 0)
                item["word"].Fault(new Phrase("job-reader.missing-3", ("pointer", item.Pointer)), "missing");
            said[item["code"].Text(longest: 60)] = word;
        }

        return said;
    }

    private static Blank? BlankOf(JsonCursor c, CatalogueSnapshot catalogue, HeatSource? source)
    {
        var material = c["material"].Choice([.. catalogue.Materials.Keys], null);
        var form = c["form"].Choice([.. catalogue.Forms.Keys], material is null ? ReferencePractice.Form : UsualForm(catalogue, catalogue.Materials[material], source));
        var size = c["size"].Exists ? c["size"].Choice(Sizes, null) : null;
        var face = FaceOf(c["face"], Face.Front);
        var width = c["widthMm"].Number(5, MostMm, "mm");
        var height = c["heightMm"].Number(5, MostMm, "mm");
        ColourOf(c["colour"]);
        var dots = c["careDots"].Whole(0, 3, "dots");
        c["traits"].IsArray(required: false);
        var traits = c["traits"].Items.Select(t => t.Choice(Traits, null)).ToList();
        var own = FeaturesOf(c["features"]);
        if (material is null || form is null)
            return null;
        var (m, f) = (catalogue.Materials[material], catalogue.Forms[form]);
        if (!f.Materials.Contains(m.Kind))
        {
            var fitting = catalogue.Materials.Values.Where(x => f.Materials.Contains(x.Kind)).Select(x => x.Id);
            c["material"].Fault(new Phrase("job-reader.does-not-fit", ("pointer", c.Pointer), ("material", material), ("form", form), ("fitting", Thing.List(fitting))), "does-not-fit");
            return null;
        }

        var measures = catalogue.Measures[f.Id];
        var measured = MeasuredOf(c["measures"], measures);
        if (width is { } w)
            measured["freeWidth"] = w;
        if (height is { } h)
            measured["freeHeight"] = h;
        BlankShape Draw(Face side) => Blanks.Draw(f, measures, measures.UsualSize is null ? null : size, side, measured, side == face ? own : []);
        var (front, back) = (Draw(Face.Front), Draw(Face.Back));
        return new Blank(f, m, front.WidthMm, front.HeightMm, dots, traits.OfType<string>().ToHashSet(StringComparer.Ordinal))
        {
            Face = face,
            Size = front.Size,
            Faces = new Dictionary<Face, BlankShape> { [Face.Front] = front, [Face.Back] = back },
        };
    }

    /// <summary>The item in every other size that is asked for: typical measures, for the tape was held to one size only.</summary>
    private static Dictionary<string, IReadOnlyDictionary<Face, BlankShape>> InSizes(Blank blank, IEnumerable<string> sizes, CatalogueSnapshot catalogue)
    {
        var measures = catalogue.Measures[blank.Form.Id];
        BlankShape Draw(string size, Face face) => Blanks.Draw(blank.Form, measures, size, face, new Dictionary<string, double>(StringComparer.Ordinal), []);
        return blank.Size is null ? [] : sizes.Distinct(StringComparer.Ordinal).Where(s => s != blank.Size).ToDictionary(
            s => s, s => (IReadOnlyDictionary<Face, BlankShape>)new Dictionary<Face, BlankShape> { [Face.Front] = Draw(s, Face.Front), [Face.Back] = Draw(s, Face.Back) }, StringComparer.Ordinal);
    }

    private static Face FaceOf(JsonCursor c, Face otherwise) => (c.Exists ? c.Choice(["front", "back"], null) : null) switch { "front" => Face.Front, "back" => Face.Back, _ => otherwise };

    /// <summary>What the user's tape says, by measure id, mm.</summary>
    private static Dictionary<string, double> MeasuredOf(JsonCursor c, FormMeasures measures)
    {
        c.IsObject(required: false);
        var read = new Dictionary<string, double>(StringComparer.Ordinal);
        foreach (var name in c.Names)
        {
            if (!measures.Measures.Any(m => m.Id == name))
                c[name].Fault(new Phrase("job-reader.unknown-id", ("pointer", c.Pointer), ("name", name), ("form", measures.Form), ("measures", Thing.List(measures.Measures.Select(m => m.Id)))), "unknown-id");
            else if (c[name].Number(1, MostMm, "mm") is { } mm)
                read[name] = mm;
        }

        return read;
    }

    private static List<Feature> FeaturesOf(JsonCursor list)
    {
        list.IsArray(required: false);
        var read = new List<Feature>();
        foreach (var c in list.Items.Where(f => f.IsObject()))
        {
            var kind = c["kind"].Choice(Features, null);
            var box = new Box(c["xMm"].Number(-MostMm, MostMm, "mm") ?? 0, c["yMm"].Number(-MostMm, MostMm, "mm") ?? 0, c["widthMm"].Number(0, MostMm, "mm") ?? 0, c["heightMm"].Number(0, MostMm, "mm") ?? 0);
            if (kind is not null && box is { WidthMm: > 0, HeightMm: > 0 })
                read.Add(Feature.Boxed(Enum.Parse<FeatureKind>(kind, ignoreCase: true), kind, box) with { Own = true });
        }

        return read;
    }

    /// <summary>The form assumed when none is named: one that the material can be and, if there is one, that the press can press.</summary>
    private static string UsualForm(CatalogueSnapshot catalogue, Material material, HeatSource? source)
    {
        var fitting = catalogue.Forms.Values.Where(f => f.Materials.Contains(material.Kind)).ToList();
        var pressed = fitting.Where(f => source?.Presses.Contains(f.Shape) ?? true).ToList();
        var candidates = pressed.Count > 0 ? pressed : fitting;
        return (candidates.FirstOrDefault(f => f.UsualMaterial == material.Id) ?? candidates[0]).Id;
    }

    private static HeatSource? SourceOf(JsonCursor c, CatalogueSnapshot catalogue) => c["heatSource"].Choice([.. catalogue.HeatSources.Keys], null) is { } id ? catalogue.HeatSources[id] : null;

    /// <summary>What lies under a job that does not say: inside a frame what bears it from within, elsewhere the press brings its own.</summary>
    /// <returns>Its id.</returns>
    internal static string UsualUnderlay(CatalogueSnapshot catalogue, ItemForm? form, HeatSource? source) =>
        (form is { Framed: true } ? catalogue.Underlays.Values.FirstOrDefault(u => u.BearsFrames)?.Id : null) ?? source?.Underlay ?? ReferencePractice.Underlay;

    private static Tools? ToolsOf(JsonCursor c, CatalogueSnapshot catalogue, HeatSource? source, ItemForm? form)
    {
        var usual = UsualUnderlay(catalogue, form, source);
        var underlay = c["underlay"].Choice([.. catalogue.Underlays.Keys], usual);
        var cover = c["cover"].Choice([.. catalogue.Covers.Keys], source?.Cover ?? ReferencePractice.Cover);
        var width = c["plateWidthMm"].Number(10, MostMm, "mm");
        var height = c["plateHeightMm"].Number(10, MostMm, "mm");
        var cutter = CutterOf(c, catalogue);
        var steam = c["steam"].Flag(false);
        return source is null || underlay is null || cover is null
            ? null
            : new Tools(source, width ?? source.PlateWidthMm.Value, height ?? source.PlateHeightMm.Value, catalogue.Underlays[underlay], catalogue.Covers[cover], steam) { Cutter = cutter };
    }

    private static List<JobLayer>? LayersOf(JsonCursor layers, CatalogueSnapshot catalogue, Face face)
    {
        if (!layers.IsArray())
            return null;
        if (layers.Count is 0 or > MostLayers)
        {
            layers.Fault(layers.Count == 0 ? new Phrase("job-reader.layers-of") : new Phrase("job-reader.layers-of-2", ("layers", layers.Count), ("mostLayers", MostLayers)), layers.Count == 0 ? "missing" : "out-of-range");
            return null;
        }

        var read = layers.Items.Select((c, i) => LayerOf(c, i, catalogue, face)).ToList();
        if (read.Contains(null))
            return null;
        var known = read.ConvertAll(l => l!);
        for (var i = 0; i < known.Count; i++)
        {
            var layer = known[i];
            if (known.FindIndex(l => l.Id == layer.Id) < i)
                layers[i]["id"].Fault(new Phrase("job-reader.duplicate", ("pointer", layers[i].Pointer), ("layer", layer.Id)), "duplicate");
            for (var j = 0; j < layer.Over.Count; j++)
                layers[i]["over"][j].Choice([.. known.Select(l => l.Id).Where(id => id != layer.Id)], null);
        }

        var over = known.DistinctBy(l => l.Id, StringComparer.Ordinal).ToDictionary(l => l.Id, l => l.Over, StringComparer.Ordinal);
        if (Stackup.Circle(over) is { Count: > 0 } circle)
            layers.Fault(new Phrase("job-reader.circle", ("circle", Thing.List(circle)), ("circle2", circle[0])), "circle");
        return Seen(known, layers);
    }

    /// <summary>The order in which the crafter wants to lay the layers; hidden ones are passed over.</summary>
    private static List<string> OrderOf(JsonCursor list, List<JobLayer>? layers)
    {
        list.IsArray(required: false);
        var read = list.Items.Select(i => i.Text(longest: 40)).ToList();
        if (read.Count > MostLayers)
            list.Fault(new Phrase("job-reader.out-of-range-2", ("read", read.Count), ("mostLayers", MostLayers)), "out-of-range");
        if (read.Distinct(StringComparer.Ordinal).Count() < read.Count)
            list.Fault(new Phrase("job-reader.duplicate-2"), "duplicate");
        return [.. read.Where(id => layers?.Exists(l => l.Id == id) ?? false)];
    }

    /// <summary>Without the layers that are hidden: those are neither cut nor pressed.</summary>
    private static List<JobLayer> Seen(List<JobLayer> all, JsonCursor layers)
    {
        var hidden = all.Where(l => l.Hidden).Select(l => l.Id).ToHashSet(StringComparer.Ordinal);
        if (hidden.Count == 0)
            return all;
        if (hidden.Count == all.Count)
            layers.Fault(new Phrase("job-reader.missing-4"), "missing");
        return [.. all.Where(l => !l.Hidden).Select(l => l with { Over = [.. l.Over.Where(id => !hidden.Contains(id))] })];
    }

    private static JobLayer? LayerOf(JsonCursor c, int index, CatalogueSnapshot catalogue, Face face)
    {
        if (!c.IsObject())
            return null;
        var vinyl = c["vinyl"].Choice([.. catalogue.Vinyls.Keys], null);
        var colour = ColourOf(c["colour"]);
        var x = c["xMm"].Number(-MostMm, MostMm, "mm");
        var y = c["yMm"].Number(-MostMm, MostMm, "mm");
        var margin = c["carrierMarginMm"].Number(0, 200, "mm") ?? JobLayer.UsualCarrierMarginMm;
        var carrier = c["carrier"].Choice([BoxCarrier, ContourCarrier], BoxCarrier);
        c["over"].IsArray(required: false);
        var over = c["over"].Items.Select(o => o.Text(longest: 40)).ToList();
        var intricate = c["intricate"].Flag(false);
        var width = c["widthMm"].Number(LeastMm, MostMm, "mm");
        var height = c["heightMm"].Number(LeastMm, MostMm, "mm");
        bool? mirrored = c["mirrored"].Exists ? c["mirrored"].Flag(true) : null;
        var label = LabelOf(c["label"]);
        var side = FaceOf(c["face"], face);
        var (shape, word, hidden) = (ShapeOf(c["shape"]), WordOf(c["word"]), c["hidden"].Flag(false));
        var together = c["keepTogether"].Flag(true);
        var reversed = c["reversed"].Flag(false);
        if (reversed)
            shape = shape?.Reversed();
        if (vinyl is null)
            return null;
        // A drawn layer whose size is not said is as large as it was drawn.
        var layer = new JobLayer(
            c["id"].Text(index == 0 ? "vinyl" : $"layer-{index + 1}", 40), catalogue.Vinyls[vinyl], colour, width ?? shape?.Bounds.WidthMm, height ?? shape?.Bounds.HeightMm, x, y, margin, over, intricate, mirrored, label)
        {
            Face = side,
            Shape = shape,
            Reversed = reversed,
            Words = word,
            Hidden = hidden,
            At = index,
            CarrierCut = carrier == ContourCarrier ? CarrierCut.Contour : CarrierCut.Box,
            KeepTogether = together,
        };
        return c["intricate"].Exists ? layer : layer with { Intricate = IsIntricate(layer) };
    }

    private static WrapperLabel? LabelOf(JsonCursor c)
    {
        if (!c.Exists || !c.IsObject())
            return null;
        var celsius = c["celsius"].Number(80, 230, "°C");
        var seconds = c["seconds"].Number(1, 120, "s");
        var peel = c["peel"].Exists ? c["peel"].Choice([.. CatalogueIds.Peels.Keys], null) : null;
        var meant = c["for"].Exists ? c["for"].Choice([ForThisPress, ForPlatePress], null) : null;
        return new WrapperLabel(celsius, seconds, PressureOf(c["pressure"]), peel is null ? null : CatalogueIds.Peels[peel])
        {
            For = meant switch { ForThisPress => FigureFor.ThisPress, ForPlatePress => FigureFor.PlatePress, _ => FigureFor.NotSaid },
        };
    }

    private static PressureLevel? PressureOf(JsonCursor c) => c.Exists && c.Choice([.. CatalogueIds.Pressures.Keys], null) is { } level ? CatalogueIds.Pressures[level] : null;

    [GeneratedRegex("^#[0-9a-fA-F]{6}$", RegexOptions.NonBacktracking)]
    private static partial Regex Hex();
}
