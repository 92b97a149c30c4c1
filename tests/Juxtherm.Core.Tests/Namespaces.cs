using ArchUnitNET.Domain;

namespace Juxtherm.Testing;

/// <summary>Which namespaces of the house know which.</summary>
internal static class Namespaces
{
    /// <summary>Every arrow from one namespace to another, with a type that draws it.</summary>
    public static IReadOnlyList<(string From, string To, string By)> Arrows(Architecture house) =>
    [
        .. house.Types.Where(t => IsOurs(t.Namespace?.FullName))
            .SelectMany(t => t.Dependencies.Where(d => d.Target is not GenericParameter && IsOurs(d.Target.Namespace?.FullName))
                .Select(d => (From: t.Namespace.FullName, To: d.Target.Namespace.FullName, By: $"{t.Name} → {d.Target.Name}")))
            .Where(a => a.From != a.To).DistinctBy(a => (a.From, a.To)),
    ];

    /// <summary>Arrows that lie on a circle.</summary>
    public static IReadOnlyList<string> Circles(Architecture house)
    {
        var arrows = Arrows(house);
        var next = arrows.ToLookup(a => a.From, a => a.To, StringComparer.Ordinal);
        HashSet<string> From(string start)
        {
            var seen = new HashSet<string>(StringComparer.Ordinal);
            var open = new Stack<string>([start]);
            while (open.TryPop(out var at))
            {
                foreach (var to in next[at].Where(seen.Add))
                    open.Push(to);
            }

            return seen;
        }

        var reach = arrows.Select(a => a.From).Distinct(StringComparer.Ordinal).ToDictionary(n => n, From, StringComparer.Ordinal);
        return [.. arrows.Where(a => reach.TryGetValue(a.To, out var there) && there.Contains(a.From))
            .Select(a => $"{a.From} → {a.To} ({a.By})")];
    }

    private static bool IsOurs(string? space) => space?.StartsWith("Juxtherm.", StringComparison.Ordinal) == true;
}
