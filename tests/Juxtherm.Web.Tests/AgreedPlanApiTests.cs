using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>What is learned later shows on a kept job, and counts there once somebody takes it.</summary>
public sealed class AgreedPlanApiTests : BenchApi
{
    private static (double, double) Setting(JsonNode plan)
    {
        var press = plan["presses"]!.AsArray().Last(p => (string)p!["purpose"]! == "press")!;
        return ((double)press["celsius"]!, (double)press["seconds"]!);
    }

    private async Task<(double, double)> Of(string job) => Setting(await Post($"/api/plans/preview?job={job}", Tee()));

    private async Task<string> Ticket(string job)
    {
        var file = Path.Combine(Folder, $"{Guid.NewGuid():N}.pdf");
        await File.WriteAllBytesAsync(file, await Client.GetByteArrayAsync($"/api/jobs/{job}/ticket.pdf"));
        return await TicketTests.Said("pdftotext", "-layout", file, "-");
    }

    private async Task ThreeLift()
    {
        var run = await Begin(Tee("Lifted", 3));
        for (var piece = 0; piece < 3; piece++)
            run = await Say(await Until(run, "inspect"), "record", with: c => c["outcomes"] = Words("edges-lifted"));
    }

    [Fact]
    public async Task A_kept_job_keeps_its_setting_until_the_new_one_is_taken()
    {
        var job = await AddJob();
        var before = await Of(job);
        Assert.False((bool)(await Get($"/api/jobs/{job}/learned"))["changes"]!);
        var printed = await Ticket(job);
        await ThreeLift();
        Assert.Equal(before, await Of(job));
        Assert.Equal(printed, await Ticket(job));
        Stop();
        Start();
        Assert.Equal(before, await Of(job));
        // A new job has it at once; this one is told of it.
        var fresh = Setting(await Post("/api/plans/preview", Tee()));
        Assert.NotEqual(before, fresh);
        var since = await Get($"/api/jobs/{job}/learned");
        Assert.True((bool)since["changes"]!);
        Assert.Equal(before, ((double)since["agreed"]!["celsius"]!, (double)since["agreed"]!["seconds"]!));
        Assert.Equal(fresh, ((double)since["now"]!["celsius"]!, (double)since["now"]!["seconds"]!));

        await Ok(HttpMethod.Post, $"/api/jobs/{job}/learned");
        Assert.Equal(fresh, await Of(job));
        Assert.NotEqual(printed, await Ticket(job));
        Assert.False((bool)(await Get($"/api/jobs/{job}/learned"))["changes"]!);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Post, $"/api/jobs/{Guid.NewGuid()}/learned")).Status);
    }

    [Fact]
    public async Task The_bench_follows_the_plan_that_was_agreed_to()
    {
        var job = await AddJob();
        var before = await Of(job);
        await ThreeLift();
        var run = await Post($"/api/jobs/{job}/runs");
        Assert.Equal(before, ((double)Station(run)["press"]!["celsius"]!, (double)Station(run)["press"]!["seconds"]!));
    }
}
