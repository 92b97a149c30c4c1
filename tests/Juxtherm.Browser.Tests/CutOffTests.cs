using System.Globalization;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>The service cannot be reached for a while: nothing said or typed is lost, and nothing old passes for new.</summary>
public sealed class CutOffTests() : BenchBrowserTest(clockSpeed: 1)
{
    private void Reachable(bool reachable)
    {
        Driver.ExecuteCdpCommand("Network.enable", []);
        Driver.ExecuteCdpCommand("Network.emulateNetworkConditions",
            new Dictionary<string, object?>
            {
                ["offline"] = !reachable,
                ["latency"] = 0,
                ["downloadThroughput"] = -1,
                ["uploadThroughput"] = -1
            });
    }

    private JsonNode Kept(string path)
    {
        using var client = Service.CreateClient();
        return JsonNode.Parse(client.GetStringAsync(path).GetAwaiter().GetResult())!;
    }

    [Fact]
    [Trait("Run", "thorough")]
    public async Task A_press_that_closed_unheard_counts_on_and_is_told_with_its_time()
    {
        var run = Begin(Tee());
        Open($"/bench/{run}");
        PrepareBench();
        for (var patience = 0; (Bench("stage"), Bench("kind")) != ("press", "do") && patience < 20; patience++)
            NextStep();
        try
        {
            Reachable(false);
            BenchKey(" ");
            UntilTrue(() => Bench("kind") == "hold", "the page did not count on");
            var closed = Clock.GetUtcNow();
            Assert.Contains("kept with its time", See("[data-testid=offline]").Text, StringComparison.Ordinal);
            Assert.Equal("1", Bench("unheard"));
            Assert.Equal("do", (string)Kept($"/api/runs/{run}")["stations"]![0]!["focus"]!["step"]!["kind"]!);
            await Task.Delay(3000, TestContext.Current.CancellationToken);
            Reachable(true);
            UntilTrue(() => Bench("unheard") == "0", "it was never told");
            var focus = Kept($"/api/runs/{run}")["stations"]![0]!["focus"]!;
            Assert.Equal("hold", (string)focus["step"]!["kind"]!);
            // Not from when it was heard, but from when the plate closed.
            Assert.True(DateTimeOffset.Parse((string)focus["enteredUtc"]!, CultureInfo.InvariantCulture) < closed.AddSeconds(2));
            UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=offline]")).Count == 0, "it still says that nobody answers");
        }
        finally
        {
            Reachable(true);
        }
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void What_is_typed_is_kept_marked_and_saved_when_the_service_answers()
    {
        var id = Keep(Tee());
        Open($"/jobs/{id}/item");
        See("[data-testid=setpoint]");
        try
        {
            Reachable(false);
            Type(Field("Pieces"), "7");
            See("[data-testid=not-saved]");
            // The answer from before is there, but it does not pass for the answer to this.
            UntilTrue(() => (See("[data-testid=answer]").GetDomAttribute("class") ?? "").Contains("pale", StringComparison.Ordinal),
                "the old answer passes for the new one");
            Reachable(true);
            UntilTrue(() => See("main [role=status]").Text == "Saved", "it was not saved again");
            UntilTrue(() => !(See("[data-testid=answer]").GetDomAttribute("class") ?? "").Contains("pale", StringComparison.Ordinal),
                "the answer stays pale");
            Assert.Equal(7, (int)Kept($"/api/jobs/{id}")["job"]!["quantity"]!);
        }
        finally
        {
            Reachable(true);
        }
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Looking_at_the_bench_begins_nothing()
    {
        var id = Keep(Tee());
        Open($"/jobs/{id}/item");
        See(By.LinkText("Bench")).Click();
        See("[data-testid=bench-station]");
        Driver.Navigate().Refresh();
        See("[data-testid=bench-station]");
        Assert.Empty(Kept("/api/runs").AsArray());
        Button("Begin").Click();
        PrepareBench();
        Assert.Single(Kept("/api/runs").AsArray());
        See(By.LinkText("Exit")).Click();
        SeeText("In progress");
        Assert.Single(Kept("/api/runs").AsArray());
    }
}
