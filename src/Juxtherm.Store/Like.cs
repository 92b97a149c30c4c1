namespace Juxtherm.Store;

/// <summary>Searches for what somebody typed, whatever signs are in it.</summary>
internal static class Like
{
    public const string Escape = "\\";

    /// <summary>Finds it anywhere in a text.</summary>
    public static string Anywhere(string text) =>
        $"%{text.Replace("\\", "\\\\", StringComparison.Ordinal).Replace("%", "\\%", StringComparison.Ordinal)
            .Replace("_", "\\_", StringComparison.Ordinal)}%";
}
