using Juxtherm.Core.Reading.Contract;

namespace Juxtherm.Core.Jobs;

/// <summary>What a job file may say of cutting.</summary>
internal static class CutMembers
{
    public static readonly NumberMember MarginMm = new("marginMm", 0, JobReader.MostCutMarginMm, "mm", "Room between pieces, mm.");
    public static readonly FlagMember TestCut = new("testCut", "A small test shape is cut first.");
    public static readonly FlagMember Patch = new("patch", "A small shape for a test press is cut along.");
    public static readonly NumberMember NestAbovePercent = new("nestAbovePercent", 0, 100, "%",
        "Share of vinyl saved above which packing tightly is advised, %.");
    public static readonly WholeMember TransferSheets = new("transferSheets", 0, CutWishes.MostTransferSheets, "",
        "Transfer sheets that a piece takes: what has left its carrier is laid with one.");
    public static readonly TextMember StockId = new("", 60);
    public static readonly MapMember Stock = new("stock", new ListMember("", StockId, int.MaxValue), "Ids of vinyl on hand by cut list.");
    public static readonly PartMember Cut = new("cut", new Shape("JobCut", MarginMm, TestCut, Patch, NestAbovePercent, TransferSheets,
        Stock),
        "How it is to be cut.");
}
