using Juxtherm.Core.Catalogue.Own;
using Juxtherm.Core.Notices;
using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>Something on the shelf.</summary>
/// <param name="Id">Its id in job files.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Version">Counts saves; give it back when saving.</param>
/// <param name="Entry">Its text, as a job file carries it.</param>
public sealed record ShelfAnswer(string Id, OwnKind Kind, string Name, int Version, JsonElement Entry);

/// <summary>A changed entry to keep.</summary>
/// <param name="Version">The version it was changed from.</param>
/// <param name="Entry">Its text.</param>
public sealed record ShelfSave(int Version, JsonElement Entry);

/// <summary>A workshop's own vinyls, blanks and presses.</summary>
internal static class ShelfEndpoints
{
    public static void MapShelf(this IEndpointRouteBuilder routes)
    {
        var shelf = routes.MapGroup("/api/shelf").WithTags("Shelf");
        shelf.MapGet("/",
            async (ShelfStore store, CancellationToken cancel) => Results.Ok((await store.ListAsync(cancel)).Select(Answer).ToArray()))
            .Produces<ShelfAnswer[]>();
        shelf.MapPost("/{kind}", AddAsync).Accepts<object>("application/json").Produces<ShelfAnswer>(201).ProducesProblem(400);
        shelf.MapPut("/{id}", SaveAsync).Produces<ShelfAnswer>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        shelf.MapDelete("/{id}", (string id, ShelfStore store, CancellationToken cancel) => SetDeletedAsync(id, true, store, cancel))
            .Produces<ShelfAnswer>().ProducesProblem(404);
        shelf.MapPost("/{id}/restore", (string id, ShelfStore store, CancellationToken cancel) => SetDeletedAsync(id, false, store, cancel))
            .Produces<ShelfAnswer>().ProducesProblem(404);
    }

    private static async Task<IResult> AddAsync(string kind, HttpRequest request, [FromHeader(Name = CommandHeader.Name)] Guid? command,
        ShelfStore store, CatalogueSnapshot catalogue, CancellationToken cancel)
    {
        var problems = new Problems();
        if (!Enum.TryParse<OwnKind>(kind, ignoreCase: true, out var what) || !Enum.IsDefined(what))
        {
            problems.Add("", new Phrase("shelf-endpoints.unknown-id", ("kind", kind)), "unknown-id");
            return ProblemAnswers.Invalid(problems, "entry");
        }

        var (json, given) = WithId(await JobBody.ReadAsync(request, cancel), what, command ?? Guid.NewGuid());
        if (OwnEntries.Check(what, json, catalogue, problems) is not { } read)
            return ProblemAnswers.Invalid(problems, "entry");
        if (given == read.Id && await store.FindAsync(read.Id, cancel) is { } before)
            return Results.Created($"/api/shelf/{before.Id}", Answer(before));
        // An id stays taken when its entry was taken off: it can be brought back, and the logbook still names it.
        if ((await store.NamesAsync(cancel)).ContainsKey(read.Id))
        {
            problems.Add("/id", new Phrase("shelf-endpoints.duplicate", ("read", read.Id)), "duplicate");
            return ProblemAnswers.Invalid(problems, "entry");
        }

        var row = await store.AddAsync(read.Id, Word(what), read.Name, json, cancel);
        return Results.Created($"/api/shelf/{row.Id}", Answer(row));
    }

    private static async Task<IResult> SaveAsync(string id, ShelfSave request, ShelfStore store, CatalogueSnapshot catalogue,
        CancellationToken cancel)
    {
        var problems = new Problems();
        if (await store.FindAsync(id, cancel) is not { } kept)
            return ProblemAnswers.NotFound("entry on the shelf");
        var json = request.Entry.ValueKind == JsonValueKind.Undefined ? "null" : request.Entry.GetRawText();
        if (OwnEntries.Check(Kind(kept), json, catalogue, problems) is not { } read)
            return ProblemAnswers.Invalid(problems, "entry");
        if (read.Id != id)
        {
            problems.Add("/id", new Phrase("shelf-endpoints.does-not-fit", ("read", read.Id), ("id", id)), "does-not-fit");
            return ProblemAnswers.Invalid(problems, "entry");
        }

        var saved = await store.SaveAsync(id, request.Version, read.Name, json, cancel);
        if (saved.Row is null)
            return ProblemAnswers.NotFound("entry on the shelf");
        return saved.Stale
            ? ProblemAnswers.Conflict("stale", "This was saved from somewhere else in the meantime.", Answer(saved.Row))
            : Results.Ok(Answer(saved.Row));
    }

    private static async Task<IResult> SetDeletedAsync(string id, bool deleted, ShelfStore store, CancellationToken cancel) =>
        await store.SetDeletedAsync(id, deleted, cancel) is { } row
        ? Results.Ok(Answer(row)) : ProblemAnswers.NotFound("entry on the shelf");

    /// <summary>The text with an id of its own, if it is an object without one; otherwise as it is, for the reader to complain
    /// of.</summary>
    /// <returns>The text, and the id that it was given; null when it has one.</returns>
    private static (string Json, string? Given) WithId(string json, OwnKind kind, Guid command)
    {
        try
        {
            if (JsonNode.Parse(json) is not JsonObject entry || entry["id"] is not null)
                return (json, null);
            var id = $"{OwnEntries.IdPrefix}{Word(kind)}-{command.ToString("N")[^8..]}";
            entry["id"] = id;
            return (entry.ToJsonString(), id);
        }
        catch (JsonException)
        {
            return (json, null);
        }
    }

    private static ShelfAnswer Answer(ShelfRow row) => new(row.Id, Kind(row), row.Name, row.Version, JsonElement.Parse(row.Json));

    private static OwnKind Kind(ShelfRow row) => Enum.Parse<OwnKind>(row.Kind, ignoreCase: true);

    private static string Word(OwnKind kind) => kind.ToString().ToLowerInvariant();
}
