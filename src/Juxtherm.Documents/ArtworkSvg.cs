using System.Globalization;
using System.Security;
using System.Text;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;

namespace Juxtherm.Documents;

/// <summary>A job's artwork as a drawing for other programs: in true size, as it reads, a group for each layer of vinyl.</summary>
public static class ArtworkSvg
{
    /// <summary>Draws what lies on a face.</summary>
    /// <param name="job">The job.</param>
    /// <param name="face">Which side.</param>
    /// <returns>An SVG file; null where nothing is drawn there.</returns>
    public static string? Of(Job job, Face face)
    {
        ArgumentNullException.ThrowIfNull(job);
        var drawn = job.Layers.Where(l => l.Face == face && l is { Shape: not null, Box: not null }).ToList();
        if (drawn.Count == 0)
            return null;
        var boxes = drawn.ConvertAll(l => l.Box!.Value);
        var (left, top) = (boxes.Min(b => b.XMm), boxes.Min(b => b.YMm));
        var (right, bottom) = (boxes.Max(b => b.XMm + b.WidthMm), boxes.Max(b => b.YMm + b.HeightMm));
        string Mm(double mm) => mm.ToString("0.###", CultureInfo.InvariantCulture);
        var (w, h) = (Mm(right - left), Mm(bottom - top));
        var svg = new StringBuilder(
            $"<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{w}mm\" height=\"{h}mm\" viewBox=\"{Mm(left)} {Mm(top)} {w} {h}\">\n");
        foreach (var layer in drawn)
        {
            var path = layer.Shape!.PathIn(layer.Box!.Value);
            var (id, vinyl) = (SecurityElement.Escape(layer.Id), SecurityElement.Escape(layer.Vinyl.Name));
            svg.Append(CultureInfo.InvariantCulture, $"<g id=\"{id}\" fill=\"{ItemSvg.Paint(layer)}\"><title>{vinyl}</title>")
                .Append(CultureInfo.InvariantCulture, $"<path fill-rule=\"evenodd\" d=\"{path}\"/></g>\n");
        }

        return svg.Append("</svg>\n").ToString();
    }
}
