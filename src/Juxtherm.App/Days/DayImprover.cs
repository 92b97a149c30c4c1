using Juxtherm.Core.Days;
using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Scheduling;

namespace Juxtherm.App.Days;

/// <summary>Looks for a better plan of the day beside requests, so that progress can be seen and the work be stopped.</summary>
/// <param name="planner">Plans.</param>
public sealed class DayImprover(DayPlanner planner) : IDisposable
{
    private readonly Lock _one = new();
    private CancellationTokenSource? _stop;
    private volatile ImprovingDay? _now;

    /// <summary>How far it is; null where nothing is looked for.</summary>
    public ImprovingDay? Now => _now;

    /// <summary>The work that goes on; null for none.</summary>
    public Task? Work { get; private set; }

    /// <summary>Begins; what went on before is stopped and comes to nothing.</summary>
    /// <param name="ask">What is asked.</param>
    /// <param name="found">Keeps what came of it.</param>
    public void Begin(DayAsk ask, Func<PlannedDay, Task> found)
    {
        ArgumentNullException.ThrowIfNull(ask);
        lock (_one)
        {
            _stop?.Cancel();
            var stop = _stop = new CancellationTokenSource();
            _now = new ImprovingDay(0, ask.From, ask.From);
            Work = Background.Run(async () =>
            {
                try
                {
                    var planned = planner.Plan(ask, ScheduleEffort.Thorough, p =>
                    {
                        if (_stop == stop)
                            _now = new ImprovingDay(p.Share, p.Finish, p.Bound);
                        return !stop.IsCancellationRequested;
                    }, stop.Token);
                    await found(planned);
                }
                finally
                {
                    lock (_one)
                        if (_stop == stop)
                            _now = null;
                }
            });
        }
    }

    /// <summary>Stops it: the best so far is kept. Whatever went wrong with it is no matter of whoever stops it.</summary>
    public async Task StopAsync()
    {
        Task? work;
        lock (_one)
        {
            _stop?.Cancel();
            work = Work;
        }

        if (work is not null)
            await work.ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
    }

    public void Dispose()
    {
        _stop?.Cancel();
        _stop?.Dispose();
    }
}
