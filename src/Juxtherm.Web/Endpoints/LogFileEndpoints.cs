using System.Text;
using Juxtherm.App.Logbook.Import;
using Juxtherm.App.Logbook;
using Juxtherm.App;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>What came of reading a logbook in.</summary>
/// <param name="Read">Entries in the file.</param>
/// <param name="Added">Of these new; the others were there already.</param>
public sealed record LogReadIn(int Read, int Added);

/// <summary>A logbook that is still being read in.</summary>
/// <param name="Id">Ask again by it.</param>
/// <param name="Total">Entries in the file; 0 until they are counted.</param>
/// <param name="Ready">Of these made ready; they are taken in at once at the end.</param>
public sealed record LogReadingIn(Guid Id, int Total, int Ready);

/// <summary>The logbook out and in, as a table or as JSON.</summary>
internal static class LogFileEndpoints
{
    private const long LargestFile = 128 * 1024 * 1024;

    // What takes longer is asked for again.
    private static readonly TimeSpan AtOnce = TimeSpan.FromSeconds(2);

    public static void MapLogFiles(this IEndpointRouteBuilder routes)
    {
        var log = routes.MapGroup("/api/log").WithTags("Logbook").Allow(AccessLevel.Owner).Audit(new Phrase("deed.logbook"));
        log.MapGet("/logbook.csv",
            ([AsParameters] LogAsked asked, LogStore store, HttpContext http, CancellationToken cancel) =>
            WriteAsync(asked, "text/csv; charset=utf-8", "logbook.csv", http, async entries =>
        {
            await using var text = new StreamWriter(http.Response.Body, new UTF8Encoding(encoderShouldEmitUTF8Identifier: false),
                leaveOpen: true);
            await LogTable.WriteAsync(entries, text, cancel);
        }, store, cancel)).Produces(200, contentType: "text/csv");
        log.MapGet("/logbook.json", ([AsParameters] LogAsked asked, LogStore store, HttpContext http, CancellationToken cancel) =>
            WriteAsync(asked, "application/json", "logbook.json", http, entries => LogFile.WriteAsync(entries, http.Response.Body, cancel),
                store, cancel)).Produces(200, contentType: "application/json");
        log.MapPost("/read-in", ReadAsync).Accepts<object>("application/octet-stream", "text/csv", "application/json").Produces<LogReadIn>()
            .Produces<LogReadingIn>(202).ProducesProblem(400).ProducesProblem(413).WithMetadata(new RequestSizeLimitAttribute(LargestFile));
        log.MapGet("/read-in/{id:guid}", (Guid id, LogReader logbook) => AnswerAsync(logbook.Find(id))).Produces<LogReadIn>()
            .Produces<LogReadingIn>(202).ProducesProblem(400).ProducesProblem(404);
    }

    private static async Task<IResult> WriteAsync(LogAsked asked, string type, string name, HttpContext http,
        Func<IAsyncEnumerable<LogEntry>, Task> write, LogStore store, CancellationToken cancel)
    {
        var problems = new Problems();
        var search = asked.Search(problems);
        if (!problems.None)
            return ProblemAnswers.Invalid(problems, "search");
        http.Response.ContentType = type;
        http.Response.Headers.ContentDisposition = $"attachment; filename={name}";
        await write(store.EachAsync(search, cancel).Select(LogRows.Entry));
        return Results.Empty;
    }

    private static async Task<IResult> ReadAsync(HttpRequest request, [FromHeader(Name = CommandHeader.Name)] Guid? command,
        LogReader logbook, TimeProvider clock, CancellationToken cancel) =>
        await AnswerAsync(await logbook.BeginAsync(CommandId.Of(command, clock), request.Body, cancel));

    private static async Task<IResult> AnswerAsync(LogReadInEntry? entry)
    {
        if (entry is null)
            return ProblemAnswers.NotFound("logbook being read in");
        await Task.WhenAny(entry.Work, Task.Delay(AtOnce));
        if (!entry.Work.IsCompleted)
            return Results.Accepted(value: new LogReadingIn(entry.Id, entry.Total, entry.Ready));
        var added = await entry.Work;
        return entry.Problems.None ? Results.Ok(new LogReadIn(entry.Total, added)) : ProblemAnswers.Invalid(entry.Problems, "logbook");
    }
}
