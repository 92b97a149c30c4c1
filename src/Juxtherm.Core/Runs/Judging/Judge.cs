using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Rehearsal;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>Says what to do about what is seen on a piece. Each sign has a judge of its own.</summary>
/// <param name="planner">Works the job out again.</param>
public sealed class Judge(Planner planner)
{
    private static readonly IReadOnlyList<ISign> Signs =
    [
        .. new ISign[]
        {
            new ColourShift(), new CrookedPrint(), new Dent(), new EdgeLifted(), new FlatPuff(), new OnCarrier(), new Ripple(),
            new Scorch(), new ShinyBox(), new WeaveHidden(), new Wrinkle(),
        }.OrderBy(s => s.Sign),
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
        return Of(job, plan, new PieceHistory(piece.Holds) { Skipped = skipped, PeeledEarly = piece.PeeledEarly, Face = piece.FaceSeen },
            seen, units);
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
        var about = planner.About(job, planner.Language.WordsFor(units));
        if (PieceInTheModel.Of(about, plan, history.Holds, planner.Catalogue) is not { } heat)
            return [];
        var looked = new Looked(about, plan, heat.From(history.Face), history);
        // What is lost is lost, whatever else could be done.
        return [.. Signs.Where(s => seen.Contains(s.Sign)).Select(s => Of(s, looked)).OrderByDescending(a => a.Kind == AdviceKind.Lost)
            .ThenByDescending(a => a.Seconds is not null)];
    }

    /// <summary>A piece as it was really pressed, over time, and as it goes on by its plan.</summary>
    /// <param name="job">Its job.</param>
    /// <param name="plan">Its plan.</param>
    /// <param name="piece">The piece.</param>
    /// <param name="units">Units of the texts.</param>
    public IReadOnlyList<TracePhase> Trace(Job job, Plan plan, Piece piece, UnitSystem units)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(piece);
        var about = planner.About(job, planner.Language.WordsFor(units));
        return Rehearser.Retrace(about, PieceInTheModel.AsItGoes(about, plan, piece), planner.Catalogue, id => SheetNames.Of(id, about),
            PieceInTheModel.RowBefore(about, plan, piece.InRow));
    }

    /// <summary>Whether a piece was pressed as it was planned so far.</summary>
    /// <param name="plan">Its plan.</param>
    /// <param name="piece">The piece.</param>
    /// <param name="underWay">The press that it is at; null for none.</param>
    public static bool IsByPlan(Plan plan, Piece piece, int? underWay)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(piece);
        return PieceInTheModel.IsByPlan(plan, piece, underWay);
    }

    private static Advice Of(ISign sign, Looked looked)
    {
        var said = sign.Judge(looked);
        var ruling = FoamRule.Forbids(sign.Sign, looked, said) ?? said;
        var steps = looked.Heat.TurnsOver ? looked.TurnedOver(ruling.Steps ?? []) : ruling.Steps ?? [];
        // A scorched blank is not worth saving.
        var takeOff = ruling.Kind == AdviceKind.Lost && sign.Sign != Outcome.Scorched
            ? TakingOff.Steps(looked.Material, looked.Plan, looked.Words) : [];
        return new Advice(sign.Sign, ruling.Kind, ruling.Text, ruling.Why, ruling.Again?.Seconds, steps, Causes.Of(sign, looked),
            ruling.NextTime, ruling.Again?.Rooms ?? [], takeOff);
    }
}
