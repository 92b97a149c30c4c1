using System.Collections.Concurrent;
using Juxtherm.App.Learning;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Juxtherm.Store.Keeping;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.App.Logbook.Import;

/// <summary>A logbook being read in, or read.</summary>
/// <param name="id">Ask again by it.</param>
public sealed class LogReadInEntry(Guid id)
{
    public Guid Id { get; } = id;

    /// <summary>Entries in the file; 0 until they are counted.</summary>
    public int Total { get; set; }

    /// <summary>Of these made ready.</summary>
    public int Ready { get; set; }

    public Problems Problems { get; } = new();

    /// <summary>Ends with how many were new; 0 when something is wrong.</summary>
    public Task<int> Work { get; set; } = Task.FromResult(0);
}

/// <summary>
/// Takes entries of another logbook in, beside everything else: the file is read through, then everything made ready in a database
/// of its own, and at last taken in at once.
/// </summary>
/// <param name="folder">Where the file and the database of its own are.</param>
/// <param name="store">Keeps them.</param>
/// <param name="catalogues">What is on the shelf.</param>
/// <param name="reckoner">Reckons what they tell of their heat.</param>
/// <param name="learning">Learns from them.</param>
/// <param name="gate">Nothing is written while the data is exchanged.</param>
public sealed class LogReader(DataFolder folder, LogStore store, WorkshopCatalogue catalogues, HeatReckoner reckoner,
    WorkshopLearning learning, WorkshopGate gate) : IDisposable
{
    private const int RowsAtOnce = 200;
    private const int MostRemembered = 16;
    private readonly ConcurrentDictionary<Guid, LogReadInEntry> _known = new();

    // One after the other: each takes its time and its room.
    private readonly SemaphoreSlim _one = new(1);

    public void Dispose() => _one.Dispose();

    /// <summary>A file begun before; null when it is forgotten.</summary>
    public LogReadInEntry? Find(Guid id) => _known.GetValueOrDefault(id);

    /// <summary>Begins to read a file in; the same id once more finds it.</summary>
    /// <param name="id">Chosen by whoever asks.</param>
    /// <param name="from">The file.</param>
    /// <param name="cancel">Gives up while it is still coming.</param>
    public async Task<LogReadInEntry> BeginAsync(Guid id, Stream from, CancellationToken cancel)
    {
        if (Find(id) is { } known)
            return known;
        var path = Incoming(id);
        try
        {
            await using var file = File.Create(path);
            await from.CopyToAsync(file, cancel);
        }
        catch
        {
            File.Delete(path);
            throw;
        }

        while (_known.Count >= MostRemembered && _known.Values.FirstOrDefault(e => e.Work.IsCompleted) is { } over)
            _known.TryRemove(over.Id, out _);
        var entry = new LogReadInEntry(id);
        if (!_known.TryAdd(id, entry))
            return _known[id];
        entry.Work = Background.Run(() => ReadAsync(entry, path)).Unwrap();
        return entry;
    }

    /// <summary>Takes entries in.</summary>
    /// <returns>How many were new.</returns>
    public async Task<int> TakeInAsync(IEnumerable<LogEntry> entries, CancellationToken cancel)
    {
        var path = Incoming(Guid.NewGuid());
        try
        {
            return await TakeInAsync(entries, path, _ => { }, cancel);
        }
        finally
        {
            Clear(path);
        }
    }

    private string Incoming(Guid id) => Path.Combine(folder.Path, $"{Leftovers.Incoming}{id:N}.log");

    private async Task<int> ReadAsync(LogReadInEntry entry, string path)
    {
        await _one.WaitAsync();
        try
        {
            // Read through to its end before anything is kept: all of it or nothing.
            foreach (var _ in Each(path, entry.Problems))
                entry.Total++;
            if (!entry.Problems.None)
                return 0;
            return await TakeInAsync(Each(path, entry.Problems), path + ".db", ready => entry.Ready = ready, CancellationToken.None);
        }
        finally
        {
            _one.Release();
            Clear(path);
            Clear(path + ".db");
        }
    }

    private static IEnumerable<LogEntry> Each(string path, Problems problems)
    {
        using (var file = new StreamReader(path))
        {
            if (file.Peek() != '{' && !BeginsLikeJson(path))
            {
                foreach (var entry in LogTable.Each(file, problems))
                    yield return entry;
                yield break;
            }
        }

        foreach (var entry in LogFile.Each(File.ReadAllBytes(path), problems))
            yield return entry;
    }

    private static bool BeginsLikeJson(string path)
    {
        using var file = new StreamReader(path);
        int sign;
        do
        {
            sign = file.Read();
        }
        while (sign >= 0 && (char.IsWhiteSpace((char)sign) || sign == '\uFEFF'));
        return sign == '{';
    }

    private async Task<int> TakeInAsync(IEnumerable<LogEntry> entries, string path, Action<int> told, CancellationToken cancel)
    {
        var own = await catalogues.OwnAsync(cancel);
        // Pieces of one setting are reckoned once.
        var known = new Dictionary<object, HeatHad?>();
        var keys = new HashSet<Guid>();
        await using (var stage = WorkshopArchive.At(path))
        {
            await stage.Database.MigrateAsync(cancel);
            stage.ChangeTracker.AutoDetectChangesEnabled = false;
            var ready = 0;
            foreach (var part in entries.Chunk(RowsAtOnce))
            {
                foreach (var entry in part.Where(e => keys.Add(e.Key)))
                {
                    if (!known.TryGetValue(Alike(entry), out var heat))
                        known[Alike(entry)] = heat = reckoner.Of(entry, own);
                    stage.Add(LogRows.Row(entry with { Heat = heat }, null, reckoner.By));
                }

                await stage.SaveChangesAsync(cancel);
                stage.ChangeTracker.Clear();
                told(ready += part.Length);
            }
        }

        SqliteConnection.ClearAllPools();
        using (await gate.EnterAsync(cancel))
        {
            var added = await store.TakeInAsync(path, cancel);
            learning.Forget();
            return added;
        }
    }

    private static void Clear(string path)
    {
        foreach (var part in new[] { "", "-wal", "-shm", "-journal" })
            File.Delete(path + part);
    }

    private static object Alike(LogEntry e) =>
        (e.Item.Vinyl, e.Item.Material, e.Item.Form, e.Under.HeatSource, e.Under.Cover, e.Under.Underlay, e.Pressed.Pressure,
            (Math.Round(e.Pressed.Celsius, 1), Math.Round(e.Pressed.Seconds, 1), Math.Round(e.BackSeconds, 1),
                Math.Round(e.Pressed.PressureKPa, 2)));
}
