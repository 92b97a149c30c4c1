using System.Net.Http.Json;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>At the press: several hands, what is seen, what is done about it, and coming back after a fall.</summary>
public sealed class BenchScreenTests : BenchBrowserTest
{
    private string Whose => See("[data-testid=whose] strong").Text;

    private void Window(string path, bool @new = false)
    {
        if (@new)
            Driver.SwitchTo().NewWindow(WindowType.Window);
        Open(path);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Three_named_tees_on_two_presses_with_a_lifted_corner_pressed_again()
    {
        var run = Begin(Named("Wren", "Osk", "Bly"));
        Open($"/bench/{run}");
        PrepareBench();
        Assert.Equal("Wren", Whose);

        // A second press joins at the run's page and has a bench of its own.
        See(By.LinkText("All pieces")).Click();
        Type(See("input[placeholder='By the window']"), "Second press");
        Button("Join").Click();
        var second = See(By.XPath("//li[contains(., 'Second press')]//a"));
        Assert.Contains("preparing", See(By.XPath("//li[contains(., 'Second press')]")).Text, StringComparison.Ordinal);
        var first = Driver.CurrentWindowHandle;
        Window(new Uri(second.GetDomProperty("href")!).AbsolutePath, @new: true);
        PrepareBench();
        Assert.Equal("Osk", Whose);
        GoOnUntil("inspect");

        // A corner lifts: it is pressed again for as long as was worked out, then looked at again.
        See("[data-sign=edges-lifted]").Click();
        var advice = See("[data-testid=advice][data-kind=press-edge] h1").Text;
        Button("do that").Click();
        UntilTrue(() => Bench("kind") == "do", "nothing is to be done");
        Assert.Contains("only that edge under the plate", See("h1").Text, StringComparison.Ordinal);
        NextStep();
        Assert.Equal("hold", Bench("kind"));
        var seconds = Bench("seconds");
        Assert.Contains($"for {seconds} s more", advice, StringComparison.Ordinal);
        GoOnUntil("inspect");
        SayGood();

        // Whoever is free takes the third; the first press finishes its own.
        UntilTrue(() => Whose == "Bly", "the third was not handed to the free press");
        Driver.SwitchTo().Window(first);
        Open($"/bench/{run}");
        Assert.Equal("Wren", Whose);
        GoOnUntil("inspect");
        SayGood();
        See("[data-testid=nothing]");
        Driver.SwitchTo().Window(Driver.WindowHandles.First(w => w != first));
        GoOnUntil("inspect");
        SayGood();
        See("[data-testid=run-over]");

        Open("/logbook");
        UntilTrue(() => Driver.FindElements(By.CssSelector("tbody tr")).Count == 3, "not all three are in the logbook");
        var lifted = SeeText("Edges lift", "tbody//span").FindElement(By.XPath("./ancestor::tr")).Text;
        Assert.Contains("Osk", lifted, StringComparison.Ordinal);
        Assert.Contains($"Pressed {seconds} s again, then it held.", lifted, StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_second_heat_of_puff_is_refused_but_for_what_stayed_flat()
    {
        Open($"/bench/{Begin(Tee("puff"))}");
        PrepareBench();
        GoOnUntil("inspect");
        See("[data-sign=edges-lifted]").Click();
        Assert.StartsWith("Do not press it again", See("[data-testid=advice] h1").Text, StringComparison.Ordinal);
        Assert.DoesNotContain(Driver.FindElements(By.TagName("button")), b => b.Text.Contains("do that", StringComparison.Ordinal));
        Button("Something else").Click();
        See("[data-sign=puff-flat]").Click();
        Assert.StartsWith("A rescue, once and no more", See("[data-testid=advice] h1").Text, StringComparison.Ordinal);
        Button("do that").Click();
        UntilTrue(() => Bench("kind") == "do", "nothing is to be done");
        GoOnUntil("inspect");
        See("[data-sign=puff-flat]").Click();
        Assert.StartsWith("No third heat", See("[data-testid=advice] h1").Text, StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void After_a_fall_it_goes_on_where_it_was_and_asks_about_a_plate_that_nobody_timed()
    {
        var run = Begin(Tee());
        Open($"/bench/{run}");
        PrepareBench();
        GoOnUntil("hold");
        Clock.Advance(1);
        Service.Stop();
        Clock.Advance(40);
        StartService();
        Open($"/bench/{run}");
        See("[data-testid=asking]");
        Button("Only now").Click();
        UntilTrue(() => Bench("kind") == "do"
            && Driver.FindElements(By.CssSelector("[data-testid=asking]")).Count == 0, "the answer was not taken");
        GoOnUntil("inspect");
        SayGood();
        See("[data-testid=run-over]");
    }

    [Fact]
    public void Keys_alone_and_a_press_that_is_not_hot_yet()
    {
        Open($"/bench/{Begin(Tee("foil"), practice: true)}");
        PrepareBench();
        SeeText("Practice");
        // The simulated press from cold holds the go.
        Button("from cold").Click();
        See("[data-testid=wired][data-hot=false]");
        BenchKey(" ");
        Assert.Contains("Not hot enough yet", See("[role=alertdialog]").Text, StringComparison.Ordinal);
        Press(Keys.Escape);
        Clock.Advance(2400);
        See("[data-testid=wired][data-hot=true]");
        Press(" ");
        UntilTrue(() => Bench("kind") == "hold", "closing did not begin the hold");
        Clock.Advance(6);
        UntilTrue(() => Bench("kind") == "do", "it did not open by itself");
        Press(" ");
        UntilTrue(() => Bench("kind") == "hold", "closing did not begin the hold");
        Clock.Advance(30);
        UntilTrue(() => Bench("kind") == "wait", "it did not open by itself");
        // Still warm: asked, and not peeled.
        Press(" ");
        Assert.Contains("Still too warm", See("[role=alertdialog]").Text, StringComparison.Ordinal);
        Press(Keys.Escape);
        Clock.Advance(120);
        UntilTrue(() => Bench("stage") == "peel" && Bench("kind") == "do", "it did not cool");
        // Something is off, in the carrier's words; Escape, back and on again.
        Press("s");
        See("[data-testid=off]");
        Press(Keys.Escape);
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=off]")).Count == 0, "Escape did not close it");
        Press(" ");
        UntilTrue(() => Bench("kind") == "inspect", "the peel was not done");
        Press("5");
        See("[data-testid=advice]");
        Press(Keys.Escape);
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=advice]")).Count == 0, "Escape did not close the advice");
        SayGood();
        Assert.Contains("Practice", See("[data-testid=run-over]").Text, StringComparison.Ordinal);
        // What was practiced is in no logbook.
        Open("/logbook");
        SeeText("Nothing pressed yet", "p");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Fingers_alone_on_a_tablet_held_upright()
    {
        Driver.ExecuteCdpCommand("Emulation.setDeviceMetricsOverride",
            new Dictionary<string, object?> { ["width"] = 820, ["height"] = 1180, ["deviceScaleFactor"] = 1, ["mobile"] = true });
        var run = Begin(Named("Wren", "Osk"));
        Open($"/bench/{run}");
        See("[data-testid=preparation] li:first-child button").Click();
        SeeText("Skip", "button").Click();
        while (Driver.FindElements(By.CssSelector("[data-testid=preparation]")).Count > 0)
        {
            var left = Driver.FindElements(By.CssSelector("[data-testid=preparation] button[aria-pressed=false]")).Count;
            See("[data-testid=preparation] div button").Click();
            UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=preparation] button[aria-pressed=false]")).Count < left
                || Driver.FindElements(By.CssSelector("[data-testid=preparation]")).Count == 0, "nothing was ticked off");
        }

        Assert.Equal("Wren", Whose);
        var keys = Driver.FindElements(By.CssSelector("main > div:last-child button")).Where(b => b.Displayed).ToList();
        Assert.All(keys, k => Assert.True(k.Size.Height >= 64, $"{k.Text} is {k.Size.Height} px high"));
        Assert.True((bool)Driver.ExecuteScript("return document.documentElement.scrollWidth <= 820")!);
        Button("plate is closed").Click();
        UntilTrue(() => Bench("kind") == "hold", "the tap was not taken");

        // A late spelling, and one piece lost: both wait for vinyl that is cut again, and the run goes on.
        See(By.LinkText("All pieces")).Click();
        See("tr[data-piece='2'] button").Click();
        Type(See("input[aria-label=Name]"), "Oske");
        Button("Keep").Click();
        See("tr[data-piece='2'][data-status=to-cut]");
        Button("It is cut").Click();
        See("tr[data-piece='2'][data-status=waiting]");
        Open($"/bench/{run}");
        Assert.Contains("Oske", See("[data-testid=line-up]").Text, StringComparison.Ordinal);
        GoOnUntil("inspect");
        See("[data-sign=scorched]").Click();
        See("[data-testid=advice][data-kind=lost]");
        Button("It’s ruined, make another").Click();
        UntilTrue(() => Whose == "Oske", "the run did not go on");
        Open($"/crew/{run}");
        Assert.Contains("instead of 1", See("tr[data-piece='3']").Text, StringComparison.Ordinal);
        Button("Cut it").Click();
        See(By.CssSelector("[data-testid=cut-headline]"), 40);
        Assert.Equal("Crew tee: Wren again", See("input[aria-label=Title]").GetDomProperty("value"));
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Two_windows_say_the_same_at_the_same_time()
    {
        var run = Begin(Tee());
        Open($"/bench/{run}");
        PrepareBench();
        var first = Driver.CurrentWindowHandle;
        Window($"/bench/{run}", @new: true);
        See("[data-testid=bench]");
        Driver.SwitchTo().Window(first);
        BenchKey(" ");
        UntilTrue(() => Bench("kind") == "hold", "Space was not taken");
        Driver.SwitchTo().Window(Driver.WindowHandles.First(w => w != first));
        UntilTrue(() => Bench("kind") == "hold", "the other window did not follow");
        // How soon is measured by the benchmarks; here it is that neither has to be asked or loaded again.
        var there = Bench("move");
        Driver.SwitchTo().Window(first);
        Assert.Equal(there, Bench("move"));
    }

    [Fact]
    [Trait("Run", "thorough")]
    public async Task Something_lifted_needs_no_job()
    {
        Open("/");
        See(By.LinkText("Peeling after a wash?")).Click();
        See("[data-testid=lifted]");
        Button("Clean and smooth").Click();
        Assert.Contains("most delicate", See("article[data-kind=press-edge]").Text, StringComparison.Ordinal);
        Word("Press", "household iron");
        UntilTrue(() => See("article").Text.Contains('•'), "the iron's mark is not shown");
        Word("Vinyl", "puff vinyl");
        UntilTrue(() => See("article").Text.Contains("Do not press it", StringComparison.Ordinal), "foam under an iron was not refused");
        Button("Lint or dirt in it").Click();
        See("article[data-kind=lost]");
        SeeText("Or replace one piece");
        using var client = Service.CreateClient();
        Assert.Equal("""{"total":0,"jobs":[]}""", await client.GetStringAsync("/api/jobs", TestContext.Current.CancellationToken));
    }

    [Fact]
    public async Task Test_patches_move_the_setting_at_once_and_can_be_taken_back()
    {
        var job = Tee();
        job["tools"]!["heatSource"] = "household-iron";
        using var client = Service.CreateClient();
        using var made = await client.PostAsJsonAsync("/api/jobs", job, TestContext.Current.CancellationToken);
        var id = (string)JsonNode.Parse(await made.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!["id"]!;
        Open($"/jobs/{id}/press");
        See("[data-testid=patches][data-sure=false]");
        var before = See("[data-testid=setpoint]").Text;
        Button("Guide me through it").Click();
        Button("It’s hot").Click();
        Button("Placed").Click();
        Button("Closing now").Click();
        // It has a clock of its own, which outlives a reload.
        double Left() => double.Parse(See("[data-testid=patch-clock] span").Text, System.Globalization.CultureInfo.InvariantCulture);
        UntilTrue(() => Left() > 0, "the clock does not run");
        Driver.Navigate().Refresh();
        UntilTrue(() => Left() > 0, "the clock was lost");
        Open($"/jobs/{id}/press");
        Button("Came off").Click();
        UntilTrue(() => See("[data-testid=setpoint]").Text != before, "the setting did not move");
        Button("Take back").Click();
        UntilTrue(() => See("[data-testid=setpoint]").Text == before, "the setting did not go back");
    }
}
