using Juxtherm.Core.Artwork.Tracing;
using SkiaSharp;

namespace Juxtherm.Documents;

/// <summary>Reads a picture to be traced.</summary>
public static class PicturePixels
{
    /// <summary>Longest side that is looked at, pixels: finer than any cutter cuts.</summary>
    public const int LongestSide = 1800;

    /// <summary>Reads a JPEG, PNG, WebP or GIF picture, upright, what is transparent kept so.</summary>
    /// <param name="data">The file.</param>
    /// <exception cref="PhotoException">It is none of them, broken, or too large.</exception>
    public static Raster Read(byte[] data)
    {
        var (bitmap, origin) = Photo.Decoded(data, LongestSide);
        using var whole = bitmap;
        using var surface = Photo.Drawn(bitmap, origin, LongestSide, SKColors.Transparent, out var width, out var height);
        using var shot = surface.Snapshot();
        using var pixels = new SKBitmap(new SKImageInfo(width, height, SKColorType.Rgba8888, SKAlphaType.Unpremul));
        shot.ReadPixels(pixels.Info, pixels.GetPixels(), pixels.RowBytes, 0, 0);
        return new Raster(width, height, pixels.Bytes);
    }
}
