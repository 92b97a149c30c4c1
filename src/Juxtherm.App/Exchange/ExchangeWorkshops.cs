using System.Globalization;
using System.Text.Json.Nodes;
using Juxtherm.App.Logbook;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Exchange;

/// <summary>Two workshops share jobs, own vinyls, settings and what was learned: as a signed file that is shown before it counts, and
/// can be taken back whole. Lists of names, remarks and photos do not leave; titles and lettering do.</summary>
/// <param name="seal">Signs.</param>
/// <param name="shelf">Own vinyls, blanks and presses.</param>
/// <param name="jobs">Jobs.</param>
/// <param name="log">The logbook.</param>
/// <param name="match">Finds what is new.</param>
/// <param name="book">Remembers what was taken in.</param>
/// <param name="clock">The time.</param>
public sealed class ExchangeWorkshops(WorkshopSeal seal, ShelfStore shelf, JobStore jobs, LogStore log, ExchangeMatch match, TakenBook book,
    TimeProvider clock)
{
    /// <summary>What went and came.</summary>
    public async Task<ExchangeAnswer> NowAsync(CancellationToken cancel) =>
        new(seal.Own, [.. (await book.AllAsync(cancel)).OrderByDescending(t => t.AtUtc)]);

    /// <summary>Writes a file for another workshop.</summary>
    /// <param name="from">What this workshop calls itself.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<JsonObject>> WriteAsync(string? from, CancellationToken cancel)
    {
        var (name, problems) = (from?.Trim() ?? "", new Problems());
        if (name.Length > ExchangeFile.LongestName)
            problems.Add("/from", new Phrase("money.too-long", ("longest", ExchangeFile.LongestName)), "too-long");
        if (PlainText.Odd(name) is { } sign)
            problems.Add("/from", PlainText.Complaint("from", sign), "wrong-type");
        if (!problems.None)
            return new Invalid(problems, "exchange");
        var things = (await book.AllAsync(cancel)).SelectMany(t => t.Things).ToLookup(t => t.Here, StringComparer.Ordinal);
        var own = seal.Own;
        // As it came it is still another's; once it was changed it is this workshop's own.
        JsonObject OriginOf(string id, string contentNow)
        {
            var made = things[id].FirstOrDefault(t => t.Content == contentNow)?.From ?? new Origin(own, id);
            return new JsonObject { ["workshop"] = made.Workshop, ["id"] = made.Id };
        }

        using var pieces = new MemoryStream();
        await LogFile.WriteAsync(Nameless(log.EachAsync(new LogSearch(), cancel)), pieces, cancel);
        var (listed, origins) = (new JsonArray(), new JsonArray());
        await foreach (var row in jobs.EachAsync(cancel))
        {
            if (row.DeletedUtc is not null)
                continue;
            var job = NamelessJob.Of(JsonNode.Parse(row.Json)!.AsObject());
            origins.Add(OriginOf(row.Id.ToString(), ContentHash.Of(job)));
            listed.Add(job);
        }

        var shelved = (await shelf.ListAsync(cancel)).Select(o => (Row: o, Entry: JsonNode.Parse(o.Json)!.AsObject())).ToList();
        if (listed.Count + shelved.Count > ExchangeFile.Most)
        {
            problems.Add("", new Phrase("exchange.too-large", ("most", ExchangeFile.Most)), "too-large");
            return new Invalid(problems, "exchange");
        }

        var content = new JsonObject
        {
            ["from"] = name,
            ["madeUtc"] = clock.GetUtcNow().ToString("O", CultureInfo.InvariantCulture),
            ["own"] = new JsonArray([.. shelved.Select(o => new JsonObject
            {
                ["id"] = o.Row.Id, ["kind"] = o.Row.Kind, ["name"] = o.Row.Name,
                ["origin"] = OriginOf(o.Row.Id, ContentHash.Of(o.Entry)), ["entry"] = o.Entry,
            })]),
            ["jobs"] = listed,
            ["jobOrigins"] = origins,
            ["logbook"] = JsonNode.Parse(pieces.ToArray()),
        };
        return new JsonObject
        {
            ["format"] = ExchangeFile.Format,
            ["version"] = ExchangeFile.Version,
            ["content"] = content,
            ["signature"] = seal.Sign(content),
        };
    }

    /// <summary>Looks into a file; nothing is kept.</summary>
    /// <param name="text">The file.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<LookedInto>> LookAsync(string text, CancellationToken cancel)
    {
        var problems = new Problems();
        if (ExchangeFile.Read(text, problems) is not { } file)
            return new Invalid(problems, "exchange");
        var fresh = await match.FindNewAsync(file, cancel);
        return new LookedInto(file.From, file.SignedBy, (await book.AllAsync(cancel)).Any(t => t.SignedBy == file.SignedBy),
            [.. fresh.Own.Select(o => o.Name)], [.. fresh.Jobs.Select(j => j.Title)], file.Jobs.Count - fresh.Jobs.Count,
            fresh.Pieces.Count);
    }

    private static async IAsyncEnumerable<LogEntry> Nameless(IAsyncEnumerable<LogRow> rows)
    {
        await foreach (var row in rows)
            yield return LogRows.Entry(row) with
            {
                Name = "",
                Note = "",
                Washes = [.. row.Washes.Select(w => LogRows.Wash(w) with { Note = "" })],
            };
    }
}
