using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Patches;

/// <summary>A test patch to press.</summary>
/// <param name="Celsius">Set to, °C.</param>
/// <param name="Dial">Where the dial stands; null where it has marks.</param>
/// <param name="DialMark">The mark; null where it shows degrees.</param>
/// <param name="Seconds">Time closed, s.</param>
/// <param name="Pressure">How hard; null for as the plan says.</param>
/// <param name="Text">How, in the reader's units.</param>
public sealed record PatchToPress(double Celsius, DialReading? Dial, string? DialMark, double Seconds, PressureLevel? Pressure,
    string Text);

/// <summary>Another pressure of a press that is held by hand.</summary>
/// <param name="Pressure">How hard.</param>
/// <param name="Seconds">How long would do there, as sure as a plan is, s.</param>
/// <param name="Try">The patch that would settle it; null where one was pressed.</param>
/// <param name="Text">What it comes to.</param>
public sealed record OtherPressure(PressureLevel Pressure, double Seconds, PatchToPress? Try, string Text);

/// <summary>What cheap means would tell.</summary>
/// <param name="Means">Which.</param>
/// <param name="TakesAway">Share of the doubt that it takes away, 0 to 1.</param>
public sealed record PatchHelp(PatchMeans Means, double TakesAway);

/// <summary>How long the plate has to be closed at the plan's dial until it holds, as far as that is known.</summary>
/// <param name="Low">One chance in twenty that less is enough, s.</param>
/// <param name="Middle">As likely more as less, s.</param>
/// <param name="High">One chance in twenty that it wants more, s.</param>
public sealed record NeededSeconds(double Low, double Middle, double High);

/// <summary>What test patches have told, and which is pressed next.</summary>
/// <param name="Next">The next patch; null when none is needed.</param>
/// <param name="AtMost">So many more at most; one can stop after any of them.</param>
/// <param name="Sure">It is known well enough to go on.</param>
/// <param name="Before">What was to be expected before any patch.</param>
/// <param name="Needs">What is to be expected now.</param>
/// <param name="SpreadLeft">How much of the doubt from before is left, 0 to 1.</param>
/// <param name="On">What a patch is pressed with and on, to be kept with its result.</param>
/// <param name="Counted">Patches that count: the job's own and what was kept of earlier ones.</param>
/// <param name="Other">What another pressure comes to; null where that is no question.</param>
/// <param name="Helps">What would make it surer, the best first; none once a patch was pressed.</param>
/// <param name="Text">What it comes to.</param>
/// <param name="HelpText">What would make it surer, in words; empty for nothing.</param>
public sealed record PatchAdvice(PatchToPress? Next, int AtMost, bool Sure, NeededSeconds Before, NeededSeconds Needs, double SpreadLeft,
    PatchOn On, IReadOnlyList<PatchResult> Counted, OtherPressure? Other, IReadOnlyList<PatchHelp> Helps, string Text, string HelpText);
