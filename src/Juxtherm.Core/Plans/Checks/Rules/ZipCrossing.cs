using Juxtherm.Core.Artwork;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Remedies;
using Juxtherm.Core.Sections;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The print crosses a zip.</summary>
public sealed class ZipCrossing : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "zip-crossing";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        foreach (var (shape, _) in plan.PlacedFaces)
        {
            var bands = JobSections.ZipBands(shape);
            var across = plan.Layers.Where(l => l.Layer.Face == shape.Face && l.Layer.Box is { } box
                && bands.Any(b => CutShape.Overlap(l.Layer.Shape, box, null, b))).ToList();
            if (across.Count == 0)
                continue;
            return this.Say(plan, NoticeLevel.Caution, plan.Words.Say("zip-crossing.caution"),
                plan.Words.Say("zip-crossing.caution-why")) with
            {
                Layers = [.. across.Select(l => l.Id)],
                Remedies = [.. new[] { LayerRemedies.AlongZips(plan.About, bands, across) }.OfType<Remedy>()]
            };
        }

        return null;
    }
}
