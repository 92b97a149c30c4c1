using System.Text.RegularExpressions;
using System.Xml.Linq;

namespace Juxtherm.Core.Artwork.Svg;

/// <summary>Whether a drawing says of itself that it is reversed for cutting.</summary>
internal static partial class SaidReversed
{
    private const int LongestName = 200;

    [GeneratedRegex(@"(^|[^a-z])(mirror(ed|-image)?|revers(e|ed)|flip(ped)?|backwards?)([^a-z]|$)",
        RegexOptions.IgnoreCase | RegexOptions.NonBacktracking | RegexOptions.ExplicitCapture)]
    private static partial Regex Word();

    /// <summary>Its title or the name of an outer group says so, or all of it is turned over as a whole.</summary>
    /// <param name="root">The drawing.</param>
    public static bool In(XElement root)
    {
        var outer = root.Elements().Where(e => e.Name.LocalName is "g" or "title" or "desc").Prepend(root).ToList();
        var names = outer.SelectMany(e => e.Attributes().Where(a => a.Name.LocalName is "id" or "label").Select(a => a.Value))
            .Concat(outer.Where(e => e.Name.LocalName is "title" or "desc").Select(e => e.Value));
        return names.Any(n => n.Length <= LongestName && Word().IsMatch(n)) || IsTurnedOver(root);
    }

    /// <summary>The one group that holds everything is turned over, left for right.</summary>
    private static bool IsTurnedOver(XElement root)
    {
        var painted = root.Elements().Where(e => e.Name.LocalName is not ("defs" or "style" or "title" or "desc" or "metadata")).ToList();
        if (painted is not [{ Name.LocalName: "g" } only] || (string?)only.Attribute("transform") is not { } text)
            return false;
        var m = SvgTransforms.Read(text, "transform").MatrixEntries;
        return m[0] < 0 && m[4] > 0 && m[1] == 0 && m[3] == 0;
    }
}
