using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Tests.Reading;

/// <summary>Signs that are none (Unicode 16, general categories Cc and Cs, and the noncharacters of section 23.7).</summary>
public sealed class PlainTextTests
{
    [Theory]
    [InlineData("Tarn\ttee\r\nsecond line")]
    [InlineData("ünï – 雪 ☃ 😀 ﷺ")]
    [InlineData("")]
    public void What_people_type_is_plain(string text)
    {
        Assert.Null(PlainText.Odd(text));
        Assert.Equal(text, PlainText.Printable(text));
    }

    [Theory]
    [InlineData("a\u0000b", "U+0000")]
    [InlineData("a\u0007b", "U+0007")]
    [InlineData("a\u001Bb", "U+001B")]
    [InlineData("a\u007Fb", "U+007F")]
    [InlineData("a\u009Bb", "U+009B")]
    [InlineData("a\uFFFEb", "U+FFFE")]
    [InlineData("a\uFDD0b", "U+FDD0")]
    public void What_is_no_sign_is_named_and_left_out_of_files(string text, string named)
    {
        Assert.Equal(named, PlainText.Odd(text));
        Assert.Equal("ab", PlainText.Printable(text));
    }

    [Fact]
    public void Half_a_character_is_none()
    {
        // Not as data of a theory: such a text is no text to whoever passes it on.
        var half = "a" + (char)0xD83D + "b";
        Assert.Equal("U+D83D", PlainText.Odd(half));
        Assert.Equal("ab", PlainText.Printable(half));
    }
}
