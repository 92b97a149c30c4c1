using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Jobs;

/// <summary>Reads what a job file says of cutting.</summary>
internal static class CutReader
{
    public static CutWishes Read(JsonCursor job)
    {
        var layout = ChoiceMembers.Layout.In(job[ChoiceMembers.Choices.Name], JobReader.Advise);
        var c = CutMembers.Cut.In(job);
        var stock = new Dictionary<string, IReadOnlyList<string>>(StringComparer.Ordinal);
        var lists = CutMembers.Stock.In(c);
        foreach (var list in lists.Names)
        {
            lists[list].IsArray();
            stock[list] = [.. CutMembers.StockId.Each(lists[list])];
        }

        return new CutWishes(
            layout is not null && CutWishes.Layouts.TryGetValue(layout, out var chosen) ? chosen : null,
            CutMembers.MarginMm.In(c), CutMembers.TestCut.In(c), CutMembers.Patch.In(c), CutMembers.NestAbovePercent.In(c), stock)
        {
            TransferSheets = CutMembers.TransferSheets.In(c) ?? 0,
        };
    }
}
