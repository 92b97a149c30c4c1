using System.Text.Json.Nodes;
using Juxtherm.App.Learning;
using Juxtherm.App.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Setting;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Planning;

/// <summary>Keeps jobs: new ones, changes, copies, and which plan was agreed to.</summary>
/// <param name="store">Kept jobs.</param>
/// <param name="cache">Reads them: what cannot be planned is not kept.</param>
/// <param name="plans">Plans them as they were agreed to.</param>
/// <param name="learning">Is told of new patches.</param>
/// <param name="clock">The time.</param>
/// <param name="language">Says why something is refused.</param>
public sealed class KeepJob(JobStore store, PlanCache cache, JobPlans plans, WorkshopLearning learning, TimeProvider clock,
    ILanguage language)
{
    // A copy's title leaves room for saying that it is one.
    private const int LongestCopiedTitle = 110;

    /// <summary>Keeps a new job.</summary>
    /// <param name="json">Its text.</param>
    /// <param name="command">Chosen by whoever asks; asking twice keeps one.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<JobAnswer>> AddAsync(string json, Guid? command, CancellationToken cancel)
    {
        var problems = new Problems();
        if (cache.Plan(json, UnitSystem.Metric, problems) is not { } planned)
            return new Invalid(problems);
        var patches = PatchesOf(json);
        var row = await plans.AddAsync(CommandId.Of(command, clock), planned.Job.Title, json, cancel, patches: patches);
        if (patches.Count > 0)
            learning.Forget();
        return JobAnswer.Of(row);
    }

    /// <summary>Reads a job through as it would be kept.</summary>
    /// <param name="json">Its text.</param>
    /// <returns>What is wrong; null for nothing.</returns>
    public Invalid? Check(string json)
    {
        var problems = new Problems();
        return cache.Plan(json, UnitSystem.Metric, problems) is null ? new Invalid(problems) : null;
    }

    /// <summary>Keeps a worked example: what comes of it teaches nothing about this workshop.</summary>
    /// <param name="json">Its text.</param>
    /// <param name="command">Chosen by whoever asks; asking twice keeps one.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<JobAnswer>> AddExampleAsync(string json, Guid? command, CancellationToken cancel)
    {
        var problems = new Problems();
        return cache.Plan(json, UnitSystem.Metric, problems) is { } planned
            ? JobAnswer.Of(await plans.AddAsync(CommandId.Of(command, clock), planned.Job.Title, json, cancel, example: true))
            : new Invalid(problems);
    }

    /// <summary>A kept job.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<JobAnswer>> FindAsync(Guid id, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return new Missing("job");
        // A job from before plans were agreed to: what is looked at now is.
        if (row.LearnedJson is null)
            await store.AgreeAsync(id, plans.LearnedNow, cancel);
        return JobAnswer.Of(row);
    }

    /// <summary>What the logbook has taught since the job's plan was agreed to, where that moves its setting.</summary>
    /// <param name="id">The job.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<LearnedSince>> LearnedSinceAsync(Guid id, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return new Missing("job");
        var problems = new Problems();
        if (plans.Plan(row, UnitSystem.Metric, problems) is not { } agreed
            || plans.PlanNow(row, UnitSystem.Metric, problems) is not { } now)
            return new Invalid(problems);
        var (was, would) = (AgreedPress.Of(agreed.Result.Plan), AgreedPress.Of(now.Result.Plan));
        var byVersion = plans.IsNewsOf(row);
        // What somebody has seen and left is not said again; what the logbook has learned since is something else.
        var isSaid = AgreedNumbers.Read(row.AgreedJson)?.KeptFrom == plans.Version && row.LearnedJson == plans.LearnedNow;
        return new LearnedSince(was != would && !isSaid, was, would, byVersion, Compared.Of(agreed.Result.Plan),
            Compared.Of(now.Result.Plan));
    }

    /// <summary>Keeps a job's new text, if it is still as it was when the change was thought of.</summary>
    /// <param name="id">The job.</param>
    /// <param name="version">The version it was changed from.</param>
    /// <param name="json">Its new text.</param>
    /// <param name="cancel">Stops it.</param>
    public Task<Result<JobAnswer>> SaveAsync(Guid id, int version, string json, CancellationToken cancel) =>
        SaveAsync(id, version, json, new Problems(), cancel);

    /// <summary>Changes a kept job by a JSON Patch (RFC 6902), if it is still as it was when the patch was thought of.</summary>
    /// <param name="id">The job.</param>
    /// <param name="version">The version it was changed from.</param>
    /// <param name="patch">The patch.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<JobAnswer>> PatchAsync(Guid id, int version, string patch, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return new Missing("job");
        var problems = new Problems();
        var changed = row.Version == version ? JobPatch.Applied(row.Json, patch, problems) : row.Json;
        return changed is null ? new Invalid(problems, "change") : await SaveAsync(id, version, changed, problems, cancel);
    }

    /// <summary>Copies a kept job.</summary>
    /// <param name="id">The job.</param>
    /// <param name="command">Chosen by whoever asks; asking twice makes one.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<JobAnswer>> CopyAsync(Guid id, Guid? command, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return new Missing("job");
        var copy = JsonNode.Parse(row.Json)!.AsObject();
        var title = $"{(row.Title.Length > LongestCopiedTitle ? row.Title[..LongestCopiedTitle] : row.Title)}, copy";
        copy["title"] = title;
        copy.Remove("due");
        return JobAnswer.Of(
            await store.AddAsync(CommandId.Of(command, clock), title, copy.ToJsonString(), cancel, learned: row.LearnedJson,
                agreed: row.AgreedJson));
    }

    /// <summary>Agrees to the plan that the logbook's newest lessons make.</summary>
    /// <param name="id">The job.</param>
    /// <param name="cancel">Stops it.</param>
    /// <returns>False where there is no such job.</returns>
    public async Task<bool> AgreeAsync(Guid id, CancellationToken cancel)
    {
        if (!await store.AgreeAsync(id, plans.LearnedNow, cancel) || await store.FindAsync(id, cancel) is not { } row)
            return false;
        await store.KeepAgreedAsync(id, plans.AgreedTo(null, row.Json), cancel);
        return true;
    }

    /// <summary>Stays with what was agreed, though this version would set something else: that is not said again.</summary>
    /// <param name="id">The job.</param>
    /// <param name="cancel">Stops it.</param>
    /// <returns>False where there is no such job.</returns>
    public async Task<bool> KeepAgreedAsync(Guid id, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return false;
        if (AgreedNumbers.Read(row.AgreedJson) is { } agreed)
            await store.KeepAgreedAsync(id, (agreed with { KeptFrom = plans.Version }).Write(), cancel);
        return true;
    }

    /// <summary>Takes a job away, or back.</summary>
    /// <param name="id">The job.</param>
    /// <param name="deleted">Whether it is away.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<JobAnswer>> SetDeletedAsync(Guid id, bool deleted, CancellationToken cancel) =>
        await store.SetDeletedAsync(id, deleted, cancel) is { } row ? JobAnswer.Of(row) : new Missing("job");

    private async Task<Result<JobAnswer>> SaveAsync(Guid id, int version, string json, Problems problems, CancellationToken cancel)
    {
        if (cache.Plan(json, UnitSystem.Metric, problems) is not { } planned)
            return new Invalid(problems);
        var agreed = plans.AgreedTo(await store.FindAsync(id, cancel), json);
        var (row, stale, otherPatches) = await store.SaveAsync(id, version, planned.Job.Title, json, PatchesOf(json), agreed, cancel);
        if (otherPatches)
            learning.Forget();
        if (row is null)
            return new Missing("job");
        return stale
            ? new Refused("stale", language.WordsFor(UnitSystem.Metric).Say("stale.job"), JobAnswer.Of(row))
            : JobAnswer.Of(row);
    }

    /// <summary>The patches that stand in a job's text itself.</summary>
    private List<PatchRow> PatchesOf(string json) =>
        cache.ReadAsWritten(json, new Problems()) is not { Patches.Count: > 0 } job ? [] : [.. PatchesKept.Of(job).Select(k => new PatchRow
        {
            HeatSource = k.HeatSource,
            Vinyl = k.Vinyl,
            Material = k.Material,
            Celsius = k.Celsius,
            Seconds = k.Seconds,
            Pressure = k.Pressure is { } level ? LogRows.Word(level) : null,
            Outcome = k.Outcome,
            AtUtc = k.AtUtc,
        })];
}
