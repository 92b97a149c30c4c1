using Juxtherm.Core.Days;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Notices;

namespace Juxtherm.Documents;

/// <summary>A day as dates with alarms: when presses go on, when each job is pressed, handed over, and may be washed.</summary>
public static class DayCalendar
{
    private static readonly TimeSpan BeforeHandover = TimeSpan.FromMinutes(30);

    /// <summary>The dates.</summary>
    /// <param name="plan">The day.</param>
    /// <param name="presses">What its presses do.</param>
    /// <param name="words">Says it.</param>
    public static IReadOnlyList<CalendarDate> Dates(DayPlan plan, IReadOnlyList<DayRow> presses, IWords words)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(presses);
        ArgumentNullException.ThrowIfNull(words);
        var dates = new List<CalendarDate>();
        string Id(string what) => $"{what}-{plan.From.ToUnixTimeSeconds()}@juxtherm";
        foreach (var press in presses)
        {
            if (press.Stretches.FirstOrDefault(s => s.Activity is null) is { Celsius: { } celsius } on)
                dates.Add(new CalendarDate(Id($"on-{press.Id}"), on.Start,
                    words.Say("day.calendar-on", ("press", press.Name), ("celsius", Thing.Celsius(celsius))), ""));
            foreach (var (stretch, n) in press.Stretches.Where(s => s.Activity is not null).Select((s, n) => (s, n)))
                dates.Add(new CalendarDate(Id($"press-{press.Id}-{n}"), stretch.Start,
                    words.Say("day.calendar-press", ("title", plan.Jobs[stretch.Job].Title), ("press", press.Name)),
                        "")
                { End = stretch.End });
        }

        for (var j = 0; j < plan.Jobs.Count; j++)
        {
            var job = plan.Jobs[j];
            dates.Add(new CalendarDate(Id($"ready-{j}"), job.Due ?? job.Ready,
                job.Due is null ? words.Say("day.calendar-ready", ("title", job.Title))
                    : words.Say("day.calendar-due", ("title", job.Title)),
                words.Say("day.calendar-late", ("late", Thing.Seconds(job.LateSeconds)), ("seconds", job.LateSeconds)))
            {
                Before = job.Due is null ? TimeSpan.Zero : BeforeHandover,
            });
            if (job.WashFrom is { } wash)
                dates.Add(new CalendarDate(Id($"wash-{j}"), wash, words.Say("day.calendar-wash", ("title", job.Title)), ""));
        }

        return dates;
    }
}
