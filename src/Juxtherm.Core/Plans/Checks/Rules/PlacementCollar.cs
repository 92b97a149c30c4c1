using Juxtherm.Core.Items;
using Juxtherm.Core.Items.Spots;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The print touches the collar or comes too close to it.</summary>
public sealed class PlacementCollar : IPlanRule
{
    private const double TooClose = 0.5;

    /// <inheritdoc/>
    public string Code => "placement-collar";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        foreach (var (shape, art) in plan.PlacedFaces)
        {
            if (shape.Collar is not { } collar)
                continue;
            if (art.Overlaps(collar.Box))
                return this.Say(plan, NoticeLevel.Stop, plan.Words.Say("placement-collar.stop"),
                    plan.Words.Say("placement-collar.stop-why"));
            var beside = art.XMm > collar.Box.XMm + collar.Box.WidthMm || art.XMm + art.WidthMm < collar.Box.XMm;
            var (drop, usual) = (art.YMm - shape.NeckMm!.Value, CollarDrop.Measured(shape.Size));
            if (!beside && drop < usual * TooClose)
                return this.Say(plan, NoticeLevel.Caution,
                    plan.Words.Say("placement-collar.caution", ("drop", Thing.Mm(drop)), ("usual", Thing.Mm(usual))),
                    plan.Words.Say("placement-collar.caution-why", ("practice", PlacementRules.Practice)), ("drop", drop, "mm"),
                    ("usual", usual, "mm"));
        }

        return null;
    }
}
