using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>The table of pieces, from a pasted order to the bench.</summary>
public sealed class PiecesScreenTests : BrowserTest
{
    [Fact]
    [Trait("Run", "thorough")]
    public void An_order_pasted_from_a_table_is_what_the_bench_shows()
    {
        Open("/");
        See("[data-testid=setpoint]");
        Button("Save as a job").Click();
        See("input[aria-label=Title]");
        Button("List names, sizes or colors").Click();
        var first = See("input[aria-label='Name, row 1']");
        Paste(first, "Name\tSize\tShirt color\tName color\nWren\tyouth M\tnavy\tgold\nOsk\tL\tnavy\tblurple");
        Assert.Contains("blurple", See("[data-testid=not-read]").Text, StringComparison.Ordinal);
        UntilTrue(() => Value("Name, row 2") == "Osk" && Value("Size, row 1") == "child" && Value("Item color, row 2") == "navy",
            "the rows were not read");
        // A colour by its word, copied down; and what is not one is said and changes nothing.
        var colour = See("input[aria-label='Name color, row 1']");
        Type(colour, "navy" + Keys.Tab);
        UntilTrue(() => Value("Name color, row 1") == "navy", "the colour was not taken");
        colour.Click();
        Button("Fill down").Click();
        UntilTrue(() => Value("Name color, row 2") == "navy", "the colour was not copied");
        Type(See("input[aria-label='Name color, row 2']"), "sparkly" + Keys.Tab);
        SeeText("A color such as navy");
        Type(See("input[aria-label='Name color, row 2']"), "gold" + Keys.Tab);

        // The names are put on, and navy on navy is said.
        See(By.LinkText("Put them on")).Click();
        Button("Put these 2 names on").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-proof] path")).Count == 2, "the names were not set");
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-code=colour-lost]"))
                .Any(n => n.Text.Contains("for Wren", StringComparison.Ordinal)),
            "navy on navy was not said");
        Button("Place").Click();
        See("button[aria-label^='Place here']").Click();
        Button("Press").Click();
        BeginAtBench();
        GoOnUntil("hold");
        Assert.Equal(["item navy", "name navy"], Chips());
        Assert.Equal("Wren", See("[data-testid=line-up] [data-doing=here]").Text.Split('\n')[0].Trim());
        Assert.Equal("Osk", See("[data-testid=line-up] [data-doing=next]").Text.Split('\n')[0].Trim());
    }

    private string[] Chips() =>
        [.. See("[data-testid=chips]").FindElements(By.XPath("./span")).Select(c => c.Text.ReplaceLineEndings(" ").Trim())];

    private string Value(string label) =>
        Driver.FindElements(By.CssSelector($"[aria-label='{label}']")).FirstOrDefault()?.GetDomProperty("value") ?? "";

    private void Paste(IWebElement into, string text)
    {
        into.Click();
        Driver.ExecuteScript(
            """
            const data = new DataTransfer();
            data.setData('text/plain', arguments[1]);
            arguments[0].dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
            """, into, text);
    }
}
