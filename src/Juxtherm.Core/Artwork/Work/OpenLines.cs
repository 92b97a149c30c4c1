using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Artwork.Work;

/// <summary>Widens lines and gaps within the artwork to what a hook can get into.</summary>
internal sealed class OpenLines : ILayerWork
{
    private const int Rounds = 10;

    // What closing fills in corners is no line: it takes up less than this share of the width's square.
    private const double LeastShare = 0.7;

    public string Id => "open-lines";

    public (double Least, double Most, double Usual)? Length => (0.2, 5, 1);

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) =>
        Desk.Each(layers, l => order.Chosen.Contains(l.Id, StringComparer.Ordinal) ? l.With(Opened(l.Ground, order.Mm)) : l);

    /// <summary>A little on both sides at a time, until nothing narrower is left.</summary>
    private static Ground Opened(Ground ground, double widthMm)
    {
        for (var round = 0; round < Rounds; round++)
        {
            // Without a hair, so that what is as wide as asked counts as open.
            var half = widthMm * 0.49;
            var closed = Plane.Offset(Plane.Offset(ground, half), -half);
            var narrow = Plane.Parts(Plane.Difference(closed, ground)).Where(p => p.Area > LeastShare * widthMm * widthMm).ToList();
            if (narrow.Count == 0)
                break;
            ground = Plane.Difference(ground, Plane.Offset(Plane.Of(narrow), widthMm / 2 / Rounds));
        }

        return ground;
    }
}
