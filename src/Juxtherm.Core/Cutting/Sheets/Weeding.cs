using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;

namespace Juxtherm.Core.Cutting.Sheets;

/// <summary>What weeding a layer asks for.</summary>
/// <param name="Centres">Centres to pick out.</param>
/// <param name="Pieces">Pieces that stay.</param>
/// <param name="Delicate">Places that want care, by this vinyl's own limit.</param>
/// <param name="Seconds">About how long it takes, s: a sum of typical parts, not measured on anybody's hands.</param>
public sealed record Weeding(int Centres, int Pieces, int Delicate, double Seconds)
{
    private const double MmPerMetre = 1000;

    /// <summary>For a layer.</summary>
    /// <param name="layer">The layer.</param>
    /// <param name="figures">How long each part takes.</param>
    /// <returns>Null while its shape is not known.</returns>
    public static Weeding? Of(JobLayer layer, WeedingFigures figures)
    {
        ArgumentNullException.ThrowIfNull(layer);
        ArgumentNullException.ThrowIfNull(figures);
        if (layer.Measures is not { } m)
            return null;
        var delicate = layer.DelicatePlaces.Count;
        return new Weeding(m.Holes, m.Pieces, delicate, SecondsOf(layer.Vinyl, figures, m.Holes, m.Pieces, m.PerimeterMm, delicate));
    }

    /// <summary>About how long something takes to weed, s.</summary>
    /// <param name="vinyl">The vinyl.</param>
    /// <param name="figures">How long each part takes.</param>
    /// <param name="centres">Centres to pick out.</param>
    /// <param name="pieces">Pieces that stay.</param>
    /// <param name="perimeterMm">Length of all cuts, mm.</param>
    /// <param name="delicate">Places that want care.</param>
    public static double SecondsOf(Vinyl vinyl, WeedingFigures figures, int centres, int pieces, double perimeterMm, int delicate)
    {
        ArgumentNullException.ThrowIfNull(vinyl);
        ArgumentNullException.ThrowIfNull(figures);
        var seconds = figures.Seconds.Value + centres * figures.SecondsPerCentre.Value + pieces * figures.SecondsPerPiece.Value +
            perimeterMm / MmPerMetre * figures.SecondsPerMetre.Value + delicate * figures.SecondsPerDelicatePlace.Value;
        return Math.Round(seconds * vinyl.Cut.WeedEffort.Value);
    }
}
