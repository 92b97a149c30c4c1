using System.Collections.Concurrent;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Juxtherm.App.Planning;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Cutting;

/// <summary>More layouts wait than anybody would wait for.</summary>
public sealed class CutPlansFullException() : SaidException(new Phrase("busy.layouts"));

/// <summary>A layout in the making, or made.</summary>
public sealed class CutPlanEntry(string id, Job job)
{
    private volatile bool _stop;
    private volatile bool _begun;

    /// <summary>Its turn has come.</summary>
    public bool HasBegun => _begun;

    public string Id { get; } = id;

    public Job Job { get; } = job;

    public CutProgress Progress { get; private set; } = new(0, 0);

    public Task<CutPlan> Plan { get; private set; } = null!;

    public void Begin(SemaphoreSlim turn, Func<Func<CutProgress, bool>, CutPlan> work) => Plan = Background.Run(async () =>
    {
        await turn.WaitAsync();
        try
        {
            _begun = true;
            return work(Hear);
        }
        finally
        {
            turn.Release();
        }
    }).Unwrap();

    public void Stop() => _stop = true;

    private bool Hear(CutProgress progress)
    {
        Progress = progress;
        return !_stop;
    }
}

/// <summary>Lays jobs out beside the request that asked for it, so that progress can be seen and the work be stopped.</summary>
/// <param name="planner">Lays out.</param>
/// <param name="plans">Reads jobs.</param>
/// <param name="stock">What is on hand.</param>
/// <param name="language">The language of the texts.</param>
public sealed class CutPlans(CutPlanner planner, PlanCache plans, StockStore stock, ILanguage language) : IDisposable
{
    private const int MostRemembered = 24;
    private const int MostWaiting = 100;
    private static readonly Provenance Own = new(ProvenanceKind.Owner, "your own test cut");
    private readonly ConcurrentDictionary<string, CutPlanEntry> _known = new(StringComparer.Ordinal);
    private readonly Lock _one = new();
    private readonly List<CutPlanEntry> _order = [];

    // One core is left for those who only look.
    private readonly SemaphoreSlim _turn = new(Math.Max(1, Environment.ProcessorCount - 1));

    /// <summary>Begins to lay out, or finds what was laid out before from the same job and shelf.</summary>
    /// <returns>Null when the job cannot be read.</returns>
    /// <exception cref="CutPlansFullException">Too many wait already.</exception>
    public async Task<CutPlanEntry?> BeginAsync(string json, UnitSystem units, Problems problems, CancellationToken cancel)
    {
        if (plans.Read(json, problems) is not { } job)
            return null;
        var onHand = (await stock.ListAsync(cancel)).Select(s => s.Vinyl).ToList();
        var matches = await stock.MatchesAsync(cancel);
        var presets = await PresetsAsync(job.Tools.Cutter!.Cutter.Id, cancel);
        var id = Convert.ToHexStringLower(
            SHA256.HashData(
                Encoding.UTF8.GetBytes(
                    $"{units}\n{json}\n{JsonSerializer.Serialize(onHand, CoreJson.Options)}\n" +
                    $"{JsonSerializer.Serialize(presets, CoreJson.Options)}\n" +
                    $"{JsonSerializer.Serialize(matches, CoreJson.Options)}")))[..24];
        lock (_one)
        {
            if (_known.TryGetValue(id, out var known))
                return known;
            if (_order.Count(e => !e.Plan.IsCompleted) >= MostWaiting)
                throw new CutPlansFullException();
            var entry = new CutPlanEntry(id, job);
            entry.Begin(_turn, told => planner.Plan(job, onHand, presets, language.WordsFor(units), told, matches));
            _known[id] = entry;
            _order.Add(entry);
            // Only what is done is forgotten: nobody waits for it any more.
            while (_order.Count > MostRemembered && _order.Find(e => e.Plan.IsCompleted) is { } old)
            {
                _order.Remove(old);
                _known.TryRemove(old.Id, out _);
            }

            return entry;
        }
    }

    public void Dispose() => _turn.Dispose();

    /// <summary>How many others come before a layout; 0 when its turn has come.</summary>
    public int Before(CutPlanEntry entry)
    {
        lock (_one)
            return entry.HasBegun ? 0 : 1 + _order.TakeWhile(e => e != entry).Count(e => !e.HasBegun);
    }

    /// <summary>A layout asked for before; null when it is forgotten.</summary>
    public CutPlanEntry? Find(string id) => _known.GetValueOrDefault(id);

    public async Task<IReadOnlyDictionary<string, CutPreset>> PresetsAsync(string cutter, CancellationToken cancel) =>
        (await stock.PresetsAsync(cutter, cancel))
        .ToDictionary(p => p.Key,
            p => new CutPreset(Enum.Parse<Blade>(p.Value.Blade, ignoreCase: true), p.Value.ForceGrams, p.Value.Passes, Own),
            StringComparer.Ordinal);
}
