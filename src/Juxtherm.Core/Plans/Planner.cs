using System.Runtime.CompilerServices;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Checks;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Patches;
using Juxtherm.Core.Plans.Rehearsal;
using Juxtherm.Core.Plans.Sequencing;
using Juxtherm.Core.Plans.Setting;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Plans.Writing;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans;

/// <summary>A plan and what lies behind it.</summary>
/// <param name="Plan">The plan.</param>
/// <param name="Trace">Temperatures over time, phase by phase.</param>
/// <param name="Window">What every temperature allows.</param>
public sealed record PlanResult(Plan Plan, IReadOnlyList<TracePhase> Trace, SettingWindow Window);

/// <summary>Turns a job into a plan: finds the setting, carries it out in the model, and lets every rule look at it.</summary>
/// <param name="catalogue">The catalogue.</param>
/// <param name="language">The language of the texts.</param>
public sealed class Planner(CatalogueSnapshot catalogue, ILanguage language)
{
    /// <summary>Changes whenever the same job and catalogue would give other figures.</summary>
    public const string ModelVersion = "7";

    private const int MostTried = 4;
    private readonly JobSettings _settings = new(catalogue);
    private readonly ConditionalWeakTable<FoundSetting, PatchStudy> _studies = [];
    private readonly SequenceFinder _orders = new(new HeatTable(catalogue));
    private readonly HottestPieces _hottest = new();
    private readonly Rehearsals _rehearsals = new(catalogue);

    /// <summary>The catalogue that plans are made from.</summary>
    public CatalogueSnapshot Catalogue => catalogue;

    /// <summary>The language that plans are written in.</summary>
    public ILanguage Language => language;

    /// <summary>Plans a job.</summary>
    /// <param name="job">The job.</param>
    /// <param name="units">Units of the texts.</param>
    public PlanResult Plan(Job job, UnitSystem units)
    {
        ArgumentNullException.ThrowIfNull(job);
        job = Told(job);
        var (set, preheat) = _settings.Of(job, language.WordsFor(units));
        Patience.Look();
        var orders = _orders.Find(set, preheat);
        var tried = Try(set, orders, preheat);
        var (about, rehearsal, budget) = (tried.About, tried.Rehearsal, tried.Budget);

        var last = rehearsal.Presses[^1];
        var run = _rehearsals.InARun(about, rehearsal, job.Quantity);
        var helps = BatchWriter.Helps(about, _rehearsals.Helping(about, rehearsal, run, job.Quantity));
        var certainty = CertaintyWriter.Of(about, rehearsal, budget);
        var rules = new PlanContext(
            about, [.. rehearsal.Presses.Select((p, i) =>
                new PressInPlan(p.Press.Purpose, p.Press.Laid, p.Seconds) { Layers = p.Press.Layers, Reheated = rehearsal.Reheated(i),
                    InsteadOfSeconds = p.InsteadOfSeconds })], job.Layers.Min(l => rehearsal.AtPeel.Heat[l.Id].Bond),
            last.Heat.Keys.ToDictionary(id => id, budget.Total, StringComparer.Ordinal), last.HottestBareCelsius,
            HottestAtChart(about, preheat))
        {
            HeatDoseOnce = last.Heat.Keys.ToDictionary(id => id, budget.Once, StringComparer.Ordinal),
            Certainty = certainty,
            Orders = orders,
            Sequence = tried.Laid,
            AllHold = about.Layers.All(l => rehearsal.AtPeel.Heat[l.Id].Bond >= l.Work.Vinyl.Bond.HoldsFrom.Value),
            LabelCap = CareLabel.Cap(job.Blank.CareDots, catalogue),
            HottestOfRunCelsius = about.Work.Material.Limit.DyeMigrationCelsius is null ? 0 : _hottest.Of(about.Found, job.Quantity),
            RunHelps = helps,
            WarmestPieceCelsius = run.Select(p => p.BareCelsius).DefaultIfEmpty(last.HottestBareCelsius).Max(),
        };
        var notices = PlanRules.Look(rules);
        var verdict = notices.Select(n => n.Weight).DefaultIfEmpty(NoticeLevel.Note).Max() switch
        {
            NoticeLevel.Stop => Verdict.Stop,
            NoticeLevel.Caution => Verdict.Caution,
            _ => Verdict.Go,
        };
        // What is shown of how much room there is belongs to the press that bonds last.
        var found = rehearsal.Bonding.Press.Set.Found;
        var presses = new PressWriter(about, rehearsal, budget).Write();
        // The model carries one part through; it is numbered as the first part on which a press is done.
        int NumberOf(int at) => presses.First(p => p.Stage == at + 1).Order;
        var steps = new StepWriter(about, presses).Write();
        var (lead, worst) = (about.Lead, found.Worst);
        var plan = new Plan(
            verdict, Headline(verdict, presses, about.Words, about.Settings[0]), notices, presses, steps, Times(steps, job.Quantity),
            ChartNote.Of(lead),
            [.. found.Rows.Select(r =>
                new RoomRow(Math.Round(r.Dial.Celsius, 1), Tenth(r.HoldsFromSeconds), Tenth(r.TargetSeconds), Math.Round(r.MostSeconds, 1),
                    Ends(r.EndsBecause), Tenth(r.SafeFromSeconds), Math.Round(r.SafeToSeconds, 1)))],
            new PlanMargin(Tenth(found.Chosen.SafeFromSeconds), Math.Round(found.Chosen.SafeToSeconds, 1), Math.Round(worst.LeastBond, 2),
                Math.Round(worst.MostHeatDose, 2), Math.Round(worst.HottestBareCelsius, 1)),
            AllOptions.In(about), Ladder.Of(about, preheat, catalogue), catalogue.Version, ModelVersion)
        {
            Certainty = certainty,
            Line = verdict == Verdict.Stop ? "" : PressLine.Of(presses, about.Words),
            Batch = BatchWriter.Of(about, run, rehearsal.Bonding.Seconds) is { } batch
                ? BatchWriter.WithSteps(about, batch, presses, steps) with
                {
                    Helps = helps,
                } : null,
            Order = new OrderReasons(about, orders, tried.Laid).Write(),
            Budgets = [.. about.Layers.OrderBy(l => about.Stack.Under(l.Id).Count()).Select(l => Bar(l))],
            Carriers = CarrierTrims.Of(about, tried.Laid),
            Placing = PlaceWords.Of(job, about.Words),
            AloneSeconds = rehearsal.Bonding.Press.UntilBonded ? found.Seconds : null,
        };

        HeatBudgetBar Bar(LayerInPlan layer) => new(
            layer.Id, about.NameOf(layer),
            [.. budget.Of(layer.Id).Select(s => s with { Order = NumberOf(s.Order), Share = Math.Round(s.Share, 3) })],
            Math.Round(budget.Total(layer.Id), 2), layer.MostHeatDose, Math.Round(last.Heat[layer.Id].Bond, 2),
            layer.Work.Vinyl.Bond.HoldsFrom.Value);


        return new PlanResult(plan,
            [.. rehearsal.Phases.Select(p => p.PressOrder is { } order ? p with { PressOrder = NumberOf(order - 1) } : p)], found.Window);
    }

    /// <summary>What test patches have told, and which is pressed next.</summary>
    /// <param name="job">The job, with what came of its patches so far.</param>
    /// <param name="units">Units of the texts.</param>
    public PatchAdvice Patches(Job job, UnitSystem units)
    {
        ArgumentNullException.ThrowIfNull(job);
        var study = StudyOf(job);
        return PatchWriter.Of(_settings.Of(job with { Patches = [], Used = null }, language.WordsFor(units)).About, study,
            [.. job.Patches.Where(p => p.On is null || p.On == study.On)], _settings.Of(Told(job), language.WordsFor(units)).About.Found);
    }

    /// <summary>A job as its test patches have shown it: what its face wants, how sure that is, what blank and vinyl bear.</summary>
    /// <param name="job">The job.</param>
    /// <returns>A job without patches that plans alike; the same one where patches say nothing.</returns>
    public Job Told(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        if (job.Patches.Count == 0)
            return job;
        var told = job with { Patches = [] };
        // A patch of which nobody said on what it was pressed is the job's own.
        if (job.Patches.Where(p => p.On is null).ToList() is { Count: > 0 } own)
            told = StudyOf(told).Narrowed(told, own);
        foreach (var kept in job.Patches.Where(p => p.On is not null).GroupBy(p => p.On))
            told = Told(told, kept.Key!, [.. kept]);
        return told;
    }

    /// <summary>What patches on one vinyl show of the layers of it.</summary>
    private Job Told(Job job, PatchOn on, IReadOnlyList<PatchResult> results)
    {
        var its = job.Layers.Where(l => l.Vinyl.Id == on.Vinyl).ToList();
        if (its.Count == 0 || on.HeatSource != job.Tools.Source.Id || on.Material != job.Blank.Material.Id)
            return job;
        if (its.Count == job.Layers.Count)
            return StudyOf(job).Narrowed(job, results);
        var alone = job with { Layers = [.. its.Select(l => l with { Over = [] })] };
        var narrowed = StudyOf(alone).Narrowed(alone, results);
        return job with
        {
            Blank = narrowed.Blank,
            Layers = [.. job.Layers.Select(l => narrowed.Layers.FirstOrDefault(n => n.Id == l.Id) is { } shown
                ? l with { Vinyl = shown.Vinyl, Wants = shown.Wants, Belief = shown.Belief } : l)],
        };
    }

    /// <summary>Everything that patches on a job could tell.</summary>
    /// <param name="job">The job.</param>
    public PatchStudy StudyOf(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        var (about, preheat) = _settings.Of(job with { Used = null }, language.WordsFor(UnitSystem.Metric));
        // Settings that are found again are the same object, so what patches tell about one is worked out once.
        return _studies.GetValue(about.Found, _ => new PatchStudy(about, preheat, catalogue));
    }

    /// <summary>The job with its layers worked out, as far as that goes before a setting is found.</summary>
    internal ChartedJob About(Job job, IWords words) => _settings.About(job, words, job.Blank.Material);

    /// <summary>The best order that the whole model agrees with: sums of heat are only sums.</summary>
    private Tried Try(SetJob about, FoundOrders orders, double preheat)
    {
        Tried? best = null;
        foreach (var laid in orders.Ranked.Take(MostTried))
        {
            Patience.Look();
            var tried = Rehearse(about, laid, preheat);
            if (tried.Excess == 0)
                return tried;
            if (best is null || tried.Excess < best.Excess)
                best = tried;
        }

        return best!;
    }

    /// <summary>Carries the presses out in the model; where that shows that a press from the back is worth it, once more with
    /// that.</summary>
    private Tried Rehearse(SetJob set, LaidSequence laid, double preheat)
    {
        var rehearsal = _rehearsals.Of(set, PressSequence.Of(set, laid, preheat, back: null));
        var about = new RehearsedJob(set, rehearsal.Measured);
        if (about.Choose(new BackPress()) == BackPress.Always)
            rehearsal = _rehearsals.Of(about, PressSequence.Of(about, laid, preheat, about.Choose(new BackPressWhen())));
        var budget = new HeatLedger(about, rehearsal);
        var last = rehearsal.Presses[^1];
        var excess =
            about.Layers.Sum(l =>
                Math.Max(0, budget.Total(l.Id) - l.MostHeatDose) + Math.Max(0, l.Work.Vinyl.Bond.HoldsFrom.Value - last.Heat[l.Id].Bond));
        return new Tried(about, laid, rehearsal, budget, excess);
    }

    /// <summary>An order carried out in the model, with the heat beyond what layers take and the bond short of holding, summed.</summary>
    private sealed record Tried(RehearsedJob About, LaidSequence Laid, RehearsedPresses Rehearsal, HeatLedger Budget, double Excess);

    private static double? Tenth(double? value) => value is { } v ? Math.Round(v, 1) : null;

    private static string Ends(TimeLimit limit) => limit switch { TimeLimit.Blank => "blank", TimeLimit.Vinyl => "vinyl", _ => "patience" };

    private static string Headline(Verdict verdict, IReadOnlyList<PlannedPress> presses, IWords words, FoundSetting found)
    {
        if (verdict == Verdict.Stop)
            return found.Outcome == SettingOutcome.None ? words.Say("planner.headline") : words.Say("planner.headline-2");
        var first = presses.First(p => p.Purpose != PressPurpose.Patch);
        return words.Say("planner.headline-3", ("set", PressLine.SetOf(first, words)), ("line", PressLine.Of(presses, words)),
            ("pressure", Stages.Plan.Bonding(presses)[0].Pressure));
    }

    private static PlanTimes Times(IReadOnlyList<PlanStep> steps, int quantity)
    {
        double Sum(Func<PlanStep, bool> counts) => steps.Where(counts).Sum(s => s.Seconds * (s.OncePerRun ? 1 : quantity));
        return new PlanTimes(Math.Round(Sum(s => s.Kind is StepKind.Do or StepKind.Inspect or StepKind.Hold)),
            Math.Round(Sum(s => s.Kind != StepKind.Know)));
    }

    /// <summary>How hot the bare face would get if the chart's setting were used as it stands.</summary>
    private double HottestAtChart(SetJob about, double preheatSeconds)
    {
        var pressure = about.SetOf([]).PressureKPa;
        var session = new PressSession(about.Work, catalogue);
        var setting = PressSetting.Single(about.Lead.Chart.Celsius.Value, pressure, about.Lead.Chart.Seconds.Value);
        session.PreheatAndLay(setting with { Seconds = preheatSeconds }, catalogue.Work);
        session.Press(setting);
        return session.HottestBare();
    }
}
