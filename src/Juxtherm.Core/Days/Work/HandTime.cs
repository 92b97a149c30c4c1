using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;

namespace Juxtherm.Core.Days.Work;

/// <summary>How long hands really took for something, beside what is typical.</summary>
/// <param name="Kind">What they did.</param>
/// <param name="Typical">What is typical, s.</param>
/// <param name="Seconds">How long they took, s.</param>
public sealed record HandTime(DayTaskKind Kind, double Typical, double Seconds)
{
    // Fewer than so many tell nothing yet, and so many typical ones stand beside those that are known (ours).
    private const int Fewest = 5;
    private const int TypicalOnes = 5;

    // Whoever takes six times as long was called away.
    private const double CalledAway = 6;
    private const double LeastShare = 0.3;
    private const double MostShare = 3;

    /// <summary>What somebody who says “done” at the bench tells of their hands; null where that tells nothing.</summary>
    /// <param name="script">The run's script.</param>
    /// <param name="before">Where the run stood.</param>
    /// <param name="said">What was said.</param>
    public static HandTime? Of(BenchScript script, RunState before, BenchEvent said)
    {
        ArgumentNullException.ThrowIfNull(script);
        ArgumentNullException.ThrowIfNull(said);
        var state = RunFlow.Advance(script, before, said.At);
        if ((state.PieceOf(said.Piece) ?? RunFlow.Focus(script, state, said.Station)) is not { InRescue: false } piece
            || RunFlow.StepOf(script, piece) is not { Kind: StepKind.Do or StepKind.Inspect, Seconds: > 0 } step)
            return null;
        return Of(KindOf(step), step.Seconds, (said.At - piece.EnteredAt).TotalSeconds);
    }

    /// <summary>A time, where it tells something of hands; null where somebody was called away.</summary>
    /// <param name="kind">What they did.</param>
    /// <param name="typical">What is typical, s.</param>
    /// <param name="seconds">How long they took, s.</param>
    public static HandTime? Of(DayTaskKind kind, double typical, double seconds) =>
        typical <= 0 || seconds <= 0 || seconds > CalledAway * typical ? null : new HandTime(kind, typical, seconds);

    /// <summary>How fast the hands are that took these times: the middle one counts, and typical ones stand beside it.</summary>
    /// <param name="times">The times.</param>
    public static HandPace Pace(IEnumerable<HandTime> times)
    {
        var shares = new Dictionary<DayTaskKind, double>();
        foreach (var kind in times.GroupBy(t => t.Kind))
        {
            var all = kind.Select(t => t.Seconds / t.Typical).Order().ToList();
            if (all.Count < Fewest)
                continue;
            var middle = (all[(all.Count - 1) / 2] + all[all.Count / 2]) / 2;
            shares[kind.Key] = Math.Clamp((all.Count * middle + TypicalOnes) / (all.Count + TypicalOnes), LeastShare, MostShare);
        }

        return new HandPace(shares);
    }

    private static DayTaskKind KindOf(BenchStep step) => step.Stage switch
    {
        WorkStage.Peel => DayTaskKind.Peel,
        WorkStage.Inspect => DayTaskKind.Inspect,
        WorkStage.Press => DayTaskKind.Lay,
        _ => DayTaskKind.Prepare,
    };
}
