namespace Juxtherm.Core.Artwork.Tracing;

/// <summary>A picture of pixels.</summary>
/// <param name="Width">Pixels, from 1.</param>
/// <param name="Height">Pixels, from 1.</param>
/// <param name="Rgba">Red, green, blue and opacity of each pixel, row by row; colours not multiplied by opacity.</param>
public sealed record Raster(int Width, int Height, byte[] Rgba)
{
    // Weights of red, green and blue in luminance: ITU-R BT.709.
    private const double Red = 0.2126;
    private const double Green = 0.7152;
    private const double Blue = 0.0722;

    /// <summary>How many pixels are partly or wholly transparent, as a share of all.</summary>
    public double TransparentShare()
    {
        var count = 0;
        for (var i = 3; i < Rgba.Length; i += 4)
        {
            if (Rgba[i] < 128)
                count++;
        }

        return count / (double)(Width * Height);
    }

    /// <summary>How opaque each pixel is, 0 to 1.</summary>
    public float[] Opacity() => Each((_, _, _, a) => a / 255.0);

    /// <summary>How dark each pixel is on white paper, 0 to 1.</summary>
    public float[] Darkness() => Each((r, g, b, a) => (1 - (Red * r + Green * g + Blue * b) / 255) * a / 255.0);

    private float[] Each(Func<byte, byte, byte, byte, double> of)
    {
        var found = new float[Width * Height];
        for (var i = 0; i < found.Length; i++)
            found[i] = (float)of(Rgba[4 * i], Rgba[4 * i + 1], Rgba[4 * i + 2], Rgba[4 * i + 3]);
        return found;
    }
}

/// <summary>How a picture is to be traced.</summary>
/// <param name="WidthMm">How wide the picture is to be, mm.</param>
public sealed record TraceWishes(double WidthMm)
{
    /// <summary>Most colours.</summary>
    public const int MostColours = 6;

    /// <summary>Colours to cut, 1 to <see cref="MostColours"/>.</summary>
    public int Colours { get; init; } = 1;

    /// <summary>From which darkness or opacity on something is cut, 0 to 1; null to find it. For one colour only.</summary>
    public double? Threshold { get; init; }

    /// <summary>What is smaller is left out, mm².</summary>
    public double SpeckMm2 { get; init; } = 1;

    /// <summary>How much edges are smoothed, 0 for not at all to 1.</summary>
    public double Smoothing { get; init; } = 0.4;

    /// <summary>White inside something dark stays open; otherwise it is filled.</summary>
    public bool KeepsHoles { get; init; } = true;

    /// <summary>What is light is cut instead of what is dark. For one colour only.</summary>
    public bool Light { get; init; }
}
