using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>An apron with a bib, a neck strap and a pocket.</summary>
public sealed class Apron : IPattern
{
    /// <inheritdoc/>
    public string Id => "apron";

    /// <inheritdoc/>
    public DrawnItem Draw(Tape tape, Face face)
    {
        ArgumentNullException.ThrowIfNull(tape);
        var (w, h) = (tape.Width, tape.Height);

        var (bib, bibHeight, middle) = (tape["bibWidth"], tape["bibHeight"], w / 2);
        IReadOnlyList<Spot> outline = [new(middle - bib / 2, 0), new(middle + bib / 2, 0), new(w, bibHeight), new(w, h), new(0, h),
            new(0, bibHeight)];
        var (pocketWidth, pocketTop) = (tape["pocketWidth"], tape["pocketTop"]);
        List<Feature> features =
        [
            Feature.Boxed(FeatureKind.Strap, "neck strap, left", new Box(middle - bib / 2, 0, 30, 15)),
            Feature.Boxed(FeatureKind.Strap, "neck strap, right", new Box(middle + bib / 2 - 30, 0, 30, 15)),
        ];
        if (face == Face.Front)
            features.Add(
                Feature.Boxed(FeatureKind.Pocket, "pocket",
                    new Box(middle - pocketWidth / 2, pocketTop, pocketWidth, Math.Min(tape["pocketHeight"], h - pocketTop))));
        return new DrawnItem(outline, outline, features, new Dictionary<string, (Spot, Spot)>(StringComparer.Ordinal)
        {
            ["freeWidth"] = (new(0, h - 20), new(w, h - 20)),
            ["bibWidth"] = (new(middle - bib / 2, 0), new(middle + bib / 2, 0)),
            ["bibHeight"] = (new(middle - bib / 2 + 20, 0), new(middle - bib / 2 + 20, bibHeight)),
            ["pocketWidth"] = (new(middle - pocketWidth / 2, pocketTop), new(middle + pocketWidth / 2, pocketTop)),
            ["pocketHeight"] = (new(middle, pocketTop), new(middle, pocketTop + tape["pocketHeight"])),
            ["pocketTop"] = (new(middle + bib / 2 - 40, 0), new(middle + bib / 2 - 40, pocketTop)),
        });
    }
}
