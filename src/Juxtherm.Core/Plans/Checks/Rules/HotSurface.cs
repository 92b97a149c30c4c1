using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>What can burn, pinch or catch fire.</summary>
public sealed class HotSurface : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "hot-surface";

    /// <inheritdoc/>
    public bool Standing => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var hottest = plan.About.Settings.Max(s => s.Dial.Celsius);
        var plate = plan.Words.Temperature(hottest);
        var tool = new ToolWords(plan.Work);
        var text = plan.Work.Material.Kind == MaterialKind.Hard
            ? $"The {plan.Work.Form.Name.ToLowerInvariant()} itself stays hot for minutes: heat gloves, and a stand that cannot burn. The {tool.Hot} is at {plate}."
            : $"The {tool.Hot} is at {plate}. Lay the artwork {tool.OutOfTheWay}. {(tool.HeldByHand ? "Never leave it face down and alone." : tool.Hot == "gun" ? "Never point it at anything that burns." : "Keep fingers out of the closing press, and never leave it closed and alone.")}";
        return this.Say(plan, NoticeLevel.Note, text,
            "Metal burns skin within a second far below this (touch limits: ISO 13732-1, named from memory). Local rules for workshops and for goods sold come first.",
            ("plate", hottest, "Cel"));
    }
}
