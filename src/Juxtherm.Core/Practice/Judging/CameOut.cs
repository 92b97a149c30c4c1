using Juxtherm.Core.Notices;
using Juxtherm.Core.Practice.Bench;
using Juxtherm.Core.Practice.Cases;

namespace Juxtherm.Core.Practice.Judging;

/// <summary>How it came out, by what counts.</summary>
/// <param name="ClothLost">What it was pressed on is lost.</param>
/// <param name="Lifts">Layers that lift, at once or in the wash.</param>
/// <param name="VinylLost">Vinyl has to be cut again.</param>
/// <param name="LooksWrong">It does not look right.</param>
/// <param name="Unsafe">Somebody could have been hurt.</param>
/// <param name="Minutes">How long it took, min.</param>
/// <param name="Mistakes">The mistakes that were made.</param>
/// <param name="Spoiled">What heat spoiled beyond them.</param>
public sealed record CameOut(bool ClothLost, IReadOnlyList<string> Lifts, bool VinylLost, bool LooksWrong, bool Unsafe, double Minutes,
    IReadOnlyList<MistakeMade> Mistakes, IReadOnlyList<Phrase> Spoiled)
{
    /// <summary>It can be handed over: it holds, looks right, and nothing was lost.</summary>
    public bool Good => !ClothLost && Lifts.Count == 0 && !VinylLost && !LooksWrong && !Unsafe;

    /// <summary>How a piece came out.</summary>
    /// <param name="bench">What was done with it.</param>
    internal static CameOut Of(PracticeBench bench)
    {
        var mistakes = MistakesMade.Of(bench);
        bool Any(Consequence what) => mistakes.Any(m => m.Does == what);
        var looks = bench.Look().Looks;
        var spoiled = new List<Phrase>();
        if (looks.Scorch > 0)
            spoiled.Add(new Phrase("came.scorched"));
        else if (looks.Shine > 0)
            spoiled.Add(new Phrase("came.shiny"));
        if (looks.Dye > 0)
            spoiled.Add(new Phrase("came.dye"));
        var foamFlat = bench.FoamFlat;
        if (foamFlat)
            spoiled.Add(new Phrase("came.foam-flat"));
        List<string> lifts = [.. bench.About.Layers.Select(l => l.Id).Where(id => !bench.Laid.Contains(id, StringComparer.Ordinal)
            || bench.Holds(id, corner: true) < 1 || Any(Consequence.Lifts))];
        return new CameOut(Any(Consequence.ClothLost) || looks.Scorch > 0 || bench.TouchedBare, lifts, Any(Consequence.VinylLost),
            Any(Consequence.LooksWrong) || looks is { Shine: > 0 } or { Dye: > 0 } || foamFlat, Any(Consequence.Hurt),
            Math.Round(bench.Seconds / 60, 1), mistakes, spoiled);
    }
}
