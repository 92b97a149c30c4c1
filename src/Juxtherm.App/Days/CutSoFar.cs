using Juxtherm.App.Cutting;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Store;

namespace Juxtherm.App.Days;

/// <summary>How far a job's vinyl is cut.</summary>
internal static class CutSoFar
{
    /// <summary>No sheet is.</summary>
    public static IReadOnlySet<(string List, int Sheet)> Nothing => new HashSet<(string List, int Sheet)>();

    /// <summary>The layout, and the sheets that are cut, as list and number.</summary>
    public static (CutLayout Layout, IReadOnlySet<(string List, int Sheet)> Done) Of(CutRow row)
    {
        var cut = OpenCut.Of(row);
        var done = cut.Run.Mats.GroupBy(m => (m.ListId, m.Sheet))
            .Where(g => g.All(m => m.Status is MatStatus.Cut or MatStatus.Unloaded)).Select(g => g.Key).ToHashSet();
        return (cut.Way, done);
    }
}
