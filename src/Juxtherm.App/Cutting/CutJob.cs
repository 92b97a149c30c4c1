using System.Text.Json;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Devices;
using Juxtherm.Store;

namespace Juxtherm.App.Cutting;

/// <summary>Cuts a layout, mat by mat, and ticks off what is weeded.</summary>
/// <param name="plans">Layouts.</param>
/// <param name="bench">The cutter.</param>
/// <param name="jobs">Jobs.</param>
/// <param name="store">Cuts.</param>
/// <param name="language">Says why something is refused.</param>
public sealed class CutJob(CutPlans plans, CutterBench bench, JobStore jobs, CutStore store, ILanguage language)
{
    private const int MostTicks = 20_000;
    private const int LongestTick = 80;
    private const double LongestOnMatMm = 100_000;

    /// <summary>Begins to cut a layout: its vinyl is promised from now on.</summary>
    /// <param name="job">The job's id.</param>
    /// <param name="ask">Which layout.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<CutAnswer>> BeginAsync(Guid job, CutBegin ask, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(ask);
        if (await store.FindAsync(ask.CommandId, cancel) is { } before)
            return CutAnswer.Of(OpenCut.Of(before), null);
        if (await jobs.FindAsync(job, cancel) is not { } of)
            return new Missing("job");
        if (plans.Find(ask.PlanId) is not { } entry)
            return new Missing("layout");
        var plan = await entry.Plan;
        if (plan.Stops)
            return new Refused("stop", Words.Say("cut.stop", ("why", plan.Notices[0].Text)));
        if (plan.Way.Mats == 0)
            return new Refused("nothing", Words.Say("cut.nothing"));
        var row = new CutRow
        {
            Id = ask.CommandId,
            JobId = job,
            Title = of.Title,
            Cutter = entry.Job.Tools.Cutter!.Cutter.Id,
            Status = CutStore.Open,
            WayJson = JsonSerializer.Serialize(plan.Way, CoreJson.Options),
            RunJson = JsonSerializer.Serialize(CutterBench.MatsOf(plan.Way), CoreJson.Options),
        };
        try
        {
            var kept = await store.AddAsync(row, [.. plan.Way.Lists.SelectMany(l => l.Uses)], cancel);
            return CutAnswer.Of(OpenCut.Of(kept), null);
        }
        catch (StockRefusedException refused)
        {
            return new Refused("stock", Words.Say("cut.shelf-changed", ("why", refused.Says)));
        }
    }

    /// <summary>Does something at the cutter.</summary>
    /// <param name="id">The cut.</param>
    /// <param name="ask">What.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<CutAnswer>> SayAsync(Guid id, CutCommand ask, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(ask);
        if (ask is { Action: CutAction.Load, LengthMm: { } mm } && !(mm is > 0 and < LongestOnMatMm))
            return new Refused("length", Words.Say("cut.length", ("mm", mm)));
        try
        {
            Task done = ask.Action switch
            {
                CutAction.Load => bench.LoadAsync(id, ask.CommandId, ask.PresetChecked, ask.LengthMm, cancel),
                CutAction.Go => bench.GoAsync(id, ask.CommandId, cancel),
                CutAction.Unload => bench.UnloadAsync(id, ask.CommandId, cancel),
                CutAction.AllCut => bench.AllCutAsync(id, ask.CommandId, cancel),
                CutAction.Use => store.UseAsync(id, cancel),
                _ => store.GiveUpAsync(id, cancel),
            };
            await done;
        }
        catch (RefusedException refused)
        {
            return Refused.Of(refused, Words);
        }

        return await LookAsync(id, cancel);
    }

    /// <summary>Lets something go wrong at the simulated cutter.</summary>
    /// <param name="id">The cut.</param>
    /// <param name="trouble">What.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<CutAnswer>> CauseAsync(Guid id, CutterTrouble trouble, CancellationToken cancel)
    {
        try
        {
            await bench.CauseAsync(id, trouble, cancel);
        }
        catch (CutterRefusedException refused)
        {
            return Refused.Of(refused, Words);
        }

        return await LookAsync(id, cancel);
    }

    /// <summary>Ticks off what is weeded.</summary>
    /// <param name="id">The cut.</param>
    /// <param name="ask">All that is ticked off.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<CutAnswer>> WeedAsync(Guid id, WeededAsk ask, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(ask);
        if (ask.Keys.Count > MostTicks || ask.Keys.Any(k => k.Length > LongestTick))
        {
            var problems = new Problems();
            problems.Add("/keys", new Phrase("cut-request.out-of-range", ("mostTicks", MostTicks)), "out-of-range");
            return new Invalid(problems, "list");
        }

        await store.StepAsync(id, Guid.NewGuid(), r =>
        {
            var (before, now) = (r.Weeded.ConvertAll(w => w.Key), ask.Keys.Distinct(StringComparer.Ordinal).ToList());
            r.Weeded.RemoveAll(w => !now.Contains(w.Key));
            r.Weeded.AddRange(now.Except(before, StringComparer.Ordinal).Select(k => new CutWeededRow { CutId = id, Key = k }));
            return null;
        }, cancel);
        return await LookAsync(id, cancel);
    }

    /// <summary>A cut as it stands.</summary>
    /// <param name="id">The cut.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<Result<CutAnswer>> LookAsync(Guid id, CancellationToken cancel) =>
        await bench.LookAsync(id, cancel) is { } seen ? CutAnswer.Of(seen.Cut, seen.Device) : new Missing("cut");

    private IWords Words => language.WordsFor(UnitSystem.Metric);
}
