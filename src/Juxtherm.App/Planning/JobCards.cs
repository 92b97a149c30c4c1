using System.Diagnostics;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using System.Threading.Channels;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Settings;
using Juxtherm.Store;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Logging;

namespace Juxtherm.App.Planning;

/// <summary>
/// What jobs' cards say. It is kept with each job, by what it was reckoned from; what is out of date is reckoned anew beside
/// everything else, and the last one shown until then.
/// </summary>
/// <param name="jobs">The jobs.</param>
/// <param name="plans">Plans them.</param>
/// <param name="catalogue">What they are planned from.</param>
/// <param name="gate">Nothing is written while the data is exchanged.</param>
/// <param name="language">The language of the texts.</param>
/// <param name="log">For what goes wrong.</param>
public sealed class JobCards(JobStore jobs, JobPlans plans, CatalogueSnapshot catalogue, WorkshopGate gate, ILanguage language,
    ILogger<JobCards> log) : BackgroundService
{
    // Another one makes all cards be reckoned anew.
    private const int Format = 2;
    private static readonly TimeSpan AtOnce = TimeSpan.FromMilliseconds(300);
    private readonly Channel<Guid> _due = Channel.CreateUnbounded<Guid>();
    private readonly HashSet<Guid> _waiting = [];

    /// <summary>The cards of jobs, in their order. The first few that are out of date are reckoned at once.</summary>
    public async Task<IReadOnlyList<JobCard>> OfAsync(IReadOnlyList<ListedJob> listed, UnitSystem units, CancellationToken cancel)
    {
        var since = Stopwatch.GetTimestamp();
        var now = plans.LearnedNow;
        var cards = new List<JobCard>(listed.Count);
        foreach (var job in listed)
        {
            var (card, current) = (job.Card, job.Card?.For == For(job, now));
            if (!current && Stopwatch.GetElapsedTime(since) < AtOnce)
                (card, current) = (await ReckonAsync(job.Id, cancel), true);
            if (!current)
                Ask(job.Id);
            cards.Add(Card(job, card, units) with { Pending = !current, Due = job.DueOn, Last = LastResult.Of(job.Last) });
        }

        return cards;
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        try
        {
            var now = plans.LearnedNow;
            foreach (var job in (await jobs.CardsAsync(stoppingToken)).Where(j => j.Card?.For != For(j, now)))
                Ask(job.Id);
            await foreach (var id in _due.Reader.ReadAllAsync(stoppingToken))
            {
                lock (_waiting)
                    _waiting.Remove(id);
                using (await gate.EnterAsync(stoppingToken))
                    await ReckonAsync(id, stoppingToken);
            }
        }
        catch (OperationCanceledException)
        {
            // The service ends.
        }
    }

    private void Ask(Guid id)
    {
        lock (_waiting)
        {
            if (_waiting.Add(id))
                _due.Writer.TryWrite(id);
        }
    }

    private async Task<JobCardRow?> ReckonAsync(Guid id, CancellationToken cancel)
    {
        try
        {
            if (await jobs.FindAsync(id, cancel) is not { } row)
                return null;
            var what = For(new ListedJob(id, row.Title, row.UpdatedUtc, row.Version, row.LearnedJson, null)
            {
                AgreedJson = row.AgreedJson,
            }, plans.LearnedNow);
            string Text(UnitSystem units) => JsonSerializer.Serialize(Reckoned(row, units), CoreJson.Options);
            var card = new JobCardRow { JobId = id, For = what, MetricJson = Text(UnitSystem.Metric), UsJson = Text(UnitSystem.Us) };
            await jobs.KeepCardAsync(card, cancel);
            return card;
        }
        catch (Exception e) when (e is not (OperationCanceledException or OutOfMemoryException))
        {
            log.LogError(e, "The card of the job {Job} could not be reckoned.", id);
            return null;
        }
    }

    private string For(ListedJob job, string learnedNow) => Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(
        $"{Format}\n{job.Version}\n{catalogue.Version}\n{Planner.ModelVersion}\n{job.LearnedJson ?? learnedNow}\n{job.AgreedJson}")));

    private static JobCard Card(ListedJob job, JobCardRow? kept, UnitSystem units)
    {
        var json = units == UnitSystem.Us ? kept?.UsJson : kept?.MetricJson;
        return json is null || JsonSerializer.Deserialize<JobCard>(json, CoreJson.Options) is not { } card
            ? new JobCard(job.Id, job.Title, job.UpdatedUtc, 0, "", null, "", null, [], Pending: true)
            : card with { Id = job.Id, Title = job.Title, UpdatedUtc = job.UpdatedUtc };
    }

    private JobCard Reckoned(JobRow row, UnitSystem units)
    {
        var problems = new Problems();
        if (plans.PlanOnce(row, units, problems) is not { } planned)
            return new JobCard(row.Id, row.Title, row.UpdatedUtc, 0, "", null, language.WordsFor(units)
                .Say("job.unreadable", ("why", problems.Found[0].Says)), null, [], Pending: false);
        var (job, result) = planned;
        var what = $"{job.Blank.Form.Name}, {job.Blank.Material.Name.ToLowerInvariant()} · {string.Join(", " +
            "", job.Layers.Select(l => l.Vinyl.Name.ToLowerInvariant()).Distinct(StringComparer.Ordinal))} vinyl " +
                $"· {job.Tools.Source.Name.ToLowerInvariant()}";
        return new JobCard(
            row.Id, job.Title, row.UpdatedUtc, job.Quantity, what, result.Plan.Verdict, result.Plan.Headline,
            result.Plan.BondingPress, Sheets(result.Trace.Last(p => p.Kind == PhaseKind.Press), job), Pending: false)
        { Line = result.Plan.Line };
    }

    private static CardSheet[] Sheets(TracePhase press, Job job)
    {
        var faces = press.Faces[^1];
        string? Colour(string sheet) =>
            job.Layers.FirstOrDefault(l => sheet == Workpiece.VinylSheet || sheet == Workpiece.SheetOf(l.Id))?.Colour;
        return [.. press.Sheets.Select((sheet, i) =>
            new CardSheet(sheet.Id, sheet.Name, sheet.ThicknessMm, (faces[i] + faces[i + 1]) / 2, Colour(sheet.Id)))];
    }
}
