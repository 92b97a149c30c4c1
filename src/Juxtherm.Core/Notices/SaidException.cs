namespace Juxtherm.Core.Notices;

/// <summary>Something that cannot be done, with what the reader is told of it.</summary>
/// <param name="says">What is said.</param>
/// <param name="inner">What led to it.</param>
public abstract class SaidException(Phrase says, Exception? inner = null) : Exception(says?.Key, inner)
{
    /// <summary>What is said.</summary>
    public Phrase Says { get; } = says ?? throw new ArgumentNullException(nameof(says));
}
