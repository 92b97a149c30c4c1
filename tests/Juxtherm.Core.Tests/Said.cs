using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Words;

namespace Juxtherm.Testing;

/// <summary>What a reader is told.</summary>
internal static class SaidProblems
{
    /// <summary>The sentence of what cannot be done.</summary>
    public static string Said(this SaidException refused) => Language.English.WordsFor(UnitSystem.Metric).Say(refused.Says);

    /// <summary>The sentence of a problem, with the place in it as it was found.</summary>
    public static string Said(this Problem problem) => Language.English.WordsFor(UnitSystem.Metric).Say(problem.Says);
}
