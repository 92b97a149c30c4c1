using System.Globalization;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>A tab that nobody looks at, on a clock that runs faster than the one on the wall. The benchmarks take ten real minutes for it.</summary>
public sealed class HiddenTabTests() : BrowserTest(clockSpeed: 5)
{
    [Fact]
    public async Task A_hidden_tab_does_not_stretch_a_press_and_knows_when_it_is_over()
    {
        Open("/");
        Choose(See("select[aria-label=Vinyl]"), "smooth vinyl");
        Choose(See("select[aria-label=Press]"), "swing-away press");
        UntilTrue(() => See("[data-testid=setpoint]").Text.Contains("152 °C", StringComparison.Ordinal), "the front page did not answer");
        Button("Make it a job").Click();
        Button("Take it to the bench").Click();
        PrepareBench();
        var run = new Uri(Driver.Url).Segments[^1];
        // Past the preheat, to the closing of the press that bonds.
        UntilTrue(() => Bench("stage") == "prepare" && Bench("kind") == "do", "there was no preheat");
        Press(" ");
        UntilTrue(() => Bench("stage") == "press" && Bench("kind") == "do", "the preheat did not end");
        Driver.ExecuteScript("window.overAt = 0; new MutationObserver(() => { if (document.querySelector('[data-stage=peel]')) window.overAt ||= Date.now(); }).observe(document.body, { subtree: true, attributes: true, childList: true });");
        var tab = Driver.CurrentWindowHandle;
        Press(" ");
        UntilTrue(() => Bench("kind") == "hold", "the plate did not close");
        Driver.SwitchTo().NewWindow(WindowType.Tab);
        await Task.Delay(4500, TestContext.Current.CancellationToken);
        var back = DateTimeOffset.UtcNow.ToUnixTimeMilliseconds();
        Driver.SwitchTo().Window(tab);

        using var client = Service.CreateClient();
        var state = JsonNode.Parse(await client.GetStringAsync($"/api/runs/{run}", TestContext.Current.CancellationToken))!;
        var planned = (double)state["stations"]![0]!["press"]!["seconds"]!;
        Assert.Equal(planned, (double)state["pieces"]![0]!["lastHoldSeconds"]!, 0.01);
        // It was told while nobody looked, not when somebody came back.
        Assert.InRange(Convert.ToDouble(Driver.ExecuteScript("return window.overAt")!, CultureInfo.InvariantCulture), 1, back);
        Assert.NotEqual("hold", Bench("kind"));
    }
}
