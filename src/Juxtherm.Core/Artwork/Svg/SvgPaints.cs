using System.Xml.Linq;

namespace Juxtherm.Core.Artwork.Svg;

/// <summary>Finds the one plain colour in which a paint can be cut.</summary>
/// <param name="byId">Elements of the drawing by id, gradients among them.</param>
/// <param name="leftOut">Told what cannot be cut.</param>
internal sealed class SvgPaints(IReadOnlyDictionary<string, XElement> byId, LeftOut leftOut)
{
    /// <summary>Less opaque than this is not seen.</summary>
    public const double Invisible = 0.02;

    private const double SeeThrough = 0.98;

    /// <summary>The plain colour of a paint; null for none.</summary>
    public string? ColourOf(string paint, double opacity, SvgStyle style)
    {
        if (paint == "none" || opacity < Invisible)
            return null;
        if (string.Equals(paint, "currentcolor", StringComparison.OrdinalIgnoreCase))
            paint = style.Colour;
        if (SvgLinks.Url(paint) is ({ } id, { } fallback))
        {
            if (!id.StartsWith('#'))
                leftOut.Add("outside-reference");
            else if (byId.TryGetValue(id[1..], out var server) && server.Name.LocalName is "linearGradient" or "radialGradient")
                return Flattened(server, opacity);
            else if (server?.Name.LocalName == "pattern")
                leftOut.Add("pattern-left-out");
            if (fallback is "" or "none")
                return null;
            paint = fallback;
        }

        if (SvgColours.Read(paint) is not { } read)
        {
            leftOut.Add("colour-unknown");
            return "#000000";
        }

        return Opaque(read.Hex, read.Opacity * opacity);
    }

    private string? Flattened(XElement gradient, double opacity)
    {
        leftOut.Add("gradient-flattened");
        for (var hops = 0; hops < 8; hops++)
        {
            if (gradient.Elements().FirstOrDefault(e => e.Name.LocalName == "stop") is { } stop)
            {
                var says = StyleSheet.Declarations((string?)stop.Attribute("style"));
                var colour = says.GetValueOrDefault("stop-color") ?? (string?)stop.Attribute("stop-color") ?? "black";
                return SvgColours.Read(colour) is { } read ? Opaque(read.Hex, opacity) : "#000000";
            }

            var reference = SvgLinks.Href(gradient);
            if (!reference.StartsWith('#') || !byId.TryGetValue(reference[1..], out var next))
                break;
            gradient = next;
        }

        return null;
    }

    private string? Opaque(string hex, double opacity)
    {
        if (opacity < Invisible)
            return null;
        if (opacity < SeeThrough)
            leftOut.Add("see-through");
        return hex;
    }
}
