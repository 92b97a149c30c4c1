using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>A changed colour: some cloth darkens while hot and comes back; dye that has wandered does not.</summary>
internal sealed class ColourShift : ISign
{
    public Outcome Sign => Outcome.ColourShifted;

    public Leaning Leaning => Leaning.TooMuch;

    public string UsualCause(Looked looked) => looked.Material.DyeMigrationCelsius is { } from
        ? $"Dye of {looked.Material.Name.ToLowerInvariant()} wanders into the vinyl from about {looked.Words.Temperature(from.Value)} on."
        : "Some dyes, reds above all, darken while they are hot and come back as they cool.";

    public Ruling Judge(Looked looked)
    {
        if (!looked.Cold)
        {
            var cool = looked.Heat.SecondsUntilCool();
            return new Ruling(
                AdviceKind.LookAgain, $"Let it cool for {Wording.Time(cool)}, then look again. Much of it comes back by itself.", $"Cloth that is hot shows other colours. {looked.HeatInWords()}", Next(looked), null,
                BenchStep.Numbered([Looked.Wait("Let it cool, then look again.", cool)]));
        }

        return looked.Material.DyeMigrationCelsius is not null
            ? new Ruling(AdviceKind.Accept, "Cold and still changed: dye has wandered into the vinyl. Nothing takes it out again, and it may go on for days.", looked.HeatInWords(), Next(looked))
            : new Ruling(AdviceKind.Accept, "Cold and still changed: the cloth has had too much heat. It may fade back with the first wash; more heat makes it worse.", looked.HeatInWords(), Next(looked));
    }

    private static string Next(Looked looked) => looked.Material.DyeMigrationCelsius is not null ? "A vinyl that stops dye as the base, or one that presses cooler." : "Try the next one on a hidden spot first, cooler by a step.";
}
