using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Placement;

/// <summary>Where a plate is put so that it covers the artwork and, if it can, nothing thick.</summary>
/// <param name="Plate">The plate's place.</param>
/// <param name="Under">Thick features that it still lies on.</param>
public sealed record PlateFit(Box Plate, IReadOnlyList<Feature> Under)
{
    private const double StepMm = 5;

    // The print keeps this far from the plate's edge where it can: pressure falls off there (common practice).
    private const double EdgeMm = 15;

    /// <summary>Puts a plate over artwork: its middle on the print's middle, shifted as little as keeps it off what is thick.</summary>
    /// <param name="shape">The face.</param>
    /// <param name="art">The artwork's box.</param>
    /// <param name="widthMm">Plate width, mm.</param>
    /// <param name="heightMm">Plate height, mm.</param>
    public static PlateFit Over(BlankShape shape, Box art, double widthMm, double heightMm)
    {
        ArgumentNullException.ThrowIfNull(shape);
        var thick = shape.Features.Where(f => f.KeepsThePlateOff).ToList();
        var centred = new Box(art.XMm + art.WidthMm / 2 - widthMm / 2, art.YMm + art.HeightMm / 2 - heightMm / 2, widthMm, heightMm);
        // Beyond these shifts the print would come out under the plate's edge.
        var (free, down) = (Math.Max(0, (widthMm - art.WidthMm) / 2 - EdgeMm), Math.Max(0, (heightMm - art.HeightMm) / 2 - EdgeMm));
        var best = (Box: centred, Under: Lying(centred, thick), Shift: 0.0);
        foreach (var dx in Shifts(free))
        {
            foreach (var dy in Shifts(down))
            {
                var shift = Math.Abs(dx) + Math.Abs(dy);
                if (best.Under.Count == 0 && shift >= best.Shift)
                    continue;
                var box = centred with { XMm = centred.XMm + dx, YMm = centred.YMm + dy };
                var under = Lying(box, thick);
                if (under.Count < best.Under.Count || (under.Count == best.Under.Count && shift < best.Shift))
                    best = (box, under, shift);
            }
        }

        return new PlateFit(best.Box, best.Under);
    }

    private static List<Feature> Lying(Box plate, List<Feature> thick) => thick.FindAll(f => plate.Overlaps(f.Box));

    private static IEnumerable<double> Shifts(double most)
    {
        yield return 0;
        for (var mm = StepMm; mm <= most; mm += StepMm)
        {
            yield return mm;
            yield return -mm;
        }
    }
}
