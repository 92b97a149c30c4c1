using System.Runtime.CompilerServices;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Setting;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Practice.Bench;

/// <summary>What every practice bench needs: the catalogue, the planner, and what jobs ask for, worked out once.</summary>
public sealed class PracticeRoom
{
    private readonly JobSettings _settings;
    private readonly ConditionalWeakTable<Job, ChartedJob> _known = [];

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

    internal ChartedJob About(Job job) => _known.GetValue(job, j =>
        _settings.About(j, Planner.Language.WordsFor(UnitSystem.Metric), j.Blank.Material));
}
