using System.Text;
using System.Xml.Linq;

namespace Juxtherm.Core.Artwork.Svg;

/// <summary>The style sheets inside a drawing: selectors by name, class, id and ancestor. Rules for media and the like are passed
/// over.</summary>
internal sealed class StyleSheet
{
    private const int MostRules = 2000;
    private readonly List<(Selector Selector, int Order, IReadOnlyDictionary<string, string> Says)> _rules = [];

    public StyleSheet(IEnumerable<string> texts)
    {
        foreach (var text in texts)
            Read(text);
        _rules.Sort((a, b) => (a.Selector.Weight, a.Order).CompareTo((b.Selector.Weight, b.Order)));
    }

    /// <summary>Declarations as in a <c>style</c> attribute.</summary>
    public static Dictionary<string, string> Declarations(string? text)
    {
        var says = new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase);
        foreach (var one in (text ?? "").Split(';'))
        {
            if (one.IndexOf(':', StringComparison.Ordinal) is > 0 and var colon)
                says[one[..colon].Trim()] = one[(colon + 1)..].Replace("!important", "", StringComparison.OrdinalIgnoreCase).Trim();
        }

        return says;
    }

    /// <summary>What the sheets say of an element, the weakest first.</summary>
    public IEnumerable<IReadOnlyDictionary<string, string>> Of(XElement element) =>
        _rules.Where(r => r.Selector.Fits(element)).Select(r => r.Says);

    private void Read(string text)
    {
        var at = 0;
        while (at < text.Length && _rules.Count < MostRules)
        {
            var open = text.IndexOf('{', at);
            if (open < 0)
                return;
            var head = WithoutComments(text[at..open]).Trim();
            var close = Closing(text, open);
            if (!head.StartsWith('@') && close > open)
            {
                var says = Declarations(WithoutComments(text[(open + 1)..close]));
                foreach (var selector in head.Split(',').Select(Selector.Read).OfType<Selector>())
                    _rules.Add((selector, _rules.Count, says));
            }

            at = close < 0 ? text.Length : close + 1;
        }
    }

    private static int Closing(string text, int open)
    {
        var depth = 0;
        for (var i = open; i < text.Length; i++)
        {
            depth += text[i] == '{' ? 1 : text[i] == '}' ? -1 : 0;
            if (depth == 0)
                return i;
        }

        return -1;
    }

    private static string WithoutComments(string text)
    {
        var kept = new StringBuilder();
        var at = 0;
        while (at < text.Length && text.IndexOf("/*", at, StringComparison.Ordinal) is >= 0 and var start)
        {
            kept.Append(text, at, start - at);
            var end = text.IndexOf("*/", start + 2, StringComparison.Ordinal);
            at = end < 0 ? text.Length : end + 2;
        }

        return kept.Append(text, at, text.Length - at).ToString();
    }

    /// <summary>Compounds from the outermost ancestor to the element itself.</summary>
    private sealed record Selector(IReadOnlyList<Compound> Compounds)
    {
        public int Weight => Compounds.Sum(c => c.Weight);

        public static Selector? Read(string text)
        {
            // Children are taken like any descendants; states such as :hover never hold in a drawing.
            var parts = text.Replace(">", " ", StringComparison.Ordinal)
                .Split([' ', '\t', '\r', '\n'], StringSplitOptions.RemoveEmptyEntries);
            return parts.Length == 0 || text.Contains(':', StringComparison.Ordinal) || text.Contains('[', StringComparison.Ordinal)
                ? null : new Selector([.. parts.Select(Compound.Read)]);
        }

        public bool Fits(XElement element)
        {
            if (!Compounds[^1].Fits(element))
                return false;
            var ancestor = element.Parent;
            for (var i = Compounds.Count - 2; i >= 0; i--)
            {
                while (ancestor is not null && !Compounds[i].Fits(ancestor))
                    ancestor = ancestor.Parent;
                if (ancestor is null)
                    return false;
                ancestor = ancestor.Parent;
            }

            return true;
        }
    }

    private sealed record Compound(string? Name, string? Id, IReadOnlyList<string> Classes)
    {
        public int Weight => (Id is null ? 0 : 10_000) + 100 * Classes.Count + (Name is null ? 0 : 1);

        public static Compound Read(string text)
        {
            var (name, id, classes) = ((string?)null, (string?)null, new List<string>());
            var start = 0;
            for (var i = 1; i <= text.Length; i++)
            {
                if (i < text.Length && text[i] is not ('.' or '#'))
                    continue;
                var part = text[start..i];
                if (part.StartsWith('.'))
                    classes.Add(part[1..]);
                else if (part.StartsWith('#'))
                    id = part[1..];
                else if (part != "*")
                    name = part;
                start = i;
            }

            return new Compound(name, id, classes);
        }

        public bool Fits(XElement element) =>
            (Name is null || element.Name.LocalName == Name) && (Id is null || (string?)element.Attribute("id") == Id) &&
            (Classes.Count == 0
                || ((string?)element.Attribute("class") is { } has
                    && Classes.All(has.Split(' ', StringSplitOptions.RemoveEmptyEntries).Contains)));
    }
}
