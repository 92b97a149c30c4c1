namespace Juxtherm.Core.Runs;

/// <summary>Remarks.</summary>
public static class Notes
{
    /// <summary>Longest remark kept, characters.</summary>
    public const int Longest = 500;

    /// <summary>A remark as it is kept.</summary>
    internal static string Clean(string? note) => note is null ? "" : note.Length <= Longest ? note.Trim() : note[..Longest].Trim();
}
