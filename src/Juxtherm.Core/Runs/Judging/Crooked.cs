namespace Juxtherm.Core.Runs.Judging;

/// <summary>It lies where it should not: lifted while it is only tacked, otherwise it stays.</summary>
internal sealed class CrookedPrint : ISign
{
    // Below this the glue has hardly wetted the cloth: a tack gives about a twentieth (from memory).
    private const double StillLifts = 0.25;

    public Outcome Sign => Outcome.Crooked;

    public Leaning Leaning => Leaning.Otherwise;

    public string UsualCause(Looked looked) =>
        looked.IsCloth ? looked.Words.Say("crooked-print.usual-cause") : looked.Words.Say("crooked-print.usual-cause-2");

    public Ruling Judge(Looked looked)
    {
        var next = looked.Words.Say("crooked-print.next");
        return looked.Heat.Bond < StillLifts
            ? new Ruling(AdviceKind.LookAgain, looked.Words.Say("crooked-print.look-again"), looked.HeatInWords(), next)
            : new Ruling(AdviceKind.Lost, looked.Words.Say("crooked-print.lost"), looked.HeatInWords(), next);
    }
}
