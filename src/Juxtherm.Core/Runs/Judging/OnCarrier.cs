using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>It comes up with the carrier: peeled at the wrong moment, or not bonded yet.</summary>
internal sealed class OnCarrier : ISign
{
    // A plan that ends a little below its target is bonded all the same.
    private const double AsGoodAs = 0.9;

    public Outcome Sign => Outcome.OnCarrier;

    public Leaning Leaning => Leaning.TooLittle;

    public string UsualCause(Looked looked) => "Peeled too hot, too cold or too fast for this vinyl, or too short a press.";

    public Ruling Judge(Looked looked)
    {
        const string next = "Lift a corner first and decide then; go slowly, at about 45°.";
        var target = looked.Heat.Here.Min(id => looked.About.Layer(id).Work.Vinyl.TargetBond.Value);
        var peel = looked.Plan.Presses.LastOrDefault(p => p.Peel.Method != PeelMethod.None && p.Layers.Any(looked.Heat.Here.Contains))?.Peel;
        // Bonded by the model and still warm: it is the peel that was wrong, not the press.
        if (!looked.Cold && looked.Heat.Bond >= target * AsGoodAs && peel is { Method: not PeelMethod.Hot } && !looked.PressedAgain)
        {
            var cool = looked.Heat.SecondsUntilCool();
            return new Ruling(
                AdviceKind.LookAgain, $"Lay it back, carrier on, carry it to a cold bench and let it cool for {Wording.Time(cool)}. Then lift a corner again.", $"By the model it is bonded, so it was peeled too early. {looked.HeatInWords()}", next, null,
                BenchStep.Numbered([Looked.Do("Lay it back where it was, carrier on, smooth it down, and carry it to a cold bench.", 8), Looked.Wait("Let it cool, carrier on.", cool), Looked.Peel("Lift a corner at about 45°, slowly. Does all of it stay down?")]));
        }

        var wanted = looked.Heat.SecondsUntil(looked.Cold, 1, looked.Cold ? target : 0);
        if (looked.Within(wanted) is not { } seconds)
            return new Ruling(AdviceKind.Lost, "It has had all the heat it takes. Take this piece of vinyl off and put a new one in its place.", looked.HeatInWords(), next);
        var again = looked.Heat.Again(seconds, looked.Cold);
        return new Ruling(AdviceKind.LayBack, $"Lay it back, cover it, and press {Wording.Time(seconds)} more. Then lift a corner again.", looked.HeatInWords(again), next, again,
            looked.PeelSteps($"Lay it back where it was, carrier on, and smooth it down. {looked.Cover} over it. Close.", seconds));
    }
}
