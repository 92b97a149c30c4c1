using System.Globalization;
using System.Text.RegularExpressions;

namespace Juxtherm.Core.Artwork;

/// <summary>Sizes as people write them on lists. What a size is called differs from maker to maker, so ages only say which group it belongs
/// to (from memory).</summary>
public static partial class SizeWords
{
    private const double ToddlerFromYears = 2;
    private const double ChildFromYears = 5;

    private static readonly (string Size, string[] Said)[] Adult =
    [
        ("s", ["s", "sm", "small"]), ("m", ["m", "med", "medium"]), ("l", ["l", "lg", "large"]), ("xl", ["xl", "extralarge", "xlarge"]),
        ("2xl", ["xxl", "2xl", "2x", "xxlarge"]), ("3xl", ["xxxl", "3xl", "3x", "xxxlarge"]),
    ];

    private static readonly Dictionary<string, string> Letters = Adult.SelectMany(a => a.Said.Select(said => (said, a.Size)))
        .ToDictionary(p => p.said, p => p.Size, StringComparer.Ordinal);

    private static readonly string[] Grown = ["adult", "adults", "mens", "men", "womens", "women", "ladies", "unisex"];
    private static readonly string[] Young = ["youth", "child", "children", "childrens", "kid", "kids", "junior", "boys", "girls", "boy",
        "girl", "y"];
    private static readonly string[] Little = ["infant", "infants", "baby", "newborn", "nb"];

    /// <summary>The size that is meant.</summary>
    /// <param name="said">As it was written: XXL, youth M, 6–7 years, 18 months, 3T.</param>
    /// <param name="sizes">Size ids that are known.</param>
    /// <returns>Its id; null when it is no size.</returns>
    public static string? Read(string said, IReadOnlyCollection<string> sizes)
    {
        ArgumentNullException.ThrowIfNull(said);
        ArgumentNullException.ThrowIfNull(sizes);
        var text = said.Trim().ToLowerInvariant().Replace('–', '-').Replace('—', '-').Replace("'", "", StringComparison.Ordinal);
        var id = text.Replace(' ', '-');
        if (sizes.Contains(id, StringComparer.Ordinal))
            return id;
        string? Known(string size) => sizes.Contains(size, StringComparer.Ordinal) ? size : null;
        if (Ages().Match(text) is { Success: true } age)
        {
            var years = double.Parse(age.Groups["from"].Value, CultureInfo.InvariantCulture) / (age.Groups["unit"].Value.StartsWith('m')
                ? 12 : 1);
            return Known(years < ToddlerFromYears
                ? "infant" : age.Groups["unit"].Value == "t" || years < ChildFromYears ? "toddler" : "child");
        }

        var words = text.Split([' ', '-', '/', '.'], StringSplitOptions.RemoveEmptyEntries);
        if (words.Any(Little.Contains))
            return Known("infant");
        if (words.Contains("toddler", StringComparer.Ordinal))
            return Known("toddler");
        if (words.Any(Young.Contains))
            return Known("child");
        var letters = string.Concat(words.Where(w => !Grown.Contains(w) && w != "size"));
        return Letters.TryGetValue(letters, out var adult) ? Known("adult-" + adult) : null;
    }

    [GeneratedRegex(@"^(?<from>\d{1,2})(\s*(-|to)\s*\d{1,2})?\s*(?<unit>years?|yrs?|y|months?|mos?|m|t)\.?(\s*old)?$",
        RegexOptions.ExplicitCapture | RegexOptions.NonBacktracking)]
    private static partial Regex Ages();
}
