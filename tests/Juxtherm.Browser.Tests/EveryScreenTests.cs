using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>Every screen there is: whether everybody can read and work it, in either theme, and whether it fits a phone and a
/// tablet.</summary>
public sealed class EveryScreenTests() : BrowserTest(demo: true)
{
    private const string EveryRule = "";
    private static readonly string Axe = File.ReadAllText(Path.Combine(Repository(), "web", "node_modules", "axe-core", "axe.min.js"));

    /// <summary>Shows every screen once, and says which.</summary>
    private IEnumerable<string> Screens()
    {
        string Job(string title)
        {
            Open("/");
            return "/jobs/" + new Uri(SeeText(title, "a").GetDomProperty("href")!).Segments[2].TrimEnd('/');
        }

        var (crew, tarn, names, night) = (Job("Crew tee, front"), Job("Tarn tee, from a drawing"), Job("Junior corner, names"),
            Job("Night tee"));
        string[] plain = ["/", $"{crew}/item", $"{crew}/place", $"{tarn}/artwork", $"{names}/artwork", $"{crew}/press", $"{tarn}/press",
            $"{night}/press", $"{crew}/compare", $"{crew}/bench", $"{crew}/care", $"{names}/price", "/day", "/day/buy",
            "/practice", "/practice/names", "/practice/iron-foil",
            "/stock", "/shelf", "/logbook", "/logbook/taught", "/logbook/care", "/logbook/kept", "/logbook/names",
            "/logbook/helpers", "/pair", "/lifted", "/nowhere/at/all"];
        foreach (var path in plain)
        {
            Open(path);
            See("main h1, main input[aria-label=Title]");
            UntilTrue(() => Driver.FindElements(By.XPath("//*[contains(text(), 'Fetching') or contains(text(), 'Planning')]")).Count == 0,
                $"{path} is still fetching");
            yield return path;
        }

        Open("/logbook");
        Button("Crew tee, front").Click();
        See("[aria-label='Safe range'] svg");
        yield return "an entry of the logbook";
        Open("/logbook/names");
        See("textarea").SendKeys("Wren");
        Button("Find").Click();
        See("section li input[type=checkbox]");
        Button("Take the names out…").Click();
        See("fieldset");
        yield return "names, about to be taken out";
        Open("/shelf");
        Button("Add a vinyl").Click();
        yield return "the form of a vinyl";
        Open("/stock");
        Button("Add vinyl").Click();
        yield return "the form of what is on hand";
        Button("Add items").Click();
        yield return "the form of items on hand";

        Open("/day");
        See("fieldset input[type=checkbox]:not(:checked)").Click();
        Button("Plan the day").Click();
        See(".day-bar");
        Button("Compare").Click();
        See("section[aria-label=Compare] td");
        Button("As a list").Click();
        yield return "the day, planned";
        Open("/day/now");
        See("section p[aria-live]");
        yield return "what now";

        Open($"{tarn}/cut");
        See(By.CssSelector("[data-testid=cut-headline]"), 120);
        yield return "the cut";
        Button("Cut it").Click();
        See("[data-testid=mat]");
        yield return "the cutter";

        Open($"{crew}/bench");
        Button("Practice run").Click();
        See("[data-testid=preparation]");
        yield return "the preparation";
        PrepareBench();
        yield return "the bench";
        Button("hot").Click();
        See("[data-testid=wired]");
        yield return "the bench with the simulated press";
        GoOnUntilSimulated();
        yield return "the signs";
        Press("1");
        See("[data-testid=advice]");
        yield return "advice";
        See(By.LinkText("All pieces")).Click();
        See("[data-testid=crew]");
        yield return "the crew";
        Driver.Navigate().Back();
        See("[data-testid=bench]");
    }

    private void GoOnUntilSimulated()
    {
        Button("Back to manual").Click();
        GoOnUntil("inspect");
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Everybody_can_read_and_work_it_it_fits_and_the_browser_has_nothing_to_complain_of()
    {
        Open("/");
        Driver.ExecuteScript("localStorage.setItem('juxtherm.theme', 'paper')");
        var found = Screens().SelectMany(screen => Faults().Select(fault => $"{screen}: {fault}")).ToList();
        Assert.True(found.Count == 0, string.Join('\n', found));
        Assert.Empty(Driver.Manage().Logs.GetLog(LogType.Browser).Where(l => !l.Message.Contains("/nowhere/", StringComparison.Ordinal))
            .Select(l => l.Message));
    }

    /// <summary>What is wrong with the screen that is open: each is opened once, and turned over in every way.</summary>
    private List<string> Faults()
    {
        Driver.ExecuteScript(Axe);
        var found = Audit(EveryRule).ToList();
        // By night only colors differ.
        Theme("night");
        found.AddRange(Audit("color-contrast").Select(f => $"by night: {f}"));
        Theme("paper");
        foreach (var (width, height) in new[] { (390, 844), (820, 1180) })
        {
            Size(width, height);
            var wide = (string?)Driver.ExecuteScript("""
                const over = [...document.querySelectorAll('body *')].filter(e =>
                    e.getBoundingClientRect().right > arguments[0] + 1 && getComputedStyle(e).position !== 'fixed');
                if (document.documentElement.scrollWidth <= arguments[0]) return null;
                return document.documentElement.scrollWidth + ' px: ' + over.slice(-3).map(e => e.outerHTML.slice(0, 120)).join(' | ');
                """, width);
            if (wide is not null)
                found.Add($"on {width}: {wide}");
            // What a station asks for is seen before anything is scrolled.
            if (Driver.FindElements(By.CssSelector("[data-station]")) is [var station] && station.Location.Y > height / 2)
                found.Add($"on {width}: begins at {station.Location.Y} px");
        }

        Driver.ExecuteCdpCommand("Emulation.clearDeviceMetricsOverride", []);
        return found;
    }

    private void Theme(string theme) => Driver.ExecuteScript("""
        document.documentElement.dataset.theme = arguments[0];
        // A color on its way to another is neither.
        document.getAnimations().forEach(a => a.effect.getComputedTiming().endTime < Infinity && a.finish());
        """, theme);

    private void Size(int width, int height) =>
        Driver.ExecuteCdpCommand("Emulation.setDeviceMetricsOverride",
            new Dictionary<string, object?> { ["width"] = width, ["height"] = height, ["deviceScaleFactor"] = 1, ["mobile"] = true });

    private static string[] Lines(string text) => text.Split('\n', StringSplitOptions.RemoveEmptyEntries);

    private string[] Audit(string rules) => Lines((string)Driver.ExecuteAsyncScript("""
        const done = arguments[arguments.length - 1];
        const said = v => v.id + ': ' + v.nodes.slice(0, 4).map(n => n.html.slice(0, 160) + ' ' + (n.any[0] ? n.any[0].message : ''))
            .join(' | ').replaceAll('\n', ' ');
        const headings = document.querySelectorAll('h1').length;
        const only = arguments[0] ? { runOnly: { type: 'rule', values: [arguments[0]] } }
          : { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
              rules: { 'label-content-name-mismatch': { enabled: true } } };
        axe.run(document, only).then(r => done([...r.violations.map(said),
            ...(headings === 1 ? [] : [headings + ' first headings'])].join('\n')));
        """, rules)!);
}
