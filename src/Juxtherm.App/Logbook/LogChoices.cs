namespace Juxtherm.App.Logbook;

/// <summary>Something to choose.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">For the reader.</param>
public sealed record LogChoice(string Id, string Name);

/// <summary>What can be chosen from.</summary>
/// <param name="Vinyls">Vinyls.</param>
/// <param name="Materials">Materials.</param>
/// <param name="HeatSources">Presses.</param>
/// <param name="Lots">Lots.</param>
/// <param name="People">Names.</param>
public sealed record LogChoicesAnswer(IReadOnlyList<LogChoice> Vinyls, IReadOnlyList<LogChoice> Materials,
    IReadOnlyList<LogChoice> HeatSources, IReadOnlyList<string> Lots, IReadOnlyList<string> People);
