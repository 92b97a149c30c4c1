using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Pressing;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>The artwork does not lie under the plate at once.</summary>
public sealed class NeedsSections : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "needs-sections";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var most = plan.Covered.Select(c => c.Plan).Where(p => p.Sections.Count > 1).MaxBy(p => p.Sections.Count);
        if (most is null)
            return Unplaced(plan);
        var tools = plan.Job.Tools;
        var overlap = most.MostHeats > 1 ? $" Where they overlap the vinyl is heated {Wording.Times(most.MostHeats)}, which is counted." : "";
        var proven = most.Proven ? " Fewer would leave something out." : " Fewer may be possible; the search was cut short.";
        return this.Say(plan, NoticeLevel.Caution,
            $"Press it in {most.Sections.Count} goes, each with the full time: see the drawn placements of the plate.{overlap}{proven}",
            $"Vinyl that the plate does not cover is not bonded. A plate of {plan.Words.Length(tools.PlateWidthMm)} by {plan.Words.Length(tools.PlateHeightMm)} gives full bond up to {plan.Words.Length(new PlateSize(tools.PlateWidthMm, tools.PlateHeightMm).EdgeMm)} from its edge, and what is thick has to hang off it.",
            ("goes", most.Sections.Count, "1"), ("heats", most.MostHeats, "1"), ("plateWidth", tools.PlateWidthMm, "mm"), ("plateHeight", tools.PlateHeightMm, "mm"));
    }

    /// <summary>What is not placed yet is only known by its size.</summary>
    private Notice? Unplaced(PlanContext plan)
    {
        var plate = new PlateSize(plan.Job.Tools.PlateWidthMm, plan.Job.Tools.PlateHeightMm);
        var (long1, short1) = (Math.Max(plate.WidthMm, plate.HeightMm) - 2 * plate.EdgeMm, Math.Min(plate.WidthMm, plate.HeightMm) - 2 * plate.EdgeMm);
        var large = plan.Layers.FirstOrDefault(l => l.Layer is { Box: null, WidthMm: { } w, HeightMm: { } h } && (Math.Max(w, h) > long1 || Math.Min(w, h) > short1));
        if (large is null || plan.Work.Form.Shape != FaceShape.Flat)
            return null;
        return this.Say(plan, NoticeLevel.Caution, "The artwork is larger than what the plate presses in full. Place it on the blank, and the plan lays out in how many goes it is pressed.",
            "Vinyl that the plate does not cover is not bonded, and vinyl under two goes has had twice the heat.",
            ("width", large.Layer.WidthMm!.Value, "mm"), ("height", large.Layer.HeightMm!.Value, "mm"), ("plateWidth", plate.WidthMm, "mm"), ("plateHeight", plate.HeightMm, "mm"));
    }
}
