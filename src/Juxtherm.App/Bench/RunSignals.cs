using System.Collections.Concurrent;

namespace Juxtherm.App.Bench;

/// <summary>Tells those who watch a run that something happened in it.</summary>
public sealed class RunSignals
{
    private readonly ConcurrentDictionary<Guid, int> _counts = new();
    private volatile TaskCompletionSource _any = new(TaskCreationOptions.RunContinuationsAsynchronously);

    /// <summary>Ends with the next thing that happens in any run.</summary>
    public Task Any => _any.Task;

    /// <summary>Grows with everything that happens in a run while this program runs.</summary>
    public int Count(Guid run) => _counts.GetValueOrDefault(run);

    /// <summary>Something happened.</summary>
    public void Raise(Guid run)
    {
        _counts.AddOrUpdate(run, 1, (_, n) => n + 1);
        Interlocked.Exchange(ref _any, new TaskCompletionSource(TaskCreationOptions.RunContinuationsAsynchronously)).SetResult();
    }
}
