using System.Text.Json;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store.Keeping;
using Microsoft.Data.Sqlite;

namespace Juxtherm.App.Keeping;

/// <summary>Where copies go.</summary>
/// <param name="Folder">A folder on this machine; null for nowhere.</param>
public sealed record CopiesAsk(string? Folder);

/// <summary>How safe the workshop is.</summary>
/// <param name="FreeBytes">Room left on its disk; null where that cannot be told.</param>
/// <param name="BackupUtc">When the last backup was made; null for never.</param>
/// <param name="TestedUtc">When one was last put back for a trial, and was whole; null for never.</param>
/// <param name="CopyFolder">Where copies go; null for nowhere.</param>
/// <param name="CopiedUtc">When the last copy was made there; null for never.</param>
/// <param name="Testing">A backup is being put back for a trial just now.</param>
/// <param name="Warnings">What should be seen to, in sentences.</param>
public sealed record WatchAnswer(long? FreeBytes, DateTimeOffset? BackupUtc, DateTimeOffset? TestedUtc, string? CopyFolder,
    DateTimeOffset? CopiedUtc, bool Testing, IReadOnlyList<string> Warnings);

/// <summary>Watches over the workshop's data: backups, that they can be put back, copies in a second place, and room on the disk.</summary>
/// <param name="keeper">Makes backups and tries them.</param>
/// <param name="language">Says what is wrong.</param>
/// <param name="clock">The time.</param>
public sealed class StandingWatch(Keeper keeper, ILanguage language, TimeProvider clock) : IDisposable
{
    /// <summary>The file within the data folder.</summary>
    public const string FileName = "watch.json";

    private const long LeastFreeBytes = 1_000_000_000;
    private static readonly TimeSpan OldBackup = TimeSpan.FromDays(3);
    private static readonly TimeSpan UntilItLetsGo = TimeSpan.FromSeconds(20);
    private static readonly TimeSpan OldCopy = TimeSpan.FromDays(7);
    private readonly Lock _one = new();
    private readonly Lock _trials = new();
    private readonly CancellationTokenSource _ending = new();
    private Task _trial = Task.CompletedTask;

    private IWords Words => language.WordsFor(UnitSystem.Metric);

    private string FilePath => Path.Combine(keeper.Folder, FileName);

    /// <summary>How safe it is now.</summary>
    public WatchAnswer Now
    {
        get
        {
            var (state, now, free) = (Read(), clock.GetUtcNow(), Free());
            var last = keeper.Backups.Count > 0 ? keeper.Backups[0].MadeUtc : (DateTimeOffset?)null;
            var warnings = new List<Phrase>();
            if (free < LeastFreeBytes)
                warnings.Add(new Phrase("watch.disk", ("megabytes", free / 1_000_000)));
            if (last is { } made && now - made > OldBackup)
                warnings.Add(new Phrase("watch.backup-old", ("days", Math.Floor((now - made).TotalDays))));
            if (state.TestFailed)
                warnings.Add(new Phrase("watch.test-failed"));
            if (state.CopyFolder is { } folder && now - (state.CopiedUtc ?? state.CopySinceUtc ?? now) > OldCopy)
                warnings.Add(new Phrase("watch.copy-old", ("folder", folder)));
            return new WatchAnswer(free, last, state.TestedUtc, state.CopyFolder, state.CopiedUtc, !_trial.IsCompleted,
                [.. warnings.Select(Words.Say)]);
        }
    }

    /// <summary>The copies in the second place; none where there is none, or it is not there now.</summary>
    internal IReadOnlyList<string> Copied => Read().CopyFolder is { } folder ? Copies.Files(folder) : [];

    /// <summary>Says where copies go from now on, and makes the first.</summary>
    /// <param name="ask">Where.</param>
    public Result<WatchAnswer> CopyTo(CopiesAsk ask)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var folder = string.IsNullOrWhiteSpace(ask.Folder) ? null : ask.Folder.Trim();
        if (folder is not null && Fault(folder) is { } fault)
        {
            var problems = new Problems();
            problems.Add("/folder", fault, "folder");
            return new Invalid(problems, "copies");
        }

        Change(s => s with { CopyFolder = folder, CopiedUtc = null, CopySinceUtc = clock.GetUtcNow() });
        Copy();
        return Now;
    }

    /// <summary>Copies the newest backup to the second place, where there is one and it is there.</summary>
    public void Copy()
    {
        if (Read().CopyFolder is not { } folder || keeper.Backups.Count == 0)
            return;
        try
        {
            Copies.Make(keeper.Folder, keeper.Backups[0], folder);
            Change(s => s with { CopiedUtc = clock.GetUtcNow() });
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            // A stick that is elsewhere: it is tried again, and said once the last copy is old.
        }
    }

    /// <summary>Gives up a trial that is under way, and waits until it has let go of the folder.</summary>
    public void Dispose()
    {
        _ending.Cancel();
        // How it ended is of no matter any more.
        ((IAsyncResult)_trial).AsyncWaitHandle.WaitOne(UntilItLetsGo);
        _ending.Dispose();
    }

    /// <summary>Puts the newest backup back for a trial, beside the workshop and everything else, and reads all of it. One at a time:
    /// whoever asks while one is under way waits for that.</summary>
    /// <returns>Ends with the trial.</returns>
    public Task TryAsync()
    {
        lock (_trials)
            return _trial.IsCompleted ? _trial = Background.Run(TryNewestAsync) : _trial;
    }

    private async Task TryNewestAsync()
    {
        if (keeper.Backups.Count == 0)
            return;
        bool whole;
        try
        {
            await keeper.TryAsync(keeper.Backups[0].Name, _ending.Token);
            whole = true;
        }
        catch (Exception e) when (e is KeepingException or UnreadableRowsException or SqliteException)
        {
            whole = false;
        }
        catch (OperationCanceledException)
        {
            // The program ends: it was neither.
            return;
        }

        Change(s => whole ? s with { TestedUtc = clock.GetUtcNow(), TestFailed = false } : s with { TestFailed = true });
    }

    private Phrase? Fault(string folder)
    {
        if (!Path.IsPathFullyQualified(folder))
            return new Phrase("watch.folder-relative");
        if (!Directory.Exists(folder))
            return new Phrase("watch.folder-missing", ("folder", folder));
        var (full, own) = (Path.GetFullPath(folder) + Path.DirectorySeparatorChar,
            Path.GetFullPath(keeper.Folder) + Path.DirectorySeparatorChar);
        if (full.StartsWith(own, StringComparison.Ordinal))
            return new Phrase("watch.folder-own");
        try
        {
            var trial = Path.Combine(folder, $".juxtherm-{Guid.NewGuid():N}");
            File.WriteAllText(trial, "");
            File.Delete(trial);
            return null;
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            return new Phrase("watch.folder-read-only", ("folder", folder));
        }
    }

    private long? Free()
    {
        try
        {
            return new DriveInfo(Path.GetFullPath(keeper.Folder)).AvailableFreeSpace;
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException or ArgumentException)
        {
            return null;
        }
    }

    private State Read()
    {
        lock (_one)
        {
            try
            {
                return File.Exists(FilePath) ? JsonSerializer.Deserialize<State>(File.ReadAllText(FilePath), CoreJson.Options)!
                    : new State();
            }
            catch (JsonException)
            {
                return new State();
            }
        }
    }

    private void Change(Func<State, State> change)
    {
        lock (_one)
            PrivateFile.Write(FilePath, JsonSerializer.SerializeToUtf8Bytes(change(Read()), CoreJson.Options));
    }

    private sealed record State
    {
        public string? CopyFolder { get; init; }

        public DateTimeOffset? CopySinceUtc { get; init; }

        public DateTimeOffset? CopiedUtc { get; init; }

        public DateTimeOffset? TestedUtc { get; init; }

        public bool TestFailed { get; init; }
    }
}
