using System.Globalization;
using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Scheduling;
using Juxtherm.Core.Days.Tasks;

namespace Juxtherm.Core.Days;

/// <summary>A schedule as tasks on the clock.</summary>
internal static class DayTasks
{
    /// <summary>All of them, by time.</summary>
    public static IReadOnlyList<DayTask> Of(DayAsk ask, Workload work, Schedule schedule)
    {
        var placed = schedule.Blocks.ToDictionary(b => b.Block.Id, StringComparer.Ordinal);
        // How presses came to be as hot as they are is over, and stays.
        var tasks = ask.Begun.Where(t => t.Kind == DayTaskKind.Heat).Select(t => t with { Fixed = true }).ToList();
        for (var b = 0; b < schedule.Blocks.Count; b++)
        {
            var block = schedule.Blocks[b];
            var parts = block.Block.Parts;
            for (var p = 0; p < parts.Count; p++)
            {
                var start = ask.From.AddSeconds(block.Starts[p]);
                IReadOnlyList<string> after = p > 0 ? [Id(block.Block, p - 1)]
                    : [.. block.Block.After.Where(placed.ContainsKey).Select(id => Id(placed[id].Block, placed[id].Block.Parts.Count - 1))];
                var press = parts[p].Place == WorkPlace.Press && block.Press is { } at ? ask.Presses[at].Id : null;
                tasks.Add(new DayTask(Id(block.Block, p), block.Block.Job, block.Block.Piece, parts[p].Kind, start,
                    start.AddSeconds(block.Seconds[p]), press, parts[p].Place == WorkPlace.Cutter, parts[p].Hands, after, parts[p].Celsius)
                {
                    Fixed = work.Pinned.ContainsKey(block.Block.Id),
                    Who = schedule.Hands.Who[b][p] is >= 0 and var who ? who : null,
                });
            }
        }

        foreach (var sitting in schedule.Sittings.Where(s => s.HeatSeconds > 0))
        {
            var (start, press) = (ask.From.AddSeconds(sitting.Start - sitting.HeatSeconds), ask.Presses[sitting.Press].Id);
            var id = string.Create(CultureInfo.InvariantCulture, $"heat/{press}/{start.ToUnixTimeSeconds()}.1");
            tasks.Add(new DayTask(id, work.Batches[sitting.Batch].Job, null, DayTaskKind.Heat, start, ask.From.AddSeconds(sitting.Start),
                press, false, 0, [], sitting.Celsius));
        }

        return [.. tasks.OrderBy(t => t.Start).ThenBy(t => t.End).ThenBy(t => t.Id, StringComparer.Ordinal)];
    }

    private static string Id(WorkBlock block, int part) => string.Create(CultureInfo.InvariantCulture, $"{block.Id}.{part + 1}");
}
