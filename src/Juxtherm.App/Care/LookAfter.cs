using Juxtherm.App.Bench;
using Juxtherm.App.Learning;
using Juxtherm.App.Logbook;
using Juxtherm.Core.Catalogue;
using Juxtherm.Store;

namespace Juxtherm.App.Care;

/// <summary>Pieces of a run whose glue is setting, or has just set.</summary>
/// <param name="RunId">The run.</param>
/// <param name="JobId">The job that it began from.</param>
/// <param name="Title">What was made.</param>
/// <param name="What">Item, material and vinyl in words.</param>
/// <param name="Pieces">Its pieces that came out well.</param>
/// <param name="Kind">How they are looked after.</param>
public sealed record CuringRun(Guid RunId, Guid JobId, string Title, string What, IReadOnlyList<CuringPiece> Pieces, CareKind Kind);

/// <summary>A piece whose glue is setting.</summary>
/// <param name="Piece">Which piece.</param>
/// <param name="Name">Whose it is; empty where pieces are all alike.</param>
/// <param name="PressedUtc">When it was pressed.</param>
/// <param name="WashFromUtc">From when it may be washed.</param>
public sealed record CuringPiece(int Piece, string Name, DateTimeOffset PressedUtc, DateTimeOffset WashFromUtc);

/// <summary>Looks after what was made: what is setting, what may be washed and from when.</summary>
/// <param name="log">What came out.</param>
/// <param name="runs">Runs.</param>
/// <param name="bench">Runs as they were planned.</param>
/// <param name="names">Names of vinyls and blanks.</param>
/// <param name="catalogues">Materials.</param>
/// <param name="clock">The time.</param>
public sealed class LookAfter(
    LogStore log, RunStore runs, BenchService bench, LogNames names, WorkshopCatalogue catalogues, TimeProvider clock)
{
    // What has set is still shown for so long, h.
    private const double StillShownHours = 24;
    private const int MostAtOnce = 500;

    /// <summary>Pieces whose glue is setting, or has just set.</summary>
    /// <param name="cancel">Stops it.</param>
    public async Task<IReadOnlyList<CuringRun>> CuringAsync(CancellationToken cancel)
    {
        var catalogue = await catalogues.FindAsync(cancel);
        var hours = catalogue.Work.CureHours.Value;
        var (rows, _) = await log.SearchAsync(new LogSearch { From = clock.GetUtcNow().AddHours(-hours - StillShownHours) }, 0, MostAtOnce,
            cancel);
        var good = rows.Where(r => r.RunId is not null && LogRows.Entry(r).CameOutWell && KindOf(r, catalogue) != CareKind.Wipe).ToList();
        var words = (await names.AnswersAsync(good, cancel)).ToDictionary(a => a.Id);
        var jobs = await runs.JobsOfAsync([.. good.Select(r => r.RunId!.Value).Distinct()], cancel);
        return [.. good.GroupBy(r => r.RunId!.Value).Select(g => new CuringRun(
            g.Key, jobs[g.Key], g.First().Title, words[g.First().Id].What,
            [.. g.OrderBy(r => r.Piece).Select(r => new CuringPiece(r.Piece, r.Name, r.AtUtc, r.AtUtc.AddHours(hours)))],
            KindOf(g.First(), catalogue)))];
    }

    /// <summary>A run with what came out well of it.</summary>
    /// <param name="run">Its id.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<MadeInRun?> MadeAsync(Guid run, CancellationToken cancel)
    {
        if (await bench.FindAsync(run, cancel) is not { } found)
            return null;
        var good = (await log.AllAsync(new LogSearch { Run = run }, cancel)).Where(r => LogRows.Entry(r).CameOutWell).ToList();
        return new MadeInRun(found.Row.Title, found.Frozen.Stations[0].Bare,
            [.. good.OrderBy(r => r.Piece).Select(r => new MadePiece(r.Name, r.AtUtc))]);
    }

    private static CareKind KindOf(LogRow row, CatalogueSnapshot catalogue) =>
        catalogue.Materials.TryGetValue(row.Material, out var material) ? material.Care : CareKind.Wash;
}
