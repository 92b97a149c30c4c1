using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;

namespace Juxtherm.Core.Cutting.Sheets;

/// <summary>How much of one vinyl in one colour a run takes, laid in rows as a patient hand would.</summary>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Colour">As <c>#rrggbb</c>; null when not said.</param>
/// <param name="Pieces">How many pieces are cut.</param>
/// <param name="LengthMm">Length of it, as wide as the cutter cuts, mm.</param>
/// <param name="Sheets">How often the cutter is loaded.</param>
public sealed record VinylNeed(string Vinyl, string Name, string? Colour, int Pieces, double LengthMm, int Sheets);

/// <summary>
/// What a run takes of each vinyl, at once and without packing: row after row, the tallest first. Laid out properly it may be less.
/// </summary>
public static class VinylNeeds
{
    private const double Hair = 1e-6;

    /// <summary>What a job's run takes.</summary>
    /// <param name="job">The job, with its cutter.</param>
    /// <param name="figures">Figures of cutting.</param>
    /// <returns>One line for each vinyl and colour; what cannot be cut is left out.</returns>
    public static IReadOnlyList<VinylNeed> Of(Job job, CuttingFigures figures)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(figures);
        if (job.Tools.Cutter is not { } setup)
            return [];
        var margin = job.Cut.MarginMm ?? figures.MarginMm.Value;
        return [.. new CutUnits(job, setup, figures, margin).Of(SheetLayout.InPlace).Select(list => Of(list, setup, margin))];
    }

    private static VinylNeed Of(UnitList list, CutterSetup setup, double margin)
    {
        var boxes = list.Units.Select(u => u.Kept.EnvelopeInternal).Select(b => (W: b.Width, H: b.Height))
            .Select(b => b.W > setup.WidthMm + Hair && !list.Vinyl.Cut.Directional.Value ? (W: b.H, H: b.W) : b).OrderByDescending(b => b.H)
            .ToList();
        var (rows, x, row) = (new List<double>(), 0.0, 0.0);
        foreach (var (w, h) in boxes)
        {
            if (row > 0 && x + w > setup.WidthMm + Hair)
            {
                rows.Add(row);
                (x, row) = (0, 0);
            }

            (x, row) = (x + w + margin, Math.Max(row, h));
        }

        if (row > 0)
            rows.Add(row);
        var (sheets, y) = (rows.Count > 0 ? 1 : 0, 0.0);
        foreach (var height in rows)
        {
            if (y > 0 && y + height > setup.LengthMm + Hair)
                (sheets, y) = (sheets + 1, 0);
            y += height + margin;
        }

        return new VinylNeed(list.Vinyl.Id, list.Vinyl.Name, list.Colour, list.Units.Count(u => u.Kind == CutUnitKind.Artwork),
            Math.Round(rows.Sum(r => r + margin), 1), sheets);
    }
}
