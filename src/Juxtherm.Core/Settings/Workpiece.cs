using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Settings;

/// <summary>What lies in the press: everything about a job that heat can feel.</summary>
/// <param name="Vinyl">The vinyl, one layer of it.</param>
/// <param name="Material">What the blank is made of.</param>
/// <param name="Form">What kind of item it is.</param>
/// <param name="Source">The press.</param>
/// <param name="Cover">The cover sheet.</param>
/// <param name="Underlay">What lies underneath.</param>
public sealed record Workpiece(Vinyl Vinyl, Material Material, ItemForm Form, HeatSource Source, Supply Cover, Supply Underlay)
{
    /// <summary>Sheet id of the vinyl where there is one layer only, and what the ids of several begin with.</summary>
    public const string VinylSheet = "vinyl";

    /// <summary>Sheet id of the carrier.</summary>
    public const string CarrierSheet = "carrier";

    /// <summary>Sheet id of the cover.</summary>
    public const string CoverSheet = "cover";

    /// <summary>Sheet id of the underlay.</summary>
    public const string UnderlaySheet = "underlay";

    /// <summary>Sheet id of a layer of vinyl.</summary>
    /// <param name="layer">The layer's id.</param>
    public static string SheetOf(string layer) => layer == VinylSheet ? VinylSheet : $"{VinylSheet}-{layer}";

    /// <summary>Sheet id of the blank's layer under the print, counted from the face.</summary>
    public static string BlankSheet(int layer) => layer == 0 ? "face" : $"back-{layer}";

    /// <summary>A cover sheet lies over the work; the carrier alone and nothing at all are no cover.</summary>
    public bool HasCover => Cover.Thermal is not null;

    /// <summary>What charts silently assume for this vinyl: swing-away press, medium, PTFE, a plain cotton tee, a pad.</summary>
    /// <param name="catalogue">The catalogue.</param>
    /// <param name="vinyl">The vinyl.</param>
    public static Workpiece Reference(CatalogueSnapshot catalogue, Vinyl vinyl)
    {
        ArgumentNullException.ThrowIfNull(catalogue);
        return new Workpiece(vinyl, catalogue.Materials[ReferencePractice.Material], catalogue.Forms[ReferencePractice.Form],
            catalogue.HeatSources[ReferencePractice.HeatSource], catalogue.Covers[ReferencePractice.Cover],
            catalogue.Underlays[ReferencePractice.Underlay]);
    }
}

/// <summary>The temperature scale that the work's two integrals are counted on.</summary>
internal static class DoseScales
{
    public static DoseScale Bond(WorkFigures work, Vinyl vinyl) =>
        new(work.DoseReferenceCelsius.Value, work.DoseZKelvin.Value, vinyl.Bond.ActivationCelsius.Value);

    public static DoseScale HeatDose(WorkFigures work) => new(work.DoseReferenceCelsius.Value, work.DoseZKelvin.Value);
}
