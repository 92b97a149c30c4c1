using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>The weave does not show through: driven in under a cover for a few seconds, where the vinyl lets it show at all.</summary>
internal sealed class WeaveHidden : ISign
{
    public Outcome Sign => Outcome.WeaveHidden;

    public Leaning Leaning => Leaning.TooLittle;

    public string UsualCause(Looked looked) => looked.Words.Say("weave-hidden.usual-cause");

    public Ruling Judge(Looked looked)
    {
        var vinyls = looked.Heat.Here.Select(id => looked.About.Layer(id).Work.Vinyl).ToList();
        var next = looked.Words.Say("weave-hidden.next");
        if (!looked.IsCloth || looked.Material.Lofty.Value)
            return new Ruling(AdviceKind.Accept, looked.Words.Say("weave-hidden.accept", ("material", looked.Material.Name)),
                looked.HeatInWords(), "");
        if (vinyls.Find(v => v.HidesWeave) is { } thick)
            return new Ruling(AdviceKind.Accept, looked.Words.Say("weave-hidden.accept-2", ("thick", thick.Name)), looked.HeatInWords(),
                "");
        var holds = looked.Heat.SecondsUntil(looked.Cold, 1, 0) ?? double.PositiveInfinity;
        if (looked.Within(Math.Max(holds, vinyls.Max(FinishPress.SecondsOf))) is not { } seconds)
            return new Ruling(AdviceKind.Accept, looked.Words.Say("weave-hidden.accept-3"), looked.HeatInWords(), next);
        var again = looked.Heat.Again(seconds, looked.Cold);
        return new Ruling(AdviceKind.PressAgain,
            looked.Words.Say("weave-hidden.press-again", ("cover", looked.Cover), ("seconds", Thing.Seconds(seconds))),
            looked.HeatInWords(again), next, again,
            Looked.PressSteps(looked.Words.Say("weave-hidden.text", ("cover", looked.Cover)), seconds,
                looked.Words.Say("weave-hidden.text-2")));
    }
}
