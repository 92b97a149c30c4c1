using Juxtherm.Core.Runs;
using Juxtherm.Store.Keeping;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Logging;

namespace Juxtherm.App.Bench;

/// <summary>
/// Keeps time while nobody asks: hears what presses do, tells of times that are over, and notes twice a second that the service is there,
/// so that after an absence
/// it is known since when nobody kept time. While nothing is at a press there is no time to keep, and it sleeps.
/// </summary>
/// <param name="folder">Where the note is kept.</param>
/// <param name="bench">The runs.</param>
/// <param name="presses">The presses.</param>
/// <param name="signals">Wakes it.</param>
/// <param name="gate">Nothing is written while the data is exchanged.</param>
/// <param name="clock">The time.</param>
/// <param name="log">For what goes wrong.</param>
public sealed class BenchWatch(DataFolder folder, BenchService bench, PressBench presses, RunSignals signals, WorkshopGate gate,
    TimeProvider clock, ILogger<BenchWatch> log) : BackgroundService
{
    private const int BeatMilliseconds = 50;
    private const int BeatsPerNote = 10;

    // How often it is looked whether anything is at a press still, and whether the clock was set.
    private const int BeatsPerLook = 100;
    private static readonly TimeSpan Sleep = TimeSpan.FromMinutes(1);

    public override async Task StartAsync(CancellationToken cancellationToken)
    {
        if (folder.LastSeen is { } since)
        {
            if (since > clock.GetUtcNow() && clock is SteadyClock steady && await AnythingAsync(cancellationToken))
                steady.GoOnFrom(since);
            foreach (var run in await bench.IdsUnderWayAsync(cancellationToken))
                await WasAwayAsync(run, since, cancellationToken);
        }

        Note();
        await base.StartAsync(cancellationToken);
    }

    public override async Task StopAsync(CancellationToken cancellationToken)
    {
        await base.StopAsync(cancellationToken);
        Note();
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                var woken = signals.Any;
                if (await AnythingAsync(stoppingToken))
                    await WatchAsync(stoppingToken);
                else
                {
                    (clock as SteadyClock)?.FollowTheWall();
                    await Task.WhenAny(woken, Task.Delay(Sleep, stoppingToken));
                }
            }
            catch (OperationCanceledException)
            {
                return;
            }
            catch (Exception e) when (e is not OutOfMemoryException)
            {
                // Told and tried again with the next beat: the watch must not end because a disk was busy or one run cannot be read.
                log.LogWarning(e, "The bench could not be watched for a moment.");
                await Task.Delay(BeatMilliseconds * BeatsPerNote, CancellationToken.None);
            }
        }
    }

    /// <summary>Something is at a press, or a press is connected.</summary>
    private async Task<bool> AnythingAsync(CancellationToken cancel) =>
        presses.AnyConnected
        || (await bench.UnderWayAsync(cancel))
        .Any(r => r.State.Status == RunStatus.Running && r.State.Pieces.Any(p => p.Status == PieceStatus.InHand));

    private async Task WatchAsync(CancellationToken cancel)
    {
        Note();
        for (var beat = 1; beat <= BeatsPerLook; beat++)
        {
            await Task.Delay(BeatMilliseconds, cancel);
            signals.Pass(clock.GetUtcNow());
            if (presses.AnyConnected)
            {
                using (await gate.EnterAsync(cancel))
                    await presses.HearAllAsync(cancel);
            }

            if (beat % BeatsPerNote == 0)
                Note();
        }
    }

    private async Task WasAwayAsync(Guid run, DateTimeOffset since, CancellationToken cancel)
    {
        try
        {
            await bench.WasAwayAsync(run, since, cancel);
        }
        catch (Exception e) when (e is not (OperationCanceledException or OutOfMemoryException))
        {
            // One run that cannot be read must not keep the others, and the whole service, from going on.
            log.LogError(e, "The run {Run} cannot be gone on with.", run);
        }
    }

    /// <summary>A full disk is no reason not to start: without the note more is asked after an absence, and nothing is lost.</summary>
    private void Note()
    {
        try
        {
            folder.NoteSeen(clock.GetUtcNow());
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            log.LogWarning(e, "It could not be noted that the service is there.");
        }
    }
}
