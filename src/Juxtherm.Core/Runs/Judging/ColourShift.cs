using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>A changed colour: some cloth darkens while hot and comes back; dye that has wandered does not.</summary>
internal sealed class ColourShift : ISign
{
    public Outcome Sign => Outcome.ColourShifted;

    public Leaning Leaning => Leaning.TooMuch;

    public string UsualCause(Looked looked) => looked.Material.Limit.DyeMigrationCelsius is { } from
        ? looked.Words.Say("colour-shift.usual-cause", ("material", looked.Material.Name), ("from", Thing.Celsius(from.Value)))
        : looked.Words.Say("colour-shift.usual-cause-2");

    public Ruling Judge(Looked looked)
    {
        if (!looked.Cold)
        {
            var cool = looked.Heat.SecondsUntilCool();
            return new Ruling(
                AdviceKind.LookAgain, looked.Words.Say("colour-shift.look-again", ("cool", Thing.Seconds(cool))),
                looked.Words.Say("colour-shift.look-again-why", ("heatInWords", looked.HeatInWords())), Next(looked), null,
                BenchStep.Numbered([Looked.Wait(looked.Words.Say("colour-shift.text"), cool)]));
        }

        return looked.Material.Limit.DyeMigrationCelsius is not null
            ? new Ruling(AdviceKind.Accept, looked.Words.Say("colour-shift.accept"), looked.HeatInWords(), Next(looked))
            : new Ruling(AdviceKind.Accept, looked.Words.Say("colour-shift.accept-2"), looked.HeatInWords(), Next(looked));
    }

    private static string Next(Looked looked) =>
        looked.Material.Limit.DyeMigrationCelsius is not null
        ? looked.Words.Say("colour-shift.next") : looked.Words.Say("colour-shift.next-2");
}
