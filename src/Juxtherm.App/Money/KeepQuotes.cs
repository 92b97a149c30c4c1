using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.App.Planning;
using Juxtherm.Core.Costs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Store;

namespace Juxtherm.App.Money;

/// <summary>A quote that is asked for.</summary>
/// <param name="CommandId">Chosen by whoever asks; asking twice makes one.</param>
/// <param name="Customer">Whom it is for; may be empty.</param>
/// <param name="ValidDays">For how many days it holds.</param>
/// <param name="Quantity">How many; null for as many as the job has.</param>
/// <param name="PriceEach">What each is sold for, as text; null for what is reckoned.</param>
/// <param name="Note">What else there is to say; may be empty.</param>
public sealed record QuoteAsk(Guid CommandId, string? Customer, int ValidDays, int? Quantity, string? PriceEach, string? Note);

/// <summary>What a quote says.</summary>
/// <param name="Quantity">How many.</param>
/// <param name="Each">What each is sold for, tax included.</param>
/// <param name="Net">All of them without tax.</param>
/// <param name="Tax">Tax on all of them.</param>
/// <param name="Total">All of them.</param>
/// <param name="TaxPercent">Tax, %.</param>
/// <param name="Currency">How money is written.</param>
/// <param name="CostEach">What each costs: for the workshop's eyes.</param>
/// <param name="Sizes">How many of which size.</param>
/// <param name="Names">Names that go on them.</param>
/// <param name="Item">The item, in words.</param>
/// <param name="Note">What else there is to say.</param>
public sealed record QuoteSays(int Quantity, string Each, string Net, string Tax, string Total, decimal TaxPercent, string Currency,
    string CostEach, IReadOnlyList<string> Sizes, IReadOnlyList<string> Names, string Item, string Note);

/// <summary>A quote as it was given.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Number">Its number, from 1.</param>
/// <param name="JobId">Its job.</param>
/// <param name="Title">What is made.</param>
/// <param name="Customer">Whom it is for.</param>
/// <param name="Status">open, accepted or declined.</param>
/// <param name="Created">When it was given, UTC.</param>
/// <param name="ValidUntil">The last day on which it holds.</param>
/// <param name="Says">What it says.</param>
public sealed record QuoteAnswer(Guid Id, int Number, Guid JobId, string Title, string Customer, string Status, DateTimeOffset Created,
    string ValidUntil, QuoteSays Says);

/// <summary>Gives quotes, and keeps what was promised as it was.</summary>
/// <param name="reckon">Reckons prices.</param>
/// <param name="store">Quotes.</param>
/// <param name="jobs">Kept jobs.</param>
/// <param name="keep">Changes a job's due day.</param>
/// <param name="clock">The time.</param>
/// <param name="language">Says why something is refused.</param>
public sealed class KeepQuotes(ReckonCost reckon, QuoteStore store, JobStore jobs, KeepJob keep, TimeProvider clock, ILanguage language)
{
    private const int LongestText = 400;
    private const int LongestCustomer = 120;
    private const int MostDays = 365;
    private const int MostQuantity = 999;

    private IWords Words => language.WordsFor(UnitSystem.Metric);

    /// <summary>Gives one.</summary>
    public async Task<Result<QuoteAnswer>> GiveAsync(Guid job, QuoteAsk ask, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(ask);
        if (await store.FindAsync(ask.CommandId, cancel) is { } before)
            return Of(before);
        if (await jobs.FindAsync(job, cancel) is not { } row)
            return new Missing("job");
        var problems = new Problems();
        problems.Outside("/validDays", ask.ValidDays, 1, MostDays);
        problems.Outside("/quantity", ask.Quantity ?? 1, 1, MostQuantity);
        if (ask.Customer?.Length > LongestCustomer)
            problems.Add("/customer", new Phrase("money.too-long", ("longest", LongestCustomer)), "too-long");
        if (ask.Note?.Length > LongestText)
            problems.Add("/note", new Phrase("money.too-long", ("longest", LongestText)), "too-long");
        var each = EachOf(ask.PriceEach, problems);
        if (!problems.None)
            return new Invalid(problems, "quote");
        if (await reckon.OneAsync(row, ask.Quantity, cancel) is not { } one)
            return new Refused("job", Words.Say("money.job"));
        var now = clock.GetUtcNow();
        var kept = await store.AddAsync(new QuoteRow
        {
            Id = ask.CommandId,
            JobId = job,
            Title = row.Title,
            Customer = ask.Customer?.Trim() ?? "",
            Json = JsonSerializer.Serialize(SaysOf(one, each, ask.Note ?? ""), CoreJson.Options),
            JobJson = row.Json,
            Status = QuoteStore.Open,
            CreatedUtc = now,
            ValidUntil = now.AddDays(ask.ValidDays).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
            Version = 1,
        }, cancel);
        return Of(kept);
    }

    /// <summary>Quotes of a job, newest first; all of them where none is named.</summary>
    public async Task<IReadOnlyList<QuoteAnswer>> ListAsync(Guid? job, CancellationToken cancel) =>
        [.. (await store.ListAsync(job, cancel)).Select(Of)];

    /// <summary>One, with its job as it was quoted; null where there is none.</summary>
    public async Task<(QuoteAnswer Quote, string JobJson)?> FindAsync(Guid id, CancellationToken cancel) =>
        await store.FindAsync(id, cancel) is { } row ? (Of(row), row.JobJson) : null;

    /// <summary>The customer says yes: the job is due, and what was promised stays as it was.</summary>
    /// <param name="id">The quote.</param>
    /// <param name="due">The day of the handover, as 2026-12-05; null where that is not said.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<QuoteAnswer>> AcceptAsync(Guid id, string? due, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return new Missing("quote");
        if (row.Status == QuoteStore.Declined)
            return new Refused("declined", Words.Say("money.declined"));
        if (due is not null)
        {
            if (await jobs.FindAsync(row.JobId, cancel) is not { } job)
                return new Missing("job");
            var text = JsonNode.Parse(job.Json)!.AsObject();
            text["due"] = due;
            var saved = await keep.SaveAsync(row.JobId, job.Version, text.ToJsonString(), cancel);
            if (saved.Failure is { } failure)
                return failure;
        }

        return await store.DecideAsync(id, QuoteStore.Accepted, clock.GetUtcNow(), cancel) is { } decided ? Of(decided)
            : new Missing("quote");
    }

    /// <summary>The customer says no, or it is taken back.</summary>
    public async Task<Result<QuoteAnswer>> DeclineAsync(Guid id, CancellationToken cancel) =>
        await store.DecideAsync(id, QuoteStore.Declined, clock.GetUtcNow(), cancel) is { } row ? Of(row) : new Missing("quote");

    private static decimal? EachOf(string? text, Problems problems)
    {
        if (string.IsNullOrWhiteSpace(text))
            return null;
        if (decimal.TryParse(text, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var each)
            && each is >= 0 and <= 1_000_000)
            return Math.Round(each, 2, MidpointRounding.AwayFromZero);
        problems.Add("/priceEach", new Phrase("prices.amount", ("place", "/priceEach"), ("text", text), ("most", 1_000_000)), "wrong-type");
        return null;
    }

    private QuoteSays SaysOf((PieceCost Cost, Prices Prices, Core.Jobs.Job Job) one, decimal? each, string note)
    {
        var (quantity, price) = (one.Cost.Quantity, each ?? one.Cost.Price);
        var total = price * quantity;
        var net = Math.Round(total / (1 + one.Prices.TaxPercent / 100), 2, MidpointRounding.AwayFromZero);
        var pieces = BenchScript.Wanted(one.Job).Pieces;
        return new QuoteSays(quantity, CostAnswer.Text(price), CostAnswer.Text(net), CostAnswer.Text(total - net), CostAnswer.Text(total),
            one.Prices.TaxPercent, one.Prices.Currency, CostAnswer.Text(one.Cost.PerPiece.Cost),
            [.. pieces.Where(p => p.Size is not null).GroupBy(p => p.Size!, StringComparer.Ordinal)
                .Select(g => Words.Say("quote.size", ("count", g.Count()), ("size", g.Key)))],
            [.. pieces.Select(p => p.Name).Where(n => n.Length > 0)], $"{one.Job.Blank.Form.Name}, {one.Job.Blank.Material.Name}", note);
    }

    private static QuoteAnswer Of(QuoteRow row) => new(row.Id, row.Number, row.JobId, row.Title, row.Customer, row.Status, row.CreatedUtc,
        row.ValidUntil, JsonSerializer.Deserialize<QuoteSays>(row.Json, CoreJson.Options)!);
}
