using System.Collections.Concurrent;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Reading;

namespace Juxtherm.App.Artwork;

/// <summary>Work on a drawing that goes on beside the request that asked for it.</summary>
/// <param name="Id">Ask again by it.</param>
public sealed record DrawingEntry(Guid Id) : IDisposable
{
    private readonly CancellationTokenSource _stop = new();
    private double _share;

    /// <summary>Share of it that is done, 0 to 1.</summary>
    public double Share => Volatile.Read(ref _share);

    /// <summary>What came of it.</summary>
    public Task<Result<DeskAnswer>> Work { get; private set; } = null!;

    /// <summary>Stops it where it still goes on.</summary>
    public void Dispose()
    {
        _stop.Cancel();
        _stop.Dispose();
    }

    internal void Begin(DrawingRoom room, Func<Problems, CancellationToken, DeskAnswer?> work) => Work = Background.Run(
        () => room.DoAsync(work, _stop.Token, told: share => Volatile.Write(ref _share, share))).Unwrap();
}

/// <summary>Drawings that are being worked on, so that progress can be seen and the work be stopped.</summary>
/// <param name="room">Where they are worked on.</param>
public sealed class DrawingWork(DrawingRoom room)
{
    private const int MostRemembered = 16;
    private readonly ConcurrentDictionary<Guid, DrawingEntry> _known = new();
    private readonly ConcurrentQueue<Guid> _order = new();

    /// <summary>Begins.</summary>
    /// <param name="work">What is done.</param>
    public DrawingEntry Begin(Func<Problems, CancellationToken, DeskAnswer?> work)
    {
        var entry = new DrawingEntry(Guid.NewGuid());
        _known[entry.Id] = entry;
        _order.Enqueue(entry.Id);
        entry.Begin(room, work);
        // Whoever has not come back for the oldest by now has gone.
        while (_known.Count > MostRemembered && _order.TryDequeue(out var oldest))
            Stop(oldest);
        return entry;
    }

    /// <summary>Work that goes on, or whose outcome nobody has fetched; null when there is none.</summary>
    /// <param name="id">Which.</param>
    public DrawingEntry? Find(Guid id) => _known.GetValueOrDefault(id);

    /// <summary>Forgets work; what still goes on is stopped.</summary>
    /// <param name="id">Which.</param>
    /// <returns>It was there.</returns>
    public bool Stop(Guid id)
    {
        if (!_known.TryRemove(id, out var entry))
            return false;
        entry.Dispose();
        return true;
    }
}
