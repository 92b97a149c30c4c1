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
        return this.Say(plan, NoticeLevel.Note, "Air the room while pressing. Never press a plastic that you cannot name.",
            "Glue, dyes and finishes give off vapour when hot, and PVC blanks give off acid fumes.");
    }
}
