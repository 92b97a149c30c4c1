using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;

namespace Juxtherm.Core.Logbook;

/// <summary>
/// The logbook as a file: JSON that carries everything, and a table (<see cref="LogTable"/>) for spreadsheets. What was reckoned of
/// an entry's heat is never in it: whoever reads it reckons it again.
/// </summary>
public static class LogFile
{
    /// <summary>The format's name in the file.</summary>
    public const string Format = "juxtherm.log";

    /// <summary>The newest version that is understood.</summary>
    public const int Version = 1;

    /// <summary>Most entries in one file.</summary>
    public const int Most = 200_000;

    /// <summary>Longest title or name, characters.</summary>
    public const int LongestText = 120;

    /// <summary>Longest remark, characters.</summary>
    public const int LongestNote = 2000;

    /// <summary>When so much is wrong, no more of it is looked for.</summary>
    internal const int MostNamed = 50;

    /// <summary>Most washes that are told apart.</summary>
    public const int MostWashes = 500;
    private const int FlushedAt = 64 * 1024;
    private const string Iso = "yyyy-MM-ddTHH:mm:ss.fffffffZ";

    /// <summary>Writes entries, one at a time.</summary>
    /// <param name="entries">Entries.</param>
    /// <param name="to">Where they are written.</param>
    /// <param name="cancel">Gives up.</param>
    public static async Task WriteAsync(IAsyncEnumerable<LogEntry> entries, Stream to, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(entries);
        await using var json = new Utf8JsonWriter(to);
        json.WriteStartObject();
        json.WriteString("format", Format);
        json.WriteNumber("version", Version);
        json.WriteStartArray("entries");
        await foreach (var entry in entries.WithCancellation(cancel))
        {
            Node(entry).WriteTo(json);
            if (json.BytesPending > FlushedAt)
                await json.FlushAsync(cancel);
        }

        json.WriteEndArray();
        json.WriteEndObject();
        await json.FlushAsync(cancel);
    }

    /// <summary>Reads entries, one at a time: none before the file is known to be a logbook, and no more once anything is wrong. The rest
    /// is read for what else is.</summary>
    /// <param name="json">The file, UTF-8.</param>
    /// <param name="problems">Filled with what is wrong.</param>
    public static IEnumerable<LogEntry> Each(ReadOnlyMemory<byte> json, Problems problems)
    {
        ArgumentNullException.ThrowIfNull(problems);
        var from = json.Span.StartsWith("\uFEFF"u8) ? json["\uFEFF"u8.Length..] : json;
        if (Begin(from, problems) is not { } walk)
            yield break;
        while (Next(walk, problems) is { } entry)
        {
            using (entry)
            {
                if (walk.Index > Most)
                    problems.Add("/entries", new Phrase("log-file.out-of-range", ("most", Most)), "out-of-range");
                var cursor = new JsonCursor(entry.RootElement, $"/entries/{walk.Index - 1}", problems);
                var read = cursor.IsObject() ? Entry(cursor) : null;
                if (problems.None)
                    yield return read!;
            }
        }
    }

    /// <summary>Looks at what the file says of itself, and finds where its entries begin.</summary>
    private static Walk? Begin(ReadOnlyMemory<byte> json, Problems problems)
    {
        try
        {
            var reader = new Utf8JsonReader(json.Span);
            if (!reader.Read() || reader.TokenType != JsonTokenType.StartObject)
            {
                problems.Add("", new Phrase("log-file.wrong-type"), "wrong-type");
                return null;
            }

            var head = new JsonObject();
            Walk? entries = null;
            while (reader.Read() && reader.TokenType == JsonTokenType.PropertyName)
            {
                var name = reader.GetString()!;
                reader.Read();
                if (name == "entries" && reader.TokenType == JsonTokenType.StartArray)
                    entries = new Walk(json, (int)reader.BytesConsumed, reader.CurrentState);
                if (name is "format" or "version" || (name == "entries" && entries is null))
                    head[name] = JsonNode.Parse(ref reader);
                else
                    reader.Skip();
            }

            using var document = JsonDocument.Parse(head.ToJsonString());
            var root = new JsonCursor(document.RootElement, "", problems);
            if (root["format"].Choice([Format], null) is null)
                return null;
            if (root["version"].Whole(1, int.MaxValue) is not { } version)
                root["version"].Fault(new Phrase("file-version.missing", ("version", Version)), "missing");
            else if (version > Version)
                root["version"].Fault(new Phrase("log-file.newer-version", ("version", version), ("version2", Version)), "newer-version");
            if (entries is null)
                root["entries"].IsArray();
            return problems.None ? entries : null;
        }
        catch (Exception e) when (e is JsonException or InvalidOperationException)
        {
            problems.Add("", Broken(e as JsonException), "broken");
            return null;
        }
    }

    private static JsonDocument? Next(Walk walk, Problems problems)
    {
        if (problems.Found.Count >= MostNamed)
            return null;
        try
        {
            var reader = new Utf8JsonReader(walk.Json.Span[walk.Offset..], isFinalBlock: true, walk.State);
            if (!reader.Read() || reader.TokenType == JsonTokenType.EndArray)
                return null;
            var entry = JsonDocument.ParseValue(ref reader);
            (walk.Offset, walk.State, walk.Index) = (walk.Offset + (int)reader.BytesConsumed, reader.CurrentState, walk.Index + 1);
            return entry;
        }
        catch (JsonException e)
        {
            problems.Add("", Broken(e), "broken");
            return null;
        }
    }

    private static Phrase Broken(JsonException? e) =>
        new("log-file.broken", ("line", e?.LineNumber + 1), ("byte", e?.BytePositionInLine + 1));

    /// <summary>How far a file was walked through.</summary>
    private sealed class Walk(ReadOnlyMemory<byte> json, int offset, JsonReaderState state)
    {
        public ReadOnlyMemory<byte> Json { get; } = json;

        public int Offset { get; set; } = offset;

        public JsonReaderState State { get; set; } = state;

        public int Index { get; set; }
    }

    /// <summary>An entry as an object of plain values.</summary>
    internal static JsonObject Node(LogEntry e)
    {
        var node = new JsonObject
        {
            ["key"] = e.Key.ToString(),
            ["at"] = Time(e.At),
            ["title"] = e.Title,
            ["name"] = e.Name,
            ["piece"] = e.Piece,
            ["pieces"] = e.Pieces,
            ["vinyl"] = e.Item.Vinyl,
            ["material"] = e.Item.Material,
            ["form"] = e.Item.Form,
            ["heatSource"] = e.Under.HeatSource,
            ["cover"] = e.Under.Cover,
            ["underlay"] = e.Under.Underlay,
            ["celsius"] = e.Pressed.Celsius,
            ["plannedSeconds"] = e.Pressed.PlannedSeconds,
            ["pressedSeconds"] = e.Pressed.Seconds,
            ["pressure"] = Word(e.Pressed.Pressure),
            ["pressureKPa"] = e.Pressed.PressureKPa,
            ["predictedBond"] = e.PredictedBond,
            ["outcomes"] = new JsonArray([.. e.Outcomes.Select(o => (JsonNode)Word(o))]),
            ["pressedAgainSeconds"] = e.PressedAgainSeconds,
            ["backSeconds"] = e.BackSeconds,
            ["set"] = Word(e.Set),
            ["endedWell"] = e.EndedWell,
            ["plateCelsius"] = e.PlateCelsius,
            ["lots"] = new JsonArray([.. e.Lots.Select(l => (JsonNode)l)]),
            ["teaches"] = e.Teaches,
            ["note"] = e.Note,
            ["example"] = e.Example,
            ["elsewhere"] = e.Elsewhere,
            ["struck"] = e.Struck,
            ["washes"] =
            new JsonArray(
                [.. e.Washes.Select(w =>
                    (JsonNode)new JsonObject { ["at"] = Time(w.At), ["washes"] = w.Washes, ["look"] = Word(w.Look), ["note"] = w.Note })]),
        };
        return node;
    }

    /// <summary>An entry from an object of plain values; what is wrong is said where it stands.</summary>
    internal static LogEntry Entry(JsonCursor c)
    {
        foreach (var needed in new[] { "at", "vinyl", "material", "heatSource", "celsius", "pressedSeconds" }.Where(n => !c[n].Exists))
            c[needed].Fault(new Phrase("log-file.missing", ("pointer", c.Pointer), ("needed", needed)), "missing");
        var pressed = c["pressedSeconds"].Number(0, 3600, "s") ?? 0;
        return new LogEntry(
            TimeOf(c["at"]), c["title"].Text("", LongestText), c["piece"].Whole(1, 9999) ?? 1, c["pieces"].Whole(1, 9999) ?? 1,
            new LoggedItem(Ids(c["vinyl"]), Id(c["material"], ""), Id(c["form"], "flat")),
            new LoggedPress(Id(c["heatSource"], ""), Id(c["cover"], "none"), Id(c["underlay"], "none")),
            new LoggedSetting(c["celsius"].Number(20, 500, "°C") ?? 0, c["plannedSeconds"].Number(0, 3600, "s") ?? pressed, pressed,
                Of(c["pressure"], PressureLevel.Medium), c["pressureKPa"].Number(0, 500, "kPa") ?? 0),
            c["predictedBond"].Number(0, 1000) ?? 0, List<Outcome>(c["outcomes"]), c["note"].Text("", LongestNote))
        {
            Key = KeyOf(c["key"]),
            Name = c["name"].Text("", LongestText),
            PressedAgainSeconds = c["pressedAgainSeconds"].Number(0, 3600, "s") ?? 0,
            BackSeconds = c["backSeconds"].Number(0, 3600, "s") ?? 0,
            Set = Of(c["set"], SettingOrigin.Found),
            EndedWell = c["endedWell"].Flag(true),
            PlateCelsius = c["plateCelsius"].Number(0, 500, "°C"),
            Lots = Lots(c["lots"]),
            Teaches = c["teaches"].Exists && Id(c["teaches"], "") is { Length: > 0 } vinyl ? vinyl : null,
            Example = c["example"].Flag(false),
            Elsewhere = c["elsewhere"].Flag(false),
            Struck = c["struck"].Flag(false),
            Washes = Washes(c["washes"]),
        };
    }

    internal static string Word<T>(T value)
        where T : struct, Enum => JsonNamingPolicy.KebabCaseLower.ConvertName(value.ToString());

    internal static string Time(DateTimeOffset at) => at.UtcDateTime.ToString(Iso, CultureInfo.InvariantCulture);

    private static List<string> Lots(JsonCursor list)
    {
        list.IsArray(required: false);
        var lots = list.Items.Select(i => i.Text("", LongestText).Trim()).Where(l => l.Length > 0).ToList();
        if (lots.Exists(l => l.Contains(',', StringComparison.Ordinal)))
            list.Fault(new Phrase("log-file.wrong-type-2", ("pointer", list.Pointer)), "wrong-type");
        return lots;
    }

    private static IReadOnlyList<Wash> Washes(JsonCursor list)
    {
        list.IsArray(required: false);
        return [.. list.Items.Where(i => i.IsObject())
            .Select(w =>
                new Wash(TimeOf(w["at"]), w["washes"].Whole(1, MostWashes)
                    ?? 1, Of(w["look"], WashLook.Fine), w["note"].Text("", LongestNote)))];
    }

    private static List<T> List<T>(JsonCursor list)
        where T : struct, Enum
    {
        list.IsArray(required: false);
        return [.. list.Items.Select(i => Of<T>(i, default))];
    }

    private static T Of<T>(JsonCursor c, T otherwise)
        where T : struct, Enum
    {
        var known = Enum.GetValues<T>().ToDictionary(v => Word(v), StringComparer.Ordinal);
        return c.Choice([.. known.Keys], Word(otherwise)) is { } word ? known[word] : otherwise;
    }

    private static string Ids(JsonCursor c) =>
        string.Join(',', c.Text("", 400).Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries));

    private static string Id(JsonCursor c, string otherwise) => c.Text(otherwise, 80).Trim();

    private static Guid KeyOf(JsonCursor c)
    {
        var text = c.Text("", 60);
        if (text.Length == 0)
            return Guid.NewGuid();
        if (Guid.TryParse(text, out var key))
            return key;
        c.Fault(new Phrase("log-file.no-identifier", ("pointer", c.Pointer), ("text", text)), "wrong-type");
        return Guid.Empty;
    }

    private static DateTimeOffset TimeOf(JsonCursor c)
    {
        var text = c.Text("", 60);
        if (PlainTime.TryRead(text, out var at))
            return at;
        if (text.Length > 0)
            c.Fault(new Phrase("log-file.wrong-type-3", ("pointer", c.Pointer), ("text", text), ("accepted", PlainTime.Accepted)),
                "wrong-type");
        return PlainTime.Earliest;
    }
}
