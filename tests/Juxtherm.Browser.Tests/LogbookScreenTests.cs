using System.Text;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>The logbook in the browser: it teaches, is repeated, cared for and kept.</summary>
public sealed class LogbookScreenTests : BrowserTest
{
    private static readonly HttpClient Http = new();

    private string AddJob(string title, int quantity = 1, params string[] names)
    {
        var job = new JsonObject
        {
            ["format"] = "juxtherm.job",
            ["version"] = 1,
            ["title"] = title,
            ["quantity"] = quantity,
            ["blank"] = new JsonObject { ["form"] = "tee", ["material"] = "cotton" },
            ["tools"] = new JsonObject { ["heatSource"] = "swing-platen" },
            ["layers"] = new JsonArray(new JsonObject { ["id"] = "sky", ["vinyl"] = "smooth" }),
        };
        if (names.Length > 0)
        {
            job["layers"]![0]!["word"] = new JsonObject { ["text"] = "Name", ["heightMm"] = 30, ["fromNames"] = true };
            job["names"] = new JsonArray([.. names.Select(n => (JsonNode)new JsonObject { ["name"] = n })]);
        }

        using var body = new StringContent(job.ToJsonString(), Encoding.UTF8, "application/json");
        using var answer = Http.PostAsync(new Uri($"{Address}/api/jobs"), body).GetAwaiter().GetResult();
        return (string)JsonNode.Parse(answer.Content.ReadAsStringAsync().GetAwaiter().GetResult())!["id"]!;
    }

    private string Setpoint() => Until(() => See("[data-testid=setpoint]").Text.ReplaceLineEndings(" "), "there is no setpoint");

    /// <summary>Presses every piece of a job; each is looked at and found so.</summary>
    private void PressAll(string job, int pieces, string? key)
    {
        Open($"/jobs/{job}/press");
        BeginAtBench();
        for (var i = 0; i < pieces; i++)
        {
            GoOnUntil("inspect");
            var at = (Bench("piece"), Bench("move"));
            if (key is null)
                BenchKey("g");
            else
            {
                Press(key);
                See("[data-testid=advice]");
                Button("Accept it and").Click();
            }

            UntilTrue(
                () => Over()
                || (Driver.FindElements(By.CssSelector("[data-testid=bench]")) is [var bench]
                    && (bench.GetDomAttribute("data-piece"), bench.GetDomAttribute("data-move")) != at),
                $"piece {i + 1} was not taken down");
        }

        UntilTrue(Over, "the run does not end");
    }

    private bool Over() => Driver.FindElements(By.CssSelector("[data-testid=run-over]")).Count > 0;

    private static readonly By FromLogbook = By.CssSelector("section[aria-label='From your logbook']");

    [Fact]
    [Trait("Run", "thorough")]
    public void Three_lifted_edges_move_the_setting_the_page_says_why_and_switched_off_it_goes_back()
    {
        var job = AddJob("Lifted tee", 3);
        Open($"/jobs/{job}/press");
        var before = Setpoint();
        Assert.Empty(Driver.FindElements(FromLogbook));
        PressAll(job, 3, "1");

        Open($"/jobs/{job}/press");
        // It is told of at once, and moves the kept job when it is taken.
        Assert.Contains("Your logbook has learned since", See("[data-testid=learned-since]").Text, StringComparison.Ordinal);
        Assert.Equal(before, Setpoint());
        See("[data-testid=learned-since] button").Click();
        UntilTrue(() => Setpoint() != before, "the setting did not move");
        var moved = Setpoint();
        UntilTrue(() => See(FromLogbook).Text.Contains("because of how earlier pieces came out", StringComparison.Ordinal),
            "the page does not say why");
        var says = See(FromLogbook).Text;
        Assert.Contains("3 had too little", says, StringComparison.Ordinal);
        // The three pieces lie in the picture of how much room there is.
        Assert.Contains("had too little", See("section[aria-label='Safe range']").Text, StringComparison.Ordinal);

        void TurnAll(bool on)
        {
            foreach (var name in Driver.FindElements(By.CssSelector("section[aria-label='From your logbook'] input[type=checkbox]"))
                .Select(b => b.GetDomAttribute("aria-label")!).ToList())
            {
                var box = By.CssSelector($"input[aria-label='{name}']");
                if (See(box).Selected != on)
                    See(box).Click();
                UntilTrue(() => See(box).Selected == on, $"{name} was not switched");
            }
        }

        TurnAll(on: false);
        UntilTrue(() => Setpoint() == before, $"the setting did not go back to {before}");
        Assert.Contains("Switched off here", See(FromLogbook).Text, StringComparison.Ordinal);
        TurnAll(on: true);
        // What was settled on the way may differ by the last second.
        string Degrees(string set) => set[..set.IndexOf('C', StringComparison.Ordinal)];
        UntilTrue(() => Degrees(Setpoint()) == Degrees(moved), "the setting did not come again");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_piece_is_found_gets_a_photo_and_a_wash_and_its_order_is_repeated()
    {
        PressAll(AddJob("Crew names", 1, "Juna", "Ilse"), 2, null);
        PressAll(AddJob("Something else"), 1, "1");
        Open("/logbook");
        UntilTrue(() => Driver.FindElements(By.CssSelector("tbody tr")).Count == 3, "three pieces were pressed");
        Type(See("#log-text"), "crew");
        UntilTrue(() => Driver.FindElements(By.CssSelector("tbody tr")).Count == 2, "two of them are the crew's");
        Assert.Contains("text=crew", Driver.Url, StringComparison.Ordinal);
        Pick("Result", "Edges lift");
        SeeText("No matches.");
        Pick("Result", "any");
        Button("Crew names: Ilse").Click();

        var picture = Path.Combine(Folder, "tee.png");
        File.WriteAllBytes(picture, ((ITakesScreenshot)Driver).GetScreenshot().AsByteArray);
        Driver.FindElement(By.CssSelector("section[aria-label=Photos] input[type=file]")).SendKeys(picture);
        See("section[aria-label=Photos] img");
        Type(See("section[aria-label=Washes] input"), "3");
        Choose(See("section[aria-label=Washes] select"), "Faded");
        Button("Save").Click();
        SeeText("Faded after 3 washes");
        UntilTrue(() =>
            (bool)Driver.ExecuteScript("const i = document.querySelector('tbody img'); return !!i && i.complete && i.naturalWidth > 0")!,
            "the photo is not shown in its line");

        Button("Repeat this order").Click();
        UntilTrue(() => Driver.Url.EndsWith("/press", StringComparison.Ordinal), "no job was made");
        Assert.Equal("Crew names, again", See("input[aria-label=Title]").GetDomProperty("value"));
        BeginAtBench();
        Assert.Contains("Juna", See("[data-testid=bench]").Text, StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_setting_is_used_again_as_it_was_and_given_back_to_the_plan()
    {
        PressAll(AddJob("Once"), 1, null);
        Open("/logbook");
        Button("Once").Click();
        Button("New job with this setting").Click();
        SeeText("Same as before");
        Button("Let the plan find the setting").Click();
        UntilTrue(() => Driver.FindElements(By.XPath("//*[contains(text(), 'Same as before')]")).Count == 0, "it is still set as used");
        UntilTrue(() => See("main [role=status]").Text == "Saved", "the job was not saved");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public async Task A_care_card_is_printed_and_the_first_wash_counted_down()
    {
        var job = AddJob("Crew names", 1, "Juna", "Ilse");
        PressAll(job, 2, null);
        Open($"/jobs/{job}/care");
        SeeText("30 °C, mild");
        UntilTrue(() =>
            (bool)Driver.ExecuteScript(
                "return [...document.querySelectorAll('.care-symbol')].length === 5 && " +
                    "[...document.querySelectorAll('.care-symbol')].every(i => i.complete && i.naturalWidth > 0)")!,
                    "a symbol is not drawn");
        var card = Button("Print care cards").GetDomProperty("href")!;
        var pdf = await Http.GetByteArrayAsync(new Uri(card), TestContext.Current.CancellationToken);
        Assert.StartsWith("%PDF-", Encoding.Latin1.GetString(pdf), StringComparison.Ordinal);

        Open("/logbook/care");
        var curing = See("section[aria-label='Crew names']").Text;
        Assert.Contains("Juna", curing, StringComparison.Ordinal);
        // The service's clock stands months before the browser's, so to the browser the glue has long set.
        Assert.Contains("OK to wash", curing, StringComparison.Ordinal);
        var dates = See("section[aria-label='Crew names'] a[href*='dates.ics']").GetDomProperty("href")!;
        Assert.Contains("BEGIN:VEVENT", await Http.GetStringAsync(new Uri(dates), TestContext.Current.CancellationToken),
            StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_backup_is_put_back_on_the_screen_and_that_is_undone()
    {
        AddJob("First");
        Open("/logbook/kept");
        Button("Back up now").Click();
        SeeText("made by you");
        AddJob("Second");
        Clock.Advance(60);
        See(By.XPath("//li[contains(., 'made by you')]//button[contains(., 'Restore')]")).Click();
        SeeText("Restored.");
        Open("/");
        SeeText("First");
        Assert.Empty(Driver.FindElements(By.XPath("//main//*[text()='Second']")));
        Clock.Advance(60);
        Open("/logbook/kept");
        See(By.XPath("//li[contains(., 'before a restore')]//button[contains(., 'Restore')]")).Click();
        SeeText("Restored.");
        Open("/");
        SeeText("Second");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_plate_is_measured_and_a_useless_reading_says_what_would_be_accepted()
    {
        Open("/logbook/taught");
        UntilTrue(() => Driver.FindElements(By.XPath("//option[.='Swing-away press']")).Count > 0, "no presses to choose from");
        Pick("Press", "Swing-away press");
        Type(Field("The dial says"), "155");
        Type(Field("Measured"), "999");
        Button("Save").Click();
        SeeText("20 to 300 °C is accepted");
        Type(Field("Measured"), "148");
        Button("Save").Click();
        See("section[aria-label='Swing-away press']");
        SeeText("−7 K");
        Button("Undo").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("section[aria-label='Swing-away press']")).Count == 0,
            "the reading still teaches");
    }
}
