using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Days.Changes;

/// <summary>Somebody leaves: whoever stays finishes what they were at.</summary>
internal sealed class SomebodyLeaves : IDayChange
{
    public DayEventKind Kind => DayEventKind.Left;

    public void Take(DayScene scene, DayEvent said)
    {
        if (said.Who is not { } who || who < 0 || who >= scene.Wish.People.Count)
            throw new DayRefusedException("no-such-helper", new Phrase("day.no-such-helper"));
        var gone = scene.Wish.People[who] with { There = Until(scene.Wish.People[who].There, scene.Wish.From, scene.Moment) };
        List<Helper> people = [.. scene.Wish.People.Select((p, i) => i == who ? gone : p)];
        if (people.TrueForAll(p => p.There.Count > 0 && p.There.All(w => w.End <= scene.Moment)))
            throw new DayRefusedException("nobody-left", new Phrase("day.nobody-left"));
        scene.Wish = scene.Wish with { People = people };
    }

    private static IReadOnlyList<Stretch> Until(IReadOnlyList<Stretch> there, DateTimeOffset from, DateTimeOffset now)
    {
        var first = now > from ? from : now.AddSeconds(-1);
        return there.Count == 0 ? [new Stretch(first, now)]
            : [.. there.Where(w => w.Start < now).Select(w => w.End > now ? w with { End = now } : w)
                .DefaultIfEmpty(new Stretch(first, now))];
    }
}
