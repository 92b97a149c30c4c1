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
        var names = plan.Job.Names.ToList();
        if (names.Count == 0)
            return null;
        var garments = plan.Job.Pieces.Sum(n => n.Count);
        if (garments != plan.Job.Quantity)
            return this.Say(plan, NoticeLevel.Caution,
                plan.Words.Say("names-count.caution", ("garments", garments), ("quantity", plan.Job.Quantity)),
                plan.Words.Say("names-count.caution-why"), ("names", garments, "1"), ("pieces", plan.Job.Quantity, "1"));
        var unread = names.Count(n => !n.Proofed);
        return unread > 0
            ? this.Say(plan, NoticeLevel.Note, plan.Words.Say("names-count.note", ("unread", unread), ("names", names.Count)),
                plan.Words.Say("names-count.note-why"), ("unread", unread, "1"))
            : null;
    }
}
