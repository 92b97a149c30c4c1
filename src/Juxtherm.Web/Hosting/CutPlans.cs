using System.Collections.Concurrent;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Planning;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.Web.Hosting;

/// <summary>A layout in the making, or made.</summary>
internal sealed class CutPlanEntry(string id, Job job)
{
    private volatile bool _stop;

    public string Id { get; } = id;

    public Job Job { get; } = job;

    public CutProgress Progress { get; private set; } = new(0, 0);

    public Task<CutPlan> Plan { get; private set; } = null!;

    public void Begin(Func<Func<CutProgress, bool>, CutPlan> work) => Plan = Task.Run(() => work(Hear));

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
internal sealed class CutPlans(CutPlanner planner, PlanCache plans, StockStore stock)
{
    private const int MostRemembered = 24;
    private static readonly Provenance Own = new(ProvenanceKind.Owner, "your own test cut");
    private readonly ConcurrentDictionary<string, CutPlanEntry> _known = new(StringComparer.Ordinal);
    private readonly ConcurrentQueue<string> _order = new();

    /// <summary>Begins to lay out, or finds what was laid out before from the same job and shelf.</summary>
    /// <returns>Null when the job cannot be read.</returns>
    public async Task<CutPlanEntry?> BeginAsync(string json, UnitSystem units, Problems problems, CancellationToken cancel)
    {
        if (plans.Read(json, problems) is not { } job)
            return null;
        var onHand = (await stock.ListAsync(cancel)).Select(s => s.Vinyl).ToList();
        var matches = await stock.MatchesAsync(cancel);
        var presets = await PresetsAsync(job.Tools.Cutter!.Cutter.Id, cancel);
        var id = Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes($"{units}\n{json}\n{JsonSerializer.Serialize(onHand, CoreJson.Options)}\n{JsonSerializer.Serialize(presets, CoreJson.Options)}\n{JsonSerializer.Serialize(matches, CoreJson.Options)}")))[..24];
        var fresh = new CutPlanEntry(id, job);
        var entry = _known.GetOrAdd(id, fresh);
        lock (entry)
        {
            if (entry.Plan is null)
                entry.Begin(told => planner.Plan(job, onHand, presets, new Wording(units), told, matches));
        }

        if (entry == fresh)
        {
            _order.Enqueue(id);
            while (_order.Count > MostRemembered && _order.TryDequeue(out var old))
            {
                if (_known.TryRemove(old, out var gone))
                    gone.Stop();
            }
        }

        return entry;
    }

    /// <summary>A layout asked for before; null when it is forgotten.</summary>
    public CutPlanEntry? Find(string id) => _known.GetValueOrDefault(id);

    public async Task<IReadOnlyDictionary<string, CutPreset>> PresetsAsync(string cutter, CancellationToken cancel) =>
        (await stock.PresetsAsync(cutter, cancel)).ToDictionary(p => p.Key, p => new CutPreset(Enum.Parse<Blade>(p.Value.Blade, ignoreCase: true), p.Value.ForceGrams, p.Value.Passes, Own), StringComparer.Ordinal);
}
