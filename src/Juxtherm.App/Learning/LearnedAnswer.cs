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

/// <summary>What the workshop has learned.</summary>
/// <param name="Lessons">Presses first, then vinyls on blanks.</param>
/// <param name="Readings">Measured plates, newest first.</param>
public sealed record LearnedAnswer(IReadOnlyList<Lesson> Lessons, IReadOnlyList<PlateReadingAnswer> Readings);
