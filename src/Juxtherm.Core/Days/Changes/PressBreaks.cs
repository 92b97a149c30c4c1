using Juxtherm.Core.Days.Tasks;

namespace Juxtherm.Core.Days.Changes;

/// <summary>A press breaks down: what it had not finished is pressed again at another.</summary>
internal sealed class PressBreaks : IDayChange
{
    public DayEventKind Kind => DayEventKind.PressBroke;

    public void Take(DayScene scene, DayEvent said)
    {
        var at = scene.PressAt(said.Press);
        var press = scene.Wish.Presses[at];
        scene.With(at, press with { BrokenSince = scene.Moment });
        // A piece that has not had all of its presses here has to go through them elsewhere.
        var open = scene.Tasks.Where(t => t.Press == press.Id && t.Kind != DayTaskKind.Heat && t.End > scene.Moment)
            .Select(t => (t.Job, t.Piece)).ToHashSet();
        scene.DidNot(t => t.Press == press.Id && t.Kind == DayTaskKind.Heat && t.End > scene.Moment);
        var again = scene.Begun.Where(t => t.Press == press.Id && t.Kind != DayTaskKind.Heat && open.Contains((t.Job, t.Piece)))
            .Select(t => t.Block).ToHashSet(StringComparer.Ordinal);
        scene.DidNot(t => again.Contains(t.Block));
    }
}
