using System.Collections.Concurrent;
using System.Numerics;
using Juxtherm.Core.Planning.Ways;
using Juxtherm.Core.Recipes;
using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Planning.Patches;

/// <summary>A way in which press, blank and vinyl may be.</summary>
/// <param name="OffsetK">How much hotter than its dial the plate's face is, beyond what its kind always is, K.</param>
/// <param name="Demand">How many times the usual bond the face wants.</param>
/// <param name="LimitK">How far below its usual limit the blank is marked, K, not above 0.</param>
public sealed record Possible(double OffsetK, double Demand, double LimitK);

/// <summary>
/// What every patch would come to under every way in which things may be, and from that the fewest patches that make sure of a setting: an
/// exact search, worst case first.
/// </summary>
public sealed class PatchStudy
{
    /// <summary>More patches than this are not asked of anybody.</summary>
    public const int MostPatches = 4;

    // How far a face may want more or less than its kind usually does (from memory).
    private static readonly double[] Demands = [0.7, 1, 1.4];

    // How much sooner an uncertain blank may be marked, K (from memory).
    private const double SoonerK = -15;
    private static readonly double[] Times = [0.5, 0.7, 1, 1.4, 2];
    private static readonly int[] DialSteps = [-4, -2, 0, 2, 4];

    private readonly WayContext _about;
    private readonly double _pressureKPa;
    private readonly double _preheatSeconds;
    private readonly CatalogueSnapshot _catalogue;
    private readonly List<Possible> _possible;
    private readonly ConcurrentDictionary<double, Course> _courses = new();
    private readonly ConcurrentDictionary<uint, int> _needs = new();
    private readonly List<(DialPosition Dial, double Seconds)> _settings;
    private readonly List<(uint Holds, uint Lifts, uint Marked)> _tells;

    /// <summary>Works out what every patch would come to.</summary>
    /// <param name="about">The job, with its setting found.</param>
    /// <param name="pressureKPa">Pressure, kPa.</param>
    /// <param name="preheatSeconds">Preheat, s; 0 for none.</param>
    /// <param name="catalogue">The catalogue.</param>
    public PatchStudy(WayContext about, double pressureKPa, double preheatSeconds, CatalogueSnapshot catalogue)
    {
        ArgumentNullException.ThrowIfNull(about);
        ArgumentNullException.ThrowIfNull(catalogue);
        (_about, _pressureKPa, _preheatSeconds, _catalogue) = (about, pressureKPa, preheatSeconds, catalogue);
        var error = about.Work.Source.DialErrorK.Value;
        double[] limits = about.Work.Material.Uncertain is null ? [0] : [0, SoonerK];
        _possible = [.. from offset in new[] { -error, -error / 2, 0, error / 2, error } from demand in Demands from limit in limits select new Possible(offset, demand, limit)];
        var found = about.Found!;
        var dial = found.Window.Dial.ToList();
        var at = Math.Max(0, dial.IndexOf(found.Dial));
        var places = found.Dial.Mark is null ? DialSteps.Select(s => Math.Clamp(at + s, 0, dial.Count - 1)).Distinct().Select(i => dial[i]) : dial;
        var figures = catalogue.Work;
        _settings = [.. from place in places from time in Times.Select(t => Math.Clamp(Math.Round(found.Seconds * t), figures.ShortestPressSeconds.Value, figures.LongestPressSeconds.Value)).Distinct() select (place, time)];
        // The plan's own setting and what lies near it is tried first: what tells as much as another is nearer to the work.
        _settings = [.. _settings.OrderBy(s => Math.Abs(s.Dial.Celsius - found.Dial.Celsius) / 5 + Math.Abs(Math.Log(s.Seconds / found.Seconds)))];
        _tells = _settings.ConvertAll(s => Split(s.Dial.FaceCelsius, s.Seconds));
        All = (1u << _possible.Count) - 1;
    }

    /// <summary>Every way in which things may be.</summary>
    public uint All { get; }

    /// <summary>What each patch would tell: the ways under which it holds, lifts and is marked.</summary>
    public IReadOnlyList<(uint Holds, uint Lifts, uint Marked)> Outcomes => _tells;

    /// <summary>What is left after results.</summary>
    /// <param name="results">What came of patches.</param>
    public uint Left(IEnumerable<PatchResult> results)
    {
        ArgumentNullException.ThrowIfNull(results);
        var offset = _about.Work.Source.DialOffsetK.Value;
        return results.Aggregate(All, (left, result) =>
        {
            var (holds, lifts, marked) = Split(result.Celsius + offset, result.Seconds);
            return left & result.Outcome switch { PatchOutcome.Holds => holds, PatchOutcome.Lifts => lifts, _ => marked };
        });
    }

    /// <summary>The ways left, one bit each.</summary>
    /// <param name="left">Which.</param>
    public IEnumerable<Possible> Of(uint left) => _possible.Where((_, i) => (left & (1u << i)) != 0);

    /// <summary>One setting holds under every way left.</summary>
    /// <param name="left">Which, one bit each.</param>
    public bool IsSure(uint left) => _tells.Exists(t => (left & ~t.Holds) == 0);

    /// <summary>The fewest patches that make sure, whatever comes of them; above <see cref="MostPatches"/> when none do.</summary>
    /// <param name="left">What is left possible, one bit each.</param>
    /// <param name="most">No more than so many are looked for.</param>
    public int Needs(uint left, int most = MostPatches)
    {
        if (left == 0 || IsSure(left))
            return 0;
        if (most == 0)
            return 1;
        if (_needs.TryGetValue(left, out var known) && (known <= most || known > MostPatches))
            return known;
        for (var count = 1; count <= most; count++)
        {
            if (_tells.Exists(t => Parts(t, left).All(p => p != left && Needs(p, count - 1) <= count - 1)))
                return _needs[left] = count;
        }

        return most == MostPatches ? _needs[left] = MostPatches + 1 : most + 1;
    }

    /// <summary>The patch to press next.</summary>
    /// <param name="left">What is left possible, one bit each.</param>
    /// <returns>Null when none is needed, or none would tell anything.</returns>
    public (DialPosition Dial, double Seconds)? Next(uint left)
    {
        var needs = Needs(left);
        if (needs == 0)
            return null;
        // Where nothing makes sure, whatever leaves least in the worst case; never one that only marks.
        var best = needs <= MostPatches
            ? _tells.FindIndex(t => Parts(t, left).All(p => p != left && Needs(p, needs - 1) <= needs - 1))
            : Enumerable.Range(0, _tells.Count).Where(i => Parts(_tells[i], left).All(p => p != left)).DefaultIfEmpty(-1).MinBy(i => i < 0 ? int.MaxValue : Parts(_tells[i], left).Max(p => BitOperations.PopCount(p)));
        return best < 0 ? null : _settings[best];
    }

    /// <summary>
    /// The job as it is under what is left: the plate by the middle of its possible offsets, the face by the middle of what it may want. Once one
    /// setting is sure the neediest face and the most delicate blank count; before that they would only rule out everything.
    /// </summary>
    /// <param name="job">The job.</param>
    /// <param name="left">What is left possible, one bit each.</param>
    public Job Narrowed(Job job, uint left)
    {
        ArgumentNullException.ThrowIfNull(job);
        var from = new Provenance(ProvenanceKind.Owner, "your test patches");
        var ways = Of(left).ToList();
        var (coolest, hottest) = (ways.Min(w => w.OffsetK), ways.Max(w => w.OffsetK));
        var (least, most) = (ways.Min(w => w.Demand), ways.Max(w => w.Demand));
        var sure = IsSure(left);
        var (source, material) = (job.Tools.Source, job.Blank.Material);
        return job with
        {
            Patches = [],
            Tools = job.Tools with
            {
                Source = source with
                {
                    DialOffsetK = new(source.DialOffsetK.Value + (coolest + hottest) / 2, from),
                    DialErrorK = new(Math.Max(1, (hottest - coolest) / 2), from),
                },
            },
            Blank = job.Blank with
            {
                Material = material with { Demand = new(material.Demand.Value * (sure ? most : Math.Sqrt(least * most)), from), LimitCelsius = material.LimitCelsius with { Value = material.LimitCelsius.Value + (sure ? ways.Min(w => w.LimitK) : 0) } },
            },
        };
    }

    private static IEnumerable<uint> Parts((uint Holds, uint Lifts, uint Marked) tells, uint left) => new[] { tells.Holds & left, tells.Lifts & left, tells.Marked & left }.Where(p => p != 0);

    private (uint Holds, uint Lifts, uint Marked) Split(double face, double seconds)
    {
        var (holds, lifts, marked) = (0u, 0u, 0u);
        for (var i = 0; i < _possible.Count; i++)
        {
            var bit = 1u << i;
            switch (OutcomeOf(_possible[i], face, seconds))
            {
                case PatchOutcome.Holds: holds |= bit; break;
                case PatchOutcome.Lifts: lifts |= bit; break;
                default: marked |= bit; break;
            }
        }

        return (holds, lifts, marked);
    }

    private PatchOutcome OutcomeOf(Possible way, double face, double seconds)
    {
        var plate = Math.Round(face + way.OffsetK, 1);
        var (bond, burden, hottest) = _courses.GetOrAdd(plate, p => Course.Of(this, p)).At(seconds);
        if (hottest > _about.Work.Material.LimitCelsius.Value + way.LimitK || burden > _about.Lead.MostBurden)
            return PatchOutcome.Marked;
        return bond / way.Demand >= _about.Work.Vinyl.HoldsFromBond.Value ? PatchOutcome.Holds : PatchOutcome.Lifts;
    }

    /// <summary>What a plate does to a patch as time goes on.</summary>
    private sealed class Course : ISessionObserver
    {
        private readonly PatchStudy _study;
        private readonly List<(double Seconds, double Bond, double Burden, double Hottest)> _seen = [];

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
            _seen.Add((seconds, session.Bond() / about.Lead.WantedBond, session.Burden() / about.Lead.Reference.BurdenSeconds, session.HottestBare()));
            return true;
        }

        public (double Bond, double Burden, double Hottest) At(double seconds)
        {
            var after = _seen.FindIndex(s => s.Seconds >= seconds - 1e-9);
            if (after <= 0)
                return after < 0 ? (_seen[^1].Bond, _seen[^1].Burden, _seen[^1].Hottest) : (_seen[0].Bond, _seen[0].Burden, _seen[0].Hottest);
            var (a, b) = (_seen[after - 1], _seen[after]);
            var share = (seconds - a.Seconds) / (b.Seconds - a.Seconds);
            double Between(double from, double to) => from + (to - from) * share;
            return (Between(a.Bond, b.Bond), Between(a.Burden, b.Burden), Between(a.Hottest, b.Hottest));
        }
    }
}
