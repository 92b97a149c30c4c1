using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A coarse or open weave touches the vinyl in few places, so it is pressed firmly.</summary>
public sealed class OpenWeave : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "open-weave";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var material = plan.Work.Material;
        // Where a setting of the crafter's own says how hard, that is how hard.
        if (material.WantsPressure is not { } wanted || plan.Job.Used?.Pressure is not null
            || plan.Layers.All(l => l.Pressure.Value > wanted.Value || l.Pressure != wanted))
            return null;
        return this.Say(plan, NoticeLevel.Note, plan.Words.Say("open-weave.note", ("material", material.Name), ("wanted", wanted.Value)),
            plan.Words.Say("open-weave.note-why", ("source", wanted.From.Source)));
    }
}
