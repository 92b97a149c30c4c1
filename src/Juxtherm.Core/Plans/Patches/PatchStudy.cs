using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Certainty;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Patches;

/// <summary>
/// What test patches tell about a job, and which is worth pressing next: the first a little shorter than the plan, the others where holding
/// and lifting are as likely as each other, three in all.
/// </summary>
public sealed class PatchStudy
{
    /// <summary>More patches than this are not asked of anybody.</summary>
    public const int MostPatches = 3;

    // The first is pressed for this share of the plan's time: where it holds, the plan holds the more surely.
    private const double FirstShare = 0.72;

    // Doubt that is left when there is enough of it gone.
    private const double EnoughLeft = 0.55;

    // What was marked is not done again so hot, nor with so much heat.
    private const double CoolerK = 2;
    private const double LessHeat = 0.9;

    // A plan gives so much more bond than what has lifted.
    private const double BeyondWhatLifted = 1.1;
    private const double ShorterBy = 0.8;

    // Pressures that differ less than this, as ln, tell nothing of each other's (ours).
    private const double WorthTrying = 0.5;
    private const double OneStep = 0.3;

    private readonly SetJob _about;
    private readonly FoundSetting _found;
    private readonly PressSet _set;
    private readonly double _pressureKPa;
    private readonly double _preheatSeconds;
    private readonly CatalogueSnapshot _catalogue;
    private readonly System.Collections.Concurrent.ConcurrentDictionary<(double Face, double KPa), PatchCourse> _courses = new();

    /// <summary>Looks at a job.</summary>
    /// <param name="about">The job, with its setting found.</param>
    /// <param name="preheatSeconds">Preheat, s; 0 for none.</param>
    /// <param name="catalogue">The catalogue.</param>
    /// <exception cref="ArgumentException">Its setting has not been found yet.</exception>
    public PatchStudy(SetJob about, double preheatSeconds, CatalogueSnapshot catalogue)
    {
        ArgumentNullException.ThrowIfNull(about);
        ArgumentNullException.ThrowIfNull(catalogue);
        _set = about.SetOf([]);
        (_about, _pressureKPa, _preheatSeconds, _catalogue) = (about, _set.PressureKPa, preheatSeconds, catalogue);
        _found = about.Found ?? throw new ArgumentException("The setting has to be found first.", nameof(about));
    }

    /// <summary>What is believed before any patch.</summary>
    public PatchBelief Before => PatchBelief.Before(PriorSpread);

    /// <summary>How sure it is before any patch how much bond the face wants: its own doubt, and the plate's and the pressure's.</summary>
    private double PriorSpread => _about.Lead.Layer.Belief.With(Given.BondSpread);

    private Given Given => _found.Window.GivenTo(_about.Work, _found.Dial, _found.Seconds);

    /// <summary>How long the front alone is pressed, s: a patch is not turned over, also where the plan goes on from the back.</summary>
    private double FrontAlone =>
        _found.BackSeconds > 0
        ? Math.Max(_found.Seconds, CourseAt(_found.Dial.SurfaceCelsius).Until(_about.Work.Vinyl.Bond.Target.Value)) : _found.Seconds;

    private double Holds => _about.Work.Vinyl.Bond.HoldsFrom.Value;

    /// <summary>What is believed after results.</summary>
    /// <param name="results">What came of patches. One that was marked says nothing of the bond.</param>
    public PatchBelief After(IEnumerable<PatchResult> results)
    {
        ArgumentNullException.ThrowIfNull(results);
        return results.Where(r => r.Outcome != PatchOutcome.Marked)
            .Aggregate(Before, (belief, r) => belief.After(LnMargin(r), PulledOf(r.Outcome), LnPressure(r.Pressure)));
    }

    /// <summary>How much of the doubt from before is left.</summary>
    /// <param name="results">What came of patches.</param>
    public double SpreadLeft(IEnumerable<PatchResult> results) => After(results).Spread / Before.Spread;

    /// <summary>It is known well enough: as many patches were pressed as are asked of anybody, or they left little doubt.</summary>
    /// <param name="results">What came of patches.</param>
    public bool IsEnough(IReadOnlyList<PatchResult> results)
    {
        ArgumentNullException.ThrowIfNull(results);
        // What contradicts itself is settled by one more patch, once.
        if (results.Count < MostPatches + 1 && Contradict(results))
            return false;
        return results.Count >= MostPatches
            || (results.Count > 0 && results[^1].Outcome != PatchOutcome.Marked && SpreadLeft(results) <= EnoughLeft);
    }

    /// <summary>How long the plate has to be closed at the plan's dial until it holds.</summary>
    /// <param name="belief">What is believed.</param>
    public NeededSeconds Seconds(PatchBelief belief)
    {
        ArgumentNullException.ThrowIfNull(belief);
        double At(double share) => Math.Round(SecondsUntil(belief.Quantile(share)));
        return new NeededSeconds(At(0.05), At(0.5), At(0.95));
    }

    /// <summary>How long the plate has to be closed at the plan's dial by the model, s, where a face wants so many times the usual
    /// bond.</summary>
    /// <param name="times">How many times, above 0.</param>
    public double SecondsUntil(double times) => CourseAt(_found.Dial.SurfaceCelsius).Until(Holds * times);

    /// <summary>What a patch is pressed with and on.</summary>
    public PatchOn On => new(_about.Work.Source.Id, _about.Work.Vinyl.Id, _about.Job.Blank.Material.Id);

    /// <summary>Another pressure of a press that is held by hand, where one patch at it would tell what leaning more, or less, comes
    /// to; null where it would not.</summary>
    /// <param name="results">What came of patches so far.</param>
    public PressureLevel? PressureToTry(IReadOnlyList<PatchResult> results)
    {
        ArgumentNullException.ThrowIfNull(results);
        if (!_about.Work.Source.HeldByHand || results.Count == 0 || PressureTried(results) is not null)
            return null;
        // The harder the better for the hand: it is the shorter.
        return _about.Work.Source.Pressure.KPa.Keys.Where(level => LnPressure(level) >= WorthTrying).OrderDescending()
            .Select(level => (PressureLevel?)level).FirstOrDefault();
    }

    /// <summary>The other pressure at which a patch was pressed; null for none.</summary>
    /// <param name="results">What came of patches.</param>
    public PressureLevel? PressureTried(IEnumerable<PatchResult> results) =>
        results.Select(r => r.Pressure).FirstOrDefault(level => LnPressure(level) != 0);

    /// <summary>A patch worth pressing where so many seconds are surely enough, s.</summary>
    /// <param name="enough">What is surely enough, s.</param>
    public double Shorter(double enough) => Math.Max(_catalogue.Work.ShortestPressSeconds.Value, Math.Round(enough * FirstShare));

    /// <summary>How long is enough at another pressure, whole seconds, as sure as a plan is.</summary>
    /// <param name="belief">What is believed.</param>
    /// <param name="level">How hard.</param>
    public double SecondsAt(PatchBelief belief, PressureLevel level)
    {
        ArgumentNullException.ThrowIfNull(belief);
        var wanted = Holds * belief.QuantileAt(1 - Odds.MostShort, LnPressure(level));
        return Math.Ceiling(CourseAt(_found.Dial.SurfaceCelsius, KPa(level)).Until(wanted));
    }

    /// <summary>How much of the doubt one more patch would leave, 0 to 1.</summary>
    /// <param name="results">What came of patches so far.</param>
    public double LeftByNext(IReadOnlyList<PatchResult> results)
    {
        var (dial, seconds) = Next(results);
        return After(results).LeftAfter(Math.Log(CourseAt(dial.SurfaceCelsius).At(seconds).Bond / Holds));
    }

    /// <summary>How much of the doubt from before any patch cheap means leave, 0 to 1 each, the best first.</summary>
    public IReadOnlyList<(PatchMeans Means, double Leaves)> Means =>
        [.. CheapMeans.Of(_about.Work.Source, _found.Dial, Given, Before.Spread).Append((PatchMeans.Patch, LeftByNext([])))
            .OrderBy(m => m.Item2)];

    /// <summary>The patch to press next.</summary>
    /// <param name="results">What came of patches so far.</param>
    public (DialPosition Dial, double Seconds) Next(IReadOnlyList<PatchResult> results)
    {
        ArgumentNullException.ThrowIfNull(results);
        var figures = _catalogue.Work;
        var shortest = figures.ShortestPressSeconds.Value;
        if (results.Count == 0)
            return (_found.Dial, Math.Clamp(Math.Round(FrontAlone * FirstShare), shortest, figures.LongestPressSeconds.Value));
        if (results.Where(r => r.Outcome == PatchOutcome.Marked).MinBy(r => r.Seconds) is { } marked
            && results[^1].Outcome == PatchOutcome.Marked)
        {
            var less = Math.Round(marked.Seconds * ShorterBy);
            return less >= shortest ? (_found.Dial, less) : (CoolerThan(_found.Dial), Math.Max(shortest, marked.Seconds));
        }

        var belief = After(results);
        double At(double share) =>
            Math.Clamp(Math.Round(SecondsUntil(belief.Quantile(share))), shortest, figures.LongestPressSeconds.Value);
        var seconds = At(0.5);
        // The same once more would tell little: a step on, the way that the last one points.
        if (results.Any(r => Math.Abs(r.Seconds - seconds) < 1))
            seconds = At(results[^1].Outcome == PatchOutcome.Holds ? OneStep : 1 - OneStep);
        // What lifted is not asked for again.
        if (MostThatLifted(results) is { } bond)
            seconds = Math.Max(seconds,
                Math.Min(figures.LongestPressSeconds.Value, Math.Floor(CourseAt(_found.Dial.SurfaceCelsius).Until(bond)) + 1));
        return (_found.Dial, seconds);
    }

    /// <summary>The job as its patches show it: what its face wants, how sure that is, and what blank or vinyl were marked by.</summary>
    /// <param name="job">The job.</param>
    /// <param name="results">What came of patches.</param>
    public Job Narrowed(Job job, IReadOnlyList<PatchResult> results)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(results);
        var from = new Provenance(ProvenanceKind.Owner, "your test patches");
        var belief = After(results);
        var material = job.Blank.Material;
        var (limit, dose) = Marked(results);
        var wants = Math.Max(belief.Middle, Lifted(results));
        // All that is left of the doubt is in what the patches told: plate and pressure were this press's own.
        // Patches that contradict each other leave as much doubt as there was.
        var spread = belief.SpreadAbove(wants);
        var told = new Belief(Contradict(results) ? Math.Max(spread, Before.Spread) : spread, Whole: true, Knowledge.Patches);
        return job with
        {
            Patches = [],
            Blank = limit is not { } celsius
                ? job.Blank
                : job.Blank with
                {
                    Material = material
                    with
                    { Limit = material.Limit with { Celsius = new(Math.Min(material.Limit.Celsius.Value, celsius), from) } }
                },
            Layers = [.. job.Layers.Select(l => l with
            {
                Vinyl = dose is { } most ? AtMost(l.Vinyl, most, from) : l.Vinyl,
                Wants = new((l.Wants?.Value ?? 1) * wants, from),
                Belief = told,
            })],
        };
    }

    private static Vinyl AtMost(Vinyl vinyl, double most, Provenance from) => vinyl with
    {
        Bond = vinyl.Bond with { MostHeatDose = new(Math.Min(vinyl.Bond.MostHeatDose.Value, most), from) },
        Stack = vinyl.Stack with
        {
            MostHeatDose = new(Math.Min(vinyl.Stack.MostHeatDose.Value, most), from),
            MostHeatDoseOnLofty = new(Math.Min(vinyl.Stack.MostHeatDoseOnLofty.Value, most), from),
        },
    };

    /// <summary>What has lifted is never planned again: how many times the bond the face has to be given, at least.</summary>
    private double Lifted(IReadOnlyList<PatchResult> results) =>
        (MostThatLifted(results) ?? 0) * BeyondWhatLifted / _about.Work.Vinyl.Bond.Target.Value;

    /// <summary>The most bond with which a patch lifted, those left out that one with less belies; null for none.</summary>
    private double? MostThatLifted(IReadOnlyList<PatchResult> results)
    {
        return results.Where(r => r.Lifted && LnPressure(r.Pressure) == 0).Select(r => (double?)At(r).Bond).Max();
    }

    /// <summary>Whether one patch lifted though it had at least the bond of another that held: one of them is no witness, and it is not
    /// known which.</summary>
    /// <param name="results">What came of patches.</param>
    public bool Contradict(IReadOnlyList<PatchResult> results)
    {
        ArgumentNullException.ThrowIfNull(results);
        var alike = results.Where(r => LnPressure(r.Pressure) == 0).ToList();
        return alike.Exists(held => held.Outcome == PatchOutcome.Holds
            && alike.Exists(lifted => lifted.Lifted && At(lifted).Bond >= At(held).Bond));
    }

    /// <summary>What marked patches say: whichever of blank and vinyl was nearer to its limit is taken to have been marked.</summary>
    private (double? LimitCelsius, double? MostHeatDose) Marked(IReadOnlyList<PatchResult> results)
    {
        double? limit = null, dose = null;
        var (usual, most) = (_about.Work.Material.Limit.Celsius.Value, _about.Lead.MostHeatDose);
        foreach (var marked in results.Where(r => r.Outcome == PatchOutcome.Marked))
        {
            var (_, heat, hottest) = At(marked);
            if (hottest / usual >= heat / most)
                limit = Math.Min(limit ?? double.PositiveInfinity, hottest - CoolerK);
            else
                dose = Math.Min(dose ?? double.PositiveInfinity, heat * LessHeat);
        }

        // What came out unmarked with more is the better witness, by half.
        var clean = results.Where(r => r.Outcome != PatchOutcome.Marked).Select(At).ToList();
        if (limit is { } l && clean.Count > 0 && clean.Max(c => c.Hottest) is var hot && hot > l)
            limit = (l + hot) / 2;
        if (dose is { } b && clean.Count > 0 && clean.Max(c => c.HeatDose) is var had && had > b)
            dose = (b + had) / 2;
        return (limit, dose);
    }

    private double LnMargin(PatchResult result) => Math.Log(Math.Max(1e-6, At(result).Bond) / Holds);

    private (double Bond, double HeatDose, double Hottest) At(PatchResult result) =>
        CourseAt(_about.Work.Source.SurfaceAt(result.Celsius), KPa(result.Pressure)).At(result.Seconds);

    private PatchCourse CourseAt(double face) => CourseAt(face, _pressureKPa);

    private PatchCourse CourseAt(double face, double pressureKPa) =>
        _courses.GetOrAdd((Math.Round(face, 1), pressureKPa), at =>
            new PatchCourse(_about, PressSetting.Single(at.Face, at.KPa, _preheatSeconds), _catalogue.Work));

    private double KPa(PressureLevel? level) =>
        level is { } l && l != _set.Level ? _about.Work.Source.Pressure.KPa[l].Value : _pressureKPa;

    private double LnPressure(PressureLevel? level) => Math.Log(KPa(level) / _pressureKPa);

    private static Pulled PulledOf(PatchOutcome outcome) => outcome switch
    {
        PatchOutcome.Holds => Pulled.Holds,
        PatchOutcome.LiftsALittle => Pulled.LiftsALittle,
        _ => Pulled.ComesOff,
    };

    private DialPosition CoolerThan(DialPosition dial)
    {
        var all = _found.Window.Dial.ToList();
        return all[Math.Max(0, all.IndexOf(dial) - 1)];
    }
}
