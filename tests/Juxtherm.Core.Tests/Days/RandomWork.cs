using Juxtherm.Core.Days.Scheduling;
using Juxtherm.Core.Days.Tasks;

namespace Juxtherm.Core.Tests.Days;

/// <summary>Small pieces of work made up by chance: so small that every way of doing them can be tried.</summary>
internal static class RandomWork
{
    public static Workload Small(int seed)
    {
        var chance = new Random(seed);
        var presses = 1 + chance.Next(2);
        var hands = 1 + chance.Next(2);
        var jobs = 2 + chance.Next(2);
        var (blocks, batches) = (new List<WorkBlock>(), new List<WorkBatch>());
        for (var j = 0; j < jobs; j++)
        {
            var celsius = new[] { 140.0, 150, 190 }[chance.Next(3)];
            var pieces = jobs == 2 && chance.Next(3) == 0 ? 2 : 1;
            var (made, ids) = (new List<WorkBlock>(), new List<string>());
            for (var p = 1; p <= pieces; p++)
            {
                List<string> after = [];
                if (chance.Next(2) == 0)
                {
                    blocks.Add(new WorkBlock($"{j}/{p}/weed", j, p,
                        [new WorkPart(DayTaskKind.Weed, 1 + chance.Next(3), 1, WorkPlace.Bench)], []));
                    after.Add($"{j}/{p}/weed");
                }

                made.Add(new WorkBlock($"{j}/{p}/press", j, p,
                    [
                        new WorkPart(DayTaskKind.Lay, 1 + chance.Next(2), 1, WorkPlace.Press, celsius),
                        new WorkPart(DayTaskKind.Press, 1 + chance.Next(3), 0, WorkPlace.Press, celsius),
                        new WorkPart(DayTaskKind.Peel, 1, 1, WorkPlace.Press, celsius),
                    ], after));
                ids.Add($"{j}/{p}/press");
            }

            List<int> all = [.. Enumerable.Range(0, presses)];
            batches.Add(new WorkBatch($"{j}", j, [new WorkMode(all, [new Sitting(celsius, ids)], made)]));
        }

        IReadOnlyList<HandsFrom> there = chance.Next(3) == 0 ? [new HandsFrom(0, hands), new HandsFrom(4, 0), new HandsFrom(6, hands)]
            : [new HandsFrom(0, hands)];
        return new Workload(blocks, batches,
            [.. Enumerable.Range(0, presses).Select(p => new PressLane($"{p}", 140, (from, to) => (int)Math.Abs(to - from) / 10, []))],
            1, there,
            [.. Enumerable.Range(0, jobs).Select(_ => chance.Next(2) == 0 ? (int?)null : 4 + chance.Next(12))]);
    }
}
