using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Writing;

/// <summary>Writes down where the figures of a press come from.</summary>
internal sealed class Derivations(SetJob about, PressSet set)
{
    private readonly FoundSetting _found = set.Found;

    private Wording Words => about.Words;

    private Workpiece Work => about.Work;

    private HeatSource Source => about.Work.Source;

    /// <summary>All figures of one press.</summary>
    public IReadOnlyList<Derivation> Of(DonePress press)
    {
        var main = press.Press.Purpose == PressPurpose.Press;
        List<Derivation> figures = [Celsius(), main ? Seconds(press) : OtherSeconds(press), Pressure()];
        if (press.Peel is { } peel)
            figures.Add(Peel(press, peel));
        if (press.Press.Layers.Count > 0)
            figures.AddRange([Bond(press), HeatDose(press)]);
        figures.Add(Hottest(press));
        return figures;
    }

    private Derivation Celsius()
    {
        var (row, dial) = (_found.Chosen, _found.Dial);
        var lines = new List<DerivationLine>();
        foreach (var layer in about.Layers.DistinctBy(l => (l.Work.Vinyl.Id, l.Chart)))
            lines.Add(Line(layer.Chart.Celsius, c => $"{(layer.Chart.Celsius.From.Kind == ProvenanceKind.Wrapper ? "The wrapper" : "The chart")} of {about.NameOf(layer)} says {Words.Temperature(c)}."));
        lines.AddRange(about.Layers.Where(l => l.Figure?.Celsius is not null).DistinctBy(l => l.Figure).Select(l => LookedUp(l, Words.Temperature(l.Figure!.Celsius!.Value))));
        lines.Add(new(_found.Outcome switch
        {
            _ when _found.From == SettingFrom.Used => "Set as it was used before; what it comes to is reckoned, not searched for.",
            _ when _found.From == SettingFrom.Figure => "Set as it was looked up for this press; what it comes to is reckoned, not searched for.",
            SettingOutcome.Safe => $"Of {_found.Rows.Count} places on the dial {_found.Rows.Count(r => r.IsSafe)} hold and harm nothing even with everything off to one side. This one is nearest to the chart among those with the most room.",
            SettingOutcome.Narrow => "No place on the dial is safe with everything off to one side; this one is, if dial and pressure are right.",
            SettingOutcome.Short => "No place on the dial gives the full bond; this one holds, and is nearest to the chart.",
            _ => "No place on the dial both bonds and spares vinyl and blank; this one comes furthest.",
        }, null));
        lines.Add(Binds(row));
        lines.Add(dial.Mark is null
            ? Line(Source.DialStep!, s => $"Rounded to the dial's steps of {s:0.#} °{dial.Unit}.")
            : Line(Source.MarkAt(dial.Celsius)!.Band, b => $"The mark {dial.Mark} stands for {Words.Temperature(dial.Celsius)}; the sole wanders between {Words.Temperature(b.Low)} and {Words.Temperature(b.High)}, and its middle is taken."));
        if (Source.DialOffsetK.Value != 0)
            lines.Add(Line(Source.DialOffsetK, k => $"The plate's face is {Math.Abs(k):0} K {(k > 0 ? "hotter" : "cooler")} than the dial shows, so at this setting it is at {Words.Temperature(dial.FaceCelsius)}."));
        return new Derivation("celsius", "set to", dial.Mark ?? Words.Temperature(dial.Celsius), lines);
    }

    private DerivationLine LookedUp(LayerInPlan layer, string says) => layer.Figure!.For == FigureFor.ThisPress
        ? new($"The figure for this press, of {about.NameOf(layer)}, says {says}.", Kind(Chart.LookedUp))
        : new($"The wrapper of {about.NameOf(layer)} says {says}. That is near what this press needs, so it is taken as it is.", Kind(Chart.Wrapper));

    private DerivationLine Binds(TemperatureRow row) => row.EndsBecause switch
    {
        TimeLimit.Blank => Line(Work.Material.LimitCelsius, limit => $"What limits it upwards: after {Wording.Time(row.MostSeconds)} the bare {Work.Material.Name.ToLowerInvariant()} reaches {Words.Temperature(limit)}; above that {Work.Material.LimitConsequence}."),
        TimeLimit.Vinyl => Line(Work.Vinyl.MostHeatDose, _ => $"What limits it upwards: after {Wording.Time(row.MostSeconds)} the vinyl has had all the heat it takes, {Wording.Share(about.Layers.Min(l => l.MostHeatDose))} times its chart's."),
        _ => new($"Nothing is harmed within {Wording.Time(row.MostSeconds)}, the longest press that can be held to.", null),
    };

    private Derivation Seconds(DonePress press)
    {
        var row = _found.Chosen;
        var lines = new List<DerivationLine>();
        foreach (var layer in about.Layers.DistinctBy(l => (l.Work.Vinyl.Id, l.Chart)))
            lines.Add(Line(layer.Chart.Seconds, s => $"{(layer.Chart.Seconds.From.Kind == ProvenanceKind.Wrapper ? "The wrapper" : "The chart")} of {about.NameOf(layer)} says {Wording.Time(s)}, and silently means a swing-away press, a plain cotton tee, a pad and a PTFE sheet. What that does is one whole of bond."));
        lines.AddRange(about.Layers.Where(l => l.Figure?.Seconds is not null).DistinctBy(l => l.Figure).Select(l => LookedUp(l, Wording.Time(l.Figure!.Seconds!.Value))));
        if (Work.Material.Demand.Value != 1)
            lines.Add(Line(Work.Material.Demand, d => $"{Work.Material.Name} wants {Wording.Share(d)} times that."));
        if (row.TargetSeconds is { } target)
            lines.Add(new($"On this stack the glue line has gathered that after {target:0.0} s.", null));
        if (row.SafeFromSeconds is { } safe)
            lines.Add(Line(Source.DialErrorK, k => $"With the dial {k:0} K too low, the pressure {Source.PressureErrorFactor.Value:0.0#} times too light and the blank damp, it still holds from {safe:0.0} s."));
        if (press.Press.UntilBonded)
            lines.Add(new("Counted here is only what the tacks before it have not given yet.", null));
        lines.Add(new($"Rounded to whole seconds: {Wording.Time(press.Seconds)}. Harm begins after {Wording.Time(row.MostSeconds)}; with everything off to the hot side after {Wording.Time(row.SafeToSeconds)}.", null));
        return new Derivation("seconds", "press time", Wording.Time(press.Seconds), lines);
    }

    private Derivation OtherSeconds(DonePress press)
    {
        var line = press.Press.Purpose switch
        {
            PressPurpose.Preheat when Source.LongerPreheatSeconds is { } own && own.Value >= Work.Material.PreheatSeconds.Value => Line(own, s => $"{Wording.StartingWithA(Source.Name)} preheats for {Wording.Time(s)}."),
            PressPurpose.Preheat => Line(Work.Material.PreheatSeconds, s => $"{Work.Material.Name} is preheated for {Wording.Time(s)}."),
            PressPurpose.Tack => Line(about.Layer(press.Press.Layers[0]).Work.Vinyl.TackSeconds, s => $"A tack lasts {Wording.Time(s)}, or as much longer as the glue here needs to begin to hold: {Words.Temperature(press.GlueCelsius)} as the plate opens."),
            PressPurpose.Back => Line(Source.BackPressSeconds, s => $"From the back {Wording.A(Source.Name)} presses {Wording.Time(s)}."),
            _ => Line(Work.Vinyl.FinishSeconds, _ => "A few seconds under the cover, until the weave shows."),
        };
        return new Derivation("seconds", "press time", Wording.Time(press.Seconds), [line]);
    }

    private Derivation Pressure()
    {
        var asks = about.Layers.MaxBy(l => l.Pressure.Value)!;
        var weave = Work.Material.WantsPressure is { } wanted && asks.Pressure == wanted;
        return new Derivation("pressure", "pressure", set.Level.ToString().ToLowerInvariant(),
        [
            about.Job.Used?.Pressure is { } used
                ? new DerivationLine($"As it was used: {used.ToString().ToLowerInvariant()}.", null)
                : Line(asks.Pressure, p => $"{(weave ? Work.Material.Name : about.NameOf(asks))} asks for {p.ToString().ToLowerInvariant()} pressure."),
            Line(Source.PressureKPa[set.Level], _ => $"On this press that is about {set.PressureKPa:0.#} kPa: a hand's breadth square carries {set.PressureKPa * HandsBreadthM2 * 1000 / Gravity:0.#} kg."),
        ]);
    }

    private Derivation Peel(DonePress press, PeelTime peel)
    {
        var asks = about.Layer((press.Press.Laid.Count > 0 ? press.Press.Laid[0] : press.Press.Layers[0]));
        var where = peel.Place == CoolingPlace.ColdBench ? "on a cold bench" : Work.Form.Supported ? "where it was pressed" : "standing open";
        var shown = peel is { FromSeconds: 0, ToSeconds: { } within } ? $"within {Wording.Time(within)}" : $"from {Wording.Time(peel.FromSeconds)}";
        if (Work.Material.Kind == MaterialKind.Hard && peel.Method != PeelMethod.Cold)
        {
            return new Derivation("peel", "peel", shown,
            [
                Line(about.Figures.HardPeelSeconds, s => $"What is hard keeps its heat for minutes: it is peeled within {Wording.Span(s.Low, s.High)} of opening, as soon as the carrier can be taken hold of."),
                Line(about.Figures.HardPeelBelowCelsius, c => $"That is at about {Words.Temperature(c)} on its upper face: take hold of it with heat gloves."),
            ]);
        }

        return new Derivation("peel", "peel", shown,
        [
            Line(asks.Chart.Peel, p => $"{about.NameOf(asks)} peels {p.ToString().ToLowerInvariant()}."),
            peel.Method switch
            {
                PeelMethod.Hot => Line(about.Figures.HotPeelWithinSeconds, s => $"Hot means within {Wording.Time(s)} of opening."),
                PeelMethod.Warm => Line(about.Figures.WarmPeelAboveCelsius, c => $"Warm means from about {Wording.Time(peel.FromSeconds)} after opening until the vinyl is below {Words.Temperature(c)}: {where} that is at {Wording.Time(peel.ToSeconds ?? peel.FromSeconds)}, as the model cools it."),
                _ => Line(about.Figures.ColdPeelBelowCelsius, c => $"Cold means below {Words.Temperature(c)}: {where} that takes about {Wording.Time(peel.FromSeconds)}, as the model cools it. There is no hurry after that."),
            },
        ]);
    }

    private Derivation Bond(DonePress press)
    {
        var lines = press.Press.Layers.Select(id => new DerivationLine($"{about.NameOf(about.Layer(id))}: {Wording.Share(press.Heat[id].Bond)} of what is wanted, gathered under pressure at up to {Words.Temperature(press.GlueCelsius)}.", null)).ToList();
        lines.Add(Line(Work.Vinyl.HoldsFromBond, h => $"It holds from {Wording.Share(h)}; one is as well stuck as the chart means it. With everything off to the cold side the main press comes to {Wording.Share(_found.Worst.LeastBond)}."));
        lines.Add(Line(about.Figures.DoseZKelvin, z => $"Counted as seconds at {Words.Temperature(about.Figures.DoseReferenceCelsius.Value)}, ten times as much for every {z:0} K more."));
        return new Derivation("bond", "how well stuck", Wording.Share(press.LeastBond), lines);
    }

    private Derivation HeatDose(DonePress press)
    {
        var most = press.Press.Layers.Max(id => press.Heat[id].HeatDose);
        var lines = press.Press.Layers.Select(id => about.Layer(id))
            .Select(l => Line(l.Takes, _ => $"{about.NameOf(l)}: {Wording.Share(press.Heat[l.Id].HeatDose)} times its chart's heat over all presses so far; it takes {Wording.Share(l.MostHeatDose)} here.")).ToList();
        return new Derivation("burden", "heat so far", Wording.Share(most), lines);
    }

    private Derivation Hottest(DonePress press) => new("hottest-cloth", new ToolWords(Work).Beside, Words.Temperature(press.HottestBareCelsius),
    [
        new($"The bare {Work.Material.Name.ToLowerInvariant()} beside the print has no carrier over it and gets to {Words.Temperature(press.HottestBareCelsius)}; with everything off to the hot side to {Words.Temperature(Math.Max(press.HottestBareCelsius, _found.Worst.HottestBareCelsius))}.", null),
        Line(Work.Material.LimitCelsius, limit => $"Its limit is {Words.Temperature(limit)}: above that {Work.Material.LimitConsequence}."),
        .. Work.Material.DyeMigrationCelsius is { } dye ? [Line(dye, c => $"From about {Words.Temperature(c)} its dye may move.")] : Array.Empty<DerivationLine>(),
    ]);

    private const double HandsBreadthM2 = 0.01;
    private const double Gravity = 9.81;

    private static DerivationLine Line<T>(Sourced<T> figure, Func<T, string> says) => new(says(figure.Value), Kind(figure.From));

    private static string Kind(Provenance from) => from.Kind switch
    {
        ProvenanceKind.Published => from.Source,
        ProvenanceKind.CommonPractice => $"common practice: {from.Source}",
        ProvenanceKind.Wrapper or ProvenanceKind.Owner or ProvenanceKind.Logbook => from.Source,
        _ => $"from memory: {from.Source}",
    };
}
