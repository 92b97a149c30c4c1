using System.Text.Json;
using System.Text.RegularExpressions;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning;

/// <summary>
/// Reads a job file. Members that are not known are left alone: whoever keeps the file keeps its text, so they are given back.
/// </summary>
public static partial class JobReader
{
    /// <summary>Value of <c>format</c>.</summary>
    public const string Format = "juxtherm.job";

    /// <summary>The newest version that is understood.</summary>
    public const int Version = 1;

    /// <summary>Largest width or height accepted, mm.</summary>
    public const double MostMm = 3000;

    /// <summary>Most pieces accepted in one job.</summary>
    public const int MostPieces = 999;

    private static readonly string[] Sizes = ["infant", "toddler", "child", "adult-s", "adult-m", "adult-l", "adult-xl", "adult-2xl", "adult-3xl"];
    private static readonly string[] Features = ["collar", "seam", "zip", "button", "snap", "pocket", "hem", "strap", "handle", "frame", "metal"];
    private static readonly string[] Traits = ["prewashed", "dyed-dark", "sublimation-dyed", "tie-dyed", "water-repellent", "unknown-fibre", "fixed-frame", "costly"];

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
            problems.Add("", $"The text is not JSON that can be read: line {e.LineNumber + 1}, byte {e.BytePositionInLine + 1}. A job file is one JSON object.", "broken");
            return null;
        }
    }

    private static bool Header(JsonCursor root)
    {
        var format = root["format"].Choice([Format], null);
        var version = root["version"];
        if (!version.Exists)
            version.Fault($"/version is missing; {Version} is needed.", "missing");
        else if (version.Whole(1, int.MaxValue) is > Version and var found)
            version.Fault($"/version is {found}: this job was written by a newer program. Up to {Version} is understood here.", "newer-version");
        else
            return format is not null;
        return false;
    }

    private static Job? Body(JsonCursor root, CatalogueSnapshot catalogue)
    {
        var title = root["title"].Text("Untitled", 120);
        var quantity = root["quantity"].Whole(1, MostPieces, "pieces") ?? 1;
        root["blank"].IsObject();
        root["tools"].IsObject();
        root["choices"].IsObject(required: false);
        var tools = ToolsOf(root["tools"], catalogue);
        var blank = BlankOf(root["blank"], catalogue, tools?.Source);
        var layer = LayersOf(root["layers"], catalogue);
        return blank is null || tools is null || layer is null ? null : new Job(title, quantity, blank, tools, layer);
    }

    private static Blank? BlankOf(JsonCursor c, CatalogueSnapshot catalogue, HeatSource? source)
    {
        var material = c["material"].Choice([.. catalogue.Materials.Keys], null);
        var form = c["form"].Choice([.. catalogue.Forms.Keys], material is null ? ReferencePractice.Form : UsualForm(catalogue, catalogue.Materials[material], source));
        c["size"].Choice(Sizes, "adult-m");
        c["face"].Choice(["front", "back"], "front");
        var width = c["widthMm"].Number(5, MostMm, "mm");
        var height = c["heightMm"].Number(5, MostMm, "mm");
        var dots = c["careDots"].Whole(0, 3, "dots");
        c["traits"].IsArray(required: false);
        var traits = c["traits"].Items.Select(t => t.Choice(Traits, null)).ToList();
        c["features"].IsArray(required: false);
        foreach (var feature in c["features"].Items.Where(f => f.IsObject()))
        {
            feature["kind"].Choice(Features, null);
            foreach (var name in new[] { "xMm", "yMm" })
                feature[name].Number(-MostMm, MostMm, "mm");
            foreach (var name in new[] { "widthMm", "heightMm" })
                feature[name].Number(0, MostMm, "mm");
        }

        if (material is null || form is null)
            return null;
        var (m, f) = (catalogue.Materials[material], catalogue.Forms[form]);
        if (!f.Materials.Contains(m.Kind))
        {
            var fitting = catalogue.Materials.Values.Where(x => f.Materials.Contains(x.Kind)).Select(x => x.Id);
            c["material"].Fault($"{c.Pointer}/material is {material}, of which no {form} is made; accepted for it: {string.Join(", ", fitting)}.", "does-not-fit");
            return null;
        }

        return new Blank(f, m, width ?? f.WidthMm.Value, height ?? f.HeightMm.Value, dots, traits.Contains("prewashed"));
    }

    /// <summary>The form assumed when none is named: one that the material can be and, if there is one, that the press can press.</summary>
    private static string UsualForm(CatalogueSnapshot catalogue, Material material, HeatSource? source)
    {
        var fitting = catalogue.Forms.Values.Where(f => f.Materials.Contains(material.Kind)).ToList();
        var pressed = fitting.Where(f => source?.Presses.Contains(f.Shape) ?? true).ToList();
        var candidates = pressed.Count > 0 ? pressed : fitting;
        return (candidates.FirstOrDefault(f => f.UsualMaterial == material.Id) ?? candidates[0]).Id;
    }

    private static Tools? ToolsOf(JsonCursor c, CatalogueSnapshot catalogue)
    {
        var id = c["heatSource"].Choice([.. catalogue.HeatSources.Keys], null);
        var source = id is null ? null : catalogue.HeatSources[id];
        var underlay = c["underlay"].Choice([.. catalogue.Underlays.Keys], source?.Underlay ?? ReferencePractice.Underlay);
        var cover = c["cover"].Choice([.. catalogue.Covers.Keys], source?.Cover ?? ReferencePractice.Cover);
        var width = c["plateWidthMm"].Number(10, MostMm, "mm");
        var height = c["plateHeightMm"].Number(10, MostMm, "mm");
        c["cutterWidthMm"].Number(10, MostMm, "mm");
        c["cutterLengthMm"].Number(10, MostMm * 10, "mm");
        var steam = c["steam"].Flag(false);
        return source is null || underlay is null || cover is null
            ? null
            : new Tools(source, width ?? source.PlateWidthMm.Value, height ?? source.PlateHeightMm.Value, catalogue.Underlays[underlay], catalogue.Covers[cover], steam);
    }

    private static JobLayer? LayersOf(JsonCursor layers, CatalogueSnapshot catalogue)
    {
        if (!layers.IsArray())
            return null;
        if (layers.Count == 0)
        {
            layers.Fault("/layers is empty; one layer of vinyl is needed.", "missing");
            return null;
        }

        if (layers.Count > 1)
        {
            layers[1].Fault($"/layers holds {layers.Count} layers. Not yet: jobs with a single layer of vinyl can be planned so far; plan the layers as separate jobs.", "not-yet");
            return null;
        }

        var c = layers[0];
        if (!c.IsObject())
            return null;
        var vinyl = c["vinyl"].Choice([.. catalogue.Vinyls.Keys], null);
        var colour = c["colour"].Exists ? c["colour"].Text(longest: 20) : null;
        if (colour is not null && !Hex().IsMatch(colour))
            c["colour"].Fault($"{c.Pointer}/colour is “{colour}”; a colour as #rrggbb is accepted.", "wrong-type");
        foreach (var name in new[] { "xMm", "yMm" })
            c[name].Number(-MostMm, MostMm, "mm");
        c["carrierMarginMm"].Number(0, 200, "mm");
        c["over"].IsArray(required: false);
        c["intricate"].Flag(false);
        var width = c["widthMm"].Number(1, MostMm, "mm");
        var height = c["heightMm"].Number(1, MostMm, "mm");
        bool? mirrored = c["mirrored"].Exists ? c["mirrored"].Flag(true) : null;
        return vinyl is null ? null : new JobLayer(c["id"].Text("vinyl", 40), catalogue.Vinyls[vinyl], colour, width, height, mirrored, LabelOf(c["label"]));
    }

    private static WrapperLabel? LabelOf(JsonCursor c)
    {
        if (!c.Exists || !c.IsObject())
            return null;
        var celsius = c["celsius"].Number(80, 230, "°C");
        var seconds = c["seconds"].Number(1, 120, "s");
        var pressure = c["pressure"].Exists ? c["pressure"].Choice([.. CatalogueIds.Pressures.Keys], null) : null;
        var peel = c["peel"].Exists ? c["peel"].Choice([.. CatalogueIds.Peels.Keys], null) : null;
        return new WrapperLabel(celsius, seconds, pressure is null ? null : CatalogueIds.Pressures[pressure], peel is null ? null : CatalogueIds.Peels[peel]);
    }

    [GeneratedRegex("^#[0-9a-fA-F]{6}$", RegexOptions.NonBacktracking)]
    private static partial Regex Hex();
}
