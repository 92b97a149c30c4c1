using System.Globalization;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>A day from its jobs to the last handover, and a quote from the price to the press.</summary>
public sealed class DayScreenTests : BenchBrowserTest
{
    private JsonObject Job(string title, int quantity)
    {
        var job = Tee();
        (job["title"], job["quantity"]) = (title, quantity);
        return job;
    }

    private void Set(string label, string value)
    {
        var field = See(By.XPath($"//label[.//*[normalize-space(.)='{label}']]//input | //input[@aria-label='{label}']"));
        // Fields of dates and times are filled in as the browser's language has them; their value is the same everywhere.
        Driver.ExecuteScript("""
            const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
            set.call(arguments[0], arguments[1]);
            arguments[0].dispatchEvent(new Event('input', { bubbles: true }));
            """, Driver.FindElement(By.XPath($"//label[.//*[normalize-space(.)='{label}']]//input | //input[@aria-label='{label}']")), value);
        Assert.Equal(value, field.GetDomProperty("value"));
    }

    private string ReadyOf(string title) => See(By.XPath($"//tr[.//a[normalize-space(.)='{title}']]/td[4]")).Text;

    [Fact]
    [Trait("Run", "thorough")]
    public void Three_jobs_are_planned_something_goes_wrong_and_all_are_handed_over()
    {
        foreach (var (title, quantity) in new[] { ("Crew tees", 4), ("Raffle totes", 2), ("Warden's tee", 1) })
            Keep(Job(title, quantity));
        Open("/day");
        SeeText("Plan a day", "h1");
        Assert.False(Button("Plan the day").Enabled);
        foreach (var box in Driver.FindElements(By.CssSelector("fieldset input[type=checkbox]")))
            box.Click();
        var now = Clock.GetUtcNow();
        Set("Day", now.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture));
        Set("Begin at", now.ToString("HH:mm", CultureInfo.InvariantCulture));
        Set("Due: Crew tees", now.AddHours(3).ToString("HH:mm", CultureInfo.InvariantCulture));
        Button("Add a helper").Click();
        Type(See("input[aria-label='Name 2']"), "Wren");
        Button("Plan the day").Click();
        SeeText("Done at");
        SeeText("Everything is in time.");
        Assert.Equal(3, Driver.FindElements(By.CssSelector("section[aria-label=Jobs] tbody tr")).Count);
        Assert.True(Driver.FindElements(By.CssSelector(".day-bar.pressing")).Count > 2);
        var before = ReadyOf("Crew tees");

        // Wren goes home, and a tee has to be made again.
        Clock.Advance(12 * 60);
        Button("Wren left").Click();
        UntilTrue(() => See("section[aria-label='Something changed'] [role=status]").Text.Contains("moved", StringComparison.Ordinal),
            "nobody said what moved");
        Choose(See("select[aria-label='Make a piece again']"), "Crew tees");
        UntilTrue(() => ReadyOf("Crew tees") != before, "the piece that is made again takes no time");

        Button("What now?").Click();
        var hands = See("section[aria-label='Hands 1']");
        Assert.NotEqual("Free", hands.FindElement(By.CssSelector("p[aria-live]")).Text);
        See("section[aria-label=Wren]");
        UntilTrue(() => See("section[aria-label=Wren] p[aria-live]").Text == "Free", "Wren works on at home");
        var doing = See("section[aria-label='Hands 1'] p[aria-live]").Text;
        Button("Done").Click();
        UntilTrue(() => See("section[aria-label='Hands 1'] p[aria-live]").Text != doing, "what is done goes on");

        // What if somebody helped after all?
        Button("Back to the day").Click();
        Button("Compare").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("section[aria-label=Compare] th")).Any(e => e.Text == "One more helper"),
            "nothing stands side by side");
        Clock.Advance(3 * 3600);
        Open("/day/now");
        SeeText("All done for the day.");
        Open("/day");
        UntilTrue(() => Driver.FindElements(By.CssSelector("section[aria-label=Jobs] tbody tr")).Count == 3, "a job is gone");
        Button("To buy").Click();
        SeeText("To buy", "h1");
        SeeText("Tee", "td");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_quote_is_given_accepted_and_pressed()
    {
        var job = Job("Crew tees", 2);
        job["layers"]![0]!["widthMm"] = 120;
        job["layers"]![0]!["heightMm"] = 60;
        var id = Keep(job);
        Open($"/jobs/{id}/price");
        SeeText("Type in your hourly rate");
        Type(Field("An hour of work"), "18");
        Type(Field("The item itself"), "4.50");
        Type(Field("Margin"), "30");
        Type(Field("Sales tax"), "7");
        Pick("Round to", "the next half");
        Button("Save").Click();
        SeeText("you lose money");
        var each = See("section[aria-label=Price] .numeral").Text;
        Assert.Matches(@"^\$\d+\.[05]0 each$", each);

        Button("Give a quote").Click();
        Type(See(By.XPath("//label[.//*[text()='Customer']]//input")), "Sky Circle");
        Type(See(By.XPath("//label[.//*[text()='Price each']]//input")), "1");
        SeeText("That is below the cost");
        Type(See(By.XPath("//label[.//*[text()='Price each']]//input")), "25");
        Button("Give the quote").Click();
        SeeText("2 at $25.00");
        Set("Hand over on", "2026-12-05");
        Button("Customer said yes").Click();
        SeeText("Accepted");
        Open("/");
        UntilTrue(() => Driver.PageSource.Contains("Dec 5", StringComparison.Ordinal), "the job is not due");

        Open($"/jobs/{id}/press");
        BeginAtBench();
        for (var piece = 0; piece < 2; piece++)
        {
            GoOnUntil("inspect");
            SayGood();
        }

        See("[data-testid=run-over]");
        SeeText("It cost $");
    }
}
