using System.Text;
using System.Text.Json;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Microsoft.AspNetCore.Http.Metadata;
using Microsoft.Net.Http.Headers;

namespace Juxtherm.Web.Hosting;

/// <summary>
/// Looks through every JSON body once, before whoever reads it: in UTF-8, without half characters, signs that cannot be printed, names
/// that come twice, figures beyond all bounds, and nothing in the place of a thing in a list.
/// </summary>
/// <param name="next">What comes after.</param>
internal sealed class StrictBody(RequestDelegate next)
{
    /// <summary>Largest request body, bytes. A job file is a few kilobytes; with its artwork it may be a few hundred.</summary>
    public const long Largest = 8 * 1024 * 1024;

    private const int DeepestJson = 64;

    public async Task InvokeAsync(HttpContext context)
    {
        var request = context.Request;
        if (request.ContentLength == 0 || HttpMethods.IsGet(request.Method) || HttpMethods.IsHead(request.Method)
            || context.GetEndpoint() is null)
        {
            await next(context);
            return;
        }

        if (MediaTypeHeaderValue.TryParse(request.ContentType, out var type) && type.Charset.HasValue
            && !type.Charset.Value.Trim('"').Equals("utf-8", StringComparison.OrdinalIgnoreCase))
        {
            await Results.Problem(statusCode: StatusCodes.Status415UnsupportedMediaType, title: "The request cannot be read",
                detail: $"The request is written in “{PlainText.Printable(type.Charset.Value)}”; UTF-8 is accepted.").ExecuteAsync(context);
            return;
        }

        // Files that may be large are read, and looked through, by whoever takes them in.
        if (!request.HasJsonContentType() || context.GetEndpoint()?.Metadata.GetMetadata<IRequestSizeLimitMetadata>() is not null)
        {
            await next(context);
            return;
        }

        using var body = new MemoryStream((int)Math.Clamp(request.ContentLength ?? 0, 0, Largest));
        await request.Body.CopyToAsync(body, context.RequestAborted);
        var problems = new Problems();
        Look(body.GetBuffer().AsSpan(0, (int)body.Length), problems);
        if (!problems.None)
        {
            await ProblemAnswers.Invalid(problems, "request").ExecuteAsync(context);
            return;
        }

        body.Position = 0;
        request.Body = body;
        await next(context);
    }

    /// <summary>Finds the first thing that no reader should have to bear. What is no JSON at all is left to the reader to complain
    /// of.</summary>
    private static void Look(ReadOnlySpan<byte> json, Problems problems)
    {
        var reader = new Utf8JsonReader(json, new JsonReaderOptions { MaxDepth = DeepestJson });
        var path = new Stack<Level>();
        try
        {
            while (problems.None && reader.Read())
            {
                switch (reader.TokenType)
                {
                    case JsonTokenType.StartObject or JsonTokenType.StartArray:
                        Next(path);
                        path.Push(new Level(reader.TokenType == JsonTokenType.StartArray));
                        break;
                    case JsonTokenType.EndObject or JsonTokenType.EndArray:
                        path.Pop();
                        break;
                    case JsonTokenType.PropertyName:
                        Name(ref reader, path, problems);
                        break;
                    default:
                        Next(path);
                        Value(ref reader, path, problems);
                        break;
                }
            }
        }
        catch (JsonException)
        {
            // The reader of the request says where.
        }
    }

    private static void Name(ref Utf8JsonReader reader, Stack<Level> path, Problems problems)
    {
        var name = Text(ref reader, path, problems);
        if (name is null)
            return;
        path.Peek().Name = name;
        if (!path.Peek().Names.Add(name))
            problems.Add(Pointer(path), new Phrase("strict-body.duplicate", ("pointer", Pointer(path))), "duplicate");
    }

    private static void Value(ref Utf8JsonReader reader, Stack<Level> path, Problems problems)
    {
        if (reader.TokenType == JsonTokenType.String)
            Text(ref reader, path, problems);
        else if (reader.TokenType == JsonTokenType.Number && !(reader.TryGetDouble(out var figure) && double.IsFinite(figure)))
            problems.Add(Pointer(path), new Phrase("strict-body.out-of-range", ("pointer", Pointer(path))), "out-of-range");
        else if (reader.TokenType == JsonTokenType.Null && path.TryPeek(out var level) && level.IsArray)
            problems.Add(Pointer(path), new Phrase("strict-body.wrong-type", ("pointer", Pointer(path))), "wrong-type");
    }

    private static string? Text(ref Utf8JsonReader reader, Stack<Level> path, Problems problems)
    {
        string? text = null;
        var sign = "half a character";
        try
        {
            text = reader.GetString()!;
            sign = PlainText.Odd(text);
        }
        catch (InvalidOperationException)
        {
            // Half of a surrogate pair, or bytes that are no UTF-8.
        }

        if (sign is null)
            return text;
        var place = Pointer(path);
        problems.Add(place, PlainText.Complaint(place.Length == 0 ? new Phrase("strict-body.text") : place, sign), "wrong-type");
        return null;
    }

    private static void Next(Stack<Level> path)
    {
        if (path.TryPeek(out var level) && level.IsArray)
            level.Index++;
    }

    private static string Pointer(Stack<Level> path)
    {
        var text = new StringBuilder();
        foreach (var level in path.Reverse())
            text.Append('/')
                .Append(level.IsArray
                    ? Math.Max(0, level.Index).ToString(System.Globalization.CultureInfo.InvariantCulture)
                    : level.Name.Replace("~", "~0", StringComparison.Ordinal).Replace("/", "~1", StringComparison.Ordinal));
        return text.ToString();
    }

    private sealed class Level(bool isArray)
    {
        public bool IsArray { get; } = isArray;

        public int Index { get; set; } = -1;

        public string Name { get; set; } = "";

        public HashSet<string> Names { get; } = new(StringComparer.Ordinal);
    }
}

/// <summary>Nobody is worked for longer than they wait, nor than anybody would.</summary>
/// <param name="next">What comes after.</param>
internal sealed class WithPatience(RequestDelegate next)
{
    /// <summary>Longest that anything is worked on for a request.</summary>
    public static readonly TimeSpan Longest = TimeSpan.FromSeconds(30);

    public async Task InvokeAsync(HttpContext context)
    {
        if (context.HasMark<UntimedEndpoint>())
        {
            await next(context);
            return;
        }

        using var patience = CancellationTokenSource.CreateLinkedTokenSource(context.RequestAborted);
        patience.CancelAfter(Longest);
        using (Patience.Until(patience.Token))
            await next(context);
    }
}
