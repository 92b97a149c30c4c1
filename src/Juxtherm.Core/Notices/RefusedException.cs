namespace Juxtherm.Core.Notices;

/// <summary>Something that does not fit what is there now; nothing was changed.</summary>
/// <param name="code">A stable word.</param>
/// <param name="says">What is said.</param>
public abstract class RefusedException(string code, Phrase says) : SaidException(says)
{
    /// <summary>A stable word.</summary>
    public string Code { get; } = code;
}
