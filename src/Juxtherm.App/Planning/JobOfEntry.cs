using System.Text.Json.Nodes;
using Juxtherm.App.Learning;
using Juxtherm.App.Logbook;
using Juxtherm.Core.Logbook;
using Juxtherm.Store;

namespace Juxtherm.App.Planning;

/// <summary>Makes a job of what is in the logbook.</summary>
/// <param name="store">The logbook.</param>
/// <param name="runs">Runs, which have the job whole.</param>
/// <param name="jobs">Keeps it.</param>
/// <param name="catalogues">The workshop's own entries, which travel in it.</param>
/// <param name="clock">The time.</param>
public sealed class JobOfEntry(LogStore store, RunStore runs, JobPlans jobs, WorkshopCatalogue catalogues, TimeProvider clock)
{
    /// <summary>A job with the setting that was used.</summary>
    /// <param name="id">The entry.</param>
    /// <param name="command">Chosen by whoever asks; asking twice makes one.</param>
    /// <param name="cancel">Stops it.</param>
    public Task<Result<JobAnswer>> AsUsedAsync(long id, Guid? command, CancellationToken cancel) =>
        MakeAsync(id, command, JobFromLog.AsUsed, cancel);

    /// <summary>The same job, planned anew.</summary>
    /// <param name="id">The entry.</param>
    /// <param name="command">Chosen by whoever asks; asking twice makes one.</param>
    /// <param name="cancel">Stops it.</param>
    public Task<Result<JobAnswer>> AgainAsync(long id, Guid? command, CancellationToken cancel) =>
        MakeAsync(id, command, JobFromLog.Again, cancel);

    private async Task<Result<JobAnswer>> MakeAsync(long id, Guid? command,
        Func<LogEntry, string?, JsonObject, (string Json, string Title)> make, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return new Missing("entry");
        var run = row.RunId is { } of ? await runs.FindAsync(of, cancel) : null;
        // A further press has the run's job with its own tools.
        var json = run?.Stations.Find(s => (string?)JsonNode.Parse(s.JobJson)?["tools"]?["heatSource"] == row.HeatSource)?.JobJson
            ?? run?.JobJson;
        var (text, title) = make(LogRows.Entry(row), json, await catalogues.OwnAsync(cancel));
        var job = await jobs.AddAsync(CommandId.Of(command, clock), title, text, cancel);
        return JobAnswer.Of(job);
    }
}
