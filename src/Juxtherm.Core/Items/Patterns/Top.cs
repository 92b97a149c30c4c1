using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>A garment with collar and sleeves, laid flat. The free area begins at the shoulder's highest point.</summary>
public sealed class Top : IPattern
{
    /// <inheritdoc/>
    public string Id => "top";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var (w, h) = (tape.Width, tape.Height);

        var (body, length, sleeve, neck) = (tape["bodyWidth"], tape["bodyLength"], tape["sleeveLength"], tape["collarWidth"]);
        var depth = face == Face.Front ? tape["collarDropFront"] : tape["collarDropBack"];
        var (left, right, middle) = (w / 2 - body / 2, w / 2 + body / 2, w / 2);
        // Shoulders fall by about a tenth of the body's width; a sleeve is about a third of it wide.
        var (fall, armhole) = (body * 0.1, body * 0.4);
        var reach = Math.Min(sleeve, body);
        List<Spot> outline =
        [
            new(middle - neck / 2, 0), new(left, fall), new(left - reach * 0.8, fall + reach * 0.6),
            new(left - reach * 0.8 + body * 0.18, fall + reach * 0.6 + body * 0.2),
            new(left, fall + armhole), new(left, length), new(right, length), new(right, fall + armhole),
            new(right + reach * 0.8 - body * 0.18, fall + reach * 0.6 + body * 0.2), new(right + reach * 0.8, fall + reach * 0.6),
            new(right, fall), new(middle + neck / 2, 0),
            .. Shapes.Arc(middle, 0, neck / 2, depth, 0, 180),
        ];
        Feature collar = new(FeatureKind.Collar, "collar", new Box(middle - neck / 2, 0, neck, depth),
            [.. Shapes.Arc(middle, 0, neck / 2, depth, 0, 180)]);
        // Beside the neck the free area ends at the shoulders' slope.
        var slope = fall * (middle - neck / 2) / (middle - neck / 2 - left);
        List<Spot> free = [new(middle - neck / 2, 0), new(middle + neck / 2, 0), new(w, slope), new(w, h), new(0, h), new(0, slope)];
        return new DrawnItem(outline, free, [collar], new Dictionary<string, (Spot, Spot)>(StringComparer.Ordinal)
        {
            ["bodyWidth"] = (new(left, fall + armhole), new(right, fall + armhole)),
            ["bodyLength"] = (new(left + body * 0.12, 0), new(left + body * 0.12, length)),
            ["collarWidth"] = (new(middle - neck / 2, 0), new(middle + neck / 2, 0)),
            ["collarDropFront"] = (new(middle, 0), new(middle, tape["collarDropFront"])),
            ["collarDropBack"] = (new(middle, 0), new(middle, tape["collarDropBack"])),
            ["sleeveLength"] = (new(right, fall), new(right + reach * 0.8, fall + reach * 0.6)),
        });
    }
}
