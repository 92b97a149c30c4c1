using Juxtherm.Testing;

namespace Juxtherm.Web.Tests;

/// <summary>The service killed at work, in its start and in an exchange: twenty times when asked for by its name, three hundred when
/// everything is looked at.</summary>
public sealed class KillTests : IDisposable
{
    private readonly string _folder = Workshop.NewFolder();

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    [Fact]
    [Trait("Run", "thorough")]
    public async Task Nothing_is_lost_stuck_half_doubled_overwritten_or_left_about()
    {
        var kills = Environment.GetEnvironmentVariable("JUXTHERM_THOROUGH") == "1" ? 300 : 20;
        using var service = new Kills(Path.Combine(AppContext.BaseDirectory, "Juxtherm.Web.dll"), _folder, seed: 11);
        var report = await service.RunAsync(kills, TestContext.Current.CancellationToken);
        Assert.True(report.AllWell, $"{report}");
        Assert.Equal(kills, report.AtWork + report.InStart + report.InExchange);
        // How much is said between two kills is a matter of the machine; that something is, is not.
        Assert.True(report.Acknowledged > kills / 3 && report.Exchanged > 0, $"{report}");
    }
}
