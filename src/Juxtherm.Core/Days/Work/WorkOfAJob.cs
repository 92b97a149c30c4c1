using System.Globalization;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;

namespace Juxtherm.Core.Days.Work;

/// <summary>What a mat asks for.</summary>
/// <param name="Id">Its id within the job.</param>
/// <param name="LoadSeconds">To load and unload it, s.</param>
/// <param name="CutSeconds">Stretch the cutter cuts, s.</param>
/// <param name="Pieces">The pieces whose vinyl is on it, from 1.</param>
public sealed record MatWork(string Id, double LoadSeconds, double CutSeconds, IReadOnlySet<int> Pieces);

/// <summary>A job as it is planned for a press of the day.</summary>
/// <param name="Press">Which press, from 0.</param>
/// <param name="Source">What kind of press it is.</param>
/// <param name="Plan">The plan.</param>
public sealed record PlanAtPress(int Press, HeatSource Source, Plan Plan);

/// <summary>What a job asks for.</summary>
/// <param name="Title">What the crafter calls it.</param>
/// <param name="Pieces">How many pieces are pressed.</param>
/// <param name="Due">When it is handed over, UTC; null where that is not said.</param>
/// <param name="At">Its plans, for each press that may take it; those alike share theirs.</param>
/// <param name="Mats">What is cut; none where all is.</param>
/// <param name="WeedSeconds">By piece: how long its vinyl takes to weed, s; 0 where it is weeded.</param>
public sealed record WorkOfAJob(
    string Title, int Pieces, DateTimeOffset? Due, IReadOnlyList<PlanAtPress> At, IReadOnlyList<MatWork> Mats,
    IReadOnlyList<double> WeedSeconds)
{
    /// <summary>It is washed some day.</summary>
    public bool Washed { get; init; }

    /// <summary>What a job asks for, from its plans and its cut.</summary>
    /// <param name="job">The job.</param>
    /// <param name="at">Its plans, for each press that may take it.</param>
    /// <param name="cut">How its vinyl is cut; null where that is not known.</param>
    /// <param name="figures">Figures of the work.</param>
    /// <param name="due">When it is handed over, UTC; null where that is not said.</param>
    public static WorkOfAJob Of(Job job, IReadOnlyList<PlanAtPress> at, CutLayout? cut, WorkFigures figures, DateTimeOffset? due)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(figures);
        var pieces = BenchScript.Wanted(job).Pieces.Count;
        var sheets = cut?.Lists.SelectMany(l => l.Sheets.Select(s => (List: l, Sheet: s))).ToList() ?? [];
        List<MatWork> mats = [.. sheets.Select(s => new MatWork(MatOf(s.List.Id, s.Sheet.Number),
            figures.Cutting.LoadMatSeconds.Value, s.Sheet.CutSeconds, PiecesOn(s.Sheet, pieces)))];
        var all = Enumerable.Range(1, pieces).ToHashSet();
        // Artwork that is not known yet is cut and weeded all the same.
        if (mats.Count == 0)
            mats.Add(new MatWork("mat-1", figures.Cutting.LoadMatSeconds.Value, figures.Handling.UnknownCutSeconds.Value * pieces, all));
        var weed = new double[pieces];
        foreach (var (_, sheet) in sheets)
        {
            var units = sheet.Units.Where(u => u.Kind == CutUnitKind.Artwork && u.Garment >= 1 && u.Garment <= pieces).ToList();
            foreach (var unit in units)
                weed[unit.Garment - 1] += sheet.WeedSeconds / units.Count;
        }

        return new WorkOfAJob(job.Title, pieces, due, at, mats,
            [.. weed.Select(w => w > 0 ? w : figures.Weeding.Seconds.Value * job.Layers.Count)])
        {
            Washed = job.Blank.Material.Care != CareKind.Wipe,
        };
    }

    /// <summary>The same with some pieces made once more, each from the first piece's vinyl.</summary>
    /// <param name="pieces">How many.</param>
    /// <param name="figures">Figures of the work.</param>
    public WorkOfAJob WithAgain(int pieces, WorkFigures figures)
    {
        ArgumentNullException.ThrowIfNull(figures);
        if (pieces <= 0 || Pieces == 0)
            return this;
        var one = figures.Handling.UnknownCutSeconds.Value;
        var mat = new MatWork($"again-{pieces.ToString(CultureInfo.InvariantCulture)}", figures.Cutting.LoadMatSeconds.Value, one * pieces,
            Enumerable.Range(Pieces + 1, pieces).ToHashSet());
        return this with
        {
            Pieces = Pieces + pieces,
            Mats = [.. Mats, mat],
            WeedSeconds = [.. WeedSeconds, .. Enumerable.Repeat(Math.Max(figures.Weeding.Seconds.Value, WeedSeconds[0]), pieces)],
        };
    }

    /// <summary>The same without mats that are cut already.</summary>
    /// <param name="done">Sheets, as list and number.</param>
    public WorkOfAJob Without(IReadOnlySet<(string List, int Sheet)> done)
    {
        ArgumentNullException.ThrowIfNull(done);
        var cut = done.Select(d => MatOf(d.List, d.Sheet)).ToHashSet(StringComparer.Ordinal);
        return this with { Mats = [.. Mats.Where(m => !cut.Contains(m.Id))] };
    }

    private static string MatOf(string list, int sheet) => string.Create(CultureInfo.InvariantCulture, $"mat-{list}-{sheet}");

    /// <summary>What all of it takes at its first press.</summary>
    /// <param name="figures">How long hands take.</param>
    /// <param name="pace">How long these hands take.</param>
    /// <returns>Hands, and the press from its first piece to its last, s.</returns>
    public (double HandSeconds, double PressSeconds) Takes(HandlingFigures figures, HandPace pace)
    {
        var job = new JobBlocks(0, this with { At = [At[0]] }, figures, pace);
        var batches = job.Make(new Dictionary<int, int>());
        var blocks = job.Blocks.Concat(batches.SelectMany(b => b.Modes[0].Blocks)).ToList();
        return (blocks.Sum(b => b.HandSeconds), blocks.Sum(b => b.PressSeconds));
    }

    private static HashSet<int> PiecesOn(CutSheet sheet, int pieces)
    {
        var on = sheet.Units.Where(u => u.Garment >= 1 && u.Garment <= pieces).Select(u => u.Garment).ToHashSet();
        return on.Count > 0 ? on : Enumerable.Range(1, pieces).ToHashSet();
    }
}
