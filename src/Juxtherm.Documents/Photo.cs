using Juxtherm.Core.Notices;
using SkiaSharp;

namespace Juxtherm.Documents;

/// <summary>What was sent is no picture that can be read. The message says what would be.</summary>
/// <param name="says">What the reader is told.</param>
public sealed class PhotoException(Phrase says) : SaidException(says);

/// <summary>A photo made small enough to keep: turned upright, and drawn anew, so that nothing but the picture is left in it (no place, no
/// camera, no time).</summary>
/// <param name="Width">Pixels.</param>
/// <param name="Height">Pixels.</param>
/// <param name="Jpeg">The picture.</param>
/// <param name="Small">The same, small, for lists.</param>
public sealed record Photo(int Width, int Height, byte[] Jpeg, byte[] Small)
{
    /// <summary>Longest side that is kept, pixels.</summary>
    public const int LongestSide = 1600;

    /// <summary>Longest side in lists, pixels.</summary>
    public const int SmallSide = 320;
    private const long MostPixels = 120_000_000;

    // What cannot be read at a reduced scale is there whole for a moment: 4 bytes each.
    private const long MostWhole = 40_000_000;

    // No format packs pixels tighter than this; what promises more is no picture.
    private const long MostPixelsPerByte = 3_000;
    private const int Quality = 85;

    /// <summary>Reads a JPEG, PNG, WebP or GIF picture.</summary>
    /// <param name="data">The file.</param>
    /// <exception cref="PhotoException">It is none of them, broken, or too large.</exception>
    public static Photo Read(byte[] data)
    {
        var (bitmap, origin) = Decoded(data, LongestSide);
        using var whole = bitmap;
        byte[] Within(int longest, out int w, out int h)
        {
            using var surface = Drawn(bitmap, origin, longest, SKColors.White, out w, out h);
            using var shot = surface.Snapshot();
            using var jpeg = shot.Encode(SKEncodedImageFormat.Jpeg, Quality);
            return jpeg.ToArray();
        }

        var small = Within(SmallSide, out _, out _);
        var large = Within(LongestSide, out var keptWidth, out var keptHeight);
        return new Photo(keptWidth, keptHeight, large, small);
    }

    /// <summary>A picture turned upright and made no larger than asked, on a ground.</summary>
    internal static SKSurface Drawn(SKBitmap bitmap, SKEncodedOrigin origin, int longest, SKColor ground, out int w, out int h)
    {
        var turned = origin is SKEncodedOrigin.LeftTop or SKEncodedOrigin.RightTop or SKEncodedOrigin.RightBottom
            or SKEncodedOrigin.LeftBottom;
        var (width, height) = turned ? (bitmap.Height, bitmap.Width) : (bitmap.Width, bitmap.Height);
        var scale = Math.Min(1, longest / (float)Math.Max(width, height));
        (w, h) = (Math.Max(1, (int)Math.Round(width * scale)), Math.Max(1, (int)Math.Round(height * scale)));
        var surface = SKSurface.Create(new SKImageInfo(w, h, SKColorType.Rgba8888,
            ground == SKColors.Transparent ? SKAlphaType.Premul : SKAlphaType.Opaque));
        surface.Canvas.Clear(ground);
        surface.Canvas.Scale(w / (float)width, h / (float)height);
        surface.Canvas.Concat(Upright(origin, bitmap.Width, bitmap.Height));
        using var image = SKImage.FromBitmap(bitmap);
        surface.Canvas.DrawImage(image, 0, 0, new SKSamplingOptions(SKFilterMode.Linear, SKMipmapMode.Linear));
        return surface;
    }

    /// <summary>The pixels of a picture, read at a reduced scale where that can be, and how they are turned.</summary>
    /// <exception cref="PhotoException">It is none, broken, or too large.</exception>
    internal static (SKBitmap Bitmap, SKEncodedOrigin Origin) Decoded(byte[] data, int longest)
    {
        using var stream = new SKMemoryStream(data);
        using var codec = SKCodec.Create(stream)
            ?? throw new PhotoException(new Phrase("photo.unreadable"));
        if ((long)codec.Info.Width * codec.Info.Height > MostPixels)
            throw new PhotoException(
                new Phrase("photo.too-large", ("width", codec.Info.Width), ("height", codec.Info.Height),
                    ("most", MostPixels / 1_000_000)));
        var pixels = (long)codec.Info.Width * codec.Info.Height;
        if (pixels / MostPixelsPerByte > data.Length)
            throw new PhotoException(new Phrase("photo.empty"));
        var size = codec.GetScaledDimensions(Math.Min(1, 2f * longest / Math.Max(codec.Info.Width, codec.Info.Height)));
        if ((long)size.Width * size.Height > MostWhole)
            throw new PhotoException(
                new Phrase("photo.too-large-whole", ("width", codec.Info.Width), ("height", codec.Info.Height),
                    ("most", MostWhole / 1_000_000), ("mostPixels", MostPixels / 1_000_000)));
        var bitmap = new SKBitmap(new SKImageInfo(size.Width, size.Height, SKColorType.Rgba8888, SKAlphaType.Premul));
        if (codec.GetPixels(bitmap.Info, bitmap.GetPixels()) is not (SKCodecResult.Success or SKCodecResult.IncompleteInput))
        {
            bitmap.Dispose();
            throw new PhotoException(new Phrase("photo.cut-off"));
        }

        bitmap.SetImmutable();
        return (bitmap, codec.EncodedOrigin);
    }

    /// <summary>Makes sure that pictures are such as are kept, by what they say of themselves.</summary>
    /// <param name="jpeg">The picture.</param>
    /// <param name="small">The small one.</param>
    /// <exception cref="PhotoException">They are not.</exception>
    public static void Check(byte[] jpeg, byte[] small)
    {
        foreach (var (data, longest) in new[] { (jpeg, LongestSide), (small, SmallSide) })
        {
            using var stream = new SKMemoryStream(data);
            using var codec = SKCodec.Create(stream);
            if (codec is not { EncodedFormat: SKEncodedImageFormat.Jpeg } || Math.Max(codec.Info.Width, codec.Info.Height) > longest)
                throw new PhotoException(new Phrase("photo.not-kept"));
        }
    }

    /// <summary>How a picture is turned so that it stands upright, by the eight ways in which cameras note it (EXIF 2.3,
    /// Orientation).</summary>
    private static SKMatrix Upright(SKEncodedOrigin origin, int w, int h) => origin switch
    {
        SKEncodedOrigin.TopRight => new SKMatrix(-1, 0, w, 0, 1, 0, 0, 0, 1),
        SKEncodedOrigin.BottomRight => new SKMatrix(-1, 0, w, 0, -1, h, 0, 0, 1),
        SKEncodedOrigin.BottomLeft => new SKMatrix(1, 0, 0, 0, -1, h, 0, 0, 1),
        SKEncodedOrigin.LeftTop => new SKMatrix(0, 1, 0, 1, 0, 0, 0, 0, 1),
        SKEncodedOrigin.RightTop => new SKMatrix(0, -1, h, 1, 0, 0, 0, 0, 1),
        SKEncodedOrigin.RightBottom => new SKMatrix(0, -1, h, -1, 0, w, 0, 0, 1),
        SKEncodedOrigin.LeftBottom => new SKMatrix(0, 1, 0, -1, 0, w, 0, 0, 1),
        _ => SKMatrix.Identity,
    };
}
