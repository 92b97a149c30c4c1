using System.Globalization;
using System.Text;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;

namespace Juxtherm.Documents;

/// <summary>The item at a press: what lies on it already, what is laid now, and where the plate comes down. An SVG in
/// millimetres.</summary>
public static class BenchPicture
{
    // Lines are so many to the picture's width.
    private const double Lines = 140;
    private const string Plate = "#d6531d";

    /// <summary>Draws it.</summary>
    /// <param name="job">The job that the plan was made for.</param>
    /// <param name="plan">Its plan.</param>
    /// <param name="order">Which press; null, or one that the plan does not have, for the one that bonds.</param>
    /// <param name="go">Which placement of the plate, from 1.</param>
    /// <param name="piece">The piece in hand: it has a size, a colour and a name of its own.</param>
    public static string Svg(Job job, Plan plan, int? order, int go, WantedPiece piece)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(piece);
        var press = plan.Presses.FirstOrDefault(p => p.Order == order) ?? plan.BondingPress;
        var (dx, dy) = PieceOnItem.Shift(job, press.Face, piece.Size);
        var own = PieceOnItem.Of(job, piece.Entry);
        var shape = own.Blank.Faces[press.Face];
        var ink = ItemSvg.Ink(own.Blank);
        var around = Shapes.Around(shape.Outline);
        var line = around.WidthMm / Lines;
        var before = plan.Presses.Where(p => p.Order < press.Order).SelectMany(p => p.Laid).ToHashSet(StringComparer.Ordinal);
        var text = new StringBuilder(Head(around.Grown(4 * line)));
        text.Append(CultureInfo.InvariantCulture,
            $"<polygon points=\"{ItemSvg.Points(shape.Outline)}\" fill=\"{ItemSvg.Fill(own.Blank)}\" stroke=\"{ink}\" " +
                $"stroke-width=\"{line:0.##}\"/>\n");
        foreach (var feature in shape.Features)
            text.Append(CultureInfo.InvariantCulture,
                $"<polygon points=\"{ItemSvg.Points(feature.Outline)}\" fill=\"none\" stroke=\"{ink}\" " +
                    $"stroke-width=\"{line / 2:0.##}\"/>\n");
        foreach (var layer in own.Layers.Where(l => l.Face == press.Face && l.Box is not null))
            Layer(text, layer, before.Contains(layer.Id), press.Laid.Contains(layer.Id, StringComparer.Ordinal), line, ink);
        if (press.Sections.ElementAtOrDefault(go - 1) is { } at)
        {
            var (left, top) = (at.XMm + dx, at.YMm + dy);
            var (x, y) = (left + at.WidthMm / 2, top + at.HeightMm / 2);
            text.Append(CultureInfo.InvariantCulture,
                $"<rect x=\"{left:0.#}\" y=\"{top:0.#}\" width=\"{at.WidthMm:0.#}\" height=\"{at.HeightMm:0.#}\" " +
                    $"fill=\"none\" stroke=\"{Plate}\" stroke-width=\"{1.6 * line:0.##}\" " +
                    $"stroke-dasharray=\"{5 * line:0.#} {3 * line:0.#}\" transform=\"rotate({at.SlantDegrees} {x:0.#} {y:0.#})\"/>\n");
        }

        return text.Append("</svg>\n").ToString();
    }

    /// <summary>What lies there is full, what is laid now stands out, what is still to come is only outlined.</summary>
    private static void Layer(StringBuilder text, JobLayer layer, bool lies, bool now, double line, string ink)
    {
        var box = layer.Box!.Value;
        var path = layer.Shape?.PathIn(box)
            ?? FormattableString.Invariant($"M{box.XMm:0.#} {box.YMm:0.#}h{box.WidthMm:0.#}v{box.HeightMm:0.#}h{-box.WidthMm:0.#}Z");
        var paint = lies || now ? ItemSvg.Paint(layer) : "none";
        var dash = lies || now ? "" : FormattableString.Invariant($" stroke-dasharray=\"{2 * line:0.#} {2 * line:0.#}\"");
        text.Append(CultureInfo.InvariantCulture, $"<path d=\"{path}\" fill-rule=\"evenodd\" fill=\"{paint}\" stroke=\"{ink}\" " +
            $"stroke-width=\"{(now ? 1.2 : 0.5) * line:0.##}\"{dash}/>\n");
    }

    private static string Head(Box region) => string.Create(CultureInfo.InvariantCulture,
        $"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"{region.XMm:0.#} {region.YMm:0.#} " +
            $"{region.WidthMm:0.#} {region.HeightMm:0.#}\">\n");
}
