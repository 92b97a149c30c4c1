using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using CsvHelper;
using CsvHelper.Configuration;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Logbook;

/// <summary>The logbook as a table: CSV with a heading, in and out. Lists within a cell are parted by semicolons.</summary>
public static class LogTable
{
    private enum Kind
    {
        Words,
        Figure,
        Whole,
        Flag,
        List,
        Washes,
    }

    // Heading, member of the entry, and what stands in it.
    private static readonly (string Heading, string Member, Kind Kind)[] Columns =
    [
        ("at", "at", Kind.Words), ("title", "title", Kind.Words), ("name", "name", Kind.Words), ("piece", "piece", Kind.Whole),
        ("pieces", "pieces", Kind.Whole), ("vinyl", "vinyl", Kind.Words), ("material", "material", Kind.Words),
        ("form", "form", Kind.Words), ("heat source", "heatSource", Kind.Words), ("cover", "cover", Kind.Words),
        ("underlay", "underlay", Kind.Words), ("set celsius", "celsius", Kind.Figure), ("planned seconds", "plannedSeconds", Kind.Figure),
        ("pressed seconds", "pressedSeconds", Kind.Figure), ("pressure", "pressure", Kind.Words),
        ("pressure kpa", "pressureKPa", Kind.Figure), ("predicted bond", "predictedBond", Kind.Figure), ("outcomes", "outcomes", Kind.List),
        ("pressed again seconds", "pressedAgainSeconds", Kind.Figure), ("back seconds", "backSeconds", Kind.Figure),
        ("set", "set", Kind.Words), ("ended well", "endedWell", Kind.Flag), ("plate celsius", "plateCelsius", Kind.Figure),
        ("lots", "lots", Kind.List), ("note", "note", Kind.Words), ("washes", "washes", Kind.Washes),
        ("example", "example", Kind.Flag), ("elsewhere", "elsewhere", Kind.Flag),
        ("struck", "struck", Kind.Flag), ("key", "key", Kind.Words),
    ];

    /// <summary>Writes a table, a line at a time.</summary>
    /// <param name="entries">Entries.</param>
    /// <param name="to">Where it is written.</param>
    /// <param name="cancel">Gives up.</param>
    public static async Task WriteAsync(IAsyncEnumerable<LogEntry> entries, TextWriter to, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(entries);
        await using var csv = new CsvWriter(to, new CsvConfiguration(CultureInfo.InvariantCulture), leaveOpen: true);
        foreach (var column in Columns)
            csv.WriteField(column.Heading);
        await csv.NextRecordAsync();
        await foreach (var entry in entries.WithCancellation(cancel))
        {
            var node = LogFile.Node(entry);
            foreach (var column in Columns)
                csv.WriteField(Cell(node[column.Member], column.Kind));
            await csv.NextRecordAsync();
        }

        await csv.FlushAsync();
    }

    /// <summary>Reads a table, a line at a time: none before the heading is known to be right, and no more once anything is wrong. The rest
    /// is read for what else is.</summary>
    /// <param name="text">CSV with a heading; columns in any order. At, vinyl, material, heat source, set celsius and pressed seconds are
    /// needed.</param>
    /// <param name="problems">Filled with what is wrong, by line.</param>
    public static IEnumerable<LogEntry> Each(TextReader text, Problems problems)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(problems);
        var first = text.ReadLine() ?? "";
        var parter = first.Contains(',', StringComparison.Ordinal) ? "," : first.Contains('\t', StringComparison.Ordinal) ? "\t" : ";";
        var config = new CsvConfiguration(CultureInfo.InvariantCulture)
        {
            Delimiter = parter,
            HasHeaderRecord = false,
            TrimOptions = TrimOptions.Trim,
            BadDataFound = null
        };
        using var head = new CsvParser(new StringReader(first), config);
        if (!head.Read())
        {
            TableFaults.Empty(problems, Columns.Select(c => c.Heading));
            yield break;
        }

        var heading = (head.Record ?? []).Select(h => h.Trim().TrimStart('\uFEFF').ToLowerInvariant()).ToArray();
        TableFaults.Unknown(problems, heading, [.. Columns.Select(c => c.Heading)]);
        using var csv = new CsvParser(text, config);
        var count = 0;
        while (problems.Found.Count < LogFile.MostNamed && Read(csv, problems))
        {
            var cells = csv.Record ?? [];
            if (Array.TrueForAll(cells, string.IsNullOrWhiteSpace))
                continue;
            if (++count > LogFile.Most)
                TableFaults.TooLong(problems, LogFile.Most);
            using var line = JsonDocument.Parse(Line(heading, cells).ToJsonString());
            var entry = LogFile.Entry(new JsonCursor(line.RootElement, $"line {csv.RawRow + 1}", problems));
            if (problems.None)
                yield return entry;
        }
    }

    private static bool Read(CsvParser csv, Problems problems)
    {
        try
        {
            return csv.Read();
        }
        catch (CsvHelperException)
        {
            problems.Add("", new Phrase("log-table.broken", ("rawRow", csv.RawRow + 1)), "broken");
            return false;
        }
    }

    private static string? Cell(JsonNode? value, Kind kind) => kind switch
    {
        _ when value is null => "",
        Kind.Flag => (bool)value! ? "yes" : "no",
        Kind.List => PlainText.Cell(string.Join("; ", value!.AsArray().Select(v => (string)v!))),
        Kind.Washes =>
            string.Join("; ", value!.AsArray()
                .Select(w =>
                    $"{w!["at"]} {w["washes"]} {w["look"]} {((string)w["note"]!).Replace(";", ",", StringComparison.Ordinal)}".TrimEnd())),
        Kind.Words => PlainText.Cell(value!.ToString()),
        _ => value!.ToString(),
    };

    private static JsonObject Line(string[] heading, string[] cells)
    {
        var node = new JsonObject();
        foreach (var (name, member, kind) in Columns)
        {
            var at = Array.IndexOf(heading, name);
            var cell = at >= 0 && at < cells.Length ? PlainText.OfCell(cells[at]) : "";
            if (cell.Length > 0)
                node[member] = Value(cell, kind);
        }

        return node;
    }

    private static JsonNode Value(string cell, Kind kind) => kind switch
    {
        Kind.Figure or Kind.Whole =>
            double.TryParse(cell, NumberStyles.Float, CultureInfo.InvariantCulture, out var figure) ? figure : cell,
        Kind.Flag => cell.ToLowerInvariant() switch { "yes" or "true" or "1" => true, "no" or "false" or "0" => false, _ => cell },
        Kind.List =>
            new JsonArray(
                [.. cell.Split(';', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries).Select(v => (JsonNode)v)]),
        Kind.Washes =>
            new JsonArray([.. cell.Split(';', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries).Select(Wash)]),
        _ => cell,
    };

    /// <summary>When, after how many washes, how it looked, and a remark.</summary>
    private static JsonNode Wash(string cell)
    {
        var parts = cell.Split(' ', 4, StringSplitOptions.TrimEntries);
        return new JsonObject
        {
            ["at"] = parts[0],
            ["washes"] = parts.Length > 1 && int.TryParse(parts[1], CultureInfo.InvariantCulture, out var n)
            ? n : parts.ElementAtOrDefault(1),
            ["look"] = parts.ElementAtOrDefault(2),
            ["note"] = parts.ElementAtOrDefault(3) ?? "",
        };
    }
}
