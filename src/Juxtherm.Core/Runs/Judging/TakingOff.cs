using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>How vinyl comes off again, to save what it was pressed on (common practice).</summary>
internal static class TakingOff
{
    // From the back, s (common practice: about ten).
    private const double WarmingSeconds = 10;

    /// <summary>Taking a piece of vinyl off, and putting another in its place.</summary>
    /// <param name="material">What it was pressed on.</param>
    /// <param name="plan">How it was pressed.</param>
    /// <param name="words">The reader's units.</param>
    public static IReadOnlyList<string> Steps(Material material, Plan plan, Wording words)
    {
        var press = plan.BondingPress;
        var set = words.SetTo(press.DialMark, press.Celsius);
        return
        [
            material.Kind == MaterialKind.Cloth ? $"Turn it inside out and warm the piece from the back: {set}, {Wording.Time(WarmingSeconds)}." : $"Warm the piece under a cover: {set}, {Wording.Time(WarmingSeconds)}.",
            "With gloves and tweezers lift an edge at once, and pull it off flat and slowly while it is hot. Warm again when it stops.",
            "Glue that stays: lay uncoated paper on it, press a few seconds, pull the paper off hot; repeat. A solvent only as its maker says, with air, and on a hidden spot first: it may take the dye.",
            "Cut the same piece from the same vinyl, mirrored as it is printed; cover what lies beside it so that its edges are not heated.",
            $"Press it like new: {set}, {Wording.Time(press.Seconds)}, {press.Pressure.ToString().ToLowerInvariant()}.",
        ];
    }
}
