using System.Text.Json.Nodes;
using Juxtherm.App.Planning;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;

namespace Juxtherm.Web.Tests;

/// <summary>After an update, what was agreed stays: on the screen, on the card, at the bench, in the price; and it is said once.</summary>
public sealed class AgreedNumbersTests : Api
{
    private const double Celsius = 160;
    private const double Seconds = 21;

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private JobStore Jobs => Service.Services.GetRequiredService<JobStore>();

    /// <summary>A job that an earlier version set to something that this one would not.</summary>
    private async Task<string> OfBeforeAsync()
    {
        var id = await AddJob();
        var agreed = new AgreedNumbers(Celsius, null, Seconds, "medium", 0, "an earlier one");
        await Jobs.KeepAgreedAsync(Guid.Parse(id), agreed.Write(), Cancel);
        return id;
    }

    private async Task<(double Celsius, double Seconds)> PressAsync(string id)
    {
        var job = (await Get($"/api/jobs/{id}"))["job"]!;
        var plan = await Post($"/api/plans/preview?job={id}", job.DeepClone());
        var press = plan["presses"]!.AsArray().Last(p => (string)p!["purpose"]! == "press")!;
        return (Math.Round((double)press["celsius"]!), (double)press["seconds"]!);
    }

    private Task<JsonNode> SinceAsync(string id) => Get($"/api/jobs/{id}/learned");

    [Fact]
    public async Task What_was_agreed_stays_wherever_the_job_is_planned_and_is_said_once()
    {
        var fresh = await PressAsync(await AddJob());
        Assert.NotEqual((Celsius, Seconds), fresh);
        var id = await OfBeforeAsync();
        Assert.Equal((Celsius, Seconds), await PressAsync(id));
        var run = await Post($"/api/jobs/{id}/runs");
        Assert.Contains($"{Seconds:0} s", run.ToJsonString(), StringComparison.Ordinal);

        var since = await SinceAsync(id);
        Assert.True((bool)since["changes"]! && (bool)since["byVersion"]!);
        Assert.Equal((Celsius, Seconds), (Math.Round((double)since["agreed"]!["celsius"]!), (double)since["agreed"]!["seconds"]!));
        Assert.Equal(fresh, (Math.Round((double)since["now"]!["celsius"]!), (double)since["now"]!["seconds"]!));
        Assert.NotEqual((string)since["agreedPlan"]!["line"]!, (string)since["nowPlan"]!["line"]!);

        Assert.Equal((Celsius, Seconds), await CardAsync(id));

        // Kept: it stays, and is not said again.
        await Ok(HttpMethod.Post, $"/api/jobs/{id}/learned/keep");
        Assert.Equal((Celsius, Seconds), await PressAsync(id));
        Assert.False((bool)(await SinceAsync(id))["changes"]!);
    }

    [Fact]
    public async Task Taken_it_is_what_this_version_sets()
    {
        var fresh = await PressAsync(await AddJob());
        var id = await OfBeforeAsync();
        await Ok(HttpMethod.Post, $"/api/jobs/{id}/learned");
        Assert.Equal(fresh, await PressAsync(id));
        Assert.False((bool)(await SinceAsync(id))["changes"]!);
        Assert.Equal(fresh, await CardAsync(id));
    }

    /// <summary>What its card says once it is worked out.</summary>
    private async Task<(double Celsius, double Seconds)> CardAsync(string id)
    {
        while (true)
        {
            var card = (await Get("/api/jobs"))["jobs"]!.AsArray().Single(j => (string)j!["id"]! == id)!;
            if (!(bool)card["pending"]!)
                return (Math.Round((double)card["press"]!["celsius"]!), (double)card["press"]!["seconds"]!);
            await Task.Delay(50, Cancel);
        }
    }

    [Fact]
    public async Task A_change_that_moves_no_setting_leaves_it_and_one_that_does_is_planned_anew()
    {
        var id = await OfBeforeAsync();
        async Task SaveAsync(Action<JsonNode> change)
        {
            var kept = await Get($"/api/jobs/{id}");
            var job = kept["job"]!.DeepClone();
            change(job);
            await Ok(HttpMethod.Put, $"/api/jobs/{id}", new JsonObject { ["version"] = (int)kept["version"]!, ["job"] = job });
        }

        await SaveAsync(j => (j["title"], j["quantity"]) = ("Tarn tee, nine", 9));
        Assert.Equal((Celsius, Seconds), await PressAsync(id));
        await SaveAsync(j => j["layers"]![0]!["vinyl"] = "glitter");
        Assert.NotEqual((Celsius, Seconds), await PressAsync(id));
        Assert.False((bool)(await SinceAsync(id))["changes"]!);
    }

    /// <summary>A workshop from before agreed numbers were kept: its cards say what its jobs were planned at.</summary>
    [Fact]
    public async Task A_workshop_of_before_keeps_what_its_cards_say()
    {
        var id = await AddJob();
        while (((await Get("/api/jobs"))["jobs"]![0]!["pending"]?.GetValue<bool>()) == true)
            await Task.Delay(50, Cancel);
        Stop();
        var path = Path.Combine(Folder, "workshop.db");
        using (var db = new SqliteConnection($"Data Source={path};Pooling=False"))
        {
            db.Open();
            using var older = db.CreateCommand();
            older.CommandText = """
                UPDATE "JobCards" SET "MetricJson" = json_set("MetricJson", '$.press.celsius', 160, '$.press.seconds', 21);
                ALTER TABLE "Log" DROP COLUMN "Elsewhere";
                ALTER TABLE "Jobs" DROP COLUMN "AgreedJson";
                DELETE FROM "__EFMigrationsHistory" WHERE "MigrationId" LIKE '%PiecesFromElsewhere';
                """;
            older.ExecuteNonQuery();
        }

        Start();
        Assert.Equal((Celsius, Seconds), await PressAsync(id));
        Assert.True((bool)(await SinceAsync(id))["byVersion"]!);
    }
}
