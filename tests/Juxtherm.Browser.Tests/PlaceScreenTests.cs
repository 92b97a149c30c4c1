using System.Globalization;
using System.Text.Json.Nodes;
using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace Juxtherm.Browser.Tests;

/// <summary>The Place station by hand: dragging, nudging, measuring, guides.</summary>
public sealed class PlaceScreenTests() : BrowserTest(demo: true)
{
    private string OpenPlace(string title)
    {
        Open("/");
        var id = new Uri(SeeText(title, "a").GetDomProperty("href")!).Segments[2].TrimEnd('/');
        Open($"/jobs/{id}/place");
        See("[data-testid=garment]");
        return id;
    }

    private JsonNode Layer(string id)
    {
        using var client = Service.CreateClient();
        return JsonNode.Parse(client.GetStringAsync(new Uri($"/api/jobs/{id}", UriKind.Relative)).GetAwaiter()
            .GetResult())!["job"]!["layers"]![0]!;
    }

    private double Distance(string side) => double.Parse(See($"[data-distance={side}] text").Text, CultureInfo.InvariantCulture);

    private void Drag(int dx, int dy)
    {
        var layer = See("[data-layer]");
        new Actions(Driver).MoveToElement(layer).ClickAndHold().MoveByOffset(dx / 2, dy / 2).MoveByOffset(dx - dx / 2, dy - dy / 2)
            .Release().Perform();
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Artwork_is_put_in_place_dragged_to_the_collar_and_back()
    {
        var id = OpenPlace("Crew tee, front");
        See("button[aria-label='Place here: Chest']").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-layer]")).Count == 1, "it was not put there");
        Assert.Equal((75, 135, 135), (Distance("top"), Distance("left"), Distance("right")));
        SeeText("Centered");

        Drag(0, -60);
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-code=placement-collar]")).Count == 1, "nothing was said of the collar");
        Assert.True(Distance("top") < 40);
        See("button[aria-label='Place here: Chest']").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-code=placement-collar]")).Count == 0, "the notice stayed");
        UntilTrue(() => (double?)Layer(id)["yMm"] == 135, "the place was not kept");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_drag_near_the_middle_snaps_to_it_and_far_from_it_does_not()
    {
        OpenPlace("Crew tee, front");
        See("button[aria-label='Place here: Chest']").Click();
        See("[data-layer]");
        Drag(60, 40);
        UntilTrue(() => Distance("left") > 150, "it was not dragged");
        SeeText("right of center");
        // Back to within a hair of the middle: it is drawn onto it.
        Drag(-59, 0);
        SeeText("Centered");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Arrow_keys_nudge_by_a_millimetre_and_with_shift_by_ten()
    {
        var id = OpenPlace("Crew tee, front");
        See("button[aria-label='Place here: Chest']").Click();
        See("[data-layer]");
        Driver.ExecuteScript("document.querySelector('[data-testid=garment]').focus()");
        Press(Keys.ArrowDown);
        UntilTrue(() => Distance("top") == 76, "a nudge did nothing");
        new Actions(Driver).KeyDown(Keys.Shift).SendKeys(Keys.ArrowRight).KeyUp(Keys.Shift).Perform();
        UntilTrue(() => Distance("left") == 145, "a large nudge did nothing");
        UntilTrue(() => ((double?)Layer(id)["xMm"], (double?)Layer(id)["yMm"]) == (105, 136), "the place was not kept");
        Button("Undo").Click();
        UntilTrue(() => Distance("left") == 135, "Undo did nothing");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void The_picture_is_framed_on_the_print_and_zooms_by_keys_and_buttons()
    {
        OpenPlace("Crew tee, front");
        See("button[aria-label='Place here: Chest']").Click();
        UntilTrue(() => Distance("left") == 135, "not placed");
        double[] View() =>
            [.. See("[data-testid=garment]").GetDomAttribute("viewBox")!.Split(' ')
                .Select(v => double.Parse(v, CultureInfo.InvariantCulture))];
        var fit = View();
        Driver.ExecuteScript("document.querySelector('[data-testid=garment]').focus()");
        Press("+");
        Press("+");
        UntilTrue(() => View()[2] < fit[2] / 2, "plus did not zoom in");
        // However near, the figures stand in the picture.
        var close = View();
        foreach (var side in new[] { "left", "right", "top", "bottom" })
        {
            var figure = See($"[data-distance={side}] text");
            Assert.InRange(double.Parse(figure.GetDomAttribute("x")!, CultureInfo.InvariantCulture), close[0], close[0] + close[2]);
            Assert.InRange(double.Parse(figure.GetDomAttribute("y")!, CultureInfo.InvariantCulture), close[1], close[1] + close[3]);
        }

        Press("0");
        UntilTrue(() => View()[2] == fit[2], "0 did not fit");
        See("button[aria-label='Zoom out']").Click();
        // Sleeves and hem come into sight.
        UntilTrue(() => View()[2] > fit[2] && View()[3] > fit[3], "the whole item is not seen");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_measure_from_the_tape_takes_the_place_of_the_usual_one()
    {
        OpenPlace("Crew tee, front");
        See("button[aria-label='Place here: Chest']").Click();
        UntilTrue(() => Distance("top") == 75, "not placed");
        Type(Field("Collar depth, front"), "90");
        UntilTrue(() => Distance("top") == 45, "the collar did not follow the tape");
        Type(Field("Collar depth, front"), "9000");
        SeeText("Measure collar drop front is 9000 mm", "span");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public async Task The_guide_downloads_for_what_is_placed()
    {
        OpenPlace("Night tee");
        using var client = new HttpClient();
        var pdf = await client.GetByteArrayAsync(new Uri(Button("Guide, PDF").GetDomProperty("href")!));
        Assert.Equal("%PDF-"u8.ToArray(), pdf[..5]);
        Assert.StartsWith("<svg", await client.GetStringAsync(new Uri(Button("Guide, SVG").GetDomProperty("href")!)),
            StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Another_item_brings_its_own_outline_and_rules()
    {
        var id = OpenPlace("Crew tee, front");
        Open($"/jobs/{id}/item");
        Pick("Kind of item", "Cushion cover");
        SeeText("Saved", "span");
        Open($"/jobs/{id}/place");
        See("button[aria-label='Place here: A little above the middle']").Click();
        Button("Fit one press").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-code=cushion-margin]")).Count == 1,
            "nothing was said of the cushion's rim");
    }
}
