using Juxtherm.Core.Artwork;

namespace Juxtherm.Core.Cutting.Nesting;

/// <summary>Something that is placed on a sheet as one: it is moved and turned, never bent or turned over.</summary>
public sealed class NestPart
{
    internal NestPart(string key, Ground ground, bool boxed) => (Key, Ground, Boxed) = (key, ground, boxed);

    /// <summary>Pieces of one key are alike; their places can be swapped.</summary>
    public string Key { get; }

    /// <summary>Its whole box is kept clear, not only its true shape.</summary>
    public bool Boxed { get; }

    /// <summary>Its area, mm².</summary>
    public double AreaMm2 => Ground.Area;

    /// <summary>What must keep its margin from everything else, mm.</summary>
    internal Ground Ground { get; }

    /// <summary>A piece of a shape at its own size.</summary>
    /// <param name="key">Pieces of one key are alike.</param>
    /// <param name="shape">The shape.</param>
    /// <param name="boxed">Its whole box is kept clear.</param>
    public static NestPart Of(string key, CutShape shape, bool boxed = false)
    {
        ArgumentNullException.ThrowIfNull(shape);
        return new NestPart(key, shape.Ground, boxed);
    }

    /// <summary>The piece where it lies, as path data in mm on the sheet.</summary>
    /// <param name="place">Where it lies.</param>
    public string PathAt(NestPosition place) => CutShape.Write(Layouts.Placed(Ground, place));
}

/// <summary>A sheet that pieces can be placed on: x across from 0 to its width, y along the feed from 0 to its length.</summary>
/// <param name="Id">Which stock it is.</param>
/// <param name="WidthMm">mm.</param>
/// <param name="LengthMm">mm.</param>
/// <param name="CornerWidthMm">Width of the corner at the origin that is gone, mm; 0 for none.</param>
/// <param name="CornerLengthMm">Length of that corner, mm.</param>
/// <param name="UsedWhole">It is on hand and small: using it up costs nothing. Otherwise the length used counts.</param>
public sealed record NestSheet(string Id, double WidthMm, double LengthMm, double CornerWidthMm = 0, double CornerLengthMm = 0,
    bool UsedWhole = false);

/// <summary>How pieces may be placed.</summary>
/// <param name="MarginMm">Least distance between pieces, mm.</param>
/// <param name="EdgeMm">Least distance from the edges of the sheet, mm.</param>
/// <param name="Turns">Angles that pieces may be turned by, degrees; 0 is always among them.</param>
public sealed record NestRules(double MarginMm, double EdgeMm, IReadOnlyList<double> Turns)
{
    /// <summary>Nothing is turned: the vinyl has a right way up.</summary>
    public static IReadOnlyList<double> Upright { get; } = [0];

    /// <summary>By quarters.</summary>
    public static IReadOnlyList<double> Quarters { get; } = [0, 90, 180, 270];

    /// <summary>By eighths, for few pieces.</summary>
    public static IReadOnlyList<double> Eighths { get; } = [0, 90, 45, 135, 180, 270, 225, 315];
}

/// <summary>Where a piece lies: turned about its own origin, then moved.</summary>
/// <param name="Piece">Index of the piece.</param>
/// <param name="Sheet">Index of the sheet.</param>
/// <param name="Degrees">Turned by, clockwise as seen with y down, degrees.</param>
/// <param name="Dx">Then moved by, mm.</param>
/// <param name="Dy">Then moved by, mm.</param>
public readonly record struct NestPosition(int Piece, int Sheet, double Degrees, double Dx, double Dy);

/// <summary>All pieces placed, as far as they have room.</summary>
/// <param name="Places">Where they lie.</param>
/// <param name="LeftOver">Indexes of pieces for which no sheet has room.</param>
/// <param name="SheetLengthsMm">Length used of each sheet, its edge included, mm.</param>
/// <param name="CostMm">Sum of the lengths that count, mm.</param>
public sealed record NestLayout(IReadOnlyList<NestPosition> Places, IReadOnlyList<int> LeftOver, IReadOnlyList<double> SheetLengthsMm,
    double CostMm)
{
    /// <summary>Better: more pieces placed, or the same in less length.</summary>
    /// <param name="other">The other layout.</param>
    public bool IsBetterThan(NestLayout? other) =>
        other is null || LeftOver.Count < other.LeftOver.Count || (LeftOver.Count == other.LeftOver.Count && CostMm < other.CostMm - 1e-9);
}

/// <summary>How far nesting has come.</summary>
/// <param name="Share">Share of the work that was set out to do, 0 to 1.</param>
/// <param name="Best">The best so far.</param>
public sealed record NestProgress(double Share, NestLayout Best);
