using Juxtherm.Core.Learning;

namespace Juxtherm.App.Learning;

/// <summary>A plate that was measured.</summary>
/// <param name="Id">Its id.</param>
/// <param name="HeatSource">Heat source id.</param>
/// <param name="Name">The press in words.</param>
/// <param name="AtUtc">When.</param>
/// <param name="DialCelsius">What the dial showed, °C.</param>
/// <param name="ReadCelsius">What was measured, °C.</param>
/// <param name="Means">probe or strip.</param>
public sealed record PlateReadingAnswer(long Id, string HeatSource, string Name, DateTimeOffset AtUtc, double DialCelsius,
    double ReadCelsius, string Means);

/// <summary>A test patch that was kept.</summary>
/// <param name="Id">Its id.</param>
/// <param name="On">What it was pressed with and on: press, vinyl, blank, in words.</param>
/// <param name="AtUtc">When it was judged.</param>
/// <param name="Celsius">What the plate was set to, °C.</param>
/// <param name="Seconds">Time closed, s.</param>
/// <param name="Pressure">light, medium or firm; null for as the plan said.</param>
/// <param name="Outcome">holds, lifts-a-little, lifts or marked.</param>
/// <param name="Struck">It was struck and counts no more.</param>
public sealed record KeptPatchAnswer(long Id, IReadOnlyList<string> On, DateTimeOffset AtUtc, double Celsius, double Seconds,
    string? Pressure, string Outcome, bool Struck);

/// <summary>What the workshop has learned.</summary>
/// <param name="Lessons">Presses first, then vinyls on blanks.</param>
/// <param name="Readings">Measured plates, newest first.</param>
/// <param name="Patches">Test patches, newest first.</param>
/// <param name="Repairs">Since when presses are as they are now, by heat source id; none for always.</param>
public sealed record LearnedAnswer(IReadOnlyList<Lesson> Lessons, IReadOnlyList<PlateReadingAnswer> Readings,
    IReadOnlyList<KeptPatchAnswer> Patches, IReadOnlyDictionary<string, DateTimeOffset> Repairs);
