using System.Globalization;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Logbook.Learning;
using Juxtherm.Core.Planning;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.Web.Hosting;

/// <summary>Takes entries of another logbook in.</summary>
/// <param name="store">Keeps them.</param>
/// <param name="shipped">The catalogue; a job brings own entries along.</param>
/// <param name="catalogues">Knows vinyls, blanks and presses, own ones among them.</param>
/// <param name="reckoner">Reckons what they tell of their heat.</param>
/// <param name="learning">Learns from them.</param>
internal sealed class LogReader(LogStore store, CatalogueSnapshot shipped, WorkshopCatalogue catalogues, HeatReckoner reckoner, WorkshopLearning learning)
{
    /// <summary>Takes them in.</summary>
    /// <returns>How many were new.</returns>
    public async Task<int> TakeInAsync(IReadOnlyList<LogEntry> read, CancellationToken cancel)
    {
        var added = await store.AddAsync([.. (await ReckonAsync(read, cancel)).Select(e => LogRows.Row(e, null))], cancel);
        learning.Forget();
        return added;
    }

    /// <summary>The heat of what was read in, reckoned here; pieces of one setting are reckoned once.</summary>
    private async Task<IReadOnlyList<LogEntry>> ReckonAsync(IReadOnlyList<LogEntry> read, CancellationToken cancel)
    {
        var catalogue = await catalogues.FindAsync(cancel);
        var own = await catalogues.OwnAsync(cancel);
        var known = new Dictionary<string, HeatHad?>(StringComparer.Ordinal);
        HeatHad? Heat(LogEntry entry)
        {
            var source = catalogue.HeatSources.GetValueOrDefault(entry.HeatSource);
            if (entry.Vinyl.Contains(',', StringComparison.Ordinal) || source is null)
                return null;
            var pressure = entry.PressureKPa > 0 ? entry.PressureKPa : source.PressureKPa[entry.Pressure].Value;
            var key = string.Create(CultureInfo.InvariantCulture, $"{entry.Vinyl}|{entry.Material}|{entry.Form}|{entry.HeatSource}|{entry.Cover}|{entry.Underlay}|{entry.Celsius:0.#}|{entry.PressedSeconds:0.#}|{pressure:0.##}");
            if (known.TryGetValue(key, out var before))
                return before;
            // What the catalogue does not know any more teaches nothing; it is kept all the same.
            var job = JobReader.Read(JobFromLog.Plain(entry with { Pieces = 1 }, own).ToJsonString(), shipped, new Problems());
            return known[key] = job is null || entry.PressedSeconds < 1 ? null : reckoner.Of(job, entry.Celsius, entry.PressedSeconds, pressure);
        }

        return [.. read.Select(e => e with { Heat = Heat(e) })];
    }
}
