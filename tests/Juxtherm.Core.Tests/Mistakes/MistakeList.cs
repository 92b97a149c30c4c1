using System.Reflection;
using System.Text;

namespace Juxtherm.Core.Tests.Mistakes;

/// <summary>The page on mistakes is made from the tests that catch them.</summary>
public class MistakeList
{
    private static readonly string[] Mistakes =
    [
        "not mirrored", "carrier side up", "second mat cut on the first mat's preset", "the computer slept in the middle of a cut",
        "cut too deep or too shallow, no test cut",
        "vinyl left in letter centres", "an island pulled off while weeding", "no preheat", "steam on", "waxed paper", "the iron slid",
        "bare vinyl touched by the plate", "a section missed, or pressed short",
        "peeled hot where cold was asked for", "vinyl on a neighbour's carrier, or a carrier on its vinyl",
        "seam, collar, zip or button under the plate", "glitter under or on glitter", "last press too long: wrinkles",
        "felt pressed like a tee", "a damp towel under a canvas", "a frame in a clamshell",
        "puff pressed twice without need, or overlapped", "uneven or fixed pressure under puff",
        "the lower layer shrank and the upper does not fit",
        "set too low on a small size, or too close under the collar", "wire or metal under heat", "larger than the cutter or the plate",
        "washed within 24 hours", "a mug in the dishwasher", "edges lift: no extra edge time",
    ];

    private static readonly string Page = Path.Combine(Shipped.Repository, "docs", "mistakes.md");

    private static List<(MistakeAttribute Is, MethodInfo Test)> Tests { get; } =
        [.. typeof(MistakeList).Assembly.GetTypes().SelectMany(t => t.GetMethods())
            .SelectMany(m => m.GetCustomAttributes<MistakeAttribute>().Select(a => (a, m))).OrderBy(x => x.a.Number)
            .ThenBy(x => x.a.Caught)];

    [Fact]
    public void Every_mistake_has_a_test_that_catches_it()
    {
        Assert.Equal(Enumerable.Range(1, Mistakes.Length), Tests.Select(t => t.Is.Number).Distinct());
        Assert.All(Tests, t => Assert.True(t.Test.GetCustomAttributes().Any(a => a is FactAttribute), $"{t.Test.Name} is no test"));
    }

    [Fact]
    public void The_page_says_what_the_tests_say() =>
        Assert.True(File.Exists(Page)
            && File.ReadAllText(Page).ReplaceLineEndings("\n") == Written(),
            "docs/mistakes.md is out of date. Write it anew: dotnet run --project tests/Juxtherm.Core.Tests -c Release -- -explicit " +
                "only -class '*MistakeList'");

    [Fact(Explicit = true)]
    public void Write_the_page() => File.WriteAllText(Page, Written());

    private static string Written()
    {
        var page = new StringBuilder(
            "# Mistakes, and where each is caught\n\nMade from the tests: each line has one that fails when it is no longer " +
                "true.\n\n| | mistake | where | what happens | test |\n|---|---|---|---|---|\n");
        foreach (var (mistake, test) in Tests)
            page.Append(System.Globalization.CultureInfo.InvariantCulture,
                $"| {mistake.Number} | {Mistakes[mistake.Number - 1]} | {mistake.Caught.ToString().ToLowerInvariant()} " +
                    $"| {mistake.How} | `{test.DeclaringType!.Name}.{test.Name}` |\n");
        return page.ToString();
    }
}
