using System.Net.Http.Json;
using System.Text;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>The screens around a job, with what goes wrong on them.</summary>
public sealed class JobScreenTests() : BrowserTest(demo: true)
{
    private string OpenJob(string title, string station)
    {
        Open("/");
        Driver.ExecuteScript("arguments[0].click()", SeeText(title, "a"));
        See("[data-testid=setpoint]");
        var id = new Uri(Driver.Url).Segments[2].TrimEnd('/');
        if (!Driver.Url.EndsWith(station, StringComparison.Ordinal))
            Open($"/jobs/{id}/{station}");
        See("[data-testid=setpoint]");
        return id;
    }

    private JsonNode Kept(string id)
    {
        using var client = Service.CreateClient();
        return client.GetFromJsonAsync<JsonNode>($"/api/jobs/{id}").GetAwaiter().GetResult()!;
    }

    private void SaysSaved() => UntilTrue(() => See("main [role=status]").Text == "Saved", "it was not saved");

    [Fact]
    public void A_faulty_measure_is_named_at_its_field_and_not_saved_until_it_is_undone()
    {
        var id = OpenJob("Crew tee, front", "item");
        Type(Field("Plate width"), "-4");
        UntilTrue(() => Driver.FindElements(By.CssSelector(".fault"))
            .Any(f => f.Text.Contains("-4", StringComparison.Ordinal) && f.Text.Contains("10 to 3000 mm", StringComparison.Ordinal)),
            "the fault was not named");
        SeeText("Not saved", "span");
        Assert.Null(Kept(id)["job"]!["tools"]!["plateWidthMm"]);
        Button("Undo").Click();
        SaysSaved();
        Assert.Empty(Driver.FindElements(By.CssSelector(".fault")));
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Words_where_a_number_belongs_stay_on_the_screen_and_change_nothing()
    {
        var id = OpenJob("Crew tee, front", "item");
        Type(Field("Artwork width"), "wide");
        SeeText("a number is accepted");
        Assert.Equal(240, (int)Kept(id)["job"]!["layers"]![0]!["widthMm"]!);
        Type(Field("Artwork width"), "200");
        SaysSaved();
        UntilTrue(() => (int)Kept(id)["job"]!["layers"]![0]!["widthMm"]! == 200, "the width was not kept");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public async Task Two_windows_that_change_one_job_are_told_apart()
    {
        var id = OpenJob("Crew tee, front", "item");
        var kept = Kept(id);
        using (var client = Service.CreateClient())
        {
            kept["job"]!["title"] = "From elsewhere";
            using var body =
                new StringContent(new JsonObject { ["version"] = (int)kept["version"]!, ["job"] = kept["job"]!.DeepClone() }.ToJsonString(),
                    Encoding.UTF8, "application/json");
            (await client.PutAsync($"/api/jobs/{id}", body)).EnsureSuccessStatusCode();
        }

        Pick("Cover", "Baking parchment");
        SeeText("Changed in another window.");
        SeeText("From elsewhere");
        Button("Keep mine").Click();
        SaysSaved();
        Assert.Equal("parchment", (string)Kept(id)["job"]!["tools"]!["cover"]!);
        Assert.Equal("Crew tee, front", (string)Kept(id)["job"]!["title"]!);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_deleted_job_can_be_brought_back()
    {
        Open("/");
        SeeText("Night-walk vest", "a");
        See("button[aria-label='Delete Night-walk vest']").Click();
        UntilTrue(() => Driver.FindElements(By.XPath("//ul//a[.='Night-walk vest']")).Count == 0, "it was not deleted");
        Button("Bring it back").Click();
        SeeText("Night-walk vest", "a");
    }

    [Fact]
    public void A_stop_takes_the_place_of_the_setting_and_says_what_to_do()
    {
        OpenJob("Crew tee, front", "item");
        Pick("Cut file", "is not mirrored");
        SeeText("Mirror it before cutting");
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=setpoint]")).Count == 0, "the setting still stands");
        Assert.DoesNotContain(Driver.FindElements(By.TagName("button")), b => b.Text == "Take it to the bench");
        Pick("Cut file", "is mirrored");
        See("[data-testid=setpoint]");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Units_can_be_switched_anywhere()
    {
        OpenJob("Crew tee, front", "item");
        Assert.Contains("154 °C", See("[data-testid=setpoint]").Text, StringComparison.Ordinal);
        See("header button[aria-label*='switch units']").Click();
        UntilTrue(() => See("[data-testid=setpoint]").Text.Contains("310 °F", StringComparison.Ordinal), "the setting stays in °C");
        Assert.Equal("9.45", Field("Artwork width").GetDomProperty("value"));
        Driver.Navigate().Refresh();
        UntilTrue(() => See("[data-testid=setpoint]").Text.Contains("310 °F", StringComparison.Ordinal), "the choice was forgotten");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void The_ribbon_leads_into_each_press_by_keyboard_too()
    {
        OpenJob("Crew tee, front", "press");
        var preheat = See("g[role=button][aria-label^=preheat]");
        Driver.ExecuteScript("arguments[0].focus()", preheat);
        Press(Keys.Enter);
        UntilTrue(() => preheat.GetDomAttribute("aria-pressed") == "true", "the preheat was not chosen");
        SeeText("moisture left");
        var before = See("section[aria-label='The stack'] svg").GetDomAttribute("aria-label");
        var slider = See("input[type=range]");
        for (var i = 0; i < 20; i++)
            slider.SendKeys(Keys.ArrowLeft);
        UntilTrue(() => See("section[aria-label='The stack'] svg").GetDomAttribute("aria-label") != before,
            "the picture did not follow the slider");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_press_that_cannot_take_the_item_brings_one_that_it_can()
    {
        Open("/");
        Word("Press", "mug press");
        UntilTrue(() => See("input[aria-label=Item]").GetDomProperty("value") == "glazed ceramic mug", "the item did not follow");
        UntilTrue(() => See("[data-testid=setpoint]").Text.Contains(" s", StringComparison.Ordinal)
            && Driver.FindElements(By.CssSelector("[data-code=heat-source-unsuitable]")).Count == 0, "no setting for the mug");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_leather_blank_with_a_hot_vinyl_stops_shows_what_would_work_and_goes_when_it_is_taken()
    {
        var id = OpenJob("Crew tee, front", "item");
        Pick("Kind of item", "Key fob");
        Pick("Fabric or material", "Unknown leather");
        Pick("Kind of vinyl", "Flock");
        Type(Field("Temperature"), "165");
        Type(Field("Time"), "25");
        SeeText("What works instead");
        Assert.Empty(Driver.FindElements(By.CssSelector("[data-testid=setpoint]")));
        See(By.CssSelector("button[aria-label='Use: Low-temperature vinyl']")).Click();
        See("[data-testid=setpoint]");
        UntilTrue(() => (string?)Kept(id)["job"]!["layers"]![0]!["vinyl"] == "low-temp", "the change was not kept");
        Assert.Null(Kept(id)["job"]!["layers"]![0]!["label"]);
        Button("Undo").Click();
        SeeText("What works instead");
    }
}
