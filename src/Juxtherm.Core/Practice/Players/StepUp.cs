using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Practice.Bench;
using Juxtherm.Core.Practice.Cases;
using Juxtherm.Core.Runs;

namespace Juxtherm.Core.Practice.Players;

/// <summary>How somebody careful begins where nobody knows what cloth or vinyl are: scraps on a hem, cool and short first, then warmer,
/// until one lies flat and shows the weave. Peeled cold, which no vinyl minds.</summary>
internal static class StepUp
{
    // Cooler than the plan by so many kelvin, one scrap after the other; and so much of its time (ours).
    private static readonly double[] CoolerK = [30, 20, 10, 0];
    private const double TimeShare = 0.8;
    private const double WeaveShows = 0.6;
    private const double UntilColdSeconds = 120;
    private const double PreheatSeconds = 5;

    /// <summary>Everything that is done up to the handing over.</summary>
    /// <param name="met">The case, as it is met.</param>
    /// <param name="plan">A plan for what it is taken for.</param>
    /// <param name="begun">What is done before.</param>
    /// <param name="look">What the bench shows after moves.</param>
    public static List<Move> From(PracticeCase met, Plan plan, IReadOnlyList<Move> begun, Func<IReadOnlyList<Move>, Seen> look)
    {
        var press = plan.BondingPress;
        var seconds = Math.Round(press.Seconds * TimeShare);
        List<Move> moves = [.. begun, new Move(MoveKind.Pressure) { Pressure = press.Pressure }];
        foreach (var cooler in CoolerK)
        {
            moves.Add(PlanMoves.DialTo(met.Job.Tools.Source, press.Celsius - cooler));
            moves.Add(new Move(MoveKind.Patch) { Seconds = seconds });
            if (look(moves).Patch is { } scrap && scrap.Signs is [Outcome.Stuck]
                && (scrap.Looks.Weave >= WeaveShows || met.Job.Blank.Material is not { Kind: MaterialKind.Cloth, Lofty.Value: false }))
                break;
        }

        if (met.Job.Blank.Material.PreheatSeconds.Value > 0)
            moves.Add(new Move(MoveKind.Close) { Seconds = PreheatSeconds });
        moves.Add(new Move(MoveKind.Lay) { Layers = [.. met.Job.Layers.Select(l => l.Id)] });
        moves.Add(new Move(MoveKind.Close) { Seconds = seconds });
        moves.Add(new Move(MoveKind.ToBench) { Seconds = UntilColdSeconds });
        moves.Add(new Move(MoveKind.Peel));
        return moves;
    }
}
