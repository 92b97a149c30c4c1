using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>Keys at the bench: they belong to what is focused, and no key ends a piece by accident.</summary>
public sealed class BenchKeysTests : BenchBrowserTest
{
    private void ToTheLook()
    {
        Open($"/bench/{Begin(Named("Wren", "Osk"))}");
        PrepareBench();
        GoOnUntil("inspect");
        Assert.Equal("1", Bench("piece"));
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Space_works_what_is_focused_and_ends_no_piece()
    {
        ToTheLook();
        Driver.ExecuteScript("document.querySelector('[data-sign=edges-lifted]').focus()");
        Press(Keys.Space);
        See("[data-testid=advice]");
        Assert.Equal(("1", "inspect"), (Bench("piece"), Bench("kind")));
        // The question has the focus; put away, it gives it back.
        Assert.Equal("advice", (string?)Driver.ExecuteScript("return document.activeElement.dataset.testid"));
        Press(Keys.Escape);
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=advice]")).Count == 0, "Escape did not close the advice");
        // With nothing focused Space only points to the word that ends it.
        Driver.ExecuteScript("document.activeElement.blur()");
        Press(Keys.Space);
        UntilTrue(() =>
            ((string?)Driver.ExecuteScript("return document.activeElement.textContent"))?.Contains("ll good", StringComparison.Ordinal)
            ?? false, "Space did not point to “all good”");
        Assert.Equal(("1", "inspect"), (Bench("piece"), Bench("kind")));
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Letters_can_be_switched_off_and_a_new_piece_takes_no_key_for_a_second()
    {
        ToTheLook();
        Button("Letter keys on").Click();
        Driver.ExecuteScript("document.activeElement.blur()");
        Press("1");
        Press("g");
        Button("Letter keys off");
        Assert.Empty(Driver.FindElements(By.CssSelector("[data-testid=advice]")));
        Assert.Equal(("1", "inspect"), (Bench("piece"), Bench("kind")));
        Button("Letter keys off").Click();
        Driver.ExecuteScript("document.activeElement.blur()");
        // Whoever leans on a key as the piece changes does nothing to the next one.
        var (move, unheard) = ((string)Driver.ExecuteAsyncScript("""
            const done = arguments[0], bench = () => document.querySelector('[data-testid=bench]').dataset;
            const key = k => document.body.dispatchEvent(new KeyboardEvent('keydown', { key: k, bubbles: true, cancelable: true }));
            new MutationObserver((_, watch) => {
              if (bench().fresh !== 'true') return;
              watch.disconnect();
              const move = bench().move;
              key(' ');
              key('g');
              setTimeout(() => done(`${bench().move === move ? 'same' : 'moved'} ${bench().unheard}`), 300);
            }).observe(document.body, { subtree: true, attributes: true, childList: true });
            key('g');
            """)!).Split(' ') is [var first, var second] ? (first, second) : ("", "");
        Assert.Equal(("same", "0"), (move, unheard));
        Assert.Equal("2", Bench("piece"));
        BenchKey(" ");
        UntilTrue(() => Bench("kind") == "hold", "the keys did not come back");
    }
}
