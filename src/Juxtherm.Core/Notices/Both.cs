namespace Juxtherm.Core.Notices;

/// <summary>Things named together within a sentence.</summary>
internal static class Both
{
    /// <summary>They, with “and” between them.</summary>
    public static string Of(IEnumerable<string> named, IWords words) => string.Join(words.Say("both.and"), named);
}
