using System.Net;
using System.Text.Json.Nodes;
using Juxtherm.App.Keeping;
using Microsoft.Extensions.DependencyInjection;

namespace Juxtherm.Web.Tests;

/// <summary>Backups that can be put back, copies in a second place, and what is said when either grows old.</summary>
public sealed class WatchApiTests : Api
{
    private readonly string _stick = Directory.CreateTempSubdirectory("juxtherm-stick-").FullName;

    private StandingWatch Watch => Service.Services.GetRequiredService<StandingWatch>();

    private static List<string> Warnings(JsonNode watch) => [.. watch["warnings"]!.AsArray().Select(w => (string)w!)];

    private Task<JsonNode> CopyTo(string? folder) =>
        Ok(HttpMethod.Put, "/api/watch/copies", new JsonObject { ["folder"] = folder });

    [Fact]
    public async Task It_lives_and_is_ready()
    {
        Assert.Equal("live", await Client.GetStringAsync("/health/live"));
        Assert.Equal("ready", await Client.GetStringAsync("/health/ready"));
    }

    [Fact]
    public async Task A_backup_is_put_back_for_a_trial_and_one_that_is_damaged_is_told()
    {
        await AddJob();
        await Post("/api/keeping/backups");
        var watch = await Post("/api/watch/trial");
        Assert.NotNull(watch["testedUtc"]);
        Assert.Empty(Warnings(watch));
        var newest = Path.Combine(Folder, "backups", (string)(await Get("/api/keeping"))["backups"]![0]!["name"]!);
        var bytes = await File.ReadAllBytesAsync(newest, TestContext.Current.CancellationToken);
        Array.Fill(bytes, (byte)7, 2000, 20_000);
        await File.WriteAllBytesAsync(newest, bytes, TestContext.Current.CancellationToken);
        watch = await Post("/api/watch/trial");
        Assert.Contains("failed its test restore", Assert.Single(Warnings(watch)), StringComparison.Ordinal);
        // The workshop itself was touched by neither trial, and nothing of them is left.
        Assert.Equal(1, await Kept());
        Assert.Empty(Directory.EnumerateFiles(Folder, "incoming*"));
    }

    /// <summary>Whoever asks while one is under way waits for that one: another would read all of it once more for nothing.</summary>
    [Fact]
    public async Task Asked_by_several_at_once_there_is_one_trial_and_its_state_is_told()
    {
        await AddJob();
        await Post("/api/keeping/backups");
        var standing = Service.Services.GetRequiredService<StandingWatch>();
        var (first, second) = (standing.TryAsync(), standing.TryAsync());
        Assert.Same(first, second);
        await first;
        var watch = await Get("/api/watch");
        Assert.Equal((false, true), ((bool)watch["testing"]!, watch["testedUtc"] is not null));
        var again = standing.TryAsync();
        Assert.NotSame(first, again);
        await again;
    }

    [Fact]
    public async Task Backups_are_copied_to_a_second_place_while_it_is_there()
    {
        await Post("/api/keeping/backups");
        var watch = await CopyTo(_stick);
        Assert.NotNull(watch["copiedUtc"]);
        var copy = Assert.Single(Directory.EnumerateFiles(_stick));
        Assert.Equal(await File.ReadAllBytesAsync(Directory.EnumerateFiles(Path.Combine(Folder, "backups")).Order().Last(),
            TestContext.Current.CancellationToken), await File.ReadAllBytesAsync(copy, TestContext.Current.CancellationToken));
        // The stick is elsewhere: nothing fails, nothing is made where it was, and after a week it is said.
        Directory.Delete(_stick, recursive: true);
        Clock.Advance(3600);
        await Post("/api/keeping/backups");
        Watch.Copy();
        Assert.False(Directory.Exists(_stick));
        Assert.Empty(Warnings(await Get("/api/watch")));
        Clock.Advance(8 * 24 * 3600);
        await Post("/api/keeping/backups");
        Assert.Contains("for over a week", Assert.Single(Warnings(await Get("/api/watch"))), StringComparison.Ordinal);
        Directory.CreateDirectory(_stick);
        Watch.Copy();
        Assert.Empty(Warnings(await Get("/api/watch")));
        Assert.Null((await CopyTo(null))["copyFolder"]);
    }

    [Fact]
    public async Task A_backup_that_grew_old_is_told()
    {
        await Post("/api/keeping/backups");
        Clock.Advance(4 * 24 * 3600);
        Assert.Contains("4 days old", Assert.Single(Warnings(await Get("/api/watch"))), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("stick")]
    [InlineData("/nowhere/at/all")]
    [InlineData("own")]
    public async Task What_is_no_place_for_copies_is_refused_and_the_old_one_stays(string folder)
    {
        await CopyTo(_stick);
        var (status, problem) = await Send(HttpMethod.Put, "/api/watch/copies",
            new JsonObject { ["folder"] = folder == "own" ? Path.Combine(Folder, "backups") : folder });
        Assert.Equal((HttpStatusCode.BadRequest, "#/folder"), (status, (string)problem!["errors"]![0]!["pointer"]!));
        Assert.Equal(_stick, (string)(await Get("/api/watch"))["copyFolder"]!);
    }
}
