using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Days.Changes;

/// <summary>Somebody begins with something now, sooner or later than planned: the first of it is under way, the rest follows as it
/// can.</summary>
internal sealed class BeginsNow : IDayChange
{
    public DayEventKind Kind => DayEventKind.Begun;

    public void Take(DayScene scene, DayEvent said)
    {
        if (said.Tasks.Select(scene.BlockOf).MinBy(b => b[0].Start) is not { } block)
            return;
        // When a piece comes to a press is what the bench says.
        if (block.Exists(t => t.Press is not null))
            throw new DayRefusedException("at-the-press", new Phrase("day.begun-at-press"));
        var sooner = block[0].Start - scene.Moment;
        scene.Went(block.Select(t => t with { Start = t.Start - sooner, End = t.End - sooner }));
    }
}
