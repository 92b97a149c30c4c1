using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Sections;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The artwork does not lie under the plate at once.</summary>
public sealed class NeedsSections : IPlanRule
{
    private const double SpareShare = 0.85;

    // A smaller share of the vinyl is not given as a figure.
    private const double HardlyAny = 0.005;

    /// <inheritdoc/>
    public string Code => "needs-sections";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (plan.Covered.FirstOrDefault(c => c.Plan.TooManySections > 0) is { Plan: { } beyond, Shape: { } shape })
            return TooMany(plan, shape, beyond.TooManySections);
        var most = plan.Covered.Select(c => c.Plan).Where(p => p.Sections.Count > 1).MaxBy(p => p.Sections.Count);
        if (most is null)
            return Unplaced(plan);
        var plate = JobSections.PlateOf(plan.Job.Tools);
        var times = Wording.Times(most.MostHeats);
        var overlap = most.MostHeats <= 1 ? ""
            : most.TwiceShare < HardlyAny ? $" Hardly any of the vinyl is heated {times}."
            : $" {most.TwiceShare:P0} of the vinyl lies under two of them and is heated {times} at most, which is counted.";
        var proven = most.Proven ? " Fewer would leave something out." : " Fewer may be possible; the search was cut short.";
        return this.Say(plan, NoticeLevel.Caution,
            $"Press it in {most.Sections.Count} parts, each preheated, laid, pressed and peeled before the next: see where the plate comes down.{overlap}{proven}",
            $"Vinyl that the plate does not cover is not bonded. A plate of {plan.Words.Length(plate.WidthMm)} by {plan.Words.Length(plate.HeightMm)} gives full bond up to {plan.Words.Length(plate.EdgeMm)} from its edge and bonds up to {plan.Words.Length(plate.RimMm)}, and what is thick has to hang off it.",
            ("goes", most.Sections.Count, "1"), ("heats", most.MostHeats, "1"), ("twice", Math.Round(most.TwiceShare, 3), "1"), ("plateWidth", plate.WidthMm, "mm"), ("plateHeight", plate.HeightMm, "mm"));
    }

    /// <summary>So large for its plate that nobody presses it; said with what could be pressed.</summary>
    private Notice TooMany(PlanContext plan, BlankShape shape, int goes)
    {
        var art = JobPlacement.Artwork(plan.Job, shape.Face)!.Value;
        var (w, h) = (plan.Job.Tools.PlateWidthMm, plan.Job.Tools.PlateHeightMm);
        // Goes grow with the area; a little less than that leaves room for rows that do not come out even.
        var share = Math.Sqrt(SectionSearch.MostSections * SpareShare / goes);
        double Down(double mm) => Math.Floor(mm * share / 5) * 5;
        return this.Say(plan, NoticeLevel.Stop,
            $"It would take about {goes} parts with a plate of {plan.Words.Length(w)} by {plan.Words.Length(h)}. Make it {plan.Words.Length(Down(art.WidthMm))} × {plan.Words.Length(Down(art.HeightMm))} or smaller, or press it with a larger plate.",
            $"More than {SectionSearch.MostSections} parts are not laid out: nobody keeps them in register.", ("goes", goes, "1"), ("most", SectionSearch.MostSections, "1"), ("width", Down(art.WidthMm), "mm"), ("height", Down(art.HeightMm), "mm"));
    }

    /// <summary>What is not placed yet is only known by its size.</summary>
    private Notice? Unplaced(PlanContext plan)
    {
        var plate = JobSections.PlateOf(plan.Job.Tools);
        var large = plan.Layers.FirstOrDefault(l => l.Layer is { Box: null, WidthMm: { } w, HeightMm: { } h } && !plate.Takes(w, h));
        if (large is null || plan.Work.Form.Shape != FaceShape.Flat)
            return null;
        return this.Say(plan, NoticeLevel.Caution, "The artwork is larger than what the plate presses at once. Place it on the blank, and the plan lays out in how many parts it is pressed.",
            "Vinyl that the plate does not cover is not bonded, and vinyl under two parts has had twice the heat.",
            ("width", large.Layer.WidthMm!.Value, "mm"), ("height", large.Layer.HeightMm!.Value, "mm"), ("plateWidth", plate.WidthMm, "mm"), ("plateHeight", plate.HeightMm, "mm"));
    }
}
