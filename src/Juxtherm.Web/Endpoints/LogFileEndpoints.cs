using System.Text;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>What came of reading a logbook in.</summary>
/// <param name="Read">Entries in the file.</param>
/// <param name="Added">Of these new; the others were there already.</param>
public sealed record LogReadIn(int Read, int Added);

/// <summary>The logbook out and in, as a table or as JSON.</summary>
internal static class LogFileEndpoints
{
    private const long LargestFile = 128 * 1024 * 1024;

    public static void MapLogFiles(this IEndpointRouteBuilder routes)
    {
        var log = routes.MapGroup("/api/log").WithTags("Logbook");
        log.MapGet("/logbook.csv", ([AsParameters] LogAsked asked, LogStore store, CancellationToken cancel) => WriteAsync(asked, LogTable.Write, "text/csv; charset=utf-8", "logbook.csv", store, cancel)).Produces(200, contentType: "text/csv");
        log.MapGet("/logbook.json", ([AsParameters] LogAsked asked, LogStore store, CancellationToken cancel) => WriteAsync(asked, LogFile.Write, "application/json", "logbook.json", store, cancel)).Produces(200, contentType: "application/json");
        log.MapPost("/read-in", ReadAsync).Accepts<object>("application/octet-stream", "text/csv", "application/json").Produces<LogReadIn>().ProducesProblem(400).ProducesProblem(413).WithMetadata(new RequestSizeLimitAttribute(LargestFile));
    }

    private static async Task<IResult> WriteAsync(LogAsked asked, Func<IEnumerable<LogEntry>, string> write, string type, string name, LogStore store, CancellationToken cancel)
    {
        var problems = new Problems();
        var search = asked.Search(problems);
        if (!problems.None)
            return ProblemAnswers.Invalid(problems, "search");
        var entries = (await store.AllAsync(search, cancel)).Select(LogRows.Entry);
        return Results.File(Encoding.UTF8.GetBytes(write(entries)), type, name);
    }

    private static async Task<IResult> ReadAsync(HttpRequest request, LogReader logbook, CancellationToken cancel)
    {
        using var reader = new StreamReader(request.Body);
        var text = await reader.ReadToEndAsync(cancel);
        var problems = new Problems();
        var read = text.TrimStart().StartsWith('{') ? LogFile.Read(text, problems) : LogTable.Read(text, problems);
        if (!problems.None)
            return ProblemAnswers.Invalid(problems, "logbook");
        return Results.Ok(new LogReadIn(read.Count, await logbook.TakeInAsync(read, cancel)));
    }
}
