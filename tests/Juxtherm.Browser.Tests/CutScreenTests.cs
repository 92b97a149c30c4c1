using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>The Cut station by hand: both ways, two vinyls through two mats, vinyl that runs out, the weeding sheet, and the shelf
/// afterwards.</summary>
public sealed class CutScreenTests() : BrowserTest(clockSpeed: 20)
{
    private const string Ridge = "M0 60L30 10L45 30L60 0L100 60ZM50 40L60 20L70 40Z";
    private const string Star = "M50 0L61 35L98 35L68 57L79 91L50 70L21 91L32 57L2 35L39 35Z";

    private static JsonObject Layer(string id, string vinyl, string colour, string shape, double x, double y, double width,
        double height) => new()
        {
            ["id"] = id,
            ["vinyl"] = vinyl,
            ["colour"] = colour,
            ["shape"] = shape,
            ["xMm"] = x,
            ["yMm"] = y,
            ["widthMm"] = width,
            ["heightMm"] = height,
        };

    private JsonNode Post(string path, JsonNode body)
    {
        using var client = Service.CreateClient();
        using var content = new StringContent(body.ToJsonString(), System.Text.Encoding.UTF8, "application/json");
        using var answer = client.PostAsync(new Uri(path, UriKind.Relative), content).GetAwaiter().GetResult();
        return JsonNode.Parse(answer.EnsureSuccessStatusCode().Content.ReadAsStringAsync().GetAwaiter().GetResult())!;
    }

    private void Stocked(string label, string vinyl, string colour, double width, double length, double low = 0) =>
        Post("/api/stock", new JsonObject
        {
            ["commandId"] = Guid.NewGuid().ToString(),
            ["kind"] = "roll",
            ["vinyl"] = vinyl,
            ["colour"] = colour,
            ["widthMm"] = width,
            ["lengthMm"] = length,
            ["label"] = label,
            ["lowMm"] = low,
        });

    private string OpenCut(int quantity, params JsonObject[] layers)
    {
        var job = new JsonObject
        {
            ["format"] = "juxtherm.job",
            ["version"] = 1,
            ["title"] = "Ridge",
            ["quantity"] = quantity,
            ["blank"] = new JsonObject { ["form"] = "tee", ["material"] = "cotton" },
            ["tools"] = new JsonObject { ["heatSource"] = "swing-platen", ["cutter"] = "table" },
            ["choices"] = new JsonObject { ["layout"] = "in-place" },
            ["layers"] = new JsonArray([.. layers]),
        };
        var id = (string)Post("/api/jobs", job)["id"]!;
        Open($"/jobs/{id}/cut");
        See(By.CssSelector("[data-testid=cut-headline]"), 30);
        return id;
    }

    private JsonArray Shelf()
    {
        using var client = Service.CreateClient();
        return JsonNode.Parse(client.GetStringAsync(new Uri("/api/stock", UriKind.Relative)).GetAwaiter().GetResult())!.AsArray();
    }

    private double OnHand(string label) => (double)Shelf().Single(s => (string)s!["label"]! == label)!["onHandMm"]!;

    private string Status => See("[data-testid=mat]").GetDomAttribute("data-status")!;

    private void Click(string text) => Button(text).Click();

    private void Check() => See("[data-testid=mat] input[type=checkbox]").Click();

    private void CutMat()
    {
        UntilTrue(() => Status == "waiting", "no mat waits");
        if (Driver.FindElements(By.CssSelector("[data-testid=mat] input[type=checkbox]")).Count > 0)
            Check();
        Click("Load it");
        UntilTrue(() => Status == "loaded", "it was not loaded");
        See(By.XPath("//button[normalize-space(.)='Go']")).Click();
        UntilTrue(() => Status == "cut", "it was not cut", 30);
        Click("Take the mat out");
    }

    [Fact]
    public void Two_vinyls_go_through_their_mats_the_second_preset_is_asked_for_and_the_shelf_goes_down()
    {
        Stocked("Navy roll", "smooth", "#1b2a49", 305, 2000);
        Stocked("Firefly roll", "glow", "#c9e6b8", 305, 900);
        var id = OpenCut(1, Layer("ridge", "smooth", "#1b2a49", Ridge, 80, 160, 150, 90),
            Layer("star", "glow", "#c9e6b8", Star, 140, 100, 40, 40));
        // Both ways beside each other; the picture is mirrored and says so.
        Assert.Equal(2, Driver.FindElements(By.CssSelector("input[name=layout]")).Count);
        Assert.All(Driver.FindElements(By.CssSelector("[data-sheet]")), s => Assert.Equal("true", s.GetDomAttribute("data-mirrored")));
        SeeText("Mirrored once, here", "strong");
        var (navy, glow) = (OnHand("Navy roll"), OnHand("Firefly roll"));
        Click("Cut it");
        See("[data-testid=mat]");
        Assert.Contains("plain blade · 90 g · 1 pass", See("[data-testid=mat]").Text, StringComparison.Ordinal);

        // Without the preset checked nothing is loaded.
        Click("Load it");
        SeeText("and say that you checked it", "span");
        Assert.Equal("waiting", Status);
        var asked = new List<string>();
        for (var mat = 0; mat < 20 && Driver.FindElements(By.CssSelector("[data-testid=mat]")).Count > 0; mat++)
        {
            if (Driver.FindElements(By.CssSelector("[data-testid=mat] input[type=checkbox]")).Count > 0)
                asked.Add(See("[data-testid=cut-headline]").Text.Split(": ")[1]);
            var before = See("[data-testid=cut-headline]").Text;
            CutMat();
            UntilTrue(() => See("[data-testid=cut-headline]").Text != before, "the next mat did not come");
        }

        Assert.Equal(["Smooth, navy", "Glow, silver"], asked);
        Assert.Equal("All mats are cut.", See("[data-testid=cut-headline]").Text);
        Assert.All(Driver.FindElements(By.CssSelector("tr[data-mat]")), m => Assert.Equal("unloaded", m.GetDomAttribute("data-status")));
        Assert.Equal(navy, OnHand("Navy roll"));

        // Reserved until the bench begins; then used up, and the rest is labelled.
        Click("Take it to the bench");
        Click("Begin");
        See("[data-testid=bench]");
        Open("/stock");
        UntilTrue(() => Driver.FindElements(By.CssSelector("tr[data-kind=offcut]"))
            .Any(r => r.Text.StartsWith("Offcut", StringComparison.Ordinal)), "no offcut came back");
        Assert.True(OnHand("Navy roll") < navy && OnHand("Firefly roll") < glow);
        See("a[aria-label^='Label for Offcut']");
        Open($"/jobs/{id}/cut");
        SeeText("This was cut before, and that vinyl is used.");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Vinyl_that_runs_out_is_recovered_from_and_the_weeding_sheet_is_ticked_off()
    {
        Stocked("Navy roll", "smooth", "#1b2a49", 305, 2000);
        OpenCut(3, Layer("ridge", "smooth", "#1b2a49", Ridge, 80, 160, 150, 90));
        Click("Cut it");
        See("[data-testid=mat]");
        Check();
        // Less vinyl on the mat than was drawn: only the first of three pieces comes whole.
        Type(Field("Vinyl on the mat, if shorter than drawn"), "110");
        Click("Load it");
        UntilTrue(() => Status == "loaded", "it was not loaded");
        See(By.XPath("//button[normalize-space(.)='Go']")).Click();
        See("[data-testid=left]");
        UntilTrue(() => Status == "stopped", "the vinyl did not run out", 30);
        SeeText("Out of vinyl.", "strong");
        SeeText("1 of 3 pieces finished.", "p");
        var mats = Driver.FindElements(By.CssSelector("tr[data-mat]")).Count;
        Click("Take the mat out");
        UntilTrue(() => Driver.FindElements(By.CssSelector("tr[data-mat]")).Count == mats + 1, "the rest came onto no mat");
        CutMat();

        var sheet = See("[data-weeding]");
        Assert.Contains("centers to weed", sheet.Text, StringComparison.Ordinal);
        var centres = int.Parse(sheet.FindElement(By.TagName("strong")).Text.Split(' ')[0],
            System.Globalization.CultureInfo.InvariantCulture);
        Assert.Equal(centres, sheet.FindElements(By.CssSelector("[data-centre]")).Count);
        Assert.Equal("false", sheet.FindElement(By.CssSelector("[data-sheet]")).GetDomAttribute("data-mirrored"));
        sheet.FindElement(By.CssSelector("input[type=checkbox]")).Click();
        UntilTrue(() => See("[data-weeding] [data-state=clean]") is not null, "it was not ticked off");
        Driver.Navigate().Refresh();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-weeding] [data-state=clean]")).Count == 1, "the tick was not kept");
        Assert.Contains("/weeding.pdf", SeeText("Print", "a").GetDomAttribute("href"), StringComparison.Ordinal);
        Click("Cancel cutting");
        Button("Cut it");
        Assert.All(Shelf(), s => Assert.Equal(0, (double)s!["reservedMm"]!));
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Vinyl_is_put_on_the_shelf_with_faults_named_changed_and_taken_off_and_back()
    {
        Stocked("Cream roll", "smooth", "#e8d9b0", 305, 700, 800);
        Open("/stock");
        See("tr[data-stock='Cream roll']");
        SeeText("Low: Cream roll", "span");
        Click("Add vinyl");
        Type(Field("Width"), "3");
        See(By.XPath("//button[.='Save']")).Click();
        SeeText("Width is 3 mm; 10 to 2000 mm is accepted.");
        Type(Field("Width"), "305");
        Type(Field("Length"), "4000");
        Type(See("input[aria-label='Label']"), "New navy");
        See(By.XPath("//button[.='Save']")).Click();
        UntilTrue(() => See("tr[data-stock='New navy']").Text.Contains("4.00 m", StringComparison.Ordinal), "it is not there");
        See("button[aria-label='Change New navy']").Click();
        Type(Field("Length, if you measured it again"), "3500");
        See(By.XPath("//button[.='Save']")).Click();
        UntilTrue(() => See("tr[data-stock='New navy']").Text.Contains("3.50 m", StringComparison.Ordinal), "it was not counted");
        See("button[aria-label='Remove: New navy']").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("tr[data-stock='New navy']")).Count == 0, "it is still there");
        Button("Undo").Click();
        See("tr[data-stock='New navy']");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void What_is_too_wide_says_so_and_shows_its_joint_on_the_garment()
    {
        var id = OpenCut(1, Layer("ridge", "smooth", "#1b2a49", Ridge, 80, 160, 240, 90));
        Type(Field("Cutting width"), "150");
        Type(Field("Cutting length"), "150");
        UntilTrue(() => Driver.FindElements(By.CssSelector("main [data-code=too-wide-for-cutter]")).Count > 0,
            "it does not say that it is too wide");
        UntilTrue(() => See(By.XPath("//*[@role='status'][starts-with(., 'Sav')]")).Text == "Saved", "it was not saved");
        Open($"/jobs/{id}/place");
        See("[data-joint]");
    }
}
