using System.Text;
using Juxtherm.App;
using Juxtherm.App.Days;
using Juxtherm.Core.Days;
using Juxtherm.Core.Days.Changes;
using Juxtherm.Core.Notices;
using Juxtherm.Documents;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>The day: what everybody does when, and what becomes of it.</summary>
internal static class DayEndpoints
{
    private static readonly TimeSpan AtOnce = TimeSpan.FromMilliseconds(300);

    public static void MapDay(this IEndpointRouteBuilder routes)
    {
        var day = routes.MapGroup("/api/day").WithTags("Day").Allow(AccessLevel.Owner).Audit(new Phrase("deed.day"));
        day.MapPost("/plan", async (HttpRequest request, string? units, KeepDay keep, CancellationToken cancel) =>
            Answers.Of(await keep.PlanAsync(await JobBody.ReadAsync(request, cancel), ReaderUnits.Of(units), cancel)))
            .Accepts<object>("application/json").Produces<DayPlan>().ProducesProblem(400).ProducesProblem(409).Allow(AccessLevel.Look);
        day.MapGet("/", async (string? units, KeepDay keep, CancellationToken cancel) =>
            await keep.FindAsync(ReaderUnits.Of(units), cancel) is { Value: { } planned } ? Results.Ok(planned) : Results.NoContent())
            .Produces<CurrentDay>().Produces(204).Allow(AccessLevel.Look);
        day.MapPut("/", async (HttpRequest request, string? units, int version, KeepDay keep, CancellationToken cancel) =>
            Answers.Of(await keep.SaveAsync(await JobBody.ReadAsync(request, cancel), version, ReaderUnits.Of(units), cancel)))
            .Accepts<object>("application/json").Produces<CurrentDay>().ProducesProblem(400).ProducesProblem(409);
        day.MapDelete("/", async (KeepDay keep, CancellationToken cancel) =>
        {
            await keep.EndAsync(cancel);
            return Results.NoContent();
        }).Produces(204);
        day.MapPost("/events", async (DayEvent said, string? units, KeepDay keep, CancellationToken cancel) =>
            Answers.Of(await keep.SayAsync(said, ReaderUnits.Of(units), cancel)))
            .Produces<CurrentDay>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409).Allow(AccessLevel.Press);
        day.MapPost("/improve", async (string? units, KeepDay keep, DayImprover improver, CancellationToken cancel) =>
        {
            var begun = await keep.ImproveAsync(ReaderUnits.Of(units), cancel);
            await Task.WhenAny(improver.Work ?? Task.CompletedTask, Task.Delay(AtOnce, cancel));
            return Answers.Of(begun.Value is null ? begun : await keep.FindAsync(ReaderUnits.Of(units), cancel));
        }).Produces<CurrentDay>().ProducesProblem(404).ProducesProblem(409);
        day.MapPost("/improve/stop", async (string? units, KeepDay keep, CancellationToken cancel) =>
            Answers.Of(await keep.StopAsync(ReaderUnits.Of(units), cancel))).Produces<CurrentDay>().ProducesProblem(404);
        day.MapPost("/what-if", async (WhatIf[] ifs, KeepDay keep, CancellationToken cancel) =>
            Answers.Of(await keep.WhatIfAsync(ifs, cancel))).Produces<WhatIfAnswer[]>().ProducesProblem(400).ProducesProblem(404)
            .Allow(AccessLevel.Look);
        routes.MapGet("/api/day.ics", CalendarAsync).WithTags("Day").Produces(200, contentType: "text/calendar").ProducesProblem(404)
            .Allow(AccessLevel.Look);
        routes.MapGet("/api/day.pdf", PageAsync).WithTags("Day").Produces(200, contentType: "application/pdf").ProducesProblem(404)
            .Allow(AccessLevel.Look);
    }

    private static async Task<IResult> CalendarAsync(string? units, KeepDay keep, ILanguage language, TimeProvider clock,
        CancellationToken cancel) => Answers.Of(await keep.FindAsync(ReaderUnits.Of(units), cancel), day => Results.File(
            Encoding.UTF8.GetBytes(CareCalendar.Write(DayCalendar.Dates(day, day.Presses, language.WordsFor(ReaderUnits.Of(units))),
                clock.GetUtcNow())), "text/calendar", "day.ics"));

    private static async Task<IResult> PageAsync(string? units, string? zone, KeepDay keep, ILanguage language, TimeProvider clock,
        CancellationToken cancel) => Answers.Of(await keep.FindAsync(ReaderUnits.Of(units), cancel), day => Results.Bytes(
            DayDocument.Pdf(day, day.Hands, day.Presses, ZoneOf(zone), language.WordsFor(ReaderUnits.Of(units)), clock.GetUtcNow()),
            "application/pdf"));

    /// <summary>The reader's time zone; this machine's where the reader's is not known here.</summary>
    private static TimeZoneInfo ZoneOf(string? zone) =>
        zone is not null && TimeZoneInfo.TryFindSystemTimeZoneById(zone, out var known) ? known : TimeZoneInfo.Local;
}
