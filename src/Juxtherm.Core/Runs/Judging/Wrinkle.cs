namespace Juxtherm.Core.Runs.Judging;

/// <summary>Wrinkles: too long or too hot. More heat makes them worse.</summary>
internal sealed class Wrinkle : ISign
{
    public Outcome Sign => Outcome.Wrinkled;

    public Leaning Leaning => Leaning.TooMuch;

    public string UsualCause(Looked looked) => looked.Heat.Here.Count > 1
        ? looked.Words.Say("wrinkle.usual-cause")
        : looked.Words.Say("wrinkle.usual-cause-2");

    public Ruling Judge(Looked looked)
    {
        var over = looked.Heat.Here.Where(id => looked.Heat.HeatDose(id) > looked.About.Layer(id).MostHeatDose * 0.8)
            .Select(looked.About.Layer).ToList();
        return new Ruling(
            AdviceKind.Accept, looked.Words.Say("wrinkle.accept"),
            looked.HeatInWords(), over.Count > 0 ? looked.Words.Say("wrinkle.accept-next") : looked.Words.Say("wrinkle.accept-next-2"));
    }
}
