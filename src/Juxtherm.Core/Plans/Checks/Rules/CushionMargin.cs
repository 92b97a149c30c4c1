using Juxtherm.Core.Items.Spots;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The print reaches where a filled cushion rounds away.</summary>
public sealed class CushionMargin : IPlanRule
{
    private const double Margin = 0.2;

    /// <inheritdoc/>
    public string Code => "cushion-margin";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (!plan.Work.Form.Filled)
            return null;
        foreach (var (shape, art) in plan.PlacedFaces)
        {
            var clear = Math.Min(shape.WidthMm, shape.HeightMm) * Margin;
            var nearest = new[] { art.XMm, art.YMm, shape.WidthMm - art.XMm - art.WidthMm, shape.HeightMm - art.YMm - art.HeightMm }.Min();
            if (nearest < clear - 1)
                return this.Say(plan, NoticeLevel.Caution,
                    plan.Words.Say("cushion-margin.caution", ("it", Thing.Mm(Math.Max(0, nearest))), ("clear", Thing.Mm(clear))),
                    plan.Words.Say("cushion-margin.caution-why", ("practice", PlacementRules.Practice)), ("nearest", nearest, "mm"),
                    ("clear", clear, "mm"));
        }

        return null;
    }
}
