using Juxtherm.Core.Logbook;
using Juxtherm.Core.Logbook.Learning;
using Juxtherm.Store;

namespace Juxtherm.Web.Hosting;

/// <summary>Takes entries of another logbook in.</summary>
/// <param name="store">Keeps them.</param>
/// <param name="catalogues">What is on the shelf.</param>
/// <param name="reckoner">Reckons what they tell of their heat.</param>
/// <param name="learning">Learns from them.</param>
internal sealed class LogReader(LogStore store, WorkshopCatalogue catalogues, HeatReckoner reckoner, WorkshopLearning learning)
{
    /// <summary>Takes them in.</summary>
    /// <returns>How many were new.</returns>
    public async Task<int> TakeInAsync(IReadOnlyList<LogEntry> read, CancellationToken cancel)
    {
        var added = await store.AddAsync([.. (await ReckonAsync(read, cancel)).Select(e => LogRows.Row(e, null))], cancel);
        learning.Forget();
        return added;
    }

    /// <summary>The heat of what was read in; pieces of one setting are reckoned once.</summary>
    private async Task<IReadOnlyList<LogEntry>> ReckonAsync(IReadOnlyList<LogEntry> read, CancellationToken cancel)
    {
        var own = await catalogues.OwnAsync(cancel);
        var known = read.DistinctBy(Alike).ToDictionary(Alike, e => reckoner.Of(e, own));
        return [.. read.Select(e => e with { Heat = known[Alike(e)] })];
    }

    private static object Alike(LogEntry e) => (e.Vinyl, e.Material, e.Form, e.HeatSource, e.Cover, e.Underlay, e.Pressure, (Math.Round(e.Celsius, 1), Math.Round(e.PressedSeconds, 1), Math.Round(e.PressureKPa, 2)));
}
