using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The list of names and the number of pieces do not agree, or a name was not proof-read.</summary>
public sealed class NamesCount : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "names-count";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var names = plan.Job.Names;
        if (names.Count == 0)
            return null;
        var garments = names.Sum(n => n.Count);
        if (garments != plan.Job.Quantity)
            return this.Say(plan, NoticeLevel.Caution, $"The list has names for {garments} garments, and the job is for {plan.Job.Quantity}.", "One garment would be left without a name, or a name without a garment.", ("names", garments, "1"), ("pieces", plan.Job.Quantity, "1"));
        var unread = names.Count(n => !n.Proofed);
        return unread > 0
            ? this.Say(plan, NoticeLevel.Note, $"{unread} of {names.Count} names have not been ticked on the proof sheet yet.", "A wrong letter is found cheaply on the sheet and dearly on the shirt.", ("unread", unread, "1"))
            : null;
    }
}
