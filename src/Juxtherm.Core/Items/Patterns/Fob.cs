using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>A key fob with a ring at its top.</summary>
public sealed class Fob : IPattern
{
    /// <inheritdoc/>
    public string Id => "fob";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var (w, h) = (tape.Width, tape.Height);

        var ring = tape["ring"];
        var outline = Shapes.Rounded(0, 0, w, h, w * 0.2);
        return new DrawnItem(outline, outline, [Feature.Boxed(FeatureKind.Metal, "ring", new Box(w / 2 - ring / 2, 0, ring, ring + 3))],
            new Dictionary<string, (Spot, Spot)>(StringComparer.Ordinal)
            {
                ["ring"] = (new(w / 2 - ring / 2, ring / 2), new(w / 2 + ring / 2, ring / 2)),
            });
    }
}
