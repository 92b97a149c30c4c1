using System.Globalization;
using Juxtherm.App.Keeping;
using Juxtherm.Core.Reading;
using Juxtherm.Store.Keeping;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Http.Features;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>Where the workshop is kept.</summary>
/// <param name="Folder">Its folder.</param>
/// <param name="Backups">Newest first.</param>
/// <param name="SetAside">What could not be read and was set aside, newest first.</param>
public sealed record KeepingAnswer(string Folder, IReadOnlyList<Backup> Backups, IReadOnlyList<SetAsideAnswer> SetAside);

/// <summary>Something that could not be read and was set aside; it is still in the database, whole.</summary>
/// <param name="Name">What it is called; empty where that cannot be read either.</param>
/// <param name="Why">What is wrong with it.</param>
/// <param name="AtUtc">When.</param>
public sealed record SetAsideAnswer(string Name, string Why, DateTimeOffset AtUtc);

/// <summary>Something was put back.</summary>
/// <param name="Kept">The backup of what was there before.</param>
/// <param name="Backups">Newest first.</param>
public sealed record PutBack(Backup Kept, IReadOnlyList<Backup> Backups);

/// <summary>Backups, and whole workshops in and out.</summary>
internal static class KeepingEndpoints
{
    private const string Zip = "application/zip";

    public static void MapKeeping(this IEndpointRouteBuilder routes)
    {
        var keeping = routes.MapGroup("/api/keeping").WithTags("Keeping").Allow(AccessLevel.Owner).OutsideGate();
        keeping.MapGet("/", AnswerAsync).Produces<KeepingAnswer>();
        keeping.MapPost("/backups", async (Keeper keeper, CancellationToken cancel) =>
        {
            await keeper.BackUpAsync(Backups.Asked, cancel);
            return await AnswerAsync(keeper, cancel);
        }).Produces<KeepingAnswer>();
        keeping.MapGet("/backups/{name}",
            (string name, Keeper keeper) =>
            Plainly(() => Results.File(Backups.PathOf(keeper.Folder, name), "application/vnd.sqlite3", name)))
            .Produces(200, contentType: "application/vnd.sqlite3").ProducesProblem(400);
        keeping.MapPost("/backups/{name}/restore",
            (string name, Keeper keeper, CancellationToken cancel) =>
            PlainlyAsync(async () => Results.Ok(new PutBack(await keeper.RestoreAsync(name, cancel), keeper.Backups)))).Produces<PutBack>()
            .ProducesProblem(400).Untimed();
        keeping.MapGet("/archive", WriteAsync).Produces(200, contentType: Zip);
        keeping.MapPost("/archive",
            (HttpRequest request, bool? setAside, Keeper keeper, CancellationToken cancel) =>
            PlainlyAsync(async () => Results.Ok(new PutBack(await keeper.ReadAsync(request.Body, setAside == true, cancel),
                keeper.Backups))))
            .Accepts<object>("application/octet-stream").Produces<PutBack>().ProducesProblem(400).ProducesProblem(409).ProducesProblem(413)
            .WithMetadata(new RequestSizeLimitAttribute(WorkshopArchive.MostBytes)).Untimed();
        MapNames(keeping.MapGroup("/names"));
    }

    private static void MapNames(RouteGroupBuilder names)
    {
        names.MapPost("/", (NamesAsk ask, PersonalData people) => Answers.Of(people.Find(ask))).Produces<NamesAnswer>()
            .ProducesProblem(400);
        names.MapPost("/archive", async (NamesAsk ask, PersonalData people, CancellationToken cancel) =>
        {
            var zip = new MemoryStream();
            return await people.WriteAsync(ask, zip, cancel) is { } failure
                ? Answers.Of<NamesAnswer>(failure) : Results.File(zip.ToArray(), Zip, "names.juxtherm.zip");
        }).Produces(200, contentType: Zip).ProducesProblem(400);
        names.MapPost("/forget", (NamesAsk ask, PersonalData people, CancellationToken cancel) =>
            PlainlyAsync(async () => Answers.Of(await people.ForgetAsync(ask, cancel))))
            .Produces<NamesAnswer>().ProducesProblem(400).ProducesProblem(409).Untimed();
    }

    private static async Task<IResult> AnswerAsync(Keeper keeper, CancellationToken cancel) =>
        Results.Ok(new KeepingAnswer(keeper.Folder, keeper.Backups,
            [.. (await keeper.SetAsideAsync(cancel)).Select(r => new SetAsideAnswer(r.Name, r.Why, r.AtUtc))]));

    private static async Task WriteAsync(HttpContext http, Keeper keeper, TimeProvider clock, CancellationToken cancel)
    {
        http.Response.ContentType = Zip;
        http.Response.Headers.ContentDisposition =
            "attachment; filename=workshop-" +
            $"{clock.GetUtcNow().UtcDateTime.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture)}.juxtherm.zip";
        // A ZIP is finished where it ends, not where it is awaited.
        http.Features.Get<IHttpBodyControlFeature>()!.AllowSynchronousIO = true;
        await keeper.WriteAsync(http.Response.Body, cancel);
    }

    private static IResult Plainly(Func<IResult> answer)
    {
        try
        {
            return answer();
        }
        catch (KeepingException e)
        {
            return Refused(e);
        }
    }

    private static async Task<IResult> PlainlyAsync(Func<Task<IResult>> answer)
    {
        try
        {
            return await answer();
        }
        catch (UnreadableRowsException e)
        {
            return ProblemAnswers.Conflict("unreadable-rows", ProblemAnswers.English.Say(e.Says));
        }
        catch (KeepingException e)
        {
            return Refused(e);
        }
    }

    private static IResult Refused(KeepingException e)
    {
        var problems = new Problems();
        problems.Add("", e.Says, "broken");
        return ProblemAnswers.Invalid(problems, "file");
    }
}
