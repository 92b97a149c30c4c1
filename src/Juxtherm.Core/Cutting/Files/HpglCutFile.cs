using System.Globalization;
using System.Text;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Cutting.Files;

/// <summary>
/// Writes a sheet as HPGL: 40 units to the millimetre, the plot's X along the feed and its Y across, so that seen from above nothing
/// is turned over. <c>FS</c> sets the force in grams and <c>VS</c> the speed in cm/s, as cutters commonly understand them.
/// </summary>
public static class HpglCutFile
{
    /// <summary>Units of a plotter in a millimetre (the HP-GL reference: 0.025 mm each).</summary>
    public const double UnitsPerMm = 40;

    /// <summary>Writes a file.</summary>
    /// <param name="strokes">Every line of the blade in order.</param>
    /// <param name="preset">How it is cut; every line is written once for each pass.</param>
    /// <param name="cutter">What it is cut with.</param>
    public static string Write(IReadOnlyList<CutStroke> strokes, CutPreset preset, Cutter cutter)
    {
        ArgumentNullException.ThrowIfNull(strokes);
        ArgumentNullException.ThrowIfNull(preset);
        ArgumentNullException.ThrowIfNull(cutter);
        var text = new StringBuilder();
        text.Append(CultureInfo.InvariantCulture, $"IN;SP1;FS{preset.ForceGrams:0};VS{cutter.CutMmPerSecond.Value / 10:0};\n");
        foreach (var stroke in strokes)
        {
            for (var pass = 0; pass < preset.Passes; pass++)
            {
                text.Append("PU").Append(Place(stroke.Points[0])).Append(";PD");
                text.AppendJoin(',', stroke.Points.Skip(1).Select(Place)).Append(";\n");
            }
        }

        return text.Append("PU0,0;SP0;\n").ToString();
    }

    private static string Place(Spot spot) =>
        string.Create(CultureInfo.InvariantCulture, $"{Math.Round(spot.Y * UnitsPerMm):0},{Math.Round(spot.X * UnitsPerMm):0}");
}
