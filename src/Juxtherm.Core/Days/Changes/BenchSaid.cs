using Juxtherm.Core.Days.Tasks;

namespace Juxtherm.Core.Days.Changes;

/// <summary>A piece that the bench has finished.</summary>
/// <param name="Job">Which of the day's jobs, from 0.</param>
/// <param name="Piece">Which of its pieces, from 1.</param>
/// <param name="At">When, UTC.</param>
public sealed record FinishedPiece(int Job, int Piece, DateTimeOffset At);

/// <summary>What a run at the bench says of the day: pieces that are finished there are finished here, and pieces of a job under way there
/// that are not finished are not finished here.</summary>
public static class BenchSaid
{
    // So far apart plan and bench may be before anybody is told anew, s (ours).
    private const double NearEnoughSeconds = 120;

    /// <summary>The tasks that are over or under way by what the bench says.</summary>
    /// <param name="tasks">As it was planned.</param>
    /// <param name="finished">Pieces that are finished.</param>
    /// <param name="atBench">Jobs whose pieces the bench tells of.</param>
    /// <param name="now">The time, UTC.</param>
    /// <returns>Null where plan and bench are near enough.</returns>
    public static IReadOnlyList<DayTask>? Of(IReadOnlyList<DayTask> tasks, IReadOnlyList<FinishedPiece> finished,
        IReadOnlySet<int> atBench, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(atBench);
        var done = finished.ToDictionary(f => (f.Job, f.Piece), f => f.At);
        var begun = DayNow.Begun(tasks, now).ToList();
        var changed = false;
        foreach (var piece in tasks.Where(t => t.Piece is not null && atBench.Contains(t.Job)).GroupBy(t => (t.Job, Piece: t.Piece!.Value)))
        {
            var planned = piece.Max(t => t.End);
            if (done.TryGetValue(piece.Key, out var at))
            {
                if (planned > now.AddSeconds(NearEnoughSeconds))
                    changed = true;
                if (planned > at)
                    Over(begun, piece, at);
            }
            else if (planned < now.AddSeconds(-NearEnoughSeconds))
            {
                // It should be finished, and is not: its last look, and what came before it at the press, are still to come.
                changed = true;
                begun.RemoveAll(t => t.Job == piece.Key.Job && t.Piece == piece.Key.Piece
                    && DayActivities.Of(t.Kind) == DayActivity.Pressing);
            }
        }

        return changed ? begun : null;
    }

    /// <summary>All of a piece ended by then, in its order.</summary>
    private static void Over(List<DayTask> begun, IEnumerable<DayTask> piece, DateTimeOffset at)
    {
        begun.RemoveAll(t => piece.Any(p => p.Id == t.Id));
        begun.AddRange(piece.Select(t => t with
        {
            Start = t.Start < at ? t.Start : at,
            End = t.End < at ? t.End : at,
            Fixed = true,
        }));
    }
}
