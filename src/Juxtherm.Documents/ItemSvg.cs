using System.Globalization;
using System.Security;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Jobs;
using SkiaSharp;

namespace Juxtherm.Documents;

/// <summary>What all SVG pictures of an item have in common.</summary>
internal static class ItemSvg
{
    private const string Cloth = "#f2ede2";
    private const string Dark = "#221e19";
    private const string Uncoloured = "#777777";

    /// <summary>Colour of an item, safe to stand in an attribute; that of raw cloth where none is said.</summary>
    public static string Fill(Blank blank) => SecurityElement.Escape(blank.Colour ?? Cloth)!;

    /// <summary>Colour of lines that are seen on an item.</summary>
    public static string Ink(Blank blank) =>
        ColourWords.Difference(Fill(blank), Dark) < ColourWords.Difference(Fill(blank), Cloth) ? Cloth : Dark;

    /// <summary>The value of a <c>points</c> attribute, mm.</summary>
    public static string Points(IEnumerable<Spot> places) =>
        string.Join(' ', places.Select(p => string.Create(CultureInfo.InvariantCulture, $"{p.X:0.##},{p.Y:0.##}")));

    /// <summary>A closed line as path data, mm.</summary>
    public static string Path(IEnumerable<Spot> places) => $"M{Points(places)}Z";

    /// <summary>A colour for what is painted with pixels.</summary>
    public static SKColor Colour(string? hex) => SKColor.TryParse(hex, out var colour) ? colour : SKColors.Gray;

    /// <summary>Colour of a layer, safe to stand in an attribute.</summary>
    public static string? Paint(JobLayer layer) => SecurityElement.Escape(layer.Colour ?? Uncoloured);
}
