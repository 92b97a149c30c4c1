using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>A cushion cover; filled, it rounds away at its edges.</summary>
public sealed class Cushion : IPattern
{
    private static readonly Dictionary<string, (Spot Start, Spot End)> NoTapes = new(StringComparer.Ordinal);

    /// <inheritdoc/>
    public string Id => "cushion";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var (w, h) = (tape.Width, tape.Height);

        List<Feature> features = face == Face.Back ? [Feature.Boxed(FeatureKind.Zip, "zip", new Box(w * 0.08, h - 20, w * 0.84, 12))] : [];
        var outline = Shapes.Rounded(0, 0, w, h, Math.Min(w, h) * 0.03);
        return new DrawnItem(outline, outline, features, NoTapes);
    }
}
