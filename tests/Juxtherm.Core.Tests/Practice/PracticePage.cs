using System.Globalization;
using System.Text;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Tests.Practice;

/// <summary>The page on practice: the table as it is planned and judged.</summary>
public class PracticePage
{
    private static readonly string Page = Path.Combine(Shipped.Repository, "docs", "practice.md");

    [Fact]
    [Trait("Run", "thorough")]
    public void The_page_says_what_is_planned_and_judged() =>
        Assert.True(File.Exists(Page)
            && File.ReadAllText(Page).ReplaceLineEndings("\n") == Written(),
            "docs/practice.md is out of date. Write it anew: dotnet run --project tests/Juxtherm.Core.Tests -c Release -- -explicit " +
                "only -class '*PracticePage'");

    [Fact(Explicit = true)]
    public void Write_the_page() => File.WriteAllText(Page, Written());

    [Fact(Explicit = true)]
    public void Probe()
    {
        var row = PracticeTable.Rows[^1];
        foreach (var plan in new[] { row.Used().Plan, row.Proposed().Plan })
        {
            foreach (var p in plan.Presses)
                Console.WriteLine(
                    $"{p.Purpose} {p.Celsius} {p.Seconds} bond {string.Join(' ', p.Predicted.Bond.Select(b => $"{b.Key}={b.Value}"))} " +
                        $"dose {string.Join(' ', p.Predicted.HeatDose.Select(b => $"{b.Key}={b.Value:0.00}"))}");
        }
    }

    internal static string Written()
    {
        var page = new StringBuilder("""
            # Practice

            Settings that crafters have used, entered as used, and what is made of them; beside each what the plan itself proposes. All of it common
            practice, no single source. Made by a test. What held is at worst a caution; what failed is at best one, and is never proposed. Rows marked
            *aside* set no figure: they check those that the others set.

            | | vinyl on | press | as used | came out | judged | bond | heat, of what it takes | hottest beside | the plan proposes |
            |---|---|---|---|---|---|---|---|---|---|

            """.ReplaceLineEndings("\n"));
        foreach (var row in PracticeTable.Rows)
        {
            var (used, plan) = (row.Used().Plan, row.Proposed().Plan);
            var bond = used.Budgets.Min(b => b.Bond);
            var heat = used.Budgets.MaxBy(b => b.Total / b.Most)!;
            page.Append(CultureInfo.InvariantCulture,
                $"| {row.Name}{(row.KeptAside ? " *(aside)*" : "")} | {row.Vinyls}, {row.Material} " +
                    $"| {row.Source}{(row.Pressure is { } p ? $", {p}" : "")} | {row.Celsius:0} °C {row.Seconds:0} " +
                        $"s{(row.BackSeconds > 0 ? $" + {row.BackSeconds:0} s back" : "")} " +
                            $"| {row.Outcome.ToString().ToLowerInvariant()} | {Judged(used)} | {bond:0.00} | {heat.Total:0.0} " +
                                $"of {heat.Most:0.#} | {used.Presses[^1].Predicted.HottestClothCelsius:0} °C | {Proposed(plan)} |\n");
        }

        return page.ToString();
    }

    private static string Judged(Plan plan)
    {
        var codes = plan.Notices.Where(n => n.Level != NoticeLevel.Note).Select(n => n.Code).Distinct(StringComparer.Ordinal).ToList();
        return plan.Verdict.ToString().ToLowerInvariant() + (codes.Count > 0 ? $": {string.Join(", ", codes)}" : "");
    }

    private static string Proposed(Plan plan)
    {
        var presses = plan.Presses.Where(p => p.Purpose is PressPurpose.Tack or PressPurpose.Press or PressPurpose.Back)
            .Select(p =>
                string.Create(CultureInfo.InvariantCulture,
                    $"{(p.Purpose == PressPurpose.Press ? "" : p.Purpose.ToString().ToLowerInvariant() + " ")}{p.Seconds:0} s"));
        var press = plan.BondingPress;
        return string.Create(CultureInfo.InvariantCulture,
            $"{press.DialMark ?? $"{press.Celsius:0} °C"} {press.Pressure.ToString().ToLowerInvariant()}: {string.Join(", " +
                "", presses)} ({Judged(plan)})");
    }
}
