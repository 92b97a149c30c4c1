using OpenQA.Selenium;

namespace Juxtherm.Browser.Tests;

/// <summary>A font from one's own disk, from the file to the proof of every name; and pieces of what was set.</summary>
public sealed class OwnFontScreenTests() : BrowserTest(ownFonts: true)
{
    private string Font()
    {
        var path = Path.Combine(Folder, "script.woff2");
        using var from = typeof(OwnFontScreenTests).Assembly.GetManifestResourceStream("Pacifico.woff2")!;
        using var to = File.Create(path);
        from.CopyTo(to);
        return path;
    }

    private string[] Proofs() =>
        [.. Driver.FindElements(By.CssSelector("[data-proof] path")).Select(p => p.GetDomAttribute("d") ?? "")];

    private string[] Layers() =>
        [.. Driver.FindElements(By.CssSelector("[data-swatch]")).Select(s => s.GetDomAttribute("data-swatch") ?? "")];

    [Fact]
    [Trait("Run", "thorough")]
    public void A_font_of_ones_own_sets_the_names_and_missing_it_is_said()
    {
        Open("/");
        See("[data-testid=setpoint]");
        Button("Save as a job").Click();
        See("input[aria-label=Title]");
        Button("List names, sizes or colors").Click();
        Type(See("input[aria-label='Name, row 1']"), "Wren" + Keys.Enter);
        Type(See("input[aria-label='Name, row 2']"), "Osk" + Keys.Tab);
        See(By.LinkText("Put them on")).Click();
        Button("Put these 2 names on").Click();
        UntilTrue(() => Proofs().Length == 2, "the names were not set");
        var plain = Proofs();
        // What is no font is refused in words, and nothing changes.
        var broken = Path.Combine(Folder, "broken.otf");
        File.WriteAllText(broken, "no font");
        Button(": Wren").Click();
        See("#door-text input[type=file]").SendKeys(broken);
        SeeText("This is no font that can be read");
        See("#door-text input[type=file]").SendKeys(Font());
        UntilTrue(() => Proofs() is { Length: 2 } now && now[0] != plain[0] && now[1] != plain[1], "the names were not set in the font");
        SeeText("License, as the font says");
        Button("Remove this font").Click();
        SeeText("is not here. The outlines stay as they were set");
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-code=font-missing]")).Count == 1, "that it is missing is not said");
        Assert.NotEmpty(Driver.FindElements(By.CssSelector("[data-testid=artwork] path")));
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Pieces_are_tapped_and_undo_brings_them_back_to_the_byte()
    {
        Open("/");
        See("[data-testid=setpoint]");
        Button("Save as a job").Click();
        See("input[aria-label=Title]");
        Button("Artwork").Click();
        Type(See("#door-text input"), "Oo8");
        Button("Add text").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-testid=artwork] path[data-layer]")).Count == 1, "nothing was set");
        var before = See("[data-testid=artwork] path[data-layer]").GetDomAttribute("d");
        var layer = Layers()[0];
        Button("Pieces").Click();
        UntilTrue(() => Driver.FindElements(By.CssSelector("[data-piece]")).Count == 3, "the pieces are not apart");
        Driver.FindElements(By.CssSelector("[data-piece]"))[0].SendKeys(" ");
        SeeText("One piece chosen.");
        Button("Make a layer").Click();
        UntilTrue(() => Layers().SequenceEqual([$"{layer}-2", layer]), "it has no layer of its own");
        Button("Layers").Click();
        See($"input[aria-label='Choose {layer}']").Click();
        Button("Stencil").Click();
        UntilTrue(() => See($"[data-swatch='{layer}']").Text.Contains("0 centers", StringComparison.Ordinal),
            "its centers are still loose");
        Button("Undo").Click();
        Button("Undo").Click();
        UntilTrue(() => Layers().Length == 1, "undo did not bring it back");
        UntilTrue(() => See("[data-testid=artwork] path[data-layer]").GetDomAttribute("d") == before, "it is not as it was");
    }
}
