using Juxtherm.App.Learning;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Setting;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Settings;

namespace Juxtherm.App.Planning;

/// <summary>Reads job texts and plans them, remembering what was asked a moment ago. Knows no workshop.</summary>
/// <param name="planner">Makes the plans.</param>
/// <param name="work">Where what is worked out of jobs is kept from one to the next.</param>
public sealed class PlanMemory(Planner planner, WorkMemory work)
{
    private const long MostBytes = 96 * 1024 * 1024;
    private readonly BoundedMemory<(string Json, UnitSystem Units, WorkshopCorrection Correction, int Fonts), (Job Job, PlanResult Result)>
        _known = new(MostBytes);

    /// <summary>Reads a job text without planning it.</summary>
    /// <returns>The job; null when the text cannot be read, and then <paramref name="problems"/> says why.</returns>
    public Job? Read(string json, Problems problems) => JobReader.Read(json, planner.Catalogue, problems, work);

    /// <summary>Plans a job text for a workshop.</summary>
    /// <returns>The job and its plan; null when the text cannot be read, and then <paramref name="problems"/> says why.</returns>
    public (Job Job, PlanResult Result)? Plan(string json, UnitSystem units, WorkshopCorrection correction, Problems problems)
    {
        var key = (json, units, correction, planner.Catalogue.Fonts.Edition);
        if (_known.TryGet(key, out var known))
            return known;
        if (PlanOnce(json, units, correction, problems) is not { } planned)
            return null;
        _known.Keep(key, planned, PlanSize.Of(json, planned.Result));
        return planned;
    }

    /// <summary>Plans a job text without remembering it.</summary>
    /// <returns>The job and its plan; null when the text cannot be read, and then <paramref name="problems"/> says why.</returns>
    public (Job Job, PlanResult Result)? PlanOnce(string json, UnitSystem units, WorkshopCorrection correction, Problems problems) =>
        Read(json, problems)?.In(correction) is { } job ? (job, planner.Plan(job, units)) : null;
}

/// <summary>Plans for this workshop: with what its logbook has taught by now.</summary>
/// <param name="memory">Makes and remembers the plans.</param>
/// <param name="learning">What was learned.</param>
public sealed class PlanCache(PlanMemory memory, WorkshopLearning learning)
{
    /// <summary>What plans are corrected by now.</summary>
    public WorkshopCorrection Correction => learning.Correction;

    /// <summary>Reads a job text without planning it.</summary>
    /// <returns>The job; null when the text cannot be read, and then <paramref name="problems"/> says why.</returns>
    public Job? Read(string json, Problems problems) => ReadAsWritten(json, problems)?.In(learning.Correction);

    /// <summary>Reads a job text, with nothing of what was learned.</summary>
    public Job? ReadAsWritten(string json, Problems problems) => memory.Read(json, problems);

    /// <summary>Plans a job text.</summary>
    /// <returns>The job and its plan; null when the text cannot be read, and then <paramref name="problems"/> says why.</returns>
    public (Job Job, PlanResult Result)? Plan(string json, UnitSystem units, Problems problems) =>
        memory.Plan(json, units, learning.Correction, problems);

    /// <summary>Plans a job text as the catalogue alone would.</summary>
    /// <returns>The job and its plan; null when the text cannot be read, and then <paramref name="problems"/> says why.</returns>
    public (Job Job, PlanResult Result)? PlanUncorrected(string json, UnitSystem units, Problems problems) =>
        memory.Plan(json, units, WorkshopCorrection.None, problems);
}
