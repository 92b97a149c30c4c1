using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>From the front page to the logbook, as a crafter would, on a clock that jumps over the waiting.</summary>
public sealed class WholeJobTests : BrowserTest
{
    private void MakeAJob(string title)
    {
        Open("/");
        Word("Vinyl", "smooth vinyl");
        Word("Item", "cotton tee");
        Word("Press", "swing-away press");
        UntilTrue(() => See("[data-testid=setpoint]").Text.Contains("152 °C", StringComparison.Ordinal), "the front page did not answer");
        Button("Save as a job").Click();
        Type(See("input[aria-label=Title]"), title);
    }

    [Fact]
    public void A_tee_from_blank_to_logbook_and_still_there_after_a_restart()
    {
        MakeAJob("Tarn tee");
        Pick("Fabric or material", "Cotton-poly");
        Type(Field("Temperature"), "160");
        Type(Field("Time"), "14");
        UntilTrue(() => See("[data-testid=setpoint]").Text.Contains("160 °C", StringComparison.Ordinal),
            "the wrapper's temperature was not used");
        UntilTrue(() => See("main [role=status]").Text == "Saved", "the job was not saved");

        BeginAtBench();
        GoOnUntil("hold");
        Assert.Matches("^[1-5]", See("[data-testid=countdown]").Text);
        GoOnUntil("inspect");
        Press("1");
        See("[data-testid=advice]");
        Assert.Contains("press only that edge", See("[data-testid=advice] h1").Text, StringComparison.Ordinal);
        Button("Accept it and").Click();
        See("[data-testid=run-over]");
        Button("See the logbook").Click();
        AssertInLogbook();

        Service.Stop();
        StartService();
        Open("/logbook");
        AssertInLogbook();
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_first_start_asks_for_the_press_once_and_uses_it_everywhere()
    {
        Open("/");
        Button("Set up my press").Click();
        Type(See("input[aria-label=Name]"), "Shed press");
        Pick("Kind of press", "Clamshell press");
        Button("Save").Click();
        SeeText("“Shed press” is added");
        Open("/");
        UntilTrue(() => (string?)Driver.ExecuteScript(
            "return document.querySelector('input[aria-label=Press]')?.value") == "Shed press",
            "the front page does not press with it");
        See("[data-testid=setpoint]");
        Button("Read the guide").Click();
        SeeText("Your first answer", "h2");
    }

    private void AssertInLogbook()
    {
        var line = See("tbody tr").Text;
        foreach (var part in new[] { "Tarn tee", "Tee, cotton-poly · smooth vinyl", "Swing-away press", "160 °C", "Edges lift" })
            Assert.Contains(part, line, StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_reload_in_the_middle_of_a_hold_resumes_and_two_windows_agree()
    {
        MakeAJob("Reloaded");
        BeginAtBench();
        GoOnUntil("wait");
        var address = Driver.Url;
        int Move() => int.Parse(Bench("move"), System.Globalization.CultureInfo.InvariantCulture);
        var index = Move();
        Driver.Navigate().Refresh();
        Assert.True(Move() >= index);

        var first = Driver.CurrentWindowHandle;
        GoOnUntil("do");
        Driver.SwitchTo().NewWindow(WindowType.Tab);
        Driver.Navigate().GoToUrl(address);
        var here = Move();
        BenchKey(" ");
        UntilTrue(() => Move() > here, "Space did nothing in the second window");
        var moved = Move();
        Driver.SwitchTo().Window(first);
        UntilTrue(() => Move() >= moved, "the first window did not follow");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Space_does_not_open_a_closed_plate_but_asks()
    {
        MakeAJob("Asked");
        BeginAtBench();
        GoOnUntil("hold");
        Press(" ");
        See("[role=alertdialog]");
        Press("p");
        UntilTrue(() => Bench("kind") != "hold", "P did not open the plate");
    }
}
