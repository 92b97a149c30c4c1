using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>A stocking with a cuff, the toe to the right.</summary>
public sealed class Stocking : IPattern
{
    /// <inheritdoc/>
    public string Id => "stocking";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var (w, h) = (tape.Width, tape.Height);

        var (foot, cuff) = (Math.Max(tape["footLength"], w), tape["cuffHeight"]);
        IReadOnlyList<Spot> outline = [new(0, 0), new(w, 0), new(w, h * 0.62),
            .. Shapes.Arc(foot - h * 0.19, h * 0.81, h * 0.19, h * 0.19, -90, 90), new(w * 0.2, h), new(0, h * 0.9)];
        // The foot turns away from the leg: what is pressed lies on the leg.
        return new DrawnItem(outline, Shapes.Rectangle(0, 0, w, h * 0.9),
            [Feature.Boxed(FeatureKind.Hem, "cuff seam", new Box(0, cuff - 4, w, 8))],
            new Dictionary<string, (Spot, Spot)>(StringComparer.Ordinal)
            {
                ["freeWidth"] = (new(0, cuff + 60), new(w, cuff + 60)),
                ["footLength"] = (new(0, h - 12), new(foot, h - 12)),
                ["cuffHeight"] = (new(16, 0), new(16, cuff)),
            });
    }
}
