using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>How well vinyl is stuck, as a hand would say.</summary>
public enum BondGrade
{
    /// <summary>It comes off with its carrier.</summary>
    NotYet,

    /// <summary>It keeps its place.</summary>
    Tacked,

    /// <summary>It stays on.</summary>
    Holds,

    /// <summary>It has all the bond that is wanted.</summary>
    HoldsWell,
}

/// <summary>Tells bonds apart.</summary>
public static class BondGrades
{
    // From this share on a layer stays where it lies when its carrier is lifted (ours).
    private const double TackedFrom = 0.15;

    /// <summary>What a bond comes to.</summary>
    /// <param name="share">Share of the bond that is wanted.</param>
    /// <param name="holdsFrom">From this share on the vinyl holds.</param>
    public static BondGrade Of(double share, double holdsFrom) =>
        share >= 1 ? BondGrade.HoldsWell
        : share >= holdsFrom ? BondGrade.Holds
        : share >= TackedFrom ? BondGrade.Tacked : BondGrade.NotYet;

    /// <summary>It in a verb: <c>holds well</c>.</summary>
    /// <param name="grade">How well it is stuck.</param>
    /// <param name="words">Says it.</param>
    public static string InWords(this BondGrade grade, IWords words)
    {
        ArgumentNullException.ThrowIfNull(words);
        return grade switch
        {
            BondGrade.NotYet => words.Say("bond-grade.not-yet"),
            BondGrade.Tacked => words.Say("bond-grade.tacked"),
            BondGrade.Holds => words.Say("bond-grade.holds"),
            _ => words.Say("bond-grade.holds-well")
        };
    }
}
