using System.Globalization;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>How many clicks and keys everyday work takes. A list that is opened and picked from counts as two, a text that is pasted as
/// one.</summary>
public sealed class TaskCountTests : BrowserTest
{
    public TaskCountTests() : base(demo: true)
    {
    }

    // The page counts what its reader does, not what the test believes to have done.
    private const string Counter = """
        window.acts = 0;
        const own = e => e.target instanceof HTMLSelectElement || e.target instanceof HTMLOptionElement;
        addEventListener('pointerdown', e => { if (!own(e)) window.acts++; }, true);
        addEventListener('keydown', e => { if (e.isTrusted && !['Control', 'Shift', 'Alt'].includes(e.key)) window.acts++; }, true);
        addEventListener('change', e => { if (e.target instanceof HTMLSelectElement) window.acts += 2; }, true);
        """;

    private int Acts => Convert.ToInt32(Driver.ExecuteScript("return window.acts"), CultureInfo.InvariantCulture);

    private void Count(string path)
    {
        Open(path);
        See("main");
        Driver.ExecuteScript(Counter);
    }

    private void Paste(string text)
    {
        Driver.ExecuteCdpCommand("Input.insertText", new Dictionary<string, object?> { ["text"] = text });
        Driver.ExecuteScript("window.acts++");
    }

    private void Keys(string keys) => new OpenQA.Selenium.Interactions.Actions(Driver).SendKeys(keys).Perform();

    [Fact]
    [Trait("Run", "thorough")]
    public void A_first_answer_with_the_figures_of_the_instructions()
    {
        Count("/");
        See("[data-testid=setpoint]");
        Button("My vinyl's instructions say").Click();
        Keys("160" + OpenQA.Selenium.Keys.Tab + "14");
        UntilTrue(() => See("[data-testid=setpoint]").Text.Contains("160 °C", StringComparison.Ordinal), "the figures were not taken");
        Assert.InRange(Acts, 5, 8);
    }

    [Fact]
    public void Six_named_tees_to_the_bench()
    {
        Count("/");
        See("[data-testid=setpoint]");
        Button("Save as a job").Click();
        See("input[aria-label=Title]");
        Button("Artwork").Click();
        Button("Names").Click();
        See("textarea");
        Paste("Wren, adult-m\nOsk, adult-m\nTamsin, adult-s\nJuna, adult-l\nIlse, adult-s\nBly, adult-m");
        Button("Read the list").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-proof] path")).Count == 6, "six names were not set");
        Button("Place").Click();
        See("button[aria-label^='Place here']").Click();
        Button("Press").Click();
        Button("Take it to the bench").Click();
        See("[data-testid=bench-station]");
        Button("Begin").Click();
        See("[data-testid=bench]");
        Assert.InRange(Acts, 8, 30);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void An_order_again_in_another_size()
    {
        Count("/");
        See("button[aria-label='Copy Crew tee, front']").Click();
        UntilTrue(() => Driver.Url.EndsWith("/item", StringComparison.Ordinal), "the copy did not open");
        Pick("Size", "adult L");
        SeeText("Saved", "span");
        Assert.InRange(Acts, 2, 4);
    }
}
