using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning;

/// <summary>What a planning rule may look at.</summary>
/// <param name="Job">The job.</param>
/// <param name="Work">What lies in the press.</param>
/// <param name="Chart">The chart setting it was computed against.</param>
/// <param name="Found">The setting found.</param>
/// <param name="PlannedSeconds">Press time of the plan, s.</param>
/// <param name="FinishSeconds">Finish press of the plan, s; 0 for none.</param>
/// <param name="BondShare">Bond the plan ends with, share of what is wanted.</param>
/// <param name="HottestBareCelsius">Hottest the bare face gets in the plan, °C.</param>
/// <param name="ChartHottestBareCelsius">Hottest the bare face would get with the chart setting as it stands, °C.</param>
/// <param name="LabelIgnored">What the wrapper is said to say cannot be, and was left out of account.</param>
/// <param name="Words">Writes figures in the reader's units.</param>
/// <param name="Figures">Figures of the work.</param>
public sealed record PlanContext(
    Job Job, Workpiece Work, Chart Chart, FoundSetting Found, double PlannedSeconds, double FinishSeconds, double BondShare, double HottestBareCelsius, double ChartHottestBareCelsius, bool LabelIgnored, Wording Words, WorkFigures Figures)
{
    /// <summary>Ids of the job's layers.</summary>
    public IReadOnlyList<string> Layers => [Job.Layer.Id];
}

/// <summary>One thing the planner watches for. A new rule is a new class in this folder's <c>Rules</c>; it is found by itself.</summary>
public interface IPlanRule
{
    /// <summary>The code of the notice it gives.</summary>
    string Code { get; }

    /// <summary>Looks at a plan in the making.</summary>
    /// <param name="plan">The plan.</param>
    /// <returns>What it has to say; null for nothing.</returns>
    Notice? Look(PlanContext plan);
}

/// <summary>All rules that ship.</summary>
public static class PlanRules
{
    /// <summary>In the order of their codes.</summary>
    public static IReadOnlyList<IPlanRule> All { get; } =
    [
        .. typeof(PlanRules).Assembly.GetTypes()
            .Where(t => t is { IsClass: true, IsAbstract: false } && t.IsAssignableTo(typeof(IPlanRule)))
            .Select(t => (IPlanRule)Activator.CreateInstance(t)!)
            .OrderBy(r => r.Code, StringComparer.Ordinal),
    ];

    internal static Notice Say(this IPlanRule rule, PlanContext plan, NoticeLevel level, string text, string why, params (string Name, double Value, string Unit)[] data) =>
        new(rule.Code, level, text, why, data.ToDictionary(d => d.Name, d => new Quantity(Math.Round(d.Value, 2), d.Unit), StringComparer.Ordinal), plan.Layers);
}
