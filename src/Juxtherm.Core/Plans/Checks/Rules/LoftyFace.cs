using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A fluffy face wants more than a tee.</summary>
public sealed class LoftyFace : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "lofty-face";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var material = plan.Work.Material;
        return material.Lofty.Value
            ? this.Say(plan, NoticeLevel.Note, plan.Words.Say("lofty-face.note", ("material", material.Name)),
                plan.Words.Say("lofty-face.note-why", ("demand", Thing.Share(material.Demand.Value)),
                    ("source", material.Demand.From.Source)), ("demand", material.Demand.Value, "1"))
            : null;
    }
}
