using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Practice.Bench;
using Juxtherm.Core.Practice.Cases;

namespace Juxtherm.Core.Practice.Players;

/// <summary>What somebody does who goes by a plan.</summary>
internal static class PlanMoves
{
    /// <summary>The dial at a temperature, or as near to it as it goes.</summary>
    /// <param name="source">The press.</param>
    /// <param name="celsius">°C.</param>
    public static Move DialTo(HeatSource source, double celsius) => new(MoveKind.Dial)
    {
        Celsius = source.Dial.Marks.Count > 0 ? celsius
            : Math.Clamp(celsius, source.Dial.Celsius.Value.Low, source.Dial.Celsius.Value.High),
    };

    /// <summary>Every prop as it should be.</summary>
    /// <param name="met">The case.</param>
    public static IEnumerable<Move> SeesToAll(PracticeCase met) =>
        met.Props.Select(p => new Move(MoveKind.Touch) { Prop = p.Id, State = p.Right.Id });

    /// <summary>What a plan was made for is taken off the shelf, where it does not lie there already.</summary>
    /// <param name="met">The case.</param>
    /// <param name="chosen">The job that the plan is for.</param>
    public static IEnumerable<Move> Takes(PracticeCase met, Job chosen)
    {
        if (chosen.Tools.Cover.Id != met.Job.Tools.Cover.Id)
            yield return new Move(MoveKind.Cover) { Supply = chosen.Tools.Cover.Id };
        if (chosen.Tools.Underlay.Id != met.Job.Tools.Underlay.Id)
            yield return new Move(MoveKind.Underlay) { Supply = chosen.Tools.Underlay.Id };
        if (chosen.Layer.Vinyl.Id != met.Job.Layer.Vinyl.Id)
            yield return new Move(MoveKind.Vinyl) { Supply = chosen.Layer.Vinyl.Id };
    }

    /// <summary>The presses of a plan, one after the other, and the handing over.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="times">How many times as long as planned it is pressed.</param>
    public static IEnumerable<Move> Pressing(Plan plan, double times = 1)
    {
        var (celsius, turned) = (double.NaN, false);
        var first = plan.Presses[0].Face;
        foreach (var press in plan.Presses.Where(p => p.Purpose != PressPurpose.Patch))
        {
            if (press.Celsius != celsius)
                yield return new Move(MoveKind.Dial) { Celsius = celsius = press.Celsius };
            yield return new Move(MoveKind.Pressure) { Pressure = press.Pressure };
            var (down, part) = (press.Face != first, press.Part ?? 0);
            if (turned != down)
                yield return new Move(MoveKind.Turn);
            if (press.Laid.Count > 0)
                yield return new Move(MoveKind.Lay) { Layers = press.Laid, Part = part };
            if (press.Purpose == PressPurpose.Back)
                yield return new Move(MoveKind.Turn);
            turned = down;

            var bonds = press.Purpose is PressPurpose.Press or PressPurpose.Back or PressPurpose.Finish;
            yield return new Move(MoveKind.Close) { Seconds = bonds ? Math.Round(press.Seconds * times) : press.Seconds, Part = part };
            if (press.Purpose == PressPurpose.Back)
                yield return new Move(MoveKind.Turn);

            if (press.Peel.Method == PeelMethod.None)
                continue;
            if (press.Peel.FromSeconds > 0)
                yield return new Move(press.Peel.OnColdBench ? MoveKind.ToBench : MoveKind.Wait) { Seconds = press.Peel.FromSeconds };
            yield return new Move(MoveKind.Peel) { Part = part };
        }

        yield return new Move(MoveKind.HandOver);
    }
}
