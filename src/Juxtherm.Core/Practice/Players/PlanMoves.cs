using Juxtherm.Core.Catalogue;
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

    /// <summary>The presses of a plan, one after the other, and the handing over.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="times">How many times as long as planned it is pressed.</param>
    public static IEnumerable<Move> Pressing(Plan plan, double times = 1)
    {
        var (celsius, down) = (double.NaN, false);
        foreach (var press in plan.Whole.Where(w => w.Press.Purpose != PressPurpose.Patch).Select(w => w.Press))
        {
            if (press.Celsius != celsius)
                yield return new Move(MoveKind.Dial) { Celsius = celsius = press.Celsius };
            yield return new Move(MoveKind.Pressure) { Pressure = press.Pressure };
            if (press.Laid.Count > 0)
                yield return new Move(MoveKind.Lay) { Layers = press.Laid };
            if (press.Purpose == PressPurpose.Back != down)
            {
                yield return new Move(MoveKind.Turn);
                down = !down;
            }

            var bonds = press.Purpose is PressPurpose.Press or PressPurpose.Back or PressPurpose.Finish;
            yield return new Move(MoveKind.Close) { Seconds = bonds ? Math.Round(press.Seconds * times) : press.Seconds };
            if (down)
            {
                yield return new Move(MoveKind.Turn);
                down = false;
            }

            if (press.Peel.Method == PeelMethod.None)
                continue;
            if (press.Peel.FromSeconds > 0)
                yield return new Move(press.Peel.OnColdBench ? MoveKind.ToBench : MoveKind.Wait) { Seconds = press.Peel.FromSeconds };
            yield return new Move(MoveKind.Peel);
        }

        yield return new Move(MoveKind.HandOver);
    }
}
