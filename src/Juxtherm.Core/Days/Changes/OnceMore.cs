using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Days.Changes;

/// <summary>Pieces of a job have to be made once more: cut, weeded and pressed.</summary>
internal sealed class OnceMore : IDayChange
{
    public DayEventKind Kind => DayEventKind.Again;

    public void Take(DayScene scene, DayEvent said)
    {
        var job = scene.JobAt(said.Job);
        var again = scene.Wish.Jobs[job].Again + said.Pieces;
        if (said.Pieces < 1 || again > DayWish.MostAgain)
            throw new DayRefusedException("no-such-number", new Phrase("day.again", ("most", DayWish.MostAgain)));
        scene.With(job, scene.Wish.Jobs[job] with { Again = again });
        // It is packed when the last is there.
        scene.DidNot(t => t.Job == job && t.Kind == DayTaskKind.Pack);
    }
}
