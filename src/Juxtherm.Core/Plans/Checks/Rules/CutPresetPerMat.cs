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
        if (plan.Job.Tools.Cutter is not { } setup || CutNotices.PresetsInWords(plan.Layers.Select(l => (l.Work.Vinyl.Name, CutPreset.Of(l.Work.Vinyl, setup.Cutter)))) is not { } all)
            return null;
        return this.Say(plan, NoticeLevel.Note, $"The vinyls want different cut presets. {all}. Check it again at every mat.", "A second mat cut on the first one's preset is cut through, or not at all.");
    }
}
