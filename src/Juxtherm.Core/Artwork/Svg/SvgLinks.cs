using System.Xml.Linq;

namespace Juxtherm.Core.Artwork.Svg;

/// <summary>References from one element to another.</summary>
internal static class SvgLinks
{
    private static readonly XName Older = XName.Get("href", "http://www.w3.org/1999/xlink");

    /// <summary>What an element refers to, as written; empty for nothing.</summary>
    public static string Href(XElement element) => (string?)element.Attribute("href") ?? (string?)element.Attribute(Older) ?? "";

    /// <summary>What stands inside <c>url(…)</c>, and what follows it; null when the text is no such reference.</summary>
    public static (string Reference, string After)? Url(string text)
    {
        if (!text.StartsWith("url(", StringComparison.Ordinal))
            return null;
        var close = text.IndexOf(')', StringComparison.Ordinal);
        return close < 0 ? ("", "") : (text[4..close].Trim('\'', '"', ' '), text[(close + 1)..].Trim());
    }
}
