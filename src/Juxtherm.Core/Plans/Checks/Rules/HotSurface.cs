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
        var plate = plan.Words.Say(Thing.Celsius(hottest));
        var tool = new ToolWords(plan.Work, plan.Words);
        var text = plan.Work.Material.Kind == MaterialKind.Hard
            ? plan.Words.Say("hot-surface.text", ("form", plan.Work.Form.Name), ("hot", tool.Hot), ("plate", plate))
            : plan.Words.Say("hot-surface.text-2", ("hot", tool.Hot), ("plate", plate), ("outOfTheWay", tool.OutOfTheWay),
                ("heldByHand", tool.HeldByHand), ("isHotAir", plan.Work.Source.HotAirWm2K is not null));
        return this.Say(plan, NoticeLevel.Note, text,
            plan.Words.Say("hot-surface.note-why"),
            ("plate", hottest, "Cel"));
    }
}
