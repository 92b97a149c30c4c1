using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Catalogue;

/// <summary>
/// Reads and checks catalogue files. In them a figure is a pair: the value, and the key of an entry in the file's own
/// <c>provenance</c> table, so that no figure can stand without saying where it comes from.
/// </summary>
public static partial class CatalogueReader
{
    private static readonly JsonDocumentOptions Strict = new()
    {
        AllowDuplicateProperties = false,
        CommentHandling = JsonCommentHandling.Disallow,
        MaxDepth = 16
    };

    /// <summary>Reads all files into one snapshot.</summary>
    /// <param name="files">The files; their order does not matter.</param>
    /// <exception cref="CatalogueException">Anything is wrong in any of them.</exception>
    public static CatalogueSnapshot Read(IEnumerable<CatalogueFile> files)
    {
        ArgumentNullException.ThrowIfNull(files);
        var sorted = files.OrderBy(f => f.Name, StringComparer.Ordinal).ToList();
        var parts = new Parts();
        var faults = new List<Phrase>();
        foreach (var file in sorted)
        {
            var problems = new Problems();
            try
            {
                using var document = JsonDocument.Parse(file.Text, Strict);
                ReadFile(new JsonCursor(document.RootElement, "", problems), parts);
            }
            catch (JsonException e)
            {
                problems.Add("",
                    new Phrase("catalogue-reader.broken", ("lineNumber", e.LineNumber + 1),
                        ("bytePositionInLine", e.BytePositionInLine + 1), ("message", e.Message)), "broken");
            }

            faults.AddRange(problems.Found.Select(p => new Phrase("catalogue-reader.in-file", ("file", file.Name), ("fault", p.Says))));
        }

        if (faults.Count == 0)
            faults.AddRange(parts.Missing());
        if (faults.Count > 0)
            throw new CatalogueException(faults);
        return new CatalogueSnapshot(Fingerprint(sorted), parts.Vinyls, parts.Materials, parts.HeatSources, parts.Forms, parts.Measures,
            parts.Covers, parts.Underlays, parts.Carrier!, parts.Work!)
        { Cutters = parts.Cutters };
    }

    private static string Fingerprint(IEnumerable<CatalogueFile> files)
    {
        var all = string.Join('\n', files.Select(f => f.Name + '\n' + f.Text));
        return Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(all)))[..12];
    }

    private static void ReadFile(JsonCursor root, Parts parts)
    {
        if (!root.IsObject())
            return;
        root.OnlyNames("provenance", "vinyls", "materials", "heatSources", "forms", "measures", "covers", "underlays", "carrier", "work",
            "cutters");
        var sources = ProvenanceTable(root["provenance"]);
        AddAll(root["vinyls"], parts.Vinyls, c => VinylOf(c, sources));
        AddAll(root["materials"], parts.Materials, c => MaterialOf(c, sources));
        AddAll(root["heatSources"], parts.HeatSources, c => HeatSourceOf(c, sources));
        AddAll(root["forms"], parts.Forms, c => FormOf(c, sources));
        AddAll(root["measures"], parts.Measures, c => MeasuresOf(c, sources), "form");
        AddAll(root["covers"], parts.Covers, c => SupplyOf(c, sources));
        AddAll(root["underlays"], parts.Underlays, c => SupplyOf(c, sources));
        AddAll(root["cutters"], parts.Cutters, c => CutterOf(c, sources));
        if (root["carrier"].Exists)
            parts.Carrier = SupplyOf(root["carrier"], sources);
        if (root["work"].Exists)
            parts.Work = WorkOf(root["work"], sources);
    }

    private static Dictionary<string, Provenance> ProvenanceTable(JsonCursor table)
    {
        var read = new Dictionary<string, Provenance>(StringComparer.Ordinal);
        if (!table.IsObject())
            return read;
        foreach (var key in table.Names)
        {
            var entry = table[key];
            entry.OnlyNames("kind", "source");
            var kind = entry["kind"].Choice(["published", "common-practice", "from-memory"], null);
            read[key] = new Provenance(
                kind switch
                {
                    "published" => ProvenanceKind.Published,
                    "common-practice" => ProvenanceKind.CommonPractice,
                    _ =>
                    ProvenanceKind.FromMemory
                },
                entry["source"].Text());
        }

        return read;
    }

    private static void AddAll<T>(JsonCursor list, Dictionary<string, T> into, Func<JsonCursor, T> read, string key = "id")
    {
        if (!list.IsArray(required: false))
            return;
        foreach (var item in list.Items.Where(i => i.IsObject()))
        {
            var id = item[key].Text(longest: 40);
            var entry = read(item);
            if (!into.TryAdd(id, entry))
                item[key].Fault(new Phrase("catalogue-reader.duplicate", ("pointer", item.Pointer), ("key", key), ("id", id)), "duplicate");
        }
    }

    private static ThermalFigures ThermalOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.IsObject();
        c.OnlyNames("conductivityWmK", "densityKgM3", "specificHeatJkgK", "thicknessMm", "regainPercent");
        return new ThermalFigures(
            Number(c["conductivityWmK"], sources, 0.01, 500), Number(c["densityKgM3"], sources, 5, 20_000),
            Number(c["specificHeatJkgK"], sources, 100, 5000),
            Number(c["thicknessMm"], sources, 0.01, 100), Optional(c["regainPercent"], sources, 0, 40));
    }

    private static readonly Sourced<double> NoOffset = new(0,
        new Provenance(ProvenanceKind.FromMemory, "nothing is known of it, so the dial is believed"));

    private static MaterialKind KindOf(JsonCursor c) => Word<MaterialKind>(c);

    private static CareKind CareOf(JsonCursor c) => Word<CareKind>(c);

    private static FaceShape ShapeOf(JsonCursor c) => Word<FaceShape>(c);

    private static Sourced<string>? Words(JsonCursor c, Dictionary<string, Provenance> sources) =>
        c.Exists ? Read(c, sources, v => v.Text()) : null;

    /// <summary>A member of an enumeration, written in kebab-case.</summary>
    private static T Word<T>(JsonCursor c)
        where T : struct, Enum
    {
        var known = Enum.GetValues<T>()
            .ToDictionary(v => JsonNamingPolicy.KebabCaseLower.ConvertName(v.ToString()), StringComparer.Ordinal);
        return c.Choice([.. known.Keys], null) is { } word ? known[word] : default;
    }

    private static Sourced<double> Number(JsonCursor c, Dictionary<string, Provenance> sources, double least, double most) =>
        Read(c, sources, v => v.RequiredNumber(least, most));

    private static Sourced<double>? Optional(JsonCursor c, Dictionary<string, Provenance> sources, double least, double most) =>
        c.Exists ? Number(c, sources, least, most) : null;

    private static Sourced<bool> Truth(JsonCursor c, Dictionary<string, Provenance> sources) => Read(c, sources, v => v.Flag(false));

    private static Sourced<Span> Spread(JsonCursor c, Dictionary<string, Provenance> sources, double least, double most) =>
        Read(c, sources, v =>
    {
        var span = new Span(v[0].RequiredNumber(least, most), v[1].RequiredNumber(least, most));
        if (span.High < span.Low)
            v.Fault(new Phrase("catalogue-reader.out-of-range", ("pointer", v.Pointer)), "out-of-range");
        return span;
    });

    /// <summary>A pair of value and provenance key.</summary>
    private static Sourced<T> Read<T>(JsonCursor pair, Dictionary<string, Provenance> sources, Func<JsonCursor, T> value)
    {
        if (pair.IsArray() && pair.Count != 2)
            pair.Fault(new Phrase("catalogue-reader.wrong-type", ("pointer", pair.Pointer)), "wrong-type");
        var key = pair[1].Choice([.. sources.Keys], null);
        return new Sourced<T>(value(pair[0]), key is null ? new Provenance(ProvenanceKind.FromMemory, "") : sources[key]);
    }

    private sealed class Parts
    {
        public Dictionary<string, Vinyl> Vinyls { get; } = new(StringComparer.Ordinal);

        public Dictionary<string, Material> Materials { get; } = new(StringComparer.Ordinal);

        public Dictionary<string, HeatSource> HeatSources { get; } = new(StringComparer.Ordinal);

        public Dictionary<string, ItemForm> Forms { get; } = new(StringComparer.Ordinal);

        public Dictionary<string, FormMeasures> Measures { get; } = new(StringComparer.Ordinal);

        public Dictionary<string, Supply> Covers { get; } = new(StringComparer.Ordinal);

        public Dictionary<string, Supply> Underlays { get; } = new(StringComparer.Ordinal);

        public Dictionary<string, Cutter> Cutters { get; } = new(StringComparer.Ordinal);

        public Supply? Carrier { get; set; }

        public WorkFigures? Work { get; set; }

        /// <summary>What the planner cannot do without, and links that lead nowhere.</summary>
        public IEnumerable<Phrase> Missing()
        {
            if (Carrier?.Thermal is null)
                yield return new Phrase("parts.missing");
            if (Work is null)
                yield return new Phrase("parts.missing-2");
            if (!Vinyls.ContainsKey(ReferencePractice.Vinyl))
                yield return new Phrase("parts.missing-3");
            foreach (var (kind, known, id) in new (string, IEnumerable<string>, string)[]
            {
                ("heat source", HeatSources.Keys, ReferencePractice.HeatSource), ("material", Materials.Keys, ReferencePractice.Material),
                ("form", Forms.Keys, ReferencePractice.Form), ("cutter", Cutters.Keys, ReferencePractice.Cutter),
                ("cover", Covers.Keys, ReferencePractice.Cover), ("underlay", Underlays.Keys, ReferencePractice.Underlay),
            })
            {
                if (!known.Contains(id, StringComparer.Ordinal))
                    yield return new Phrase("parts.missing-5", ("kind", kind), ("id", id));
            }

            if (!Cutters.ContainsKey(ReferencePractice.Cutter))
                yield return new Phrase("parts.missing-6", ("cutter", ReferencePractice.Cutter));
            foreach (var source in HeatSources.Values.Where(s => !Underlays.ContainsKey(s.Usual.Underlay)))
                yield return new Phrase("parts.missing-7", ("source", source.Id), ("underlay", source.Usual.Underlay));
            foreach (var source in HeatSources.Values.Where(s => !Covers.ContainsKey(s.Usual.Cover)))
                yield return new Phrase("parts.missing-8", ("source", source.Id), ("cover", source.Usual.Cover));
            foreach (var form in Forms.Values.Where(f => !Measures.TryGetValue(f.Id, out var m) || m.Measures.Count < 2
                || m.Measures.Any(x => x.BySize.Count == 0)))
                yield return new Phrase("parts.missing-9", ("form", form.Id));
            foreach (var form in Forms.Values.Where(f => !Materials.ContainsKey(f.UsualMaterial)))
                yield return new Phrase("parts.missing-10", ("form", form.Id), ("usualMaterial", form.UsualMaterial));
            foreach (var vinyl in Vinyls.Values)
            {
                foreach (var id in vinyl.Press.NotUnder.Keys.Where(id => !HeatSources.ContainsKey(id)))
                    yield return new Phrase("parts.missing-11", ("vinyl", vinyl.Id), ("id", id));
            }
        }
    }
}
