using Juxtherm.App.Learning;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;

namespace Juxtherm.App.Planning;

/// <summary>What a job's setting would be without what was learned.</summary>
/// <param name="Changes">The setting differs.</param>
/// <param name="Celsius">Plate set to without it, °C.</param>
/// <param name="DialMark">The mark without it; null where the dial shows degrees.</param>
/// <param name="Seconds">Press time without it, s.</param>
/// <param name="Lessons">What of the learned bears on this job, used or switched off.</param>
public sealed record LearnedInJob(bool Changes, double Celsius, string? DialMark, double Seconds, IReadOnlyList<Lesson> Lessons)
{
    /// <summary>What the learned changes for a job.</summary>
    /// <param name="job">The job.</param>
    /// <param name="with">Its plan with what was learned.</param>
    /// <param name="without">Its plan without it.</param>
    /// <param name="lessons">All that was learned.</param>
    internal static LearnedInJob Of(Job job, Plan with, Plan without, IReadOnlyList<Lesson> lessons)
    {
        var (own, usual) = (with.BondingPress, without.BondingPress);
        HashSet<string> about = [Core.Learning.Lessons.PlateKey(job.Tools.Source.Id),
            .. job.Layers.Select(l => Core.Learning.Lessons.DemandKey(l.Vinyl.Id, job.Blank.Material.Id))];
        return new LearnedInJob(own.Celsius != usual.Celsius || own.Seconds != usual.Seconds, usual.Celsius, usual.DialMark, usual.Seconds,
            [.. lessons.Where(l => about.Contains(l.Key))]);
    }
}

/// <summary>Shows what the logbook has taught for a job.</summary>
/// <param name="plans">Plans jobs as they were agreed to.</param>
/// <param name="cache">Plans jobs as the catalogue alone would.</param>
/// <param name="learning">What was learned.</param>
public sealed class ShowLearned(JobPlans plans, PlanCache cache, WorkshopLearning learning)
{
    /// <summary>What the learned changes for a job as it stands on the screen.</summary>
    /// <param name="job">The kept job that it belongs to; null for none.</param>
    /// <param name="json">Its text.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<LearnedInJob>> ForAsync(Guid? job, string json, CancellationToken cancel)
    {
        var problems = new Problems();
        return await plans.PlanAsync(job, json, UnitSystem.Metric, problems, cancel) is { } with
            && cache.PlanUncorrected(json, UnitSystem.Metric, problems) is { } without
            ? LearnedInJob.Of(with.Job, with.Result.Plan, without.Result.Plan, learning.Lessons) : new Invalid(problems);
    }
}
