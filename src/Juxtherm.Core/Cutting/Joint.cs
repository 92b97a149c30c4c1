using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Cutting;

/// <summary>How two parts of a split meet.</summary>
public enum JointKind
{
    /// <summary>Between pieces that never hung together: no seam is seen.</summary>
    Gap,

    /// <summary>Edge to edge.</summary>
    Butt,

    /// <summary>A little over each other.</summary>
    Overlap,
}

/// <summary>Where two parts of a split meet, as the artwork is drawn.</summary>
/// <param name="Kind">How.</param>
/// <param name="Line">The line between them, mm, from one side of the artwork to the other.</param>
/// <param name="SeamMm">How much vinyl it crosses, mm; 0 for a gap.</param>
public sealed record Joint(JointKind Kind, IReadOnlyList<Spot> Line, double SeamMm);

/// <summary>A part of what was split.</summary>
/// <param name="Number">From 1, in the order of laying.</param>
/// <param name="Ground">Its vinyl, as the artwork is drawn.</param>
/// <param name="Marks">Small squares outside the artwork that lie on those of the neighbour.</param>
internal sealed record SplitPart(int Number, Ground Ground, IReadOnlyList<Ground> Marks);

/// <summary>A split.</summary>
/// <param name="Parts">Its parts; one when nothing had to be split.</param>
/// <param name="Joints">Where they meet.</param>
internal sealed record SplitPlan(IReadOnlyList<SplitPart> Parts, IReadOnlyList<Joint> Joints);
