namespace Juxtherm.Core.Days.Scheduling;

/// <summary>Some of the work never finds hands, or no press is left for it.</summary>
public sealed class NoRoomException() : InvalidOperationException("Some of the work never finds hands or a press.");
