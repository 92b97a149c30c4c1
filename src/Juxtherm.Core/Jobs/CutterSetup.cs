using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Jobs;

/// <summary>A cutter as it stands ready: how wide and long it cuts.</summary>
/// <param name="Cutter">The kind of cutter.</param>
/// <param name="WidthMm">Widest it cuts, mm.</param>
/// <param name="LengthMm">Longest it cuts in one go, mm.</param>
/// <param name="Matless">The vinyl needs no mat, so it must fill the guides.</param>
/// <param name="Said">Somebody said that this is the cutter; otherwise it is assumed.</param>
public sealed record CutterSetup(Cutter Cutter, double WidthMm, double LengthMm, bool Matless, bool Said)
{
    /// <summary>How far parts of a split lie over each other where vinyl may lie on itself, mm.</summary>
    public double JointOverlapMm { get; init; }

    /// <summary>Sets up a cutter.</summary>
    /// <param name="cutter">The kind.</param>
    /// <param name="widthMm">Its own width, mm; null for the kind's.</param>
    /// <param name="lengthMm">Its own length, mm; null for the kind's.</param>
    /// <param name="matless">The vinyl needs no mat.</param>
    /// <param name="said">Somebody said that this is the cutter.</param>
    /// <param name="figures">Figures of cutting.</param>
    public static CutterSetup Of(Cutter cutter, double? widthMm, double? lengthMm, bool matless, bool said, CuttingFigures figures)
    {
        ArgumentNullException.ThrowIfNull(cutter);
        ArgumentNullException.ThrowIfNull(figures);
        return new CutterSetup(cutter, widthMm ?? cutter.CutWidthMm.Value, lengthMm
            ?? (matless ? cutter.MatlessLengthMm : cutter.MatLengthMm).Value, matless,
            said)
        { JointOverlapMm = figures.JointOverlapMm.Value };
    }
}
