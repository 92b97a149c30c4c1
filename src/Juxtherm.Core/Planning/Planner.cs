using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning;

/// <summary>A plan and the temperatures behind it.</summary>
/// <param name="Plan">The plan.</param>
/// <param name="Trace">Phase by phase.</param>
public sealed record PlanResult(Plan Plan, IReadOnlyList<TracePhase> Trace);

/// <summary>Turns a job into a plan: finds the setting, carries it out in the model, and lets every rule look at it.</summary>
/// <param name="catalogue">The catalogue.</param>
public sealed class Planner(CatalogueSnapshot catalogue)
{
    /// <summary>Changes whenever the same job and catalogue would give other figures.</summary>
    public const string ModelVersion = "1";

    private const double LeastPlausibleBond = 0.05;
    private readonly ReferenceDoses _references = new(catalogue);

    /// <summary>The catalogue that plans are made from.</summary>
    public CatalogueSnapshot Catalogue => catalogue;

    /// <summary>Plans a job.</summary>
    /// <param name="job">The job.</param>
    /// <param name="units">Units of the texts.</param>
    public PlanResult Plan(Job job, UnitSystem units)
    {
        ArgumentNullException.ThrowIfNull(job);
        var words = new Wording(units);
        var work = new Workpiece(job.Layer.Vinyl, job.Blank.Material, job.Blank.Form, job.Tools.Source, job.Tools.Cover, job.Tools.Underlay);
        var family = Chart.Of(job.Layer.Vinyl, null);
        var familyReference = _references.Of(job.Layer.Vinyl, family);
        var chart = Chart.Of(job.Layer.Vinyl, job.Layer.Label);
        var reference = _references.Of(job.Layer.Vinyl, chart);
        // A wrapper that hardly warms the glue on any stack was misread; a share of nothing would mean nothing.
        var labelIgnored = reference.BondSeconds < LeastPlausibleBond * familyReference.BondSeconds;
        if (labelIgnored)
            (chart, reference) = (family, familyReference);
        var found = SettingSearch.Find(work, chart, reference, catalogue);

        var pressure = work.Source.PressureKPa[chart.Pressure.Value].Value;
        var preheat = SettingSearch.PreheatSeconds(work);
        var finish = work.HasCover && !work.Vinyl.HeatsOnce.Value ? work.Vinyl.FinishSeconds.Value : 0;
        var rehearsal = Rehearsal.Of(work, catalogue, reference, PressSetting.Single(found.Dial.Celsius, pressure, found.Seconds), chart.Peel.Value, preheat, finish, id => SheetName(id, work));
        var last = rehearsal.Finish ?? rehearsal.Press;
        var context = new PlanContext(job, work, chart, found, found.Seconds, finish, last.Bond, last.HottestBareCelsius, HottestAtChart(work, chart, pressure, preheat), labelIgnored, words, catalogue.Work);

        var notices = PlanRules.All.Select(rule => rule.Look(context)).OfType<Notice>().OrderByDescending(n => n.Level).ThenBy(n => n.Code, StringComparer.Ordinal).ToList();
        var verdict = notices.Select(n => n.Level).DefaultIfEmpty(NoticeLevel.Note).Max() switch
        {
            NoticeLevel.Stop => Verdict.Stop,
            NoticeLevel.Caution => Verdict.Caution,
            _ => Verdict.Go,
        };
        var presses = new PressWriter(job, work, chart, reference, found, rehearsal, pressure, words).Write();
        var steps = new StepWriter(job, work, chart, presses, words, catalogue.Work).Write();
        var plan = new Plan(verdict, Headline(verdict, presses, words, found), notices, presses, steps, Times(steps, job.Quantity),
            new ChartNote(chart.Celsius.Value, chart.Seconds.Value, job.Layer.Label is not null && !labelIgnored, chart.Celsius.From.Source, chart.Seconds.From.Source),
            [.. found.Rows.Select(r => new RoomRow(Math.Round(r.Dial.Celsius, 1), Tenth(r.HoldsFromSeconds), Tenth(r.TargetSeconds), Math.Round(r.MostSeconds, 1), Ends(r.EndsBecause), Tenth(r.SafeFromSeconds), Math.Round(r.SafeToSeconds, 1)))],
            catalogue.Version, ModelVersion);
        return new PlanResult(plan, rehearsal.Phases);
    }

    private static double? Tenth(double? value) => value is { } v ? Math.Round(v, 1) : null;

    private static string Ends(TimeLimit limit) => limit switch { TimeLimit.Blank => "blank", TimeLimit.Vinyl => "vinyl", _ => "patience" };

    private static string Headline(Verdict verdict, IReadOnlyList<PlannedPress> presses, Wording words, FoundSetting found)
    {
        var press = presses.Single(p => p.Purpose == PressPurpose.Press);
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
    private double HottestAtChart(Workpiece work, Chart chart, double pressure, double preheatSeconds)
    {
        var session = new PressSession(work, catalogue);
        var setting = PressSetting.Single(chart.Celsius.Value, pressure, chart.Seconds.Value);
        session.PreheatAndLay(setting with { Seconds = preheatSeconds }, catalogue.Work);
        session.Press(setting);
        return session.HottestBare();
    }

    private static string SheetName(string id, Workpiece work)
    {
        var single = work.Form.Layers.Value < 2;
        return id switch
        {
            Workpiece.CoverSheet => work.Cover.Name,
            Workpiece.CarrierSheet => "Carrier sheet",
            Workpiece.VinylSheet => $"{work.Vinyl.Name} vinyl",
            Workpiece.UnderlaySheet => work.Underlay.Name,
            "face" => single ? work.Form.Name : $"{work.Form.Name}, front",
            "gap" => "Air between",
            "bench" => "Cold bench",
            _ => $"{work.Form.Name}, back",
        };
    }
}
