using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>The front of a cap: the panels above the brim.</summary>
public sealed class Cap : IPattern
{
    /// <inheritdoc/>
    public string Id => "cap";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var (w, h) = (tape.Width, tape.Height);

        var brim = tape["brimWidth"];
        List<Spot> outline =
        [
            new(w / 2 - brim / 2, h + 12), .. Shapes.Arc(w / 2, h, w / 2 + 12, h * 1.5, 180, 360), new(w / 2 + brim / 2, h + 12),
            .. Shapes.Arc(w / 2, h + 12, brim / 2, 40, 0, 180),
        ];
        return new DrawnItem(outline, Shapes.Rounded(0, 0, w, h, h * 0.35),
            [Feature.Boxed(FeatureKind.Seam, "brim seam", new Box(0, h - 4, w, 4))],
            new Dictionary<string, (Spot, Spot)>(StringComparer.Ordinal)
            {
                ["brimWidth"] = (new(w / 2 - brim / 2, h + 14), new(w / 2 + brim / 2, h + 14)),
            });
    }
}
