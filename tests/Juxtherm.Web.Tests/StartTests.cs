using System.Text.Json;
using Juxtherm.App;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Juxtherm.Store.Keeping;
using Juxtherm.Testing;
using Juxtherm.Web.Hosting;
using Juxtherm.Words;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;
using Microsoft.Extensions.Configuration;

namespace Juxtherm.Web.Tests;

/// <summary>Starting: what stops it, and what happens to the data folder.</summary>
public sealed class StartTests : IDisposable
{
    private static readonly DateTimeOffset Now = new(2026, 5, 1, 9, 30, 0, TimeSpan.Zero);
    private readonly string _folder = Workshop.NewFolder();

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    private string Database => Path.Combine(_folder, "workshop.db");

    private void Execute(string sql)
    {
        using var db = new SqliteConnection($"Data Source={Database};Pooling=False");
        db.Open();
        using var command = db.CreateCommand();
        command.CommandText = sql;
        command.ExecuteNonQuery();
    }

    [Fact]
    public void A_folder_belongs_to_one_process_at_a_time()
    {
        using (DataFolder.Open(_folder, Now))
            Assert.Contains("in use by another Juxtherm", Assert.Throws<DataFolderException>(() => DataFolder.Open(_folder, Now)).Said(),
                StringComparison.Ordinal);
        DataFolder.Open(_folder, Now).Dispose();
    }

    [Fact]
    public void Data_of_a_newer_program_is_refused_and_left_alone()
    {
        DataFolder.Open(_folder, Now).Dispose();
        Execute("INSERT INTO __EFMigrationsHistory VALUES ('29990101000000_FarFuture', '99.0')");
        var before = File.ReadAllBytes(Database);
        Assert.Contains("newer Juxtherm", Assert.Throws<DataFolderException>(() => DataFolder.Open(_folder, Now)).Said(),
            StringComparison.Ordinal);
        Assert.Equal(before, File.ReadAllBytes(Database));
    }

    [Fact]
    public void A_lock_that_a_killed_start_left_behind_keeps_nobody_out()
    {
        DataFolder.Open(_folder, Now).Dispose();
        Execute("CREATE TABLE IF NOT EXISTS \"__EFMigrationsLock\" (\"Id\" INTEGER NOT NULL PRIMARY KEY, \"Timestamp\" TEXT NOT " +
            "NULL); INSERT INTO \"__EFMigrationsLock\" VALUES (1, '2026-05-01 09:29:59')");
        // The last migration too, so that there is something to be done behind the lock.
        LastMigration.TakeBack(Database);
        using var folder = DataFolder.Open(_folder, Now);
        using var context = new WorkshopContext(folder.Options);
        Assert.Empty(context.Database.GetPendingMigrations());
    }

    [Fact]
    public void Backups_of_the_same_second_do_not_take_each_others_place()
    {
        using var folder = DataFolder.Open(_folder, Now);
        var made = Enumerable.Range(0, 3).Select(_ => Backups.Make(_folder, Backups.Asked, Now).Name).ToList();
        Assert.Equal(3, made.Distinct(StringComparer.Ordinal).Count());
        Assert.Equal(made.AsEnumerable().Reverse(), Backups.In(_folder).Where(b => b.Why == Backups.Asked).Select(b => b.Name));
        Assert.Empty(Directory.GetFiles(Path.Combine(_folder, "backups"), "*.part"));
    }

    [Fact]
    public void Before_a_migration_there_is_a_backup()
    {
        Execute("CREATE TABLE Keepsake (Words TEXT); INSERT INTO Keepsake VALUES ('still here')");
        DataFolder.Open(_folder, Now).Dispose();
        var backup = Assert.Single(Directory.GetFiles(Path.Combine(_folder, "backups")));
        Assert.EndsWith("before-migration-20260501-093000.db", backup, StringComparison.Ordinal);
        using var db = new SqliteConnection($"Data Source={backup};Pooling=False");
        db.Open();
        using var read = db.CreateCommand();
        read.CommandText = "SELECT Words FROM Keepsake";
        Assert.Equal("still here", read.ExecuteScalar());
    }

    [Fact]
    public async Task A_workshop_of_the_first_version_is_brought_up_to_date_with_everything_in_it()
    {
        // The database as the first program made it: its own migration only, with a job in it.
        var options = new DbContextOptionsBuilder<WorkshopContext>().UseSqlite($"Data Source={Database};Pooling=False").Options;
        await using (var first = new WorkshopContext(options))
        {
            var migrator =
                first.GetService<IMigrator>();
            await migrator.MigrateAsync("Workshop", TestContext.Current.CancellationToken);
            Execute($"INSERT INTO Jobs (Id, Title, Json, Version, CreatedUtc, UpdatedUtc) VALUES " +
                $"('{Guid.NewGuid().ToString().ToUpperInvariant()}', 'From before', '{{}}', 1, 1, 1)");
            Assert.Single(await first.Database.GetAppliedMigrationsAsync(TestContext.Current.CancellationToken));
        }

        using var folder = DataFolder.Open(_folder, Now);
        await using var now = new WorkshopContext(folder.Options);
        Assert.Equal("From before", (await now.Jobs.SingleAsync(TestContext.Current.CancellationToken)).Title);
        Assert.Empty(await now.Database.GetPendingMigrationsAsync(TestContext.Current.CancellationToken));
        Assert.Empty(await now.Shelf.ToListAsync(TestContext.Current.CancellationToken));
        Assert.Single(Directory.GetFiles(Path.Combine(_folder, "backups")));
    }

    [Fact]
    public async Task A_run_that_was_under_way_by_earlier_rules_is_over_and_can_still_be_looked_at()
    {
        var id = Guid.NewGuid();
        var options = new DbContextOptionsBuilder<WorkshopContext>().UseSqlite($"Data Source={Database};Pooling=False").Options;
        await using (var earlier = new WorkshopContext(options))
            await earlier.GetService<IMigrator>().MigrateAsync("Vinyl", TestContext.Current.CancellationToken);
        const string tee =
            """{ "format": "juxtherm.job", "version": 1, "blank": { "form": "tee", "material": "cotton" }, "tools": { "heatSource": "swing-platen" }, "layers": [ { "id": "sky", "vinyl": "smooth" } ] }""";
        var planner = new Planner(CatalogueFolder.Read(Path.Combine(AppContext.BaseDirectory, "catalogue")), Language.English);
        var plan = planner.Plan(JobReader.Read(tee, planner.Catalogue, new Core.Reading.Problems())!, UnitSystem.Metric).Plan;
        Execute($"INSERT INTO Runs VALUES ('{id.ToString().ToUpperInvariant()}', '{Guid.NewGuid().ToString().ToUpperInvariant()}', " +
            $"'From before', '{tee}', '{JsonSerializer.Serialize(plan, CoreJson.Options).Replace("'", "''", StringComparison.Ordinal)}', " +
                $"'c', 'm', 1, 'running', 1)");
        Execute($"INSERT INTO RunEvents (RunId, Sequence, CommandId, AtUtc, EventJson) VALUES ('{id.ToString().ToUpperInvariant()}', " +
            $"1, '{Guid.NewGuid().ToString().ToUpperInvariant()}', 2, '{{\"at\":\"2026-01-01T00:00:00+00:00\",\"action\":\"done\"}}')");

        var service = new Workshop(_folder, new TestClock());
        using var client = service.CreateClient();
        Assert.Equal("[]", await client.GetStringAsync("/api/runs", TestContext.Current.CancellationToken));
        var run = System.Text.Json.Nodes.JsonNode.Parse(
            await client.GetStringAsync($"/api/runs/{id}", TestContext.Current.CancellationToken))!;
        Assert.Equal(("ended", "From before"), ((string)run["status"]!, (string)run["title"]!));
        service.Stop();
    }

    [Fact]
    public async Task Entries_from_before_keep_everything_and_each_gets_a_name_of_its_own()
    {
        var options = new DbContextOptionsBuilder<WorkshopContext>().UseSqlite($"Data Source={Database};Pooling=False").Options;
        await using (var earlier = new WorkshopContext(options))
            await earlier.GetService<IMigrator>().MigrateAsync("Presses", TestContext.Current.CancellationToken);
        var run = Guid.NewGuid().ToString().ToUpperInvariant();
        Execute($"INSERT INTO Runs (Id, JobId, Title, JobJson, PlanJson, CatalogueVersion, ModelVersion, StartedUtc, Status, " +
            $"Sequence, Rules, StationName) VALUES ('{run}', '{run}', 'Before', '{{}}', '{{}}', 'c', 'm', 1, 'ended', 0, 2, '')");
        foreach (var piece in new[] { 1, 2 })
        {
            Execute($"INSERT INTO Log (RunId, AtUtc, Title, Piece, Pieces, Vinyl, Material, Form, HeatSource, Cover, Underlay, " +
                $"Celsius, PlannedSeconds, PressedSeconds, Pressure, PressureKPa, PredictedBond, Outcomes, Note, Name, " +
                    $"PressedAgainSeconds) " +
                $"VALUES ('{run}', {piece}, 'Before', {piece}, 2, 'smooth', 'cotton', 'tee', 'swing-platen', 'ptfe', 'pad', 152, 12, " +
                    $"12, 'medium', 20, 1, 'stuck,edges-lifted', 'kept', '', 0)");
        }

        using var folder = DataFolder.Open(_folder, Now);
        await using var now = new WorkshopContext(folder.Options);
        var entries = await now.Log.OrderBy(e => e.Piece).ToListAsync(TestContext.Current.CancellationToken);
        Assert.Equal([1, 2], entries.Select(e => e.Piece));
        Assert.All(entries,
            e => Assert.Equal(("kept", 152.0, Guid.Parse(run), false, null), (e.Note, e.Celsius, e.RunId!.Value, e.Example, e.LnRoom)));
        Assert.All(entries, e => Assert.Equal(["smooth"], e.Said(LogWordRow.Vinyl)));
        Assert.All(entries, e => Assert.Equal(["stuck", "edges-lifted"], e.Said(LogWordRow.Outcome)));
        Assert.Empty(entries.SelectMany(e => e.Said(LogWordRow.Lot)));
        Assert.Equal(2, entries.Select(e => e.Key).Where(k => k != Guid.Empty).Distinct().Count());
    }

    [Fact]
    public void A_start_without_a_migration_makes_no_backup()
    {
        DataFolder.Open(_folder, Now).Dispose();
        DataFolder.Open(_folder, Now).Dispose();
        Assert.False(Directory.Exists(Path.Combine(_folder, "backups")));
    }

    [Fact]
    public void The_database_writes_ahead_and_minds_its_keys()
    {
        using var folder = DataFolder.Open(_folder, Now);
        using var context = new WorkshopContext(folder.Options);
        var connection = context.Database.GetDbConnection();
        connection.Open();
        string Pragma(string name)
        {
            using var command = connection.CreateCommand();
            command.CommandText = $"PRAGMA {name}";
            return command.ExecuteScalar()!.ToString()!;
        }

        Assert.Equal(("wal", "1"), (Pragma("journal_mode"), Pragma("foreign_keys")));
    }

    [Fact]
    public void A_file_that_is_no_database_is_refused_with_its_place()
    {
        File.WriteAllText(Database, string.Concat(Enumerable.Repeat("not a database ", 500)));
        Assert.Contains(_folder, Assert.Throws<DamagedDataException>(() => DataFolder.Open(_folder, Now)).Said(),
            StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_broken_catalogue_stops_the_start()
    {
        var catalogue = Directory.CreateDirectory(Path.Combine(_folder, "catalogue")).FullName;
        foreach (var file in Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "catalogue")))
            File.Copy(file, Path.Combine(catalogue, Path.GetFileName(file)));
        var vinyls = Path.Combine(catalogue, "vinyls.json");
        await File.WriteAllTextAsync(vinyls, (await File.ReadAllTextAsync(vinyls))
            .Replace("\"peel\": [\"warm\"", "\"peel\": [\"tepid\"", StringComparison.Ordinal));

        var error = Console.Error;
        using var said = new StringWriter();
        Console.SetError(said);
        try
        {
            Assert.Equal(2, await Program.Main(["--catalogue", catalogue, "--data", Path.Combine(_folder, "data"), "--port", "0"]));
        }
        finally
        {
            Console.SetError(error);
        }

        Assert.Contains("vinyls.json: /vinyls/0/peel/0 is “tepid”", said.ToString(), StringComparison.Ordinal);
        Assert.DoesNotContain(" at ", said.ToString(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("--port", "many")]
    [InlineData("--port", "70000")]
    public void A_useless_option_is_named(string option, string value) =>
        Assert.Contains(option,
            Assert.Throws<OptionsException>(() => JuxthermOptions.Read(new ConfigurationManager(), [option, value])).Said(),
            StringComparison.Ordinal);

    [Fact]
    [Trait("Run", "thorough")]
    public async Task The_demo_fills_an_empty_workshop_once()
    {
        for (var start = 0; start < 2; start++)
        {
            var service = new Workshop(_folder, new TestClock(), demo: true);
            using var client = service.CreateClient();
            var jobs = System.Text.Json.Nodes.JsonNode.Parse(await client.GetStringAsync("/api/jobs"))!["jobs"]!.AsArray();
            var log = System.Text.Json.Nodes.JsonNode.Parse(await client.GetStringAsync("/api/log"))!;
            Assert.Equal((12, 23), (jobs.Count, (int)log["total"]!));
            // The first few cards are reckoned at once, the others a moment later.
            for (var patience = 0; jobs.Any(j => (bool)j!["pending"]!) && patience < 600; patience++)
            {
                await Task.Delay(100, TestContext.Current.CancellationToken);
                jobs = System.Text.Json.Nodes.JsonNode.Parse(await client.GetStringAsync("/api/jobs"))!["jobs"]!.AsArray();
            }

            Assert.DoesNotContain(jobs, j => (string?)j!["verdict"] is null or "stop");
            service.Stop();
        }
    }
}
