using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>Scorched: the blank is lost.</summary>
internal sealed class Scorch : ISign
{
    public Outcome Sign => Outcome.Scorched;

    public Leaning Leaning => Leaning.TooMuch;

    public string UsualCause(Looked looked) => looked.Words.Say("scorch.usual-cause");

    public Ruling Judge(Looked looked) => new(
        AdviceKind.Lost, looked.Words.Say("scorch.lost"),
        looked.Words.Say("scorch.lost-why", ("material", looked.Material.Name),
            ("hottestCloth", Thing.Celsius(looked.Plan.BondingPress.Predicted.HottestClothCelsius)),
            ("limit", Thing.Celsius(looked.Material.Limit.Celsius.Value))),
        looked.Words.Say("scorch.lost-next"));
}
