using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>An edge has printed itself into finished vinyl: pressed out under a smooth cover, where there is room.</summary>
internal sealed class Dent : ISign
{
    // Common practice: a few seconds.
    private const double UsualSeconds = 5;

    public Outcome Sign => Outcome.Dented;

    public Leaning Leaning => Leaning.Otherwise;

    public string UsualCause(Looked looked) => looked.Heat.Here.Count > 1 ? "A carrier's edge lay on vinyl that was finished already." : "A seam, a fold or the edge of the cover lay over the vinyl.";

    public Ruling Judge(Looked looked)
    {
        const string next = "Trim the carrier so that it ends beside the finished vinyl, or lay one cover over everything.";
        if (looked.Within(UsualSeconds) is not { } seconds)
            return new Ruling(AdviceKind.Accept, "Leave it: the vinyl has had all the heat it takes.", looked.HeatInWords(), next);
        var again = looked.Heat.Again(seconds, looked.Cold);
        return new Ruling(AdviceKind.PressAgain, $"A smooth {looked.Cover} over all of it, no edge on the vinyl, and press {Wording.Time(seconds)}. It comes out for the most part.", looked.HeatInWords(again), next, again,
            Looked.PressSteps($"A smooth {looked.Cover} over all of it, no edge on the vinyl. Close.", seconds, "Hold. Pressing the dent out."));
    }
}
