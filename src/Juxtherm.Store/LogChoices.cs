namespace Juxtherm.Store;

/// <summary>What can be chosen from in the logbook.</summary>
/// <param name="Vinyls">Vinyl ids.</param>
/// <param name="Materials">Material ids.</param>
/// <param name="HeatSources">Heat source ids.</param>
/// <param name="Lots">Lots.</param>
/// <param name="People">Names.</param>
public sealed record LogChoices(IReadOnlyList<string> Vinyls, IReadOnlyList<string> Materials, IReadOnlyList<string> HeatSources,
    IReadOnlyList<string> Lots, IReadOnlyList<string> People);
