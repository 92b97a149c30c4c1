using System.Text.Json;
using Juxtherm.App.Logbook;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Settings;
using Juxtherm.Store;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Logging;

namespace Juxtherm.App.Learning;

/// <summary>
/// What the logbook has taught by now. It is learned again beside everything else whenever the logbook changed; until that is done
/// the old holds, and nobody waits for the new but who asks what was learned.
/// </summary>
/// <param name="store">The logbook.</param>
/// <param name="catalogues">Names, and what dials may be off.</param>
/// <param name="reckoner">Reckons the heat of pieces anew that another model reckoned.</param>
/// <param name="gate">Nothing is written while the data is exchanged.</param>
/// <param name="language">The language of the texts.</param>
/// <param name="log">For what goes wrong.</param>
public sealed class WorkshopLearning(LogStore store, WorkshopCatalogue catalogues, HeatReckoner reckoner, WorkshopGate gate,
    ILanguage language, ILogger<WorkshopLearning> log) : IHostedService
{
    private const int MostMeasured = 500;
    private readonly Lock _one = new();
    private readonly LearningMemory _memory = new();
    private volatile Learned _learned = new(WorkshopCorrection.None, []);
    private bool _stale;
    private Task? _busy;

    private sealed record Learned(WorkshopCorrection Correction, IReadOnlyList<Lesson> Lessons);

    /// <summary>What plans are corrected by.</summary>
    public WorkshopCorrection Correction => _learned.Correction;

    /// <summary>What was learned, in words, as far as that is known.</summary>
    public IReadOnlyList<Lesson> Lessons => _learned.Lessons;

    /// <summary>What was learned, in words, with the last change of the logbook in it.</summary>
    public async Task<IReadOnlyList<Lesson>> LessonsAsync(CancellationToken cancel)
    {
        Task? busy;
        lock (_one)
            busy = _busy;
        if (busy is not null)
            await busy.WaitAsync(cancel);
        return _learned.Lessons;
    }

    /// <summary>The logbook, a measured plate or a switch has changed.</summary>
    public void Forget()
    {
        lock (_one)
        {
            _stale = true;
            _busy ??= Background.Run(LearnAsync);
        }
    }

    /// <summary>Begins with what was learned when it was last kept: at a start, and when the data underneath was exchanged.</summary>
    public async Task StartAsync(CancellationToken cancellationToken)
    {
        if (await store.LearnedAsync(cancellationToken) is { } kept)
            _learned = new Learned(Read(kept), []);
        Forget();
    }

    /// <summary>Waits for what is under way, so that nobody writes any more.</summary>
    public Task StopAsync(CancellationToken cancellationToken)
    {
        lock (_one)
            return _busy?.WaitAsync(cancellationToken) ?? Task.CompletedTask;
    }

    private static WorkshopCorrection Read(string kept)
    {
        try
        {
            return kept.Length == 0
                ? WorkshopCorrection.None
                : JsonSerializer.Deserialize<WorkshopCorrection>(kept, CoreJson.Options) ?? WorkshopCorrection.None;
        }
        catch (JsonException)
        {
            // It is learned again at once.
            return WorkshopCorrection.None;
        }
    }

    private async Task LearnAsync()
    {
        while (true)
        {
            lock (_one)
            {
                if (!_stale)
                {
                    _busy = null;
                    return;
                }

                _stale = false;
            }

            using var inside = await gate.EnterAsync(CancellationToken.None);
            try
            {
                var learned = await LearnedAsync(CancellationToken.None);
                var (was, now) = (Text(_learned.Correction), Text(learned.Correction));
                // The same is the same object, so that plans made with it are found again.
                _learned = was == now ? learned with { Correction = _learned.Correction } : learned;
                if (was != now)
                    await store.KeepLearnedAsync(now, CancellationToken.None);
            }
            catch (Exception e) when (e is not OutOfMemoryException)
            {
                log.LogError(e, "What the logbook teaches could not be learned; what was learned before holds.");
            }
        }
    }

    private async Task<Learned> LearnedAsync(CancellationToken cancel)
    {
        var catalogue = await catalogues.FindAsync(cancel);
        var sources = catalogue.HeatSources;
        var teaching = await store.TeachingAsync(LearningFigures.MostLookedAt, cancel);
        await RenewAsync(teaching, cancel);
        var since = new SinceRepair(await store.RepairsAsync(cancel));
        var pieces = teaching.Where(e => sources.ContainsKey(e.HeatSource))
            .Select(e => Teaching.Of(Logged(e), sources[e.HeatSource]) is { } said
                ? e.Elsewhere
                    ? said with { HeatSource = SinceRepair.PlateElsewhere(e.HeatSource), Weight = LearningFigures.ElsewhereWeight }
                    : said with { HeatSource = since.Plate(e.HeatSource, e.AtUtc) } : null).OfType<Evidence>();
        var readings = (await store.ReadingsAsync(cancel)).Where(r => sources.ContainsKey(r.HeatSource))
            .Select(r => Teaching.Reading(sources[r.HeatSource], r.DialCelsius, r.ReadCelsius, LogRows.Of<PlateMeans>(r.Means))
                with
            { HeatSource = since.Plate(r.HeatSource, r.AtUtc) });
        var measured = (await store.MeasuredAsync(MostMeasured, cancel)).ToLookup(m => since.Plate(m.HeatSource, m.AtUtc) == m.HeatSource);
        var live = Teaching.Readings(measured[true].Select(Logged), sources);
        var beliefs = SinceRepair.Now(WorkshopLearner.Learn([.. pieces], [.. readings, .. live],
            id => sources[SinceRepair.Press(id)].Dial.ErrorK.Value, _memory));
        string NameOf(string id) =>
            sources.TryGetValue(id, out var s)
            ? s.Name : catalogue.Vinyls.TryGetValue(id, out var v) ? v.Name : catalogue.Materials.TryGetValue(id, out var m) ? m.Name : id;
        var lessons = new Lessons(NameOf, await store.OffAsync(cancel), language.WordsFor(UnitSystem.Metric));
        var settled = Settled.Of(_learned.Correction, lessons.Correction(beliefs), sources);
        return new Learned(settled with { Patches = [.. (await store.PatchesAsync(cancel)).Select(Kept)] }, lessons.Of(beliefs));
    }

    private static KeptPatch Kept(PatchRow row) => new(row.HeatSource, row.Vinyl, row.Material, row.Celsius, row.Seconds,
        row.Pressure is { } level ? LogRows.Of<PressureLevel>(level) : null, row.Outcome, row.AtUtc, row.Struck);

    /// <summary>Heat that was reckoned by another model, or from other figures, says nothing beside what is reckoned now.</summary>
    private async Task RenewAsync(IReadOnlyList<LogRow> teaching, CancellationToken cancel)
    {
        var old = teaching.Where(r => r.HeatBy != reckoner.By).ToList();
        if (old.Count == 0)
            return;
        var own = await catalogues.OwnAsync(cancel);
        foreach (var row in old)
        {
            // What is not known any more keeps what it had.
            LogRows.SetHeat(row, reckoner.Of(LogRows.Entry(row), own) ?? LogRows.Entry(row).Heat, reckoner.By);
        }

        await store.KeepHeatAsync(old, cancel);
    }

    private static Logged Logged(LogRow row) => new(LogRows.Entry(row), row.RunId);

    /// <summary>A correction as it is kept; empty for nothing learned.</summary>
    public static string Text(WorkshopCorrection correction) =>
        correction.IsNone ? "" : JsonSerializer.Serialize(correction, CoreJson.Options);
}
