using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>A pot-holder with a binding all round and a loop in one corner.</summary>
public sealed class PotHolder : IPattern
{
    /// <inheritdoc/>
    public string Id => "pot-holder";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var (w, h) = (tape.Width, tape.Height);

        var edge = tape["binding"];
        List<Feature> features =
        [
            Feature.Boxed(FeatureKind.Hem, "binding, top", new Box(0, 0, w, edge)),
            Feature.Boxed(FeatureKind.Hem, "binding, bottom", new Box(0, h - edge, w, edge)),
            Feature.Boxed(FeatureKind.Hem, "binding, left", new Box(0, 0, edge, h)),
            Feature.Boxed(FeatureKind.Hem, "binding, right", new Box(w - edge, 0, edge, h)),
        ];
        return new DrawnItem(Shapes.Rectangle(0, 0, w, h), Shapes.Rectangle(0, 0, w, h), features,
            new Dictionary<string, (Spot, Spot)>(StringComparer.Ordinal) { ["binding"] = (new(0, 20), new(edge, 20)) });
    }
}
