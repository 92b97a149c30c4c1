namespace Juxtherm.Core.Catalogue;

/// <summary>How a figure came to be here.</summary>
public enum ProvenanceKind
{
    /// <summary>A named standard, handbook or data set says so.</summary>
    Published,

    /// <summary>What crafters commonly do; no single source.</summary>
    CommonPractice,

    /// <summary>General knowledge recalled, not checked against a source.</summary>
    FromMemory,

    /// <summary>The wrapper of the vinyl, as its owner typed it.</summary>
    Wrapper,

    /// <summary>The workshop's owner set or measured it.</summary>
    Owner,

    /// <summary>This workshop's own logbook taught it.</summary>
    Logbook,
}

/// <summary>Where a figure comes from.</summary>
/// <param name="Kind">What sort of source.</param>
/// <param name="Source">For the reader: the source's name, or what the figure rests on.</param>
public sealed record Provenance(ProvenanceKind Kind, string Source);

/// <summary>A value together with where it comes from.</summary>
/// <typeparam name="T">What is stated.</typeparam>
/// <param name="Value">The value.</param>
/// <param name="From">Its source.</param>
public sealed record Sourced<T>(T Value, Provenance From);

/// <summary>A span of values, both ends included.</summary>
/// <param name="Low">Lower end.</param>
/// <param name="High">Upper end, not below the lower.</param>
public readonly record struct Span(double Low, double High)
{
    /// <summary>The middle.</summary>
    public double Middle => (Low + High) / 2;
}
