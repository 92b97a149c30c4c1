using Juxtherm.Core.Items;
using Juxtherm.Core.Items.Spots;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The print begins far below the collar.</summary>
public sealed class PlacementLow : IPlanRule
{
    private const double TooLow = 1.6;
    private const double SlackMm = 10;
    private const double OffMiddle = 0.12;

    /// <inheritdoc/>
    public string Code => "placement-low";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        foreach (var (shape, art) in plan.PlacedFaces)
        {
            // A small mark beside the middle has a place of its own, and an apron's or a cap's has no collar.
            if (shape.NeckMm is not { } neck || Math.Abs(art.XMm + art.WidthMm / 2 - shape.MiddleX) > shape.WidthMm * OffMiddle)
                continue;
            var (drop, usual) = (art.YMm - neck, CollarDrop.Measured(shape.Size));
            if (drop <= usual * TooLow + SlackMm)
                continue;
            return this.Say(plan, NoticeLevel.Caution,
                plan.Words.Say("placement-low.caution", ("drop", Thing.Mm(drop)), ("usual", Thing.Mm(usual))),
                plan.Words.Say("placement-low.caution-why", ("practice", PlacementRules.Practice)), ("drop", drop, "mm"),
                ("usual", usual, "mm"));
        }

        return null;
    }
}
