using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>A corner or an edge lifts: that edge once more, as long as it needs by itself and the vinyl still takes.</summary>
internal sealed class EdgeLifted : ISign
{
    public Outcome Sign => Outcome.EdgesLifted;

    public Leaning Leaning => Leaning.TooLittle;

    public string UsualCause(Looked looked) => looked.IsCloth
        ? "A plate is cooler and presses less near its edge, and a seam or hem beside the print keeps it off: edges want a few seconds more."
        : "An edge that was not pressed down all along, or a face that was not wiped clean.";

    public Ruling Judge(Looked looked)
    {
        // What lifts has not bonded there: this press has to do it by itself.
        var holds = looked.Heat.Here.Max(id => looked.About.Layer(id).Work.Vinyl.HoldsFromBond.Value);
        var wanted = looked.Heat.SecondsUntil(looked.Cold, 1, holds);
        const string next = "Give the edges 5 s more, the edge well inside the plate and no seam beside it under the plate.";
        if (looked.Within(wanted) is not { } seconds)
            return new Ruling(AdviceKind.Lost, "It has had all the heat it takes, so it cannot be pressed down again. Leave it if the edge is small; otherwise take the piece of vinyl off and put a new one in its place.", looked.HeatInWords(), next);
        var again = looked.Heat.Again(seconds, looked.Cold);
        var enough = wanted is not null && seconds >= wanted;
        return new Ruling(
            AdviceKind.PressEdge, $"Lay it down, cover it, and press only that edge for {Wording.Time(seconds)} more, well inside the plate.{(enough ? "" : " That is all it still takes: it may not be enough, so pull at it when it is cold.")}",
            looked.HeatInWords(again), next, again,
            Looked.PressSteps($"Smooth the edge down. {looked.Cover} over it, only that edge under the plate, no seam beside it. Close.", seconds, "Hold. Pressing the edge again."));
    }
}
