using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning;

/// <summary>Writes down the presses of a plan with their reasons.</summary>
internal sealed class PressWriter(Job job, Workpiece work, Chart chart, ReferenceDose reference, FoundSetting found, Rehearsal rehearsal, double pressureKPa, Wording words)
{
    private static readonly Peel NoPeel = new(PeelMethod.None, [0, 0], "on-underlay");

    public IReadOnlyList<PlannedPress> Write()
    {
        var presses = new List<PlannedPress>();
        if (rehearsal.Preheat is { } preheat)
            presses.Add(Press(presses.Count + 1, PressPurpose.Preheat, [], SettingSearch.PreheatSeconds(work), NoPeel, preheat, WhyPreheat(preheat)));
        var place = rehearsal.Place == CoolingPlace.ColdBench ? "cold-bench" : "on-underlay";
        var peel = new Peel(chart.Peel.Value, [rehearsal.PeelFromSeconds, rehearsal.PeelToSeconds], place);
        presses.Add(Press(presses.Count + 1, PressPurpose.Press, [job.Layer.Id], found.Seconds, peel, rehearsal.Press, WhyPress()));
        if (rehearsal.Finish is { } finish)
            presses.Add(Press(presses.Count + 1, PressPurpose.Finish, [job.Layer.Id], work.Vinyl.FinishSeconds.Value, NoPeel, finish, WhyFinish(finish)));
        return presses;
    }

    private PlannedPress Press(int order, PressPurpose purpose, IReadOnlyList<string> layers, double seconds, Peel peel, AfterPress after, IReadOnlyList<string> why)
    {
        IReadOnlyDictionary<string, double> Each(double value) => layers.ToDictionary(id => id, _ => Math.Round(value, 2), StringComparer.Ordinal);
        return new PlannedPress(
            order, purpose, layers, Math.Round(found.Dial.Celsius, 1), found.Dial.Shown is { } shown ? new DialReading(shown, found.Dial.Unit.ToString()) : null, found.Dial.Mark, seconds, chart.Pressure.Value, pressureKPa,
            work.Cover.Id, [Section()], peel, new Predicted(Each(after.Bond), Each(after.Burden), Math.Round(after.HottestBareCelsius, 1), Math.Round(after.WaterShare, 2)), why);
    }

    /// <summary>The plate with its middle on the middle of the artwork, or of the blank while no artwork is known.</summary>
    private PlateSection Section()
    {
        var (plateWidth, plateHeight) = (job.Tools.PlateWidthMm, job.Tools.PlateHeightMm);
        return new PlateSection((job.Blank.WidthMm - plateWidth) / 2, (job.Blank.HeightMm - plateHeight) / 2, plateWidth, plateHeight);
    }

    private static string[] WhyPreheat(AfterPress after) =>
    [
        $"Drives out moisture: {1 - after.WaterShare:P0} of the water in the face is gone when it ends. A damp blank would spend the heat on drying instead of bonding.",
        "Flattens the cloth, and is the moment to set the pressure.",
    ];

    private List<string> WhyPress()
    {
        var says = chart.Celsius.From.Kind != ProvenanceKind.Wrapper && chart.Seconds.From.Kind != ProvenanceKind.Wrapper ? "Charts for this vinyl say" : "The wrapper says";
        var lines = new List<string>
        {
            $"{says} {words.Temperature(chart.Celsius.Value)} for {Wording.Time(chart.Seconds.Value)}. They silently mean a swing-away press, a plain cotton tee, a pad and a PTFE sheet.",
            $"On this stack {words.Temperature(found.Dial.Celsius)} for {Wording.Time(found.Seconds)} gives {Wording.Share(rehearsal.Press.Bond)} of the bond wanted here. The glue line is at {words.Temperature(rehearsal.Press.GlueCelsius)} when the plate opens.",
        };
        if (work.Material.Demand.Value > 1)
            lines.Add($"{work.Material.Name} wants {Wording.Share(work.Material.Demand.Value)} times the bond of a plain tee, because its face is not smooth ({work.Material.Demand.From.Source}).");
        lines.Add(found.Chosen.EndsBecause switch
        {
            TimeLimit.Blank => $"Room upwards: at this temperature the bare blank reaches its {words.Temperature(work.Material.LimitCelsius.Value)} after {Wording.Time(found.Chosen.MostSeconds)}.",
            TimeLimit.Vinyl => $"Room upwards: at this temperature the vinyl has had all the heat it takes after {Wording.Time(found.Chosen.MostSeconds)}.",
            _ => $"Room upwards: nothing is harmed within {Wording.Time(found.Chosen.MostSeconds)} at this temperature.",
        });
        lines.Add($"The bare face beside the print gets to {words.Temperature(rehearsal.Press.HottestBareCelsius)}; its limit is {words.Temperature(work.Material.LimitCelsius.Value)} ({work.Material.LimitCelsius.From.Source}).");
        lines.Add($"If everything is off to one side (dial {work.Source.DialErrorK.Value:0} K, pressure {work.Source.PressureErrorFactor.Value:0.0#} times, cloth damp or bone dry), the bond lies between {Wording.Share(found.Worst.LeastBond)} of what is wanted and a heat of {Wording.Share(found.Worst.MostBurden)} times the chart's; it holds from {Wording.Share(work.Vinyl.HoldsFromBond.Value)} and takes {Wording.Share(work.Vinyl.MostBurden.Value)}.");
        lines.Add(PeelReason());
        return lines;
    }

    private string PeelReason()
    {
        var (from, to) = (rehearsal.PeelFromSeconds, rehearsal.PeelToSeconds);
        var where = rehearsal.Place == CoolingPlace.ColdBench ? "on a cold bench" : work.Form.Supported ? "where it was pressed" : "standing open";
        return chart.Peel.Value switch
        {
            PeelMethod.Hot => $"Peels hot: within {Wording.Time(to)} of opening.",
            PeelMethod.Warm => $"Peels warm: {where} it takes about {Wording.Time(from)} to cool to {words.Temperature(60)} and {Wording.Time(to)} to {words.Temperature(40)}.",
            _ => $"Peels cold: {where} it takes about {Wording.Time(from)} until it feels cool. There is no hurry after that.",
        };
    }

    private string[] WhyFinish(AfterPress after) =>
    [
        "With the carrier off, the cover lets the vinyl sink into the weave until its threads show.",
        $"Bond after it: {Wording.Share(after.Bond)} of what is wanted. Heat so far: {Wording.Share(after.Burden)} times the chart's; this vinyl takes {Wording.Share(work.Vinyl.MostBurden.Value)} ({reference.BurdenSeconds:0.0} s at {words.Temperature(130)} are one).",
    ];
}
