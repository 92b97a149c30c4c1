using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>The weave does not show through: driven in under a cover for a few seconds, where the vinyl lets it show at all.</summary>
internal sealed class WeaveHidden : ISign
{
    public Outcome Sign => Outcome.WeaveHidden;

    public Leaning Leaning => Leaning.TooLittle;

    public string UsualCause(Looked looked) => "Too short or too light a press, or damp or fluffy cloth.";

    public Ruling Judge(Looked looked)
    {
        var vinyls = looked.Heat.Here.Select(id => looked.About.Layer(id).Work.Vinyl).ToList();
        const string next = "Add a finish press of a few seconds under the cover.";
        if (!looked.IsCloth || looked.Material.Lofty.Value)
            return new Ruling(AdviceKind.Accept, $"{looked.Material.Name} has no weave that would show. Pull at an edge when it is cold: if it holds, it is good.", looked.HeatInWords(), "");
        if (vinyls.Find(v => v.HidesWeave) is { } thick)
            return new Ruling(AdviceKind.Accept, $"{thick.Name} vinyl is too thick for the weave to show. Pull at an edge when it is cold: if it holds, it is good.", looked.HeatInWords(), "");
        var holds = looked.Heat.SecondsUntil(looked.Cold, 1, 0) ?? double.PositiveInfinity;
        if (looked.Within(Math.Max(holds, vinyls.Max(FinishPress.SecondsOf))) is not { } seconds)
            return new Ruling(AdviceKind.Accept, "It has had all the heat it takes. Pull at an edge when it is cold: if it holds, leave it.", looked.HeatInWords(), next);
        var again = looked.Heat.Again(seconds, looked.Cold);
        return new Ruling(AdviceKind.PressAgain, $"{looked.Cover} over the bare vinyl, and press {Wording.Time(seconds)} more, until the weave shows.", looked.HeatInWords(again), next, again,
            Looked.PressSteps($"{looked.Cover} over the bare vinyl. Close.", seconds, "Hold. Driving it into the weave."));
    }
}
