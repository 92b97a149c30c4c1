using QRCoder;

namespace Juxtherm.Documents;

/// <summary>An address to be photographed.</summary>
public static class QrPicture
{
    private const int PixelsPerModule = 6;

    /// <summary>Draws it.</summary>
    /// <param name="text">The address.</param>
    /// <returns>An SVG picture.</returns>
    public static string Svg(string text)
    {
        using var generator = new QRCodeGenerator();
        using var data = generator.CreateQrCode(text, QRCodeGenerator.ECCLevel.M);
        return new SvgQRCode(data).GetGraphic(PixelsPerModule);
    }
}
