using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Catalogue.Own;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Shelf;

/// <summary>A changed entry to keep.</summary>
/// <param name="Version">The version it was changed from.</param>
/// <param name="Entry">Its text.</param>
public sealed record ShelfSave(int Version, JsonElement Entry);

/// <summary>Keeps the workshop's own vinyls, blanks and presses.</summary>
/// <param name="store">What is kept.</param>
/// <param name="catalogue">What ships.</param>
/// <param name="language">Says why something is refused.</param>
public sealed class KeepOwnEntry(ShelfStore store, CatalogueSnapshot catalogue, ILanguage language)
{
    private const string Entry = "entry on the shelf";

    /// <summary>All of them.</summary>
    /// <param name="cancel">Stops it.</param>
    public async Task<IReadOnlyList<ShelfAnswer>> ListAsync(CancellationToken cancel) =>
        [.. (await store.ListAsync(cancel)).Select(ShelfAnswer.Of)];

    /// <summary>Keeps a new one.</summary>
    /// <param name="kind">vinyl, blank or press.</param>
    /// <param name="text">Its text.</param>
    /// <param name="command">Chosen by whoever asks; asking twice keeps one.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<ShelfAnswer>> AddAsync(string kind, string text, Guid? command, CancellationToken cancel)
    {
        var problems = new Problems();
        if (KindOf(kind, problems) is not { } what)
            return new Invalid(problems, "entry");
        var (json, given) = WithId(text, what, command ?? Guid.NewGuid());
        if (OwnEntries.Check(what, json, catalogue, problems) is not { } read)
            return new Invalid(problems, "entry");
        if (given == read.Id && await store.FindAsync(read.Id, cancel) is { } before)
            return ShelfAnswer.Of(before);
        // An id stays taken when its entry was taken off: it can be brought back, and the logbook still names it.
        if ((await store.NamesAsync(cancel)).ContainsKey(read.Id))
        {
            problems.Add("/id", new Phrase("shelf-request.duplicate", ("read", read.Id)), "duplicate");
            return new Invalid(problems, "entry");
        }

        return ShelfAnswer.Of(await store.AddAsync(read.Id, Word(what), read.Name, json, cancel));
    }

    /// <summary>Reads one through as it would be kept.</summary>
    /// <param name="kind">vinyl, blank or press.</param>
    /// <param name="text">Its text.</param>
    /// <returns>What is wrong; null for nothing.</returns>
    public Invalid? Check(string kind, string text)
    {
        var problems = new Problems();
        if (KindOf(kind, problems) is { } what)
            OwnEntries.Check(what, text, catalogue, problems);
        return problems.None ? null : new Invalid(problems, "entry");
    }

    /// <summary>Changes one.</summary>
    /// <param name="id">Its id, which stays.</param>
    /// <param name="request">What it becomes.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<ShelfAnswer>> SaveAsync(string id, ShelfSave request, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(request);
        if (await store.FindAsync(id, cancel) is not { } kept)
            return new Missing(Entry);
        var problems = new Problems();
        var json = request.Entry.ValueKind == JsonValueKind.Undefined ? "null" : request.Entry.GetRawText();
        if (OwnEntries.Check(ShelfAnswer.KindOf(kept), json, catalogue, problems) is not { } read)
            return new Invalid(problems, "entry");
        if (read.Id != id)
        {
            problems.Add("/id", new Phrase("shelf-request.does-not-fit", ("read", read.Id), ("id", id)), "does-not-fit");
            return new Invalid(problems, "entry");
        }

        var (row, stale) = await store.SaveAsync(id, request.Version, read.Name, json, cancel);
        if (row is null)
            return new Missing(Entry);
        return stale
            ? new Refused("stale", language.WordsFor(UnitSystem.Metric).Say("stale.entry"), ShelfAnswer.Of(row)) : ShelfAnswer.Of(row);
    }

    /// <summary>Takes one off the shelf, or back onto it.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="deleted">Whether it is off.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<ShelfAnswer>> SetDeletedAsync(string id, bool deleted, CancellationToken cancel) =>
        await store.SetDeletedAsync(id, deleted, cancel) is { } row ? ShelfAnswer.Of(row) : new Missing(Entry);

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

    private static OwnKind? KindOf(string kind, Problems problems)
    {
        if (Enum.TryParse<OwnKind>(kind, ignoreCase: true, out var what) && Enum.IsDefined(what))
            return what;
        problems.Add("", new Phrase("shelf-request.unknown-id", ("kind", kind)), "unknown-id");
        return null;
    }

    private static string Word(OwnKind kind) => kind.ToString().ToLowerInvariant();
}
