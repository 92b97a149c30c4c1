using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>Ripples in foil: flat again with a few seconds under a cover, where it takes them.</summary>
internal sealed class Ripple : ISign
{
    // Common practice: a few seconds.
    private const double UsualSeconds = 4;

    public Outcome Sign => Outcome.Rippled;

    public Leaning Leaning => Leaning.TooMuch;

    public string UsualCause(Looked looked) => looked.Words.Say("ripple.usual-cause");

    public Ruling Judge(Looked looked)
    {
        var next = looked.Words.Say("ripple.next");
        if (looked.PressedAgain || looked.Within(UsualSeconds) is not { } seconds)
            return new Ruling(AdviceKind.Accept, looked.Words.Say("ripple.accept"), looked.HeatInWords(), next);
        var again = looked.Heat.Again(seconds, looked.Cold);
        return new Ruling(AdviceKind.PressAgain,
            looked.Words.Say("ripple.press-again", ("cover", looked.Cover), ("seconds", Thing.Seconds(seconds))), looked.HeatInWords(again),
            next, again,
            Looked.PressSteps(looked.Words.Say("ripple.text", ("cover", looked.Cover)), seconds, looked.Words.Say("ripple.text-2")));
    }
}
