using System.Diagnostics;
using System.Globalization;
using System.Net;
using System.Text;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>Every address of the service, as its own description lists them, asked with what nobody should send.</summary>
public sealed class FuzzTests : BenchApi
{
    // A lone surrogate and a figure beyond all bounds cannot be put into a tree of JSON: they stand for themselves until the text is made.
    private const string LoneSurrogate = "@@lone@@";
    private const string TooLarge = "@@large@@";
    private const int Ordinarily = 1_000;
    private const int LongestSeconds = 5;
    private const long MostGrowth = 200L * 1024 * 1024;
    private readonly Random _chance = new(16);

    private static bool Thorough => Environment.GetEnvironmentVariable("JUXTHERM_THOROUGH") == "1";

    private sealed record Asked(HttpMethod Method, string Path, byte[]? Body, string? Type, string What);

    [Fact]
    [Trait("Run", "thorough")]
    public async Task Nothing_that_is_sent_breaks_the_service_or_keeps_it_busy()
    {
        var document =
            JsonNode.Parse(await Client.GetStringAsync("/openapi/juxtherm.json", TestContext.Current.CancellationToken))!.AsObject();
        var ids = await Fill();
        var all = document["paths"]!.AsObject()
            .SelectMany(p => p.Value!.AsObject().SelectMany(o => OfOperation(document, p.Key, o.Key, o.Value!.AsObject(), ids))).ToList();
        // Every address and every kind of mischief at least once; the rest by chance.
        var chosen = Thorough
            ? all : [.. all.OrderBy(_ => _chance.Next()).GroupBy(a => (a.Method, a.Path, a.What)).Select(g => g.First())
                .OrderBy(_ => _chance.Next()).Take(Ordinarily)];
        var faults = new List<string>();
        long before = 0;
        for (var i = 0; i < chosen.Count; i++)
        {
            if (i == chosen.Count / 3)
                before = GC.GetTotalMemory(forceFullCollection: true);
            await Ask(chosen[i], faults);
        }

        var grown = GC.GetTotalMemory(forceFullCollection: true) - before;
        Assert.True(faults.Count == 0, $"{faults.Count} of {chosen.Count}:\n{string.Join('\n', faults.Take(40))}");
        Assert.True(chosen.Count >= Math.Min(Ordinarily, all.Count), $"only {chosen.Count} of {all.Count} asked");
        Assert.InRange(grown, long.MinValue, MostGrowth);
        // And it still works.
        Assert.Equal(HttpStatusCode.OK, (await Send(HttpMethod.Post, "/api/plans/preview", Tee())).Status);
    }

    private async Task Ask(Asked ask, List<string> faults)
    {
        // A machine that is busy with other things is asked a second time before it counts as slow.
        for (var again = false; ; again = true)
        {
            using var request = new HttpRequestMessage(ask.Method, ask.Path);
            if (ask.Body is not null)
            {
                request.Content = new ByteArrayContent(ask.Body);
                request.Content.Headers.TryAddWithoutValidation("Content-Type", ask.Type);
            }

            var since = Stopwatch.GetTimestamp();
            try
            {
                using var answer = await Client.SendAsync(request, TestContext.Current.CancellationToken);
                var text = ask.Path.Contains("/archive", StringComparison.Ordinal)
                    ? "" : await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
                if ((int)answer.StatusCode >= 500)
                {
                    var body = ask.Body is null ? "" : Encoding.UTF8.GetString(ask.Body)[..Math.Min(200, ask.Body.Length)];
                    faults.Add($"{(int)answer.StatusCode} {ask.Method} {ask.Path} {ask.What}: {body}");
                }
                else if (text.Contains("Exception", StringComparison.Ordinal))
                    faults.Add($"{ask.Method} {ask.Path} {ask.What} tells of our inside: {text}");
            }
            catch (Exception e) when (e is not OperationCanceledException)
            {
                faults.Add($"{ask.Method} {ask.Path} {ask.What}: {e.Message}");
            }

            if (Stopwatch.GetElapsedTime(since).TotalSeconds < LongestSeconds)
                return;
            if (!again)
                continue;
            faults.Add($"{ask.Method} {ask.Path} {ask.What} took {Stopwatch.GetElapsedTime(since).TotalSeconds:0.0} s");
            return;
        }
    }

    /// <summary>Something of every kind, so that addresses lead somewhere.</summary>
    private async Task<Dictionary<string, string>> Fill()
    {
        var job = await AddJob(Tee("Fuzz", 2));
        var run = await Begin(Tee("Run"));
        var done = await ToItsEnd(await Begin(Tee("Done")));
        Assert.Equal("finished", (string)done["status"]!);
        var entry = (await Get("/api/log"))["entries"]![0]!["id"]!.ToString();
        var stock = await Post("/api/stock",
            new JsonObject
            {
                ["commandId"] = Guid.NewGuid(),
                ["kind"] = "roll",
                ["vinyl"] = "smooth",
                ["colour"] = "#112233",
                ["widthMm"] = 305,
                ["lengthMm"] = 2000
            });
        var shelf = await Post("/api/shelf/vinyl", new JsonObject { ["name"] = "Own", ["family"] = "smooth" });
        return new(StringComparer.Ordinal)
        {
            ["/api/jobs/{id}"] = job,
            ["/api/runs/{id}"] = (string)run["id"]!,
            ["/api/log/{id}"] = entry,
            ["/api/stock/{id}"] = (string)stock["id"]!,
            ["/api/shelf/{id}"] = (string)shelf["id"]!,
            ["{kind}"] = "vinyl",
            ["{format}"] = "svg",
            ["{symbol}"] = "wash",
            ["{piece}"] = "1",
            ["{station}"] = "1",
            ["{vinyl}"] = "smooth",
            ["{cutter}"] = "roll",
            ["{wash}"] = "1",
            ["{name}"] = "daily-20260101-000000.db",
            ["{id}"] = Guid.NewGuid().ToString(),
            ["{photo}"] = Guid.NewGuid().ToString(),
        };
    }

    private IEnumerable<Asked> OfOperation(JsonObject document, string route, string method, JsonObject operation,
        Dictionary<string, string> ids)
    {
        var verb = new HttpMethod(method.ToUpperInvariant());
        var path = route;
        foreach (var (key, value) in ids.Where(i => i.Key.StartsWith("/api", StringComparison.Ordinal))
            .Where(i => route.StartsWith(i.Key, StringComparison.Ordinal)))
            path = path.Replace(key, key[..key.LastIndexOf('/')] + "/" + value, StringComparison.Ordinal);
        foreach (var (key, value) in ids)
            path = path.Replace(key, value, StringComparison.Ordinal);
        // Restoring would take away what the others ask for; its own tests send it worse.
        if (route.EndsWith("/restore", StringComparison.Ordinal) && route.Contains("keeping", StringComparison.Ordinal))
            yield break;
        foreach (var query in Queries(operation))
            yield return new Asked(verb, path + query, null, null, "query " + query);
        foreach (var odd in new[] { "%ED%A0%80", "..%2f..%2fworkshop.db", "%E2%80%AE", new string('x', 3000), "-1",
            "99999999999999999999" })
            yield return new Asked(verb, string.Join('/', route.Split('/').Select(p => p.StartsWith('{') ? odd : p)), null, null,
                "path " + odd[..Math.Min(12, odd.Length)]);
        if (operation["requestBody"]?["content"]?.AsObject() is not { } content)
            yield break;
        var json = content.FirstOrDefault(c => c.Key == "application/json").Value;
        var whole = json is null ? null : Sample(document, json["schema"]?.AsObject(), 0);
        foreach (var (text, what) in new[] { ("", "empty"), ("null", "null"), ("[]", "list"), ("{}", "object"), ("{", "half"),
            ("\"text\"", "text"), ("12", "figure"), (new string('[', 5000), "deep"), ("{\"a\":1,\"a\":2}", "twice"), ("﻿{}", "mark") })
            yield return new Asked(verb, path, Encoding.UTF8.GetBytes(text), content.First().Key, what);
        yield return new Asked(verb, path, [0x7B, 0x22, 0xFF, 0xFE, 0x22, 0x3A, 0x31, 0x7D], content.First().Key, "no UTF-8");
        foreach (var charset in new[] { "utf-7", "utf-16", "klingon", "\"" })
            yield return new Asked(verb, path, Encoding.UTF8.GetBytes("{}"), $"{content.First().Key}; charset={charset}",
                "charset " + charset);
        if (whole is null)
            yield break;
        foreach (var (node, what) in Mutations(whole))
            yield return new Asked(verb, path, Encoding.UTF8.GetBytes(Text(node)), "application/json", what);
    }

    private static string Text(JsonNode? node) =>
        (node?.ToJsonString() ?? "null").Replace($"\"{TooLarge}\"", "1e999", StringComparison.Ordinal)
        .Replace(LoneSurrogate, "\\ud800", StringComparison.Ordinal);

    private static IEnumerable<string> Queries(JsonObject operation)
    {
        yield return "";
        foreach (var name in (operation["parameters"]?.AsArray() ?? []).Where(p => (string?)p!["in"] == "query")
            .Select(p => (string)p!["name"]!))
        {
            foreach (var value in new[] { "", "-1", "1e9", "99999999999999999999", "x", "%00", "%ED%A0%80", "1500-01-01", "9999-12-31",
                "'; DROP TABLE Jobs;--", "NaN" })
                yield return $"?{name}={value}";
        }
    }

    /// <summary>The body with one thing in it changed, for every thing in it.</summary>
    private static IEnumerable<(JsonNode? Node, string What)> Mutations(JsonNode whole)
    {
        foreach (var path in Paths(whole, []).ToList())
        {
            foreach (var (make, what) in Mischief())
            {
                var copy = whole.DeepClone();
                var parent = path[..^1].Aggregate(copy, (n, step) => step is int i ? n[i]! : n[(string)step]!);
                if (path[^1] is int index)
                    parent[index] = make();
                else
                    parent[(string)path[^1]] = make();
                yield return (copy, $"{what} at {string.Join('/', path)}");
            }

            if (path[^1] is string name)
            {
                var copy = whole.DeepClone();
                path[..^1].Aggregate(copy, (n, step) => step is int i ? n[i]! : n[(string)step]!).AsObject().Remove(name);
                yield return (copy, $"without {string.Join('/', path)}");
            }
        }
    }

    private static IEnumerable<(Func<JsonNode?> Make, string What)> Mischief() =>
    [
        (() => null, "null"), (() => "", "no text"), (() => "text", "text"), (() => LoneSurrogate, "half a character"),
        (() => "\u0007\u001b", "control signs"), (() => new string('x', 20_000), "long text"),
        (() => -1, "minus"), (() => 0, "zero"), (() => 1.5, "half"), (() => 1e300, "huge"), (() => TooLarge, "beyond bounds"),
        (() => int.MaxValue, "largest"), (() => true, "true"),
        (() => new JsonArray(), "empty list"), (() => new JsonArray((JsonNode?)null), "list of nothing"),
        (() => new JsonObject(), "empty object"), (() => new JsonArray("x", 1, new JsonObject()), "mixed list"),
    ];

    private static IEnumerable<object[]> Paths(JsonNode? node, object[] here)
    {
        if (here.Length > 0)
            yield return here;
        if (here.Length > 6)
            yield break;
        if (node is JsonObject members)
        {
            foreach (var path in members.SelectMany(m => Paths(m.Value, [.. here, m.Key])))
                yield return path;
        }
        else if (node is JsonArray { Count: > 0 } items)
        {
            foreach (var path in Paths(items[0], [.. here, 0]))
                yield return path;
        }
    }

    /// <summary>A body as the description says it; a job file where it says nothing.</summary>
    private static JsonNode? Sample(JsonObject document, JsonObject? schema, int depth)
    {
        if (schema is null || depth > 5)
            return Job();
        if ((string?)schema["$ref"] is { } reference)
        {
            var name = reference.Split('/')[^1];
            return name.StartsWith("JsonElement", StringComparison.Ordinal) || name.StartsWith("JsonObject", StringComparison.Ordinal)
                || name.StartsWith("JsonNode", StringComparison.Ordinal)
                ? Job() : Sample(document, document["components"]!["schemas"]![name]!.AsObject(), depth + 1);
        }

        if ((schema["oneOf"] ?? schema["anyOf"])?.AsArray() is { Count: > 0 } any)
            return Sample(document, any.Select(o => o!.AsObject()).FirstOrDefault(o => (string?)o["type"] != "null")
                ?? any[0]!.AsObject(), depth);
        if (schema["enum"] is JsonArray { Count: > 0 } words)
            return words[0]?.DeepClone();
        var type = schema["type"] is JsonArray types
            ? types.Select(t => (string)t!).FirstOrDefault(t => t is not "null" and not "string") ?? "string" : (string?)schema["type"];
        return type switch
        {
            "object" when schema["properties"] is JsonObject members =>
                new JsonObject(members.Select(m => KeyValuePair.Create(m.Key, Sample(document, m.Value!.AsObject(), depth + 1)))),
            "array" => new JsonArray(Sample(document, schema["items"]?.AsObject(), depth + 1)),
            "integer" => 1,
            "number" => 150,
            "boolean" => true,
            "string" => (string?)schema["format"] == "uuid"
                ? Guid.NewGuid().ToString()
                : (string?)schema["format"] == "date-time"
                ? DateTimeOffset.UnixEpoch.ToString("O", CultureInfo.InvariantCulture) : "smooth",
            _ => Job(),
        };
    }

    /// <summary>A job with a bit of everything in it.</summary>
    private static JsonObject Job() => JsonNode.Parse("""
        { "format": "juxtherm.job", "version": 1, "title": "Fuzz", "quantity": 2, "blank": { "form": "tee", "size": "M", "material": "cotton", "face": "front", "measured": { "chest": 500 } },
          "tools": { "heatSource": "swing-platen", "cutter": { "id": "roll" }, "cover": "parchment", "underlay": "pad" },
          "label": { "celsius": 155, "seconds": 12, "for": "plate-press" }, "pressure": "medium",
          "layers": [ { "id": "sky", "vinyl": "smooth", "colour": "#112233", "shape": "M0 0H40V18H55V19.5H40V40H0Z", "xMm": 100, "yMm": 150, "widthMm": 55, "heightMm": 40 },
                      { "id": "bare", "vinyl": "flock", "xMm": 10, "yMm": 20, "widthMm": 30, "heightMm": 12 },
                      { "id": "word", "vinyl": "glitter", "colour": "gold", "xMm": 100, "yMm": 220, "widthMm": 60, "word": { "text": "Tarn", "font": "sans", "heightMm": 30 } } ],
          "names": [ { "name": "Io", "count": 1, "size": "M" } ], "choices": { "preheat": "yes" }, "used": { "celsius": 150, "seconds": 10 } }
        """)!.AsObject();
}
