using System.Globalization;
using System.Text.Json.Nodes;
using OpenQA.Selenium;
using OpenQA.Selenium.Interactions;

namespace Juxtherm.Browser.Tests;

/// <summary>The order of layers by hand, faults mended by a tap, the plate's placements drawn, and a drawing of several layers all the way
/// to the logbook.</summary>
public sealed class LayingScreenTests() : BrowserTest(clockSpeed: 60, demo: true)
{
    private const string Order = "section[aria-label='Layer order'] ";

    private string OpenDemo(string title, string station)
    {
        Open("/");
        var id = new Uri(SeeText(title, "a").GetDomProperty("href")!).Segments[2].TrimEnd('/');
        Open($"/jobs/{id}/{station}");
        See("[data-testid=setpoint]");
        return id;
    }

    private JsonNode Job(string id)
    {
        using var client = Service.CreateClient();
        return JsonNode.Parse(client.GetStringAsync(new Uri($"/api/jobs/{id}", UriKind.Relative)).GetAwaiter().GetResult())!["job"]!;
    }

    private string Added(JsonNode job)
    {
        using var client = Service.CreateClient();
        using var content = new StringContent(job.ToJsonString(), System.Text.Encoding.UTF8, "application/json");
        using var answer = client.PostAsync(new Uri("/api/jobs", UriKind.Relative), content).GetAwaiter().GetResult();
        return (string)JsonNode.Parse(answer.EnsureSuccessStatusCode().Content.ReadAsStringAsync().GetAwaiter().GetResult())!["id"]!;
    }

    private string[] Layers =>
        Until<string[]>(() =>
            [.. Driver.FindElements(By.CssSelector(Order + "li[data-layer]")).Select(l => l.GetDomAttribute("data-layer")!)], "no layers");

    private IWebElement Handle(string layer) => See($"button[aria-label^='Move {layer}:']");

    private void Key(string layer, string key) => Handle(layer).SendKeys(key);

    private int Said(string code) => Driver.FindElements(By.CssSelector(Order + $"[data-code={code}]")).Count;

    [Fact]
    [Trait("Run", "thorough")]
    public void Layers_are_moved_by_keys_and_by_hand_and_what_cannot_be_says_why()
    {
        var id = OpenDemo("Night tee", "press");
        Assert.Equal(["moon", "stars", "tarn"], Layers);
        // The tarn lies below: it cannot be laid after what lies on it.
        Key("tarn", Keys.ArrowUp);
        UntilTrue(() => Said("laying-order") == 1, "nothing was said");
        Assert.Contains("because it is on top of it", See(Order + "[data-code=laying-order]").Text, StringComparison.Ordinal);
        Assert.Equal("tarn", Layers[^1]);
        Button("Use the plan's order").Click();
        UntilTrue(() => Said("laying-order") == 0, "the wish stayed");

        // By hand: the moon is drawn below the stars, which is allowed.
        var (from, to) = (Handle("moon"), Handle("stars"));
        new Actions(Driver).MoveToElement(from).ClickAndHold().MoveToElement(to, 0, 12).Release().Perform();
        UntilTrue(() => Job(id)["order"] is JsonArray kept
            && string.Join(' ', kept.Select(k => (string)k!)) == "tarn moon stars", "the order was not kept");
        Assert.Equal(0, Said("laying-order"));
        Button("Undo").Click();
        UntilTrue(() => Job(id)["order"] is null, "it was not undone", 20);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void The_next_best_order_can_be_taken_and_given_back()
    {
        OpenDemo("Night tee", "press");
        Assert.Contains("1 press more", See("[data-testid=runner-up]").Text, StringComparison.Ordinal);
        Button("Use this order").Click();
        UntilTrue(() => See(Order + "h2").Text.Contains("yours", StringComparison.Ordinal), "it was not taken");
        Button("Let the plan decide").Click();
        UntilTrue(() => See(Order + "h2").Text.Contains("found by the plan", StringComparison.Ordinal), "it was not given back");
        // Each layer has its bar, and the lowest has had the most heat.
        Assert.Equal(3, Driver.FindElements(By.CssSelector(Order + "[data-heat]")).Count);
        double Heat(string layer) => double.Parse(See($"[data-heat='{layer}']").Text.Split(' ')[0], CultureInfo.InvariantCulture);
        Assert.True(Heat("tarn") > Heat("stars"));
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_stop_is_mended_by_a_tap_and_that_can_be_undone()
    {
        var id = OpenDemo("Night tee", "item");
        var job = Job(id);
        job["layers"]![0]!["vinyl"] = "glitter";
        job["title"] = "Glitter below";
        Open($"/jobs/{Added(job)}/press");
        See("aside [data-code=underneath-not-allowed].stop");
        Button("Use smooth vinyl for Glitter vinyl “tarn”").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("aside [data-code=underneath-not-allowed]")).Count == 0, "the stop stayed");
        See("[data-testid=setpoint]");
        Button("Undo").Click();
        See("aside [data-code=underneath-not-allowed].stop");
        Button("Cut Smooth vinyl “moon” out of Glitter vinyl “tarn”").Click();
        UntilTrue(() => !See("aside").Text.Contains("“moon” lies on", StringComparison.Ordinal), "no hole was cut");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void The_plates_placements_are_drawn_with_the_distances_to_lay_them_by()
    {
        OpenDemo("arched word", "press");
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=goes] [data-go]")).Count == 3, "three goes are not drawn");
        Assert.Equal(3, Driver.FindElements(By.CssSelector("section[aria-label='Where the plate goes'] ol li")).Count);
        SeeText("left of the middle line", "span");
        var gilet = OpenDemo("the Heron across the zip", "press");
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=goes] [data-go]")).Count == 2, "two goes are not drawn");
        Button("Cut it in two along the zip").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-code=zip-crossing]")).Count == 0, "it was not cut");
        Open($"/jobs/{gilet}/place");
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=garment] [data-plate]")).Count == 2,
            "the Place station draws other plates");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_drawing_of_several_layers_goes_from_import_to_the_logbook()
    {
        var id = OpenDemo("Crew tee, front", "artwork");
        Type(See("input[aria-label=Title]"), "Tarn, drawn");
        Driver.FindElement(By.CssSelector("section[aria-label='Import SVG'] input[type=file]"))
            .SendKeys(Path.Combine(Repository(), "docs", "examples", "tarn.svg"));
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-swatch]")).Count == 6, "its six colours did not become layers");
        Saved();

        Open($"/jobs/{id}/place");
        See("button[aria-label='Place here: Chest']").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=garment] [data-layer]")).Count == 6, "they were not put there");
        Saved();

        Open($"/jobs/{id}/cut");
        See(By.CssSelector("[data-testid=cut-headline]"), 30);
        CutAll();

        Open($"/jobs/{id}/press");
        See("[data-testid=setpoint]");
        var layers = Layers;
        Assert.Equal(6, layers.Length);
        Assert.Equal(6, Driver.FindElements(By.CssSelector(Order + "[data-heat]")).Count);
        Assert.NotEmpty(Driver.FindElements(By.CssSelector("[data-testid=goes] [data-go]")));
        BeginAtBench();
        var laid = new List<string>();
        // The clock runs: what is read may have been followed by the next step already.
        GoOnUntil("inspect",
            () => laid.Add(
                Until(() => Driver.FindElements(By.CssSelector("[data-testid=bench]")).FirstOrDefault()?.Text
                    ?? "", "the bench could not be read")));
        // Every layer was asked for by name.
        Assert.All(layers, layer => Assert.Contains(laid, text => text.Contains($"“{layer}”", StringComparison.Ordinal)));
        SayGood();
        Open("/logbook");
        UntilTrue(() => See("tbody tr").Text.Contains("Tarn, drawn", StringComparison.Ordinal), "it is not in the logbook");
    }

    private void Saved() =>
        UntilTrue(() => See(By.XPath("//*[@role='status'][starts-with(., 'Sav')]")).Text == "Saved", "it was not saved");

    private void CutAll()
    {
        Button("Cut it").Click();
        See("[data-testid=mat]");
        string Status() => See("[data-testid=mat]").GetDomAttribute("data-status")!;
        for (var mat = 0; mat < 40 && Driver.FindElements(By.CssSelector("[data-testid=mat]")).Count > 0; mat++)
        {
            var before = See("[data-testid=cut-headline]").Text;
            UntilTrue(() => Status() == "waiting", "no mat waits");
            foreach (var box in Driver.FindElements(By.CssSelector("[data-testid=mat] input[type=checkbox]")))
                box.Click();
            Button("Load it").Click();
            UntilTrue(() => Status() == "loaded", "it was not loaded");
            See(By.XPath("//button[normalize-space(.)='Go']")).Click();
            UntilTrue(() => Status() == "cut", "it was not cut", 40);
            Button("Take the mat out").Click();
            UntilTrue(() => See("[data-testid=cut-headline]").Text != before, "the next mat did not come");
        }

        Assert.Equal("All mats are cut.", See("[data-testid=cut-headline]").Text);
    }
}
