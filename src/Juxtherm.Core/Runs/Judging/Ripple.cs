using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>Ripples in foil: flat again with a few seconds under a cover, where it takes them.</summary>
internal sealed class Ripple : ISign
{
    // Common practice: a few seconds.
    private const double UsualSeconds = 4;

    public Outcome Sign => Outcome.Rippled;

    public Leaning Leaning => Leaning.TooMuch;

    public string UsualCause(Looked looked) => "Too much heat for foil, or pulled while it was warm.";

    public Ruling Judge(Looked looked)
    {
        const string next = "Cooler by a step, and let it go quite cold before the carrier comes off.";
        if (looked.PressedAgain || looked.Within(UsualSeconds) is not { } seconds)
            return new Ruling(AdviceKind.Accept, "Leave it: more heat makes more ripples.", looked.HeatInWords(), next);
        var again = looked.Heat.Again(seconds, looked.Cold);
        return new Ruling(AdviceKind.PressAgain, $"{looked.Cover} over it, and press {Wording.Time(seconds)}, once. Let it go cold under its own weight before you look.", looked.HeatInWords(again), next, again,
            Looked.PressSteps($"{looked.Cover} over it, smooth. Close.", seconds, "Hold. Only for a moment."));
    }
}
