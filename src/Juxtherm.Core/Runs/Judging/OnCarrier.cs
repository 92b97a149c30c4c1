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

    public string UsualCause(Looked looked) => looked.Words.Say("on-carrier.usual-cause");

    public Ruling Judge(Looked looked)
    {
        var next = looked.Words.Say("on-carrier.next");
        var target = looked.Heat.Here.Min(id => looked.About.Layer(id).Work.Vinyl.Bond.Target.Value);
        var peel = looked.Plan.Presses.LastOrDefault(p => p.Peel.Method != PeelMethod.None
            && p.Layers.Any(looked.Heat.Here.Contains))?.Peel;
        // Bonded by the model and still warm: it is the peel that was wrong, not the press.
        if (!looked.Cold && looked.Heat.Bond >= target * AsGoodAs && peel is { Method: not PeelMethod.Hot } && !looked.PressedAgain)
        {
            var cool = looked.Heat.SecondsUntilCool();
            return new Ruling(
                AdviceKind.LookAgain, looked.Words.Say("on-carrier.look-again", ("cool", Thing.Seconds(cool))),
                looked.Words.Say("on-carrier.look-again-why", ("heatInWords", looked.HeatInWords())), next, null,
                BenchStep.Numbered(
                    [Looked.Do(looked.Words.Say("on-carrier.text"), 8), Looked.Wait(looked.Words.Say("on-carrier.text-2"), cool),
                        looked.LiftCorner()]));
        }

        var wanted = looked.Heat.SecondsUntil(looked.Cold, 1, looked.Cold ? target : 0);
        if (looked.Within(wanted) is not { } seconds)
            return new Ruling(AdviceKind.Lost, looked.Words.Say("on-carrier.lost"), looked.HeatInWords(), next);
        var again = looked.Heat.Again(seconds, looked.Cold);
        return new Ruling(AdviceKind.LayBack, looked.Words.Say("on-carrier.lay-back", ("seconds", Thing.Seconds(seconds))),
            looked.HeatInWords(again), next, again,
            looked.PeelSteps(looked.Words.Say("on-carrier.lay", ("cover", looked.Cover)), seconds));
    }
}
