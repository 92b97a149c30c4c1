using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>Where the artwork goes on a face, as a hand finds it.</summary>
/// <param name="Face">Which side.</param>
/// <param name="Size">In which size; null where there are no sizes.</param>
/// <param name="DropMm">From there to the artwork's upper edge, mm.</param>
/// <param name="From">What the drop is measured from: the collar, the upper edge.</param>
/// <param name="LeftMm">From the item's left side to the artwork, mm.</param>
/// <param name="RightMm">From the artwork to its right side, mm.</param>
/// <param name="OffMiddleMm">Right of the middle line, mm; below zero to the left.</param>
/// <param name="Artwork">The box around it, mm on the face.</param>
/// <param name="Text">The same in words, in the reader's units.</param>
public sealed record Placing(Face Face, string? Size, double DropMm, string From, double LeftMm, double RightMm, double OffMiddleMm,
    Box Artwork, string Text)
{
    /// <summary>The two figures that a hand needs: how far down, and where the middle goes; null in plans of before.</summary>
    public string? Brief { get; init; }
}
