using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>A mug's wall unrolled, from one side of the handle to the other.</summary>
public sealed class Mug : IPattern
{
    /// <inheritdoc/>
    public string Id => "mug";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var (w, h) = (tape.Width, tape.Height);

        var (rim, foot) = (tape["rim"], tape["foot"]);
        List<Feature> features =
        [
            Feature.Boxed(FeatureKind.Hem, "rim, stays bare", new Box(0, 0, w, rim)),
            Feature.Boxed(FeatureKind.Hem, "foot", new Box(0, h - foot, w, foot)),
        ];
        return new DrawnItem(Shapes.Rectangle(-20, 0, w + 40, h), Shapes.Rectangle(0, 0, w, h), features,
            new Dictionary<string, (Spot, Spot)>(StringComparer.Ordinal)
            {
                ["rim"] = (new(15, 0), new(15, rim)),
                ["foot"] = (new(15, h - foot), new(15, h)),
            });
    }
}
