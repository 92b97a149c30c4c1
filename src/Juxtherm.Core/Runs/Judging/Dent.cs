using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>An edge has printed itself into finished vinyl: pressed out under a smooth cover, where there is room.</summary>
internal sealed class Dent : ISign
{
    // Common practice: a few seconds.
    private const double UsualSeconds = 5;

    public Outcome Sign => Outcome.Dented;

    public Leaning Leaning => Leaning.Otherwise;

    public string UsualCause(Looked looked) =>
        looked.Heat.Here.Count > 1 ? looked.Words.Say("dent.usual-cause") : looked.Words.Say("dent.usual-cause-2");

    public Ruling Judge(Looked looked)
    {
        var next = looked.Words.Say("dent.next");
        if (looked.Within(UsualSeconds) is not { } seconds)
            return new Ruling(AdviceKind.Accept, looked.Words.Say("dent.accept"), looked.HeatInWords(), next);
        var again = looked.Heat.Again(seconds, looked.Cold);
        return new Ruling(AdviceKind.PressAgain,
            looked.Words.Say("dent.press-again", ("cover", looked.Cover), ("seconds", Thing.Seconds(seconds))), looked.HeatInWords(again),
            next, again,
            Looked.PressSteps(looked.Words.Say("dent.text", ("cover", looked.Cover)), seconds, looked.Words.Say("dent.text-2")));
    }
}
