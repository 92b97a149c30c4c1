using Juxtherm.Core.Notices;
using Juxtherm.Core.Practice.Bench;
using Juxtherm.Core.Practice.Cases;

namespace Juxtherm.Core.Practice.Judging;

/// <summary>A mistake that was made at a practice bench.</summary>
/// <param name="Number">Its number in the list of mistakes.</param>
/// <param name="Does">What came of it.</param>
/// <param name="Happened">What was seen, and why.</param>
public sealed record MistakeMade(int Number, Consequence Does, Phrase Happened);

/// <summary>Names the mistakes that were made.</summary>
internal static class MistakesMade
{
    // Where the plate was opened so far before what the clock said, it was pressed short.
    private const double PressedShortShare = 0.95;

    /// <summary>All that were made, by their numbers.</summary>
    public static IReadOnlyList<MistakeMade> Of(PracticeBench bench) =>
        [.. InProps(bench).Concat(InHeat(bench)).DistinctBy(m => m.Number).OrderBy(m => m.Number)];

    private static IEnumerable<MistakeMade> InProps(PracticeBench bench)
    {
        foreach (var prop in bench.Case.Props.Where(p => bench.Props[p.Id] == p.Wrong.Id))
        {
            // Whoever never presses again after the peel needs no cover.
            if (prop.Id == PropIds.Cover && !bench.TouchedBare)
                continue;
            yield return new MistakeMade(prop.Mistake, prop.Does, prop.Happens);
        }
    }

    private static IEnumerable<MistakeMade> InHeat(PracticeBench bench)
    {
        var material = bench.About.Work.Material;
        var missed = bench.NeverPressed;
        if (missed.Count > 0)
            yield return new MistakeMade(27, Consequence.Lifts, new Phrase("mistake.part-missed"));
        if (bench.TouchedBare)
            yield return new MistakeMade(12, Consequence.ClothLost, new Phrase("prop.cover-happens"));
        var lifts = bench.Laid.Except(missed, StringComparer.Ordinal).Where(id => bench.Holds(id, corner: true) < 1).ToList();
        var inMiddle = lifts.Where(id => bench.Holds(id, corner: false) < 1).ToList();
        if (material.PreheatSeconds.Value > 0 && bench.Closings.Count > 0 && bench.Closings[0].Laid.Count > 0)
            yield return new MistakeMade(8, lifts.Count > 0 ? Consequence.Lifts : Consequence.Luck, new Phrase("mistake.no-preheat"));
        if (inMiddle.Count > 0)
            yield return material.Lofty.Value
                ? new MistakeMade(19, Consequence.Lifts, new Phrase("mistake.lofty-short"))
                : new MistakeMade(13, Consequence.Lifts, new Phrase("mistake.pressed-short"));
        else if (lifts.Count > 0)
            yield return new MistakeMade(30, Consequence.Lifts, new Phrase("mistake.corner-short"));
        if (bench.PeeledTooHot)
            yield return new MistakeMade(14, Consequence.Lifts, new Phrase("mistake.peeled-hot"));
        if (bench.Laid.Any(id => bench.HeatShare(id) > 1 && !bench.About.Layer(id).Work.Vinyl.Press.HeatsOnce.Value))
            yield return new MistakeMade(18, Consequence.LooksWrong, new Phrase("mistake.too-much"));
        if (bench.FoamSpoiled)
            yield return new MistakeMade(22, Consequence.LooksWrong, new Phrase("mistake.foam-twice"));
    }
}
