using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Layering;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Planning.Ways;
using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning;

/// <summary>A plan and what lies behind it.</summary>
/// <param name="Plan">The plan.</param>
/// <param name="Trace">Temperatures over time, phase by phase.</param>
/// <param name="Window">What every temperature allows.</param>
public sealed record PlanResult(Plan Plan, IReadOnlyList<TracePhase> Trace, SettingWindow Window);

/// <summary>Turns a job into a plan: finds the setting, carries it out in the model, and lets every rule look at it.</summary>
/// <param name="catalogue">The catalogue.</param>
public sealed class Planner(CatalogueSnapshot catalogue)
{
    /// <summary>Changes whenever the same job and catalogue would give other figures.</summary>
    public const string ModelVersion = "2";

    private const double LeastPlausibleBond = 0.05;
    private readonly ReferenceDoses _references = new(catalogue);
    private readonly FoundSettings _settings = new(catalogue);

    /// <summary>The catalogue that plans are made from.</summary>
    public CatalogueSnapshot Catalogue => catalogue;

    /// <summary>Plans a job.</summary>
    /// <param name="job">The job.</param>
    /// <param name="units">Units of the texts.</param>
    public PlanResult Plan(Job job, UnitSystem units)
    {
        ArgumentNullException.ThrowIfNull(job);
        var about = About(job, new Wording(units));
        var source = job.Tools.Source;
        var level = about.Layers.Max(l => l.Chart.Pressure.Value);
        var pressure = source.PressureKPa[level].Value;
        var preheat = about.Choose(new PreheatFirst()) == PreheatFirst.Yes ? SettingSearch.PreheatSeconds(about.Work) : 0;
        var shorter = about.Choose(new PuffTime()) == PuffTime.Shorter;
        var aims = about.Layers.Select(l => new LayerAim(l.Work, l.Chart, l.Reference, l.MostBurden, shorter && l.Work.Vinyl.HeatsOnce.Value ? PuffTime.ShorterShare : 1)).ToList();
        about = about with { Found = _settings.Find(aims, pressure, preheat) };
        about = Rehearse(about, preheat, pressure, out var rehearsal);

        var last = rehearsal.Presses[^1];
        var rules = new PlanContext(
            about, [.. rehearsal.Presses.Select(p => new PressInPlan(p.Press.Purpose, p.Press.Laid, p.Seconds))], job.Layers.Min(l => last.Heat[l.Id].Bond),
            last.Heat.ToDictionary(h => h.Key, h => h.Value.Burden, StringComparer.Ordinal), last.HottestBareCelsius, HottestAtChart(about, pressure, preheat));
        var notices = PlanRules.Look(rules);
        var verdict = notices.Select(n => n.Weight).DefaultIfEmpty(NoticeLevel.Note).Max() switch
        {
            NoticeLevel.Stop => Verdict.Stop,
            NoticeLevel.Caution => Verdict.Caution,
            _ => Verdict.Go,
        };
        var found = about.Found!;
        var presses = new PressWriter(about, rehearsal, level, pressure).Write();
        var steps = new StepWriter(about, presses).Write();
        var (lead, worst) = (about.Lead, found.Worst);
        var plan = new Plan(
            verdict, Headline(verdict, presses, about.Words, found), notices, presses, steps, Times(steps, job.Quantity),
            new ChartNote(lead.Chart.Celsius.Value, lead.Chart.Seconds.Value, lead.Chart.Celsius.From.Kind == ProvenanceKind.Wrapper || lead.Chart.Seconds.From.Kind == ProvenanceKind.Wrapper, lead.Chart.Celsius.From.Source, lead.Chart.Seconds.From.Source),
            [.. found.Rows.Select(r => new RoomRow(Math.Round(r.Dial.Celsius, 1), Tenth(r.HoldsFromSeconds), Tenth(r.TargetSeconds), Math.Round(r.MostSeconds, 1), Ends(r.EndsBecause), Tenth(r.SafeFromSeconds), Math.Round(r.SafeToSeconds, 1)))],
            new PlanMargin(Tenth(found.Chosen.SafeFromSeconds), Math.Round(found.Chosen.SafeToSeconds, 1), Math.Round(worst.LeastBond, 2), Math.Round(worst.MostBurden, 2), Math.Round(worst.HottestBareCelsius, 1)),
            AllWays.In(about), Ladder.Of(about, pressure, preheat, catalogue), catalogue.Version, ModelVersion);
        return new PlanResult(plan, rehearsal.Phases, found.Window);
    }

    /// <summary>The job with its layers worked out, as far as that goes before a setting is found.</summary>
    private WayContext About(Job job, Wording words)
    {
        Chart ChartOf(JobLayer layer, out ReferenceDose reference, out bool ignored)
        {
            var family = Chart.Of(layer.Vinyl, null);
            var familyReference = _references.Of(layer.Vinyl, family);
            var chart = Chart.Of(layer.Vinyl, layer.Label);
            reference = _references.Of(layer.Vinyl, chart);
            // A wrapper that hardly warms the glue on any stack was misread; a share of nothing would mean nothing.
            ignored = reference.BondSeconds < LeastPlausibleBond * familyReference.BondSeconds;
            if (!ignored)
                return chart;
            reference = familyReference;
            return family;
        }

        var charted = job.Layers.Select(layer => (Layer: layer, Chart: ChartOf(layer, out var reference, out var ignored), Reference: reference, Ignored: ignored)).ToList();
        var lying = new Lying([.. charted.Select(c => new LayerPiece(c.Layer.Id, c.Layer.Vinyl, c.Chart.Peel.Value, c.Layer.Box, c.Layer.AreaMm2, c.Layer.CarrierMarginMm, c.Layer.Over, c.Layer.Face == job.Blank.Face ? 0 : 1) { Shape = c.Layer.Shape })]);
        var layers = charted.ConvertAll(c => new LayerInPlan(
            c.Layer, new Workpiece(c.Layer.Vinyl, job.Blank.Material, job.Blank.Form, job.Tools.Source, job.Tools.Cover, job.Tools.Underlay), c.Chart, c.Reference, c.Ignored,
            lying.InStack(c.Layer.Id) ? Math.Min(c.Layer.Vinyl.StackBurden.Value, c.Layer.Vinyl.MostBurden.Value) : c.Layer.Vinyl.MostBurden.Value));
        return new WayContext(job, layers, lying, words, catalogue.Work);
    }

    /// <summary>Carries the presses out in the model; where that shows that a press from the back is worth it, once more with that.</summary>
    private WayContext Rehearse(WayContext about, double preheat, double pressure, out Rehearsal rehearsal)
    {
        rehearsal = Rehearser.Of(about, PressSequence.Of(about, preheat, back: null), pressure, catalogue, id => SheetNames.Of(id, about));
        about = about with { Measured = rehearsal.Measured };
        if (about.Choose(new BackPress()) == BackPress.Always)
            rehearsal = Rehearser.Of(about, PressSequence.Of(about, preheat, about.Choose(new BackPressWhen())), pressure, catalogue, id => SheetNames.Of(id, about));
        return about;
    }

    private static double? Tenth(double? value) => value is { } v ? Math.Round(v, 1) : null;

    private static string Ends(TimeLimit limit) => limit switch { TimeLimit.Blank => "blank", TimeLimit.Vinyl => "vinyl", _ => "patience" };

    private static string Headline(Verdict verdict, IReadOnlyList<PlannedPress> presses, Wording words, FoundSetting found)
    {
        var press = presses.Last(p => p.Purpose == PressPurpose.Press);
        var set = press.DialMark is { } mark ? $"mark {mark}" : words.Temperature(press.Celsius);
        return verdict == Verdict.Stop
            ? found.Outcome == SettingOutcome.None ? "No safe setting found." : "Not like this: see the stop."
            : $"Set to {set}, press {Wording.Time(press.Seconds)}, {press.Pressure.ToString().ToLowerInvariant()}.";
    }

    private static PlanTimes Times(IReadOnlyList<PlanStep> steps, int quantity)
    {
        double Sum(Func<PlanStep, bool> counts) => steps.Where(counts).Sum(s => s.Seconds * (s.OncePerRun ? 1 : quantity));
        return new PlanTimes(Math.Round(Sum(s => s.Kind is StepKind.Do or StepKind.Inspect or StepKind.Hold)), Math.Round(Sum(s => s.Kind != StepKind.Know)));
    }

    /// <summary>How hot the bare face would get if the chart's setting were used as it stands.</summary>
    private double HottestAtChart(WayContext about, double pressure, double preheatSeconds)
    {
        var session = new PressSession(about.Work, catalogue);
        var setting = PressSetting.Single(about.Lead.Chart.Celsius.Value, pressure, about.Lead.Chart.Seconds.Value);
        session.PreheatAndLay(setting with { Seconds = preheatSeconds }, catalogue.Work);
        session.Press(setting);
        return session.HottestBare();
    }
}

/// <summary>Names the sheets of a stack for the reader.</summary>
internal static class SheetNames
{
    public static string Of(string sheet, WayContext about)
    {
        var work = about.Work;
        var single = work.Form.Layers.Value < 2;
        return sheet switch
        {
            Workpiece.CoverSheet => work.Cover.Name,
            Workpiece.CarrierSheet => "Carrier sheet",
            Workpiece.UnderlaySheet => work.Underlay.Name,
            "face" => single ? work.Form.Name : $"{work.Form.Name}, front",
            "gap" => "Air between",
            "bench" => "Cold bench",
            _ when about.Layers.FirstOrDefault(l => sheet == Workpiece.VinylSheet || sheet == Workpiece.SheetOf(l.Id)) is { } layer => about.Layers.Count == 1 ? $"{layer.Work.Vinyl.Name} vinyl" : $"{layer.Id}, {layer.Work.Vinyl.Name.ToLowerInvariant()}",
            _ => $"{work.Form.Name}, back",
        };
    }
}
