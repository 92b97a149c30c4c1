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
    private const double Shorter = 0.8;
    private const double OneStep = 0.3;

    private readonly SetJob _about;
    private readonly FoundSetting _found;
    private readonly double _pressureKPa;
    private readonly double _preheatSeconds;
    private readonly CatalogueSnapshot _catalogue;
    private readonly System.Collections.Concurrent.ConcurrentDictionary<double, Course> _courses = new();

    /// <summary>Looks at a job.</summary>
    /// <param name="about">The job, with its setting found.</param>
    /// <param name="pressureKPa">Pressure, kPa.</param>
    /// <param name="preheatSeconds">Preheat, s; 0 for none.</param>
    /// <param name="catalogue">The catalogue.</param>
    /// <exception cref="ArgumentException">Its setting has not been found yet.</exception>
    public PatchStudy(SetJob about, double pressureKPa, double preheatSeconds, CatalogueSnapshot catalogue)
    {
        ArgumentNullException.ThrowIfNull(about);
        ArgumentNullException.ThrowIfNull(catalogue);
        (_about, _pressureKPa, _preheatSeconds, _catalogue) = (about, pressureKPa, preheatSeconds, catalogue);
        _found = about.Found ?? throw new ArgumentException("The setting has to be found first.", nameof(about));
    }

    /// <summary>What is believed before any patch.</summary>
    public PatchBelief Before => PatchBelief.Before(PriorSpread);

    /// <summary>How sure it is before any patch how much bond the face wants: its own doubt, and the plate's and the pressure's.</summary>
    private double PriorSpread =>
        _about.Lead.Layer.Belief.With(_found.Window.GivenTo(_about.Work, _found.Dial, _found.Seconds).BondSpread);

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
            .Aggregate(Before, (belief, r) => belief.After(LnMargin(r), r.Outcome == PatchOutcome.Holds));
    }

    /// <summary>How much of the doubt from before is left.</summary>
    /// <param name="results">What came of patches.</param>
    public double SpreadLeft(IEnumerable<PatchResult> results) => After(results).Spread / Before.Spread;

    /// <summary>It is known well enough: as many patches were pressed as are asked of anybody, or they left little doubt.</summary>
    /// <param name="results">What came of patches.</param>
    public bool IsEnough(IReadOnlyList<PatchResult> results)
    {
        ArgumentNullException.ThrowIfNull(results);
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
            var less = Math.Round(marked.Seconds * Shorter);
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
        var told = new Belief(belief.SpreadAbove(wants), Whole: true, Knowledge.Patches);
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
        var held = results.Where(r => r.Outcome == PatchOutcome.Holds).Select(r => At(r).Bond).DefaultIfEmpty(double.PositiveInfinity)
            .Min();
        return results.Where(r => r.Outcome == PatchOutcome.Lifts).Select(r => (double?)At(r).Bond).Where(b => b < held).Max();
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
        CourseAt(_about.Work.Source.SurfaceAt(result.Celsius)).At(result.Seconds);

    private Course CourseAt(double face) => _courses.GetOrAdd(Math.Round(face, 1), p => Course.Of(this, p));

    private DialPosition CoolerThan(DialPosition dial)
    {
        var all = _found.Window.Dial.ToList();
        return all[Math.Max(0, all.IndexOf(dial) - 1)];
    }

    /// <summary>What a plate does to a patch as time goes on.</summary>
    private sealed class Course : ISessionObserver
    {
        private readonly PatchStudy _study;
        private readonly List<(double Seconds, double Bond, double HeatDose, double Hottest)> _seen = [];

        private Course(PatchStudy study) => _study = study;

        public static Course Of(PatchStudy study, double plate)
        {
            var course = new Course(study);
            var session = new PressSession(study._about.Work, study._catalogue);
            var setting = PressSetting.Single(plate, study._pressureKPa, study._preheatSeconds);
            session.PreheatAndLay(setting, study._catalogue.Work);
            course._seen.Add((0, 0, 0, session.HottestBare()));
            session.Press(setting with { Seconds = study._catalogue.Work.LongestPressSeconds.Value }, observer: course);
            return course;
        }

        public bool AfterStep(PressSession session, double seconds)
        {
            var about = _study._about;
            _seen.Add((seconds, session.Bond() / about.Lead.WantedBond, session.HeatDose() / about.Lead.Reference.HeatDoseSeconds,
                session.HottestBare()));
            return true;
        }

        public (double Bond, double HeatDose, double Hottest) At(double seconds)
        {
            var after = _seen.FindIndex(s => s.Seconds >= seconds - 1e-9);
            if (after <= 0)
                return after < 0
                    ? (_seen[^1].Bond, _seen[^1].HeatDose, _seen[^1].Hottest) : (_seen[0].Bond, _seen[0].HeatDose, _seen[0].Hottest);
            var (a, b) = (_seen[after - 1], _seen[after]);
            var share = (seconds - a.Seconds) / (b.Seconds - a.Seconds);
            double Between(double from, double to) => from + (to - from) * share;
            return (Between(a.Bond, b.Bond), Between(a.HeatDose, b.HeatDose), Between(a.Hottest, b.Hottest));
        }

        /// <summary>How long until the bond comes to that, s; the longest press where it does not.</summary>
        public double Until(double bond)
        {
            var after = _seen.FindIndex(s => s.Bond >= bond);
            if (after <= 0)
                return after < 0 ? _seen[^1].Seconds : 0;
            var (a, b) = (_seen[after - 1], _seen[after]);
            return a.Seconds + (b.Seconds - a.Seconds) * (bond - a.Bond) / (b.Bond - a.Bond);
        }
    }
}
