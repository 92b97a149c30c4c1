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
                return this.Say(plan, NoticeLevel.Caution, $"The print comes within {plan.Words.Length(Math.Max(0, nearest))} of the cushion's edge; keep about {plan.Words.Length(clear)} clear all round.",
                    $"Filled, a cushion rounds away there: the rim of the print turns out of sight ({PlacementRules.Practice}).", ("nearest", nearest, "mm"), ("clear", clear, "mm"));
        }

        return null;
    }
}
