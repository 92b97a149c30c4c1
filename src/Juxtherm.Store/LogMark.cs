namespace Juxtherm.Store;

/// <summary>Pieces alike, for the picture of how much room.</summary>
/// <param name="Celsius">What the plate was set to, °C.</param>
/// <param name="Seconds">How long, s.</param>
/// <param name="Outcomes">What was seen.</param>
/// <param name="Count">How many.</param>
public sealed record LogMark(double Celsius, double Seconds, IReadOnlyList<string> Outcomes, int Count);
