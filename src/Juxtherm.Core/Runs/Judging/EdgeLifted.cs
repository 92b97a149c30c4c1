using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>A corner or an edge lifts: that edge once more, as long as it needs by itself and the vinyl still takes.</summary>
internal sealed class EdgeLifted : ISign
{
    public Outcome Sign => Outcome.EdgesLifted;

    public Leaning Leaning => Leaning.TooLittle;

    public string UsualCause(Looked looked) => looked.IsCloth
        ? looked.Words.Say("edge-lifted.usual-cause")
        : looked.Words.Say("edge-lifted.usual-cause-2");

    public Ruling Judge(Looked looked)
    {
        // What lifts has not bonded there: this press has to do it by itself.
        var holds = looked.Heat.Here.Max(id => looked.About.Layer(id).Work.Vinyl.Bond.HoldsFrom.Value);
        var wanted = looked.Heat.SecondsUntil(looked.Cold, 1, holds);
        var next = looked.Words.Say("edge-lifted.next");
        if (looked.Within(wanted) is not { } seconds)
            return new Ruling(AdviceKind.Lost, looked.Words.Say("edge-lifted.lost"), looked.HeatInWords(), next);
        var again = looked.Heat.Again(seconds, looked.Cold);
        var enough = wanted is not null && seconds >= wanted;
        return new Ruling(
            AdviceKind.PressEdge, looked.Words.Say("edge-lifted.press-edge", ("seconds", Thing.Seconds(seconds)), ("enough", enough)),
            looked.HeatInWords(again), next, again,
            Looked.PressSteps(looked.Words.Say("edge-lifted.text", ("cover", looked.Cover)), seconds,
                looked.Words.Say("edge-lifted.text-2")));
    }
}
