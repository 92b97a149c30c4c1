namespace Juxtherm.Store.Keeping;

/// <summary>Files that nobody but the owner of the data folder may read.</summary>
public static class PrivateFile
{
    private const UnixFileMode OwnerAlone = UnixFileMode.UserRead | UnixFileMode.UserWrite;

    /// <summary>Writes a file beside and then names it: it is there whole, or as it was.</summary>
    /// <param name="path">Where.</param>
    /// <param name="bytes">What.</param>
    public static void Write(string path, byte[] bytes)
    {
        ArgumentNullException.ThrowIfNull(bytes);
        var part = path + ".part";
        var how = new FileStreamOptions { Mode = FileMode.Create, Access = FileAccess.Write };
        if (!OperatingSystem.IsWindows())
            how.UnixCreateMode = OwnerAlone;
        File.Delete(part);
        using (var file = new FileStream(part, how))
        {
            file.Write(bytes);
            file.Flush(flushToDisk: true);
        }

        File.Move(part, path, overwrite: true);
    }
}
