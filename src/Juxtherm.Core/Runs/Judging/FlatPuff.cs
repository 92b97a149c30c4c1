using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>Foam that stayed flat: one short second heat may raise it. It is a rescue, and there is no third.</summary>
internal sealed class FlatPuff : ISign
{
    // Common practice: a few seconds.
    private const double UsualSeconds = 4;

    public Outcome Sign => Outcome.PuffFlat;

    public Leaning Leaning => Leaning.TooLittle;

    public string UsualCause(Looked looked) => "Uneven pressure or a seam under it: where the plate presses harder or not at all, foam does not rise alike. Too long a press lets it sink again.";

    public Ruling Judge(Looked looked)
    {
        const string next = "Even pressure all over, nothing thick beside it, and a second less rather than more.";
        if (!looked.Heat.Here.Any(id => looked.About.Layer(id).Work.Vinyl.HeatsOnce.Value))
            return new Ruling(AdviceKind.Accept, "Only foam vinyl rises; this one lies flat as it should.", looked.HeatInWords(), "");
        if (looked.PressedAgain)
            return new Ruling(AdviceKind.Accept, "No third heat: it would only sink. Leave it, or make the garment anew.", $"It has had its one second heat. {looked.HeatInWords()}", next);
        // What stayed flat has not had the heat that the rest has had, or it would have risen.
        if (looked.Within(UsualSeconds, hadLess: true) is not { } seconds)
            return new Ruling(AdviceKind.Accept, "It has had all the heat it takes: a second one would let it sink. Leave it, or make the garment anew.", looked.HeatInWords(), next);
        var again = looked.Heat.Again(seconds, looked.Cold);
        return new Ruling(
            AdviceKind.PressAgain, $"A rescue, once and no more: {looked.Cover} over the flat place, and press lightly for {Wording.Time(seconds)}. What has risen already must not lie under the plate.",
            $"Foam rises once; some letters that stayed flat come up at a second, short heat. It may also sink for good. {looked.HeatInWords(again)}", next, again,
            Looked.PressSteps($"{looked.Cover} over the flat place only, what has risen outside the plate. Close with a light hand.", seconds, "Hold lightly. The only second heat it gets."));
    }
}
