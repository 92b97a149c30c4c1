using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>A canvas stretched on a frame: under its rim run the bars.</summary>
public sealed class Canvas : IPattern
{
    /// <inheritdoc/>
    public string Id => "canvas";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var (w, h) = (tape.Width, tape.Height);

        var bar = tape["barWidth"];
        List<Feature> bars =
        [
            Feature.Boxed(FeatureKind.Frame, "upper bar", new Box(0, 0, w, bar)),
            Feature.Boxed(FeatureKind.Frame, "lower bar", new Box(0, h - bar, w, bar)),
            Feature.Boxed(FeatureKind.Frame, "left bar", new Box(0, 0, bar, h)),
            Feature.Boxed(FeatureKind.Frame, "right bar", new Box(w - bar, 0, bar, h)),
        ];
        return new DrawnItem(Shapes.Rectangle(0, 0, w, h), Shapes.Rectangle(0, 0, w, h), bars,
            new Dictionary<string, (Spot, Spot)>(StringComparer.Ordinal) { ["barWidth"] = (new(0, h / 3), new(bar, h / 3)) });
    }
}
