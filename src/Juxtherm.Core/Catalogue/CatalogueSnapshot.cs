using Juxtherm.Core.Artwork;

namespace Juxtherm.Core.Catalogue;

/// <summary>
/// Everything the planner knows about vinyls, blanks, presses and supplies at one moment: immutable, with a version that
/// changes when any figure does, so that a frozen plan can say what it was computed from.
/// </summary>
/// <param name="Version">A fingerprint of the files.</param>
/// <param name="Vinyls">By id.</param>
/// <param name="Materials">By id.</param>
/// <param name="HeatSources">By id.</param>
/// <param name="Forms">By id.</param>
/// <param name="Measures">By form id.</param>
/// <param name="Covers">By id.</param>
/// <param name="Underlays">By id.</param>
/// <param name="Carrier">The clear sheet that vinyl comes on.</param>
/// <param name="Work">Figures of the work itself.</param>
public sealed record CatalogueSnapshot(
    string Version,
    IReadOnlyDictionary<string, Vinyl> Vinyls,
    IReadOnlyDictionary<string, Material> Materials,
    IReadOnlyDictionary<string, HeatSource> HeatSources,
    IReadOnlyDictionary<string, ItemForm> Forms,
    IReadOnlyDictionary<string, FormMeasures> Measures,
    IReadOnlyDictionary<string, Supply> Covers,
    IReadOnlyDictionary<string, Supply> Underlays,
    Supply Carrier,
    WorkFigures Work)
{
    /// <summary>Cutters by id.</summary>
    public IReadOnlyDictionary<string, Cutter> Cutters { get; init; } = new Dictionary<string, Cutter>(StringComparer.Ordinal);

    /// <summary>Fonts to set words in; the workshop's own come and go.</summary>
    public FontCase Fonts { get; init; } = new();
}
