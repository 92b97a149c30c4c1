using Juxtherm.Core.Jobs;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Sections;

namespace Juxtherm.Core.Practice.Bench;

/// <summary>In how many parts the plate goes over a print.</summary>
internal static class PartsOfPrint
{
    /// <summary>Layers of which something lies on each part, in the order in which the plate goes over them; one part where it covers all
    /// of it, and where the item is printed on both faces.</summary>
    /// <param name="about">The job.</param>
    public static IReadOnlyList<IReadOnlySet<string>> Of(ChartedJob about)
    {
        HashSet<string> all = [.. about.Layers.Select(l => l.Id)];
        return Sections(about.Job) is { } sections ? [.. Enumerable.Range(0, sections.Plan!.Sections.Count)
            .Select(k => about.Job.Layers.Where(l => sections.PartsOf(l).Any(of => of.Contains(k))).Select(l => l.Id)
                .ToHashSet(StringComparer.Ordinal)).Where(layers => layers.Count > 0)] : [all];
    }

    /// <summary>A print on both faces, one of them wider than the plate, cannot be practiced.</summary>
    public static bool CanBe(Job job) => job.Layers.GroupBy(l => l.Face).ToList() is not { Count: > 1 } faces
        || faces.TrueForAll(f => JobSections.Of(job, f.Key, [.. f.Select(l => l.Id)]).Plan is not { Sections.Count: > 1 });

    private static JobSections? Sections(Job job) =>
        job.Layers.Select(l => l.Face).Distinct().ToList() is [var face]
        && JobSections.Of(job, face, [.. job.Layers.Select(l => l.Id)]) is { Plan.Sections.Count: > 1 } sections ? sections : null;
}
