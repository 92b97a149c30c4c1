namespace Juxtherm.Core.Days.Changes;

/// <summary>Something that should be over, or under way, is still to be done; with it, what waits for it.</summary>
internal sealed class NotYet : IDayChange
{
    public DayEventKind Kind => DayEventKind.NotYet;

    public void Take(DayScene scene, DayEvent said)
    {
        var open = new HashSet<string>(said.Tasks.SelectMany(t => scene.BlockOf(t)).Select(t => t.Block), StringComparer.Ordinal);
        for (var more = true; more;)
        {
            var waits = scene.Begun.Where(t => !open.Contains(t.Block)
                && t.After.Any(a => open.Contains(a[..a.LastIndexOf('.')]))).Select(t => t.Block).ToList();
            open.UnionWith(waits);
            more = waits.Count > 0;
        }

        scene.DidNot(t => open.Contains(t.Block));
    }
}
