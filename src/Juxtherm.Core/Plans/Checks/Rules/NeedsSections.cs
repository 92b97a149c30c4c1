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
        var times = plan.Words.Say("needs-sections.times", ("mostHeats", most.MostHeats));
        var overlap = most.MostHeats <= 1 ? ""
            : most.TwiceShare < HardlyAny ? plan.Words.Say("needs-sections.overlap", ("times", times))
            : plan.Words.Say("needs-sections.overlap-2", ("twiceShare", most.TwiceShare), ("times", times));
        var proven = most.Proven ? plan.Words.Say("needs-sections.proven") : plan.Words.Say("needs-sections.proven-2");
        return this.Say(plan, NoticeLevel.Caution,
            plan.Words.Say("needs-sections.caution", ("sections", most.Sections.Count), ("overlap", overlap), ("proven", proven)),
            plan.Words.Say("needs-sections.caution-why", ("width", Thing.Mm(plate.WidthMm)), ("height", Thing.Mm(plate.HeightMm)),
                ("edge", Thing.Mm(plate.EdgeMm)), ("rim", Thing.Mm(plate.RimMm))),
            ("goes", most.Sections.Count, "1"), ("heats", most.MostHeats, "1"), ("twice", Math.Round(most.TwiceShare, 3), "1"),
            ("plateWidth", plate.WidthMm, "mm"), ("plateHeight", plate.HeightMm, "mm"));
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
            plan.Words.Say("needs-sections.stop", ("goes", goes), ("w", Thing.Mm(w)), ("h", Thing.Mm(h)),
                ("down", Thing.Mm(Down(art.WidthMm))), ("down2", Thing.Mm(Down(art.HeightMm)))),
            plan.Words.Say("needs-sections.stop-why", ("mostSections", SectionSearch.MostSections)), ("goes", goes, "1"),
            ("most", SectionSearch.MostSections, "1"), ("width", Down(art.WidthMm), "mm"), ("height", Down(art.HeightMm), "mm"));
    }

    /// <summary>What is not placed yet is only known by its size.</summary>
    private Notice? Unplaced(PlanContext plan)
    {
        var plate = JobSections.PlateOf(plan.Job.Tools);
        var large = plan.Layers.FirstOrDefault(l => l.Layer is { Box: null, WidthMm: { } w, HeightMm: { } h } && !plate.Takes(w, h));
        if (large is null || plan.Work.Form.Shape != FaceShape.Flat)
            return null;
        return this.Say(plan, NoticeLevel.Caution, plan.Words.Say("needs-sections.caution-2"),
            plan.Words.Say("needs-sections.caution-why-2"),
            ("width", large.Layer.WidthMm!.Value, "mm"), ("height", large.Layer.HeightMm!.Value, "mm"), ("plateWidth", plate.WidthMm, "mm"),
            ("plateHeight", plate.HeightMm, "mm"));
    }
}
