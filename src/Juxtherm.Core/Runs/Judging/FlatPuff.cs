using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>Foam that stayed flat: one short second heat may raise it. It is a rescue, and there is no third.</summary>
internal sealed class FlatPuff : ISign
{
    // Common practice: a few seconds.
    private const double UsualSeconds = 4;

    public Outcome Sign => Outcome.PuffFlat;

    public Leaning Leaning => Leaning.TooLittle;

    public string UsualCause(Looked looked) => looked.Words.Say("flat-puff.usual-cause");

    public Ruling Judge(Looked looked)
    {
        var next = looked.Words.Say("flat-puff.next");
        if (!looked.Heat.Here.Any(id => looked.About.Layer(id).Work.Vinyl.Press.HeatsOnce.Value))
            return new Ruling(AdviceKind.Accept, looked.Words.Say("flat-puff.accept"), looked.HeatInWords(), "");
        if (looked.PressedAgain)
            return new Ruling(AdviceKind.Accept, looked.Words.Say("flat-puff.accept-2"),
                looked.Words.Say("flat-puff.accept-why", ("heatInWords", looked.HeatInWords())), next);
        // What stayed flat has not had the heat that the rest has had, or it would have risen.
        if (looked.Within(UsualSeconds, hadLess: true) is not { } seconds)
            return new Ruling(AdviceKind.Accept, looked.Words.Say("flat-puff.accept-3"), looked.HeatInWords(), next);
        var again = looked.Heat.Again(seconds, looked.Cold);
        return new Ruling(
            AdviceKind.PressAgain, looked.Words.Say("flat-puff.press-again", ("cover", looked.Cover), ("seconds", Thing.Seconds(seconds))),
            looked.Words.Say("flat-puff.press-again-why", ("heatInWords", looked.HeatInWords(again))), next, again,
            Looked.PressSteps(looked.Words.Say("flat-puff.text", ("cover", looked.Cover)), seconds, looked.Words.Say("flat-puff.text-2")));
    }
}
