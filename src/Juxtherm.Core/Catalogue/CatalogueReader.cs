using Juxtherm.Core.Notices;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Juxtherm.Core.Heat;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Catalogue;

/// <summary>One catalogue file, already read from wherever it is kept.</summary>
/// <param name="Name">File name, for messages.</param>
/// <param name="Text">Its JSON.</param>
public sealed record CatalogueFile(string Name, string Text);

/// <summary>The catalogue files cannot be used. The message names each file, place and reason.</summary>
/// <param name="says">All that is wrong.</param>
public sealed class CatalogueException(params IReadOnlyList<Phrase> says) : Exception(string.Join(", ", says.Select(p => p.Key)))
{
    /// <summary>All that is wrong.</summary>
    public IReadOnlyList<Phrase> Says => says;
}

/// <summary>
/// Reads and checks catalogue files. In them a figure is a pair: the value, and the key of an entry in the file's own
/// <c>provenance</c> table, so that no figure can stand without saying where it comes from.
/// </summary>
public static class CatalogueReader
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

    private static Vinyl VinylOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("id", "name", "smoothFace", "hidesWeave", "pile", "note", "thermal", "activationCelsius", "chartCelsius",
            "chartSeconds", "referenceCelsius", "referenceSeconds",
            "pressure", "peel", "holdsFromBond", "targetBond", "mostBurden", "finishSeconds", "heatsOnce", "mirrored", "notUnder", "liesOn",
            "carriesOthers", "stackBurden", "loftyStackBurden", "shrinkPercent", "tackSeconds", "smallestDetailMm", "weedEffort",
            "directional", "blade", "forceGrams", "passes");
        return new Vinyl(
            c["id"].Text(), c["id"].Text(), c["name"].Text(), c["note"].Text(""), ThermalOf(c["thermal"], sources),
            Number(c["activationCelsius"], sources, 40, 150), Spread(c["chartCelsius"], sources, 80, 220),
            Spread(c["chartSeconds"], sources, 1, 120),
            Number(c["referenceCelsius"], sources, 80, 220), Number(c["referenceSeconds"], sources, 1, 120),
            Pressure(c["pressure"], sources),
            Read(c["peel"], sources, v => CatalogueIds.Peels[v.Choice([.. CatalogueIds.Peels.Keys], null) ?? "warm"]),
            Number(c["holdsFromBond"], sources, 0.05, 10), Number(c["targetBond"], sources, 0.05, 10),
            Number(c["mostBurden"], sources, 0.5, 100),
            Number(c["finishSeconds"], sources, 0, 30), Truth(c["heatsOnce"], sources), Truth(c["mirrored"], sources),
            c["notUnder"].Names.ToDictionary(name => name, name => Read(c["notUnder"][name], sources, v => v.Text()),
                StringComparer.Ordinal),
            Read(c["liesOn"], sources, Word<LiesOn>), Truth(c["carriesOthers"], sources), Number(c["stackBurden"], sources, 0.5, 50),
            Number(c["loftyStackBurden"], sources, 0.5, 50), Number(c["shrinkPercent"], sources, 0, 5),
            Number(c["tackSeconds"], sources, 1, 15),
            Number(c["smallestDetailMm"], sources, 0.1, 20), Number(c["weedEffort"], sources, 0.1, 10),
            Truth(c["directional"], sources), Read(c["blade"], sources, Word<Blade>), Number(c["forceGrams"], sources, 5, 1000),
            Number(c["passes"], sources, 1, 6))
        {
            SmoothFace = c["smoothFace"].Flag(false),
            HidesWeave = c["hidesWeave"].Flag(false),
            Pile = c["pile"].Flag(false),
        };
    }

    private static Material MaterialOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("id", "name", "kind", "care", "lofty", "uncertain", "uncertaintyStops", "neverPressed", "thermal", "limitCelsius",
            "limitConsequence", "dyeMigrationCelsius", "demand", "preheatSeconds", "prewash", "wantsPressure", "cracks");
        return new Material(
            c["id"].Text(), c["name"].Text(), KindOf(c["kind"]), CareOf(c["care"]), ThermalOf(c["thermal"], sources),
            Number(c["limitCelsius"], sources, 50, 600),
            c["limitConsequence"].Text(), Optional(c["dyeMigrationCelsius"], sources, 80, 250), Number(c["demand"], sources, 0.1, 20),
            Number(c["preheatSeconds"], sources, 0, 60), Truth(c["prewash"], sources), Truth(c["lofty"], sources),
            Words(c["uncertain"], sources), c["uncertaintyStops"].Flag(false), Words(c["neverPressed"], sources))
        {
            Cracks = c["cracks"].Flag(false),
            WantsPressure = c["wantsPressure"].Exists ? Pressure(c["wantsPressure"], sources) : null,
        };
    }

    private static Sourced<PressureLevel> Pressure(JsonCursor c, Dictionary<string, Provenance> sources) =>
        Read(c, sources, v => CatalogueIds.Pressures[v.Choice([.. CatalogueIds.Pressures.Keys], null) ?? "medium"]);

    private static HeatSource HeatSourceOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("id", "name", "heldByHand", "presses", "pressureKPa", "plate", "plateWidthMm", "plateHeightMm", "dialCelsius",
            "dialStep", "dialUnit", "dialOffsetK", "backPressSeconds", "pressesFromBack", "marks", "longerPreheatSeconds", "hotAirWm2K",
            "duty", "underlay", "cover", "steamPossible", "pressureAdjustable", "hinged", "dialErrorK", "pressureErrorFactor");
        if (c["marks"].Exists == c["dialStep"].Exists)
            c.Fault(new Phrase("catalogue-reader.missing", ("pointer", c.Pointer)), "missing");
        c["presses"].IsArray();
        return new HeatSource(
            c["id"].Text(), c["name"].Text(), c["id"].Text(), [.. c["presses"].Items.Select(ShapeOf)],
            CatalogueIds.Pressures.ToDictionary(p => p.Value, p => Number(c["pressureKPa"][p.Key], sources, 0.1, 500)),
            Read(c["plate"], sources, v => new Plate(
                v["heatCapacityJm2K"].RequiredNumber(1000, 2_000_000), v["maxPowerWm2"].RequiredNumber(1000, 200_000),
                v["controlBandK"].RequiredNumber(0.5, 50), v["idleLossWm2K"].RequiredNumber(0, 100))),
            Number(c["plateWidthMm"], sources, 10, 2000), Number(c["plateHeightMm"], sources, 10, 2000),
            Spread(c["dialCelsius"], sources, 40, 600),
            Optional(c["dialStep"], sources, 1, 50), c["dialUnit"].Choice(["F", "C"], "F") == "C"
            ? DegreeUnit.C : DegreeUnit.F, Optional(c["dialOffsetK"], sources, -40, 40) ?? NoOffset,
            [.. c["marks"].Items.Select(m =>
                new DialMark(m["mark"].Text(longest: 10), Number(m["celsius"], sources, 40, 600), Spread(m["band"], sources, 40, 600)))],
            Optional(c["longerPreheatSeconds"], sources, 0, 60), c["underlay"].Text(), c["cover"].Text(), c["steamPossible"].Flag(false),
            c["pressureAdjustable"].Flag(true), c["hinged"].Flag(false), Optional(c["hotAirWm2K"], sources, 5, 500),
            Number(c["backPressSeconds"], sources, 1, 60), Number(c["dialErrorK"], sources, 0, 60),
            Number(c["pressureErrorFactor"], sources, 1, 5))
        {
            HeldByHand = c["heldByHand"].Flag(false),
            PressesFromBack = c["pressesFromBack"].Flag(false),
            Duty = Optional(c["duty"], sources, 0.05, 1),
        };
    }

    private static ItemForm FormOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("id", "name", "shape", "layers", "materials", "usualMaterial", "widthMm", "heightMm", "supported", "framed", "bib",
            "filled", "cuffed", "pointed", "knotted");
        c["materials"].IsArray();
        return new ItemForm(
            c["id"].Text(), c["name"].Text(), ShapeOf(c["shape"]), Number(c["layers"], sources, 1, 4),
            [.. c["materials"].Items.Select(KindOf)],
            c["usualMaterial"].Text(), Number(c["widthMm"], sources, 10, 3000), Number(c["heightMm"], sources, 10, 3000), c["supported"]
            .Flag(true), c["framed"].Flag(false))
        {
            Bib = c["bib"].Flag(false),
            Filled = c["filled"].Flag(false),
            Cuffed = c["cuffed"].Flag(false),
            Pointed = c["pointed"].Flag(false),
            Knotted = c["knotted"].Flag(false),
        };
    }

    private static FormMeasures MeasuresOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("form", "pattern", "usualSize", "measures");
        c["measures"].IsArray();
        return new FormMeasures(
            c["form"].Text(), c["pattern"].Text(), c["usualSize"].Exists ? c["usualSize"].Text() : null,
            [.. c["measures"].Items.Where(m => m.IsObject()).Select(m =>
            {
                m.OnlyNames("id", "name", "how", "values");
                return new Measure(m["id"].Text(), m["name"].Text(), m["how"].Text(),
                    m["values"].Names.ToDictionary(size => size, size => Number(m["values"][size], sources, 1, 3000),
                        StringComparer.Ordinal));
            })]);
    }

    private static Supply SupplyOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("id", "name", "thermal", "damp", "bearsFrames", "yields", "melts", "theCarrier", "offeredAs");
        return new Supply(c["id"].Text(), c["name"].Text(), c["thermal"].Exists ? ThermalOf(c["thermal"], sources) : null)
        {
            Damp = c["damp"].Flag(false),
            BearsFrames = c["bearsFrames"].Flag(false),
            Yields = c["yields"].Flag(false),
            Melts = c["melts"].Flag(false),
            IsCarrier = c["theCarrier"].Flag(false),
            OfferedAs = c["offeredAs"].Exists ? c["offeredAs"].Text() : null,
        };
    }

    private static WorkFigures WorkOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("laySeconds", "turnSeconds", "warmPeelFromSeconds", "warmPeelAboveCelsius", "hardPeelSeconds", "hardPeelBelowCelsius",
            "coldPeelBelowCelsius", "hotPeelWithinSeconds", "longestPressSeconds", "shortestPressSeconds", "cureHours",
            "doseReferenceCelsius", "doseZKelvin", "pressureExponent",
            "weedSeconds", "weedSecondsPerCentre", "weedSecondsPerPiece", "weedSecondsPerMetre", "weedSecondsPerDelicatePlace",
            "cutMarginMm", "cutEdgeMm", "rollWidthMm", "smallestOffcutMm", "testShapeMm", "jointOverlapMm", "loadMatSeconds",
            "alignSeconds", "nestAbovePercent", "feedExtraMm");
        return new WorkFigures(
            Number(c["laySeconds"], sources, 0, 600), Number(c["turnSeconds"], sources, 0, 120),
            Number(c["warmPeelFromSeconds"], sources, 0, 60), Number(c["warmPeelAboveCelsius"], sources, 25, 90),
            Spread(c["hardPeelSeconds"], sources, 1, 300), Number(c["hardPeelBelowCelsius"], sources, 35, 150),
            Number(c["coldPeelBelowCelsius"], sources, 20, 60),
            Number(c["hotPeelWithinSeconds"], sources, 1, 30), Number(c["longestPressSeconds"], sources, 10, 600),
            Number(c["shortestPressSeconds"], sources, 1, 20),
            Number(c["cureHours"], sources, 0, 200), Number(c["doseReferenceCelsius"], sources, 50, 200),
            Number(c["doseZKelvin"], sources, 5, 200), Number(c["pressureExponent"], sources, 0, 2),
            new WeedingFigures(
                Number(c["weedSeconds"], sources, 0, 600), Number(c["weedSecondsPerCentre"], sources, 0, 120),
                Number(c["weedSecondsPerPiece"], sources, 0, 120),
                Number(c["weedSecondsPerMetre"], sources, 0, 600), Number(c["weedSecondsPerDelicatePlace"], sources, 0, 120)),
            new CuttingFigures(
                Number(c["cutMarginMm"], sources, 0, 50), Number(c["cutEdgeMm"], sources, 0, 50),
                Number(c["rollWidthMm"], sources, 50, 2000), Number(c["smallestOffcutMm"], sources, 10, 500),
                Number(c["testShapeMm"], sources, 5, 50), Number(c["jointOverlapMm"], sources, 0, 5),
                Number(c["loadMatSeconds"], sources, 0, 600), Number(c["alignSeconds"], sources, 0, 600),
                Number(c["nestAbovePercent"], sources, 0, 100), Number(c["feedExtraMm"], sources, 0, 500)));
    }

    private static Cutter CutterOf(JsonCursor c, Dictionary<string, Provenance> sources)
    {
        c.OnlyNames("id", "name", "cutWidthMm", "matLengthMm", "matlessLengthMm", "guidesMm", "mostForceGrams", "forceStepGrams",
            "cutMmPerSecond", "travelMmPerSecond", "liftSeconds");
        return new Cutter(
            c["id"].Text(), c["name"].Text(), Number(c["cutWidthMm"], sources, 50, 2000), Number(c["matLengthMm"], sources, 50, 3000),
            Number(c["matlessLengthMm"], sources, 50, 30_000), Number(c["guidesMm"], sources, 50, 2500),
            Number(c["mostForceGrams"], sources, 10, 2000), Number(c["forceStepGrams"], sources, 1, 100),
            Number(c["cutMmPerSecond"], sources, 1, 2000), Number(c["travelMmPerSecond"], sources, 1, 3000),
            Number(c["liftSeconds"], sources, 0, 5));
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
            foreach (var source in HeatSources.Values.Where(s => !Underlays.ContainsKey(s.Underlay)))
                yield return new Phrase("parts.missing-7", ("source", source.Id), ("underlay", source.Underlay));
            foreach (var source in HeatSources.Values.Where(s => !Covers.ContainsKey(s.Cover)))
                yield return new Phrase("parts.missing-8", ("source", source.Id), ("cover", source.Cover));
            foreach (var form in Forms.Values.Where(f => !Measures.TryGetValue(f.Id, out var m) || m.Measures.Count < 2
                || m.Measures.Any(x => x.BySize.Count == 0)))
                yield return new Phrase("parts.missing-9", ("form", form.Id));
            foreach (var form in Forms.Values.Where(f => !Materials.ContainsKey(f.UsualMaterial)))
                yield return new Phrase("parts.missing-10", ("form", form.Id), ("usualMaterial", form.UsualMaterial));
            foreach (var vinyl in Vinyls.Values)
            {
                foreach (var id in vinyl.NotUnder.Keys.Where(id => !HeatSources.ContainsKey(id)))
                    yield return new Phrase("parts.missing-11", ("vinyl", vinyl.Id), ("id", id));
            }
        }
    }
}

/// <summary>The reference stack that bond and heat dose are measured on: what charts silently assume.</summary>
public static class ReferencePractice
{
    /// <summary>Heat source id.</summary>
    public const string HeatSource = "swing-platen";

    /// <summary>Vinyl id: everyday vinyl, which others hold on.</summary>
    public const string Vinyl = "smooth";

    /// <summary>Material id.</summary>
    public const string Material = "cotton";

    /// <summary>Form id.</summary>
    public const string Form = "tee";

    /// <summary>Cover id.</summary>
    public const string Cover = "ptfe";

    /// <summary>Underlay id.</summary>
    public const string Underlay = "pad";

    /// <summary>Cutter id.</summary>
    public const string Cutter = "table";
}

/// <summary>The words used in files for the fixed choices.</summary>
public static class CatalogueIds
{
    /// <summary>Pressure levels.</summary>
    public static IReadOnlyDictionary<string, PressureLevel> Pressures { get; } =
        new Dictionary<string, PressureLevel>(StringComparer.Ordinal)
        {
            ["light"] = PressureLevel.Light,
            ["medium"] = PressureLevel.Medium,
            ["firm"] = PressureLevel.Firm,
        };

    /// <summary>Peel methods of a vinyl.</summary>
    public static IReadOnlyDictionary<string, PeelMethod> Peels { get; } = new Dictionary<string, PeelMethod>(StringComparer.Ordinal)
    {
        ["hot"] = PeelMethod.Hot,
        ["warm"] = PeelMethod.Warm,
        ["cold"] = PeelMethod.Cold,
    };
}
