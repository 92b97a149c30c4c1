using System.Runtime.InteropServices;

namespace Juxtherm.Store.Keeping;

/// <summary>Keeps the data to the account that it belongs to: folders of 0700, files of 0600, whoever writes them.</summary>
internal static class OwnerOnly
{
    private const UnixFileMode File = UnixFileMode.UserRead | UnixFileMode.UserWrite;
    private const UnixFileMode Folder = File | UnixFileMode.UserExecute;

    // What groups and others get of what this process makes from now on: nothing.
    private const uint NobodyElse = 0b000_111_111;

    /// <summary>Makes a folder where it is missing, and takes it and everything in it from everybody else; what is written from now on is
    /// nobody else's either.</summary>
    /// <param name="path">The folder.</param>
    public static void Make(string path)
    {
        if (OperatingSystem.IsWindows())
        {
            Directory.CreateDirectory(path);
            return;
        }

        _ = SetMask(NobodyElse);
        Directory.CreateDirectory(path);
        TakeFromOthers(path);
    }

    [System.Runtime.Versioning.UnsupportedOSPlatform("windows")]
    private static void TakeFromOthers(string path)
    {
        try
        {
            System.IO.File.SetUnixFileMode(path, Folder);
            // Links are left alone: what they lead to may be anywhere.
            var all = new EnumerationOptions { RecurseSubdirectories = true, AttributesToSkip = FileAttributes.ReparsePoint };
            foreach (var entry in new DirectoryInfo(path).EnumerateFileSystemInfos("*", all))
                entry.UnixFileMode = entry is DirectoryInfo ? Folder : File;
        }
        catch (Exception e) when (e is UnauthorizedAccessException or IOException)
        {
            // A file system that knows no owners, or that cannot be written: whether the data can be is found out with the next step.
        }
    }

    [DllImport("libc", EntryPoint = "umask")]
    [DefaultDllImportSearchPaths(DllImportSearchPath.SafeDirectories)]
    private static extern uint SetMask(uint mask);
}
