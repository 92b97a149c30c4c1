using System.Text.RegularExpressions;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Checks;

namespace Juxtherm.Core.Plans;

/// <summary>What rules say of several layers for the same cause is said once, and names them all.</summary>
internal static partial class SaidOnce
{
    /// <summary>One notice for each code and cause.</summary>
    /// <param name="plan">The plan, for the layers' names.</param>
    /// <param name="said">What was said, layer by layer.</param>
    public static IEnumerable<Notice> Of(PlanContext plan, IEnumerable<Notice> said)
    {
        // Longest first: one name may begin with another.
        var names = plan.Layers.Select(plan.Named).OrderByDescending(n => n.Length).ToList();
        string Cause(Notice notice) =>
            Figures().Replace(names.Aggregate(notice.Text, (text, name) => text.Replace(name, "\u2026", StringComparison.Ordinal)), "#");
        return said.GroupBy(n => (n.Code, n.Level, n.Acceptable, Cause(n)), (_, alike) => Together(plan, [.. alike]));
    }

    private static Notice Together(PlanContext plan, List<Notice> alike)
    {
        var first = alike[0];
        if (alike.Count == 1)
            return first;
        var others = alike.Skip(1).Where(n => n.Text != first.Text).SelectMany(n => n.Layers).Except(first.Layers, StringComparer.Ordinal)
            .Distinct(StringComparer.Ordinal).Select(id => plan.Named(plan.About.Layer(id))).ToList();
        return first with
        {
            Text = others.Count == 0
            ? first.Text : plan.Words.Say("said-once.together", ("first", first.Text), ("others", Thing.List(others))),
            Layers = [.. alike.SelectMany(n => n.Layers).Distinct(StringComparer.Ordinal)],
            Remedies = [.. alike.SelectMany(n => n.Remedies).DistinctBy(m => m.Text, StringComparer.Ordinal)],
        };
    }

    [GeneratedRegex(@"\d+(?:[.,/]\d+)*", RegexOptions.NonBacktracking)]
    private static partial Regex Figures();
}
