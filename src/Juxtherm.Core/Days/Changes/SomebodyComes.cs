using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Days.Changes;

/// <summary>Somebody comes, and stays.</summary>
internal sealed class SomebodyComes : IDayChange
{
    private const int LongestDays = 30;

    public DayEventKind Kind => DayEventKind.Came;

    public void Take(DayScene scene, DayEvent said)
    {
        if (scene.Wish.People.Count >= DayReader.MostPeople)
            throw new DayRefusedException("too-many", new Phrase("day.too-many-people", ("most", DayReader.MostPeople)));
        var come = new Helper(said.Name, [new Stretch(scene.Moment, scene.Moment.AddDays(LongestDays))]);
        scene.Wish = scene.Wish with { People = [.. scene.Wish.People, come] };
    }
}
