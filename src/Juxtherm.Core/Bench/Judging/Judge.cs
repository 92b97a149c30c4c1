using Juxtherm.Core.Planning;

namespace Juxtherm.Core.Bench.Judging;

/// <summary>Says what to do about what is seen on a piece. Each sign has a judge of its own.</summary>
/// <param name="planner">Works the job out again.</param>
public sealed class Judge(Planner planner)
{
    private static readonly IReadOnlyList<ISign> Signs =
    [
        .. typeof(Judge).Assembly.GetTypes().Where(t => t is { IsClass: true, IsAbstract: false } && t.IsAssignableTo(typeof(ISign))).Select(t => (ISign)Activator.CreateInstance(t)!).OrderBy(s => s.Sign),
    ];

    /// <summary>Signs that can be judged.</summary>
    public static IReadOnlyList<Outcome> Known { get; } = [.. Signs.Select(s => s.Sign)];

    /// <summary>Judges what is seen on a piece of a run.</summary>
    /// <param name="job">Its job.</param>
    /// <param name="plan">Its plan.</param>
    /// <param name="state">Where the run stands.</param>
    /// <param name="piece">The piece.</param>
    /// <param name="seen">What is seen.</param>
    /// <param name="units">Units of the texts.</param>
    /// <returns>An answer for each sign, the one to follow first; empty while no vinyl has been pressed.</returns>
    public IReadOnlyList<Advice> Of(Job job, Plan plan, RunState state, Piece piece, IReadOnlyList<Outcome> seen, UnitSystem units)
    {
        ArgumentNullException.ThrowIfNull(state);
        ArgumentNullException.ThrowIfNull(piece);
        var skipped = state.Stations.FirstOrDefault(s => s.Number == piece.Station)?.Skipped ?? new HashSet<string>(StringComparer.Ordinal);
        return Of(job, plan, new PieceHistory(piece.Holds) { Skipped = skipped, PeeledEarly = piece.PeeledEarly }, seen, units);
    }

    /// <summary>Judges what is seen on a piece of which the presses are known.</summary>
    /// <param name="job">Its job.</param>
    /// <param name="plan">Its plan.</param>
    /// <param name="history">What was done with it.</param>
    /// <param name="seen">What is seen.</param>
    /// <param name="units">Units of the texts.</param>
    public IReadOnlyList<Advice> Of(Job job, Plan plan, PieceHistory history, IReadOnlyList<Outcome> seen, UnitSystem units)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(history);
        ArgumentNullException.ThrowIfNull(seen);
        var about = planner.About(job, new Wording(units));
        if (PieceInTheModel.Of(about, plan, history.Holds, planner.Catalogue) is not { } heat)
            return [];
        var looked = new Looked(about, plan, heat, history);
        // What is lost is lost, whatever else could be done.
        return [.. Signs.Where(s => seen.Contains(s.Sign)).Select(s => Of(s, looked)).OrderByDescending(a => a.Kind == AdviceKind.Lost).ThenByDescending(a => a.Seconds is not null)];
    }

    private static Advice Of(ISign sign, Looked looked)
    {
        var said = sign.Judge(looked);
        var ruling = FoamRule.Forbids(sign.Sign, looked, said) ?? said;
        // A scorched blank is not worth saving.
        var takeOff = ruling.Kind == AdviceKind.Lost && sign.Sign != Outcome.Scorched ? TakingOff.Steps(looked.Material, looked.Plan, looked.Words) : [];
        return new Advice(sign.Sign, ruling.Kind, ruling.Text, ruling.Why, ruling.Again?.Seconds, ruling.Steps ?? [], Causes.Of(sign, looked), ruling.NextTime, ruling.Again?.Rooms ?? [], takeOff);
    }
}
