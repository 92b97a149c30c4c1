using System.Text;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Logbook.Learning;
using Juxtherm.Core.Planning;
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
        log.MapGet("/logbook.csv", (HttpRequest request, LogStore store, CancellationToken cancel) => WriteAsync(request, LogTable.Write, "text/csv; charset=utf-8", "logbook.csv", store, cancel)).Produces(200, contentType: "text/csv");
        log.MapGet("/logbook.json", (HttpRequest request, LogStore store, CancellationToken cancel) => WriteAsync(request, LogFile.Write, "application/json", "logbook.json", store, cancel)).Produces(200, contentType: "application/json");
        log.MapPost("/read-in", ReadAsync).Accepts<object>("application/json").Produces<LogReadIn>().ProducesProblem(400).ProducesProblem(413).WithMetadata(new RequestSizeLimitAttribute(LargestFile));
    }

    private static async Task<IResult> WriteAsync(HttpRequest request, Func<IEnumerable<LogEntry>, string> write, string type, string name, LogStore store, CancellationToken cancel)
    {
        var entries = (await store.AllAsync(LogEndpoints.Asked(request), cancel)).Select(LogRows.Entry);
        return Results.File(Encoding.UTF8.GetBytes(write(entries)), type, name);
    }

    private static async Task<IResult> ReadAsync(HttpRequest request, LogStore store, WorkshopCatalogue catalogues, HeatReckoner reckoner, WorkshopLearning learning, CancellationToken cancel)
    {
        using var reader = new StreamReader(request.Body);
        var text = await reader.ReadToEndAsync(cancel);
        var problems = new Problems();
        var read = text.TrimStart().StartsWith('{') ? LogFile.Read(text, problems) : LogTable.Read(text, problems);
        if (!problems.None)
            return ProblemAnswers.Invalid(problems, "logbook");
        var reckoned = await ReckonAsync(read, catalogues, reckoner, cancel);
        var added = await store.AddAsync([.. reckoned.Select(e => LogRows.Row(e, null))], cancel);
        learning.Forget();
        return Results.Ok(new LogReadIn(read.Count, added));
    }

    /// <summary>The heat of what was read in, reckoned here; pieces of one setting are reckoned once.</summary>
    private static async Task<IReadOnlyList<LogEntry>> ReckonAsync(IReadOnlyList<LogEntry> read, WorkshopCatalogue catalogues, HeatReckoner reckoner, CancellationToken cancel)
    {
        var catalogue = await catalogues.FindAsync(cancel);
        var own = await catalogues.OwnAsync(cancel);
        var known = new Dictionary<string, HeatHad?>(StringComparer.Ordinal);
        HeatHad? Heat(LogEntry entry)
        {
            var source = catalogue.HeatSources.GetValueOrDefault(entry.HeatSource);
            if (entry.Vinyl.Contains(',', StringComparison.Ordinal) || source is null)
                return null;
            var pressure = entry.PressureKPa > 0 ? entry.PressureKPa : source.PressureKPa[entry.Pressure].Value;
            var key = string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{entry.Vinyl}|{entry.Material}|{entry.Form}|{entry.HeatSource}|{entry.Cover}|{entry.Underlay}|{entry.Celsius:0.#}|{entry.PressedSeconds:0.#}|{pressure:0.##}");
            if (known.TryGetValue(key, out var before))
                return before;
            // What the catalogue does not know any more teaches nothing; it is kept all the same.
            var job = JobReader.Read(JobFromLog.Plain(entry with { Pieces = 1 }, own).ToJsonString(), catalogue, new Problems());
            return known[key] = job is null || entry.PressedSeconds < 1 ? null : reckoner.Of(job, entry.Celsius, entry.PressedSeconds, pressure);
        }

        return [.. read.Select(e => e with { Heat = Heat(e) })];
    }
}
