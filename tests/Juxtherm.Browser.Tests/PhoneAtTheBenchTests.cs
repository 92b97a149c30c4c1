using System.Globalization;
using System.Text.Json.Nodes;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>A phone at the bench, held in one hand, in a room where the network comes and goes.</summary>
public sealed class PhoneAtTheBenchTests() : BenchBrowserTest(clockSpeed: 1)
{
    private const int Width = 390;
    private const int Height = 844;

    private void HoldPhone(bool held) => Driver.ExecuteCdpCommand(
        held ? "Emulation.setDeviceMetricsOverride" : "Emulation.clearDeviceMetricsOverride",
        held ? new Dictionary<string, object?> { ["width"] = Width, ["height"] = Height, ["deviceScaleFactor"] = 2, ["mobile"] = true }
            : []);

    private JsonNode Kept(string path)
    {
        using var client = Service.CreateClient();
        return JsonNode.Parse(client.GetStringAsync(path).GetAwaiter().GetResult())!;
    }

    private object? Script(string script) => ((IJavaScriptExecutor)Driver).ExecuteScript(script);

    /// <summary>The key that goes on: under the thumb, as wide as the hand, and nothing runs out at the side.</summary>
    private IWebElement Thumb()
    {
        var key = See(By.CssSelector("main button.bg-ink"));
        var box = (IReadOnlyDictionary<string, object>)Script(
            "const b = document.querySelector('main button.bg-ink').getBoundingClientRect(); "
                + "return { top: b.top, bottom: b.bottom, width: b.width }")!;
        double Of(string name) => Convert.ToDouble(box[name], CultureInfo.InvariantCulture);
        Assert.True(Of("top") > Height / 2.0 && Of("bottom") <= Height, $"the key lies at {Of("top")} to {Of("bottom")}");
        Assert.True(Of("width") > Width * 0.8, $"the key is {Of("width")} wide");
        Assert.True((bool)Script("return document.documentElement.scrollWidth <= window.innerWidth")!, "it runs out at the side");
        return key;
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_piece_is_pressed_though_the_network_is_gone_in_the_middle_and_the_page_is_loaded_again()
    {
        using var cable = new Cable(new Uri(Address).Port);
        var run = Begin(Tee());
        HoldPhone(true);
        try
        {
            Driver.Navigate().GoToUrl($"{cable.Address}/bench/{run}");
            // What keeps the page is at work before the first piece is laid.
            UntilTrue(() => (bool)Script("return navigator.serviceWorker.controller !== null")!, "nothing keeps the page");
            See("[data-testid=bench]");
            Button("All done").Click();
            UntilTrue(() => Bench("piece") != "0", "no piece was handed out");
            // Once more, so that all of it has come through what keeps it.
            Driver.Navigate().Refresh();
            for (var patience = 0; (Bench("stage"), Bench("kind")) != ("press", "do") && patience < 20; patience++)
            {
                var move = Bench("move");
                if (Bench("kind") == "do")
                    Thumb().Click();
                UntilTrue(() => Bench("move") != move, $"move {move} did not end");
            }

            cable.Pulled = true;
            Thumb().Click();
            UntilTrue(() => Bench("kind") == "hold", "the page did not count on");
            var closed = Clock.GetUtcNow();
            Assert.Equal("1", Bench("unheard"));
            Driver.Navigate().Refresh();
            UntilTrue(() => Bench("kind") == "hold", "the page was lost with the network");
            Assert.Equal("1", Bench("unheard"));
            See("[data-testid=offline]");
            Assert.Equal("do", (string)Kept($"/api/runs/{run}")["stations"]![0]!["focus"]!["step"]!["kind"]!);

            cable.Pulled = false;
            UntilTrue(() => Bench("unheard") == "0", "it was never told");
            var focus = Kept($"/api/runs/{run}")["stations"]![0]!["focus"]!;
            Assert.Equal("hold", (string)focus["step"]!["kind"]!);
            Assert.True(DateTimeOffset.Parse((string)focus["enteredUtc"]!, CultureInfo.InvariantCulture) < closed.AddSeconds(2));

            for (var patience = 0; Bench("kind") != "inspect" && patience < 20; patience++)
            {
                var move = Bench("move");
                if (Bench("kind") == "do")
                    Thumb().Click();
                UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=bench]")).Count > 0 && Bench("move") != move,
                    $"move {move} did not end", 240);
            }

            Thumb().Click();
            See("[data-testid=run-over]");
            // Nothing was counted twice: one piece, in one entry.
            var entry = Assert.Single(Kept("/api/log")["entries"]!.AsArray())!;
            Assert.Equal("stuck", (string)entry["outcomes"]![0]!);
        }
        finally
        {
            HoldPhone(false);
        }
    }
}
