using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.App.Exchange;

/// <summary>An own vinyl, blank or press in an exchange file.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Kind">vinyl, blank or press.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Json">Its text.</param>
internal sealed record OwnInFile(string Id, string Kind, string Name, string Json);

/// <summary>A job in an exchange file.</summary>
/// <param name="Title">What it is called.</param>
/// <param name="Json">Its text.</param>
internal sealed record JobInFile(string Title, string Json);

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

    private const int Most = 5000;

    /// <summary>Reads a file through.</summary>
    /// <param name="text">The file.</param>
    /// <param name="problems">Takes what is wrong.</param>
    /// <returns>Null where something is.</returns>
    public static ExchangeFile? Read(string text, Problems problems)
    {
        JsonNode? file;
        try
        {
            file = JsonNode.Parse(text);
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
            var from = (string?)content["from"] ?? "";
            List<OwnInFile> own = [.. Each(content["own"]).Select(o =>
                new OwnInFile((string)o["id"]!, (string)o["kind"]!, (string)o["name"]!,
                o["entry"]!.ToJsonString()))];
            List<JobInFile> jobs = [.. Each(content["jobs"]).Select(j => new JobInFile((string?)j["title"] ?? "", j.ToJsonString()))];
            var logbook = JsonSerializer.SerializeToUtf8Bytes(content["logbook"], CoreJson.Options);
            List<LogEntry> pieces = content["logbook"] is null ? [] : [.. LogFile.Each(logbook, problems)];
            if (from.Length > LongestName || own.Count + jobs.Count > Most)
                problems.Add("", new Phrase("exchange.too-large", ("most", Most)), "too-large");
            return problems.None ? new ExchangeFile(from, by, own, jobs, pieces) : null;
        }
        catch (Exception e) when (e is InvalidOperationException or NullReferenceException or FormatException)
        {
            // Signed, and all the same not what this version writes.
            problems.Add("/content", new Phrase("exchange.other-format"), "format");
            return null;
        }
    }

    private static IEnumerable<JsonObject> Each(JsonNode? list) => (list as JsonArray ?? []).Select(n => n!.AsObject());

    private static bool Is(JsonNode? node, string word) => node is JsonValue value && value.TryGetValue(out string? text) && text == word;
}
