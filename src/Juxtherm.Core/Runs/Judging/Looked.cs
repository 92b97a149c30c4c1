using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>A piece that is looked at, and what is known of it.</summary>
/// <param name="About">Its job.</param>
/// <param name="Plan">Its plan.</param>
/// <param name="Heat">It in the model.</param>
/// <param name="History">What was done with it.</param>
internal sealed record Looked(ChartedJob About, Plan Plan, PieceInTheModel Heat, PieceHistory History)
{
    /// <summary>A press shorter than this cannot be timed by hand, s.</summary>
    private double Shortest => About.Figures.ShortestPressSeconds.Value;

    public bool Cold => History.Cold;

    public IWords Words => About.Words;

    public Material Material => About.Work.Material;

    public bool IsCloth => Material.Kind == MaterialKind.Cloth;

    public string Item => About.Work.Form.Name.ToLowerInvariant();

    public string Cover => About.Work.HasCover ? About.Work.Cover.Name : Words.Say("looked.cover");

    /// <summary>The layer that is heated once only; null for none.</summary>
    public LayerInPlan? Foam => Heat.Laid.Select(About.Layer).FirstOrDefault(l => l.Work.Vinyl.Press.HeatsOnce.Value);

    /// <summary>It has been pressed again already.</summary>
    public bool PressedAgain => History.Holds.Any(h => h.IsAgain);

    /// <summary>Seconds to press again, no more than everything on the piece takes; null when it takes none.</summary>
    /// <param name="wanted">What would be wanted, s; null when no time reaches it.</param>
    /// <param name="hadLess">The place in question has plainly had less heat than the model says.</param>
    public double? Within(double? wanted, bool hadLess = false)
    {
        var most = Heat.MostSeconds(Cold, hadLess);
        var seconds = Math.Min(Math.Max(wanted ?? most, Shortest), most);
        return seconds >= Shortest ? seconds : null;
    }

    /// <summary>Steps of pressing again: cover, close, hold, and look again.</summary>
    public static IReadOnlyList<BenchStep> PressSteps(string lay, double seconds, string hold) =>
        BenchStep.Numbered([Do(lay, 8), Hold(hold, seconds)]);

    /// <summary>Steps of laying back, pressing and peeling again as the vinyl wants it.</summary>
    public IReadOnlyList<BenchStep> PeelSteps(string lay, double seconds)
    {
        var peel = Plan.Presses.Last(p => p.Peel.Method != PeelMethod.None && p.Layers.Any(Heat.Here.Contains)).Peel;
        var steps = new List<BenchStep> { Do(lay, 10), Hold(Words.Say("looked.peel-steps-steps"), seconds) };
        if (peel.FromSeconds > 0)
            steps.Add(Wait(Words.Say("looked.peel-steps"), peel.FromSeconds));
        steps.Add(LiftCorner());
        return BenchStep.Numbered(steps);
    }

    /// <summary>The same steps on the side that lies down: it is turned up first, and lies so under the plate.</summary>
    public IReadOnlyList<BenchStep> TurnedOver(IReadOnlyList<BenchStep> steps) => steps.Any(s => s.Kind == StepKind.Hold)
        ? BenchStep.Numbered(steps.Select(s => s with { TurnedOver = s.Kind == StepKind.Hold })
            .Prepend(Do(Words.Say("looked.turned-over", ("item", Item), ("meant", Heat.Meant)), 8)))
        : steps;

    public static BenchStep Wait(string text, double seconds) =>
        new(0, WorkStage.Peel, StepKind.Wait, text, seconds, null) { Lays = true, KeepsPlace = true };

    public static BenchStep Do(string text, double seconds) => new(0, WorkStage.Press, StepKind.Do, text, seconds, null) { Lays = true };

    /// <summary>The peel itself, slowly, with an eye on what stays.</summary>
    public BenchStep LiftCorner() =>
        new(0, WorkStage.Peel, StepKind.Do, Words.Say("looked.lift-corner"), 10, null) { Lays = true };

    private static BenchStep Hold(string text, double seconds) =>
        new(0, WorkStage.Press, StepKind.Hold, text, seconds, HoldDone.Again) { Lays = true };

    /// <summary>What the piece has had and what it takes, in a sentence.</summary>
    public string HeatInWords(PressedAgain? again = null)
    {
        var rooms = (again?.Rooms
            ?? [.. Heat.Laid.Select(id =>
                new LayerRoom(id, About.NameOf(About.Layer(id)), Heat.HeatDose(id), Heat.HeatDose(id), About.Layer(id).MostHeatDose))])
                .ToList();
        var tight = rooms.MaxBy(r => r.After / r.Most)!;
        var then = again is null ? "" : Words.Say("looked.heat-in-words-then", ("after", tight.After));
        return Words.Say("looked.heat-in-words", ("tight", tight.Name), ("before", tight.Before), ("then", then),
            ("most", tight.Most), ("now", Graded(Heat.Bond)), ("bond", Heat.Bond),
            ("afterIt", again is null ? null : Graded(again.Bond)), ("bondAfter", again?.Bond ?? 0));
    }

    private string Graded(double bond) =>
        BondGrades.Of(bond, Heat.Here.Max(id => About.Layer(id).Work.Vinyl.Bond.HoldsFrom.Value)).InWords(Words);
}
