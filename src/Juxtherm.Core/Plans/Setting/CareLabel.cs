using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Plans.Setting;

/// <summary>What the dots of a care label allow: the sole of an iron at the mark of as many dots.</summary>
internal static class CareLabel
{
    private const string Iron = "household-iron";

    /// <summary>Hottest that the label wants the cloth, °C; null where it says nothing of it.</summary>
    /// <param name="dots">Dots of its ironing symbol, 1 to 3; anything else says nothing.</param>
    /// <param name="catalogue">Knows the marks of an iron.</param>
    public static Sourced<double>? Cap(int? dots, CatalogueSnapshot catalogue) =>
        dots is >= 1 and var n && catalogue.HeatSources.TryGetValue(Iron, out var iron) && n <= iron.Dial.Marks.Count
        ? iron.Dial.Marks[n - 1].Celsius : null;

    /// <summary>A material with the label's limit where that is lower than its own; the label never raises one.</summary>
    /// <param name="material">The material.</param>
    /// <param name="cap">What the label allows.</param>
    public static Material Capped(this Material material, Sourced<double>? cap) =>
        cap is not null && cap.Value < material.Limit.Celsius.Value
        ? material with { Limit = material.Limit with { Celsius = cap, Consequence = "the item's label asks for less" } } : material;
}
