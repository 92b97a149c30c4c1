namespace Juxtherm.Core.Planning.Patches;

/// <summary>What came of a test patch.</summary>
public enum PatchOutcome
{
    /// <summary>It holds when it is pulled at cold, and nothing is marked.</summary>
    Holds,

    /// <summary>It lifts.</summary>
    Lifts,

    /// <summary>The cloth is marked, or the vinyl wrinkled.</summary>
    Marked,
}

/// <summary>A test patch that was pressed.</summary>
/// <param name="Celsius">What the plate was set to, °C.</param>
/// <param name="Seconds">Time closed, s.</param>
/// <param name="Outcome">What came of it.</param>
public sealed record PatchResult(double Celsius, double Seconds, PatchOutcome Outcome);

/// <summary>A test patch to press.</summary>
/// <param name="Celsius">Set to, °C.</param>
/// <param name="Dial">Where the dial stands; null where it has marks.</param>
/// <param name="DialMark">The mark; null where it shows degrees.</param>
/// <param name="Seconds">Time closed, s.</param>
/// <param name="Text">How, in the reader's units.</param>
public sealed record PatchToPress(double Celsius, DialReading? Dial, string? DialMark, double Seconds, string Text);

/// <summary>What test patches have told, and which is pressed next.</summary>
/// <param name="Next">The next patch; null when none is needed or none would tell anything.</param>
/// <param name="AtMost">So many more at most, whatever comes of them.</param>
/// <param name="Sure">One setting holds and harms nothing however dial, blank and vinyl may still be.</param>
/// <param name="Contradiction">The results do not fit together under any of the ways in which dial, blank and vinyl may be.</param>
/// <param name="OffsetK">How much hotter or cooler than its dial the plate may still be, K, from and to.</param>
/// <param name="Demand">How many times the usual bond the face may still want, from and to.</param>
/// <param name="LeftShare">Share of the ways in which things may be that is left.</param>
/// <param name="Text">What it comes to.</param>
public sealed record PatchAdvice(PatchToPress? Next, int AtMost, bool Sure, bool Contradiction, IReadOnlyList<double> OffsetK, IReadOnlyList<double> Demand, double LeftShare, string Text);
