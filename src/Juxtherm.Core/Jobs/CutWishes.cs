namespace Juxtherm.Core.Jobs;

/// <summary>How sheets are laid out.</summary>
public enum SheetLayout
{
    /// <summary>As it lies in the artwork: easy to align, wastes vinyl.</summary>
    InPlace,

    /// <summary>Packed tightly: saves vinyl, aligned by hand.</summary>
    Nested,
}

/// <summary>How a job is to be cut, as its file says it.</summary>
/// <param name="Layout">How sheets are laid out; null for what is advised.</param>
/// <param name="MarginMm">Room between pieces, mm; null for the usual.</param>
/// <param name="TestCut">A small test shape is cut first on every sheet of a vinyl.</param>
/// <param name="Patch">A small shape for a test press is cut along.</param>
/// <param name="NestAbovePercent">Share of vinyl saved above which packing tightly is advised, %; null for the usual.</param>
/// <param name="Stock">What is to be cut from, ids of stock by cut list; a list that is not in it takes what fits.</param>
public sealed record CutWishes(SheetLayout? Layout, double? MarginMm, bool TestCut, bool Patch, double? NestAbovePercent,
    IReadOnlyDictionary<string, IReadOnlyList<string>> Stock)
{
    /// <summary>Most transfer sheets that a piece takes.</summary>
    public const int MostTransferSheets = 20;

    /// <summary>How many transfer sheets a piece takes: what has left its carrier is laid with one.</summary>
    public int TransferSheets { get; init; }

    /// <summary>Nothing is said.</summary>
    public static CutWishes None { get; } = new(null, null, false, false, null,
        new Dictionary<string, IReadOnlyList<string>>(StringComparer.Ordinal));

    /// <summary>Ids of the layouts in a job file.</summary>
    public static IReadOnlyDictionary<string, SheetLayout> Layouts { get; } =
        new Dictionary<string, SheetLayout>(StringComparer.Ordinal) { ["in-place"] = SheetLayout.InPlace, ["nested"] = SheetLayout.Nested };
}
