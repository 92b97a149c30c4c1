using System.Text;
using SkiaSharp;

namespace Juxtherm.Core.Artwork.FontFiles;

/// <summary>What a font says of itself (OpenType, table <c>name</c>).</summary>
/// <param name="FullName">What it is called.</param>
/// <param name="Licence">Its licence, in its own words; empty where it says nothing.</param>
internal sealed record FontNames(string FullName, string Licence)
{
    private const uint Table = 0x6E616D65;
    private const int Full = 4;
    private const int LicenceText = 13;
    private const int LicenceAddress = 14;
    private const int Windows = 3;
    private const int English = 0x409;

    public static FontNames Of(SKTypeface face)
    {
        try
        {
            return face.TryGetTableData(Table, out var table) ? Read(table) : new FontNames("", "");
        }
        catch (FontException)
        {
            // A font sets as well without a name.
            return new FontNames("", "");
        }
    }

    private static FontNames Read(byte[] table)
    {
        var head = new BigEndian(table);
        head.Take(2);
        var (count, texts) = (head.UInt16(), head.UInt16());
        var said = new Dictionary<int, string>();
        for (var i = 0; i < count; i++)
        {
            var (platform, _, language, name, length, at) =
                (head.UInt16(), head.UInt16(), head.UInt16(), head.UInt16(), head.UInt16(), head.UInt16());
            if (name is not (Full or LicenceText or LicenceAddress) || texts + at + length > table.Length)
                continue;
            var text = (platform == 1 ? Encoding.Latin1 : Encoding.BigEndianUnicode).GetString(table, texts + at, length);
            if (platform == Windows && language == English)
                said[name] = text;
            else
                said.TryAdd(name, text);
        }

        return new FontNames(said.GetValueOrDefault(Full, ""), said.GetValueOrDefault(LicenceText)
            ?? said.GetValueOrDefault(LicenceAddress, ""));
    }
}
