namespace Juxtherm.Core.Runs.Judging;

/// <summary>The cloth shines where the plate lay.</summary>
internal sealed class ShinyBox : ISign
{
    public Outcome Sign => Outcome.Marked;

    public Leaning Leaning => Leaning.TooMuch;

    public string UsualCause(Looked looked) => "The plate's edge, a seam or a fold lay under pressure; synthetic and dark cloth shows it soonest.";

    public Ruling Judge(Looked looked)
    {
        var melts = looked.Material.LimitCelsius.Value < 165;
        return new Ruling(
            AdviceKind.Accept, melts
                ? "Let it cool, then hang it in a steamy room and brush it; on synthetic cloth the shine may stay. Do not press it again."
                : "Let it cool, then brush it against the nap, or hold steam near the cloth, not near the vinyl. It mostly goes with the first wash. Do not press it again.",
            $"The bare {looked.Material.Name.ToLowerInvariant()} got to about {looked.Words.Temperature(looked.Plan.BondingPress.Predicted.HottestClothCelsius)} by the model; its limit is {looked.Words.Temperature(looked.Material.LimitCelsius.Value)}.",
            "A cover larger than the plate, a pillow under the print, and no more pressure than the vinyl asks for.");
    }
}
