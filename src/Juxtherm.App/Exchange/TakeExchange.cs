using System.Collections.Concurrent;
using System.Security.Cryptography;
using System.Text;
using Juxtherm.App.Learning;
using Juxtherm.App.Logbook.Import;
using Juxtherm.App.Planning;
using Juxtherm.App.Shelf;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Exchange;

/// <summary>A file from another workshop that is being taken in, or was.</summary>
/// <param name="id">Ask again by it.</param>
public sealed class TakeEntry(Guid id)
{
    public Guid Id { get; } = id;

    /// <summary>Jobs that are new here; 0 until they are counted.</summary>
    public int Total { get; set; }

    /// <summary>Of these checked.</summary>
    public int Ready { get; set; }

    /// <summary>Ends with what was taken in, or with what is wrong; then nothing was.</summary>
    public Task<Result<TakenIn>> Work { get; set; } = null!;
}

/// <summary>
/// Takes another workshop's file in, beside everything else: everything in it is checked first, then all of it is kept, however long
/// that takes and whether or not anybody waits for it.
/// </summary>
/// <param name="match">Finds what is new.</param>
/// <param name="keepOwn">Keeps own vinyls, blanks and presses.</param>
/// <param name="keepJob">Keeps jobs.</param>
/// <param name="reader">Takes pieces in.</param>
/// <param name="log">The logbook.</param>
/// <param name="book">Remembers what was taken in.</param>
/// <param name="learning">Learns from it.</param>
/// <param name="gate">Nothing is written while the data is exchanged.</param>
/// <param name="clock">The time.</param>
public sealed class TakeExchange(ExchangeMatch match, KeepOwnEntry keepOwn, KeepJob keepJob, LogReader reader, LogStore log, TakenBook book,
    WorkshopLearning learning, WorkshopGate gate, TimeProvider clock) : IDisposable
{
    private const int MostRemembered = 16;
    private static readonly TimeSpan UntilItIsWhole = TimeSpan.FromSeconds(20);
    private readonly SemaphoreSlim _one = new(1);
    private readonly ConcurrentDictionary<Guid, TakeEntry> _known = new();
    private readonly Lock _beginning = new();

    /// <summary>Waits for what is being taken in: half of it is worth less than all of it or nothing.</summary>
    public void Dispose()
    {
        foreach (var entry in _known.Values)
            ((IAsyncResult)entry.Work).AsyncWaitHandle.WaitOne(UntilItIsWhole);
        _one.Dispose();
    }

    /// <summary>A taking that was begun; null when it is forgotten.</summary>
    /// <param name="id">Which.</param>
    public TakeEntry? Find(Guid id) => _known.GetValueOrDefault(id);

    /// <summary>Begins to take a file in: all of it, or nothing. The same file is the same taking: twice makes one.</summary>
    /// <param name="text">The file.</param>
    public TakeEntry Begin(string text)
    {
        var id = new Guid(SHA256.HashData(Encoding.UTF8.GetBytes(text)).AsSpan(0, 16));
        lock (_beginning)
        {
            if (_known.TryGetValue(id, out var begun) && !begun.Work.IsCompleted)
                return begun;
            while (_known.Count >= MostRemembered && _known.Values.FirstOrDefault(e => e.Work.IsCompleted) is { } over)
                _known.TryRemove(over.Id, out _);
            var entry = new TakeEntry(id);
            entry.Work = Background.Run(() => TakeAsync(entry, text)).Unwrap();
            return _known[id] = entry;
        }
    }

    /// <summary>Takes back what was taken in, whole: what it taught is forgotten with it.</summary>
    /// <param name="id">Which.</param>
    /// <param name="cancel">Gives up before it is begun.</param>
    public async Task<Result<TakenIn>> TakeBackAsync(Guid id, CancellationToken cancel)
    {
        await _one.WaitAsync(cancel);
        try
        {
            if ((await book.AllAsync(cancel)).FirstOrDefault(t => t.Id == id) is not { } taken)
                return new Missing("exchange");
            await UndoAsync(taken);
            await book.ForgetAsync(id, CancellationToken.None);
            return taken;
        }
        finally
        {
            _one.Release();
        }
    }

    private async Task<Result<TakenIn>> TakeAsync(TakeEntry entry, string text)
    {
        await _one.WaitAsync();
        try
        {
            var problems = new Problems();
            if (ExchangeFile.Read(text, problems) is not { } file)
                return new Invalid(problems, "exchange");
            var before = (await book.AllAsync(CancellationToken.None)).FirstOrDefault(t => t.Id == entry.Id);
            if (before is { Whole: true })
                return before;
            if (before is not null)
            {
                await UndoAsync(before);
                await book.ForgetAsync(before.Id, CancellationToken.None);
            }

            return await TakeAsync(entry, file);
        }
        finally
        {
            _one.Release();
        }
    }

    private async Task<Result<TakenIn>> TakeAsync(TakeEntry entry, ExchangeFile file)
    {
        NewFromFile fresh;
        using (await gate.EnterAsync(CancellationToken.None))
            fresh = await match.FindNewAsync(file, CancellationToken.None);
        if (Check(entry, fresh) is { } odd)
            return odd;
        List<Guid> ids = [.. fresh.Jobs.Select(_ => CommandId.Of(null, clock))];
        var taken = new TakenIn(entry.Id, file.From, file.SignedBy, clock.GetUtcNow(), [.. fresh.Own.Select(o => o.Id)], ids,
            [.. fresh.Pieces.Select(p => p.Key)], Whole: false)
        {
            Things =
            [
                .. fresh.Own.Where(o => o.Json is not null).Select(o => new TakenThing(o.From, o.Id, ContentHash.Of(o.Json!))),
                .. fresh.Jobs.Zip(ids).Where(j => j.First.From is not null)
                    .Select(j => new TakenThing(j.First.From!, j.Second.ToString(), j.First.Content)),
            ],
        };
        using (await gate.EnterAsync(CancellationToken.None))
        {
            // Written down before anything of it is kept: whatever happens then, it can be taken back.
            await book.KeepAsync(taken, CancellationToken.None);
            if (await KeepAsync(fresh, ids) is { } failure)
            {
                await UndoAsync(taken);
                await book.ForgetAsync(taken.Id, CancellationToken.None);
                return failure;
            }
        }

        if (fresh.Pieces.Count > 0)
            await reader.TakeInAsync(fresh.Pieces, CancellationToken.None);
        taken = taken with { Whole = true };
        using (await gate.EnterAsync(CancellationToken.None))
            await book.KeepAsync(taken, CancellationToken.None);
        return taken;
    }

    /// <summary>Reads everything through as it would be kept; a job may need what comes with it.</summary>
    private Invalid? Check(TakeEntry entry, NewFromFile fresh)
    {
        foreach (var own in fresh.Own.Where(o => o.Json is not null))
            if (keepOwn.Check(own.Kind, own.Json!.ToJsonString()) is { } failure)
                return failure;
        entry.Total = fresh.Jobs.Count;
        foreach (var job in fresh.Jobs)
        {
            if (keepJob.Check(job.Json.ToJsonString()) is { } failure)
                return failure;
            entry.Ready++;
        }

        return null;
    }

    private async Task<Failure?> KeepAsync(NewFromFile fresh, List<Guid> ids)
    {
        foreach (var one in fresh.Own)
        {
            var done = one.Json is { } json ? await keepOwn.AddAsync(one.Kind, json.ToJsonString(), null, CancellationToken.None)
                : await keepOwn.SetDeletedAsync(one.Id, false, CancellationToken.None);
            if (done.Failure is { } failure)
                return failure;
        }

        foreach (var (job, id) in fresh.Jobs.Zip(ids))
            if ((await keepJob.AddAsync(job.Json.ToJsonString(), id, CancellationToken.None)).Failure is { } failure)
                return failure;
        return null;
    }

    private async Task UndoAsync(TakenIn taken)
    {
        foreach (var job in taken.Jobs)
            await keepJob.SetDeletedAsync(job, true, CancellationToken.None);
        foreach (var own in taken.Own)
            await keepOwn.SetDeletedAsync(own, true, CancellationToken.None);
        if (taken.Pieces.Count > 0)
            await log.RemoveAsync(taken.Pieces, CancellationToken.None);
        learning.Forget();
    }
}
