namespace Juxtherm.Core.Runs.Judging;

/// <summary>Wrinkles: too long or too hot. More heat makes them worse.</summary>
internal sealed class Wrinkle : ISign
{
    public Outcome Sign => Outcome.Wrinkled;

    public Leaning Leaning => Leaning.TooMuch;

    public string UsualCause(Looked looked) => looked.Heat.Here.Count > 1
        ? "A lower layer has felt every press above it: a long last press wrinkles it."
        : "Cloth that was stretched or lay in a fold, or a plate that is hotter than it says.";

    public Ruling Judge(Looked looked)
    {
        var over = looked.Heat.Here.Where(id => looked.Heat.HeatDose(id) > looked.About.Layer(id).MostHeatDose * 0.8).Select(looked.About.Layer).ToList();
        return new Ruling(
            AdviceKind.Accept, "No more heat: it would only wrinkle further. Small wrinkles settle in the first wear; for large ones take this piece of vinyl off while it is warm, or make the garment anew.",
            looked.HeatInWords(), over.Count > 0 ? "Press shorter: tack the lower layers, and one short press over all." : "Lay the cloth without pulling, smooth it, and measure the plate: it may stand hotter than its dial says.");
    }
}
