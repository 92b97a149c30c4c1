using Juxtherm.Core.Logbook;

namespace Juxtherm.App.Logbook;

/// <summary>Alike outcomes at one setting.</summary>
/// <param name="Celsius">What the plate was set to, °C.</param>
/// <param name="Seconds">How long, s.</param>
/// <param name="Showed">What they showed of their heat; null where it says nothing.</param>
/// <param name="Outcomes">What was seen.</param>
/// <param name="Count">How many.</param>
public sealed record LogMarkAnswer(double Celsius, double Seconds, Showing? Showed, IReadOnlyList<string> Outcomes, int Count);
