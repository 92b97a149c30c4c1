using System.Collections.Concurrent;
using System.Text.Json;
using Juxtherm.App.Learning;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Settings;
using Juxtherm.Store;

namespace Juxtherm.App.Planning;

/// <summary>
/// Plans kept jobs by what the workshop had learned when their plan was last agreed to: what is learned later shows on the job, and counts
/// once
/// somebody takes it.
/// </summary>
/// <param name="jobs">Kept jobs.</param>
/// <param name="cache">Makes plans.</param>
/// <param name="memory">Makes plans for what was learned earlier.</param>
public sealed class JobPlans(JobStore jobs, PlanCache cache, PlanMemory memory)
{
    private const int MostKnown = 64;

    // The same text is the same object, so that plans made with it are found again.
    private readonly ConcurrentDictionary<string, WorkshopCorrection> _known = new(StringComparer.Ordinal);

    /// <summary>What was learned by now, as it is kept with a job.</summary>
    public string LearnedNow => WorkshopLearning.Text(cache.Correction);

    /// <summary>Plans a job text as it stands on the screen.</summary>
    /// <param name="job">The kept job that it belongs to; null for none.</param>
    /// <param name="json">The text.</param>
    /// <param name="units">Units of the texts.</param>
    /// <param name="problems">Filled with what is wrong.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<(Job Job, PlanResult Result)?> PlanAsync(Guid? job, string json, UnitSystem units, Problems problems,
        CancellationToken cancel) =>
        memory.Plan(json, units, job is { } id && await jobs.FindAsync(id, cancel) is { } row ? Agreed(row) : cache.Correction, problems);

    /// <summary>Plans a kept job.</summary>
    public (Job Job, PlanResult Result)? Plan(JobRow row, UnitSystem units, Problems problems) =>
        memory.Plan(row.Json, units, Agreed(row), problems);

    /// <summary>Plans a text as a kept job is planned.</summary>
    public (Job Job, PlanResult Result)? Plan(string json, WorkshopCorrection agreed, UnitSystem units, Problems problems) =>
        memory.Plan(json, units, agreed, problems);

    /// <summary>Plans a kept job by what was learned by now.</summary>
    public (Job Job, PlanResult Result)? PlanNow(JobRow row, UnitSystem units, Problems problems) =>
        memory.Plan(row.Json, units, cache.Correction, problems);

    /// <summary>What a job is planned by.</summary>
    public WorkshopCorrection Agreed(JobRow row) => row.LearnedJson switch
    {
        null => cache.Correction,
        "" => WorkshopCorrection.None,
        var text when text == LearnedNow => cache.Correction,
        var text => Known(text),
    };

    /// <summary>Plans a kept job for its card; nobody is going to ask for the whole plan.</summary>
    public (Job Job, PlanResult Result)? PlanOnce(JobRow row, UnitSystem units, Problems problems) =>
        memory.PlanOnce(row.Json, units, Agreed(row), problems);

    /// <summary>Keeps a new job under an id; its plan is the one that is seen now.</summary>
    public Task<JobRow> AddAsync(Guid id, string title, string json, CancellationToken cancel, bool example = false,
        IReadOnlyList<PatchRow>? patches = null) => jobs.AddAsync(id, title, json, cancel, example, LearnedNow, patches);

    private WorkshopCorrection Known(string text)
    {
        if (_known.Count >= MostKnown)
            _known.Clear();
        return _known.GetOrAdd(text, t => JsonSerializer.Deserialize<WorkshopCorrection>(t, CoreJson.Options) ?? WorkshopCorrection.None);
    }
}
