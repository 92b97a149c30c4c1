namespace Juxtherm.Core.Runs;

/// <summary>What is wanted of a piece.</summary>
internal static class Wishes
{
    /// <summary>Most pieces of one run.</summary>
    public const int MostPieces = 999;
    private const int LongestName = 60;

    public static WantedPiece Wanted(Scene scene)
    {
        if (scene.Said.Wanted is not { Name: not null } wanted || (scene.Script.Named && string.IsNullOrWhiteSpace(wanted.Name)))
            throw new BenchRefusedException("no-name", scene.Words.Say("refused.no-name"));
        if (wanted.Name.Length > LongestName)
            throw new BenchRefusedException("no-name", scene.Words.Say("refused.no-name-2", ("longestName", LongestName)));
        return wanted with { Name = wanted.Name.Trim() };
    }
}
