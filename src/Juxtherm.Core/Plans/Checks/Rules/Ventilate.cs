using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Heated vinyl and finishes give off fumes.</summary>
public sealed class Ventilate : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "ventilate";

    /// <inheritdoc/>
    public bool Standing => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return this.Say(plan, NoticeLevel.Note, plan.Words.Say("ventilate.note"),
            plan.Words.Say("ventilate.note-why"));
    }
}
