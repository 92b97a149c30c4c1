using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.App.Learning;
using Juxtherm.App.Logbook;
using Juxtherm.App.Logbook.Import;
using Juxtherm.App.Planning;
using Juxtherm.App.Shelf;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Exchange;

/// <summary>Two workshops share jobs, own vinyls, settings and what was learned: as a signed file that is shown before it counts, and
/// can be taken back whole. Lists of names, remarks and photos do not leave; titles and lettering do.</summary>
/// <param name="seal">Signs.</param>
/// <param name="shelf">Own vinyls, blanks and presses.</param>
/// <param name="keepOwn">Keeps them.</param>
/// <param name="jobs">Jobs.</param>
/// <param name="keepJob">Keeps them.</param>
/// <param name="log">The logbook.</param>
/// <param name="reader">Takes pieces in.</param>
/// <param name="kept">Remembers what was taken in.</param>
/// <param name="learning">Learns from them.</param>
/// <param name="clock">The time.</param>
public sealed class ExchangeWorkshops(WorkshopSeal seal, ShelfStore shelf, KeepOwnEntry keepOwn, JobStore jobs, KeepJob keepJob,
    LogStore log, LogReader reader, KeptStore kept, WorkshopLearning learning, TimeProvider clock) : IDisposable
{
    private const int MostJobs = 1000;
    private readonly SemaphoreSlim _one = new(1);

    /// <inheritdoc/>
    public void Dispose() => _one.Dispose();

    /// <summary>What went and came.</summary>
    public async Task<ExchangeAnswer> NowAsync(CancellationToken cancel) =>
        new(seal.Own, [.. (await TakenAsync(cancel)).Taken.OrderByDescending(t => t.AtUtc)]);

    /// <summary>Writes a file for another workshop.</summary>
    /// <param name="from">What this workshop calls itself.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<JsonObject>> WriteAsync(string? from, CancellationToken cancel)
    {
        var name = from?.Trim() ?? "";
        if (name.Length > ExchangeFile.LongestName)
        {
            var problems = new Problems();
            problems.Add("/from", new Phrase("money.too-long", ("longest", ExchangeFile.LongestName)), "too-long");
            return new Invalid(problems, "exchange");
        }

        using var pieces = new MemoryStream();
        await LogFile.WriteAsync(Nameless(log.EachAsync(new LogSearch(), cancel)), pieces, cancel);
        var listed = (await jobs.ListAsync("", false, 0, MostJobs, cancel)).Jobs;
        var content = new JsonObject
        {
            ["from"] = name,
            ["madeUtc"] = clock.GetUtcNow().ToString("O", CultureInfo.InvariantCulture),
            ["own"] = new JsonArray([.. (await shelf.ListAsync(cancel)).Select(o => new JsonObject
            {
                ["id"] = o.Id, ["kind"] = o.Kind, ["name"] = o.Name, ["entry"] = JsonNode.Parse(o.Json),
            })]),
            ["jobs"] = new JsonArray(),
            ["logbook"] = JsonNode.Parse(pieces.ToArray()),
        };
        foreach (var job in listed)
            if (await jobs.FindAsync(job.Id, cancel) is { } row)
                content["jobs"]!.AsArray().Add(Nameless(JsonNode.Parse(row.Json)!.AsObject()));
        return new JsonObject
        {
            ["format"] = ExchangeFile.Format,
            ["version"] = ExchangeFile.Version,
            ["content"] = content,
            ["signature"] = seal.Sign(content),
        };
    }

    /// <summary>Looks into a file; nothing is kept.</summary>
    /// <param name="text">The file.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<LookedInto>> LookAsync(string text, CancellationToken cancel)
    {
        var problems = new Problems();
        if (ExchangeFile.Read(text, problems) is not { } file)
            return new Invalid(problems, "exchange");
        var known = await shelf.EverAsync(cancel);
        var taken = (await TakenAsync(cancel)).Taken;
        return new LookedInto(file.From, file.SignedBy, taken.Any(t => t.SignedBy == file.SignedBy),
            [.. file.Own.Where(o => Alike(known, o) is not { DeletedUtc: null }).Select(o => o.Name)],
            [.. file.Jobs.Select(j => j.Title)], (await NewAsync(file.Pieces, cancel)).Count);
    }

    /// <summary>Takes a file in: all of it, or nothing.</summary>
    /// <param name="text">The file.</param>
    /// <param name="cancel">Gives up before anything is kept.</param>
    public async Task<Result<TakenIn>> TakeAsync(string text, CancellationToken cancel)
    {
        var problems = new Problems();
        if (ExchangeFile.Read(text, problems) is not { } file)
            return new Invalid(problems, "exchange");
        // The same file is the same taking: twice makes one.
        var id = new Guid(SHA256.HashData(Encoding.UTF8.GetBytes(text)).AsSpan(0, 16));
        await _one.WaitAsync(cancel);
        try
        {
            var before = (await TakenAsync(cancel)).Taken.FirstOrDefault(t => t.Id == id);
            if (before is { Whole: true })
                return before;
            if (before is not null)
                await UndoAsync(before, cancel);
            return await TakeAsync(id, file, cancel);
        }
        finally
        {
            _one.Release();
        }
    }

    private async Task<Result<TakenIn>> TakeAsync(Guid id, ExchangeFile file, CancellationToken cancel)
    {
        var (own, renamed) = await ChosenAsync(file, cancel);
        var fresh = await NewAsync(file.Pieces, cancel);
        var taken = new TakenIn(id, file.From, file.SignedBy, clock.GetUtcNow(), [.. own.Select(o => o.Id)],
            [.. file.Jobs.Select(_ => CommandId.Of(null, clock))], [.. fresh.Select(p => p.Key)], Whole: false);
        // Written down before anything of it is kept: whatever happens then, it can be taken back.
        await KeepAsync(taken, cancel);
        if (await KeepOwnAsync(own, cancel) is { } odd)
            return await GivenUpAsync(taken, odd, cancel);
        foreach (var (job, named) in file.Jobs.Zip(taken.Jobs))
            if ((await keepJob.AddAsync(renamed(job.Json), named, cancel)).Failure is { } failure)
                return await GivenUpAsync(taken, failure, cancel);
        if (fresh.Count > 0)
            await reader.TakeInAsync(fresh.Select(p => Renamed(p, renamed)), cancel);
        taken = taken with { Whole = true };
        await KeepAsync(taken, cancel);
        return taken;
    }

    private async Task<Failure> GivenUpAsync(TakenIn taken, Failure why, CancellationToken cancel)
    {
        await UndoAsync(taken, cancel);
        await ChangeAsync(all => [.. all.Where(t => t.Id != taken.Id)], cancel);
        return why;
    }

    private Task KeepAsync(TakenIn taken, CancellationToken cancel) =>
        ChangeAsync(all => [.. all.Where(t => t.Id != taken.Id), taken], cancel);

    /// <summary>Takes back what was taken in, whole: what it taught is forgotten with it.</summary>
    /// <param name="id">Which.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<TakenIn>> TakeBackAsync(Guid id, CancellationToken cancel)
    {
        if ((await TakenAsync(cancel)).Taken.FirstOrDefault(t => t.Id == id) is not { } taken)
            return new Missing("exchange");
        await UndoAsync(taken, cancel);
        await ChangeAsync(all => [.. all.Where(t => t.Id != id)], cancel);
        return taken;
    }

    private async Task UndoAsync(TakenIn taken, CancellationToken cancel)
    {
        foreach (var job in taken.Jobs)
            await keepJob.SetDeletedAsync(job, true, cancel);
        foreach (var own in taken.Own)
            await keepOwn.SetDeletedAsync(own, true, cancel);
        if (taken.Pieces.Count > 0)
            await log.RemoveAsync(taken.Pieces, cancel);
        learning.Forget();
    }

    /// <summary>Own vinyls, blanks and presses that are new here; those whose id means something else here go by another.</summary>
    private async Task<(IReadOnlyList<OwnToKeep> Own, Func<string, string> Renamed)> ChosenAsync(ExchangeFile file,
        CancellationToken cancel)
    {
        var known = await shelf.EverAsync(cancel);
        var (chosen, names) = (new List<OwnToKeep>(), new Dictionary<string, string>(StringComparer.Ordinal));
        string Renamed(string text) => names.Aggregate(text, (t, n) =>
            t.Replace($"\"{n.Key}\"", $"\"{n.Value}\"", StringComparison.Ordinal));
        foreach (var own in file.Own)
        {
            if (Alike(known, own) is { } here)
            {
                // What was taken back, and comes again, is the same as before.
                if (here.DeletedUtc is not null)
                    chosen.Add(new OwnToKeep(own.Id, own.Kind, ""));
                continue;
            }

            var id = own.Id;
            for (var n = 2; known.ContainsKey(id) || chosen.Exists(c => c.Id == id); n++)
                id = string.Create(CultureInfo.InvariantCulture, $"{own.Id}-{n}");
            if (id != own.Id)
                names[own.Id] = id;
            chosen.Add(new OwnToKeep(id, own.Kind, Renamed(own.Json)));
        }

        return (chosen, Renamed);
    }

    private async Task<Failure?> KeepOwnAsync(IReadOnlyList<OwnToKeep> own, CancellationToken cancel)
    {
        foreach (var one in own)
        {
            var done = one.Json.Length > 0
                ? await keepOwn.AddAsync(one.Kind, one.Json, null, cancel) : await keepOwn.SetDeletedAsync(one.Id, false, cancel);
            if (done.Failure is { } failure)
                return failure;
        }

        return null;
    }

    private async Task<IReadOnlyList<LogEntry>> NewAsync(IReadOnlyList<LogEntry> pieces, CancellationToken cancel)
    {
        var here = await log.KeysAsync(cancel);
        return [.. pieces.Where(p => !here.Contains(p.Key))];
    }

    private static LogEntry Renamed(LogEntry piece, Func<string, string> renamed)
    {
        string Of(string id) => renamed($"\"{id}\"").Trim('"');
        return piece with
        {
            Item = piece.Item with
            {
                Vinyl = string.Join(',', piece.Item.Vinyl.Split(',').Select(Of)),
                Material = Of(piece.Item.Material),
            },
            Under = piece.Under with { HeatSource = Of(piece.Under.HeatSource) },
        };
    }

    private static async IAsyncEnumerable<LogEntry> Nameless(IAsyncEnumerable<LogRow> rows)
    {
        await foreach (var row in rows)
            yield return LogRows.Entry(row) with
            {
                Name = "",
                Note = "",
                Washes = [.. row.Washes.Select(w => LogRows.Wash(w) with { Note = "" })],
            };
    }

    /// <summary>A job without the people that it is for, and without patches, which are of this workshop's press.</summary>
    private static JsonObject Nameless(JsonObject job)
    {
        job.Remove("patches");
        if (job["names"] is JsonArray names)
            for (var i = 0; i < names.Count; i++)
                if (names[i] is JsonObject { } entry && entry["name"] is not null)
                    entry["name"] = string.Create(CultureInfo.InvariantCulture, $"Name {i + 1}");
        return job;
    }

    /// <summary>What is or was on the shelf by its id, where it is the same; null where it is not.</summary>
    private static ShelfRow? Alike(IReadOnlyDictionary<string, ShelfRow> known, OwnInFile own) =>
        known.GetValueOrDefault(own.Id) is { } here && JsonNode.DeepEquals(JsonNode.Parse(here.Json), JsonNode.Parse(own.Json)) ? here
            : null;

    private async Task<(IReadOnlyList<TakenIn> Taken, int Version)> TakenAsync(CancellationToken cancel) =>
        await kept.FindAsync(KeptRow.Exchange, cancel) is { } row
        ? (JsonSerializer.Deserialize<IReadOnlyList<TakenIn>>(row.Json, CoreJson.Options)!, row.Version) : ([], 0);

    private async Task ChangeAsync(Func<IReadOnlyList<TakenIn>, IReadOnlyList<TakenIn>> change, CancellationToken cancel)
    {
        while (true)
        {
            var (taken, version) = await TakenAsync(cancel);
            if (await kept.SaveAsync(KeptRow.Exchange, JsonSerializer.Serialize(change(taken), CoreJson.Options), version,
                cancel))
                return;
        }
    }

    /// <summary>Something of the shelf that is to be kept.</summary>
    /// <param name="Id">By which it goes here.</param>
    /// <param name="Kind">vinyl, blank or press.</param>
    /// <param name="Json">It; empty where it was here and is brought back.</param>
    private sealed record OwnToKeep(string Id, string Kind, string Json);
}
