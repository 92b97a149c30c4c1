using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Hard blanks are washed by hand.</summary>
public sealed class HandWashOnly : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "hand-wash-only";

    /// <inheritdoc/>
    public bool Standing => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return plan.Work.Material.Care == CareKind.HandWash
            ? this.Say(plan, NoticeLevel.Note, plan.Words.Say("hand-wash-only.note"),
                plan.Words.Say("hand-wash-only.note-why"))
            : null;
    }
}
