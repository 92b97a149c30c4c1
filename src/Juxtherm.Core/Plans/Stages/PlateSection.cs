using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>A placement of the plate.</summary>
/// <param name="XMm">Left edge from the blank's left, mm.</param>
/// <param name="YMm">Upper edge from the blank's top, mm.</param>
/// <param name="WidthMm">mm.</param>
/// <param name="HeightMm">mm.</param>
public sealed record PlateSection(double XMm, double YMm, double WidthMm, double HeightMm)
{
    /// <summary>Turned clockwise about its middle, °; 0 where it lies straight.</summary>
    public int SlantDegrees { get; init; }

    /// <summary>It lies a quarter turned: its width is the plate's height.</summary>
    public bool QuarterTurn { get; init; }

    /// <summary>How to lay it, in the reader's units.</summary>
    public string LayBy { get; init; } = "";

    /// <summary>Distances to lay it by.</summary>
    public IReadOnlyList<SectionMark> Marks { get; init; } = [];

    /// <summary>Seams of the pressed face that lie under it: beside them the vinyl is pressed some more.</summary>
    public IReadOnlyList<string> SeamsBeside { get; init; } = [];

    /// <summary>What is thick and lies under it all the same.</summary>
    public IReadOnlyList<string> Under { get; init; } = [];
}

/// <summary>A distance to lay the plate by.</summary>
/// <param name="From">What it is measured from.</param>
/// <param name="Mm">mm; below zero to the left of or above it.</param>
/// <param name="Start">Where the tape begins in the picture.</param>
/// <param name="End">Where it ends.</param>
public sealed record SectionMark(string From, double Mm, Spot Start, Spot End);
