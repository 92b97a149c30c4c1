using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;

namespace Juxtherm.Core.Editing;

/// <summary>A layer as it will be cut.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Colour">As <c>#rrggbb</c>; null when not said.</param>
/// <param name="Path">Its outline where it lies, as path data in mm, filled by the even-odd rule.</param>
/// <param name="Box">Where it lies.</param>
/// <param name="AreaMm2">Vinyl that stays, mm².</param>
/// <param name="PerimeterMm">Length of all cuts, mm.</param>
/// <param name="Pieces">Pieces that stay.</param>
/// <param name="Centres">Centres to pick out.</param>
/// <param name="SmallestFeatureMm">Its narrowest place, mm.</param>
/// <param name="LimitMm">What its vinyl can be weeded down to, mm.</param>
/// <param name="LimitFrom">Where that figure comes from.</param>
/// <param name="Delicate">Places to ring.</param>
/// <param name="WeedSeconds">About how long weeding takes, s.</param>
public sealed record LayerLook(
    string Id, string? Colour, string Path, Box Box, double AreaMm2, double PerimeterMm, int Pieces, int Centres, double SmallestFeatureMm,
    double LimitMm, string LimitFrom,
    IReadOnlyList<DelicatePlace> Delicate, double WeedSeconds)
{
    /// <summary>How many lines of its outline each of its pieces has, in their order: its edge, then its holes.</summary>
    public IReadOnlyList<int> LinesOfPieces { get; init; } = [];
}

/// <summary>The artwork on one face.</summary>
/// <param name="Face">Which side.</param>
/// <param name="Around">The box around it; null while nothing is drawn.</param>
/// <param name="Layers">Layers with a shape, lowest first.</param>
/// <param name="Undrawn">Ids of layers that have none yet.</param>
/// <param name="WeedSeconds">About how long it takes to weed all of them, s.</param>
public sealed record ArtworkLook(Face Face, Box? Around, IReadOnlyList<LayerLook> Layers, IReadOnlyList<string> Undrawn, double WeedSeconds)
{
    /// <summary>Looks at a job's artwork.</summary>
    /// <param name="job">The job.</param>
    /// <param name="face">Which side.</param>
    /// <param name="figures">How long weeding takes.</param>
    public static ArtworkLook Of(Job job, Face face, WeedingFigures figures)
    {
        ArgumentNullException.ThrowIfNull(job);
        var here = job.Layers.Where(l => l.Face == face).ToList();
        var drawn = here.Where(l => l.Shape is not null).Select(l => Look(l, figures)).ToList();
        return new ArtworkLook(face, drawn.Count == 0
            ? null : Shapes.Around([.. drawn.Select(l => l.Box)]), drawn, [.. here.Where(l => l.Shape is null).Select(l => l.Id)],
            drawn.Sum(l => l.WeedSeconds));
    }

    private static LayerLook Look(JobLayer layer, WeedingFigures figures)
    {
        var box = layer.Box ?? new Box(0, 0, layer.WidthMm!.Value, layer.HeightMm!.Value);
        var (m, limit) = (layer.Measures!, layer.Vinyl.Cut.SmallestDetailMm);
        return new LayerLook(
            layer.Id, layer.Colour, layer.Shape!.PathIn(box), box, Math.Round(m.AreaMm2, 2), Math.Round(m.PerimeterMm, 1), m.Pieces,
            m.Holes, Math.Round(m.SmallestFeatureMm, 2), limit.Value, limit.From.Source,
            layer.DelicatePlaces, Weeding.Of(layer, figures)!.Seconds)
        {
            LinesOfPieces = layer.Shape.LinesOfPieces
        };
    }
}
