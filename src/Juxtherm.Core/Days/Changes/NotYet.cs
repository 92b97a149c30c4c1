namespace Juxtherm.Core.Days.Changes;

/// <summary>Something that should be over, or under way, is still to be done; with it, what waits for it.</summary>
internal sealed class NotYet : IDayChange
{
    public DayEventKind Kind => DayEventKind.NotYet;

    public void Take(DayScene scene, DayEvent said)
    {
        var open = new HashSet<string>(said.Tasks.SelectMany(t => scene.BlockOf(t)).Select(DayWorkload.BlockOf), StringComparer.Ordinal);
        for (var more = true; more;)
        {
            var waits = scene.Begun.Where(t => !open.Contains(DayWorkload.BlockOf(t))
                && t.After.Any(a => open.Contains(a[..a.LastIndexOf('.')]))).Select(DayWorkload.BlockOf).ToList();
            open.UnionWith(waits);
            more = waits.Count > 0;
        }

        scene.DidNot(t => open.Contains(DayWorkload.BlockOf(t)));
    }
}
