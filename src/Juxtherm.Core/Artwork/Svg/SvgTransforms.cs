using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;
using NetTopologySuite.Geometries.Utilities;

namespace Juxtherm.Core.Artwork.Svg;

/// <summary>Transforms as SVG writes them, and the fitting of a view box into its place.</summary>
internal static class SvgTransforms
{
    /// <summary>A transform and then another around it.</summary>
    public static AffineTransformation Then(AffineTransformation inner, AffineTransformation outer) =>
        new AffineTransformation(inner).Compose(outer);

    /// <summary>Reads a <c>transform</c> attribute.</summary>
    public static AffineTransformation Read(string? text, string where)
    {
        var all = new AffineTransformation();
        var rest = (text ?? "").Replace("px", "", StringComparison.Ordinal).Replace("deg", "", StringComparison.Ordinal).AsSpan().Trim();
        while (!rest.IsEmpty)
        {
            var (open, close) = (rest.IndexOf('('), rest.IndexOf(')'));
            if (open < 0 || close < open)
                throw new RefusedDrawing(new Phrase("svg-transforms.broken", ("where", where), ("text", text)), "broken");
            var name = rest[..open].Trim().Trim(',').Trim().ToString();
            var n = SvgNumbers.List(rest[(open + 1)..close].ToString(), where);
            // The one written last is done first.
            all = Then(One(name, n, where), all);
            rest = rest[(close + 1)..].Trim();
        }

        return all;
    }

    /// <summary>Fits a view box into a place.</summary>
    /// <param name="box">x, y, width, height of the view box.</param>
    /// <param name="x">Where it goes.</param>
    /// <param name="y">Where it goes.</param>
    /// <param name="width">Room there.</param>
    /// <param name="height">Room there.</param>
    /// <param name="fit">As <c>preserveAspectRatio</c> says.</param>
    public static AffineTransformation Fit(IReadOnlyList<double> box, double x, double y, double width, double height, string? fit)
    {
        var (sx, sy) = (width / box[2], height / box[3]);
        var words = (fit ?? "").Split(' ', StringSplitOptions.RemoveEmptyEntries);
        var align = words.FirstOrDefault(w => w != "defer") ?? "xMidYMid";
        if (align != "none")
            sx = sy = words.Contains("slice", StringComparer.Ordinal) ? Math.Max(sx, sy) : Math.Min(sx, sy);
        var dx = align.Contains("xMin", StringComparison.Ordinal) || align == "none"
            ? 0 : (width - box[2] * sx) * (align.Contains("xMax", StringComparison.Ordinal) ? 1 : 0.5);
        var dy = align.Contains("YMin", StringComparison.Ordinal) || align == "none"
            ? 0 : (height - box[3] * sy) * (align.Contains("YMax", StringComparison.Ordinal) ? 1 : 0.5);
        return new AffineTransformation(sx, 0, x + dx - box[0] * sx, 0, sy, y + dy - box[1] * sy);
    }

    private static AffineTransformation One(string name, List<double> n, string where)
    {
        double At(int i, double otherwise) => i < n.Count ? n[i] : otherwise;
        return name switch
        {
            "matrix" when n.Count == 6 => new AffineTransformation(n[0], n[2], n[4], n[1], n[3], n[5]),
            "translate" when n.Count is 1 or 2 => AffineTransformation.TranslationInstance(n[0], At(1, 0)),
            "scale" when n.Count is 1 or 2 => AffineTransformation.ScaleInstance(n[0], At(1, n[0])),
            "rotate" when n.Count is 1 or 3 => AffineTransformation.RotationInstance(n[0] * Math.PI / 180, At(1, 0), At(2, 0)),
            "skewX" when n.Count == 1 => AffineTransformation.ShearInstance(Math.Tan(n[0] * Math.PI / 180), 0),
            "skewY" when n.Count == 1 => AffineTransformation.ShearInstance(0, Math.Tan(n[0] * Math.PI / 180)),
            _ => throw new RefusedDrawing(new Phrase("svg-transforms.broken-2", ("where", where), ("name", name), ("n", n.Count)),
                "broken"),
        };
    }
}
