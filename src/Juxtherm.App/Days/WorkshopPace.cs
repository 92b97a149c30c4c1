using System.Text.Json;
using Juxtherm.App.Bench;
using Juxtherm.Core.Days.Work;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Commands;
using Juxtherm.Store;

namespace Juxtherm.App.Days;

/// <summary>How fast this workshop's hands are, from its own runs.</summary>
/// <param name="runs">Runs.</param>
/// <param name="bench">Reads them.</param>
public sealed class WorkshopPace(RunStore runs, BenchService bench)
{
    private const int MostRuns = 20;
    private volatile Known? _known;

    private sealed record Known(string Of, HandPace Pace);

    /// <summary>As it is known by now.</summary>
    public async Task<HandPace> FindAsync(CancellationToken cancel)
    {
        var latest = await runs.LatestAsync(MostRuns, cancel);
        var of = string.Join(' ', latest.Select(r => $"{r.Id} {r.Sequence}"));
        if (_known is { } known && known.Of == of)
            return known.Pace;
        var seen = new List<HandTime>();
        foreach (var (id, _) in latest)
            if (await bench.FindAsync(id, cancel) is { } run)
                seen.AddRange(await TimesAsync(id, run.Frozen.Script, cancel));
        var pace = HandTime.Pace(seen);
        _known = new Known(of, pace);
        return pace;
    }

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
