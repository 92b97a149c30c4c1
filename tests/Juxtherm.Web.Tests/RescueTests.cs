using System.Diagnostics;
using System.Net;
using Juxtherm.Store;
using Juxtherm.Store.Keeping;
using Juxtherm.Testing;

namespace Juxtherm.Web.Tests;

/// <summary>A database that is damaged when the program starts: its page offers the backups, and one is put back from there.</summary>
public sealed class RescueTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 5, 1, 9, 0, 0, TimeSpan.Zero);
    private readonly string _folder = Workshop.NewFolder();
    private readonly HttpClient _client = new() { Timeout = Slowness.Of(60) };
    private Process? _process;

    private string Database => Path.Combine(_folder, DataFolder.DatabaseName);

    public void Dispose()
    {
        if (_process is not null)
        {
            _process.Kill();
            _process.WaitForExit();
            _process.Dispose();
        }

        _client.Dispose();
        Directory.Delete(_folder, recursive: true);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public async Task A_backup_is_put_back_from_the_page_that_stands_in_for_the_program()
    {
        var backup = Whole("Kept");
        Damage();
        await StartAsync();
        var page = await UntilAsync("/", text => text.Contains("is damaged", StringComparison.Ordinal)
            || text.Contains("cannot be read", StringComparison.Ordinal));
        Assert.Contains($"/rescue/{backup.Name}", page, StringComparison.Ordinal);
        using (var ready = await _client.GetAsync(new Uri("/health/ready", UriKind.Relative), TestContext.Current.CancellationToken))
            Assert.Equal(HttpStatusCode.ServiceUnavailable, ready.StatusCode);
        using (var foreign = new HttpRequestMessage(HttpMethod.Post,
            $"/rescue/{backup.Name}")
        { Headers = { { "Origin", "https://elsewhere.example" } } })
        {
            using var refused = await _client.SendAsync(foreign, TestContext.Current.CancellationToken);
            Assert.Equal(HttpStatusCode.Forbidden, refused.StatusCode);
        }

        using (var none = await _client.PostAsync(new Uri("/rescue/daily-20200101-000000.db", UriKind.Relative), null,
            TestContext.Current.CancellationToken))
            Assert.Equal(HttpStatusCode.BadRequest, none.StatusCode);
        using (var back = await _client.PostAsync(new Uri($"/rescue/{backup.Name}", UriKind.Relative), null,
            TestContext.Current.CancellationToken))
            Assert.Equal(HttpStatusCode.OK, back.StatusCode);
        Assert.Contains("Kept", await UntilAsync("/api/jobs", text => text.Contains("\"jobs\"", StringComparison.Ordinal)),
            StringComparison.Ordinal);
        Assert.Single(Directory.GetFiles(_folder, "damaged-*.db"));
    }

    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void A_database_that_is_gone_or_empty_beside_its_backups_is_not_begun_anew(bool gone)
    {
        Whole("Kept");
        foreach (var part in new[] { "", "-wal", "-shm" })
            File.Delete(Database + part);
        if (!gone)
            File.WriteAllBytes(Database, []);
        var damage = Assert.Throws<DamagedDataException>(() => DataFolder.Open(_folder, Now));
        Assert.Contains(gone ? "is gone" : "is empty", damage.Said(), StringComparison.Ordinal);
        Assert.Single(Backups.In(_folder));
    }

    [Fact]
    [Trait("Run", "thorough")]
    public async Task An_empty_workshop_is_begun_only_when_somebody_says_so_and_nothing_is_thrown_away()
    {
        Whole("Kept");
        File.Delete(Database);
        await StartAsync();
        Assert.Contains("begin with an empty workshop", await UntilAsync("/", text => text.Contains("is gone", StringComparison.Ordinal)),
            StringComparison.Ordinal);
        using (var begun = await _client.PostAsync(new Uri("/begin-empty", UriKind.Relative), null, TestContext.Current.CancellationToken))
            Assert.Equal(HttpStatusCode.OK, begun.StatusCode);
        Assert.Contains("\"total\":0", await UntilAsync("/api/jobs", text => text.Contains("\"jobs\"", StringComparison.Ordinal)),
            StringComparison.Ordinal);
        Assert.Single(Directory.GetFiles(Assert.Single(Directory.GetDirectories(_folder, "backups-before-*"))));
    }

    [Fact]
    public void Left_overs_of_what_was_being_taken_in_are_swept_at_the_start()
    {
        Whole("Kept");
        foreach (var left in new[] { "incoming-1.zip", "incoming-1.db", "incoming-1.db-wal", "last-seen.new", "workshop.db.new",
            Path.Combine("backups", "1.part"), Path.Combine("backups", "1.part-journal") })
            File.WriteAllText(Path.Combine(_folder, left), "left");
        DataFolder.Open(_folder, Now).Dispose();
        Assert.Equal(["in-use.lock", "room-to-start", "workshop.db"], Directory.GetFiles(_folder).Select(Path.GetFileName)
            .Order(StringComparer.Ordinal));
        Assert.Single(Directory.GetFiles(Path.Combine(_folder, "backups")));
    }

    [Fact]
    public void A_backup_of_a_clock_that_was_ahead_neither_stops_the_daily_ones_nor_pushes_the_others_out()
    {
        Whole("Kept");
        var day = TimeSpan.FromHours(20);
        var ahead = Now.AddYears(10);
        for (var i = 0; i < 20; i++)
            Backups.Make(_folder, Backups.Daily, ahead.AddDays(i));
        Assert.True(Backups.IsDue(_folder, Now.AddDays(1), day));
        Backups.Make(_folder, Backups.Daily, Now.AddDays(1));
        Assert.False(Backups.IsDue(_folder, Now.AddDays(1.5), day));
        var left = Backups.In(_folder).Where(b => b.Why == Backups.Daily).ToList();
        Assert.Equal(14, left.Count(b => b.MadeUtc > Now.AddYears(1)));
        Assert.Contains(left, b => b.MadeUtc == Now.AddDays(1));
    }

    [Fact]
    public void A_folder_that_cannot_be_made_is_not_called_in_use()
    {
        var read = Assert.Throws<DataFolderException>(() => DataFolder.Open("/proc/juxtherm-test", Now));
        Assert.Contains("cannot be", read.Said(), StringComparison.Ordinal);
        Assert.DoesNotContain("in use", read.Said(), StringComparison.Ordinal);
    }

    [Fact]
    public void Without_a_backup_it_says_what_is_wrong_and_does_not_start()
    {
        Whole("Kept");
        Directory.Delete(Path.Combine(_folder, "backups"), recursive: true);
        Damage();
        var damage = Assert.Throws<DamagedDataException>(() => DataFolder.Open(_folder, Now));
        Assert.Contains("Nothing was changed", damage.Said(), StringComparison.Ordinal);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_damaged_backup_does_not_take_the_place_of_a_damaged_database()
    {
        var backup = Whole("Kept");
        Damage();
        var path = Path.Combine(_folder, "backups", backup.Name);
        File.WriteAllBytes(path, File.ReadAllBytes(path)[..5000]);
        Assert.Throws<KeepingException>(() => DataFolder.Rescue(_folder, backup.Name, Now));
        Assert.True(File.Exists(Database));
        Assert.Empty(Directory.GetFiles(_folder, "damaged-*.db"));
    }

    private Backup Whole(string title)
    {
        using (var folder = DataFolder.Open(_folder, Now))
        {
            using var db = new WorkshopContext(folder.Options);
            const string tee =
                """{ "format": "juxtherm.job", "version": 1, "blank": { "form": "tee", "material": "cotton" }, "tools": { "heatSource": "swing-platen" }, "layers": [ { "id": "sky", "vinyl": "smooth" } ] }""";
            db.Jobs.Add(new JobRow
            {
                Id = Guid.NewGuid(),
                Title = title,
                Json = tee.Replace("\"version\": 1,", $"\"version\": 1, \"title\": \"{title}\",", StringComparison.Ordinal),
                Version = 1,
                CreatedUtc = Now,
                UpdatedUtc = Now
            });
            db.SaveChanges();
        }

        return Backups.Make(_folder, Backups.Daily, Now);
    }

    private void Damage()
    {
        var bytes = File.ReadAllBytes(Database);
        // The heading is left, so that it looks like a database until it is read.
        for (var i = 4096; i < bytes.Length; i += 3)
            bytes[i] ^= 0x5A;
        File.WriteAllBytes(Database, bytes);
        foreach (var part in new[] { "-wal", "-shm" })
            File.Delete(Database + part);
    }

    private async Task StartAsync()
    {
        using var free = new System.Net.Sockets.TcpListener(IPAddress.Loopback, 0);
        free.Start();
        var port = ((IPEndPoint)free.LocalEndpoint).Port;
        free.Stop();
        _client.BaseAddress = new Uri($"http://127.0.0.1:{port}");
        var dll = Path.Combine(AppContext.BaseDirectory, "Juxtherm.Web.dll");
        _process = Process.Start(
            new ProcessStartInfo("dotnet",
                [dll, "--data", _folder, "--port", port.ToString(System.Globalization.CultureInfo.InvariantCulture)])
            {
                RedirectStandardError = true,
                RedirectStandardOutput = true,
                UseShellExecute = false
            })!;
        _process.BeginErrorReadLine();
        _process.BeginOutputReadLine();
        await UntilAsync("/", _ => true);
    }

    private async Task<string> UntilAsync(string path, Func<string, bool> fits)
    {
        for (var patience = Stopwatch.StartNew(); patience.Elapsed < TimeSpan.FromSeconds(180);)
        {
            try
            {
                using var answer = await _client.GetAsync(new Uri(path, UriKind.Relative), TestContext.Current.CancellationToken);
                var text = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
                if (fits(text))
                    return text;
            }
            catch (HttpRequestException)
            {
                // Not there yet, or just starting again.
            }

            await Task.Delay(100, TestContext.Current.CancellationToken);
        }

        throw new InvalidOperationException($"{path} did not answer as expected.");
    }
}
