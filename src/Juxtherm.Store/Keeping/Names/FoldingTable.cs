using System.Globalization;
using System.Text;

namespace Juxtherm.Store.Keeping.Names;

/// <summary>How signs are compared, from the Unicode Character Database: the program runs without the system's own tables, which differ
/// from machine to machine.</summary>
internal static class FoldingTable
{
    private const string Resource = "Juxtherm.Store.Keeping.Names.folding.txt";
    private static readonly Lazy<(Dictionary<int, string> Folded, Dictionary<int, int> Classes)> Table = new(Read);

    /// <summary>What a sign becomes; null where it stays.</summary>
    /// <param name="sign">The sign.</param>
    public static string? Fold(Rune sign) => Table.Value.Folded.GetValueOrDefault(sign.Value);

    /// <summary>Canonical_Combining_Class: marks on one letter stand in its order; 0 for what is no such mark.</summary>
    /// <param name="sign">The sign.</param>
    public static int ClassOf(Rune sign) => Table.Value.Classes.GetValueOrDefault(sign.Value);

    private static (Dictionary<int, string> Folded, Dictionary<int, int> Classes) Read()
    {
        var (folded, classes) = (new Dictionary<int, string>(), new Dictionary<int, int>());
        using var file = new StreamReader(typeof(FoldingTable).Assembly.GetManifestResourceStream(Resource)
            ?? throw new InvalidOperationException("The folding table is missing from the program."));
        while (file.ReadLine() is { } line)
        {
            if (line.StartsWith('#'))
                continue;
            if (line.Split('=') is [var mark, var order])
                classes[Code(mark)] = Code(order);
            else if (line.Split(';') is [var sign, var becomes])
                folded[Code(sign)] = string.Concat(becomes.Split(' ').Select(c => char.ConvertFromUtf32(Code(c))));
        }

        return (folded, classes);
    }

    private static int Code(string hex) => int.Parse(hex, NumberStyles.HexNumber, CultureInfo.InvariantCulture);
}
