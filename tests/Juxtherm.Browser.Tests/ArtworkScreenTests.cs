using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>The Artwork station by hand: a drawing, its vinyls and rings, work on its layers and back; names and their proof
/// sheet.</summary>
public sealed class ArtworkScreenTests() : BrowserTest(demo: true)
{
    private static string Tarn => Path.Combine(Repository(), "docs", "examples", "tarn.svg");

    private string OpenArtwork(string title)
    {
        Open("/");
        var id = new Uri(SeeText(title, "a").GetDomProperty("href")!).Segments[2].TrimEnd('/');
        Open($"/jobs/{id}/artwork");
        See(By.XPath("//label[contains(., 'Import')]"));
        return id;
    }

    private JsonNode Job(string id)
    {
        using var client = Service.CreateClient();
        return JsonNode.Parse(client.GetStringAsync(new Uri($"/api/jobs/{id}", UriKind.Relative)).GetAwaiter().GetResult())!["job"]!;
    }

    private string Saved(string id)
    {
        UntilTrue(() => See(By.XPath("//*[@role='status'][starts-with(., 'Sav')]")).Text == "Saved", "it was not saved");
        return Job(id).ToJsonString();
    }

    private void Bring(string file)
    {
        Driver.FindElement(By.CssSelector("section[aria-label='Import SVG'] input[type=file]")).SendKeys(file);
    }

    private int Swatches => Driver.FindElements(By.CssSelector("[data-swatch]")).Count;

    private int Rings => Driver.FindElements(By.CssSelector("[data-ring]")).Count;

    private void Tick(params string[] layers)
    {
        foreach (var layer in layers)
            See($"input[aria-label='Choose {layer}']").Click();
    }

    private void Vinyl(string layer, string name) => Choose(See($"select[aria-label='Vinyl of {layer}']"), name);

    private string Written(string text)
    {
        var file = Path.Combine(Folder, "drawing.svg");
        File.WriteAllText(file, text);
        return file;
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_drawing_is_brought_in_given_its_vinyls_worked_on_and_every_step_undone()
    {
        var id = OpenArtwork("Crew tee, front");
        var empty = Saved(id);
        Bring(Tarn);
        UntilTrue(() => Swatches == 6, "its six colours did not become layers");
        Assert.Equal(6, Driver.FindElements(By.CssSelector("[data-testid=artwork] [data-layer]")).Count);
        var brought = Saved(id);

        // A coarser vinyl rings more; a finer one fewer.
        var before = Rings;
        Vinyl("gold", "Puff");
        UntilTrue(() => Rings > before, "puff rings no more than smooth");
        See("[data-code=small-detail]");
        See(By.XPath("//*[@data-swatch='gold']//*[contains(., 'can be weeded down to 3.0 mm')]"));
        Vinyl("gold", "Smooth");
        UntilTrue(() => Rings == before, "the rings stayed");
        Assert.Equal(brought, Saved(id));

        Tick("navy");
        Button("Outline below").Click();
        UntilTrue(() => Swatches == 7, "no outline came");
        Assert.Equal("outline", Saved(id) is var file ? (string)JsonNode.Parse(file)!["layers"]![0]!["id"]! : "");
        Tick("navy", "teal", "navy-2");
        Button("Merge into one sheet").Click();
        UntilTrue(() => Swatches == 6, "the shades were not merged");
        Driver.FindElements(By.CssSelector("input[aria-label^='Choose']")).Where(c => c.Selected).ToList().ForEach(c => c.Click());
        Tick("cream");
        Button("Cut a hole below").Click();
        UntilTrue(() => Saved(id).Length > 100
            && Driver.FindElements(By.CssSelector("button:disabled")).All(b => b.Text != "Cut a hole below"), "it was not cut");

        // Three kinds of work, two choices of vinyl: back to just what was brought in, and to the very beginning.
        foreach (var expected in new[] { 6, 7, 6 })
        {
            Button("Undo").Click();
            UntilTrue(() => Swatches == expected, $"undo did not bring {expected} layers back");
        }

        Assert.Equal(brought, Saved(id));
        for (var i = 0; i < 3; i++)
            Button("Undo").Click();
        UntilTrue(() => Swatches == 0, "undo did not take the drawing away");
        Assert.Equal(empty, Saved(id));
        Button("Redo").Click();
        UntilTrue(() => Swatches == 6, "redo did not bring it back");
        Assert.Equal(brought, Saved(id));
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void What_weld_cannot_do_is_said_and_nothing_changes()
    {
        var id = OpenArtwork("Tarn tee, from a drawing");
        UntilTrue(() => Swatches == 6, "the example has six layers");
        var before = Saved(id);
        Tick("stars", "telescope");
        Button("Weld").Click();
        SeeText("Only pieces of one vinyl can be welded");
        Assert.Equal(before, Saved(id));
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Layers_are_hidden_recoloured_and_seen_at_Place()
    {
        var id = OpenArtwork("Tarn tee, from a drawing");
        UntilTrue(() => Swatches == 6, "the example has six layers");
        See(By.XPath("//*[@data-swatch='ripples']//button[.='Hide']")).Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=artwork] [data-layer]")).Count == 5, "it is still seen");
        Assert.Equal(6, Swatches);
        Driver.ExecuteScript(
            "const f = document.querySelector(\"input[aria-label='Color of stars']\"); " +
                "Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(f, '#c9e6b8'); f.dispatchEvent(new " +
                    "Event('input', { bubbles: true }));");
        UntilTrue(() => See("[data-testid=artwork] [data-layer=stars]").GetDomAttribute("fill") == "#c9e6b8", "it kept its colour");
        Saved(id);
        Open($"/jobs/{id}/place");
        See("[data-testid=garment] path[data-layer=telescope]");
        Assert.Empty(Driver.FindElements(By.CssSelector("[data-testid=garment] rect[data-layer]")));
        Assert.Equal(5, Driver.FindElements(By.CssSelector("[data-testid=garment] path[data-layer]")).Count);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_drawing_that_cannot_be_read_says_why_and_what_was_there_stays()
    {
        var id = OpenArtwork("Tarn tee, from a drawing");
        UntilTrue(() => Swatches == 6, "the example has six layers");
        var before = Saved(id);
        Bring(Written("<svg xmlns='http://www.w3.org/2000/svg'><rect width='NaN' height='5'/></svg>"));
        SeeText("width of <rect> is “NaN”");
        Assert.Equal(before, Saved(id));
        Bring(Written(
            "<svg xmlns='http://www.w3.org/2000/svg' width='80mm' height='80mm' viewBox='0 0 80 80'><text>hi</text><rect width='80' " +
                "height='80' fill='teal'/></svg>"));
        SeeText("One text left out");
        UntilTrue(() => Swatches == 1, "the rest did not work");
    }

    [Fact]
    public void Names_for_a_run_are_pasted_proofed_and_one_is_corrected()
    {
        var id = OpenArtwork("Crew tee, front");
        // The example has a plain box of vinyl; words go into a layer of their own.
        Type(See("section[aria-label=Text] input[maxlength='80']"), "Name");
        Choose(Field("Font"), "Round");
        Button("Add text").Click();
        Button("words: Name").Click();
        See(By.XPath("//label[contains(., 'Different name on each garment')]")).Click();
        See("textarea").SendKeys("Wren, child, gold\nOks, adult-m\nTamsin, adult-s, #0f6468, 2");
        Button("Read the list").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-proof] path")).Count == 3, "three names were not set");
        SeeText("0 of 3 checked");
        Assert.Equal((4, 3), ((int)JsonNode.Parse(Saved(id))!["quantity"]!, Job(id)["names"]!.AsArray().Count));

        var wrong = See("[data-proof='1'] path").GetDomAttribute("d");
        Type(See("input[aria-label='Name 2']"), "Osk" + Keys.Enter);
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-proof='1'] path")).FirstOrDefault()?.GetDomAttribute("d") is { } d
            && d != wrong, "the letters did not follow");
        See("input[aria-label='Osk is spelled right']").Click();
        SeeText("1 of 3 checked");
        Assert.Equal("Osk", (string)JsonNode.Parse(Saved(id))!["names"]![1]!["name"]!);

        See("textarea").SendKeys("Wren, giant");
        Button("Read the list").Click();
        // What can be read is read; the rest is marked, and stays in sight to be put right.
        Assert.Contains("“giant”", See("[data-testid=not-read]").Text, StringComparison.Ordinal);
        UntilTrue(() => Job(id)["names"]!.AsArray().Count == 1, "the name was not read");
        Assert.Contains("giant", See("textarea").GetDomProperty("value"), StringComparison.Ordinal);

        // White on pale cloth and on white paper is drawn with an edge, or nobody could proof-read it.
        Type(See("textarea"), "Bly, child, navy" + Keys.Enter + "Wren, child, white");
        Button("Read the list").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-proof='1'] path[stroke]")).Count == 1, "the white name cannot be seen");
        Assert.Empty(Driver.FindElements(By.CssSelector("[data-proof='0'] path[stroke]")));
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_job_file_opens_as_a_job_and_another_file_does_not()
    {
        var id = OpenArtwork("Tarn tee, from a drawing");
        Open("/");
        Driver.FindElement(By.CssSelector("main input[type=file]")).SendKeys(Written("hello"));
        SeeText("is no job file");
        var file = Path.Combine(Folder, "tarn.juxtherm.json");
        File.WriteAllText(file, Job(id).ToJsonString());
        Driver.FindElement(By.CssSelector("main input[type=file]")).SendKeys(file);
        UntilTrue(() => Driver.Url.EndsWith("/item", StringComparison.Ordinal)
            && !Driver.Url.Contains(id, StringComparison.Ordinal), "it was not opened");
        Open(Driver.Url.Replace(Address, "", StringComparison.Ordinal).Replace("/item", "/artwork", StringComparison.Ordinal));
        UntilTrue(() => Swatches == 6, "the artwork did not come along");
    }
}
