using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Days.Changes;

/// <summary>Something that is under way takes longer; what follows it at once comes later by as much.</summary>
internal sealed class TakesLonger : IDayChange
{
    private const double LongestSeconds = 8 * 3600;

    public DayEventKind Kind => DayEventKind.Longer;

    public void Take(DayScene scene, DayEvent said)
    {
        if (said.Seconds is not (> 0 and <= LongestSeconds))
            throw new DayRefusedException("no-such-time", new Phrase("day.no-such-time", ("most", Thing.Seconds(LongestSeconds))));
        var more = TimeSpan.FromSeconds(Math.Round(said.Seconds));
        foreach (var block in said.Tasks.Select(scene.BlockOf).DistinctBy(b => b[0].Id, StringComparer.Ordinal))
        {
            // What was to begin only now begins so much later: it is not under way, and the plan finds it a new time by itself.
            if (block[0].Start >= scene.Moment)
                continue;
            var at = block.FindIndex(t => t.End > scene.Moment) is >= 0 and var under ? under : block.Count - 1;
            var over = block[at].End > scene.Moment ? TimeSpan.Zero : scene.Moment - block[at].End;
            scene.Went(block.Select((t, i) => i < at ? t : t with
            {
                Start = i == at ? t.Start : t.Start + over + more,
                End = t.End + over + more
            }));
        }
    }
}
