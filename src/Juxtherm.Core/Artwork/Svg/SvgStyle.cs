using System.Globalization;
using System.Xml.Linq;

namespace Juxtherm.Core.Artwork.Svg;

/// <summary>How an element is painted; what is inherited comes from its parent.</summary>
internal sealed record SvgStyle
{
    public string Fill { get; init; } = "black";
    public bool FillEvenOdd { get; init; }
    public double FillOpacity { get; init; } = 1;
    public string Stroke { get; init; } = "none";
    public string StrokeWidth { get; init; } = "1";
    public double StrokeOpacity { get; init; } = 1;
    public string Cap { get; init; } = "butt";
    public string Join { get; init; } = "miter";
    public double Miter { get; init; } = 4;
    public string Dashes { get; init; } = "none";
    public string DashOffset { get; init; } = "0";
    public bool ClipEvenOdd { get; init; }
    public bool Visible { get; init; } = true;
    public string Colour { get; init; } = "black";
    public bool StrokeFirst { get; init; }

    // These are not inherited.
    public bool Shown { get; init; } = true;
    public double Opacity { get; init; } = 1;
    public string? Clip { get; init; }
    public string? Mask { get; init; }
    public string? Filter { get; init; }
    public string? Transform { get; init; }

    private static readonly string[] Properties =
    [
        "fill", "fill-rule", "fill-opacity", "stroke", "stroke-width", "stroke-opacity", "stroke-linecap", "stroke-linejoin",
        "stroke-miterlimit", "stroke-dasharray", "stroke-dashoffset",
        "clip-rule", "visibility", "color", "display", "opacity", "clip-path", "mask", "filter", "transform", "paint-order",
    ];

    /// <summary>The style of an element inside a parent of this style.</summary>
    public SvgStyle Inside(XElement element, StyleSheet sheet)
    {
        var says = new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase);
        foreach (var name in Properties)
        {
            if ((string?)element.Attribute(name) is { } value)
                says[name] = value.Trim();
        }

        foreach (var (name, value) in sheet.Of(element).Append(StyleSheet.Declarations((string?)element.Attribute("style")))
            .SelectMany(d => d))
            says[name] = value;
        var style = this with { Shown = true, Opacity = 1, Clip = null, Mask = null, Filter = null, Transform = null };
        foreach (var (name, value) in says)
        {
            if (!string.Equals(value, "inherit", StringComparison.OrdinalIgnoreCase) && value.Length > 0)
                style = style.With(name, value);
        }

        return style;
    }

    private SvgStyle With(string name, string value) => name.ToLowerInvariant() switch
    {
        "fill" => this with { Fill = value },
        "fill-rule" => this with { FillEvenOdd = value == "evenodd" },
        "fill-opacity" => this with { FillOpacity = Share(value) },
        "stroke" => this with { Stroke = value },
        "stroke-width" => this with { StrokeWidth = value },
        "stroke-opacity" => this with { StrokeOpacity = Share(value) },
        "stroke-linecap" => this with { Cap = value },
        "stroke-linejoin" => this with { Join = value },
        "stroke-miterlimit" =>
            this with
            {
                Miter = double.TryParse(value, NumberStyles.Float, CultureInfo.InvariantCulture, out var m) && m is >= 1 and < 1000
                ? m : Miter
            },
        "stroke-dasharray" => this with { Dashes = value },
        "stroke-dashoffset" => this with { DashOffset = value },
        "clip-rule" => this with { ClipEvenOdd = value == "evenodd" },
        "visibility" => this with { Visible = value == "visible" },
        "color" => this with { Colour = string.Equals(value, "currentcolor", StringComparison.OrdinalIgnoreCase) ? Colour : value },
        "display" => this with { Shown = value != "none" },
        "opacity" => this with { Opacity = Share(value) },
        "clip-path" => this with { Clip = value == "none" ? null : value },
        "mask" => this with { Mask = value == "none" ? null : value },
        "filter" => this with { Filter = value == "none" ? null : value },
        "transform" => this with { Transform = value == "none" ? null : value },
        "paint-order" => this with { StrokeFirst = value.StartsWith("stroke", StringComparison.Ordinal) },
        _ => this,
    };

    private static double Share(string text) =>
        double.TryParse(text.TrimEnd('%'), NumberStyles.Float, CultureInfo.InvariantCulture, out var v)
        ? Math.Clamp(text.EndsWith('%') ? v / 100 : v, 0, 1) : 1;
}
