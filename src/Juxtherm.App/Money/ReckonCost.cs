using System.Text.Json.Nodes;
using Juxtherm.App.Days;
using Juxtherm.App.Planning;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Costs;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Days.Work;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Settings;
using Juxtherm.Store;

namespace Juxtherm.App.Money;

/// <summary>Reckons what pieces cost and what they are sold for.</summary>
/// <param name="memory">Makes plans.</param>
/// <param name="agreed">What kept jobs were agreed with.</param>
/// <param name="jobs">Kept jobs.</param>
/// <param name="cut">Lays jobs out.</param>
/// <param name="log">How many come to nothing.</param>
/// <param name="keep">The workshop's prices.</param>
/// <param name="pace">How fast its hands are.</param>
/// <param name="catalogue">The catalogue.</param>
/// <param name="language">Says what ways are called.</param>
public sealed class ReckonCost(PlanMemory memory, JobPlans agreed, JobStore jobs, CutPlanner cut, LogStore log, KeepPrices keep,
    WorkshopPace pace, CatalogueSnapshot catalogue, ILanguage language)
{
    private const int MostQuantity = 999;
    private const int MostQuantities = 12;

    private IWords Words => language.WordsFor(UnitSystem.Metric);

    /// <summary>Reckons a job file by prices that come along.</summary>
    /// <param name="json">Job, prices and quantities.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<IReadOnlyList<CostAnswer>>> ReckonAsync(string json, CancellationToken cancel)
    {
        var problems = new Problems();
        if (KeepPrices.Parsed(json, problems) is not { } document)
            return new Invalid(problems, "cost");
        using (document)
        {
            var root = new JsonCursor(document.RootElement, "", problems);
            var prices = PricesReader.Read(root["prices"]);
            var quantities = Quantities(root["quantities"]);
            if (!root["job"].IsObject() || !problems.None)
                return new Invalid(problems, "cost");
            var job = document.RootElement.GetProperty("job").GetRawText();
            var rows = await RowsAsync(job, WorkshopCorrection.None, prices, quantities, problems, cancel);
            return rows is null ? new Invalid(Moved(problems), "cost") : Result.Done<IReadOnlyList<CostAnswer>>(rows);
        }
    }

    /// <summary>Reckons a kept job by the workshop's prices.</summary>
    /// <param name="id">The job.</param>
    /// <param name="quantities">How many; empty for the usual ones.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<JobCost>> OfJobAsync(Guid id, IReadOnlyList<int> quantities, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(quantities);
        if (await jobs.FindAsync(id, cancel) is not { } row)
            return new Missing("job");
        var problems = new Problems();
        var text = agreed.TextOf(row);
        if (memory.Read(text, problems) is not { } job)
            return new Invalid(problems);
        var own = BenchScript.Wanted(job).Pieces.Count;
        IEnumerable<int> wanted = quantities.Count > 0 ? quantities : [1, 2, 5, 10, 25, own];
        var prices = await keep.ForAsync(job, cancel);
        var correction = agreed.Agreed(row);
        var rows = await RowsAsync(text, correction, prices, [.. wanted.Where(q => q is >= 1 and <= MostQuantity).Distinct().Order()],
            problems, cancel);
        if (rows is null)
            return new Invalid(problems);
        return new JobCost(rows, await WaysAsync(text, job, correction, prices, own, cancel), prices.Currency);
    }

    /// <summary>What one of so many pieces of a kept job costs by the workshop's prices; null where its job cannot be read.</summary>
    internal async Task<(PieceCost Cost, Prices Prices, Job Job)?> OneAsync(JobRow row, int? quantity, CancellationToken cancel)
    {
        var problems = new Problems();
        var text = agreed.TextOf(row);
        if (memory.Read(text, problems) is not { } job)
            return null;
        var prices = await keep.ForAsync(job, cancel);
        var json = quantity is { } q && q != BenchScript.Wanted(job).Pieces.Count ? WithQuantity(text, q) : text;
        return await UseAsync(json, agreed.Agreed(row), Way.AsPlanned, problems, cancel) is { } use
            ? (PieceCost.Of(use.Use, prices, await SpoilageAsync(job, cancel)), prices, use.Job) : null;
    }

    private enum Way
    {
        AsPlanned,
        InPlace,
        Nested,
    }

    /// <summary>What a piece of a run was to cost, with the run's own job; nothing is reckoned for pieces that come to nothing.</summary>
    internal async Task<(PieceCost Cost, Prices Prices)?> OfFrozenAsync(string json, Job job, CancellationToken cancel)
    {
        var prices = await keep.ForAsync(job, cancel) with { SpoilagePercent = 0 };
        return await UseAsync(json, WorkshopCorrection.None, Way.AsPlanned, new Problems(), cancel) is { } use
            ? (PieceCost.Of(use.Use, prices, 0), prices) : null;
    }

    private async Task<IReadOnlyList<WayCost>> WaysAsync(string json, Job job, WorkshopCorrection correction, Prices prices, int own,
        CancellationToken cancel)
    {
        var problems = new Problems();
        var lost = await SpoilageAsync(job, cancel);
        var ways = new List<WayCost>();
        async Task Add(string name, string text, Way way)
        {
            if (await UseAsync(text, correction, way, problems, cancel) is { } use)
                ways.Add(new WayCost(name, CostAnswer.Of(PieceCost.Of(use.Use, prices, lost), use.Use)));
        }

        await Add(Words.Say("money.in-place"), json, Way.InPlace);
        if (own > 1 || job.Layers.Count > 1)
            await Add(Words.Say("money.nested"), json, Way.Nested);
        if (job.Layers.Select(l => (l.Vinyl.Id, l.Colour)).Distinct().Count() > 1)
            await Add(Words.Say("money.one-color"), InOneColour(json), Way.InPlace);
        return ways;
    }

    private static string InOneColour(string json)
    {
        var job = JsonNode.Parse(json)!.AsObject();
        var layers = job["layers"]!.AsArray();
        foreach (var layer in layers.Skip(1))
        {
            layer!["vinyl"] = layers[0]!["vinyl"]?.DeepClone();
            layer["colour"] = layers[0]!["colour"]?.DeepClone();
            layer.AsObject().Remove("label");
        }

        return job.ToJsonString();
    }

    private async Task<List<CostAnswer>?> RowsAsync(string json, WorkshopCorrection correction, Prices prices,
        IReadOnlyList<int> quantities,
        Problems problems, CancellationToken cancel)
    {
        var rows = new List<CostAnswer>();
        decimal? lost = null;
        // What is set, and for how long, hangs on how many there are by next to nothing: it is planned once.
        foreach (var quantity in quantities)
        {
            if (await UseAsync(json, correction, Way.AsPlanned, problems, cancel, quantity) is not { } use)
                return null;
            lost ??= await SpoilageAsync(use.Job, cancel);
            rows.Add(CostAnswer.Of(PieceCost.Of(use.Use, prices, lost.Value), use.Use));
        }

        return rows;
    }

    private async Task<(RunUse Use, Job Job)?> UseAsync(string json, WorkshopCorrection correction, Way way, Problems problems,
        CancellationToken cancel, int? quantity = null)
    {
        if (memory.Plan(json, UnitSystem.Metric, correction, problems) is not { } planned
            || (quantity is { } q ? memory.Read(WithQuantity(json, q), problems) : planned.Job) is not { } job)
            return null;
        var plan = planned.Result.Plan;
        var nested = way == Way.Nested || (way == Way.AsPlanned && job.Cut.Layout == SheetLayout.Nested);
        // Packed as well as goes at once: a search for the last centimeter is left to the cutting itself.
        var layout = nested
            ? cut.Plan(job, [], new Dictionary<string, CutPreset>(StringComparer.Ordinal), Words, _ => false).Layouts
                .First(l => l.Layout == SheetLayout.Nested)
            : cut.InPlace(job, []);
        if (layout.NotPlaced.Count > 0)
        {
            problems.Add("/layers", new Phrase("not-placed.stop", ("layers", Thing.List(layout.NotPlaced))), "not-placed");
            return null;
        }

        return (RunUse.Of(job, new PlanAtPress(0, job.Tools.Source, plan), layout, catalogue.Work, await pace.FindAsync(cancel)), job);
    }

    private async Task<decimal> SpoilageAsync(Job job, CancellationToken cancel)
    {
        var (pieces, lost) = await log.EndedAsync(job.Blank.Material.Id, cancel);
        return Spoilage.PercentOf(pieces, lost);
    }

    /// <summary>The same job for so many pieces, all alike.</summary>
    private static string WithQuantity(string json, int quantity)
    {
        var job = JsonNode.Parse(json)!.AsObject();
        job["quantity"] = quantity;
        job.Remove("sizes");
        if (job["names"] is JsonArray { Count: > 0 } names && names.Sum(n => n?["count"]?.GetValue<int>() ?? 1) != quantity)
            job["names"] = new JsonArray([.. Enumerable.Range(0, quantity).Select(i => Once(names[i % names.Count]!))]);
        return job.ToJsonString();
    }

    private static JsonNode Once(JsonNode name)
    {
        var one = name.DeepClone();
        one.AsObject().Remove("count");
        return one;
    }

    private static Problems Moved(Problems problems)
    {
        var moved = new Problems();
        foreach (var problem in problems.Found)
            moved.Add(problem with { Pointer = "/job" + problem.Pointer });
        return moved;
    }

    private static List<int> Quantities(JsonCursor c)
    {
        if (!c.Exists)
            return [1, 5, 10];
        if (!c.IsArray())
            return [];
        if (c.Count > MostQuantities)
            c.Fault(new Phrase("day-reader.too-many", ("place", c.Pointer), ("count", c.Count), ("most", MostQuantities)), "out-of-range");
        return [.. c.Items.Take(MostQuantities).Select(i => i.Whole(1, MostQuantity) ?? 1)];
    }
}
