using System.Globalization;
using System.Security;
using System.Text;
using Juxtherm.Core.Cutting.Files;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using SkiaSharp;

namespace Juxtherm.Documents;

/// <summary>A job's artwork as drawings for other programs: in true size, as it reads, a layer for each layer of vinyl.</summary>
/// <param name="Layers">What is drawn, lowest first.</param>
/// <param name="Around">The box around it, mm.</param>
public sealed record ArtworkFiles(IReadOnlyList<JobLayer> Layers, Box Around)
{
    /// <summary>What lies on a face; null where nothing is drawn there.</summary>
    /// <param name="job">The job.</param>
    /// <param name="face">Which side.</param>
    public static ArtworkFiles? Of(Job job, Face face)
    {
        ArgumentNullException.ThrowIfNull(job);
        var drawn = job.Layers.Where(l => l.Face == face && l is { Shape: not null, Box: not null }).ToList();
        return drawn.Count == 0 ? null : new ArtworkFiles(drawn, Shapes.Around([.. drawn.Select(l => l.Box!.Value)]));
    }

    /// <summary>As SVG.</summary>
    public string Svg()
    {
        string Mm(double mm) => mm.ToString("0.###", CultureInfo.InvariantCulture);
        var (w, h) = (Mm(Around.WidthMm), Mm(Around.HeightMm));
        var svg = new StringBuilder(
            $"<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{w}mm\" height=\"{h}mm\" " +
                $"viewBox=\"{Mm(Around.XMm)} {Mm(Around.YMm)} {w} {h}\">\n");
        foreach (var layer in Layers)
        {
            var path = layer.Shape!.PathIn(layer.Box!.Value);
            var (id, vinyl) = (SecurityElement.Escape(layer.Id), SecurityElement.Escape(layer.Vinyl.Name));
            svg.Append(CultureInfo.InvariantCulture, $"<g id=\"{id}\" fill=\"{ItemSvg.Paint(layer)}\"><title>{vinyl}</title>")
                .Append(CultureInfo.InvariantCulture, $"<path fill-rule=\"evenodd\" d=\"{path}\"/></g>\n");
        }

        return svg.Append("</svg>\n").ToString();
    }

    /// <summary>As DXF, its lower left corner at the origin.</summary>
    public string Dxf()
    {
        var bottom = Around.YMm + Around.HeightMm;
        return DxfText.Write([.. Layers.Select(l => l.Id)], Layers.SelectMany(l => l.Shape!.LinesIn(l.Box!.Value).Select(line =>
            new DxfLine(l.Id, true, [.. line.Select(p => new Spot(p.X - Around.XMm, bottom - p.Y))]))));
    }

    /// <summary>As PDF, on a page that is as large.</summary>
    /// <param name="title">What it is.</param>
    /// <param name="words">The reader's units.</param>
    /// <param name="now">For the file, UTC.</param>
    public byte[] Pdf(string title, IWords words, DateTimeOffset now)
    {
        using var stream = new MemoryStream();
        var about = new SKDocumentPdfMetadata
        {
            Title = title,
            Producer = "Juxtherm",
            Creation = now.UtcDateTime,
            Modified = now.UtcDateTime
        };
        using (var document = SKDocument.CreatePdf(stream, about))
        {
            // In whole points, as pages are written: rounded up, so that nothing ends beyond its edge.
            float Points(double mm) => (float)Math.Ceiling(mm * Page.PointsPerMm);
            var page = new Page(document.BeginPage(Points(Around.WidthMm), Points(Around.HeightMm)), words);
            foreach (var layer in Layers)
                page.Shape(layer.Shape!.PathIn(layer.Box!.Value), (-(float)Around.XMm, -(float)Around.YMm), 1,
                    ItemSvg.Colour(ItemSvg.Paint(layer)), outlined: false);
            document.EndPage();
            document.Close();
        }

        return stream.ToArray();
    }
}
