using System.Text.Json.Nodes;
using Juxtherm.Testing;

namespace Juxtherm.Web.Tests;

/// <summary>The data is nobody's but the account's that the program runs under, also what lay there from before.</summary>
public sealed class OwnerOnlyTests : Api
{
    private const UnixFileMode File = UnixFileMode.UserRead | UnixFileMode.UserWrite;

    [Fact]
    public async Task Every_file_and_folder_of_the_data_is_the_owners_alone()
    {
        if (OperatingSystem.IsWindows())
            return;
        // As an earlier version left it.
        Stop();
        var old = Path.Combine(Folder, "backups", "of-before.db");
        Directory.CreateDirectory(Path.GetDirectoryName(old)!);
        await System.IO.File.WriteAllTextAsync(old, "", TestContext.Current.CancellationToken);
        System.IO.File.SetUnixFileMode(old, File | UnixFileMode.GroupRead | UnixFileMode.OtherRead);
        System.IO.File.SetUnixFileMode(Folder, (UnixFileMode)0b111_101_101);
        Start();

        await Post($"/api/jobs/{await AddJob()}/runs");
        await Post("/api/keeping/backups");
        await Get("/api/exchange");
        await Post("/api/watch/trial");
        await Send(HttpMethod.Post, "/api/devices/pairing", new JsonObject { ["name"] = "Wren's phone", ["role"] = "press" });
        Assert.Equal(File | UnixFileMode.UserExecute, System.IO.File.GetUnixFileMode(Folder));
        var all = new DirectoryInfo(Folder).EnumerateFileSystemInfos("*", SearchOption.AllDirectories).ToList();
        Assert.True(all.Count > 4, $"only {all.Count}");
        // SQLite's own come and go; of what is gone the mode cannot be told.
        Assert.All(all.Where(e => e.UnixFileMode != (UnixFileMode)(-1)), entry =>
            Assert.Equal(entry is DirectoryInfo ? File | UnixFileMode.UserExecute : File, entry.UnixFileMode));
    }
}
