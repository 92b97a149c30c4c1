using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>A triangle hanging by its long edge.</summary>
public sealed class Neckerchief : IPattern
{
    /// <inheritdoc/>
    public string Id => "neckerchief";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var (w, h) = (tape.Width, tape.Height);

        var band = tape["neckBand"];
        IReadOnlyList<Spot> outline = [new(0, 0), new(w, 0), new(w / 2, h)];
        return new DrawnItem(outline, outline,
            [new Feature(FeatureKind.Hem, "neck band", new Box(0, 0, w, band),
                [new(0, 0), new(w, 0), new(w - w / 2 * band / h, band), new(w / 2 * band / h, band)])],
                new Dictionary<string, (Spot, Spot)>(StringComparer.Ordinal)
                {
                    ["freeWidth"] = (new(0, 0), new(w, 0)),
                    ["neckBand"] = (new(w / 2 + 40, 0), new(w / 2 + 40, band)),
                });
    }
}
