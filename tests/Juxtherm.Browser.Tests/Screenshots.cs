using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>
/// Makes the pictures in docs/screenshots from the demo data. Not part of the test run; asked for with
/// <c>dotnet run --project tests/Juxtherm.Browser.Tests -c Release -- -explicit only</c>.
/// </summary>
public sealed class Screenshots() : BrowserTest(clockSpeed: 1, demo: true)
{
    private static readonly string Pictures = Directory.CreateDirectory(Path.Combine(Repository(), "docs", "screenshots")).FullName;

    private void Take(string name, int width = 1280, int height = 800, bool scroll = true)
    {
        Driver.ExecuteCdpCommand("Emulation.setDeviceMetricsOverride", new Dictionary<string, object?> { ["width"] = width, ["height"] = height, ["deviceScaleFactor"] = 1, ["mobile"] = false });
        if (scroll)
            Driver.ExecuteScript("window.scrollTo(0, 0); document.activeElement && document.activeElement.blur()");
        Thread.Sleep(600);
        Driver.GetScreenshot().SaveAsFile(Path.Combine(Pictures, name + ".png"));
    }

    [Fact(Explicit = true)]
    public void Main_views()
    {
        Open("/");
        Driver.ExecuteScript("localStorage.setItem('juxtherm.theme', 'paper')");
        Driver.Navigate().Refresh();
        SeeText("Crew tee, front", "a");
        See("[data-testid=setpoint]");
        Take("front-page");

        var job = new Uri(SeeText("Crew tee, front", "a").GetDomProperty("href")!).Segments[2].TrimEnd('/');
        foreach (var station in new[] { "item", "press" })
        {
            Open($"/jobs/{job}/{station}");
            See("[data-testid=setpoint]");
            Take(station);
        }

        Open($"/jobs/{job}/compare");
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=setpoint]")).Count == 2, "nothing beside it");
        Take("compare");
        Open("/shelf");
        See("button[aria-label='Change Firefly glow']");
        Take("shelf");
        Open("/");
        var layers = new Uri(SeeText("Night tee", "a").GetDomProperty("href")!).Segments[2].TrimEnd('/');
        Open($"/jobs/{layers}/press");
        See("[data-testid=setpoint]");
        Take("layers");
        Open($"/jobs/{layers}/place");
        See("[data-layer]");
        Take("place");
        Take("place-tablet", 820, 1180);

        Open("/");
        var tarn = new Uri(SeeText("Tarn tee, from a drawing", "a").GetDomProperty("href")!).Segments[2].TrimEnd('/');
        Open($"/jobs/{tarn}/artwork");
        See("[data-ring]");
        Take("artwork");
        Open("/");
        var names = new Uri(SeeText("Junior corner, names", "a").GetDomProperty("href")!).Segments[2].TrimEnd('/');
        Open($"/jobs/{names}/artwork");
        See("[data-proof='3'] path");
        Driver.ExecuteScript("document.querySelector('[data-testid=proof]').scrollIntoView({ block: 'end' })");
        Take("names", scroll: false);

        Open($"/jobs/{tarn}/cut");
        See(By.CssSelector("[data-testid=cut-headline]"), 120);
        Take("cut");
        Button("Cut it").Click();
        See("[data-testid=mat] input[type=checkbox]").Click();
        Button("Load it").Click();
        See(By.XPath("//button[normalize-space(.)='Go']")).Click();
        Thread.Sleep(9000);
        Take("cutter");
        Driver.ExecuteScript("document.querySelector('[aria-label=\"Weeding sheet\"]').scrollIntoView()");
        Take("weeding", scroll: false);
        Open("/stock");
        See("tr[data-stock]");
        Take("stock");

        Open("/logbook");
        See("tbody tr");
        Take("logbook");

        Open($"/jobs/{job}/press");
        Button("Take it to the bench").Click();
        See("[data-testid=bench]");
        for (var hold = 0; hold < 2; hold++)
        {
            while (See("[data-testid=bench]").GetDomAttribute("data-kind") == "do")
            {
                var at = See("[data-testid=bench]").GetDomAttribute("data-step");
                Press(" ");
                UntilTrue(() => See("[data-testid=bench]").GetDomAttribute("data-step") != at, "Space did nothing");
            }

            if (hold == 0)
                UntilTrue(() => See("[data-testid=bench]").GetDomAttribute("data-kind") == "do", "the preheat did not end");
        }

        Thread.Sleep(4000);
        Take("bench");
        Take("bench-tablet", 820, 1180);
        Driver.ExecuteScript("localStorage.setItem('juxtherm.theme', 'night')");
        Open($"/jobs/{job}/press");
        See("[data-testid=setpoint]");
        Take("press-tablet-night", 820, 1180);
    }
}
