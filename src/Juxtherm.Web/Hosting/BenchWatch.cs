using Juxtherm.Store;

namespace Juxtherm.Web.Hosting;

/// <summary>
/// Keeps time while nobody asks: hears what presses do, and notes twice a second that the service is there, so that after an
/// absence it is known since when nobody kept time.
/// </summary>
/// <param name="folder">Where the note is kept.</param>
/// <param name="bench">The runs.</param>
/// <param name="presses">The presses.</param>
/// <param name="clock">The time.</param>
/// <param name="log">For what goes wrong.</param>
internal sealed class BenchWatch(DataFolder folder, BenchService bench, PressBench presses, TimeProvider clock, ILogger<BenchWatch> log) : BackgroundService
{
    private const int BeatMilliseconds = 50;
    private const int BeatsPerNote = 10;

    public override async Task StartAsync(CancellationToken cancellationToken)
    {
        if (folder.LastSeen is { } since)
        {
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
        for (var beat = 1; !stoppingToken.IsCancellationRequested; beat++)
        {
            try
            {
                await Task.Delay(BeatMilliseconds, stoppingToken);
                await presses.HearAllAsync(stoppingToken);
                if (beat % BeatsPerNote == 0)
                    Note();
            }
            catch (OperationCanceledException)
            {
                return;
            }
            catch (Exception e) when (e is IOException or Microsoft.Data.Sqlite.SqliteException or Core.Bench.BenchRefusedException or Microsoft.EntityFrameworkCore.DbUpdateException or System.Text.Json.JsonException or InvalidOperationException)
            {
                // Told and tried again with the next beat: the watch must not end because a disk was busy or one run cannot be read.
                log.LogWarning(e, "The bench could not be watched for a moment.");
            }
        }
    }

    private async Task WasAwayAsync(Guid run, DateTimeOffset since, CancellationToken cancel)
    {
        try
        {
            await bench.WasAwayAsync(run, since, cancel);
        }
        catch (Exception e) when (e is System.Text.Json.JsonException or InvalidOperationException or Core.Bench.BenchRefusedException)
        {
            // One run that cannot be read must not keep the others, and the whole service, from going on.
            log.LogError(e, "The run {Run} cannot be gone on with.", run);
        }
    }

    private void Note() => folder.NoteSeen(clock.GetUtcNow());
}
