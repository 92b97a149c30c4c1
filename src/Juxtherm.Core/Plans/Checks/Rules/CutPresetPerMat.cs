using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Vinyls that are cut differently, mat after mat.</summary>
public sealed class CutPresetPerMat : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "cut-preset";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (plan.Job.Tools.Cutter is not { } setup
            || CutNotices.PresetsInWords(plan.Layers.Select(l => (l.Work.Vinyl.Name, CutPreset.Of(l.Work.Vinyl, setup.Cutter))), plan.Words)
            is not { } all)
            return null;
        return this.Say(plan, NoticeLevel.Note, plan.Words.Say("cut-preset-per-mat.note", ("all", all)),
            plan.Words.Say("cut-preset.why"));
    }
}
