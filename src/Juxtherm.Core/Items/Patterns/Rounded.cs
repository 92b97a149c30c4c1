using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>A hard blank with slightly rounded corners.</summary>
public sealed class Rounded : IPattern
{
    private static readonly Dictionary<string, (Spot Start, Spot End)> NoTapes = new(StringComparer.Ordinal);

    /// <inheritdoc/>
    public string Id => "rounded";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var (w, h) = (tape.Width, tape.Height);

        var outline = Shapes.Rounded(0, 0, w, h, Math.Min(w, h) * 0.06);
        return new DrawnItem(outline, outline, [], NoTapes);
    }
}
