using Juxtherm.Testing;

namespace Juxtherm.Web.Tests;

/// <summary>The service killed in the middle of a run. The benchmarks do it a hundred times; here it is a few.</summary>
public sealed class FallTests : IDisposable
{
    private readonly string _folder = Workshop.NewFolder();

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    [Fact]
    [Trait("Run", "thorough")]
    public async Task No_acknowledged_step_is_lost_and_timers_stay_right()
    {
        using var falls = new Falls(Path.Combine(AppContext.BaseDirectory, "Juxtherm.Web.dll"), _folder, seed: 7);
        var report = await falls.RunAsync(3, TestContext.Current.CancellationToken);
        Assert.True(report.Acknowledged > 6, $"{report}");
        Assert.Equal((3, 0, 0), (report.Kills, report.Lost, report.Unasked));
        Assert.InRange(report.WorstTimerSeconds, 0, 0.5);
    }
}
