using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Reading;

/// <summary>One thing wrong with something that was read.</summary>
/// <param name="Pointer">Where, as a JSON Pointer (RFC 6901), e.g. <c>/layers/0/widthMm</c>; empty for the whole document.</param>
/// <param name="Says">What is wrong and what would be accepted.</param>
/// <param name="Code">A stable word for programs: <c>missing</c>, <c>wrong-type</c>, <c>out-of-range</c>, <c>unknown-id</c>, …</param>
public sealed record Problem(string Pointer, Phrase Says, string Code)
{
    /// <summary>The number that is out of bounds, with what would be accepted; null where it is no number.</summary>
    public OutOfBounds? Bounds { get; init; }
}

/// <summary>A number that is not accepted.</summary>
/// <param name="Value">As it was written; NaN where it is missing or no number.</param>
/// <param name="Least">Least accepted.</param>
/// <param name="Most">Most accepted.</param>
/// <param name="Unit">Unit of all three; empty for none.</param>
public sealed record OutOfBounds(double Value, double Least, double Most, string Unit);

/// <summary>Collects everything wrong with a document, so that the reader hears of all of it at once.</summary>
public sealed class Problems
{
    private readonly List<Problem> _found = [];

    /// <summary>What was found, in reading order.</summary>
    public IReadOnlyList<Problem> Found => _found;

    /// <summary>True when nothing is wrong.</summary>
    public bool None => _found.Count == 0;

    /// <summary>Adds one.</summary>
    public void Add(string pointer, Phrase says, string code) => Add(new Problem(pointer, says, code));

    /// <summary>Adds one.</summary>
    public void Add(Problem problem) => _found.Add(problem);

    /// <summary>Adds one where a number lies outside of what is accepted.</summary>
    /// <param name="pointer">Where.</param>
    /// <param name="value">The number.</param>
    /// <param name="least">Least accepted.</param>
    /// <param name="most">Most accepted.</param>
    /// <param name="unit">Unit of all three; empty for none.</param>
    public void Outside(string pointer, double value, double least, double most, string unit = "")
    {
        if (!(value >= least && value <= most))
            Add(new Problem(pointer,
                new Phrase("problems.outside", ("pointer", pointer), ("value", value), ("least", least), ("most", most), ("unit", unit)),
                "out-of-range")
            { Bounds = new OutOfBounds(value, least, most, unit) });
    }
}
