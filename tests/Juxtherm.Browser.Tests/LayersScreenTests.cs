using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>A job of several layers from its picture to the logbook.</summary>
public sealed class LayersScreenTests() : BrowserTest(demo: true)
{
    private string OpenNightTee(string station)
    {
        Open("/");
        var id = new Uri(SeeText("Night tee", "a").GetDomProperty("href")!).Segments[2].TrimEnd('/');
        Open($"/jobs/{id}/{station}");
        See("[data-testid=setpoint]");
        return id;
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void The_sandwich_shows_the_layers_in_true_order_and_the_ribbon_leads_through_all_presses()
    {
        OpenNightTee("press");
        var drawn = See("svg[aria-label*='moon, smooth']").GetDomAttribute("aria-label")!;
        Assert.True(drawn.IndexOf("moon, smooth", StringComparison.Ordinal) < drawn.IndexOf("tarn, smooth", StringComparison.Ordinal));
        var parts = Driver.FindElements(By.CssSelector("nav[aria-label='The job over time'] [role=button]"));
        Assert.Equal(2, parts.Count(p => p.GetDomAttribute("aria-label")!.StartsWith("tack", StringComparison.Ordinal)));
        var tack = parts.First(p => p.GetDomAttribute("aria-label")!.StartsWith("tack", StringComparison.Ordinal));
        tack.Click();
        UntilTrue(() => tack.GetDomAttribute("aria-pressed") == "true", "the tack was not chosen");
        // While only the first layer lies there, no other is drawn.
        UntilTrue(() => Driver.FindElements(By.CssSelector("svg[aria-label*='moon, smooth']")).Count == 0,
            "the second layer is drawn too early");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void All_layers_are_pressed_at_the_bench_and_stand_in_the_logbook()
    {
        OpenNightTee("press");
        BeginAtBench();
        var seen = new List<string>();
        GoOnUntil("inspect", () => seen.Add(See("[data-testid=bench]").Text));
        Assert.Contains(seen, t => t.Contains("“tarn” on the warm fabric", StringComparison.Ordinal));
        Assert.Contains(seen, t => t.Contains("in its place", StringComparison.Ordinal) && t.Contains("“moon”", StringComparison.Ordinal)
            && t.Contains("“stars”", StringComparison.Ordinal));
        Assert.Contains(seen, t => t.Contains("over all of it", StringComparison.Ordinal));
        SayGood();
        Open("/logbook");
        UntilTrue(() => See("tbody tr").Text.Contains("Night tee", StringComparison.Ordinal), "it is not in the logbook");
        Assert.Contains("smooth, glow vinyl", See("tbody tr").Text, StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_layer_moved_to_the_back_is_pressed_after_turning()
    {
        var id = OpenNightTee("place");
        Choose(See(By.XPath("//label[contains(., 'Move')]//select")), "stars");
        Button("Move “stars” to the back").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-layer=stars]")).Count == 0, "it stayed on the front");
        Button("Back").Click();
        See("button[aria-label='Place here: Across the back']").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-layer=stars]")).Count == 1, "it is not on the back");
        UntilTrue(() => See("main [role=status]").Text == "Saved", "it was not saved");
        Open($"/jobs/{id}/press");
        SeeText("press: tarn, moon", "th");
        SeeText("press: stars", "th");
    }
}
