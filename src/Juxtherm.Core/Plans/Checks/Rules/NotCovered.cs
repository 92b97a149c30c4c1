using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Some vinyl cannot be reached by the plate.</summary>
public sealed class NotCovered : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "not-covered";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var missed = plan.Covered.SelectMany(c => c.Plan.NotCovered).Distinct().ToList();
        if (missed.Count == 0)
            return null;
        string Where(Box b) =>
            plan.Words.Say("not-covered.where", ("width", Thing.Mm(b.WidthMm)), ("height", Thing.Mm(b.HeightMm)), ("x", Thing.Mm(b.XMm)),
                ("y", Thing.Mm(b.YMm)));
        return this.Say(plan, NoticeLevel.Stop,
            plan.Words.Say("not-covered.stop", ("take", Thing.List(missed.Take(3).Select(Where))), ("missed", missed.Count)),
            plan.Words.Say("not-covered.stop-why"), ("places", missed.Count, "1"));
    }
}
