using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Rehearsal;

/// <summary>A piece of a run, carried out where the one before it lay.</summary>
/// <param name="Bond">Share of the wanted bond, of the layer with least.</param>
/// <param name="BareCelsius">Hottest bare face, °C.</param>
/// <param name="PeelWaitSeconds">From when its carrier can come off, s; null where nothing is peeled.</param>
/// <param name="SecondsForFirst">How long its last press needs for the bond of the first piece, s.</param>
internal sealed record PieceInRun(double Bond, double BareCelsius, double? PeelWaitSeconds, double SecondsForFirst);

/// <summary>Presses piece after piece in the model, at the pace of the plan: what a piece leaves in underlay and plate the next one
/// finds.</summary>
internal static class RunOfMany
{
    // Pieces that differ by no more than this are alike.
    private const double AlikeBond = 0.005;
    private const double AlikeK = 0.15;
    private const double AlikeSeconds = 1;

    /// <summary>The pieces of a run, until one is like the one before it.</summary>
    /// <param name="about">The job.</param>
    /// <param name="first">The first piece, carried out.</param>
    /// <param name="pieces">How many, from 1.</param>
    /// <param name="catalogue">The catalogue.</param>
    public static IReadOnlyList<PieceInRun> Of(ChartedJob about, RehearsedPresses first, int pieces, CatalogueSnapshot catalogue) =>
        Of(about, Sequence(first), pieces, catalogue, 0, 1);

    /// <summary>The presses of a run: each piece for as long as the first.</summary>
    /// <param name="first">The first piece, carried out.</param>
    public static IReadOnlyList<SequencePress> Sequence(RehearsedPresses first) =>
        [.. first.Presses.Select(p => p.Press with { Seconds = p.Seconds, UntilBonded = false })];

    /// <summary>The same with a pause before each piece, or on several pads in turn.</summary>
    /// <param name="about">The job.</param>
    /// <param name="sequence">Its presses.</param>
    /// <param name="pieces">How many, from 1.</param>
    /// <param name="catalogue">The catalogue.</param>
    /// <param name="pauseSeconds">Between two pieces, s.</param>
    /// <param name="pads">How many pads, from 1.</param>
    public static IReadOnlyList<PieceInRun> Of(ChartedJob about, IReadOnlyList<SequencePress> sequence, int pieces,
        CatalogueSnapshot catalogue, double pauseSeconds, int pads)
    {
        List<PieceInRun> done = [];
        List<Rehearser> rehearsed = [];
        for (var n = 0; n < pieces; n++)
        {
            // Meanwhile the other pads had their pieces.
            var idle = pauseSeconds + rehearsed.TakeLast(pads - 1).Sum(r => r.Seconds + about.Figures.LaySeconds.Value);
            rehearsed.Add(Rehearser.After(about, sequence, catalogue, n >= pads ? rehearsed[n - pads] : null, idle));
            done.Add(rehearsed[^1].AsPiece(done.Count == 0 ? null : done[0].Bond));
            if (n >= pads && Alike(done[n - pads], done[n]))
                break;
        }

        return done;
    }

    private static bool Alike(PieceInRun a, PieceInRun b) =>
        Math.Abs(a.Bond - b.Bond) <= AlikeBond * a.Bond && Math.Abs(a.BareCelsius - b.BareCelsius) <= AlikeK
        && Math.Abs((a.PeelWaitSeconds ?? 0) - (b.PeelWaitSeconds ?? 0)) <= AlikeSeconds;
}
