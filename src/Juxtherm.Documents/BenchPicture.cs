using System.Globalization;
using System.Text;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Documents;

/// <summary>The item at a press: what lies on it already, what is laid now, and where the plate comes down. An SVG in
/// millimetres.</summary>
public static class BenchPicture
{
    // Lines are so many to the picture's width.
    private const double Lines = 140;
    private const string Ink = "#221e19";
    private const string Plate = "#d6531d";

    /// <summary>Draws it.</summary>
    /// <param name="job">The job.</param>
    /// <param name="plan">Its plan.</param>
    /// <param name="order">Which press; null, or one that the plan does not have, for the one that bonds.</param>
    /// <param name="go">Which placement of the plate, from 1.</param>
    public static string Svg(Job job, Plan plan, int? order, int go)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(plan);
        var press = plan.Presses.FirstOrDefault(p => p.Order == order) ?? plan.BondingPress;
        var shape = job.Blank.Faces[press.Face];
        var around = Shapes.Around(shape.Outline);
        var line = around.WidthMm / Lines;
        var before = plan.Presses.Where(p => p.Order < press.Order).SelectMany(p => p.Laid).ToHashSet(StringComparer.Ordinal);
        var text = new StringBuilder(Head(around.Grown(4 * line)));
        text.Append(CultureInfo.InvariantCulture,
            $"<polygon points=\"{ItemSvg.Points(shape.Outline)}\" fill=\"{ItemSvg.Fill}\" stroke=\"{Ink}\" " +
                $"stroke-width=\"{line:0.##}\"/>\n");
        foreach (var feature in shape.Features)
            text.Append(CultureInfo.InvariantCulture,
                $"<polygon points=\"{ItemSvg.Points(feature.Outline)}\" fill=\"none\" stroke=\"{Ink}\" " +
                    $"stroke-width=\"{line / 2:0.##}\"/>\n");
        foreach (var layer in job.Layers.Where(l => l.Face == press.Face && l.Box is not null))
            Layer(text, layer, before.Contains(layer.Id), press.Laid.Contains(layer.Id, StringComparer.Ordinal), line);
        if (press.Sections.ElementAtOrDefault(go - 1) is { } at)
        {
            var (x, y) = (at.XMm + at.WidthMm / 2, at.YMm + at.HeightMm / 2);
            text.Append(CultureInfo.InvariantCulture,
                $"<rect x=\"{at.XMm:0.#}\" y=\"{at.YMm:0.#}\" width=\"{at.WidthMm:0.#}\" height=\"{at.HeightMm:0.#}\" " +
                    $"fill=\"none\" stroke=\"{Plate}\" stroke-width=\"{1.6 * line:0.##}\" " +
                    $"stroke-dasharray=\"{5 * line:0.#} {3 * line:0.#}\" transform=\"rotate({at.SlantDegrees} {x:0.#} {y:0.#})\"/>\n");
        }

        return text.Append("</svg>\n").ToString();
    }

    /// <summary>What lies there is full, what is laid now stands out, what is still to come is only outlined.</summary>
    private static void Layer(StringBuilder text, JobLayer layer, bool lies, bool now, double line)
    {
        var box = layer.Box!.Value;
        var path = layer.Shape?.PathIn(box)
            ?? FormattableString.Invariant($"M{box.XMm:0.#} {box.YMm:0.#}h{box.WidthMm:0.#}v{box.HeightMm:0.#}h{-box.WidthMm:0.#}Z");
        var paint = lies || now ? ItemSvg.Paint(layer) : "none";
        var dash = lies || now ? "" : FormattableString.Invariant($" stroke-dasharray=\"{2 * line:0.#} {2 * line:0.#}\"");
        text.Append(CultureInfo.InvariantCulture, $"<path d=\"{path}\" fill-rule=\"evenodd\" fill=\"{paint}\" stroke=\"{Ink}\" " +
            $"stroke-width=\"{(now ? 1.2 : 0.5) * line:0.##}\"{dash}/>\n");
    }

    private static string Head(Box region) => string.Create(CultureInfo.InvariantCulture,
        $"<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"{region.XMm:0.#} {region.YMm:0.#} " +
            $"{region.WidthMm:0.#} {region.HeightMm:0.#}\">\n");
}
