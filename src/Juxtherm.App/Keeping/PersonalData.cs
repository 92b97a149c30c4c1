using System.IO.Compression;
using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Juxtherm.Store.Keeping;
using Juxtherm.Store.Keeping.Names;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.App.Keeping;

/// <summary>People whose names are looked for.</summary>
/// <param name="Names">Their names; at least one.</param>
/// <param name="Leave">Places that stay as they are, as kind/id; null for none.</param>
/// <param name="Backups">Backups, and copies in the second place, are gone through as well.</param>
public sealed record NamesAsk(IReadOnlyList<string>? Names, IReadOnlyList<string>? Leave = null, bool Backups = false);

/// <summary>Where a name is kept.</summary>
/// <param name="Place">As kind/id.</param>
/// <param name="Kind">job, run, piece, quote, cut, shelf, stock, blank, kept, font or set-aside.</param>
/// <param name="Title">What it is called.</param>
/// <param name="AtUtc">When it was made; null where that is not kept.</param>
/// <param name="Texts">What is written there with a name in it.</param>
/// <param name="Photos">Photos that go with it.</param>
/// <param name="UnderWay">It is being worked on, and cannot be changed now.</param>
public sealed record NamePlaceAnswer(string Place, string Kind, string Title, DateTimeOffset? AtUtc, IReadOnlyList<string> Texts,
    IReadOnlyList<Guid> Photos, bool UnderWay);

/// <summary>Everywhere that names are kept.</summary>
/// <param name="Places">Jobs first.</param>
/// <param name="Backups">How many backups there are besides, in which they may stand too.</param>
public sealed record NamesAnswer(IReadOnlyList<NamePlaceAnswer> Places, int Backups);

/// <summary>What is kept of people by their names – of customers, of their children – and forgets it.</summary>
/// <param name="folder">The data.</param>
/// <param name="keeper">Holds everybody while the data is changed.</param>
/// <param name="watch">Knows the second place.</param>
/// <param name="contexts">Reaches photos.</param>
/// <param name="language">Says why something is refused.</param>
public sealed class PersonalData(DataFolder folder, Keeper keeper, StandingWatch watch, IDbContextFactory<WorkshopContext> contexts,
    ILanguage language)
{
    private const int MostNames = 200;
    private const int Longest = 120;
    private const int Shortest = 2;

    /// <summary>Where they are.</summary>
    /// <param name="ask">Whom.</param>
    public Result<NamesAnswer> Find(NamesAsk ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        return Fault(ask) is { } fault ? fault : Answer(Whom(ask));
    }

    /// <summary>Everything that is kept of them, with photos, as one ZIP.</summary>
    /// <param name="ask">Whom.</param>
    /// <param name="to">Where it is written.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>Null when it is written; otherwise why it is not.</returns>
    public async Task<Failure?> WriteAsync(NamesAsk ask, Stream to, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(ask);
        if (Fault(ask) is { } fault)
            return fault;
        var places = NamesInDatabase.Find(folder.DatabasePath, Whom(ask));
        await using var zip = new ZipArchive(to, ZipArchiveMode.Create, leaveOpen: true);
        await using (var all = await zip.CreateEntry("kept.json").OpenAsync(cancel))
            await JsonSerializer.SerializeAsync(all, new JsonObject
            {
                ["format"] = "juxtherm.kept-of-people",
                ["version"] = 1,
                ["names"] = new JsonArray([.. ask.Names!.Select(n => JsonValue.Create(n))]),
                ["places"] = new JsonArray([.. places.Select(Written)]),
            }, CoreJson.Options, cancel);
        await using var db = await contexts.CreateDbContextAsync(cancel);
        foreach (var id in places.SelectMany(p => p.Photos))
            if (await db.LogPhotos.AsNoTracking().SingleOrDefaultAsync(p => p.Id == id, cancel) is { } photo)
            {
                await using var file = await zip.CreateEntry(PhotoPath(id), CompressionLevel.NoCompression).OpenAsync(cancel);
                await file.WriteAsync(photo.Jpeg, cancel);
            }

        return null;
    }

    /// <summary>Forgets them, with the photos of their pieces. It cannot be undone.</summary>
    /// <param name="ask">Whom, and what stays.</param>
    /// <param name="cancel">Gives up before it has begun.</param>
    /// <returns>Where they still are.</returns>
    public async Task<Result<NamesAnswer>> ForgetAsync(NamesAsk ask, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(ask);
        if (Fault(ask) is { } fault)
            return fault;
        var (names, left) = (Whom(ask), (ask.Leave ?? []).ToHashSet(StringComparer.OrdinalIgnoreCase));
        bool Leave(string kind, string id) => left.Contains($"{kind}/{id}");
        var refused = await keeper.AloneAsync(() =>
        {
            if (NamesInDatabase.Find(folder.DatabasePath, names).FirstOrDefault(p => p.UnderWay && !Leave(p.Kind, p.Id)) is { } busy)
                return new Refused("under-way", language.WordsFor(UnitSystem.Metric).Say("names.under-way", ("title", busy.Title)));
            NamesInDatabase.TakeOut(folder.DatabasePath, names, Leave);
            return null;
        }, since: null, cancel);
        if (refused is not null)
            return refused;
        if (ask.Backups)
            foreach (var file in Backups.Files(folder.Path).Concat(watch.Copied))
                Backups.Rewrite(file, copy => NamesInDatabase.TakeOut(copy, names, Leave));
        return Answer(names);
    }

    private NamesAnswer Answer(PersonNames names) => new(
        [.. NamesInDatabase.Find(folder.DatabasePath, names).Select(p => new NamePlaceAnswer($"{p.Kind}/{p.Id}", p.Kind, p.Title, p.AtUtc,
            [.. p.Texts.Select(t => t.Text).Distinct(StringComparer.Ordinal)], p.Photos, p.UnderWay))],
        keeper.Backups.Count);

    private static JsonNode Written(NamePlace place) => new JsonObject
    {
        ["kind"] = place.Kind,
        ["title"] = place.Title,
        ["at"] = place.AtUtc?.UtcDateTime,
        ["written"] = new JsonArray([.. place.Texts.Select(t => t.Beside)]),
        ["photos"] = new JsonArray([.. place.Photos.Select(p => JsonValue.Create(PhotoPath(p)))]),
    };

    private static string PhotoPath(Guid id) => $"photos/{id}.jpg";

    private static PersonNames Whom(NamesAsk ask) => new(ask.Names!);

    private static Invalid? Fault(NamesAsk ask)
    {
        var problems = new Problems();
        if (ask.Names is not { Count: > 0 and <= MostNames })
            problems.Add("/names", new Phrase("names.how-many", ("most", MostNames)), "count");
        foreach (var (name, i) in (ask.Names ?? []).Select((n, i) => (n, i)))
            if (name is null || name.Trim().Length is < Shortest or > Longest || !name.Any(char.IsLetter))
                problems.Add($"/names/{i}", new Phrase("names.length", ("least", Shortest), ("most", Longest)), "length");
        return problems.None ? null : new Invalid(problems, "names");
    }
}
