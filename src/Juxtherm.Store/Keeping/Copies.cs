namespace Juxtherm.Store.Keeping;

/// <summary>Copies of backups in a second place: another disk, a stick, a folder that is carried elsewhere.</summary>
public static class Copies
{
    private const int Kept = 14;
    private const string Prefix = "juxtherm-";

    /// <summary>Copies a backup there; of the copies the newest are kept.</summary>
    /// <param name="dataFolder">The data folder.</param>
    /// <param name="backup">Which.</param>
    /// <param name="to">The second place.</param>
    /// <exception cref="IOException">It cannot be written there.</exception>
    /// <exception cref="UnauthorizedAccessException">Nor by this user.</exception>
    public static void Make(string dataFolder, Backup backup, string to)
    {
        ArgumentNullException.ThrowIfNull(backup);
        // A stick that is not plugged in is no reason to make a folder where it would be.
        if (!Directory.Exists(to))
            throw new DirectoryNotFoundException(to);
        var path = Path.Combine(to, Prefix + backup.Name);
        if (!File.Exists(path))
        {
            // Written beside and then named: a copy that is there is whole.
            File.Copy(Backups.PathOf(dataFolder, backup.Name), path + Backups.Part, overwrite: true);
            File.Move(path + Backups.Part, path, overwrite: true);
        }

        foreach (var old in new DirectoryInfo(to).GetFiles($"{Prefix}{Backups.Daily}-*.db")
            .OrderByDescending(f => f.Name, StringComparer.Ordinal)
            .Skip(Kept))
            old.Delete();
    }

    /// <summary>The copies that are there; none where the place itself is not.</summary>
    /// <param name="to">The second place.</param>
    public static IReadOnlyList<string> Files(string to) => Directory.Exists(to) ? Directory.GetFiles(to, $"{Prefix}*.db") : [];
}
