using Juxtherm.Core.Notices;
using System.Text.Json;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Catalogue;

/// <summary>What a workshop keeps on its shelf.</summary>
public enum OwnKind
{
    /// <summary>A vinyl, from its wrapper.</summary>
    Vinyl,

    /// <summary>A blank's material, from its label.</summary>
    Blank,

    /// <summary>A press.</summary>
    Press,
}

/// <summary>
/// Reads a workshop's own vinyls, blanks and presses, and puts them beside the shipped ones. Each builds on a shipped entry and
/// says only what is different about it.
/// </summary>
public static class OwnEntries
{
    /// <summary>What an own id begins with, so that it never clashes with a shipped one.</summary>
    public const string IdPrefix = "own-";

    private const double Gravity = 9.81;

    private static readonly Provenance Wrapper = new(ProvenanceKind.Wrapper, "the wrapper of this vinyl");
    private static readonly Provenance Owner = new(ProvenanceKind.Owner, "as you set it on your shelf");
    private static readonly Provenance Scale = new(ProvenanceKind.Owner, "weighed on a scale by its owner");
    private static readonly Provenance Strip = new(ProvenanceKind.Owner, "tried with a strip of paper by its owner");

    /// <summary>Reads one entry, to see whether it can be used.</summary>
    /// <param name="kind">What it is.</param>
    /// <param name="json">Its text.</param>
    /// <param name="shipped">What it may build on.</param>
    /// <param name="problems">Filled with everything that is wrong.</param>
    /// <returns>Its id and name; null when anything is wrong.</returns>
    public static (string Id, string Name)? Check(OwnKind kind, string json, CatalogueSnapshot shipped, Problems problems)
    {
        ArgumentNullException.ThrowIfNull(json);
        ArgumentNullException.ThrowIfNull(shipped);
        ArgumentNullException.ThrowIfNull(problems);
        try
        {
            using var document = JsonDocument.Parse(json, new JsonDocumentOptions { AllowDuplicateProperties = false, MaxDepth = 16 });
            var root = new JsonCursor(document.RootElement, "", problems);
            if (!root.IsObject())
                return null;
            (string, string)? read = kind switch
            {
                OwnKind.Vinyl => VinylOf(root, shipped) is { } v ? (v.Id, v.Name) : null,
                OwnKind.Blank => BlankOf(root, shipped) is { } b ? (b.Id, b.Name) : null,
                _ => PressOf(root, shipped) is { } p ? (p.Id, p.Name) : null,
            };
            return problems.None ? read : null;
        }
        catch (JsonException e)
        {
            problems.Add("", new Phrase("own-entries.broken", ("lineNumber", e.LineNumber + 1), ("bytePositionInLine", e.BytePositionInLine + 1)), "broken");
            return null;
        }
    }

    /// <summary>The shipped catalogue with the own entries that a file brings along.</summary>
    /// <param name="own">An object with lists <c>vinyls</c>, <c>blanks</c> and <c>presses</c>; each may be missing.</param>
    /// <param name="shipped">What they build on.</param>
    public static CatalogueSnapshot Join(JsonCursor own, CatalogueSnapshot shipped)
    {
        ArgumentNullException.ThrowIfNull(own);
        ArgumentNullException.ThrowIfNull(shipped);
        if (!own.Exists || !own.IsObject())
            return shipped;
        return shipped with
        {
            Vinyls = Joined(own["vinyls"], shipped.Vinyls, c => VinylOf(c, shipped), v => v.Id),
            Materials = Joined(own["blanks"], shipped.Materials, c => BlankOf(c, shipped), m => m.Id),
            HeatSources = Joined(own["presses"], shipped.HeatSources, c => PressOf(c, shipped), p => p.Id),
        };
    }

    private static IReadOnlyDictionary<string, T> Joined<T>(JsonCursor list, IReadOnlyDictionary<string, T> shipped, Func<JsonCursor, T?> read, Func<T, string> id)
        where T : class
    {
        list.IsArray(required: false);
        if (list.Count == 0)
            return shipped;
        var all = new Dictionary<string, T>(shipped, StringComparer.Ordinal);
        foreach (var item in list.Items.Where(i => i.IsObject()))
        {
            if (read(item) is { } entry && !all.TryAdd(id(entry), entry))
                item["id"].Fault(new Phrase("own-entries.duplicate", ("pointer", item.Pointer), ("id", id(entry))), "duplicate");
        }

        return all;
    }

    private static (string? Id, string Name) Named(JsonCursor c)
    {
        var id = c["id"].Text(longest: 60);
        if (id.Length > 0 && !id.StartsWith(IdPrefix, StringComparison.Ordinal))
        {
            c["id"].Fault(new Phrase("own-entries.wrong-type", ("pointer", c.Pointer), ("id", id), ("idPrefix", IdPrefix)), "wrong-type");
            return (null, "");
        }

        var name = c["name"].Text(longest: 60).Trim();
        if (c["name"].Exists && name.Length == 0)
            c["name"].Fault(new Phrase("own-entries.missing", ("pointer", c.Pointer)), "missing");
        return (id.Length == 0 ? null : id, name);
    }

    private static Vinyl? VinylOf(JsonCursor c, CatalogueSnapshot shipped)
    {
        var (id, name) = Named(c);
        var family = c["family"].Choice([.. shipped.Vinyls.Keys], null);
        var celsius = c["celsius"].Number(80, 230, "°C");
        var seconds = c["seconds"].Number(1, 120, "s");
        var pressure = c["pressure"].Exists ? c["pressure"].Choice([.. CatalogueIds.Pressures.Keys], null) : null;
        var peel = c["peel"].Exists ? c["peel"].Choice([.. CatalogueIds.Peels.Keys], null) : null;
        var thickness = c["thicknessMm"].Number(0.03, 2, "mm");
        var note = c["note"].Text("", 200);
        var forPress = FiguresOf(c["figures"], shipped);
        if (id is null || family is null)
            return null;
        var like = shipped.Vinyls[family];
        return like with
        {
            Id = id,
            Name = name,
            Note = note.Length > 0 ? note : like.Note,
            Thermal = thickness is { } mm ? like.Thermal with { ThicknessMm = new(mm, Owner) } : like.Thermal,
            ReferenceCelsius = celsius is { } t ? new(t, Wrapper) : like.ReferenceCelsius,
            ReferenceSeconds = seconds is { } s ? new(s, Wrapper) : like.ReferenceSeconds,
            ChartCelsius = celsius is { } at ? new(new Span(at, at), Wrapper) : like.ChartCelsius,
            ChartSeconds = seconds is { } after ? new(new Span(after, after), Wrapper) : like.ChartSeconds,
            Pressure = pressure is null ? like.Pressure : new(CatalogueIds.Pressures[pressure], Wrapper),
            Peel = peel is null ? like.Peel : new(CatalogueIds.Peels[peel], Wrapper),
            ForPress = forPress,
        };
    }

    /// <summary>What was found right under one kind of press each.</summary>
    private static Dictionary<string, WrapperLabel> FiguresOf(JsonCursor list, CatalogueSnapshot shipped)
    {
        list.IsArray(required: false);
        var read = new Dictionary<string, WrapperLabel>(StringComparer.Ordinal);
        foreach (var c in list.Items.Where(i => i.IsObject()))
        {
            var press = c["press"].Choice([.. shipped.HeatSources.Keys], null);
            var (celsius, seconds) = (c["celsius"].Number(80, 230, "°C"), c["seconds"].Number(1, 120, "s"));
            var pressure = c["pressure"].Exists ? c["pressure"].Choice([.. CatalogueIds.Pressures.Keys], null) : null;
            if (celsius is null && seconds is null)
                c["celsius"].Fault(new Phrase("own-entries.missing-2", ("pointer", c.Pointer)), "missing");
            else if (press is not null && !read.TryAdd(press, new WrapperLabel(celsius, seconds, pressure is null ? null : CatalogueIds.Pressures[pressure], null) { For = FigureFor.ThisPress }))
                c["press"].Fault(new Phrase("own-entries.duplicate-2", ("pointer", c.Pointer), ("press", press)), "duplicate");
        }

        return read;
    }

    private static Material? BlankOf(JsonCursor c, CatalogueSnapshot shipped)
    {
        var (id, name) = Named(c);
        var parts = FibresOf(c["fibres"], shipped);
        var thickness = c["thicknessMm"].Number(0.05, 50, "mm");
        var weight = c["gramsPerM2"].Number(20, 20_000, "g/m²");
        var limit = c["limitCelsius"].Number(50, 300, "°C");
        bool? prewash = c["shrinks"].Exists ? c["shrinks"].Flag(false) : null;
        if (id is null || parts is null)
            return null;
        var blend = Blend.Of(id, name, parts);
        var thermal = blend.Thermal;
        if (thickness is { } mm)
            thermal = thermal with { ThicknessMm = new(mm, Owner) };
        if (weight is { } grams)
            thermal = thermal with { DensityKgM3 = new(grams / thermal.ThicknessMm.Value, Owner) };
        return blend with
        {
            Thermal = thermal,
            // A limit of one's own may be more careful than the fibre's, never bolder.
            LimitCelsius = limit is { } most && most < blend.LimitCelsius.Value ? new(most, Owner) : blend.LimitCelsius,
            Prewash = prewash is { } shrinks ? new(shrinks, Owner) : blend.Prewash,
        };
    }

    private static List<BlendPart>? FibresOf(JsonCursor fibres, CatalogueSnapshot shipped)
    {
        if (!fibres.IsArray())
            return null;
        if (fibres.Count is 0 or > 6)
        {
            fibres.Fault(new Phrase("own-entries.out-of-range", ("pointer", fibres.Pointer), ("fibres", fibres.Count)), "out-of-range");
            return null;
        }

        var parts = new List<BlendPart>();
        var sound = true;
        foreach (var item in fibres.Items)
        {
            var material = item.IsObject() ? item["material"].Choice([.. shipped.Materials.Keys], null) : null;
            var percent = item["percent"].RequiredNumber(1, 100, "%");
            sound &= material is not null && item["percent"].Exists;
            if (material is not null)
                parts.Add(new BlendPart(shipped.Materials[material], percent / 100));
        }

        if (!sound)
            return null;
        if (parts.Count > 1 && parts.Find(p => p.Material.Kind != MaterialKind.Cloth) is { } odd)
        {
            fibres.Fault(new Phrase("own-entries.does-not-fit", ("pointer", fibres.Pointer), ("material", odd.Material.Id)), "does-not-fit");
            return null;
        }

        var sum = parts.Sum(p => p.Share) * 100;
        if (Math.Abs(sum - 100) > 0.5)
        {
            fibres.Fault(new Phrase("own-entries.out-of-range-2", ("pointer", fibres.Pointer), ("sum", sum)), "out-of-range");
            return null;
        }

        return parts.ConvertAll(p => p with { Share = p.Share * 100 / sum });
    }

    private static HeatSource? PressOf(JsonCursor c, CatalogueSnapshot shipped)
    {
        var (id, name) = Named(c);
        var kind = c["kind"].Choice([.. shipped.HeatSources.Keys], null);
        var width = c["plateWidthMm"].Number(10, 2000, "mm");
        var height = c["plateHeightMm"].Number(10, 2000, "mm");
        var unit = c["dialUnit"].Exists ? c["dialUnit"].Choice(["C", "F"], null) : null;
        var step = c["dialStep"].Number(1, 50, "degrees");
        var error = c["dialErrorK"].Number(0, 60, "K");
        var offset = c["dialOffsetK"].Number(-40, 40, "K");
        var coolRim = c["coolRimMm"].Number(0, 200, "mm");
        var coolSpots = SpotsOf(c["coolSpots"]);
        c["pressure"].IsObject(required: false);
        var by = c["pressure"]["by"].Choice(["feel", "scale", "strip"], "feel");
        if (id is null || kind is null)
            return null;
        var like = shipped.HeatSources[kind];
        if (like.DialStep is null && step is not null)
        {
            c["dialStep"].Fault(new Phrase("own-entries.does-not-fit-2", ("pointer", c.Pointer), ("step", step), ("like", like.Name)), "does-not-fit");
            return null;
        }

        var sized = like with
        {
            Id = id,
            Name = name,
            PlateWidthMm = width is { } w ? new(w, Owner) : like.PlateWidthMm,
            PlateHeightMm = height is { } h ? new(h, Owner) : like.PlateHeightMm,
            DialUnit = unit is "C" ? DegreeUnit.C : unit is "F" ? DegreeUnit.F : like.DialUnit,
            DialStep = step is { } s ? new(s, Owner) : like.DialStep is { } usual && unit is "C" && like.DialUnit == DegreeUnit.F ? usual with { Value = Math.Max(1, Math.Round(usual.Value / 5)) } : like.DialStep,
            DialErrorK = error is { } k ? new(k, Owner) : like.DialErrorK,
            DialOffsetK = offset is { } o ? new(o, Owner) : like.DialOffsetK,
            CoolRimMm = coolRim ?? 0,
            CoolSpots = coolSpots,
        };
        return by switch
        {
            "scale" => Weighed(c["pressure"], sized),
            "strip" => Tried(c["pressure"], sized),
            _ => sized,
        };
    }

    /// <summary>Where a strip stayed pale, from the plate's upper left corner.</summary>
    private static List<CoolSpot> SpotsOf(JsonCursor c)
    {
        const int most = 12;
        var spots = new List<CoolSpot>();
        if (!c.IsArray(required: false))
            return spots;
        if (c.Count > most)
            c.Fault(new Phrase("own-entries.too-many", ("pointer", c.Pointer), ("c", c.Count), ("most", most)), "too-many");
        foreach (var spot in c.Items.Take(most))
        {
            if (spot.IsObject())
                spots.Add(new CoolSpot(spot["xMm"].RequiredNumber(0, 2000, "mm"), spot["yMm"].RequiredNumber(0, 2000, "mm"), spot["widthMm"].RequiredNumber(1, 2000, "mm"), spot["heightMm"].RequiredNumber(1, 2000, "mm")));
        }

        return spots;
    }

    /// <summary>Pressed down on a bathroom scale: the weight it shows, over the plate.</summary>
    private static HeatSource? Weighed(JsonCursor c, HeatSource press)
    {
        var area = press.PlateWidthMm.Value * press.PlateHeightMm.Value / 1e6;
        var levels = new Dictionary<PressureLevel, Sourced<double>>(press.PressureKPa);
        var last = 0.0;
        var any = false;
        foreach (var (word, level) in CatalogueIds.Pressures)
        {
            if (c[$"{word}Kg"].Number(0.2, 500, "kg") is not { } kg)
                continue;
            any = true;
            if (kg < last)
            {
                c[$"{word}Kg"].Fault(new Phrase("own-entries.out-of-range-3", ("pointer", c.Pointer), ("word", word), ("kg", kg)), "out-of-range");
                return null;
            }

            last = kg;
            levels[level] = new(kg * Gravity / area / 1000, Scale);
        }

        if (!any)
        {
            c["lightKg"].Fault(new Phrase("own-entries.missing-3", ("pointer", c.Pointer)), "missing");
            return null;
        }

        // Levels that were not weighed keep their distance to those that were.
        var ratio = levels.Where(l => l.Value.From == Scale).Average(l => l.Value.Value / press.PressureKPa[l.Key].Value);
        foreach (var (level, usual) in press.PressureKPa.Where(l => levels[l.Key].From != Scale))
            levels[level] = new(usual.Value * ratio, Scale);
        return press with { PressureKPa = levels, PressureErrorFactor = new(Math.Min(press.PressureErrorFactor.Value, WeighedFactor), Scale) };
    }

    // A scale tells the weight to about this factor, a strip of paper only that it is as usual and even (both from memory).
    private const double WeighedFactor = 1.15;
    private const double TriedFactor = 1.3;
    private const double UnevenFactor = 1.5;

    /// <summary>Strips of paper pulled from under the plate's corners: even, or not.</summary>
    private static HeatSource Tried(JsonCursor c, HeatSource press)
    {
        var even = c["even"].Flag(true);
        var factor = even ? Math.Min(press.PressureErrorFactor.Value, TriedFactor) : Math.Max(press.PressureErrorFactor.Value, UnevenFactor);
        return press with { PressureErrorFactor = new(factor, Strip) };
    }
}
