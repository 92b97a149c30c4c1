using System.Text.Json;
using Juxtherm.App.Bench;
using Juxtherm.Core.Days.Changes;
using Juxtherm.Core.Days.Work;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Commands;
using Juxtherm.Store;

namespace Juxtherm.App.Days;

/// <summary>How fast this workshop's hands are, from its own runs and days.</summary>
/// <param name="runs">Runs.</param>
/// <param name="bench">Reads them.</param>
/// <param name="kept">Keeps what days told of work away from the press.</param>
public sealed class WorkshopPace(RunStore runs, BenchService bench, KeptStore kept)
{
    private const int MostRuns = 20;
    private const int MostAtTable = 120;
    private volatile Known? _known;

    private sealed record Known(string Of, HandPace Pace);

    /// <summary>As it is known by now.</summary>
    public async Task<HandPace> FindAsync(CancellationToken cancel)
    {
        var latest = await runs.LatestAsync(MostRuns, cancel);
        var (atTable, version) = await AtTableAsync(cancel);
        var of = string.Join(' ', latest.Select(r => $"{r.Id} {r.Sequence}")) + $" {version}";
        if (_known is { } known && known.Of == of)
            return known.Pace;
        List<HandTime> seen = [.. atTable.Select(t => t.Time)];
        foreach (var (id, _) in latest)
            if (await bench.FindAsync(id, cancel) is { } run)
                seen.AddRange(await TimesAsync(id, run.Frozen.Script, cancel));
        var pace = HandTime.Pace(seen);
        _known = new Known(of, pace);
        return pace;
    }

    /// <summary>Keeps what a day told, and strikes what it told of work that is not done after all.</summary>
    /// <param name="told">What it told.</param>
    /// <param name="struck">Which times told nothing.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task KeepAsync(IReadOnlyList<TimeAtTable> told, Predicate<TimeAtTable> struck, CancellationToken cancel)
    {
        var (before, version) = await AtTableAsync(cancel);
        List<TimeAtTable> after = [.. before.Where(t => !struck(t)), .. told];
        if (told.Count > 0 || after.Count < before.Count)
            await kept.SaveAsync(KeptRow.Hands, JsonSerializer.Serialize(after.TakeLast(MostAtTable), CoreJson.Options), version, cancel);
    }

    private async Task<(IReadOnlyList<TimeAtTable> Times, int Version)> AtTableAsync(CancellationToken cancel) =>
        await kept.FindAsync(KeptRow.Hands, cancel) is { } row
            ? (JsonSerializer.Deserialize<List<TimeAtTable>>(row.Json, CoreJson.Options)!, row.Version) : ([], 0);

    /// <summary>How long hands took in a run, beside what is typical.</summary>
    public async Task<IReadOnlyList<HandTime>> TimesAsync(Guid id, BenchScript script, CancellationToken cancel)
    {
        var seen = new List<HandTime>();
        var state = BenchRules.Begin(script);
        foreach (var said in await runs.EventsAsync(id, 0, cancel))
        {
            if (JsonSerializer.Deserialize<BenchEvent>(said.EventJson, CoreJson.Options) is { Action: BenchAction.Done } done
                && HandTime.Of(script, state, done) is { } time)
                seen.Add(time);
            state = RunHistory.After(script, state, said);
        }

        return seen;
    }
}
