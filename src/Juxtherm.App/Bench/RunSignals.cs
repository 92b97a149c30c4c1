using System.Collections.Concurrent;

namespace Juxtherm.App.Bench;

/// <summary>Tells those who watch a run that something happened in it. They wait; nobody looks again and again.</summary>
public sealed class RunSignals
{
    private readonly ConcurrentDictionary<Guid, TaskCompletionSource> _next = new();
    private readonly ConcurrentDictionary<Guid, DateTimeOffset> _due = new();
    private volatile TaskCompletionSource _any = New();

    /// <summary>Ends with the next thing that happens in any run.</summary>
    public Task Any => _any.Task;

    /// <summary>Ends with the next thing that happens in a run. Asked for before the run is looked at, it misses nothing.</summary>
    public Task Next(Guid run) => _next.GetOrAdd(run, static _ => New()).Task;

    /// <summary>Something will have happened by then, without anybody saying anything: a time is over.</summary>
    public void WakeAt(Guid run, DateTimeOffset due) => _due[run] = due;

    /// <summary>Tells of the times that are over by now.</summary>
    public void Pass(DateTimeOffset now)
    {
        foreach (var (run, due) in _due)
        {
            if (due <= now && _due.TryRemove(new KeyValuePair<Guid, DateTimeOffset>(run, due)))
                Wake(run);
        }
    }

    /// <summary>Something happened.</summary>
    public void Raise(Guid run)
    {
        Wake(run);
        Interlocked.Exchange(ref _any, New()).SetResult();
    }

    private void Wake(Guid run)
    {
        if (_next.TryRemove(run, out var waiting))
            waiting.SetResult();
    }

    private static TaskCompletionSource New() => new(TaskCreationOptions.RunContinuationsAsynchronously);
}
