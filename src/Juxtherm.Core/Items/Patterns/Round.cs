using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>Something round.</summary>
public sealed class Round : IPattern
{
    private static readonly Dictionary<string, (Spot Start, Spot End)> NoTapes = new(StringComparer.Ordinal);

    /// <inheritdoc/>
    public string Id => "round";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var (w, h) = (tape.Width, tape.Height);

        var circle = Shapes.Ellipse(0, 0, w, h);
        return new DrawnItem(circle, circle, [], NoTapes);
    }
}
