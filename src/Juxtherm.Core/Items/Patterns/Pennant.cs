using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>A pennant hanging from a line, its tip downward.</summary>
public sealed class Pennant : IPattern
{
    /// <inheritdoc/>
    public string Id => "pennant";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var (w, h) = (tape.Width, tape.Height);

        var band = tape["band"];
        IReadOnlyList<Spot> outline = [new(0, 0), new(w, 0), new(w / 2, h)];
        return new DrawnItem(outline, outline,
            [new Feature(FeatureKind.Hem, "band", new Box(0, 0, w, band),
                [new(0, 0), new(w, 0), new(w - w / 2 * band / h, band), new(w / 2 * band / h, band)])],
                new Dictionary<string, (Spot, Spot)>(StringComparer.Ordinal)
                {
                    ["freeWidth"] = (new(0, 0), new(w, 0)),
                    ["band"] = (new(w / 2 + 20, 0), new(w / 2 + 20, band)),
                });
    }
}
