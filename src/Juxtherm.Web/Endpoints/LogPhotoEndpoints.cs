using Juxtherm.Core.Notices;
using Juxtherm.App;
using Juxtherm.App.Logbook;
using Juxtherm.Core.Reading;
using Juxtherm.Documents;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>Photos of pressed pieces.</summary>
internal static class LogPhotoEndpoints
{
    private const long LargestPhoto = 30 * 1024 * 1024;
    private const int MostPhotos = 12;
    private const string Jpeg = "image/jpeg";
    private static readonly SemaphoreSlim Door = new(1);

    public static void MapLogPhotos(this IEndpointRouteBuilder routes)
    {
        var log = routes.MapGroup("/api/log").WithTags("Logbook");
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
            ? Results.NoContent() : ProblemAnswers.NotFound("photo")).Produces(204).ProducesProblem(404);
    }

    private static async Task<IResult> AddAsync(long id, HttpRequest request, [FromHeader(Name = CommandHeader.Name)] Guid? command,
        LogStore store, LogNames names, TimeProvider clock, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return ProblemAnswers.NotFound("entry");
        using var body = new MemoryStream();
        await request.Body.CopyToAsync(body, cancel);
        var problems = new Problems();
        try
        {
            if ((await store.PhotosAsync([id], cancel))[id].Count() >= MostPhotos)
                problems.Add("", new Phrase("log-photo-endpoints.out-of-range", ("mostPhotos", MostPhotos)), "out-of-range");
            else
            {
                var photo = await ReadAsync(body.ToArray(), cancel);
                await store.AddPhotoAsync(
                    new LogPhotoRow
                    {
                        Id = CommandId.Of(command, clock),
                        LogId = id,
                        AtUtc = clock.GetUtcNow(),
                        Width = photo.Width,
                        Height = photo.Height,
                        Jpeg = photo.Jpeg,
                        Small = photo.Small
                    }, cancel);
            }
        }
        catch (PhotoException e)
        {
            problems.Add("", new Phrase("as-said", ("text", e.Message)), "broken");
        }

        return problems.None ? Results.Ok((await names.AnswersAsync([row], cancel))[0]) : ProblemAnswers.Invalid(problems, "photo");
    }

    /// <summary>One at a time: a large picture takes a few hundred megabytes for a moment.</summary>
    private static async Task<Photo> ReadAsync(byte[] data, CancellationToken cancel)
    {
        await Door.WaitAsync(cancel);
        try
        {
            return await Task.Run(() => Photo.Read(data), cancel);
        }
        finally
        {
            Door.Release();
        }
    }

    private static async Task<IResult> ShowAsync(Guid id, Func<LogPhotoRow, byte[]> which, LogStore store, CancellationToken cancel)
    {
        if (await store.PhotoAsync(id, cancel) is not { } photo)
            return ProblemAnswers.NotFound("photo");
        // Not kept by the browser: what was taken away is gone.
        return Results.Bytes(which(photo), Jpeg);
    }
}
