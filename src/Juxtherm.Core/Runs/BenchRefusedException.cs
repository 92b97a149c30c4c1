namespace Juxtherm.Core.Runs;

/// <summary>Why the bench does not take an action.</summary>
/// <param name="code">A stable word.</param>
/// <param name="message">For the reader.</param>
public sealed class BenchRefusedException(string code, string message) : Exception(message)
{
    /// <summary>A stable word, such as hold-not-over, not-cool-yet, not-holding, nothing-to-record, no-way-back or run-over.</summary>
    public string Code { get; } = code;
}
