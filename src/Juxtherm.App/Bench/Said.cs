namespace Juxtherm.App.Bench;

/// <summary>What became of something said.</summary>
/// <param name="Run">Where the run stands now; null when there is none.</param>
/// <param name="OutOfStep">It was said to a step that is no longer the current one, and was not taken in.</param>
public sealed record Said(OpenRun? Run, bool OutOfStep);
