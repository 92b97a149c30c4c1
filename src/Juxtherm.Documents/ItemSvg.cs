using System.Globalization;
using System.Security;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Jobs;

namespace Juxtherm.Documents;

/// <summary>What all SVG pictures of an item have in common.</summary>
internal static class ItemSvg
{
    /// <summary>Colour of an item.</summary>
    public const string Fill = "#f2ede2";

    private const string Uncoloured = "#777777";

    /// <summary>The value of a <c>points</c> attribute, mm.</summary>
    public static string Points(IEnumerable<Spot> places) =>
        string.Join(' ', places.Select(p => string.Create(CultureInfo.InvariantCulture, $"{p.X:0.##},{p.Y:0.##}")));

    /// <summary>Colour of a layer, safe to stand in an attribute.</summary>
    public static string? Paint(JobLayer layer) => SecurityElement.Escape(layer.Colour ?? Uncoloured);
}
