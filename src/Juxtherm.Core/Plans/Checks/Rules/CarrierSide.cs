using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Which side is the carrier.</summary>
public sealed class CarrierSide : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "carrier-side";

    /// <inheritdoc/>
    public bool Standing => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return this.Say(plan, NoticeLevel.Note,
            plan.Words.Say("carrier-side.note-2"),
            plan.Words.Say("carrier-side.note-why-2"));
    }
}
