using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Planning;

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
        var seconds = figures.Seconds.Value + m.Holes * figures.SecondsPerCentre.Value + m.Pieces * figures.SecondsPerPiece.Value +
            m.PerimeterMm / MmPerMetre * figures.SecondsPerMetre.Value + delicate * figures.SecondsPerDelicatePlace.Value;
        return new Weeding(m.Holes, m.Pieces, delicate, Math.Round(seconds * layer.Vinyl.WeedEffort.Value));
    }
}
