using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>A tab that nobody looks at, on a clock that runs faster than the one on the wall. The benchmarks take ten real minutes for
/// it.</summary>
public sealed class HiddenTabTests() : BrowserTest(clockSpeed: 5)
{
    [Fact]
    [Trait("Run", "thorough")]
    public async Task A_hidden_tab_does_not_stretch_a_press_and_knows_when_it_is_over()
    {
        Open("/");
        Word("Vinyl", "smooth vinyl");
        Word("Press", "swing-away press");
        UntilTrue(() => See("[data-testid=setpoint]").Text.Contains("152 °C", StringComparison.Ordinal), "the front page did not answer");
        Button("Save as a job").Click();
        BeginAtBench();
        var run = new Uri(Driver.Url).Segments[^1];
        // Past the preheat, to the closing of the press that bonds.
        UntilTrue(() => Bench("stage") == "prepare" && Bench("kind") == "do", "there was no preheat");
        BenchKey(" ");
        UntilTrue(() => Bench("stage") == "press" && Bench("kind") == "do", "the preheat did not end");
        Driver.ExecuteScript(
            "new MutationObserver(() => { if (document.querySelector('[data-stage=peel]')) localStorage.over ||= " +
                "document.visibilityState; }).observe(document.body, { subtree: true, attributes: true, childList: true });");
        var tab = Driver.CurrentWindowHandle;
        BenchKey(" ");
        UntilTrue(() => Bench("kind") == "hold", "the plate did not close");
        Driver.SwitchTo().NewWindow(WindowType.Tab);
        Open("/health/ready");
        // It is told while nobody looks, not when somebody comes back.
        Assert.Equal("hidden",
            Until(() => (string?)Driver.ExecuteScript("return localStorage.over ?? null"), "the hidden tab was not told"));
        Driver.SwitchTo().Window(tab);

        using var client = Service.CreateClient();
        var state = JsonNode.Parse(await client.GetStringAsync($"/api/runs/{run}", TestContext.Current.CancellationToken))!;
        var planned = (double)state["stations"]![0]!["press"]!["seconds"]!;
        Assert.Equal(planned, (double)state["pieces"]![0]!["lastHoldSeconds"]!, 0.01);
        Assert.NotEqual("hold", Bench("kind"));
    }
}
