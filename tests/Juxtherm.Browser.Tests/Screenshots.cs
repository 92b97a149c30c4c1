using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>
/// Makes the pictures in docs/screenshots from the demo data. Not part of the test run; asked for with
/// <c>dotnet run --project tests/Juxtherm.Browser.Tests -c Release -- -explicit only</c>.
/// </summary>
public sealed class Screenshots() : BrowserTest(clockSpeed: 1, demo: true)
{
    private static readonly string Pictures = Directory.CreateDirectory(Path.Combine(Repository(), "docs", "screenshots")).FullName;

    private void Size(int width = 1280, int height = 800) =>
        Driver.ExecuteCdpCommand("Emulation.setDeviceMetricsOverride",
            new Dictionary<string, object?> { ["width"] = width, ["height"] = height, ["deviceScaleFactor"] = 1, ["mobile"] = false });

    private void Take(string name, int width = 1280, int height = 800, bool scroll = true)
    {
        Size(width, height);
        if (scroll)
            Driver.ExecuteScript("window.scrollTo(0, 0); document.activeElement && document.activeElement.blur()");
        Thread.Sleep(600);
        Driver.GetScreenshot().SaveAsFile(Path.Combine(Pictures, name + ".png"));
    }

    private void TakeAt(string job, string section, string name)
    {
        Open($"/jobs/{job}/press");
        See("[data-testid=setpoint]");
        See($"section[aria-label='{section}']");
        Size();
        Thread.Sleep(1500);
        Driver.ExecuteScript($"document.querySelector('section[aria-label=\"{section}\"]').scrollIntoView()");
        Take(name, scroll: false);
    }

    /// <summary>The page has the service's date, so that what is due there is due here.</summary>
    private void LiveInDemoTime() => Driver.ExecuteCdpCommand("Page.addScriptToEvaluateOnNewDocument", new Dictionary<string, object?>
    {
        ["source"] = $$"""
            (() => {
              const Real = Date;
              const off = {{Clock.GetUtcNow().ToUnixTimeMilliseconds()}} - Real.now();
              globalThis.Date = class extends Real {
                constructor(...said) { if (said.length) super(...said); else super(Real.now() + off); }
                static now() { return Real.now() + off; }
              };
            })();
            """,
    });

    /// <summary>A practice bench in the middle of things.</summary>
    private void Practiced()
    {
        Open("/practice");
        Driver.ExecuteScript("""
            localStorage.setItem('juxtherm.practice.layers', JSON.stringify([{ kind: 'close', seconds: 5 }, { kind: 'lay', layers: ['a'] },
              { kind: 'close', seconds: 5 }, { kind: 'peel' }, { kind: 'touch', prop: 'upper', state: 'by-piece' },
                  { kind: 'lay', layers: ['b'] },
              { kind: 'close', seconds: 18 }, { kind: 'peel' }]));
            """);
        Open("/practice/layers");
        SeeText("It lies flat.");
    }

    [Fact(Explicit = true)]
    public void Main_views()
    {
        LiveInDemoTime();
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
        Open($"/jobs/{layers}/place");
        See("[data-layer]");
        Take("place");

        Open("/");
        var tarn = new Uri(SeeText("Tarn tee, from a drawing", "a").GetDomProperty("href")!).Segments[2].TrimEnd('/');
        TakeAt(tarn, "Layer order", "layers");
        Open($"/jobs/{tarn}/artwork");
        See("[data-ring]");
        Take("artwork");
        Open("/");
        var names = new Uri(SeeText("Junior corner, names", "a").GetDomProperty("href")!).Segments[2].TrimEnd('/');
        Practiced();
        Take("practice");

        Open($"/jobs/{tarn}/cut");
        See(By.CssSelector("[data-testid=cut-headline]"), 120);
        Take("cut");
        Open($"/jobs/{tarn}/price");
        SeeText("you lose money");
        Take("price");
        Open("/day");
        foreach (var title in new[] { "Crew tee, front", "Night tee", "Crew tee, the Ladle", "Junior corner, names", "Row marker" })
        {
            var box = By.XPath($"//li//label[contains(., '{title}')]//input[@type='checkbox']");
            See(box);
            Driver.ExecuteScript("arguments[0].scrollIntoView({ block: 'center' }); arguments[0].click()", Driver.FindElement(box));
        }

        Button("Add a helper").Click();
        Button("Add a press").Click();
        Button("Plan the day").Click();
        See(".day-bar");
        Take("day");
        Open("/stock");
        See("tr[data-stock]");
        Take("stock");

        Open("/logbook");
        Button("Crew tee, front").Click();
        See("[aria-label='Safe range'] svg");
        Take("logbook");
        Open("/logbook/taught");
        See("section[aria-label='Satchel press']");
        Take("taught");
        Open($"/jobs/{job}/care");
        See("section[aria-label='Still curing']");
        Take("care");

        AtTheBench(names);
    }

    private void AtTheBench(string job)
    {
        Open($"/jobs/{job}/press");
        BeginAtBench();
        for (var hold = 0; hold < 2; hold++)
        {
            while (Bench("kind") == "do")
                NextStep();
            if (hold == 0)
                UntilTrue(() => Bench("kind") == "do", "the preheat did not end");
        }

        Thread.Sleep(4000);
        Take("bench");
        UntilTrue(() => Bench("kind") == "do", "the press did not end", 90);
        GoOnUntil("inspect");
        Press("1");
        See("[data-testid=advice]");
        Take("bench-advice");
        See(By.LinkText("All pieces")).Click();
        See("[data-testid=crew]");
        Take("crew");
    }
}
