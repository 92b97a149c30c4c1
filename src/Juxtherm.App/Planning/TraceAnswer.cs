using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.App.Planning;

/// <summary>Temperatures over time behind a plan.</summary>
/// <param name="Phases">Phase by phase.</param>
public sealed record TraceAnswer(IReadOnlyList<TracePhase> Phases);
