using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>A bag with two handles.</summary>
public sealed class Tote : IPattern
{
    /// <inheritdoc/>
    public string Id => "tote";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var (w, h) = (tape.Width, tape.Height);

        var (spread, handle, hem) = (tape["handleSpread"], tape["handleWidth"], tape["hem"]);
        List<Feature> features =
        [
            Feature.Boxed(FeatureKind.Hem, "upper hem", new Box(0, 0, w, hem)),
            Feature.Boxed(FeatureKind.Handle, "handle, left", new Box(w / 2 - spread / 2 - handle, 0, handle, hem + 15)),
            Feature.Boxed(FeatureKind.Handle, "handle, right", new Box(w / 2 + spread / 2, 0, handle, hem + 15)),
            Feature.Boxed(FeatureKind.Seam, "bottom seam", new Box(0, h - 10, w, 10)),
        ];
        return new DrawnItem(Shapes.Rectangle(0, 0, w, h), Shapes.Rectangle(0, 0, w, h), features,
            new Dictionary<string, (Spot, Spot)>(StringComparer.Ordinal)
            {
                ["hem"] = (new(20, 0), new(20, hem)),
                ["handleSpread"] = (new(w / 2 - spread / 2, 10), new(w / 2 + spread / 2, 10)),
                ["handleWidth"] = (new(w / 2 + spread / 2, 20), new(w / 2 + spread / 2 + handle, 20)),
            });
    }
}
