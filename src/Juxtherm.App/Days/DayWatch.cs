using Juxtherm.App.Bench;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Logging;

namespace Juxtherm.App.Days;

/// <summary>Hears what is said at the bench, and lets the day know.</summary>
/// <param name="signals">Tells that something happened.</param>
/// <param name="day">The day.</param>
/// <param name="gate">Nothing is written while the data is exchanged.</param>
/// <param name="log">Where trouble is written down.</param>
public sealed partial class DayWatch(RunSignals signals, KeepDay day, WorkshopGate gate, ILogger<DayWatch> log) : BackgroundService
{
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            var next = signals.Any;
            try
            {
                using (await gate.EnterAsync(stoppingToken))
                    await day.HearBenchAsync(stoppingToken);
                await next.WaitAsync(stoppingToken);
            }
            catch (OperationCanceledException) when (stoppingToken.IsCancellationRequested)
            {
                return;
            }
            catch (Exception e) when (e is not OutOfMemoryException)
            {
                CouldNot(log, e);
                await next.WaitAsync(stoppingToken).ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
            }
        }
    }

    [LoggerMessage(Level = LogLevel.Warning, Message = "The day could not be planned anew from the bench.")]
    private static partial void CouldNot(ILogger log, Exception why);
}
