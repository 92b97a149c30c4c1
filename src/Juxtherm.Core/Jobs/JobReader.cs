using System.Text.Json;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Catalogue.Own;
using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Jobs;

/// <summary>
/// Reads a job file. Members that are not known are left alone: whoever keeps the file keeps its text, so they are given back.
/// </summary>
public static class JobReader
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

    /// <summary>Most results of test patches in one job.</summary>
    public const int MostPatches = 20;

    /// <summary>Widest margin between pieces accepted, mm.</summary>
    public const double MostCutMarginMm = 50;

    // As far down as a remedy changes anything: /layers/0/label/for.
    private const int DeepestChange = 4;

    internal const string ContourCarrier = "contour";

    /// <summary>A figure is for the press in use.</summary>
    public const string ForThisPress = "this-press";

    /// <summary>A figure is for a plate press.</summary>
    public const string ForPlatePress = "plate-press";

    internal const string BoxCarrier = "box";
    internal const string Advise = "advise";

    /// <summary>Size ids, smallest first.</summary>
    public static IReadOnlyList<string> Sizes { get; } = ["infant", "toddler", "child", "adult-s", "adult-m", "adult-l", "adult-xl",
        "adult-2xl", "adult-3xl"];
    /// <summary>What may be known of a blank besides its make.</summary>
    public static readonly IReadOnlyList<string> Traits = ["prewashed", "dyed-dark", "sublimation-dyed", "tie-dyed", "water-repellent",
        "unknown-fibre", "fixed-frame", "costly"];

    /// <summary>Reads the text of a job file.</summary>
    /// <param name="json">The text.</param>
    /// <param name="catalogue">What the ids may be.</param>
    /// <param name="problems">Filled with everything that is wrong.</param>
    /// <param name="memory">Where what is worked out of it is kept; null for one of its own.</param>
    /// <returns>The job; null when anything is wrong.</returns>
    public static Job? Read(string json, CatalogueSnapshot catalogue, Problems problems, WorkMemory? memory = null)
    {
        ArgumentNullException.ThrowIfNull(json);
        ArgumentNullException.ThrowIfNull(catalogue);
        ArgumentNullException.ThrowIfNull(problems);
        try
        {
            using var document = JsonDocument.Parse(json, new JsonDocumentOptions { AllowDuplicateProperties = false, MaxDepth = 32 });
            var root = new JsonCursor(document.RootElement, "", problems);
            var job = root.IsObject() && Header(root) ? Body(root, catalogue, memory ?? new WorkMemory()) : null;
            return problems.None ? job : null;
        }
        catch (JsonException e)
        {
            problems.Add("",
                new Phrase("job-reader.broken", ("lineNumber", e.LineNumber + 1), ("bytePositionInLine", e.BytePositionInLine + 1)),
                "broken");
            return null;
        }
    }

    private static bool Header(JsonCursor root)
    {
        var format = JobContract.Format.In(root);
        var version = root[JobContract.Version.Name];
        if (!version.Exists)
            version.Fault(new Phrase("file-version.missing", ("version", Version)), "missing");
        else if (version.Whole(1, int.MaxValue) is > Version and var found)
            version.Fault(new Phrase("job-reader.newer-version", ("found", found), ("version", Version)), "newer-version");
        else
            return format is not null;
        return false;
    }

    private static Job? Body(JsonCursor root, CatalogueSnapshot shipped, WorkMemory memory)
    {
        // A file may bring its own vinyls, blanks and presses, so that it is whole elsewhere.
        var catalogue = OwnEntries.Join(root[OwnLists.All.Name], shipped);
        var title = JobContract.Title.In(root, "Untitled");
        var (quantity, due) = (JobContract.Quantity.In(root) ?? 1, RunReader.DueOf(root));
        var (itsBlank, itsTools) = (JobContract.Blank.In(root), JobContract.Tools.In(root));
        var source = ToolsMembers.HeatSource.In(itsTools, catalogue.HeatSources.Keys) is { } press ? catalogue.HeatSources[press] : null;
        var blank = BlankReader.Read(itsBlank, catalogue, source);
        var tools = ToolsReader.Read(itsTools, catalogue, source, blank?.Form);
        var cut = CutReader.Read(root);
        var layers = LayersReader.Read(root[JobContract.Layers.Name], catalogue, blank?.Face ?? Face.Front, memory);
        var pieces = RunReader.PiecesOf(root);
        var (choices, accepted) = (RunReader.ChoicesOf(root), RunReader.AcceptedOf(root));
        if (blank is not null)
            blank = blank
                with
            {
                InSize = BlankReader.InSizes(blank, pieces.Select(n => n.Size).OfType<string>(), catalogue)
            };
        return blank is null || tools is null || layers is null
            ? null : new Job(title, quantity, blank, tools, layers, choices, accepted)
            {
                Due = due,
                Pieces = pieces,
                Patches = RunReader.PatchesOf(root),
                Used = RunReader.UsedOf(root),
                Cut = cut,
                Memory = memory,
                Given = root.Pointers(DeepestChange)
                .ToHashSet(StringComparer.Ordinal),
                Order = LayersReader.OrderOf(root, layers)
            };
    }
}
