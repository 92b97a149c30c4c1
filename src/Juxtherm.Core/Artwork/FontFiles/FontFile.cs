using System.Security.Cryptography;
using System.Text;
using Juxtherm.Core.Notices;
using SkiaSharp;

namespace Juxtherm.Core.Artwork.FontFiles;

/// <summary>A font that somebody brought, as OpenType, with what it says of itself.</summary>
/// <param name="Id">Stands for exactly this file.</param>
/// <param name="Name">What it is called, style included.</param>
/// <param name="Licence">What it says of its licence; empty where it says nothing.</param>
/// <param name="Sfnt">The font itself, unpacked.</param>
public sealed record FontFile(string Id, string Name, string Licence, byte[] Sfnt)
{
    /// <summary>Largest file that is taken, bytes.</summary>
    public const int MostBytes = 16 * 1024 * 1024;

    /// <summary>Most that it may come to when it is unpacked, bytes.</summary>
    internal const int MostUnpacked = 48 * 1024 * 1024;

    /// <summary>Longest name or licence kept, characters.</summary>
    internal const int LongestText = 300;

    /// <summary>What ids of such fonts look like, as a regular expression.</summary>
    public const string OwnId = "own-[0-9a-f]{16}";

    private const string Own = "own-";
    private const int IdDigits = 16;
    private const int TriedGlyphs = 400;

    /// <summary>Reads OTF, TTF, WOFF or WOFF2.</summary>
    /// <param name="file">The file.</param>
    /// <exception cref="FontException">It is none, is damaged or too large, or has no outlines.</exception>
    public static FontFile Read(byte[] file)
    {
        ArgumentNullException.ThrowIfNull(file);
        if (file.Length > MostBytes)
            throw FontException.TooLarge();
        byte[] sfnt;
        try
        {
            sfnt = new BigEndian(file).UInt32() switch
            {
                Woff.Signature => Woff.Unpack(file),
                Woff2.Signature => Woff2.Unpack(file),
                _ => file
            };
        }
        catch (Exception e) when (e is InvalidDataException or InvalidOperationException)
        {
            throw FontException.Broken();
        }

        using var data = SKData.CreateCopy(sfnt);
        using var face = SKTypeface.FromData(data) ?? throw FontException.Broken();
        using var font = new SKFont(face, 100);
        if (!Enumerable.Range(0, Math.Min(face.GlyphCount, TriedGlyphs)).Any(g => HasOutline(font, (ushort)g)))
            throw new FontException(new Phrase("font.no-outlines"));
        var id = Own + Convert.ToHexStringLower(SHA256.HashData(sfnt))[..IdDigits];
        var style = face.FontStyle.Weight >= (int)SKFontStyleWeight.SemiBold ? " Bold" : "";
        var said = FontNames.Of(face);
        return new FontFile(id, Short(said.FullName.Length > 0 ? said.FullName : face.FamilyName + style), Short(said.Licence), sfnt);
    }

    /// <summary>Whether a font's id is that of one that somebody brought.</summary>
    /// <param name="id">The id.</param>
    public static bool IsOwnId(string id)
    {
        ArgumentNullException.ThrowIfNull(id);
        return id.Length == Own.Length + IdDigits && id.StartsWith(Own, StringComparison.Ordinal)
            && id.Skip(Own.Length).All(char.IsAsciiHexDigitLower);
    }

    /// <summary>All that a stream gives, exactly so many bytes.</summary>
    internal static byte[] Whole(Stream from, int length)
    {
        var whole = new byte[length];
        if (from.ReadAtLeast(whole, length, throwOnEndOfStream: false) < length || from.ReadByte() >= 0)
            throw FontException.Broken();
        return whole;
    }

    private static bool HasOutline(SKFont font, ushort glyph)
    {
        using var path = font.GetGlyphPath(glyph);
        return path is { IsEmpty: false };
    }

    private static string Short(string said)
    {
        var text = new StringBuilder();
        foreach (var c in said.Where(c => !char.IsControl(c)).Take(LongestText))
            text.Append(c);
        return text.ToString().Trim();
    }
}
