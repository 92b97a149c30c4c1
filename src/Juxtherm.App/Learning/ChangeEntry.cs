using Juxtherm.App.Helpers;
using Juxtherm.App.Logbook;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Learning;

/// <summary>A change to an entry; what is null stays.</summary>
/// <param name="Note">Its remark.</param>
/// <param name="Lots">Lots of its vinyl.</param>
/// <param name="Struck">It should not count.</param>
public sealed record LogChange(string? Note, IReadOnlyList<string>? Lots, bool? Struck);

/// <summary>A look at a piece after washing.</summary>
/// <param name="Washes">After how many washes, 1 to 500.</param>
/// <param name="Look">How it looked.</param>
/// <param name="Note">A remark.</param>
public sealed record WashRequest(int Washes, WashLook Look, string? Note);

/// <summary>Says more of a piece in the logbook.</summary>
/// <param name="store">The logbook.</param>
/// <param name="names">Names of vinyls, blanks and presses.</param>
/// <param name="learning">What was learned; it is worked out anew.</param>
/// <param name="clock">The time.</param>
/// <param name="language">Says why something is refused.</param>
public sealed class ChangeEntry(LogStore store, LogNames names, WorkshopLearning learning, TimeProvider clock, ILanguage language)
{
    /// <summary>Changes its remark, its lots, or whether it counts.</summary>
    /// <param name="id">The entry.</param>
    /// <param name="change">What.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<LogAnswer>> ChangeAsync(long id, LogChange change, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(change);
        var problems = new Problems();
        CheckNote(change.Note, problems);
        if (change.Lots?.FirstOrDefault(l => l.Contains(',', StringComparison.Ordinal) || l.Length > LogFile.LongestText) is { } odd)
            problems.Add("/lots", new Phrase("log-request.wrong-type", ("odd", odd), ("longestText", LogFile.LongestText)), "wrong-type");
        if (!problems.None)
            return new Invalid(problems, "entry");
        if (await NotTheirsAsync(id, cancel) is { } refused)
            return refused;
        var row = await store.ChangeAsync(id, r =>
        {
            r.Note = change.Note ?? r.Note;
            if (change.Lots is { } lots)
                r.Say(LogWordRow.Lot, lots.Select(l => l.Trim()).Where(l => l.Length > 0));
            r.Struck = change.Struck ?? r.Struck;
        }, cancel);
        learning.Forget();
        return await names.AnswerAsync(row, cancel);
    }

    /// <summary>Adds how it looked after washing.</summary>
    /// <param name="id">The entry.</param>
    /// <param name="wash">How it looked.</param>
    /// <param name="command">Chosen by whoever asks; asking twice counts once.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<LogAnswer>> WashAsync(long id, WashRequest wash, Guid? command, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(wash);
        var problems = new Problems();
        problems.Outside("/washes", wash.Washes, 1, LogFile.MostWashes);
        CheckNote(wash.Note, problems);
        if (!problems.None)
            return new Invalid(problems, "wash");
        if (await NotTheirsAsync(id, cancel) is { } refused)
            return refused;
        var said = CommandId.Of(command, clock);
        var row = await store.ChangeAsync(id, r =>
        {
            if (!r.Washes.Exists(w => w.CommandId == said))
                r.Washes.Add(
                    new LogWashRow
                    {
                        AtUtc = clock.GetUtcNow(),
                        Washes = wash.Washes,
                        Look = LogRows.Word(wash.Look),
                        Note = wash.Note?.Trim() ?? "",
                        CommandId = said
                    });
        }, cancel);
        learning.Forget();
        return await names.AnswerAsync(row, cancel);
    }

    /// <summary>Takes away how it looked after washing.</summary>
    /// <param name="id">The entry.</param>
    /// <param name="wash">Which look.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<LogAnswer>> UnwashAsync(long id, long wash, CancellationToken cancel)
    {
        var row = await store.ChangeAsync(id, r => r.Washes.RemoveAll(w => w.Id == wash), cancel);
        learning.Forget();
        return await names.AnswerAsync(row, cancel);
    }

    /// <summary>Who works at the press with a device of their own writes in the logbook of what was done from it.</summary>
    private async Task<Refused?> NotTheirsAsync(long id, CancellationToken cancel) =>
        Asking.Now?.Device is { Role: HelperRole.Press } device && await store.FindAsync(id, cancel) is { } row
        && !row.Said(LogWordRow.By).Contains(device.Name, StringComparer.Ordinal)
        ? new Refused("not-theirs", language.WordsFor(UnitSystem.Metric).Say("devices.not-theirs", ("device", device.Name))) : null;

    private static void CheckNote(string? note, Problems problems)
    {
        if (note?.Length > LogFile.LongestNote)
            problems.Add("/note", new Phrase("log-request.too-long", ("note", note.Length), ("longestNote", LogFile.LongestNote)),
                "too-long");
    }
}
