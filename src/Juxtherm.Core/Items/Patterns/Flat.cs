using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>Anything flat: only its width and height are known.</summary>
public sealed class Flat : IPattern
{
    private static readonly Dictionary<string, (Spot Start, Spot End)> NoTapes = new(StringComparer.Ordinal);

    /// <inheritdoc/>
    public string Id => "flat";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var outline = Shapes.Rectangle(0, 0, tape.Width, tape.Height);
        return new DrawnItem(outline, outline, [], NoTapes);
    }
}
