using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Logbook;
using Juxtherm.Store;

namespace Juxtherm.App.Logbook;

/// <summary>Answers entries with the names of today's catalogue and shelf; what neither has is shown by its id.</summary>
/// <param name="store">The logbook.</param>
/// <param name="shelf">Names of own entries, also of those taken off.</param>
/// <param name="catalogue">All other names.</param>
public sealed class LogNames(LogStore store, ShelfStore shelf, CatalogueSnapshot catalogue)
{
    public async Task<Func<string, string>> NamerAsync(CancellationToken cancel)
    {
        var own = await shelf.NamesAsync(cancel);
        return id => catalogue.Vinyls.TryGetValue(id, out var v) ? v.Name : catalogue.Materials.TryGetValue(id, out var m) ? m.Name
            : catalogue.HeatSources.TryGetValue(id, out var s)
            ? s.Name : catalogue.Forms.TryGetValue(id, out var f) ? f.Name : own.GetValueOrDefault(id, id);
    }

    /// <summary>An entry in words; null for one that is not there.</summary>
    internal async Task<Result<LogAnswer>> AnswerAsync(LogRow? row, CancellationToken cancel) =>
        row is null ? new Missing("entry") : (await AnswersAsync([row], cancel))[0];

    public async Task<IReadOnlyList<LogAnswer>> AnswersAsync(IReadOnlyList<LogRow> rows, CancellationToken cancel)
    {
        var name = await NamerAsync(cancel);
        var photos = await store.PhotosAsync([.. rows.Select(r => r.Id)], cancel);
        string Small(string id) =>
            catalogue.Vinyls.ContainsKey(id) || catalogue.Materials.ContainsKey(id) ? name(id).ToLowerInvariant() : name(id);
        return [.. rows.Select(r => new LogAnswer(
            r.Id, r.RunId, r.AtUtc, r.Title, r.Piece, r.Pieces,
            $"{name(r.Form)}, {Small(r.Material)} · {string.Join(", ", r.Said(LogWordRow.Vinyl).Select(Small))} vinyl", name(r.HeatSource),
            LogRows.Vinyls(r), r.Material, r.Form, r.HeatSource, r.Celsius, r.PlannedSeconds, r.PressedSeconds,
            r.Pressure, r.PredictedBond, r.Said(LogWordRow.Outcome), r.Note, r.Name, r.PressedAgainSeconds, r.BackSeconds,
            LogRows.Entry(r).Set, r.EndedWell, r.PlateCelsius, r.Said(LogWordRow.Lot), r.Said(LogWordRow.By), r.Example, r.Struck,
            LogRows.Entry(r).Showed is not null,
            [.. r.Washes.Select(w => new WashAnswer(w.Id, w.AtUtc, w.Washes, LogRows.Of<WashLook>(w.Look), w.Note))], [.. photos[r.Id]]))];
    }
}
