using System.Collections.Concurrent;
using System.Text.Json;
using Juxtherm.App.Learning;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
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
/// <param name="catalogue">The catalogue.</param>
/// <param name="language">Says what a setting comes from.</param>
public sealed class JobPlans(JobStore jobs, PlanCache cache, PlanMemory memory, CatalogueSnapshot catalogue, ILanguage language)
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
        job is { } id && await jobs.FindAsync(id, cancel) is { } row ? memory.Plan(TextOf(row, json), units, Agreed(row), problems)
            : memory.Plan(json, units, cache.Correction, problems);

    /// <summary>Plans a kept job.</summary>
    public (Job Job, PlanResult Result)? Plan(JobRow row, UnitSystem units, Problems problems) =>
        memory.Plan(TextOf(row), units, Agreed(row), problems);

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
        memory.PlanOnce(TextOf(row), units, Agreed(row), problems);

    /// <summary>The version of model and catalogue that plans are made by now.</summary>
    public string Version => $"{Planner.ModelVersion} {catalogue.Version}";

    /// <summary>A kept job's text as it is planned: where a later version would set something else, with what was agreed.</summary>
    /// <param name="row">The job.</param>
    public string TextOf(JobRow row)
    {
        ArgumentNullException.ThrowIfNull(row);
        return TextOf(row, row.Json);
    }

    /// <summary>Whether a later version would set something else than was agreed, and nobody has seen that yet.</summary>
    /// <param name="row">The job.</param>
    public bool IsNewsOf(JobRow row)
    {
        ArgumentNullException.ThrowIfNull(row);
        return AgreedNumbers.Read(row.AgreedJson) is { } agreed && agreed.KeptFrom != Version && !ReferenceEquals(TextOf(row), row.Json);
    }

    /// <summary>What is agreed to as a job's text is kept: a change that moves no setting leaves what was agreed before.</summary>
    /// <param name="row">The job as it was; null for a new one.</param>
    /// <param name="json">Its new text.</param>
    /// <returns>As it is kept; null where it cannot be planned.</returns>
    public string? AgreedTo(JobRow? row, string json)
    {
        if (row?.AgreedJson is { } before && !ReferenceEquals(TextOf(row, json), json))
            return before;
        return memory.Plan(json, UnitSystem.Metric, row is null ? cache.Correction : Agreed(row), new Problems()) is { } planned
            ? AgreedNumbers.Of(planned.Result.Plan, Version).Write() : null;
    }

    private string TextOf(JobRow row, string json)
    {
        if (AgreedNumbers.Read(row.AgreedJson) is not { } agreed || agreed.By == Version
            || Fresh(row, json) is not { } fresh || agreed.IsOf(fresh)
            || fresh.BondingPresses.DistinctBy(p => (p.Celsius, p.DialMark)).Count() > 1)
            return json;
        // What was changed since it was agreed is planned anew.
        if (json != row.Json && (Fresh(row, row.Json) is not { } before || AgreedPress.Of(before) != AgreedPress.Of(fresh)))
            return json;
        return agreed.In(json, language.WordsFor(UnitSystem.Metric).Say("job.agreed-before"));
    }

    /// <summary>The plan as this version makes it; null where there is none, or the job brings a setting of its own.</summary>
    private Plan? Fresh(JobRow row, string json) =>
        memory.Plan(json, UnitSystem.Metric, Agreed(row), new Problems()) is { Job.Used: null } planned ? planned.Result.Plan : null;

    /// <summary>Keeps a new job under an id; its plan is the one that is seen now.</summary>
    public Task<JobRow> AddAsync(Guid id, string title, string json, CancellationToken cancel, bool example = false,
        IReadOnlyList<PatchRow>? patches = null) => jobs.AddAsync(id, title, json, cancel, example, LearnedNow, patches,
            AgreedTo(null, json));

    private WorkshopCorrection Known(string text)
    {
        if (_known.Count >= MostKnown)
            _known.Clear();
        return _known.GetOrAdd(text, t => JsonSerializer.Deserialize<WorkshopCorrection>(t, CoreJson.Options) ?? WorkshopCorrection.None);
    }
}
