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
        string Where(Box b) => $"{plan.Words.Length(b.WidthMm)} by {plan.Words.Length(b.HeightMm)}, {plan.Words.Length(b.XMm)} from the left and {plan.Words.Length(b.YMm)} from the top";
        return this.Say(plan, NoticeLevel.Stop, $"The plate cannot reach part of the print: {string.Join("; ", missed.Take(3).Select(Where))}{(missed.Count > 3 ? " and more" : "")}. Move the print away from what is thick, cut it around, take off what is metal, or use a smaller plate.",
            "Metal and a zip's teeth never come under the plate, and what the plate does not press is not bonded.", ("places", missed.Count, "1"));
    }
}
