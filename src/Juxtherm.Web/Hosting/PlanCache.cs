using System.Collections.Concurrent;
using Juxtherm.Core.Planning;
using Juxtherm.Core.Reading;

namespace Juxtherm.Web.Hosting;

/// <summary>Reads job texts and plans them, remembering what was asked a moment ago.</summary>
/// <param name="planner">Makes the plans.</param>
internal sealed class PlanCache(Planner planner)
{
    private const int MostRemembered = 256;
    private readonly ConcurrentDictionary<(string Json, UnitSystem Units), (Job Job, PlanResult Result)> _known = new();

    /// <summary>Reads a job text without planning it.</summary>
    /// <returns>The job; null when the text cannot be read, and then <paramref name="problems"/> says why.</returns>
    public Job? Read(string json, Problems problems) => JobReader.Read(json, planner.Catalogue, problems);

    /// <summary>Plans a job text.</summary>
    /// <returns>The job and its plan; null when the text cannot be read, and then <paramref name="problems"/> says why.</returns>
    public (Job Job, PlanResult Result)? Plan(string json, UnitSystem units, Problems problems)
    {
        if (_known.TryGetValue((json, units), out var known))
            return known;
        var job = JobReader.Read(json, planner.Catalogue, problems);
        if (job is null)
            return null;
        if (_known.Count >= MostRemembered)
            _known.Clear();
        var planned = (job, planner.Plan(job, units));
        _known[(json, units)] = planned;
        return planned;
    }
}
