using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>The first hour: an empty workshop, and somebody who knows nothing of it.</summary>
public sealed class TourTests : BrowserTest
{
    [Fact]
    [Trait("Run", "thorough")]
    public void An_empty_start_shows_itself_round_and_leaves_nothing_behind()
    {
        Open("/");
        Button("Two-minute tour").Click();
        foreach (var station in new[] { "item", "place", "artwork", "cut", "press" })
        {
            UntilTrue(() => Driver.Url.EndsWith($"/{station}", StringComparison.Ordinal), $"the tour does not come to {station}");
            See("aside[aria-label=Tour]");
            See(By.XPath("//aside[@aria-label='Tour']//a[normalize-space(.)='Next']")).Click();
        }

        // A reload in the middle goes on where it was.
        Driver.Navigate().Refresh();
        Assert.Contains("Tour, 6 of 6", See("aside[aria-label=Tour]").Text, StringComparison.Ordinal);
        Button("Done, remove the example").Click();
        SeeText("No jobs yet");
        Assert.Empty(Driver.FindElements(By.CssSelector("aside[aria-label=Tour]")));
    }
}
