using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Practice.Bench;
using Juxtherm.Core.Practice.Cases;
using Juxtherm.Core.Practice.Judging;
using Juxtherm.Core.Practice.Players;

namespace Juxtherm.Core.Practice.Trying;

/// <summary>A way of doing it on which crafters differ, and what it would have cost at a bench.</summary>
/// <param name="Question">What they differ on.</param>
/// <param name="Way">The way.</param>
/// <param name="Taken">Careful work took it.</param>
/// <param name="Good">It would have come out well.</param>
/// <param name="Minutes">How long it would have taken, min.</param>
/// <param name="Holds">Bond in the weakest place of the weakest layer, as a share of what it holds from.</param>
/// <param name="Heat">Heat of the layer that had most, as a share of what it takes.</param>
public sealed record WayTried(string Question, string Way, bool Taken, bool Good, double Minutes, double Holds, double Heat);

/// <summary>Tries the ways of doing it, one at a time, with everything else as careful work does it.</summary>
internal static class WaysTried
{
    // Ways that change what is done at the press.
    private static readonly IOption[] AtThePress =
    [
        new PreheatFirst(), new CoverSheet(), new Underneath(), new LayersMethod(), new LastPress(), new TotalHeat(), new PuffTime(),
        new BackPress(), new BackPressWhen(), new FinishPress(),
    ];

    /// <summary>All ways that there are at a case; nothing where cloth or vinyl are not known.</summary>
    /// <param name="hidden">The case.</param>
    /// <param name="room">Makes plans.</param>
    /// <param name="units">The reader's units.</param>
    public static IReadOnlyList<WayTried> On(HiddenCase hidden, PracticeRoom room, UnitSystem units)
    {
        var met = hidden.Case;
        if (hidden.InTruth is not null)
            return [];
        var job = Player.Suiting(met, room).Job;
        var tried = new List<WayTried>();
        foreach (var option in room.Planner.Plan(job, units).Plan.Options)
        {
            if (AtThePress.FirstOrDefault(o => o.Id == option.Id) is not { } way)
                continue;
            tried.AddRange(option.Choices.Select(choice =>
            {
                var other = choice.Id == option.Chosen ? job : With(job, way, choice.Id, room);
                var plan = room.Planner.Plan(other, UnitSystem.Metric).Plan;
                var bench = PracticeBench.Play(hidden,
                    [.. PlanMoves.Takes(met, other), .. PlanMoves.SeesToAll(met), .. PlanMoves.Pressing(plan)], room);
                var came = CameOut.Of(bench);
                return new WayTried(option.Question, choice.Name, choice.Id == option.Chosen, came.Good, came.Minutes,
                    Math.Round(job.Layers.Min(l => bench.Holds(l.Id, corner: true)), 2),
                    Math.Round(job.Layers.Max(l => bench.HeatShare(l.Id)), 2));
            }));
        }

        return tried;
    }

    private static Job With(Job job, IOption way, string choice, PracticeRoom room) => way switch
    {
        CoverSheet => room.With(job, Taken.Nothing with { Cover = choice }),
        Underneath => room.With(job, Taken.Nothing with { Underlay = choice }),
        _ => job with
        {
            Choices = new Dictionary<string, string>(job.Choices, StringComparer.Ordinal) { [way.Id] = choice },
        },
    };
}
