using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Days.Changes;

/// <summary>A job comes in between.</summary>
internal sealed class RushJob : IDayChange
{
    public DayEventKind Kind => DayEventKind.Rush;

    public void Take(DayScene scene, DayEvent said)
    {
        if (said.JobId is not { } id)
            throw new DayRefusedException("no-such-job", new Phrase("day.no-such-job"));
        if (scene.Wish.Jobs.Count >= DayReader.MostJobs)
            throw new DayRefusedException("too-many", new Phrase("day.too-many-jobs", ("most", DayReader.MostJobs)));
        scene.Wish = scene.Wish with { Jobs = [.. scene.Wish.Jobs, new WishedJob(null, id, said.Due, null)] };
    }
}
