using System.Globalization;
using Juxtherm.App.Logbook;
using Juxtherm.App.Planning;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Practice;
using Juxtherm.Core.Practice.Bench;
using Juxtherm.Core.Practice.Cases;
using Juxtherm.Core.Practice.Judging;
using Juxtherm.Core.Practice.Path;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Practice;

/// <summary>Lets people practice: shows cases, carries moves out, judges.</summary>
/// <param name="hall">The benches.</param>
/// <param name="cards">How far everybody is.</param>
/// <param name="jobs">Jobs that are rehearsed.</param>
/// <param name="log">Pieces that failed.</param>
/// <param name="plans">Reads them, with what was learned of the press.</param>
/// <param name="language">Says things.</param>
public sealed class PracticeDesk(PracticeHall hall, LearnerCards cards, JobStore jobs, LogStore log, PlanCache plans, ILanguage language)
{
    private const string LogPrefix = "log-";
    private const string JobPrefix = "job-";
    private const double KelvinPerFahrenheit = 5.0 / 9;

    /// <summary>All there is to practice.</summary>
    public async Task<PracticeAnswer> ShelfAsync(CancellationToken cancel)
    {
        var words = language.WordsFor(UnitSystem.Metric);
        int? LessonOf(string id) => Lessons.Path.ToList().IndexOf(id) is >= 0 and var at ? at + 1 : null;
        return new PracticeAnswer([.. PracticeHall.Shelf.Select(id => new ShelfCase(id, words.Say(hall.Find(id)!.Title), LessonOf(id)))
            .OrderBy(c => c.Lesson ?? int.MaxValue)], await cards.ListAsync(cancel));
    }

    /// <summary>A case as it is met.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="units">The reader's units.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<PracticeCaseAnswer>> MeetAsync(string id, UnitSystem units, CancellationToken cancel)
    {
        if (await FindAsync(id, cancel) is not { } met)
            return id.StartsWith(LogPrefix, StringComparison.Ordinal)
                ? new Refused("no-fit", language.WordsFor(units).Say("practice.no-fit")) : new Missing("practice case");
        var words = language.WordsFor(units);
        var (job, dial) = (met.Job, met.Job.Tools.Source.Dial);
        var step = dial.Step is { } by ? by.Value * (dial.Unit == DegreeUnit.F ? KelvinPerFahrenheit : 1) : (double?)null;
        var (covers, underlays) = hall.Ready(met);
        return new PracticeCaseAnswer(id, words.Say(met.Title), words.Say(met.Story), job.Blank.Form.Name, job.Blank.Form.Id,
            met.HasLabel ? null : job.Blank.Material.Name, met.HasLabel, job.Blank.Material.Kind,
            new PracticePress(job.Tools.Source.Name, dial.Celsius.Value.Low, dial.Celsius.Value.High, step,
                [.. dial.Marks.Select(m => new PracticeMark(m.Mark, m.Celsius.Value))],
                [.. job.Tools.Source.Pressure.KPa.Keys.Order()]),
            [.. job.Layers.Select(l => new LayerAnswer(l.Id, l.Face, l.Over, met.Unmarked
                ? new RollAnswer(l.Vinyl.Id, words.Say("practice.unmarked"), l.Vinyl.Family, null) : Roll(l.Vinyl)))],
            [.. met.Shelf.Select(Roll)], [.. covers.Select(Ready)], [.. underlays.Select(Ready)],
            [.. met.Props.Select(p => new PropAnswer(p.Id, p.Place, words.Say(p.Name),
                [.. new[] { p.Wrong, p.Right }.OrderBy(s => s.Id, StringComparer.Ordinal)
                    .Select(s => new PropStateAnswer(s.Id, words.Say(s.Name)))]))],
            hall.Look(id, []));
    }

    private static RollAnswer Roll(Vinyl vinyl) => new(vinyl.Id, vinyl.Name, vinyl.Family, new WrapperAnswer(vinyl.Note,
        vinyl.Chart.Celsius.Value, vinyl.Chart.Seconds.Value, vinyl.Chart.Pressure.Value, vinyl.Chart.Peel.Value));

    private static ReadyAnswer Ready(Supply supply) => new(supply.Id, supply.Name);

    /// <summary>The ways on which crafters differ, tried at a bench that is over.</summary>
    /// <param name="id">The case.</param>
    /// <param name="moves">What was done.</param>
    /// <param name="units">The reader's units.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<IReadOnlyList<WaysAnswer>>> WaysAsync(string id, IReadOnlyList<Move> moves, UnitSystem units,
        CancellationToken cancel)
    {
        var seen = await LookAsync(id, moves, cancel);
        if (seen.Value is not { } now)
            return seen.Failure!;
        if (!now.Over)
            return new Refused("not-over", language.WordsFor(units).Say("practice.not-over"));
        return Result.Done<IReadOnlyList<WaysAnswer>>([.. hall.WaysTried(id, units).GroupBy(w => w.Question, StringComparer.Ordinal)
            .Select(g => new WaysAnswer(g.Key, [.. g]))]);
    }

    /// <summary>What can be seen and felt after moves.</summary>
    /// <param name="id">The case.</param>
    /// <param name="moves">What was done.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<Seen>> LookAsync(string id, IReadOnlyList<Move> moves, CancellationToken cancel)
    {
        if (await FindAsync(id, cancel) is null)
            return new Missing("practice case");
        try
        {
            return hall.Look(id, moves);
        }
        catch (MoveRefusedException refused)
        {
            return Refused.Of(refused, language.WordsFor(UnitSystem.Metric));
        }
    }

    /// <summary>How it came out; who did it is remembered for that, and for nothing else.</summary>
    /// <param name="id">The case.</param>
    /// <param name="done">What was done, and by whom.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<JudgedAnswer>> JudgeAsync(string id, PracticeDone done, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(done);
        var words = language.WordsFor(UnitSystem.Metric);
        if (await FindAsync(id, cancel) is null)
            return new Missing("practice case");
        var name = done.Learner?.Trim() ?? "";
        if (name.Length > LearnerCards.LongestName)
        {
            var problems = new Problems();
            problems.Add("/learner", new Phrase("money.too-long", ("longest", LearnerCards.LongestName)), "too-long");
            return new Invalid(problems, "practice");
        }

        try
        {
            if (hall.Judge(id, done.Moves) is not { } judged)
                return new Refused("not-over", words.Say("practice.not-over"));
            var progress = name.Length == 0 || !PracticeHall.Shelf.Contains(id, StringComparer.Ordinal)
                ? null : await cards.KeepAsync(name, id, Lessons.Quality(judged), cancel);
            return new JudgedAnswer(Of(judged.Own, words), Of(judged.Careful, words), judged.OwnTrace, judged.CarefulTrace,
                judged.CarefulMoves, progress, judged.Alike, judged.GoodOfAlike);
        }
        catch (MoveRefusedException refused)
        {
            return Refused.Of(refused, words);
        }
    }

    /// <summary>Forgets somebody who learned here.</summary>
    /// <param name="name">Their name.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<string>> ForgetAsync(string name, CancellationToken cancel) =>
        await cards.ForgetAsync(name, cancel) ? name : new Missing("learner");

    /// <summary>A case; a rehearsal of a kept job, as job-….number, is set up the first time.</summary>
    private async Task<PracticeCase?> FindAsync(string id, CancellationToken cancel)
    {
        if (id.StartsWith(JobPrefix, StringComparison.Ordinal) && hall.Find(id) is null)
        {
            var parts = id[JobPrefix.Length..].Split('.');
            if (parts.Length == 2 && Guid.TryParse(parts[0], out var of)
                && int.TryParse(parts[1], NumberStyles.None, CultureInfo.InvariantCulture, out var seed)
                && await jobs.FindAsync(of, cancel) is { } row && plans.Read(row.Json, new Problems()) is { } job
                && PracticeHall.CanRehearse(job))
                hall.SetUp(id, job, seed);
        }

        if (id.StartsWith(LogPrefix, StringComparison.Ordinal) && hall.Find(id) is null
            && long.TryParse(id.AsSpan(LogPrefix.Length), NumberStyles.None, CultureInfo.InvariantCulture, out var entry)
            && await log.FindAsync(entry, cancel) is { } found)
            hall.SetUpFailed(id, LogRows.Entry(found), (int)(entry % int.MaxValue));
        return hall.Find(id);
    }

    private static CameOutAnswer Of(CameOut came, IWords words) => new(came.Good, came.ClothLost, came.Lifts.Count, came.VinylLost,
        came.LooksWrong, came.Unsafe, came.Minutes, [.. came.Mistakes.Select(m =>
            new MistakeAnswer(m.Number, m.Does, words.Say(m.Happened)))],
        [.. came.Spoiled.Select(words.Say)]);
}
