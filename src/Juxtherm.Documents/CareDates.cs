using Juxtherm.Core.Care;
using Juxtherm.Core.Notices;

namespace Juxtherm.Documents;

/// <summary>What of a run goes into a calendar.</summary>
public static class CareDates
{
    /// <summary>When it may be washed, and when it is handed over.</summary>
    /// <param name="run">The run's id.</param>
    /// <param name="title">What was made.</param>
    /// <param name="names">Whose each piece is; empty where pieces are all alike.</param>
    /// <param name="washFrom">From when it may be washed; null where nothing is.</param>
    /// <param name="handover">When it is handed over; null where nobody said.</param>
    /// <param name="care">How it is looked after.</param>
    /// <param name="words">Writes it.</param>
    public static IReadOnlyList<CalendarDate> Of(Guid run, string title, IReadOnlyList<string> names, DateTimeOffset? washFrom,
        DateTimeOffset? handover, CareAdvice care, IWords words)
    {
        ArgumentNullException.ThrowIfNull(names);
        ArgumentNullException.ThrowIfNull(care);
        ArgumentNullException.ThrowIfNull(words);
        var whose = string.Join(", ", names.Where(n => n.Length > 0));
        var dates = new List<CalendarDate>();
        if (washFrom is { } wash)
            dates.Add(new CalendarDate($"{run}-wash@juxtherm", wash, words.Say("care-dates.wash", ("title", title)),
                words.Say("care-dates.wash-text", ("names", whose), ("care", string.Join(' ', care.Lines)))));
        if (handover is { } at)
            dates.Add(new CalendarDate($"{run}-handover@juxtherm", at, words.Say("care-dates.handover", ("title", title)),
                words.Say("care-dates.handover-text", ("pieces", names.Count), ("names", whose))));
        return dates;
    }
}
