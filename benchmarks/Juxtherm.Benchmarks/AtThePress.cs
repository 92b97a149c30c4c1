using System.Diagnostics;
using System.Globalization;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Juxtherm.Testing;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;

namespace Juxtherm.Benchmarks;

/// <summary>The bench under strain: killed a hundred times, watched in two windows, and left in a hidden tab for ten minutes.</summary>
internal static class AtThePress
{
    private const int Kills = 100;
    private const int Moves = 20;
    private static readonly TimeSpan Hidden = TimeSpan.FromMinutes(10);

    public static async IAsyncEnumerable<string> LinesAsync()
    {
        yield return "";
        yield return "## At the press";
        yield return await FallsAsync();
        if (!File.Exists("/usr/bin/chromium"))
        {
            yield return "No Chromium here: the windows were not measured.";
            yield break;
        }

        await using var page = await Page.OpenAsync();
        yield return await page.TwoWindowsAsync();
        yield return await page.HiddenAsync();
    }

    private static async Task<string> FallsAsync()
    {
        var folder = Directory.CreateTempSubdirectory("juxtherm-falls-").FullName;
        var took = Stopwatch.StartNew();
        try
        {
            using var falls = new Falls(Path.Combine(AppContext.BaseDirectory, "Juxtherm.Web.dll"), folder, seed: 20260501);
            var r = await falls.RunAsync(Kills, CancellationToken.None);
            return string.Create(CultureInfo.InvariantCulture,
                $"Killed {r.Kills} times at random moments of runs, in {took.Elapsed.TotalSeconds:0} s: {r.Acknowledged} steps " +
                    $"acknowledged, {r.Lost} of them lost; {r.Holds} holds went on, their ends off by at " +
                        $"most {r.WorstTimerSeconds:0.00} s; {r.Asked} holds over meanwhile were asked about, {r.Unasked} were " +
                            $"not; {r.Runs} runs came to their end.");
        }
        finally
        {
            Directory.Delete(folder, recursive: true);
        }
    }

    /// <summary>The real service and a real browser.</summary>
    private sealed class Page : IAsyncDisposable
    {
        private readonly string _folder;
        private readonly RunningService _service;
        private readonly ChromeDriver _driver;

        private Page(RunningService service, ChromeDriver driver, string folder) =>
            (_service, _driver, _folder) = (service, driver, folder);

        private HttpClient Client => _service.Client;

        public static async Task<Page> OpenAsync()
        {
            var data = Directory.CreateTempSubdirectory("juxtherm-press-").FullName;
            var service = await RunningService.StartAsync(data);
            var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
            options.AddArguments("--headless=new", "--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run",
                "--disable-background-networking", "--disable-component-update", "--disable-sync", "--window-size=1280,900");
            return new Page(service, new ChromeDriver(ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver"), options), data);
        }

        public async ValueTask DisposeAsync()
        {
            _driver.Quit();
            await _service.DisposeAsync();
            Directory.Delete(_folder, recursive: true);
        }

        public async Task<string> TwoWindowsAsync()
        {
            var run = await BeginAsync(40);
            _driver.Navigate().GoToUrl(new Uri(Client.BaseAddress!, $"/bench/{run}"));
            Watch();
            _driver.SwitchTo().NewWindow(WindowType.Window);
            _driver.Navigate().GoToUrl(new Uri(Client.BaseAddress!, $"/bench/{run}"));
            Watch();
            await Task.Delay(1500);
            var apart = new List<double>();
            for (var i = 0; i < Moves; i++)
            {
                var state = await GoAsync(run);
                var key = Key(state);
                await Task.Delay(900);
                var here = Seen(key);
                _driver.SwitchTo().Window(_driver.WindowHandles.First(w => w != _driver.CurrentWindowHandle));
                var there = Seen(key);
                if (here > 0 && there > 0)
                    apart.Add(Math.Abs(here - there));
            }

            _driver.Close();
            _driver.SwitchTo().Window(_driver.WindowHandles[0]);
            return string.Create(CultureInfo.InvariantCulture,
                $"Two windows on one run, {apart.Count} of {Moves} steps seen in both: apart " +
                    $"by {apart.Order().ElementAt(apart.Count / 2):0} ms in the middle, {apart.Max():0} ms at most (wanted: 250 ms).");
        }

        /// <summary>The bench in a tab that nobody looks at, while plates close and open.</summary>
        public async Task<string> HiddenAsync()
        {
            var run = await BeginAsync(400);
            _driver.Navigate().GoToUrl(new Uri(Client.BaseAddress!, $"/bench/{run}"));
            Watch();
            var hidden = _driver.CurrentWindowHandle;
            _driver.SwitchTo().NewWindow(WindowType.Tab);
            _driver.Navigate().GoToUrl("about:blank");
            var (late, heldOff, holds) = (0.0, 0.0, 0);
            for (var took = Stopwatch.StartNew(); took.Elapsed < Hidden;)
            {
                var state = await LookAsync(run);
                if (Focus(state) is not { } focus)
                    break;
                if (focus["dueUtc"] is not { } due)
                {
                    await GoAsync(run);
                    continue;
                }

                var ends = DateTimeOffset.Parse((string)due!, CultureInfo.InvariantCulture);
                await Task.Delay(TimeSpan.FromMilliseconds(Math.Max(0, (ends - DateTimeOffset.UtcNow).TotalMilliseconds) + 1500));
                var after = await LookAsync(run);
                if ((string)focus["step"]!["kind"]! != "hold")
                    continue;
                holds++;
                heldOff = Math.Max(heldOff,
                    Math.Abs((double)after["pieces"]![(int)focus["piece"]! - 1]!["lastHoldSeconds"]! - (double)focus["step"]!["seconds"]!));
                var key = $"{(int)focus["piece"]!}:{(int)focus["move"]! + 1}";
                var tab = _driver.CurrentWindowHandle;
                _driver.SwitchTo().Window(hidden);
                var seen = Seen(key);
                _driver.SwitchTo().Window(tab);
                if (seen > 0)
                    late = Math.Max(late, seen - ends.ToUnixTimeMilliseconds());
            }

            return string.Create(CultureInfo.InvariantCulture,
                $"Ten minutes in a hidden tab, {holds} holds: each as long as planned to {heldOff:0.00} s; the tab knew at " +
                    $"most {late:0} ms after a hold was over.");
        }

        /// <summary>Notes in the page when it first showed each step.</summary>
        private void Watch() => _driver.ExecuteScript("""
            window.seen = {};
            const note = () => { const b = document.querySelector('[data-testid=bench]'); if (b) window.seen[b.dataset.piece + ':' + b.dataset.move] ||= Date.now(); };
            new MutationObserver(note).observe(document.body, { subtree: true, attributes: true, childList: true });
            """);

        private double Seen(string key) =>
            Convert.ToDouble(_driver.ExecuteScript("return window.seen[arguments[0]] || 0", key)!, CultureInfo.InvariantCulture);

        private static JsonNode? Focus(JsonNode run) => run["stations"]![0]!["focus"];

        private static string Key(JsonNode run) => Focus(run) is { } focus ? $"{(int)focus["piece"]!}:{(int)focus["move"]!}" : "";

        private async Task<JsonNode> LookAsync(string run) =>
            JsonNode.Parse(await Client.GetStringAsync(new Uri($"/api/runs/{run}", UriKind.Relative)))!;

        private async Task<JsonNode> PostAsync(string path, JsonNode? body)
        {
            using var answer = await Client.PostAsJsonAsync(new Uri(path, UriKind.Relative), body);
            return JsonNode.Parse(await answer.Content.ReadAsStringAsync())!;
        }

        private async Task<string> BeginAsync(int pieces)
        {
            var job = JsonNode.Parse($$"""
                { "format": "juxtherm.job", "version": 1, "title": "Watched", "quantity": {{pieces}}, "blank": { "form": "tee", "material": "cotton" }, "tools": { "heatSource": "swing-platen" }, "layers": [ { "id": "sky", "vinyl": "smooth" } ] }
                """)!;
            var id = (string)(await PostAsync("/api/jobs", job))["id"]!;
            var run = await PostAsync($"/api/jobs/{id}/runs", null);
            foreach (var check in run["stations"]![0]!["checks"]!.AsArray())
                await PostAsync($"/api/runs/{run["id"]}/actions",
                    new JsonObject
                    {
                        ["commandId"] = Guid.NewGuid().ToString(),
                        ["station"] = 1,
                        ["piece"] = 0,
                        ["action"] = "check",
                        ["item"] = (string)check!["id"]!
                    });
            return (string)run["id"]!;
        }

        private async Task<JsonNode> GoAsync(string run)
        {
            var state = await LookAsync(run);
            var focus = Focus(state)!;
            var action = (string)focus["step"]!["kind"]! == "hold" ? "opened-early" : "done";
            return await PostAsync($"/api/runs/{run}/actions",
                new JsonObject
                {
                    ["commandId"] = Guid.NewGuid().ToString(),
                    ["station"] = 1,
                    ["piece"] = (int)focus["piece"]!,
                    ["move"] = (int)focus["move"]!,
                    ["action"] = action,
                    ["knowingly"] = true
                });
        }
    }
}
