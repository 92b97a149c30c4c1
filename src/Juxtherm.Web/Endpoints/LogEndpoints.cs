using Juxtherm.Core.Catalogue;
using Juxtherm.Store;

namespace Juxtherm.Web.Endpoints;

/// <summary>A piece in the logbook.</summary>
/// <param name="Id">Its id.</param>
/// <param name="AtUtc">When it was looked at.</param>
/// <param name="Title">The job's title.</param>
/// <param name="Piece">Which piece.</param>
/// <param name="Pieces">Of how many.</param>
/// <param name="What">Item, material and vinyl in words.</param>
/// <param name="HeatSource">The press in words.</param>
/// <param name="Celsius">Plate set to, °C.</param>
/// <param name="PlannedSeconds">Press time planned, s.</param>
/// <param name="PressedSeconds">Press time done, s.</param>
/// <param name="Pressure">Pressure level.</param>
/// <param name="PredictedBond">Bond that the model expected, share.</param>
/// <param name="Outcomes">What was seen.</param>
/// <param name="Note">A remark.</param>
/// <param name="Name">Whose it is; empty where pieces are all alike.</param>
/// <param name="PressedAgainSeconds">Pressed again after the first look, s; 0 for not at all.</param>
/// <param name="EndedWell">It came right in the end; null where nobody asked.</param>
/// <param name="PlateCelsius">The plate as it closed, °C; null where nobody measured.</param>
public sealed record LogAnswer(
    long Id, DateTimeOffset AtUtc, string Title, int Piece, int Pieces, string What, string HeatSource, double Celsius, double PlannedSeconds, double PressedSeconds, string Pressure,
    double PredictedBond, IReadOnlyList<string> Outcomes, string Note, string Name, double PressedAgainSeconds, bool? EndedWell, double? PlateCelsius);

/// <summary>A page of the logbook.</summary>
/// <param name="Total">How many entries there are.</param>
/// <param name="Entries">Newest first.</param>
public sealed record LogPage(int Total, IReadOnlyList<LogAnswer> Entries);

/// <summary>The logbook.</summary>
internal static class LogEndpoints
{
    private const int MostAtOnce = 200;

    public static void MapLog(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/log", async (int? skip, int? take, LogStore store, ShelfStore shelf, CatalogueSnapshot catalogue, CancellationToken cancel) =>
        {
            var (entries, total) = await store.ListAsync(Math.Max(0, skip ?? 0), Math.Clamp(take ?? 50, 1, MostAtOnce), cancel);
            var own = await shelf.NamesAsync(cancel);
            return Results.Ok(new LogPage(total, [.. entries.Select(e => Answer(e, catalogue, own))]));
        }).WithTags("Logbook").Produces<LogPage>();

    /// <summary>Names come from today's catalogue and shelf; what neither has is shown by its id.</summary>
    private static LogAnswer Answer(LogRow row, CatalogueSnapshot catalogue, IReadOnlyDictionary<string, string> own)
    {
        string Own(string id) => own.GetValueOrDefault(id, id);
        var form = catalogue.Forms.TryGetValue(row.Form, out var f) ? f.Name : row.Form;
        var material = catalogue.Materials.TryGetValue(row.Material, out var m) ? m.Name.ToLowerInvariant() : Own(row.Material);
        var vinyl = string.Join(", ", row.Vinyl.Split(',').Select(id => catalogue.Vinyls.TryGetValue(id, out var v) ? v.Name.ToLowerInvariant() : Own(id)));
        var source = catalogue.HeatSources.TryGetValue(row.HeatSource, out var s) ? s.Name : Own(row.HeatSource);
        return new LogAnswer(
            row.Id, row.AtUtc, row.Title, row.Piece, row.Pieces, $"{form}, {material} · {vinyl} vinyl", source, row.Celsius, row.PlannedSeconds, row.PressedSeconds, row.Pressure, row.PredictedBond,
            row.Outcomes.Split(',', StringSplitOptions.RemoveEmptyEntries), row.Note, row.Name, row.PressedAgainSeconds, row.EndedWell, row.PlateCelsius);
    }
}
