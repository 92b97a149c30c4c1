namespace Juxtherm.Core.Runs.Judging;

/// <summary>It lies where it should not: lifted while it is only tacked, otherwise it stays.</summary>
internal sealed class CrookedPrint : ISign
{
    // Below this the glue has hardly wetted the cloth: a tack gives about a twentieth (from memory).
    private const double StillLifts = 0.25;

    public Outcome Sign => Outcome.Crooked;

    public Leaning Leaning => Leaning.Otherwise;

    public string UsualCause(Looked looked) => looked.IsCloth ? "The middle line was not creased, or the garment lay twisted on the plate." : "It slid while the plate came down: hold it with heat-resistant tape.";

    public Ruling Judge(Looked looked)
    {
        const string next = "Crease the middle first, lay crease on crease, and look from a step back before the plate closes.";
        return looked.Heat.Bond < StillLifts
            ? new Ruling(AdviceKind.LookAgain, "It is only tacked: lift it off slowly while it is warm, lay it straight, and go one step back.", looked.HeatInWords(), next)
            : new Ruling(AdviceKind.Lost, "It is bonded and cannot be shifted. Wear it as it is, or take the vinyl off to save the blank, and make another.", looked.HeatInWords(), next);
    }
}
