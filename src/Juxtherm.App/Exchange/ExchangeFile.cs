using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.App.Exchange;

/// <summary>Where something was made: by which workshop, and what it goes by there.</summary>
/// <param name="Workshop">That workshop's signature, as it is compared.</param>
/// <param name="Id">Its id there.</param>
public sealed record Origin(string Workshop, string Id);

/// <summary>An own vinyl, blank or press in an exchange file.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Kind">vinyl, blank or press.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Entry">It.</param>
/// <param name="From">Where it was made, where it is still as it was there.</param>
internal sealed record OwnInFile(string Id, string Kind, string Name, JsonObject Entry, Origin From);

/// <summary>A job in an exchange file.</summary>
/// <param name="Title">What it is called.</param>
/// <param name="Job">It.</param>
/// <param name="From">Where it was made, where it is still as it was there; null in files from before that was said.</param>
internal sealed record JobInFile(string Title, JsonObject Job, Origin? From);

/// <summary>What goes from one workshop to another: jobs, own vinyls, blanks and presses, and pieces of the logbook, signed.</summary>
/// <param name="From">What the workshop calls itself.</param>
/// <param name="SignedBy">Its signature, as it is compared.</param>
/// <param name="Own">Own vinyls, blanks and presses.</param>
/// <param name="Jobs">Jobs.</param>
/// <param name="Pieces">Pieces of the logbook.</param>
internal sealed record ExchangeFile(string From, string SignedBy, IReadOnlyList<OwnInFile> Own, IReadOnlyList<JobInFile> Jobs,
    IReadOnlyList<LogEntry> Pieces)
{
    /// <summary>What its format says.</summary>
    public const string Format = "juxtherm.exchange";

    /// <summary>The version that is written and understood.</summary>
    public const int Version = 1;

    /// <summary>Longest name of a workshop.</summary>
    public const int LongestName = 80;

    /// <summary>Most jobs and own things in one file.</summary>
    public const int Most = 20_000;

    /// <summary>Reads a file through.</summary>
    /// <param name="text">The file.</param>
    /// <param name="problems">Takes what is wrong.</param>
    /// <returns>Null where something is.</returns>
    public static ExchangeFile? Read(string text, Problems problems)
    {
        JsonNode? file;
        try
        {
            file = JsonNode.Parse(text, documentOptions: new JsonDocumentOptions { AllowDuplicateProperties = false });
        }
        catch (JsonException)
        {
            file = null;
        }

        if (file is not JsonObject || !Is(file["format"], Format) || file["content"] is not JsonObject content)
        {
            problems.Add("", new Phrase("exchange.other-format"), "format");
            return null;
        }

        if (file["version"] is not JsonValue version || !version.TryGetValue(out int number) || number != Version)
        {
            problems.Add("/version", new Phrase("exchange.version", ("version", Version)), "version");
            return null;
        }

        if (WorkshopSeal.SignedBy(content, file["signature"]) is not { } by)
        {
            problems.Add("/signature", new Phrase("exchange.signature"), "signature");
            return null;
        }

        try
        {
            var from = Text(content, "from") ?? "";
            List<OwnInFile> own = [.. Each(content["own"]).Select((o, i) => OwnOf(o, by, $"/content/own/{i}", problems))];
            var origins = Each(content["jobOrigins"]).Select(OriginOf).ToList();
            List<JobInFile> jobs = [.. Each(content["jobs"])
                .Select((j, i) => new JobInFile(Text(j, "title") ?? "", j, origins.ElementAtOrDefault(i)))];
            FindOddSigns(content, "/content", problems);
            if (own.DistinctBy(o => o.Id, StringComparer.Ordinal).Count() < own.Count)
                problems.Add("/content/own", new Phrase("exchange.ids"), "ids");
            if (from.Length > LongestName || own.Count + jobs.Count > Most)
                problems.Add("", new Phrase("exchange.too-large", ("most", Most)), "too-large");
            var logbook = JsonSerializer.SerializeToUtf8Bytes(content["logbook"], CoreJson.Options);
            List<LogEntry> pieces = content["logbook"] is null || !problems.None ? [] : [.. LogFile.Each(logbook, problems)];
            return problems.None ? new ExchangeFile(from, by, own, jobs, pieces) : null;
        }
        catch (Exception e) when (e is InvalidOperationException or FormatException)
        {
            // Signed, and all the same not what this version writes.
            problems.Add("/content", new Phrase("exchange.other-format"), "format");
            return null;
        }
    }

    private static OwnInFile OwnOf(JsonObject own, string by, string place, Problems problems)
    {
        var (id, entry) = (Text(own, "id"), own["entry"] as JsonObject);
        if (id is null || entry is null || Text(own, "kind") is not { } kind || Text(own, "name") is not { } name)
            throw new FormatException("An own vinyl, blank or press has an id, a kind, a name and an entry.");
        // What is shown is what is taken in.
        if (Text(entry, "id") != id)
            problems.Add($"{place}/id", new Phrase("exchange.ids"), "ids");
        return new OwnInFile(id, kind, name, entry, own["origin"] is JsonObject origin && OriginOf(origin) is { } made
            ? made : new Origin(by, id));
    }

    private static Origin? OriginOf(JsonObject origin) =>
        Text(origin, "workshop") is { Length: > 0 and <= LongestName } workshop
        && Text(origin, "id") is { Length: > 0 and <= LongestName } id
        ? new Origin(workshop, id) : null;

    // Texts that look like something else than they say, or break what they are written to.
    private static void FindOddSigns(JsonNode? node, string place, Problems problems)
    {
        if (node is JsonArray list)
        {
            for (var i = 0; i < list.Count; i++)
                FindOddSigns(list[i], $"{place}/{i}", problems);
        }
        else if (node is JsonObject all)
        {
            foreach (var (name, value) in all)
                FindOddSigns(value, $"{place}/{name}", problems);
        }
        else if (node is JsonValue value && value.TryGetValue(out string? text) && PlainText.Odd(text) is { } sign)
        {
            problems.Add(place, PlainText.Complaint(place, sign), "wrong-type");
        }
    }

    private static string? Text(JsonObject node, string member) =>
        node[member] is JsonValue value && value.TryGetValue(out string? text) ? text : null;

    private static IEnumerable<JsonObject> Each(JsonNode? list) => (list as JsonArray ?? []).Select(n =>
        n as JsonObject ?? throw new FormatException("Lists hold objects."));

    private static bool Is(JsonNode? node, string word) => node is JsonValue value && value.TryGetValue(out string? text) && text == word;
}
