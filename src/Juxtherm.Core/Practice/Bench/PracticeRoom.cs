using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Setting;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Practice.Bench;

/// <summary>What was taken off the shelf instead of what a job has: ids; null where nothing was.</summary>
/// <param name="Cover">Cover sheet.</param>
/// <param name="Underlay">What lies underneath.</param>
/// <param name="Vinyl">Roll of vinyl.</param>
internal sealed record Taken(string? Cover, string? Underlay, string? Vinyl)
{
    /// <summary>Nothing was.</summary>
    public static Taken Nothing { get; } = new(null, null, null);
}

/// <summary>What every practice bench needs: the catalogue, the planner, and what jobs ask for, worked out once.</summary>
public sealed class PracticeRoom
{
    private readonly JobSettings _settings;
    private readonly ConditionalWeakTable<Job, ConcurrentDictionary<Taken, ChartedJob>> _known = [];

    /// <summary>Opens it.</summary>
    /// <param name="planner">Makes plans.</param>
    public PracticeRoom(Planner planner)
    {
        ArgumentNullException.ThrowIfNull(planner);
        (Planner, _settings) = (planner, new JobSettings(planner.Catalogue));
    }

    /// <summary>Makes plans.</summary>
    public Planner Planner { get; }

    /// <summary>The catalogue.</summary>
    public CatalogueSnapshot Catalogue => Planner.Catalogue;

    /// <summary>Cover sheets that lie ready at a job's press.</summary>
    public IReadOnlyList<Supply> Covers(Job job) => Ready(Catalogue.Covers.Values, job.Tools.Cover);

    /// <summary>What can be laid underneath.</summary>
    public IReadOnlyList<Supply> Underlays(Job job) => job.Blank.Form.Supported
        ? Ready(Catalogue.Underlays.Values, job.Tools.Underlay) : [job.Tools.Underlay];

    /// <summary>A job as it is with what was taken; everything that was is there.</summary>
    internal Job With(Job job, Taken taken) => taken == Taken.Nothing ? job : job with
    {
        Tools = job.Tools with
        {
            Cover = taken.Cover is { } cover ? Catalogue.Covers[cover] : job.Tools.Cover,
            Underlay = taken.Underlay is { } underlay ? Catalogue.Underlays[underlay] : job.Tools.Underlay,
        },
        Layers = taken.Vinyl is { } vinyl ? [.. job.Layers.Select(l => l with { Vinyl = Catalogue.Vinyls[vinyl] })] : job.Layers,
    };

    internal ChartedJob About(Job job, Taken taken) => _known.GetValue(job, _ => new()).GetOrAdd(taken, t =>
        _settings.About(With(job, t), Planner.Language.WordsFor(UnitSystem.Metric), job.Blank.Material));

    private static List<Supply> Ready(IEnumerable<Supply> known, Supply own) =>
        [.. known.Where(s => s.OfferedAs is not null || s.Id == own.Id)];
}
