using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Rehearsal;

/// <summary>A press of a plan as it was really done.</summary>
/// <param name="Press">The press.</param>
/// <param name="Closings">Every time that the plate was closed, in order.</param>
/// <param name="PlateCelsius">The plate's face, °C.</param>
internal sealed record DoneInModel(PlannedPress Press, IReadOnlyList<Closing> Closings, double PlateCelsius);
