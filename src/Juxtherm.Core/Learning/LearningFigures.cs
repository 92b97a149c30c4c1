using Juxtherm.Core.Certainty;
using MathNet.Numerics.Distributions;

namespace Juxtherm.Core.Learning;

/// <summary>What the learning takes for granted. All figures are ours (from memory); docs/learning.md tells what they do.</summary>
public static class LearningFigures
{
    /// <summary>The stated error of a dial is read as the span of nine presses in ten: so many standard deviations.</summary>
    public const double SpreadsInError = Odds.SpreadsInError;

    /// <summary>One press in ten is further off than its kind's error says: for those the spread is so many times as wide.</summary>
    public const double StrangeFactor = 4;

    /// <summary>Share of presses that are further off than their kind.</summary>
    public const double StrangeShare = 0.1;

    /// <summary>Standard deviation of ln of what a vinyl on a blank wants beyond the catalogue's figure.</summary>
    public const double DemandSpread = Belief.DemandSpread;

    /// <summary>Share of entries that say nothing: a wrong tap, a spot of lint, a sleeve in the way.</summary>
    public const double WrongShare = 0.1;

    /// <summary>Standard deviation of ln of the bond from piece to piece: pressure, damp, a hand's haste.</summary>
    public const double PieceSpread = 0.3;

    /// <summary>Standard deviation of ln of the heat dose that a vinyl takes.</summary>
    public const double HeatDoseSpread = 0.4;

    /// <summary>Standard deviation of a plate measured with a probe, K.</summary>
    public const double ProbeSpreadK = Measuring.ProbeSpreadK;

    /// <summary>Standard deviation of a plate measured with heat strips, K: they turn in steps.</summary>
    public const double StripSpreadK = Measuring.StripSpreadK;

    /// <summary>Plans follow a belief by this share at most; by less while little was learned. Chosen so that at most one workshop in
    /// twenty is worse off by more than 2 °C.</summary>
    public const double Caution = 0.75;

    /// <summary>What is shown as nine in ten leaves out so much on either side: a little less than a twentieth, so that it also holds nine
    /// in ten where truth is flatter than it is taken to be (docs/learning.md).</summary>
    public const double ShownTail = 0.038;

    /// <summary>So many standard deviations of a normal law leave that.</summary>
    public static double SpreadsShown { get; } = -Normal.InvCDF(0, 1, ShownTail);

    /// <summary>Pieces of one run count as no more than so many.</summary>
    public const double MostPerRun = 3;

    /// <summary>A piece of another workshop says so much beside one of this: its press, its blanks and its eyes are others.</summary>
    public const double ElsewhereWeight = 0.25;

    /// <summary>Further than this a plate is taken to be off only where it was measured, or where works that have neither vinyl nor cloth
    /// in common say the same, K: one bad cloth is no cold plate.</summary>
    public const double MostUnmeasuredK = 3;

    /// <summary>Of a vinyl on a blank under a press the latest so many pieces are looked at.</summary>
    public const int MostLookedAt = 100;
}
