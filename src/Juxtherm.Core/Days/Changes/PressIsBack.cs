namespace Juxtherm.Core.Days.Changes;

/// <summary>A press works again, and is cold.</summary>
internal sealed class PressIsBack : IDayChange
{
    public DayEventKind Kind => DayEventKind.PressBack;

    public void Take(DayScene scene, DayEvent said)
    {
        var at = scene.PressAt(said.Press);
        scene.With(at, scene.Wish.Presses[at] with { BrokenSince = null, Celsius = null, ColdAt = scene.Moment });
    }
}
