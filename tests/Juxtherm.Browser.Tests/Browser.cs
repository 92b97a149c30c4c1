using Juxtherm.Store.Keeping;
using Juxtherm.Testing;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Support.UI;

namespace Juxtherm.Browser.Tests;

/// <summary>The served application with its real front end, and Chromium in front of it.</summary>
public abstract class BrowserTest : IDisposable
{
    // The worked examples are carried out once, and every test begins with a copy.
    private static readonly Lazy<string> FilledOnce = new(() =>
    {
        var folder = Workshop.NewFolder();
        AppDomain.CurrentDomain.ProcessExit += (_, _) => Directory.Delete(folder, recursive: true);
        var service = new Workshop(folder, new TestClock(), demo: true);
        using var client = service.CreateClient();
        while (client.GetStringAsync(new Uri("/api/jobs", UriKind.Relative)).GetAwaiter().GetResult()
            .Contains("\"pending\":true", StringComparison.Ordinal))
            Thread.Sleep(100);
        client.GetStringAsync(new Uri("/api/learned", UriKind.Relative)).GetAwaiter().GetResult();
        service.Stop();
        return folder;
    });

    protected BrowserTest(double clockSpeed = 0, bool demo = false, bool ownFonts = false, string? lan = null)
    {
        _lan = lan;
        Clock = new TestClock(clockSpeed);
        Demo = demo;
        _ownFonts = ownFonts;
        StartService();

        Driver = Chromium.Borrow();
    }

    private readonly bool _ownFonts;

    private readonly string? _lan;

    protected TestClock Clock { get; }

    protected bool Demo { get; }

    protected string Folder { get; } = Workshop.NewFolder();

    protected Workshop Service { get; private set; } = null!;

    protected string Address { get; private set; } = "";

    protected ChromeDriver Driver { get; }

    public void Dispose()
    {
        Chromium.GiveBack(Driver);
        Service.Stop();
        Directory.Delete(Folder, recursive: true);
        GC.SuppressFinalize(this);
    }

    protected void StartService()
    {
        if (Demo && !File.Exists(Path.Combine(Folder, DataFolder.DatabaseName)))
            File.Copy(Path.Combine(FilledOnce.Value, DataFolder.DatabaseName), Path.Combine(Folder, DataFolder.DatabaseName));
        Service = new Workshop(Folder, Clock, Path.Combine(Repository(), "web", "dist"), Demo, _lan, _ownFonts);
        Service.UseKestrel();
        Service.StartServer();
        using var client = Service.CreateClient();
        Address = $"http://127.0.0.1:{client.BaseAddress!.Port}";
    }

    protected void Open(string path) => Driver.Navigate().GoToUrl(Address + path);

    /// <summary>Waits for an element that can be seen.</summary>
    protected IWebElement See(By by, int seconds = 60)
    {
        IWebElement Find() => Until(() => Driver.FindElements(by).FirstOrDefault(e => e.Displayed), $"{by} was not seen", seconds)!;
        return new LastingElement(Find(), Find);
    }

    protected IWebElement See(string css) => See(By.CssSelector(css));

    protected IWebElement SeeText(string text, string within = "*") =>
        See(By.XPath(
            $"//{within}[contains(normalize-space(.), {Quoted(text)}) and not(.//*[contains(normalize-space(.), {Quoted(text)})])]"));

    protected IWebElement Button(string text) =>
        See(By.XPath(
            $"//button[contains(normalize-space(.), {Quoted(text)})] | //a[contains(normalize-space(.), {Quoted(text)})] | " +
                $"//summary[contains(normalize-space(.), {Quoted(text)})]"));

    protected IWebElement Field(string label)
    {
        var id = See(By.XPath($"//label[normalize-space(.)={Quoted(label)}]")).GetDomAttribute("for");
        return See(By.Id(id!));
    }

    protected void Pick(string label, string option) => Choose(Field(label), option);

    protected static void Choose(IWebElement list, string option) =>
        list.FindElement(By.XPath($"./option[normalize-space(.)={Quoted(option)}]")).Click();

    /// <summary>Picks a word of a sentence: typed into its list, and taken from it.</summary>
    protected void Word(string label, string option)
    {
        var field = See($"input[aria-label={label}]");
        Type(field, option);
        See(By.XPath($"//li[@role='option'][normalize-space(.)={Quoted(option)}]")).Click();
        UntilTrue(() => field.GetDomProperty("value") == option, $"{option} was not taken");
    }

    protected void Type(IWebElement field, string text)
    {
        field.SendKeys(Keys.Control + "a");
        field.SendKeys(text);
    }

    protected void Press(string key) => new OpenQA.Selenium.Interactions.Actions(Driver).SendKeys(key).Perform();

    /// <summary>What the bench shows: piece, step, kind, stage or move.</summary>
    protected string Bench(string mark) =>
        Until(() => See("[data-testid=bench]").GetDomAttribute($"data-{mark}"), $"the bench says no {mark}")!;

    /// <summary>From a job's page to its first piece: nothing begins before it is said there.</summary>
    protected void BeginAtBench(bool practice = false)
    {
        Button("Take it to the bench").Click();
        See("[data-testid=bench-station]");
        Button(practice ? "Practice run" : "Begin").Click();
        PrepareBench();
    }

    /// <summary>A key at the bench, once it takes any: just after a piece has changed it does not.</summary>
    protected void BenchKey(string key)
    {
        UntilTrue(() => Bench("fresh") == "false", "the bench took no keys");
        Press(key);
    }

    /// <summary>Ticks off everything before the first piece.</summary>
    protected void PrepareBench()
    {
        See("[data-testid=bench]");
        int Left() => Driver.FindElements(By.CssSelector("[data-testid=preparation] button[aria-pressed=false]")).Count;
        UntilTrue(() => Left() > 0 || Bench("piece") != "0", "there is nothing to prepare and nothing to press");
        if (Left() is > 0 and var left)
        {
            Press(" ");
            UntilTrue(() => Left() < left, "Space ticked nothing off");
        }

        if (Left() > 0)
            Button("All done").Click();
        UntilTrue(() => Bench("piece") != "0", "no piece was handed out");
    }

    /// <summary>Does what waits for hands, and lets the clock run through what does not.</summary>
    protected void NextStep()
    {
        var at = (Bench("piece"), Bench("move"));
        var kind = Bench("kind");
        // Where the clock runs, what was looked for may have come by itself.
        if (kind == "inspect")
            return;
        // As long as the step lasts: the page's own countdown runs on while this clock stands still.
        if (kind == "do")
            BenchKey(" ");
        else
            Clock.Advance(double.Parse(Bench("seconds"), System.Globalization.CultureInfo.InvariantCulture) + 0.5);
        UntilTrue(() => (Bench("piece"), Bench("move")) != at, $"step {at} did not end", 20);
    }

    /// <summary>Says that a piece is good, and waits until that is kept: who leaves the page before may take the word along.</summary>
    protected void SayGood()
    {
        var at = (Bench("piece"), Bench("move"));
        BenchKey("g");
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=bench]")) is not [var bench]
            || (bench.GetDomAttribute("data-piece"), bench.GetDomAttribute("data-move")) != at, "the look was not taken down");
    }

    /// <summary>Goes on until the bench shows a step of that kind.</summary>
    protected void GoOnUntil(string kind, Action? before = null)
    {
        for (var patience = 0; Bench("kind") != kind; patience++)
        {
            Assert.True(patience < 120, $"no {kind} came");
            before?.Invoke();
            NextStep();
        }
    }

    protected T Until<T>(Func<T?> look, string otherwise, int seconds = 60)
    {
        var wait = new WebDriverWait(new SystemClock(), Driver, Slowness.Of(seconds),
            TimeSpan.FromMilliseconds(60))
        { Message = otherwise };
        wait.IgnoreExceptionTypes(typeof(StaleElementReferenceException), typeof(NoSuchElementException));
        return wait.Until(_ => look())!;
    }

    protected void UntilTrue(Func<bool> look, string otherwise, int seconds = 60) =>
        Until<object>(() => look() ? new object() : null, otherwise, seconds);

    protected static string Repository()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Juxtherm.slnx")))
            folder = folder.Parent!;
        return folder.FullName;
    }

    private static string Quoted(string text) => text.Contains('\'', StringComparison.Ordinal) ? $"\"{text}\"" : $"'{text}'";
}
