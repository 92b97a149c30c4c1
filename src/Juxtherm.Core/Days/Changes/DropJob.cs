using Juxtherm.Core.Days.Tasks;

namespace Juxtherm.Core.Days.Changes;

/// <summary>Nothing more is done of a job.</summary>
internal sealed class DropJob : IDayChange
{
    public DayEventKind Kind => DayEventKind.Drop;

    public void Take(DayScene scene, DayEvent said)
    {
        var job = scene.JobAt(said.Job);
        scene.With(job, scene.Wish.Jobs[job] with { Dropped = true });
        scene.DidNot(t => t.Job == job && t.Kind != DayTaskKind.Heat);
    }
}
