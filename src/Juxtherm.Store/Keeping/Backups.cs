using System.Globalization;
using System.Text.RegularExpressions;
using Juxtherm.Core.Notices;
using Microsoft.Data.Sqlite;

namespace Juxtherm.Store.Keeping;

/// <summary>A backup of the workshop's database.</summary>
/// <param name="Name">Its file's name.</param>
/// <param name="Why">daily, asked, before-migration, before-restore or before-import.</param>
/// <param name="MadeUtc">When it was made.</param>
/// <param name="Bytes">Its size.</param>
public sealed record Backup(string Name, string Why, DateTimeOffset MadeUtc, long Bytes);

/// <summary>A backup or archive cannot be used. Nothing was changed; the message says why.</summary>
/// <param name="says">What the reader is told.</param>
/// <param name="inner">What lay behind it.</param>
public sealed class KeepingException(Phrase says, Exception? inner = null) : SaidException(says, inner);

/// <summary>Makes dated backups of a data folder's database, and puts one back.</summary>
public static partial class Backups
{
    /// <summary>Made by itself once a day.</summary>
    public const string Daily = "daily";

    /// <summary>Made because somebody asked.</summary>
    public const string Asked = "asked";

    /// <summary>Made before the database is brought up to date.</summary>
    public const string BeforeMigration = "before-migration";

    /// <summary>Made before another is put back.</summary>
    public const string BeforeRestore = "before-restore";

    /// <summary>Made before an archive is read in.</summary>
    public const string BeforeImport = "before-import";
    /// <summary>The folder of the backups, in a data folder.</summary>
    public const string FolderName = "backups";

    /// <summary>Ends the name of a backup in the making.</summary>
    internal const string Part = ".part";
    private const int DailyKept = 14;

    // What is dated later than this was made while the clock was wrong.
    private static readonly TimeSpan Ahead = TimeSpan.FromHours(1);
    private const string Stamp = "yyyyMMdd-HHmmss";

    /// <summary>The backups of a data folder, newest first.</summary>
    /// <param name="dataFolder">The data folder.</param>
    public static IReadOnlyList<Backup> In(string dataFolder)
    {
        var folder = new DirectoryInfo(Path.Combine(dataFolder, FolderName));
        if (!folder.Exists)
            return [];
        return
        [
            .. folder.GetFiles("*.db").Select(f => (File: f, Match: Named().Match(f.Name))).Where(f => f.Match.Success)
                .Select(f =>
                    new Backup(f.File.Name, f.Match.Groups["why"].Value,
                        DateTimeOffset.ParseExact(f.Match.Groups["made"].Value, Stamp, CultureInfo.InvariantCulture,
                            DateTimeStyles.AssumeUniversal), f.File.Length))
                .OrderByDescending(b => b.MadeUtc).ThenByDescending(b => b.Name.Length)
                .ThenByDescending(b => b.Name, StringComparer.Ordinal),
        ];
    }

    /// <summary>Makes a backup. Of the daily ones the newest are kept; all others stay.</summary>
    /// <param name="dataFolder">The data folder.</param>
    /// <param name="why">What for.</param>
    /// <param name="now">Names it, UTC.</param>
    public static Backup Make(string dataFolder, string why, DateTimeOffset now)
    {
        var folder = Directory.CreateDirectory(Path.Combine(dataFolder, FolderName));
        // Written beside and then named: a backup that is there is whole, and none takes the place of another.
        var part = Path.Combine(folder.FullName, $"{Guid.NewGuid():N}{Part}");
        Copy(Path.Combine(dataFolder, DataFolder.DatabaseName), part);
        using (var written = new FileStream(part, FileMode.Open, FileAccess.ReadWrite))
            written.Flush(flushToDisk: true);
        var path = Named(folder.FullName, $"{why}-{now.UtcDateTime.ToString(Stamp, CultureInfo.InvariantCulture)}", part);
        // Those of a clock that was ahead push none of the others out.
        foreach (var old in In(dataFolder).Where(b => b.Why == Daily).GroupBy(b => IsAhead(b, now)).SelectMany(g => g.Skip(DailyKept)))
            File.Delete(Path.Combine(folder.FullName, old.Name));
        return new Backup(Path.GetFileName(path), why, now, new FileInfo(path).Length);
    }

    /// <summary>Whether a daily backup is due.</summary>
    /// <param name="dataFolder">The data folder.</param>
    /// <param name="now">The time, UTC.</param>
    /// <param name="between">How long one lasts.</param>
    public static bool IsDue(string dataFolder, DateTimeOffset now, TimeSpan between) =>
        In(dataFolder).FirstOrDefault(b => b.Why == Daily && !IsAhead(b, now)) is not { } last || now - last.MadeUtc >= between;

    private static bool IsAhead(Backup backup, DateTimeOffset now) => backup.MadeUtc - now > Ahead;

    /// <summary>Gives a file the first of its names that is free.</summary>
    private static string Named(string folder, string name, string part)
    {
        for (var n = 1; ; n++)
        {
            var path = Path.Combine(folder, n == 1 ? $"{name}.db" : $"{name}-{n}.db");
            try
            {
                File.Move(part, path, overwrite: false);
                return path;
            }
            catch (IOException) when (File.Exists(path))
            {
                // Another of the same second has it.
            }
        }
    }

    /// <summary>Where a backup lies.</summary>
    /// <param name="dataFolder">The data folder.</param>
    /// <param name="name">Its file's name.</param>
    /// <exception cref="KeepingException">There is no such backup.</exception>
    public static string PathOf(string dataFolder, string name) =>
        In(dataFolder).FirstOrDefault(b => b.Name == name) is { } found
        ? Path.Combine(dataFolder, FolderName, found.Name)
        : throw new KeepingException(new Phrase("backup.missing"));

    /// <summary>All of them, as files.</summary>
    /// <param name="dataFolder">The data folder.</param>
    public static IReadOnlyList<string> Files(string dataFolder) =>
        [.. In(dataFolder).Select(b => Path.Combine(dataFolder, FolderName, b.Name))];

    /// <summary>Changes a backup: beside it, and then put in its place, so that it is whole at any time.</summary>
    /// <param name="path">The file.</param>
    /// <param name="change">Changes the copy that it is given.</param>
    public static void Rewrite(string path, Action<string> change)
    {
        ArgumentNullException.ThrowIfNull(change);
        File.Copy(path, path + Part, overwrite: true);
        change(path + Part);
        File.Move(path + Part, path, overwrite: true);
    }

    /// <summary>Makes sure that a file is a whole database of this program, and not of a newer one.</summary>
    /// <param name="path">The file.</param>
    /// <exception cref="KeepingException">It is not.</exception>
    public static void Check(string path)
    {
        try
        {
            using var database = new SqliteConnection($"Data Source={path};Mode=ReadOnly;Pooling=False");
            database.Open();
            using var check = database.CreateCommand();
            check.CommandText = "PRAGMA integrity_check;";
            if (check.ExecuteScalar() as string is not "ok" and var fault)
                throw new KeepingException(new Phrase("backup.damaged", ("fault", fault?.Split('\n')[0])));
            var applied = History.Applied(database);
            if (applied.Count == 0)
                throw new KeepingException(new Phrase("backup.foreign"));
            if (applied.FirstOrDefault(m => !History.Known.Contains(m)) is { } newer)
                throw new KeepingException(new Phrase("backup.newer", ("newer", newer)));
        }
        catch (SqliteException e)
        {
            throw new KeepingException(new Phrase("backup.unreadable"), e);
        }
    }

    /// <summary>Copies a database as it is at one moment, also while it is in use.</summary>
    internal static void Copy(string from, string to)
    {
        File.Delete(to);
        using var source = new SqliteConnection($"Data Source={from}");
        using var target = new SqliteConnection($"Data Source={to};Pooling=False");
        source.Open();
        target.Open();
        source.BackupDatabase(target);
        // One file is a backup; two are a puzzle.
        using var journal = target.CreateCommand();
        journal.CommandText = "PRAGMA journal_mode=DELETE;";
        journal.ExecuteNonQuery();
    }

    [GeneratedRegex(@"^(?<why>daily|asked|before-migration|before-restore|before-import)-(?<made>\d{8}-\d{6})(-(?<nth>\d{1,4}))?\.db$",
        RegexOptions.ExplicitCapture, matchTimeoutMilliseconds: 1000)]
    private static partial Regex Named();
}
