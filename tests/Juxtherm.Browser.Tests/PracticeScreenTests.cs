using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>A lesson at the practice bench, played to its end: well, and badly.</summary>
public sealed class PracticeScreenTests : BenchBrowserTest
{
    private void Field(string label, string value) =>
        Type(See(By.XPath($"//label[normalize-space(.)='{label}']/following::input[1]")), value);

    private void CloseFor(string seconds)
    {
        Field("Seconds, if you know them", seconds);
        Button($"Close for {seconds} s").Click();
        // The clock runs ten times as fast and opens by itself.
        See(By.XPath("//button[normalize-space(.)='Close']"));
    }

    private void SetTo(string celsius)
    {
        Field("Dial", celsius);
        Button("Set").Click();
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_first_shirt_is_ruined_and_then_pressed_well_and_nothing_of_it_is_kept_elsewhere()
    {
        Open("/practice");
        SeeText("Ten lessons, five minutes each", "h2");
        Choose(See("main select"), "Somebody new");
        Type(See("main input[maxlength='60']"), "Wren" + Keys.Tab);
        See(By.CssSelector("a[aria-label='Begin: First shirt']")).Click();
        SeeText("First shirt", "h1");

        // Badly: as drawn, and three seconds.
        Button("Lay smooth").Click();
        CloseFor("3");
        SeeText("The carrier is on.");
        Button("Peel").Click();
        SeeText("It comes up with its carrier.");
        CloseFor("12");
        Button("Peel").Click();
        UntilTrue(() => Driver.FindElements(By.XPath("//button[normalize-space(.)='Peel']")).Count == 0, "it was not peeled");
        Button("Hand it over").Click();
        SeeText("It cannot be handed over like this.", "h2");
        SeeText("The cut file was not mirrored");
        SeeText("There was no preheat");
        SeeText("What careful work would have done");
        Assert.NotEmpty(Driver.FindElements(By.CssSelector("figure svg path")));

        // Well: it outlives a reload on the way.
        Button("Start again").Click();
        See(By.CssSelector("button[aria-label='The cut file: make it mirrored']")).Click();
        See(By.CssSelector("button[aria-label='First wash: make it after 24 hours']")).Click();
        SetTo("152");
        CloseFor("5");
        Driver.Navigate().Refresh();
        See(By.CssSelector("button[aria-label='The cut file: make it as drawn']"));
        Button("Lay smooth").Click();
        CloseFor("15");
        Button("Peel").Click();
        SeeText("The weave shows through.");
        Button("Hand it over").Click();
        SeeText("It holds, and nothing was lost.", "h2");
        Button("All benches").Click();
        SeeText("Went well; again on");
        Open("/logbook");
        See(By.CssSelector("main"));
        Assert.Empty(Driver.FindElements(By.XPath("//*[contains(text(),'First shirt')]")));
    }
}
