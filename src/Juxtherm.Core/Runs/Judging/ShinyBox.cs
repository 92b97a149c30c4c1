using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>The cloth shines where the plate lay.</summary>
internal sealed class ShinyBox : ISign
{
    public Outcome Sign => Outcome.Marked;

    public Leaning Leaning => Leaning.TooMuch;

    public string UsualCause(Looked looked) => looked.Words.Say("shiny-box.usual-cause");

    public Ruling Judge(Looked looked)
    {
        var melts = looked.Material.Limit.Celsius.Value < 165;
        return new Ruling(
            AdviceKind.Accept, melts
                ? looked.Words.Say("shiny-box.accept")
                : looked.Words.Say("shiny-box.accept-2"),
            looked.Words.Say("shiny-box.accept-why", ("material", looked.Material.Name),
                ("hottestCloth", Thing.Celsius(looked.Plan.BondingPress.Predicted.HottestClothCelsius)),
                ("limit", Thing.Celsius(looked.Material.Limit.Celsius.Value))),
            looked.Words.Say("shiny-box.accept-next"));
    }
}
