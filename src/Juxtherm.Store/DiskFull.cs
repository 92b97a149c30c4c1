using Microsoft.Data.Sqlite;

namespace Juxtherm.Store;

/// <summary>Tells a full disk and a folder that cannot be written from other faults.</summary>
public static class DiskFull
{
    // SQLITE_FULL, SQLITE_READONLY; ENOSPC, EDQUOT and EROFS as .NET passes them on.
    private const int SqliteFull = 13;
    private const int SqliteReadOnly = 8;
    private const int NoSpace = 28;
    private const int Quota = 122;
    private const int ReadOnly = 30;
    private const long LeastBytes = 64 * 1024;

    /// <summary>There is no room left.</summary>
    public static bool Is(Exception? exception) =>
        Any(exception, e => e is SqliteException { SqliteErrorCode: SqliteFull } || e is IOException
            && (e.HResult & 0xFFFF) is NoSpace or Quota);

    /// <summary>So little room is left that a database cannot even be opened, which it says in other words.</summary>
    /// <param name="path">The folder.</param>
    public static bool IsFull(string path) => new DriveInfo(path).AvailableFreeSpace < LeastBytes;

    /// <summary>It cannot be written at all.</summary>
    public static bool IsReadOnly(Exception? exception) =>
        Any(exception, e => e is SqliteException { SqliteErrorCode: SqliteReadOnly } or UnauthorizedAccessException || e is IOException
            && (e.HResult & 0xFFFF) == ReadOnly);

    private static bool Any(Exception? exception, Func<Exception, bool> holds)
    {
        for (var e = exception; e is not null; e = e.InnerException)
        {
            if (holds(e))
                return true;
        }

        return false;
    }
}
