using Juxtherm.Core.Logbook.Learning;
using Juxtherm.Core.Recipes;
using Juxtherm.Store;

namespace Juxtherm.Web.Hosting;

/// <summary>What the logbook has taught by now. Learned again when somebody asks for it after the logbook changed.</summary>
/// <param name="log">The logbook.</param>
/// <param name="catalogues">Names, and what dials may be off.</param>
internal sealed class WorkshopLearning(LogStore log, WorkshopCatalogue catalogues)
{
    private const int MostMeasured = 500;
    private readonly Lock _one = new();
    private readonly LearningMemory _memory = new();
    private volatile Learned? _learned;
    private WorkshopCorrection _settled = WorkshopCorrection.None;

    private sealed record Learned(WorkshopCorrection Correction, IReadOnlyList<Lesson> Lessons);

    /// <summary>What plans are corrected by.</summary>
    public WorkshopCorrection Correction => Now().Correction;

    /// <summary>What was learned, in words.</summary>
    public IReadOnlyList<Lesson> Lessons => Now().Lessons;

    /// <summary>The logbook, a measured plate or a switch has changed.</summary>
    public void Forget()
    {
        lock (_one)
            _learned = null;
    }

    private Learned Now()
    {
        if (_learned is { } known)
            return known;
        lock (_one)
            return _learned ??= LearnAsync(CancellationToken.None).GetAwaiter().GetResult();
    }

    private async Task<Learned> LearnAsync(CancellationToken cancel)
    {
        var catalogue = await catalogues.FindAsync(cancel);
        var sources = catalogue.HeatSources;
        var pieces = (await log.TeachingAsync(LearningFigures.MostLookedAt, cancel)).Where(e => sources.ContainsKey(e.HeatSource)).Select(e => Teaching.Of(Logged(e), sources[e.HeatSource])).OfType<Evidence>();
        var readings = (await log.ReadingsAsync(cancel)).Where(r => sources.ContainsKey(r.HeatSource)).Select(r => Teaching.Reading(sources[r.HeatSource], r.DialCelsius, r.ReadCelsius, LogRows.Of<PlateMeans>(r.Means)));
        var live = Teaching.Readings((await log.MeasuredAsync(MostMeasured, cancel)).Select(Logged), sources);
        var beliefs = WorkshopLearner.Learn([.. pieces], [.. readings, .. live], id => sources[id].DialErrorK.Value, _memory);
        string NameOf(string id) => sources.TryGetValue(id, out var s) ? s.Name : catalogue.Vinyls.TryGetValue(id, out var v) ? v.Name : catalogue.Materials.TryGetValue(id, out var m) ? m.Name : id;
        var lessons = new Lessons(NameOf, await log.OffAsync(cancel));
        _settled = Settled.Of(_settled, lessons.Correction(beliefs), sources);
        return new Learned(_settled, lessons.Of(beliefs));
    }

    private static Logged Logged(LogRow row) => new(LogRows.Entry(row), row.RunId);
}
