using System.Globalization;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Scheduling;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Days.Work;
using Juxtherm.Core.Heat;
using Juxtherm.Core.Plans.Rehearsal;

namespace Juxtherm.Core.Days;

/// <summary>What is asked of a day, as work in whole seconds.</summary>
internal static class DayWorkload
{
    private const int Ever = int.MaxValue;

    /// <summary>Makes it.</summary>
    /// <param name="ask">What is asked.</param>
    /// <param name="figures">How long hands take.</param>
    public static Workload Of(DayAsk ask, HandlingFigures figures)
    {
        var (blocks, batches) = (new List<WorkBlock>(), new List<WorkBatch>());
        var pins = Pins(ask);
        for (var j = 0; j < ask.Jobs.Count; j++)
        {
            var job = new JobBlocks(j, ask.Jobs[j], figures, ask.Pace);
            batches.AddRange(job.Make(BegunAt(ask, j)));
            blocks.AddRange(job.Blocks);
        }

        var known = blocks.Concat(batches.SelectMany(b => b.Modes).SelectMany(m => m.Blocks))
            .ToDictionary(b => b.Id, StringComparer.Ordinal);
        return new Workload(blocks, batches, [.. ask.Presses.Select(p => Lane(ask, p))], ask.Cutters, Hands(ask),
            [.. ask.Jobs.Select(j => j.Due is { } due ? Seconds(ask, due) : (int?)null)])
        {
            People = [.. ask.People.Select(p =>
                (IReadOnlyList<(int, int)>)[.. p.There.Select(w => (Seconds(ask, w.Start), Seconds(ask, w.End)))])],
            Before = ask.Before.Where(t => t.Kind != DayTaskKind.Heat).GroupBy(t => t.Block, StringComparer.Ordinal)
                .ToDictionary(g => g.Key,
                g => (Seconds(ask, g.Min(t => t.Start)), PressOf(ask, g)), StringComparer.Ordinal),
            Pinned = pins.Where(p => known.ContainsKey(p.Key)).ToDictionary(p => p.Key, p => AsIs(p.Value, known[p.Key]),
                StringComparer.Ordinal),
        };
    }

    /// <summary>Where its plan has other parts by now, what was done of it is told by its beginning and its end.</summary>
    private static Pin AsIs(Pin pin, WorkBlock block) => pin.Starts.Count == block.Parts.Count ? pin
        : new Pin([pin.Starts[0], .. block.Parts.Skip(1).Select(_ => pin.End)],
            [pin.End - pin.Starts[0], .. block.Parts.Skip(1).Select(_ => 0)], pin.Press);

    private static int PartOf(DayTask task) => int.Parse(task.Id.AsSpan(task.Id.LastIndexOf('.') + 1), CultureInfo.InvariantCulture);

    private static int Seconds(DayAsk ask, DateTimeOffset at) =>
        (int)Math.Clamp(Math.Round((at - ask.From).TotalSeconds), -1_000_000, 10_000_000);

    private static int? PressOf(DayAsk ask, IEnumerable<DayTask> parts)
    {
        var id = parts.FirstOrDefault(t => t.Press is not null)?.Press;
        for (var p = 0; p < ask.Presses.Count; p++)
            if (ask.Presses[p].Id == id)
                return p;
        return null;
    }

    private static Dictionary<string, Pin> Pins(DayAsk ask) =>
        ask.Begun.Where(t => t.Kind != DayTaskKind.Heat).GroupBy(t => t.Block, StringComparer.Ordinal).ToDictionary(g => g.Key, g =>
        {
            List<DayTask> parts = [.. g.OrderBy(PartOf)];
            return new Pin([.. parts.Select(t => Seconds(ask, t.Start))], [.. parts.Select(t => (int)(t.End - t.Start).TotalSeconds)],
                PressOf(ask, parts));
        }, StringComparer.Ordinal);

    /// <summary>By piece of a job: the press at which it was begun.</summary>
    private static Dictionary<int, int> BegunAt(DayAsk ask, int job)
    {
        var presses = ask.Presses.Select((p, i) => (p.Id, i)).ToDictionary(p => p.Id, p => p.i, StringComparer.Ordinal);
        return ask.Begun.Where(t => t.Job == job && t is { Piece: not null, Press: not null }).GroupBy(t => t.Piece!.Value)
            .Where(g => presses.ContainsKey(g.First().Press!)).ToDictionary(g => g.Key, g => presses[g.First().Press!]);
    }

    private static PressLane Lane(DayAsk ask, DayPress press)
    {
        var (celsius, hotFrom, closed) = (press.Celsius ?? Surroundings.RoomCelsius, 0, new List<(int, int)>());
        // A press that is heating goes on with it.
        if (ask.Begun.Where(t => t.Press == press.Id && t.Celsius is not null && !(t.Start < press.ColdAt)).MaxBy(t => t.Start) is { } last)
        {
            celsius = last.Celsius!.Value;
            if (last.Kind == DayTaskKind.Heat && last.End > ask.From)
                hotFrom = Seconds(ask, last.End);
        }

        if (press.BrokenSince is { } since)
            closed.Add((Math.Max(0, Seconds(ask, since)), Ever));
        int Heat(double from, double to) => Math.Abs(from - to) < 0.5 ? 0
            : (int)TurningTheDial.Seconds(press.Source, press.Source.SurfaceAt(from), press.Source.SurfaceAt(to));
        return new PressLane(press.Id, celsius, (from, to) => from <= Surroundings.RoomCelsius
            ? (int)TurningTheDial.Seconds(press.Source, from, press.Source.SurfaceAt(to)) : Heat(from, to), closed)
        { HotFrom = hotFrom };
    }

    /// <summary>How many hands there are, from moment to moment.</summary>
    private static List<HandsFrom> Hands(DayAsk ask)
    {
        var moments = ask.People.SelectMany(p => p.There).Concat(ask.Breaks).SelectMany(w => new[] { w.Start, w.End })
            .Where(t => t > ask.From).Append(ask.From).Distinct().Order();
        var steps = new List<HandsFrom>();
        foreach (var at in moments)
        {
            var there = ask.Breaks.Any(b => b.Start <= at && at < b.End) ? 0 : ask.People.Count(p => IsThere(p, at));
            if (steps.Count == 0 || steps[^1].Count != there)
                steps.Add(new HandsFrom(Seconds(ask, at), there));
        }

        return steps;
    }

    private static bool IsThere(Helper helper, DateTimeOffset at) =>
        helper.There.Count == 0 || helper.There.Any(w => w.Start <= at && at < w.End);
}
