namespace Juxtherm.Store.Keeping;

/// <summary>Files that were being made when the program was killed: whole ones have another name, so these are of no use to
/// anybody.</summary>
public static class Leftovers
{
    /// <summary>Ends the name of a file that is to take another's place.</summary>
    public const string New = ".new";

    /// <summary>Begins the names of what is being taken in.</summary>
    public const string Incoming = "incoming-";

    /// <summary>Takes them away. Only to be done by whoever holds the folder.</summary>
    /// <param name="path">The data folder.</param>
    public static void Sweep(string path)
    {
        Sweep(path, $"{Incoming}*");
        Sweep(path, $"*{New}");
        Sweep(Path.Combine(path, Backups.FolderName), $"*{Backups.Part}*");
    }

    private static void Sweep(string path, string pattern)
    {
        if (!Directory.Exists(path))
            return;
        foreach (var left in Directory.GetFiles(path, pattern))
        {
            try
            {
                File.Delete(left);
            }
            catch (Exception e) when (e is IOException or UnauthorizedAccessException)
            {
                // It takes up room and does no other harm.
            }
        }
    }
}
