using Juxtherm.Core.Jobs;

namespace Juxtherm.Core.Cutting.Sheets;

/// <summary>How much of one vinyl in one colour a run takes, laid as its artwork lies.</summary>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Colour">As <c>#rrggbb</c>; null when not said.</param>
/// <param name="Pieces">How many pieces are cut.</param>
/// <param name="LengthMm">Length of it, as wide as the cutter cuts, mm.</param>
/// <param name="Sheets">How often the cutter is loaded.</param>
public sealed record VinylNeed(string Vinyl, string Name, string? Colour, int Pieces, double LengthMm, int Sheets);

/// <summary>What a run takes of each vinyl: of the layout by which it is also priced, bought and given its time.</summary>
public static class VinylNeeds
{
    /// <summary>What a job's run takes.</summary>
    /// <param name="job">The job.</param>
    /// <param name="planner">Lays it out.</param>
    /// <returns>One line for each vinyl and colour; what cannot be cut is left out. None where no cutter is said.</returns>
    public static IReadOnlyList<VinylNeed> Of(Job job, CutPlanner planner)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(planner);
        if (job.Tools.Cutter is null)
            return [];
        return [.. planner.InPlace(job, []).Lists.Select(list => new VinylNeed(list.Vinyl, list.Name, list.Colour,
            list.Sheets.SelectMany(s => s.Units).Count(u => u.Kind == CutUnitKind.Artwork),
            Math.Round(list.Sheets.Sum(s => s.UsedLengthMm), 1), list.Sheets.Count))];
    }
}
