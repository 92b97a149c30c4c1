namespace Juxtherm.Core.Plans.Stages;

/// <summary>A sentence of a derivation.</summary>
/// <param name="Text">In the reader's units.</param>
/// <param name="From">Where the figure in it comes from; null where it was computed here.</param>
public sealed record DerivationLine(string Text, string? From);

/// <summary>Where a figure of a plan comes from: what went in, where that is from, and what limits it.</summary>
/// <param name="Figure">Which: celsius, seconds, pressure, peel, bond, burden or hottest-cloth.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Shown">The figure, in the reader's units.</param>
/// <param name="Lines">The derivation.</param>
public sealed record Derivation(string Figure, string Name, string Shown, IReadOnlyList<DerivationLine> Lines);
