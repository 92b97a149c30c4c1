using Juxtherm.App.Planning;
using Juxtherm.App.Stock;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Store;

namespace Juxtherm.App.Money;

/// <summary>Vinyl to buy.</summary>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Colour">As #rrggbb; null when not said.</param>
/// <param name="ColourName">What the color is called; empty where none is given.</param>
/// <param name="WidthMm">Width of the roll that it is reckoned on, mm.</param>
/// <param name="LengthMm">Length of it, mm.</param>
/// <param name="Sheets">Or so many sheets as long as that roll is wide, one for each mat; null where a mat takes more than one.</param>
/// <param name="Cost">What it costs by what the shelf knows; null when that is not known.</param>
/// <param name="For">Jobs that it is for.</param>
public sealed record VinylToBuy(string Vinyl, string Name, string? Colour, string ColourName, double WidthMm, double LengthMm, int? Sheets,
    string? Cost, IReadOnlyList<string> For);

/// <summary>Items to buy.</summary>
/// <param name="Form">Kind of item, for the reader.</param>
/// <param name="Material">Its material, for the reader.</param>
/// <param name="Size">Its size; empty for none.</param>
/// <param name="Colour">Its color as #rrggbb; empty when not said.</param>
/// <param name="Count">How many.</param>
/// <param name="Cost">What they cost by what the shelf knows; null when that is not known.</param>
/// <param name="For">Jobs that they are for.</param>
public sealed record BlankToBuy(string Form, string Material, string Size, string Colour, int Count, string? Cost,
    IReadOnlyList<string> For);

/// <summary>What is to be bought.</summary>
/// <param name="Vinyl">Vinyl by kind and color.</param>
/// <param name="Blanks">Items by size and color.</param>
/// <param name="TransferSheets">Transfer sheets; null where none are missing.</param>
/// <param name="Patches">Test patches, each a scrap of its vinyl.</param>
/// <param name="Total">What all of it costs, as far as prices are known.</param>
/// <param name="AllPriced">All prices are known.</param>
/// <param name="Currency">How money is written.</param>
/// <param name="NotLaid">Jobs of which a piece has room on no sheet: what they need is not all in the list.</param>
public sealed record BuyingAnswer(IReadOnlyList<VinylToBuy> Vinyl, IReadOnlyList<BlankToBuy> Blanks,
    TransferSheetsToBuy? TransferSheets, int Patches, string Total, bool AllPriced, string Currency,
    IReadOnlyList<string> NotLaid);

/// <summary>Transfer sheets to buy.</summary>
/// <param name="Count">How many.</param>
/// <param name="UsesEach">How often each serves.</param>
/// <param name="Cost">What they cost; null when that is not known.</param>
/// <param name="For">Jobs that they are for.</param>
public sealed record TransferSheetsToBuy(int Count, int UsesEach, string? Cost, IReadOnlyList<string> For);

/// <summary>What all jobs of a day or of the days ahead want, without what is on hand and not promised.</summary>
/// <param name="memory">Reads jobs.</param>
/// <param name="jobs">Kept jobs.</param>
/// <param name="kept">The day.</param>
/// <param name="stock">Vinyl on hand.</param>
/// <param name="blanks">Items on hand.</param>
/// <param name="supplies">What else is on hand.</param>
/// <param name="cuts">What is cut already.</param>
/// <param name="cut">Lays jobs out.</param>
/// <param name="catalogue">The catalogue.</param>
/// <param name="keep">The workshop's prices.</param>
/// <param name="clock">The time.</param>
public sealed class BuyingList(PlanMemory memory, JobStore jobs, Days.DayKept kept, StockStore stock, BlankStore blanks,
    KeepSupplies supplies, CutStore cuts, CutPlanner cut, CatalogueSnapshot catalogue, KeepPrices keep, TimeProvider clock)
{
    private const int MostJobs = 60;
    private const double MmPerM = 1000;
    private const double HairMm = 0.5;

    /// <summary>Makes it.</summary>
    /// <param name="days">For jobs due within so many days; null for the jobs of the day that is planned.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<BuyingAnswer> MakeAsync(int? days, CancellationToken cancel)
    {
        var prices = await keep.FindAsync(cancel);
        var shelf = (await stock.ListAsync(cancel)).Select(s => s.Vinyl).ToList();
        var items = (await blanks.ListAsync(cancel)).ToDictionary(b => b, b => b.Left);
        var (vinyl, wanted) = (new Dictionary<(string, string?), VinylToBuy>(), new Dictionary<WantedBlank, (int, BlankToBuy)>());
        var notLaid = new List<string>();
        var (patches, laid) = (0, new List<(string Title, TransferSheetUse Use)>());
        foreach (var row in await RowsAsync(days, cancel))
        {
            if (memory.Read(row.Json, new Problems()) is not { } job)
                continue;
            // What is cut, or promised to a cut, is there.
            var promised = (await cuts.OfJobAsync(row.Id, cancel)).Any(c => c.Status is CutStore.Open or CutStore.Cut);
            if (!promised)
                Vinyl(job, row.Title, shelf, notLaid, vinyl, prices.Vinyl);
            Blanks(job, row.Title, items, wanted);
            patches += job.Cut.Patch ? 1 : 0;
            if (job.Cut.TransferSheets > 0)
                laid.Add((row.Title, new TransferSheetUse(job.Cut.TransferSheets, BenchScript.Wanted(job).Pieces.Count)));
        }

        List<VinylToBuy> sheets = [.. vinyl.Values];
        List<BlankToBuy> pieces = [.. wanted.Values.Select(w => w.Item2).Where(w => w.Count > 0)];
        var transfer = Transfer(laid, await supplies.FindAsync(cancel));
        var costs = sheets.Select(s => s.Cost).Concat(pieces.Select(p => p.Cost)).ToList();
        if (transfer is not null)
            costs.Add(transfer.Cost);
        return new BuyingAnswer(sheets, pieces, transfer, patches,
            CostAnswer.Text(costs.OfType<string>().Sum(c => decimal.Parse(c, System.Globalization.CultureInfo.InvariantCulture))),
            costs.TrueForAll(c => c is not null), prices.Currency, notLaid);
    }

    private async Task<IReadOnlyList<JobRow>> RowsAsync(int? days, CancellationToken cancel)
    {
        List<Guid> ids;
        if (days is { } ahead)
        {
            var last = DateOnly.FromDateTime(clock.GetLocalNow().DateTime).AddDays(ahead).ToString("yyyy-MM-dd",
                System.Globalization.CultureInfo.InvariantCulture);
            var (listed, _) = await jobs.ListAsync("", byDue: true, 0, MostJobs, cancel);
            ids = [.. listed.Where(j => j.DueOn is not null && string.CompareOrdinal(j.DueOn, last) <= 0).Select(j => j.Id)];
        }
        else
        {
            ids = [.. (await kept.WishAsync(cancel))?.Jobs.Where(j => j is { Id: not null, Dropped: false }).Select(j => j.Id!.Value)
                ?? []];
        }

        var rows = new List<JobRow>();
        foreach (var id in ids)
            if (await jobs.FindAsync(id, cancel) is { } row)
                rows.Add(row);
        return rows;
    }

    /// <summary>Takes what there is for a job, and writes down what is missing.</summary>
    private void Vinyl(Job job, string title, List<VinylStock> shelf, List<string> notLaid, Dictionary<(string, string?), VinylToBuy> buy,
        IReadOnlyDictionary<string, decimal> perM2)
    {
        var layout = cut.InPlace(job, shelf);
        if (layout.NotPlaced.Count > 0)
            notLaid.Add(title);
        foreach (var list in layout.Lists)
        {
            foreach (var use in list.Uses)
            {
                var at = shelf.FindIndex(s => s.Id == use.StockId);
                shelf[at] = shelf[at] with { LengthMm = Math.Max(0, shelf[at].LengthMm - use.LengthMm) };
            }

            if (list.ShortMm <= 0)
                continue;
            var width = list.Sheets.Where(s => s.StockId is null).Max(s => s.WidthMm);
            var before = buy.GetValueOrDefault((list.Vinyl, list.Colour));
            var length = Math.Ceiling((before?.LengthMm ?? 0) + list.ShortMm);
            buy[(list.Vinyl, list.Colour)] = new VinylToBuy(list.Vinyl, list.Name, list.Colour, list.ColourName, width, length,
                SheetsOf(list, before), CostOf(list.Vinyl, length, width, shelf, perM2),
                [.. (before?.For ?? []).Append(title).Distinct(StringComparer.Ordinal)]);
        }
    }

    /// <summary>So many sheets instead of a roll: where each mat takes no more than one.</summary>
    private static int? SheetsOf(CutList list, VinylToBuy? before)
    {
        var mats = list.Sheets.Where(s => s.StockId is null).ToList();
        return before is { Sheets: null } || mats.Exists(s => s.UsedLengthMm > s.WidthMm + HairMm) ? null
            : (before?.Sheets ?? 0) + mats.Count;
    }

    private TransferSheetsToBuy? Transfer(List<(string Title, TransferSheetUse Use)> laid, Supplies there)
    {
        var uses = catalogue.Work.Cutting.TransferSheetUses.Value;
        var missing = TransferSheets.Needed([.. laid.Select(l => l.Use)], uses) - there.TransferSheets;
        return missing <= 0 ? null : new TransferSheetsToBuy(missing, (int)uses,
            there.TransferSheetPrice is { } price ? CostAnswer.Text(price * missing) : null,
                [.. laid.Select(l => l.Title).Distinct(StringComparer.Ordinal)]);
    }

    private static string? CostOf(string vinyl, double length, double width, List<VinylStock> shelf, IReadOnlyDictionary<string,
        decimal> perM2)
    {
        if (perM2.TryGetValue(vinyl, out var price))
            return CostAnswer.Text(price * (decimal)(length / MmPerM * width / MmPerM));
        var known = shelf.Where(s => s.Vinyl == vinyl && s.PricePerMetre is not null).Select(s => (decimal)s.PricePerMetre!.Value).ToList();
        return known.Count == 0 ? null : CostAnswer.Text(known.Average() * (decimal)(length / MmPerM));
    }

    private static void Blanks(Job job, string title, Dictionary<BlankOnHand, int> items, Dictionary<WantedBlank, (int, BlankToBuy)> buy)
    {
        foreach (var want in WantedBlanks.Of(job))
        {
            var left = want.Count;
            decimal? price = null;
            foreach (var (item, there) in items.Where(i => Fits(i.Key.Row, want)).OrderBy(i => i.Key.Row.CreatedUtc).ToList())
            {
                price ??= item.Row.Price;
                var taken = Math.Min(left, there);
                (items[item], left) = (there - taken, left - taken);
            }

            var key = want with { Count = 0 };
            var before = buy.GetValueOrDefault(key).Item2;
            var count = (before?.Count ?? 0) + left;
            buy[key] = (count, new BlankToBuy(job.Blank.Form.Name, job.Blank.Material.Name, want.Size, want.Colour, count,
                price is { } p ? CostAnswer.Text(p * count) : null, left == 0 ? before?.For ?? []
                    : [.. (before?.For ?? []).Append(title).Distinct(StringComparer.Ordinal)]));
        }
    }

    private static bool Fits(BlankStockRow row, WantedBlank want) => row.Form == want.Form && row.Material == want.Material
        && (row.Size.Length == 0 || want.Size.Length == 0 || row.Size == want.Size)
        && (row.Colour.Length == 0 || want.Colour.Length == 0 || row.Colour == want.Colour);
}
