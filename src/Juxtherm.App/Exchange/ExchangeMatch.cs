using System.Globalization;
using System.Text.Json.Nodes;
using Juxtherm.Core.Logbook;
using Juxtherm.Store;

namespace Juxtherm.App.Exchange;

/// <summary>Something of the shelf that is to be kept.</summary>
/// <param name="Id">By which it goes here.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Kind">vinyl, blank or press.</param>
/// <param name="Json">It; null where it was here and is brought back.</param>
/// <param name="From">Where it was made.</param>
internal sealed record OwnToKeep(string Id, string Name, string Kind, JsonObject? Json, Origin From);

/// <summary>A job that is to be kept.</summary>
/// <param name="Title">What it is called.</param>
/// <param name="Json">It, as it is here.</param>
/// <param name="From">Where it was made; null where that is not known.</param>
/// <param name="Content">Hash of what it says.</param>
internal sealed record JobToKeep(string Title, JsonObject Json, Origin? From, string Content);

/// <summary>What of another workshop's file is new here.</summary>
/// <param name="Own">Own vinyls, blanks and presses.</param>
/// <param name="Jobs">Jobs.</param>
/// <param name="Pieces">Pieces of the logbook.</param>
internal sealed record NewFromFile(IReadOnlyList<OwnToKeep> Own, IReadOnlyList<JobToKeep> Jobs, IReadOnlyList<LogEntry> Pieces);

/// <summary>
/// Finds out what of another workshop's file is here already. A thing is known by where it was made and what it says: what comes back
/// from a workshop that it was given to, or by way of a third, is the same thing. Where the same id says something else here, it goes by
/// another, once.
/// </summary>
/// <param name="own">This workshop's signature.</param>
/// <param name="shelf">Own vinyls, blanks and presses.</param>
/// <param name="jobs">Jobs.</param>
/// <param name="log">The logbook.</param>
/// <param name="book">What was taken in.</param>
public sealed class ExchangeMatch(WorkshopSeal own, ShelfStore shelf, JobStore jobs, LogStore log, TakenBook book)
{
    internal async Task<NewFromFile> FindNewAsync(ExchangeFile file, CancellationToken cancel)
    {
        var (things, seal) = ((await book.AllAsync(cancel)).SelectMany(t => t.Things).ToList(), own.Own);
        var (fresh, ids) = MatchOwn(file, await shelf.EverAsync(cancel), things, seal);
        var known = await log.KeysAsync(cancel);
        return new NewFromFile(fresh, await MatchJobsAsync(file, ids, things, seal, cancel),
            [.. file.Pieces.Where(p => !known.Contains(p.Key)).Select(p => ids.Of(p) with { Elsewhere = true })]);
    }

    private static (IReadOnlyList<OwnToKeep> Fresh, OwnIds Ids) MatchOwn(ExchangeFile file,
        IReadOnlyDictionary<string, ShelfRow> known, List<TakenThing> things, string seal)
    {
        var (fresh, names) = (new List<OwnToKeep>(), new Dictionary<string, string>(StringComparer.Ordinal));
        var contents = known.Values.ToDictionary(r => r.Id, r =>
            ContentHash.Of(JsonNode.Parse(r.Json)!.AsObject()), StringComparer.Ordinal);
        foreach (var theirs in file.Own)
        {
            var content = ContentHash.Of(theirs.Entry);
            var candidates = things.Where(t => t.From == theirs.From).Select(t => t.Here)
                .Concat(theirs.From.Workshop == seal ? [theirs.From.Id] : []).Append(theirs.Id);
            var here = candidates.FirstOrDefault(id => contents.GetValueOrDefault(id) == content);
            if (here is not null && known[here].DeletedUtc is not null)
                fresh.Add(new OwnToKeep(here, theirs.Name, theirs.Kind, null, theirs.From));
            if (here is null)
            {
                here = FreeId(theirs.From.Id, id => known.ContainsKey(id) || fresh.Exists(c => c.Id == id));
                var entry = theirs.Entry.DeepClone().AsObject();
                entry["id"] = here;
                fresh.Add(new OwnToKeep(here, theirs.Name, theirs.Kind, entry, theirs.From));
            }

            if (here != theirs.Id)
                names[theirs.Id] = here;
        }

        return (fresh, new OwnIds(names));
    }

    private static string FreeId(string id, Predicate<string> isTaken)
    {
        var free = id;
        for (var n = 2; isTaken(free); n++)
            free = string.Create(CultureInfo.InvariantCulture, $"{id}-{n}");
        return free;
    }

    private async Task<IReadOnlyList<JobToKeep>> MatchJobsAsync(ExchangeFile file, OwnIds ids, List<TakenThing> things, string seal,
        CancellationToken cancel)
    {
        var (ever, contents) = (new HashSet<string>(StringComparer.Ordinal), new HashSet<string>(StringComparer.Ordinal));
        await foreach (var row in jobs.EachAsync(cancel))
        {
            ever.Add(row.Id.ToString());
            if (row.DeletedUtc is null)
                contents.Add(ContentOf(row));
        }

        var fresh = new List<JobToKeep>();
        foreach (var theirs in file.Jobs)
        {
            var job = ids.Of(theirs.Job);
            var content = ContentHash.Of(job);
            // What was made here and comes back as it left is here, changed since or not.
            var isOurs = theirs.From is { } made && made.Workshop == seal && ever.Contains(made.Id);
            var cameBefore = things.Exists(t => t.From == theirs.From && t.Content == content);
            if (!isOurs && !cameBefore && contents.Add(content))
                fresh.Add(new JobToKeep(theirs.Title, job, theirs.From, content));
        }

        return fresh;
    }

    /// <summary>Hash of what a kept job says to other workshops.</summary>
    internal static string ContentOf(JobRow row) => ContentHash.Of(NamelessJob.Of(JsonNode.Parse(row.Json)!.AsObject()));
}
