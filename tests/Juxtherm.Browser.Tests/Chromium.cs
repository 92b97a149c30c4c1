using System.Collections.Concurrent;
using Juxtherm.Testing;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;

namespace Juxtherm.Browser.Tests;

/// <summary>
/// Browsers that are lent to one test after the other: starting one takes longer than many a test. Every test has a service on
/// a port of its own, so what a page keeps in the browser is never seen by another.
/// </summary>
internal static class Chromium
{
    private static readonly ConcurrentBag<ChromeDriver> Waiting = [];
    private static readonly ConcurrentBag<(ChromeDriver Driver, ChromeDriverService Service, string Profile)> All = [];

    static Chromium() => AppDomain.CurrentDomain.ProcessExit += (_, _) =>
    {
        foreach (var (driver, service, profile) in All)
        {
            try
            {
                driver.Quit();
            }
            catch (WebDriverException)
            {
                // It died before.
            }

            service.Dispose();
            if (Directory.Exists(profile))
                Directory.Delete(profile, recursive: true);
        }
    };

    public static ChromeDriver Borrow()
    {
        while (Waiting.TryTake(out var driver))
        {
            if (Answers(driver))
                return driver;
        }

        try
        {
            return Started();
        }
        catch (WebDriverException)
        {
            // One that died as it began is begun again, once: on a busy machine that happens.
            return Started();
        }
    }

    // A driver that died is not lent again; another is begun in its place.
    private static bool Answers(ChromeDriver driver)
    {
        try
        {
            return driver.WindowHandles.Count > 0;
        }
        catch (WebDriverException)
        {
            return false;
        }
    }

    /// <summary>Puts a browser back as it was: one window of the usual size, nothing logged, no page.</summary>
    public static void GiveBack(ChromeDriver driver)
    {
        try
        {
            while (driver.WindowHandles.Count > 1)
            {
                driver.SwitchTo().Window(driver.WindowHandles[^1]);
                driver.Close();
            }

            driver.SwitchTo().Window(driver.WindowHandles[0]);
            driver.ExecuteCdpCommand("Emulation.clearDeviceMetricsOverride", []);
            driver.Manage().Cookies.DeleteAllCookies();
            driver.Navigate().GoToUrl("about:blank");
            driver.Manage().Logs.GetLog(LogType.Browser);
            Waiting.Add(driver);
        }
        catch (WebDriverException)
        {
            // One that does not answer any more is not lent again; it is quit with the others.
        }
    }

    private static ChromeDriver Started()
    {
        var profile = Directory.CreateTempSubdirectory("juxtherm-chromium-").FullName;
        // A workshop vouches for itself to other devices; their browsers ask once, which is said where they are paired.
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium", AcceptInsecureCertificates = true };
        options.AddArguments("--headless=new", "--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run",
            "--disable-background-networking", "--disable-component-update", "--disable-sync", "--force-prefers-reduced-motion",
            "--window-size=1280,900", "--lang=en-GB", "--accept-lang=en-GB", $"--user-data-dir={profile}");
        options.SetLoggingPreference(LogType.Browser, LogLevel.Warning);
        var service = ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver");
        var driver = new ChromeDriver(service, options, Slowness.Of(60));
        driver.Manage().Timeouts().PageLoad = Slowness.Of(30);
        All.Add((driver, service, profile));
        return driver;
    }
}
