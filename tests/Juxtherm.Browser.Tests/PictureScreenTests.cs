using Juxtherm.Testing;
using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>A picture of pixels, from the file to what is cut.</summary>
public sealed class PictureScreenTests : BrowserTest
{
    // A dark moon and gold stars on white paper, drawn by the browser itself.
    private const string Moon = """
        const done = arguments[arguments.length - 1];
        const c = document.createElement('canvas');
        c.width = c.height = 800;
        const x = c.getContext('2d');
        x.fillStyle = '#fff'; x.fillRect(0, 0, 800, 800);
        x.fillStyle = '#1b2a49'; x.beginPath(); x.arc(400, 450, 280, 0, 7); x.fill();
        x.fillStyle = '#fff'; x.beginPath(); x.arc(500, 380, 210, 0, 7); x.fill();
        x.fillStyle = '#d9a441'; x.fillRect(80, 80, 90, 90); x.fillRect(620, 90, 90, 90);
        c.toBlob(blob => {
            const data = new DataTransfer();
            data.items.add(new File([blob], 'moon.png', { type: 'image/png' }));
            const input = document.querySelector('#door-picture input[type=file]');
            input.files = data.files;
            input.dispatchEvent(new Event('change', { bubbles: true }));
            done();
        });
        """;

    private string Traced => Driver.FindElements(By.CssSelector("[data-testid=traced] figcaption[aria-live]")).FirstOrDefault()?.Text ?? "";

    [Fact]
    [Trait("Run", "thorough")]
    public void A_picture_is_seen_as_it_would_be_cut_and_becomes_vinyl()
    {
        Open("/");
        See("[data-testid=setpoint]");
        Button("Save as a job").Click();
        See("input[aria-label=Title]");
        Button("Artwork").Click();
        Button("Picture").Click();
        See("#door-picture");
        Driver.Manage().Timeouts().AsynchronousJavaScript = Slowness.Of(20);
        Driver.ExecuteAsyncScript(Moon);
        // The gold is too light for one color of vinyl, until the light is let in.
        UntilTrue(() => Traced.StartsWith("What would be cut: 1 outline", StringComparison.Ordinal), "the moon was not traced");
        Choose(See("#door-picture select"), "2");
        UntilTrue(() => Traced.Contains("3 outlines, 2 colors", StringComparison.Ordinal), "the colors did not come apart");
        Button("Use this outline").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=weeding]")).Count == 1, "it did not become artwork");
        Assert.Empty(Driver.FindElements(By.CssSelector("[data-testid=traced]")));
        // The gold becomes glitter, and is cut as such.
        Choose(See("[data-swatch=gold] select"), "Glitter");
        Button("Cut").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-list]")).Count == 2
            && Driver.FindElements(By.CssSelector("[data-list]")).Any(l => l.Text.Contains("Glitter", StringComparison.Ordinal)),
            "it is not cut in two vinyls");
    }
}
