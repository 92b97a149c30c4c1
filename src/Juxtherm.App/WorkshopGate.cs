namespace Juxtherm.App;

/// <summary>
/// Everybody goes in and out while the workshop is open; to exchange its data it is closed, once all who are in have left, and who
/// comes meanwhile is held at the door. So nothing is acknowledged between the backup of the old data and the new.
/// </summary>
public sealed class WorkshopGate : IDisposable
{
    private readonly Lock _one = new();
    private readonly SemaphoreSlim _exchange = new(1);
    private int _inside;
    private TaskCompletionSource? _closed;
    private TaskCompletionSource? _empty;

    public void Dispose() => _exchange.Dispose();

    /// <summary>Goes in; held while the workshop is closed.</summary>
    /// <returns>Goes out.</returns>
    public async Task<IDisposable> EnterAsync(CancellationToken cancel)
    {
        while (true)
        {
            Task wait;
            lock (_one)
            {
                if (_closed is null)
                {
                    _inside++;
                    return new Leaves(Left);
                }

                wait = _closed.Task;
            }

            await wait.WaitAsync(cancel);
        }
    }

    /// <summary>Closes the workshop, one at a time, and waits until everybody is out.</summary>
    /// <param name="patience">How long to wait for that.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>Opens it again.</returns>
    /// <exception cref="TimeoutException">Somebody did not leave; it is open again.</exception>
    public async Task<IDisposable> CloseAsync(TimeSpan patience, CancellationToken cancel)
    {
        await _exchange.WaitAsync(cancel);
        Task empty;
        lock (_one)
        {
            _closed = new TaskCompletionSource(TaskCreationOptions.RunContinuationsAsynchronously);
            _empty = new TaskCompletionSource(TaskCreationOptions.RunContinuationsAsynchronously);
            if (_inside == 0)
                _empty.SetResult();
            empty = _empty.Task;
        }

        try
        {
            await empty.WaitAsync(patience, cancel);
            return new Leaves(Opened);
        }
        catch
        {
            Opened();
            throw;
        }
    }

    private void Left()
    {
        lock (_one)
        {
            if (--_inside == 0)
                _empty?.TrySetResult();
        }
    }

    private void Opened()
    {
        TaskCompletionSource? closed;
        lock (_one)
            (closed, _closed, _empty) = (_closed, null, null);
        closed?.SetResult();
        _exchange.Release();
    }

    private sealed class Leaves(Action leave) : IDisposable
    {
        private Action? _leave = leave;

        public void Dispose() => Interlocked.Exchange(ref _leave, null)?.Invoke();
    }
}
