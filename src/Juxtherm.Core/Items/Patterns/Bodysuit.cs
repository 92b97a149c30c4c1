using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>A garment with collar and sleeves that closes below with snaps.</summary>
public sealed class Bodysuit : IPattern
{
    private const double SnapMm = 10;

    /// <inheritdoc/>
    public string Id => "bodysuit";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var top = new Top().Draw(tape, face);
        if (face == Face.Back)
            return top;
        var (middle, below) = (tape.Width / 2, tape["bodyLength"] - SnapMm - 4);
        var snaps = new[] { -1, 0,
            1 }.Select(i =>
            Feature.Boxed(FeatureKind.Snap, "snap", new Box(middle + i * tape["bodyWidth"] * 0.12 - SnapMm / 2, below, SnapMm, SnapMm)));
        return top with { Features = [.. top.Features, .. snaps] };
    }
}
