using System.Globalization;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>What does not lie under the plate at once. The clock stands still but for what is waited for, so that every step is
/// seen.</summary>
public sealed class PartByPartTests : BenchBrowserTest
{
    [Fact]
    [Trait("Run", "thorough")]
    public void A_print_wider_than_its_plate_with_a_seam_in_the_way_goes_part_by_part_from_Place_to_the_logbook()
    {
        var id = Keep(JsonNode.Parse("""
            { "format": "juxtherm.job", "version": 1, "title": "Wide word", "quantity": 1, "blank": { "form": "tee", "material": "cotton" },
              "tools": { "heatSource": "handheld-press", "cutterWidthMm": 600, "cutterLengthMm": 600 }, "layers": [ { "id": "word", "vinyl": "smooth", "colour": "#0f6468", "widthMm": 420, "heightMm": 100 } ] }
            """)!.AsObject());
        Open($"/jobs/{id}/place");
        See("button[aria-label='Place here: Chest']").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=garment] [data-plate]")).Count == 2, "it is not parted");
        double Lowest() =>
            Driver.FindElements(By.CssSelector("[data-testid=garment] [data-plate]"))
            .Max(p => double.Parse(p.GetDomAttribute("y")!, CultureInfo.InvariantCulture)
                + double.Parse(p.GetDomAttribute("height")!, CultureInfo.InvariantCulture));
        Assert.True(Lowest() > 295, "the plate keeps clear by itself");
        Button("Add an obstacle").Click();
        var row = See(By.XPath("//section[.//button[normalize-space(.)='Add an obstacle']]//li"));
        Choose(row.FindElement(By.CssSelector("select")), "seam");
        foreach (var (field, value) in row.FindElements(By.CssSelector("input")).Zip(["0", "295", "430", "6"]))
            Type(field, value);
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=garment] [data-plate]")) is { Count: 2 }
            && Lowest() <= 295.5, "the plate does not keep off the seam");
        UntilTrue(() => See(By.XPath("//*[@role='status'][starts-with(., 'Sav')]")).Text == "Saved", "it was not saved");
        UntilTrue(() => See("aside").Text.Contains("In 2 parts, each finished before the next", StringComparison.Ordinal),
            "the ticket does not tell the parts");
        var place = Until(() => See("[data-testid=placing]").Text is { Length: > 0 } text
            ? text : null, "the ticket does not say where it goes")!;
        Assert.StartsWith("Upper edge 75 mm below the collar", place, StringComparison.Ordinal);

        Open($"/jobs/{id}/press");
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=goes] [data-go]")).Count == 2, "the parts are not drawn");
        BeginAtBench();
        var (seen, places) = (new List<string>(), new List<string>());
        GoOnUntil("inspect", () =>
        {
            seen.Add(Until(() => Driver.FindElements(By.CssSelector("[data-testid=bench] h1")).FirstOrDefault()?.Text
                ?? "", "the bench could not be read"));
            places.AddRange(Driver.FindElements(By.CssSelector("[data-testid=place]")).Select(p => p.Text));
        });
        // The first part is peeled before anything of the second is done.
        var second = seen.FindIndex(t => t.StartsWith("Part 2 of 2", StringComparison.Ordinal));
        Assert.True(second > 0 && seen.Take(second).Any(t => t.Contains("eel", StringComparison.Ordinal)), string.Join(" | ", seen));
        Assert.DoesNotContain(seen.Skip(second), t => t.StartsWith("Part 1 of 2", StringComparison.Ordinal));
        // What the ticket says stands at the bench, beside what it is laid with.
        Assert.True(places.Count > 0, string.Join(" | ", seen));
        Assert.All(places, p => Assert.Contains("75 mm below the collar", p, StringComparison.Ordinal));
        SayGood();
        Open("/logbook");
        UntilTrue(() => See("tbody tr").Text.Contains("Wide word", StringComparison.Ordinal), "it is not in the logbook");
    }
}
