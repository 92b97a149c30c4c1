using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Certainty;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Setting;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Practice.Bench;
using Juxtherm.Core.Practice.Cases;
using Juxtherm.Core.Practice.Judging;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Practice.Players;

/// <summary>What others would have done at the same bench.</summary>
internal static class Player
{
    // What somebody who knows the truth tries, each with seconds so many times those of the plan.
    private static readonly double[] Times = [1, 1.2, 1.45, 0.85, 0.7, 1.8];

    // Whoever sees edges stand up presses once more for so much of the time (common practice: a few seconds to half).
    private const double AgainShare = 0.5;

    // Whoever has tacked so often stops and thinks (ours).
    private const int MostTacks = 8;

    private const string PlainVinyl = "smooth";
    private const double TeePreheatSeconds = 5;

    /// <summary>Somebody careful who plans for what such a press, cloth and vinyl usually do, takes the roll that suits, reads the label,
    /// presses scraps where nobody knows what cloth or vinyl are, sees to everything on the table, and presses once more what can be seen
    /// to lift.</summary>
    /// <param name="met">The case, as it is met: what is hidden is nowhere in it.</param>
    /// <param name="look">What the bench shows after moves.</param>
    /// <param name="room">Makes plans.</param>
    public static IReadOnlyList<Move> Careful(PracticeCase met, Func<IReadOnlyList<Move>, Seen> look, PracticeRoom room)
    {
        var (chosen, plan) = Suiting(met, room);
        List<Move> begun = [.. met.HasLabel ? [new Move(MoveKind.ReadLabel)] : Array.Empty<Move>(), .. PlanMoves.Takes(met, chosen),
            .. PlanMoves.SeesToAll(met)];
        List<Move> before = met.Unmarked || met.Job.Blank.Material.Doubt.Uncertain is not null
            ? StepUp.From(met, plan, begun, look)
            : [.. LaidBack([.. begun, .. PlanMoves.Pressing(plan)], look).SkipLast(1)];
        var seen = look(before);
        if (seen.CarrierOn || seen.Signs.Contains(Runs.Outcome.EdgesLifted))
        {
            var press = plan.BondingPress;
            before.Add(new Move(MoveKind.Wait) { Seconds = 15 });
            before.AddRange(seen.Parts.Select((_, i) => new Move(MoveKind.Close)
            { Seconds = Math.Round(press.Seconds * AgainShare), Part = i + 1 }));
            if (seen.CarrierOn)
            {
                before.Add(new Move(MoveKind.Wait) { Seconds = press.Peel.FromSeconds });
                before.Add(new Move(MoveKind.Peel));
            }
        }

        return [.. before, new Move(MoveKind.HandOver)];
    }

    /// <summary>What comes up with its carrier at a tack is laid back and tacked again, as long as it does.</summary>
    private static List<Move> LaidBack(IReadOnlyList<Move> moves, Func<IReadOnlyList<Move>, Seen> look)
    {
        // The last peel is looked at by whoever does it.
        var last = moves.ToList().FindLastIndex(m => m.Kind == MoveKind.Peel);
        var done = new List<Move>();
        for (var i = 0; i < moves.Count; i++)
        {
            done.Add(moves[i]);
            if (moves[i].Kind != MoveKind.Peel || moves.Take(i).Count(m => m.Kind == MoveKind.Close) < 2 || i == last)
                continue;
            var tack = moves.Take(i).Last(m => m.Kind == MoveKind.Close);
            for (var again = 0; again < MostTacks && look(done).Signs.Contains(Runs.Outcome.OnCarrier); again++)
                done.AddRange([tack, moves[i]]);
        }

        return done;
    }

    /// <summary>The roll on the shelf whose plan has least against it.</summary>
    public static (Job Job, Plan Plan) Suiting(PracticeCase met, PracticeRoom room)
    {
        IEnumerable<Job> jobs = met.Shelf.Count == 0 ? [met.Job] : met.Shelf.Select(v => room.With(met.Job, new Taken(null, null, v.Id)));
        return jobs.Select(j => (Job: j, room.Planner.Plan(j, UnitSystem.Metric).Plan)).MinBy(p => p.Plan.Verdict);
    }

    /// <summary>Somebody who knows what is hidden: plans for the weakest corner as it really is, and tries longer and shorter.</summary>
    /// <param name="hidden">The case.</param>
    /// <param name="room">Makes plans.</param>
    /// <returns>What is good; null where nothing that was tried is.</returns>
    public static IReadOnlyList<Move>? Knowing(HiddenCase hidden, PracticeRoom room)
    {
        var met = hidden.Case;
        IEnumerable<Job> jobs = met.Shelf.Count == 0
            ? [hidden.Real] : met.Shelf.Select(v => room.With(hidden.Real, new Taken(null, null, v.Id)));
        foreach (var (job, cornerToo) in jobs.SelectMany(j => new[] { (j, true), (j, false) }))
        {
            var plan = room.Planner.Plan(AsItIs(job, hidden.Truth, cornerToo), UnitSystem.Metric).Plan;
            IReadOnlyList<Move> ready = [.. met.Shelf.Count == 0 ? [] : PlanMoves.Takes(met, job), .. PlanMoves.SeesToAll(met)];
            foreach (var times in Times)
            {
                var moves = LaidBack([.. ready, .. PlanMoves.Pressing(plan, times)], m => PracticeBench.Play(hidden, m, room).Look());
                if (CameOut.Of(PracticeBench.Play(hidden, moves, room)).Good)
                    return moves;
            }
        }

        return null;
    }

    /// <summary>Somebody who presses everything, at any press, with the one figure they know: the chart's for the plain vinyl on a
    /// tee.</summary>
    /// <param name="met">The case, as it is met.</param>
    /// <param name="room">The catalogue.</param>
    public static IReadOnlyList<Move> LikeATee(PracticeCase met, PracticeRoom room)
    {
        var chart = room.Catalogue.Vinyls[PlainVinyl].Bond;
        var moves = PlanMoves.SeesToAll(met).ToList();
        moves.Add(PlanMoves.DialTo(met.Job.Tools.Source, chart.ReferenceCelsius.Value));
        moves.Add(new Move(MoveKind.Pressure) { Pressure = PressureLevel.Medium });
        moves.Add(new Move(MoveKind.Close) { Seconds = TeePreheatSeconds });
        moves.AddRange(met.Job.Layers.Select(layer => new Move(MoveKind.Lay) { Layers = [layer.Id] }));
        moves.Add(new Move(MoveKind.Close) { Seconds = chart.ReferenceSeconds.Value });
        moves.Add(new Move(MoveKind.Peel));
        moves.Add(new Move(MoveKind.HandOver));
        return moves;
    }

    /// <summary>The job as somebody would plan it who knew plate, pressure, damp and vinyl as they are.</summary>
    private static Job AsItIs(Job job, HiddenTruth truth, bool cornerToo)
    {
        var share = truth.PressureShare * (cornerToo ? truth.CornerShare : 1);
        var source = job.Tools.Source;
        var known = new Provenance(ProvenanceKind.FromMemory, "");
        job = job with
        {
            Tools = job.Tools with
            {
                Source = source with
                {
                    Pressure = source.Pressure with
                    {
                        KPa = source.Pressure.KPa.ToDictionary(k => k.Key, k => new Sourced<double>(k.Value.Value * share, known)),
                        ErrorFactor = new(1.02, known),
                    },
                },
            },
        };
        return job.In(new WorkshopCorrection(
            [new PlateCorrection(source.Id, truth.PlateOffsetK - (cornerToo ? truth.CornerCoolerK + truth.WanderK : 0), 0.5, "")],
            [.. job.Layers.Select(l => l.Vinyl.Id).Distinct(StringComparer.Ordinal).Select(v =>
                new DemandCorrection(v, job.Blank.Material.Id, truth.Demand, "") { Belief = Belief.FromLogbook(0.05) })]));
    }
}
