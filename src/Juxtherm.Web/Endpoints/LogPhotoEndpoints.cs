using Juxtherm.App.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>Photos of pressed pieces.</summary>
internal static class LogPhotoEndpoints
{
    private const long LargestPhoto = 30 * 1024 * 1024;
    private const string Jpeg = "image/jpeg";

    public static void MapLogPhotos(this IEndpointRouteBuilder routes)
    {
        var log = routes.MapGroup("/api/log").WithTags("Logbook").Allow(AccessLevel.Press).Audit(new Phrase("deed.photo"));
        log.MapPost("/{id:long}/photos", AddAsync).Accepts<object>("application/octet-stream").Produces<LogAnswer>().ProducesProblem(400)
            .ProducesProblem(404).ProducesProblem(413).WithMetadata(new RequestSizeLimitAttribute(LargestPhoto));
        log.MapGet("/photos/{photo:guid}",
            (Guid photo, LogStore store, CancellationToken cancel) => ShowAsync(photo, p => p.Jpeg, store, cancel))
            .Produces(200, contentType: Jpeg).ProducesProblem(404);
        log.MapGet("/photos/{photo:guid}/small",
            (Guid photo, LogStore store, CancellationToken cancel) => ShowAsync(photo, p => p.Small, store, cancel))
            .Produces(200, contentType: Jpeg).ProducesProblem(404);
        log.MapDelete("/photos/{photo:guid}",
            async (Guid photo, LogStore store, CancellationToken cancel) => await store.RemovePhotoAsync(photo, cancel)
            ? Results.NoContent() : ProblemAnswers.NotFound("photo")).Produces(204).ProducesProblem(404).Allow(AccessLevel.Owner);
    }

    private static async Task<IResult> AddAsync(long id, HttpRequest request, [FromHeader(Name = CommandHeader.Name)] Guid? command,
        AddPhoto add, CancellationToken cancel)
    {
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, cancel);
        return Answers.Of(await add.AddAsync(id, body.ToArray(), command, cancel));
    }

    private static async Task<IResult> ShowAsync(Guid id, Func<LogPhotoRow, byte[]> which, LogStore store, CancellationToken cancel)
    {
        if (await store.PhotoAsync(id, cancel) is not { } photo)
            return ProblemAnswers.NotFound("photo");
        // Not kept by the browser: what was taken away is gone.
        return Results.Bytes(which(photo), Jpeg);
    }
}
