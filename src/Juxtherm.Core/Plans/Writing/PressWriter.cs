using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Rehearsal;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Writing;

/// <summary>Writes down the presses of a plan with their reasons.</summary>
internal sealed class PressWriter(SetJob about, RehearsedPresses rehearsal, HeatLedger budget)
{
    private static readonly Peel NoPeel = new(PeelMethod.None, [0, 0], Peel.OnUnderlay);


    private Workpiece Work => about.Work;

    private Wording Words => about.Words;

    public IReadOnlyList<PlannedPress> Write()
    {
        var presses = new List<PlannedPress>();
        var bonding = rehearsal.Presses.Select((p, at) => (p, at)).Last(p => p.p == rehearsal.Bonding);
        if (about.Choose(new FirstTry()) == FirstTry.Patch)
            presses.Add(Press(new PartedPress(bonding.p, bonding.at, bonding.p.Press.Layers, bonding.p.Press.Laid, null, 1, null), 1) with { Purpose = PressPurpose.Patch, Sections = [], Stage = 0, Why = WhyPatch() });
        foreach (var press in PartedPresses.Of(about, rehearsal))
            presses.Add(Press(press, presses.Count + 1));
        return presses;
    }

    private PlannedPress Press(PartedPress press, int order)
    {
        var done = press.Done;
        IReadOnlyDictionary<string, double> Each(Func<string, LayerHeat, double> of) => press.Layers.ToDictionary(id => id, id => Math.Round(of(id, done.Heat[id]), 2), StringComparer.Ordinal);
        var (dial, set) = (done.Press.Set.Found.Dial, done.Press.Set);
        var peel = done.Peel is { } p ? new Peel(p.Method, [p.FromSeconds, p.ToSeconds], p.Place == CoolingPlace.ColdBench ? Peel.ColdBench : Peel.OnUnderlay) : NoPeel;
        var face = PartedPresses.FaceOf(about, rehearsal, done);
        var sections = press.Place is { } place ? [SectionWriter.Written(place, about.Job.Blank.Faces[face], Words)] : SectionWriter.Of(about.Job, face, done.Press.Layers, Words);
        return new PlannedPress(
            order, done.Press.Purpose, press.Layers, press.Laid, Math.Round(dial.Celsius, 1), dial.Shown is { } shown ? new DialReading(shown, dial.Unit.ToString()) : null, dial.Mark, done.Seconds, set.Level, set.PressureKPa,
            Work.Cover.Id, sections, peel, new Predicted(Each((id, h) => h.Bond), Each((id, _) => budget.Until(id, press.At)), Math.Round(done.HottestBareCelsius, 1), Math.Round(done.WaterShare, 2)),
            // The reasons are those of the same press on the first part.
            press.Part > 1 ? [] : Why(done), press.Part > 1 ? [] : new Derivations(about, set).Of(done))
        {
            Face = face,
            Part = press.Part,
            Parts = press.Parts,
            Stage = press.At + 1,
            CutParts = press.Cut,
            GoesOn = press.GoesOn,
            LiesAlready = press.LiesAlready,
        };
    }

    private IReadOnlyList<string> Why(DonePress done) => done.Press.Purpose switch
    {
        PressPurpose.Preheat =>
        [
            $"Drives out moisture: {1 - done.WaterShare:P0} of the water in the face is gone when it ends. A damp blank would spend the heat on drying instead of bonding.",
            "Flattens the cloth, and is the moment to set the pressure.",
        ],
        PressPurpose.Tack => [$"Just enough to hold: the glue is at {Words.Temperature(done.GlueCelsius)} when it ends, with {Wording.Bond(done.LeastBond)}. The rest comes with the last press."],
        PressPurpose.Back => [$"From the back, while it is hot: that comes to {Wording.Bond(done.LeastBond)}."],
        PressPurpose.Finish => WhyFinish(done),
        _ => WhyPress(done),
    };

    private List<string> WhyPress(DonePress done)
    {
        var (chart, found) = (about.Lead.Chart, done.Press.Set.Found);
        var says = chart.Celsius.From.Kind != ProvenanceKind.Wrapper && chart.Seconds.From.Kind != ProvenanceKind.Wrapper ? "Charts for this vinyl say" : "The wrapper says";
        var lines = new List<string>
        {
            $"{says} {Words.Temperature(chart.Celsius.Value)} for {Wording.Time(chart.Seconds.Value)}. They silently mean a swing-away press, a plain cotton tee, a pad and a PTFE sheet.",
            $"On this stack {Words.Temperature(found.Dial.Celsius)} for {Wording.Time(done.Seconds)} gives {Wording.Bond(done.LeastBond)} here. The glue line is at {Words.Temperature(done.GlueCelsius)} when it ends.",
        };
        if (found.Instead is { } own)
        {
            var asUsed = about.Job.Used is { } used ? $"Set as it was used before{(used.From.Length > 0 ? $" ({used.From})" : "")}." : "Set as it was looked up for this press.";
            lines.Insert(0, $"{asUsed} The plan itself would take {Words.SetTo(own.Dial.Mark, own.Dial.Celsius)} for {Wording.Time(own.Seconds)}.");
        }

        if (done.Press.UntilBonded)
            lines.Add("The tacks before it count: this press gives each layer what it still lacks.");
        if (Work.Material.Demand is { From.Kind: ProvenanceKind.Logbook } learned)
            lines.Add($"In this workshop it wants {Wording.Share(learned.Value)} times the bond of a plain tee ({learned.From.Source}).");
        else if (Work.Material.Demand.Value > 1)
            lines.Add($"{Work.Material.Name} wants {Wording.Share(Work.Material.Demand.Value)} times the bond of a plain tee, because its face is not smooth ({Work.Material.Demand.From.Source}).");
        lines.Add(found.Chosen.EndsBecause switch
        {
            TimeLimit.Blank => $"Room upwards: at this temperature the bare blank reaches its {Words.Temperature(Work.Material.LimitCelsius.Value)} after {Wording.Time(found.Chosen.MostSeconds)}.",
            TimeLimit.Vinyl => $"Room upwards: at this temperature the vinyl has had all the heat it takes after {Wording.Time(found.Chosen.MostSeconds)}.",
            _ => $"Room upwards: nothing is harmed within {Wording.Time(found.Chosen.MostSeconds)} at this temperature.",
        });
        lines.Add($"Beside the print the bare {Work.Form.Name.ToLowerInvariant()} gets to {Words.Temperature(done.HottestBareCelsius)}; its limit is {Words.Temperature(Work.Material.LimitCelsius.Value)} ({Work.Material.LimitCelsius.From.Source}).");
        lines.Add($"If everything is off to one side (dial {Work.Source.DialErrorK.Value:0} K, pressure {Work.Source.PressureErrorFactor.Value:0.0#} times, cloth damp or bone dry), the bond lies between {Wording.Share(found.Worst.LeastBond)} of what is wanted and a heat of {Wording.Share(found.Worst.MostHeatDose)} times the chart's; it holds from {Wording.Share(Work.Vinyl.HoldsFromBond.Value)} and takes {Wording.Share(about.Layers.Min(l => l.MostHeatDose))}.");
        if (done.Peel is { } peel)
            lines.Add(PeelReason(peel));
        return lines;
    }

    private string PeelReason(PeelTime peel)
    {
        var where = peel.Place == CoolingPlace.ColdBench ? "on a cold bench" : Work.Form.Supported ? "where it was pressed" : "standing open";
        return peel switch
        {
            { Method: PeelMethod.Cold } => $"Peels cold: {where} it takes about {Wording.Time(peel.FromSeconds)} until it feels cool. There is no hurry after that.",
            { ToSeconds: { } to } when Work.Material.Kind == MaterialKind.Hard => $"Peels {Wording.Span(peel.FromSeconds, to)} after opening, as soon as the carrier can be taken hold of: {Work.Form.Name.ToLowerInvariant()} and vinyl stay hot much longer.",
            { Method: PeelMethod.Hot, ToSeconds: { } to } => $"Peels hot: within {Wording.Time(to)} of opening.",
            _ => $"Peels warm: from about {Wording.Time(peel.FromSeconds)} after opening; {where} it stays warm for {Wording.Time(peel.ToSeconds ?? peel.FromSeconds)}.",
        };
    }

    private string[] WhyFinish(DonePress done) =>
    [
        "With the carrier off, the cover lets the vinyl sink into the weave until its threads show.",
        $"After it: {Wording.Bond(done.LeastBond)}. Heat so far: {Wording.Share(done.Press.Layers.Max(id => done.Heat[id].HeatDose))} times the chart's; this vinyl takes {Wording.Share(about.Layers.Min(l => l.MostHeatDose))} ({about.Lead.Reference.HeatDoseSeconds:0.0} s at {Words.Temperature(about.Figures.DoseReferenceCelsius.Value)} are one).",
    ];

    private string[] WhyPatch() =>
    [
        $"A small shape of the same vinyl on the same blank, {new ToolWords(Work).ForAPatch}: it shows on your goods what the model can only estimate.",
        "If it lifts when cold, go up a step; if the blank shines or the vinyl wrinkles, go down one.",
    ];
}
