namespace Juxtherm.Core.Runs.Judging;

/// <summary>Scorched: the blank is lost.</summary>
internal sealed class Scorch : ISign
{
    public Outcome Sign => Outcome.Scorched;

    public Leaning Leaning => Leaning.TooMuch;

    public string UsualCause(Looked looked) => "A plate hotter than it says, or a blank that bears less than its kind usually does.";

    public Ruling Judge(Looked looked) => new(
        AdviceKind.Lost, "Open the press and let the piece cool where nothing can catch fire. A faint yellow tinge on cotton may go with the first wash; anything darker stays. Make another.",
        $"The bare {looked.Material.Name.ToLowerInvariant()} got to about {looked.Words.Temperature(looked.Plan.BondingPress.Predicted.HottestClothCelsius)} by the model, its limit is {looked.Words.Temperature(looked.Material.LimitCelsius.Value)}: what scorched was hotter.",
        "Measure the plate before the next piece, with a probe or temperature strips, and look for hot spots.");
}
