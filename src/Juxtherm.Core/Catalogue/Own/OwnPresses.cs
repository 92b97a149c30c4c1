using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Catalogue.Own;

/// <summary>Reads an own press: a kind, and what is measured on it.</summary>
internal static class OwnPresses
{
    private const double Gravity = 9.81;

    private static readonly Provenance Scale = new(ProvenanceKind.Owner, "weighed on a scale by its owner");
    private static readonly Provenance Strip = new(ProvenanceKind.Owner, "tried with a strip of paper by its owner");

    public static HeatSource? Read(JsonCursor c, CatalogueSnapshot shipped)
    {
        var (id, name) = OwnEntries.Named(c);
        var kind = OwnContract.PressKind.In(c, shipped.HeatSources.Keys);
        var width = OwnContract.PlateWidthMm.In(c);
        var height = OwnContract.PlateHeightMm.In(c);
        var unit = OwnContract.DialUnit.Given(c);
        var step = OwnContract.DialStep.In(c);
        var error = OwnContract.DialErrorK.In(c);
        var offset = OwnContract.DialOffsetK.In(c);
        var coolRim = OwnContract.CoolRimMm.In(c);
        var coolSpots = SpotsOf(OwnContract.CoolSpots.In(c));
        var pressure = OwnContract.PressPressure.In(c);
        var by = OwnContract.By.In(pressure, "feel");
        if (id is null || kind is null)
            return null;
        var like = shipped.HeatSources[kind];
        if (like.Dial.Step is null && step is not null)
        {
            c["dialStep"]
                .Fault(new Phrase("own-entries.does-not-fit-2", ("pointer", c.Pointer), ("step", step), ("like", like.Name)),
                    "does-not-fit");
            return null;
        }

        var sized = like with
        {
            Id = id,
            Name = name,
            CoolRimMm = coolRim ?? 0,
            CoolSpots = coolSpots,
            Plate = like.Plate with
            {
                WidthMm = width is { } w ? new(w, OwnEntries.Owner) : like.Plate.WidthMm,
                HeightMm = height is { } h ? new(h, OwnEntries.Owner) : like.Plate.HeightMm,
            },
            Dial = like.Dial with
            {
                Unit = unit is "C" ? DegreeUnit.C : unit is "F" ? DegreeUnit.F : like.Dial.Unit,
                Step = step is { } s
                    ? new(s, OwnEntries.Owner)
                    : like.Dial.Step is { } usual && unit is "C" && like.Dial.Unit == DegreeUnit.F
                    ? usual with { Value = Math.Max(1, Math.Round(usual.Value / 5)) } : like.Dial.Step,
                ErrorK = error is { } k ? new(k, OwnEntries.Owner) : like.Dial.ErrorK,
                OffsetK = offset is { } o ? new(o, OwnEntries.Owner) : like.Dial.OffsetK,
            },
        };
        return by switch
        {
            "scale" => Weighed(pressure, sized),
            "strip" => Tried(pressure, sized),
            _ => sized,
        };
    }

    /// <summary>Where a strip stayed pale, from the plate's upper left corner.</summary>
    private static List<CoolSpot> SpotsOf(JsonCursor c)
    {
        var most = OwnContract.CoolSpots.Most;
        var spots = new List<CoolSpot>();
        if (c.Count > most)
            c.Fault(new Phrase("own-entries.too-many", ("pointer", c.Pointer), ("c", c.Count), ("most", most)), "too-many");
        foreach (var spot in c.Items.Take(most))
        {
            if (spot.IsObject())
                spots.Add(new CoolSpot(OwnContract.SpotX.NeededIn(spot), OwnContract.SpotY.NeededIn(spot),
                    OwnContract.SpotWidth.NeededIn(spot), OwnContract.SpotHeight.NeededIn(spot)));
        }

        return spots;
    }

    /// <summary>Pressed down on a bathroom scale: the weight it shows, over the plate.</summary>
    private static HeatSource? Weighed(JsonCursor c, HeatSource press)
    {
        var area = press.Plate.WidthMm.Value * press.Plate.HeightMm.Value / 1e6;
        var levels = new Dictionary<PressureLevel, Sourced<double>>(press.Pressure.KPa);
        var last = 0.0;
        var any = false;
        foreach (var (word, level) in CatalogueIds.Pressures)
        {
            if (OwnContract.Weight(word).In(c) is not { } kg)
                continue;
            any = true;
            if (kg < last)
            {
                c[$"{word}Kg"]
                    .Fault(new Phrase("own-entries.out-of-range-3", ("pointer", c.Pointer), ("word", word), ("kg", kg)), "out-of-range");
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
        var ratio = levels.Where(l => l.Value.From == Scale).Average(l => l.Value.Value / press.Pressure.KPa[l.Key].Value);
        foreach (var (level, usual) in press.Pressure.KPa.Where(l => levels[l.Key].From != Scale))
            levels[level] = new(usual.Value * ratio, Scale);
        return press
            with
        {
            Pressure = press.Pressure
            with
            { KPa = levels, ErrorFactor = new(Math.Min(press.Pressure.ErrorFactor.Value, WeighedFactor), Scale) }
        };
    }

    // A scale tells the weight to about this factor, a strip of paper only that it is as usual and even (both from memory).
    internal const double WeighedFactor = 1.15;
    private const double TriedFactor = 1.3;
    private const double UnevenFactor = 1.5;

    /// <summary>Strips of paper pulled from under the plate's corners: even, or not.</summary>
    private static HeatSource Tried(JsonCursor c, HeatSource press)
    {
        var even = OwnContract.Even.In(c, true);
        var factor = even
            ? Math.Min(press.Pressure.ErrorFactor.Value, TriedFactor) : Math.Max(press.Pressure.ErrorFactor.Value, UnevenFactor);
        return press with { Pressure = press.Pressure with { ErrorFactor = new(factor, Strip) } };
    }
}
