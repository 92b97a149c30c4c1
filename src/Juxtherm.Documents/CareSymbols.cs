using Juxtherm.Core.Care;
using SkiaSharp;

namespace Juxtherm.Documents;

/// <summary>Care symbols drawn from their description in words: tub, triangle, square, iron, circle; bars, dots and crosses.</summary>
public static class CareSymbols
{
    private const float Thin = 3.2f;

    /// <summary>Draws a symbol into a square of a hundred by a hundred.</summary>
    /// <param name="canvas">Already scaled.</param>
    /// <param name="symbol">Which.</param>
    /// <param name="colour">Of its lines.</param>
    public static void Draw(SKCanvas canvas, CareSymbol symbol, SKColor colour)
    {
        ArgumentNullException.ThrowIfNull(canvas);
        using var line = new SKPaint
        {
            Color = colour,
            IsAntialias = true,
            Style = SKPaintStyle.Stroke,
            StrokeWidth = Thin,
            StrokeCap = SKStrokeCap.Round,
            StrokeJoin = SKStrokeJoin.Round
        };
        using var fill = new SKPaint { Color = colour, IsAntialias = true, Style = SKPaintStyle.Fill };
        void Path(string svg)
        {
            using var path = SKPath.ParseSvgPathData(svg);
            canvas.DrawPath(path, line);
        }

        void Words(string text, float size, float baseline)
        {
            using var font = new SKFont(Typefaces.Of(Weight.Bold), size);
            canvas.DrawText(text, 50, baseline, SKTextAlign.Center, font, fill);
        }

        const string Tub = "M8 30L18 78H82L92 30M12 40Q22 32 31 40T50 40T69 40T88 40";
        const string Iron = "M36 32H72L86 74H6C8 56 22 48 38 48H78";
        const string Square = "M14 14H86V86H14Z";
        const string Cross = "M12 12L88 88M88 12L12 88";
        switch (symbol)
        {
            case CareSymbol.WashMild30: Path(Tub); Words("30", 26, 68); Path("M18 88H82"); break;
            case CareSymbol.WashByHand: Path(Tub); Path("M26 20L38 58Q42 66 52 66H64Q70 66 70 60T64 54H56L54 46Q50 40 46 46"); break;
            case CareSymbol.DoNotWash: Path(Tub); Path(Cross); break;
            case CareSymbol.DoNotBleach: Path("M50 12L92 84H8Z"); Path(Cross); break;
            case CareSymbol.TumbleLow: Path(Square); canvas.DrawCircle(50, 50, 30, line); canvas.DrawCircle(50, 50, 4.5f, fill); break;
            case CareSymbol.DoNotTumble: Path(Square); canvas.DrawCircle(50, 50, 30, line); Path(Cross); break;
            case CareSymbol.IronLow: Path(Iron); canvas.DrawCircle(50, 62, 4.5f, fill); break;
            case CareSymbol.DoNotIron: Path(Iron); Path(Cross); break;
            case CareSymbol.DoNotDryClean: canvas.DrawCircle(50, 50, 36, line); Path(Cross); break;
            case CareSymbol.Wipe: Path("M10 82H90M22 66L40 30Q44 24 52 28L78 42Q84 46 80 54L70 70Q64 66 56 70T40 70T22 66Z"); break;
            default: Path("M12 76H88M22 76V40M40 76V32M58 76V32M76 76V40M12 76L18 86H82L88 76"); Path(Cross); break;
        }
    }
}
