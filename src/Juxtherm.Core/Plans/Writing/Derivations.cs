using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Writing;

/// <summary>Writes down where the figures of a press come from.</summary>
internal sealed class Derivations(SetJob about, PressSet set)
{
    private readonly FoundSetting _found = set.Found;

    private IWords Words => about.Words;

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
            lines.Add(Line(layer.Chart.Celsius,
                c => Words.Say("derivations.celsius", ("isKind", layer.Chart.Celsius.From.Kind == ProvenanceKind.Wrapper),
                    ("layer", about.NameOf(layer)), ("c", Thing.Celsius(c)))));
        lines.AddRange(about.Layers.Where(l => l.Figure?.Celsius is not null).DistinctBy(l => l.Figure)
            .Select(l => LookedUp(l, Words.Say(Thing.Celsius(l.Figure!.Celsius!.Value)))));
        lines.Add(new(_found.Outcome switch
        {
            _ when _found.From == SettingFrom.Used => Words.Say("derivations.celsius.else"),
            _ when _found.From == SettingFrom.Figure => Words.Say("derivations.celsius.else-2"),
            SettingOutcome.Safe =>
                Words.Say("derivations.celsius.safe", ("rows", _found.Rows.Count), ("rows2", _found.Rows.Count(r => r.IsSafe))),
            SettingOutcome.Narrow => Words.Say("derivations.celsius.narrow"),
            SettingOutcome.Short => Words.Say("derivations.celsius.short"),
            _ => Words.Say("derivations.celsius.else-3"),
        }, null));
        lines.Add(Binds(row));
        lines.Add(dial.Mark is null
            ? Line(Source.Dial.Step!, s => Words.Say("derivations.celsius-2", ("s", s), ("unit", dial.Unit)))
            : Line(Source.MarkAt(dial.Celsius)!.Band,
                b => Words.Say("derivations.celsius-3", ("mark", dial.Mark), ("celsius", Thing.Celsius(dial.Celsius)),
                    ("low", Thing.Celsius(b.Low)), ("high", Thing.Celsius(b.High)))));
        if (Source.Dial.OffsetK.Value != 0)
            lines.Add(Line(Source.Dial.OffsetK,
                k => Words.Say("derivations.celsius-4", ("k", Math.Abs(k)), ("k2", k), ("face", Thing.Celsius(dial.SurfaceCelsius)))));
        return new Derivation("celsius", Words.Say("derivations.celsius-5"), dial.Mark ?? Words.Say(Thing.Celsius(dial.Celsius)), lines);
    }

    private DerivationLine LookedUp(LayerInPlan layer, string says) => layer.Figure!.For == FigureFor.ThisPress
        ? new(Words.Say("derivations.looked-up", ("layer", about.NameOf(layer)), ("says", says)), Kind(Chart.LookedUp))
        : new(Words.Say("derivations.looked-up-2", ("layer", about.NameOf(layer)), ("says", says)), Kind(Chart.Wrapper));

    private DerivationLine Binds(TemperatureRow row) => row.EndsBecause switch
    {
        TimeLimit.Blank =>
            Line(Work.Material.Limit.Celsius,
                limit => Words.Say("derivations.binds", ("most", Thing.Seconds(row.MostSeconds)), ("material", Work.Material.Name),
                    ("limit", Thing.Celsius(limit)), ("limitConsequence", Work.Material.Limit.Consequence))),
        TimeLimit.Vinyl =>
            Line(Work.Vinyl.Bond.MostHeatDose,
                _ => Words.Say("derivations.binds-2", ("most", Thing.Seconds(row.MostSeconds)),
                    ("layers", Thing.Share(about.Layers.Min(l => l.MostHeatDose))))),
        _ => new(Words.Say("derivations.binds-3", ("most", Thing.Seconds(row.MostSeconds))), null),
    };

    private Derivation Seconds(DonePress press)
    {
        var row = _found.Chosen;
        var lines = new List<DerivationLine>();
        foreach (var layer in about.Layers.DistinctBy(l => (l.Work.Vinyl.Id, l.Chart)))
            lines.Add(Line(layer.Chart.Seconds,
                s => Words.Say("derivations.seconds", ("isKind", layer.Chart.Seconds.From.Kind == ProvenanceKind.Wrapper),
                    ("layer", about.NameOf(layer)), ("s", Thing.Seconds(s)))));
        lines.AddRange(about.Layers.Where(l => l.Figure?.Seconds is not null).DistinctBy(l => l.Figure)
            .Select(l => LookedUp(l, Words.Say(Thing.Seconds(l.Figure!.Seconds!.Value)))));
        if (Work.Material.Demand.Value != 1)
            lines.Add(Line(Work.Material.Demand,
                d => Words.Say("derivations.seconds-2", ("material", Work.Material.Name), ("d", Thing.Share(d)))));
        if (row.TargetSeconds is { } target)
            lines.Add(new(Words.Say("derivations.seconds-3", ("target", target)), null));
        if (row.SafeFromSeconds is { } safe)
            lines.Add(Line(Source.Dial.ErrorK,
                k => Words.Say("derivations.seconds-4", ("k", k), ("pressureErrorFactor", Source.Pressure.ErrorFactor.Value),
                    ("safe", safe))));
        if (press.Press.UntilBonded)
            lines.Add(new(Words.Say("derivations.seconds-5"), null));
        lines.Add(new(
            Words.Say("derivations.seconds-6", ("seconds", Thing.Seconds(press.Seconds)), ("most", Thing.Seconds(row.MostSeconds)),
                ("safeTo", Thing.Seconds(row.SafeToSeconds))), null));
        return Seconds(press, lines);
    }

    private Derivation OtherSeconds(DonePress press)
    {
        var line = press.Press.Purpose switch
        {
            PressPurpose.Preheat when Source.Usual.LongerPreheatSeconds is { } own && own.Value >= Work.Material.PreheatSeconds.Value =>
                Line(own, s => Words.Say("derivations.other-seconds-line", ("source", Source.Name), ("s", Thing.Seconds(s)))),
            PressPurpose.Preheat =>
                Line(Work.Material.PreheatSeconds,
                    s => Words.Say("derivations.other-seconds-line-2", ("material", Work.Material.Name), ("s", Thing.Seconds(s)))),
            PressPurpose.Tack =>
                Line(about.Layer(press.Press.Layers[0]).Work.Vinyl.Press.TackSeconds,
                    s => Words.Say("derivations.other-seconds-line-3", ("s", Thing.Seconds(s)),
                        ("glue", Thing.Celsius(press.GlueCelsius)))),
            PressPurpose.Back =>
                Line(Source.Usual.BackPressSeconds,
                    s => Words.Say("derivations.other-seconds-line-4", ("source", Source.Name), ("s", Thing.Seconds(s)))),
            _ => Line(Work.Vinyl.Press.FinishSeconds, _ => Words.Say("derivations.other-seconds-line-5")),
        };
        return Seconds(press, [line]);
    }

    private Derivation Seconds(DonePress press, IReadOnlyList<DerivationLine> lines) =>
        new("seconds", Words.Say("derivations.seconds-name"), Words.Say(Thing.Seconds(press.Seconds)), lines);

    private Derivation Pressure()
    {
        var asks = about.Layers.MaxBy(l => l.Pressure.Value)!;
        var weave = Work.Material.WantsPressure is { } wanted && asks.Pressure == wanted;
        return new Derivation("pressure", "pressure", set.Level.ToString().ToLowerInvariant(),
        [
            about.Job.Used?.Pressure is { } used
                ? new DerivationLine(Words.Say("derivations.pressure", ("used", used)), null)
                : Line(asks.Pressure,
                    p => Words.Say("derivations.pressure-2", ("weave", weave ? Work.Material.Name : about.NameOf(asks)), ("p", p))),
            Line(Source.Pressure.KPa[set.Level],
                _ => Words.Say("derivations.pressure-3", ("pressure", set.PressureKPa),
                    ("pressure2", set.PressureKPa * HandsBreadthM2 * 1000 / Gravity))),
        ]);
    }

    private Derivation Peel(DonePress press, PeelTime peel)
    {
        var asks = about.Layer((press.Press.Laid.Count > 0 ? press.Press.Laid[0] : press.Press.Layers[0]));
        var where = CoolingWords.Where(peel, Work, Words);
        var shown = peel is { FromSeconds: 0, ToSeconds: { } within }
            ? Words.Say("derivations.peel-shown", ("within", Thing.Seconds(within)))
            : Words.Say("derivations.peel-shown-2", ("from", Thing.Seconds(peel.FromSeconds)));
        if (Work.Material.Kind == MaterialKind.Hard && peel.Method != PeelMethod.Cold)
        {
            return new Derivation("peel", "peel", shown,
            [
                Line(about.Figures.Peel.HardSeconds, s => Words.Say("derivations.peel", ("low", s.Low), ("high", s.High))),
                Line(about.Figures.Peel.HardBelowCelsius, c => Words.Say("derivations.peel-2", ("c", Thing.Celsius(c)))),
            ]);
        }

        return new Derivation("peel", "peel", shown,
        [
            Line(asks.Chart.Peel, p => Words.Say("derivations.peel-3", ("asks", about.NameOf(asks)), ("p", p))),
            peel.Method switch
            {
                PeelMethod.Hot => Line(about.Figures.Peel.HotWithinSeconds, s => Words.Say("derivations.peel-4", ("s", Thing.Seconds(s)))),
                PeelMethod.Warm =>
                    Line(about.Figures.Peel.WarmAboveCelsius,
                        c => Words.Say("derivations.peel-5", ("from", Thing.Seconds(peel.FromSeconds)), ("c", Thing.Celsius(c)),
                            ("where", where), ("to", Thing.Seconds(peel.ToSeconds ?? peel.FromSeconds)))),
                _ => Line(about.Figures.Peel.ColdBelowCelsius,
                    c => Words.Say("derivations.peel-6", ("c", Thing.Celsius(c)), ("where", where),
                        ("from", Thing.Seconds(peel.FromSeconds)))),
            },
        ]);
    }

    private Derivation Bond(DonePress press)
    {
        var lines = press.Press.Layers.Select(id =>
            new DerivationLine(
                Words.Say("derivations.bond-lines", ("id", about.NameOf(about.Layer(id))), ("bond", Thing.Share(press.Heat[id].Bond)),
                    ("glue", Thing.Celsius(press.GlueCelsius))), null)).ToList();
        lines.Add(Line(Work.Vinyl.Bond.HoldsFrom,
            h => Words.Say("derivations.bond", ("h", Thing.Share(h)), ("leastBond", Thing.Share(_found.Worst.LeastBond)))));
        lines.Add(Line(about.Figures.DoseZKelvin,
            z => Words.Say("derivations.bond-2", ("doseReference", Thing.Celsius(about.Figures.DoseReferenceCelsius.Value)), ("z", z))));
        return new Derivation("bond", Words.Say("derivations.bond-3"), Words.Say(Thing.Share(press.LeastBond)), lines);
    }

    private Derivation HeatDose(DonePress press)
    {
        var most = press.Press.Layers.Max(id => press.Heat[id].HeatDose);
        var lines = press.Press.Layers.Select(id => about.Layer(id))
            .Select(l =>
                Line(l.Takes,
                    _ => Words.Say("derivations.heat-dose-lines", ("l", about.NameOf(l)),
                        ("heatDose", Thing.Share(press.Heat[l.Id].HeatDose)), ("mostHeatDose", Thing.Share(l.MostHeatDose))))).ToList();
        return new Derivation("burden", Words.Say("derivations.heat-dose"), Words.Say(Thing.Share(most)), lines);
    }

    private Derivation Hottest(DonePress press) =>
        new("hottest-cloth", new ToolWords(Work, about.Words).Beside, Words.Say(Thing.Celsius(press.HottestBareCelsius)),
    [
        new(Words.Say("derivations.hottest", ("material", Work.Material.Name), ("hottestBare", Thing.Celsius(press.HottestBareCelsius)),
            ("hottestBare2", Thing.Celsius(Math.Max(press.HottestBareCelsius, _found.Worst.HottestBareCelsius)))), null),
        Line(Work.Material.Limit.Celsius,
            limit => Words.Say("derivations.hottest-2", ("limit", Thing.Celsius(limit)),
                ("limitConsequence", Work.Material.Limit.Consequence))),
        .. Work.Material.Limit.DyeMigrationCelsius is { } dye
        ? [Line(dye, c => Words.Say("derivations.hottest-3", ("c", Thing.Celsius(c))))] : Array.Empty<DerivationLine>(),
    ]);

    private const double HandsBreadthM2 = 0.01;
    private const double Gravity = 9.81;

    private DerivationLine Line<T>(Sourced<T> figure, Func<T, string> says) => new(says(figure.Value), Kind(figure.From));

    private string Kind(Provenance from) => from.Kind switch
    {
        ProvenanceKind.Published => from.Source,
        ProvenanceKind.CommonPractice => Words.Say("derivations.kind.common-practice", ("source", from.Source)),
        ProvenanceKind.Wrapper or ProvenanceKind.Owner or ProvenanceKind.Logbook => from.Source,
        _ => Words.Say("derivations.kind.else", ("source", from.Source)),
    };
}
