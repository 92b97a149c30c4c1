using System.Text.Json.Nodes;
using Juxtherm.App;
using Juxtherm.App.Bench;
using Juxtherm.App.Helpers;
using Juxtherm.App.Learning;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Runs;
using Microsoft.Extensions.DependencyInjection;

namespace Juxtherm.Web.Tests;

/// <summary>The logbook tells from which device a piece was worked on, and who works at the press writes of what was done from
/// it.</summary>
public sealed class HelpersLogTests : BenchApi
{
    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private ChangeEntry Change => Service.Services.GetRequiredService<ChangeEntry>();

    private Asker Device(string name, HelperRole role) => new(Service.Services.GetRequiredService<DeviceBook>().Add(name, role).Device);

    /// <summary>A piece that is looked at from a device; null for the machine itself.</summary>
    private async Task<JsonNode> LookedAtAsync(JsonNode run, Asker? from)
    {
        run = await Until(run, "inspect");
        Asking.Now = from;
        var command = new BenchCommand(Guid.NewGuid(), 1, (int)Focus(run)!["piece"]!, null, BenchAction.Record, [Outcome.Stuck], "",
            null, null, null, null, null);
        var said = await Service.Services.GetRequiredService<SayAtBench>().SayAsync(Guid.Parse((string)run["id"]!), command, Cancel);
        Asking.Now = null;
        Assert.NotNull(said.Value);
        return await Look(run);
    }

    private async Task<string?> RefusedAsync(Asker from, long entry)
    {
        Asking.Now = from;
        var note = await Change.ChangeAsync(entry, new LogChange("Hood was left open.", null, null), Cancel);
        var wash = await Change.WashAsync(entry, new WashRequest(3, WashLook.Fine, null), null, Cancel);
        Asking.Now = null;
        Assert.Equal(note.Failure is null, wash.Failure is null);
        return (note.Failure as Refused)?.Code;
    }

    [Fact]
    public async Task A_piece_says_from_which_device_and_others_leave_it_alone()
    {
        var (phone, tablet) = (Device("Wren's phone", HelperRole.Press), Device("The tablet", HelperRole.Press));
        var run = await LookedAtAsync(await Begin(Tee("Tarn tee", 2)), phone);
        await LookedAtAsync(run, null);
        var entries = (await Get("/api/log"))["entries"]!.AsArray().OrderBy(e => (int)e!["piece"]!).ToList();
        Assert.Equal(["Wren's phone", ""], entries.Select(e => string.Join(',', e!["by"]!.AsArray().Select(b => (string)b!))));
        var (theirs, mine) = ((long)entries[0]!["id"]!, (long)entries[1]!["id"]!);
        Assert.Null(await RefusedAsync(phone, theirs));
        Assert.Equal("not-theirs", await RefusedAsync(tablet, theirs));
        Assert.Equal("not-theirs", await RefusedAsync(phone, mine));
        Assert.Null(await RefusedAsync(Device("Osk's laptop", HelperRole.Owner), mine));
        // It stays where it was written down, and outlives a start.
        Stop();
        Start();
        var kept = await Get($"/api/log/{theirs}");
        Assert.Equal("Hood was left open.", (string)kept["note"]!);
        Assert.Equal("Wren's phone", (string)kept["by"]![0]!);
        Assert.Single(kept["washes"]!.AsArray());
        using var file = await Client.GetAsync("/api/log/logbook.json", Cancel);
        Assert.DoesNotContain("Wren's phone", await file.Content.ReadAsStringAsync(Cancel), StringComparison.Ordinal);
    }
}
