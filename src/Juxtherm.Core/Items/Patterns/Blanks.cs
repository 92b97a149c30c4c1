using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items.Patterns;

/// <summary>Draws items from the catalogue's measures and what the user measured.</summary>
public static class Blanks
{
    private static readonly Dictionary<string, IPattern> Patterns = new IPattern[]
    {
        new Apron(), new Bodysuit(), new Canvas(), new Cap(), new Cushion(), new Flat(), new Fob(), new Mug(), new Neckerchief(),
        new Pennant(), new PotHolder(), new Round(), new Rounded(), new Stocking(), new Top(), new Tote(),
    }.ToDictionary(p => p.Id, StringComparer.Ordinal);

    /// <summary>Ids of the patterns that ship.</summary>
    public static IReadOnlyCollection<string> PatternIds => Patterns.Keys;

    /// <summary>Draws a face of an item.</summary>
    /// <param name="form">What kind of item.</param>
    /// <param name="measures">How it is measured.</param>
    /// <param name="size">Size id; null for the usual one.</param>
    /// <param name="face">Which side.</param>
    /// <param name="measured">What the user measured, mm by measure id.</param>
    /// <param name="own">Features that the user put there.</param>
    public static BlankShape Draw(ItemForm form, FormMeasures measures, string? size, Face face,
        IReadOnlyDictionary<string, double> measured, IReadOnlyList<Feature> own)
    {
        ArgumentNullException.ThrowIfNull(measures);
        ArgumentNullException.ThrowIfNull(measured);
        ArgumentNullException.ThrowIfNull(own);
        var chosen = size ?? measures.UsualSize ?? Measure.AnySize;
        var values = measures.Measures.ToDictionary(m => m.Id, m => measured.TryGetValue(m.Id, out var mm)
            ? mm : m.For(chosen).Value, StringComparer.Ordinal);
        var drawing = Patterns[measures.Pattern].Draw(new Tape(values), face);
        var across = (new Spot(0, values["freeHeight"] / 2), new Spot(values["freeWidth"], values["freeHeight"] / 2));
        var down = (new Spot(values["freeWidth"] / 2, 0), new Spot(values["freeWidth"] / 2, values["freeHeight"]));
        return new BlankShape(
            form, measures.UsualSize is null
            ? null : chosen, face, values["freeWidth"], values["freeHeight"], drawing.Outline, drawing.FreeArea,
            Declared(drawing.Features, own),
            [.. measures.Measures.Select(m =>
            {
                var usual = m.For(chosen);
                var (start, end) = drawing.Tapes.TryGetValue(m.Id, out var tape) ? tape : m.Id == "freeHeight" ? down : across;
                var isMeasured = measured.ContainsKey(m.Id);
                return new TakenMeasure(m.Id, m.Name, m.How, values[m.Id], usual.Value, isMeasured
                    ? "your tape" : usual.From.Source, isMeasured, start, end);
            })]);
    }

    // A seam of one's own farther from the pattern's than this is another seam, mm.
    private const double SameSeamMm = 30;

    /// <summary>What stands on a face: what the user put there replaces what the pattern assumed of that kind, the nearest first.</summary>
    private static List<Feature> Declared(IReadOnlyList<Feature> assumed, IReadOnlyList<Feature> own)
    {
        var left = assumed.ToList();
        foreach (var feature in own)
        {
            static Spot Middle(Box box) => new(box.XMm + box.WidthMm / 2, box.YMm + box.HeightMm / 2);
            double Apart(Feature other) =>
                Math.Sqrt(Math.Pow(Middle(feature.Box).X - Middle(other.Box).X, 2)
                    + Math.Pow(Middle(feature.Box).Y - Middle(other.Box).Y, 2));
            var same = left.Where(f => f.Kind == feature.Kind).MinBy(Apart);
            if (same is not null && (feature.Kind != FeatureKind.Seam || same.Box.Grown(SameSeamMm).Overlaps(feature.Box)))
                left.Remove(same);
        }

        return [.. left, .. own];
    }
}
