namespace Juxtherm.Core.Plans.Stages;

/// <summary>A time that the plate was closed.</summary>
/// <param name="Seconds">How long, s.</param>
/// <param name="OpenBefore">How long it was open since it was closed at this place before, s; 0 for the first time.</param>
public sealed record Closing(double Seconds, double OpenBefore);
