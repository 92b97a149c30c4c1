namespace Juxtherm.App.Bench;

/// <summary>What became of a start.</summary>
/// <param name="Run">The run; null when it did not start.</param>
/// <param name="Stop">The plan's stop, when that is why.</param>
public sealed record Started(OpenRun? Run, string? Stop);
