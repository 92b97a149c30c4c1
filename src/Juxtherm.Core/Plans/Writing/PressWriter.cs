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

    private IWords Words => about.Words;

    public IReadOnlyList<PlannedPress> Write()
    {
        var presses = new List<PlannedPress>();
        var bonding = rehearsal.Presses.Select((p, at) => (p, at)).Last(p => p.p == rehearsal.Bonding);
        if (about.Choose(new FirstTry()) == FirstTry.Patch)
            presses.Add(Press(new PartedPress(bonding.p, bonding.at, bonding.p.Press.Layers, bonding.p.Press.Laid, null, 1, null), 1)
                with
            { Purpose = PressPurpose.Patch, Sections = [], Stage = 0, Why = WhyPatch() });
        foreach (var press in PartedPresses.Of(about, rehearsal))
            presses.Add(Press(press, presses.Count + 1));
        return presses;
    }

    private PlannedPress Press(PartedPress press, int order)
    {
        var done = press.Done;
        IReadOnlyDictionary<string, double> Each(Func<string, LayerHeat, double> of) =>
            press.Layers.ToDictionary(id => id, id => Math.Round(of(id, done.Heat[id]), 2), StringComparer.Ordinal);
        var (dial, set) = (done.Press.Set.Found.Dial, done.Press.Set);
        var peel = done.Peel is { } p
            ? new Peel(p.Method, [p.FromSeconds, p.ToSeconds], p.Place == CoolingPlace.ColdBench ? Peel.ColdBench : Peel.OnUnderlay)
            : NoPeel;
        var face = PartedPresses.FaceOf(about, rehearsal, done);
        var sections = press.Place is { } place
            ? [SectionWriter.Written(place, about.Job.Blank.Faces[face], SectionWriter.Prints(about.Job, face, press.Layers), Words)]
            : SectionWriter.Of(about.Job, face, done.Press.Layers, Words);
        return new PlannedPress(
            order, done.Press.Purpose, press.Layers, press.Laid, Math.Round(dial.Celsius, 1), dial.Shown is { } shown
            ? new DialReading(shown, dial.Unit.ToString()) : null, dial.Mark, done.Seconds, set.Level, set.PressureKPa,
            Work.Cover.Id, sections, peel,
            new Predicted(Each((id, h) => h.Bond), Each((id, _) => budget.Until(id, press.At)), Math.Round(done.HottestBareCelsius, 1),
                Math.Round(done.WaterShare, 2)),
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
            Words.Say("press-writer.why", ("waterShare", 1 - done.WaterShare)),
            Words.Say("press-writer.why-2"),
        ],
        PressPurpose.Tack => [Words.Say("press-writer.why-3", ("glue", Thing.Celsius(done.GlueCelsius)), ("leastBond", done.LeastBond))],
        PressPurpose.Back => [Words.Say("press-writer.why-4", ("leastBond", done.LeastBond))],
        PressPurpose.Finish => WhyFinish(done),
        _ => WhyPress(done),
    };

    private List<string> WhyPress(DonePress done)
    {
        var (chart, found) = (about.Lead.Chart, done.Press.Set.Found);
        var says = chart.Celsius.From.Kind != ProvenanceKind.Wrapper && chart.Seconds.From.Kind != ProvenanceKind.Wrapper
            ? Words.Say("press-writer.why-press-says") : Words.Say("press-writer.why-press-says-2");
        var lines = new List<string>
        {
            Words.Say("press-writer.why-press-lines", ("says", says), ("celsius", Thing.Celsius(chart.Celsius.Value)),
                ("seconds", Thing.Seconds(chart.Seconds.Value))),
            Words.Say("press-writer.why-press-lines-2", ("celsius", Thing.Celsius(found.Dial.Celsius)),
                ("seconds", Thing.Seconds(done.Seconds)), ("leastBond", done.LeastBond), ("glue", Thing.Celsius(done.GlueCelsius))),
        };
        if (found.Instead is { } own)
        {
            var asUsed = about.Job.Used is { } used
                ? Words.Say("press-writer.why-press-as-used", ("from", used.From)) : Words.Say("press-writer.why-press-as-used-2");
            lines.Insert(0,
                Words.Say("press-writer.why-press", ("asUsed", asUsed), ("celsius", Thing.Celsius(own.Dial.Celsius)),
                    ("mark", own.Dial.Mark), ("seconds", Thing.Seconds(own.Seconds))));
        }

        if (done.Press.UntilBonded)
            lines.Add(Words.Say("press-writer.why-press-2"));
        if (Work.Material.Demand is { From.Kind: ProvenanceKind.Logbook } learned)
            lines.Add(Words.Say("press-writer.why-press-3", ("learned", Thing.Share(learned.Value)), ("source", learned.From.Source)));
        else if (Work.Material.Demand.Value > 1)
            lines.Add(Words.Say("press-writer.why-press-4", ("material", Work.Material.Name),
                ("demand", Thing.Share(Work.Material.Demand.Value)), ("source", Work.Material.Demand.From.Source)));
        lines.Add(found.Chosen.EndsBecause switch
        {
            TimeLimit.Blank =>
                Words.Say("press-writer.why-press.blank", ("limit", Thing.Celsius(Work.Material.Limit.Celsius.Value)),
                    ("most", Thing.Seconds(found.Chosen.MostSeconds))),
            TimeLimit.Vinyl => Words.Say("press-writer.why-press.vinyl", ("most", Thing.Seconds(found.Chosen.MostSeconds))),
            _ => Words.Say("press-writer.why-press.else", ("most", Thing.Seconds(found.Chosen.MostSeconds))),
        });
        lines.Add(Words.Say("press-writer.why-press-5", ("form", Work.Form.Name), ("hottestBare", Thing.Celsius(done.HottestBareCelsius)),
            ("limit", Thing.Celsius(Work.Material.Limit.Celsius.Value)), ("source", Work.Material.Limit.Celsius.From.Source)));
        lines.Add(Words.Say("press-writer.why-press-6", ("dialErrorK", Work.Source.Dial.ErrorK.Value),
            ("pressureErrorFactor", Work.Source.Pressure.ErrorFactor.Value)));
        if (done.Peel is { } peel)
            lines.Add(PeelReason(peel));
        return lines;
    }

    private string PeelReason(PeelTime peel)
    {
        var where = CoolingWords.Where(peel, Work, Words);
        return peel switch
        {
            { Method: PeelMethod.Cold } =>
                Words.Say("press-writer.peel-reason.cold", ("where", where), ("from", Thing.Seconds(peel.FromSeconds))),
            { ToSeconds: { } to } when Work.Material.Kind == MaterialKind.Hard =>
                Words.Say("press-writer.peel-reason.to", ("from", peel.FromSeconds), ("to", to), ("form", Work.Form.Name)),
            { Method: PeelMethod.Hot, ToSeconds: { } to } => Words.Say("press-writer.peel-reason.to-2", ("to", Thing.Seconds(to))),
            _ => Words.Say("press-writer.peel-reason.else", ("from", Thing.Seconds(peel.FromSeconds)), ("where", where),
                ("to", Thing.Seconds(peel.ToSeconds ?? peel.FromSeconds))),
        };
    }

    private string[] WhyFinish(DonePress done) =>
    [
        Words.Say("press-writer.why-finish"),
        Words.Say("press-writer.why-finish-2", ("leastBond", done.LeastBond),
            ("layers", Thing.Share(done.Press.Layers.Max(id => done.Heat[id].HeatDose))),
            ("layers2", Thing.Share(about.Layers.Min(l => l.MostHeatDose))), ("heatDose", about.Lead.Reference.HeatDoseSeconds),
            ("doseReference", Thing.Celsius(about.Figures.DoseReferenceCelsius.Value))),
    ];

    private string[] WhyPatch() =>
    [
        Words.Say("press-writer.why-patch", ("forAPatch", new ToolWords(Work, about.Words).ForAPatch)),
        Words.Say("press-writer.why-patch-2"),
    ];
}
