using Juxtherm.Core.Jobs;
using Juxtherm.Core.Runs;
using Juxtherm.Store;

namespace Juxtherm.App.Stock;

/// <summary>The items that a job takes.</summary>
internal static class WantedBlanks
{
    /// <summary>How many of which size and color.</summary>
    public static IReadOnlyList<WantedBlank> Of(Job job) =>
    [
        .. BenchScript.Wanted(job).Pieces.GroupBy(p => (Size: p.Size ?? "", Colour: (p.GarmentColour ?? job.Blank.Colour ?? "")
            .ToLowerInvariant()))
            .Select(g => new WantedBlank(job.Blank.Form.Id, job.Blank.Material.Id, g.Key.Size, g.Key.Colour,
                g.Count())),
    ];
}
