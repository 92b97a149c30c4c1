using Juxtherm.App;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Juxtherm.Words;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.Data.Sqlite;

namespace Juxtherm.Web.Hosting;

/// <summary>Answers what went wrong as RFC 9457 problem details, never with the inside of the program.</summary>
/// <param name="answers">Writes them.</param>
/// <param name="log">Keeps what the reader is not shown.</param>
internal sealed partial class ProblemAnswers(IProblemDetailsService answers, ILogger<ProblemAnswers> log) : IExceptionHandler
{
    public static void Configure(ProblemDetailsOptions options) => options.CustomizeProblemDetails = context =>
    {
        context.ProblemDetails.Extensions.Remove("traceId");
        context.ProblemDetails.Extensions.Remove("exception");
    };

    /// <summary>What is said where nobody knows the reader's units.</summary>
    public static IWords English { get; } = Language.English.WordsFor(UnitSystem.Metric);

    /// <summary>Everything wrong with what was sent, field by field, named as the screens name them and in the reader's units.</summary>
    public static IResult Invalid(Problems problems, string what = "job") => new InvalidAnswer(problems, what);

    /// <summary>Nothing is kept under that id.</summary>
    public static IResult NotFound(string what) =>
        Results.Problem(statusCode: StatusCodes.Status404NotFound, title: English.Say("answer.not-found"),
            detail: English.Say("answer.not-found-text", ("what", what)));

    /// <summary>It does not fit what is kept now.</summary>
    public static IResult Conflict(string code, string detail, object? current = null) => Results.Problem(
        statusCode: StatusCodes.Status409Conflict, title: English.Say("answer.out-of-step"), detail: detail,
        extensions: new Dictionary<string, object?>(StringComparer.Ordinal) { ["code"] = code, ["current"] = current });

    public async ValueTask<bool> TryHandleAsync(HttpContext httpContext, Exception exception, CancellationToken cancellationToken)
    {
        (int Status, (string Title, string Detail) What) said = exception switch
        {
            BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } =>
                (StatusCodes.Status413PayloadTooLarge,
                    (English.Say("answer.too-large"), English.Say("answer.too-large-text", ("most", Limit(httpContext) / 1024)))),
            BadHttpRequestException bad =>
                (bad.StatusCode, (English.Say("answer.unreadable"), English.Say("answer.unreadable-text", ("why", Plain(bad))))),
            BusyException busy => (StatusCodes.Status409Conflict, (English.Say("answer.busy"), English.Say(busy.Says))),
            _ when DiskFull.Is(exception) =>
                (StatusCodes.Status507InsufficientStorage, (English.Say("answer.disk-full"), English.Say("answer.disk-full-text"))),
            _ when DiskFull.IsReadOnly(exception) =>
                (StatusCodes.Status507InsufficientStorage, (English.Say("answer.read-only"), English.Say("answer.read-only-text"))),
            _ when IsBusy(exception) => (StatusCodes.Status409Conflict, (English.Say("answer.busy"), English.Say("answer.busy-text"))),
            OperationCanceledException =>
                (StatusCodes.Status400BadRequest,
                    (English.Say("answer.too-much"), English.Say("answer.too-much-text", ("longest", WithPatience.Longest.TotalSeconds)))),
            _ => (StatusCodes.Status500InternalServerError, (English.Say("answer.fault"), English.Say("answer.fault-text"))),
        };
        if (exception is OperationCanceledException && httpContext.RequestAborted.IsCancellationRequested)
            return true;
        if (said.Status == StatusCodes.Status500InternalServerError)
            Failed(log, exception, httpContext.Request.Method, httpContext.Request.Path);
        httpContext.Response.StatusCode = said.Status;
        return await answers.TryWriteAsync(new ProblemDetailsContext
        {
            HttpContext = httpContext,
            ProblemDetails = { Status = said.Status, Title = said.What.Title, Detail = said.What.Detail },
        });
    }

    private static long Limit(HttpContext context) =>
        context.Features.Get<Microsoft.AspNetCore.Http.Features.IHttpMaxRequestBodySizeFeature>()?.MaxRequestBodySize ?? StrictBody.Largest;

    private static bool IsBusy(Exception exception) =>
        (exception as SqliteException ?? exception.InnerException as SqliteException)?.SqliteErrorCode is 5 or 6;

    /// <summary>What the body reader found, without the names of types.</summary>
    private static string Plain(BadHttpRequestException bad) =>
        bad.InnerException is System.Text.Json.JsonException { Path: { } path }
        ? English.Say("answer.unreadable-json", ("path", path)) : English.Say("answer.unreadable-whole");

    [LoggerMessage(Level = LogLevel.Error, Message = "{Method} {Path} failed")]
    private static partial void Failed(ILogger log, Exception exception, string method, string path);
}

/// <summary>One thing wrong with what was sent.</summary>
/// <param name="Pointer">The field, as a JSON Pointer in fragment form.</param>
/// <param name="Detail">What is wrong and what would be accepted.</param>
/// <param name="Code">A stable word.</param>
/// <param name="Field">What the field is called on the screen; null where no screen shows it.</param>
public sealed record FieldFault(string Pointer, string Detail, string Code, string? Field);

/// <summary>Answers faults in the units of whoever asks: <c>units</c> in the address, or the header that the pages send.</summary>
internal sealed class InvalidAnswer(Problems problems, string what) : IResult
{
    /// <summary>The header in which the pages say their units.</summary>
    public const string UnitsHeader = "Juxtherm-Units";

    public Task ExecuteAsync(HttpContext httpContext)
    {
        ArgumentNullException.ThrowIfNull(httpContext);
        var units = httpContext.Request.Query.TryGetValue("units", out var asked)
            ? asked.ToString() : httpContext.Request.Headers[UnitsHeader].ToString();
        var reader = ReaderUnits.Of(units);
        var words = Language.English.WordsFor(reader);
        var faults =
            problems.Found.Select(p => new FieldFault("#" + p.Pointer, FieldNames.Say(p, reader), p.Code, FieldNames.Of(p.Pointer, words)))
            .ToArray();
        return Results.Problem(
            statusCode: StatusCodes.Status400BadRequest,
            title: words.Say("answer.invalid", ("what", what)),
            detail: string.Join(' ', faults.Select(f => f.Detail)),
            extensions: new Dictionary<string, object?>(StringComparer.Ordinal) { ["errors"] = faults }).ExecuteAsync(httpContext);
    }
}
