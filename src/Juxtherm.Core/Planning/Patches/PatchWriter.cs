using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Planning.Ways;

namespace Juxtherm.Core.Planning.Patches;

/// <summary>Says what patches have told and which comes next.</summary>
internal static class PatchWriter
{
    public static PatchAdvice Of(WayContext about, PatchStudy study, IReadOnlyList<PatchResult> results)
    {
        var left = study.Left(results);
        if (left == 0)
            return new PatchAdvice(null, 0, false, true, [], [], 0, "These results do not fit together: a shorter or cooler patch held where a longer or hotter one lifted, or the other way round. Take back the one you trust least, or press it again.");
        var ways = study.Of(left).ToList();
        var next = study.Next(left);
        var needs = study.Needs(left);
        var sure = study.IsSure(left);
        var share = Math.Round(ways.Count / (double)study.Of(study.All).Count(), 2);
        var text = sure
            ? results.Count == 0 ? "No patch is needed: one setting holds and harms nothing however far dial, blank and vinyl may be off." : "Sure enough: the setting shown holds and harms nothing under everything that is still possible."
            : next is null ? "No patch would tell more. Press the first piece with care, and look."
            : needs <= PatchStudy.MostPatches ? $"At most {needs} {(needs == 1 ? "patch" : "patches")} until one setting is sure, whatever comes of them."
            : "No setting can be made quite sure here; this patch tells most.";
        return new PatchAdvice(
            next is { } n ? Patch(about, n.Dial, n.Seconds) : null, needs <= PatchStudy.MostPatches ? needs : next is null ? 0 : 1, sure, false,
            [ways.Min(w => w.OffsetK), ways.Max(w => w.OffsetK)], [ways.Min(w => w.Demand), ways.Max(w => w.Demand)], share, text);
    }

    private static PatchToPress Patch(WayContext about, Recipes.DialPosition dial, double seconds)
    {
        var where = about.Work.Material.Kind == MaterialKind.Cloth ? "on a scrap, or about 25 mm from the hem where its back shows too" : "on a scrap, or where it is hidden";
        var cover = about.Work.HasCover ? $", {about.Work.Cover.Name} over it" : "";
        var set = about.Words.SetTo(dial.Mark, dial.Celsius);
        return new PatchToPress(
            Math.Round(dial.Celsius, 1), dial.Shown is { } shown ? new DialReading(shown, dial.Unit.ToString()) : null, dial.Mark, seconds,
            $"A shape of the same vinyl, some 15 mm, {where}: {set}, {Wording.Time(seconds)}, the pressure of the plan{cover}. Let it go cold, then pull at a corner.");
    }
}
