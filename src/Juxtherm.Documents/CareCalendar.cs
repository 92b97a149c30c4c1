using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;

namespace Juxtherm.Documents;

/// <summary>What goes into a calendar.</summary>
/// <param name="Id">Stays the same when the file is made again, so that a calendar changes its entry instead of adding one.</param>
/// <param name="At">When, UTC.</param>
/// <param name="Title">In a line.</param>
/// <param name="Text">What else there is to say.</param>
public sealed record CalendarDate(string Id, DateTimeOffset At, string Title, string Text)
{
    /// <summary>When it is over, UTC; null for a quarter of an hour.</summary>
    public DateTimeOffset? End { get; init; }

    /// <summary>So long before it begins somebody is told.</summary>
    public TimeSpan Before { get; init; }
}

/// <summary>Dates as a calendar file (RFC 5545).</summary>
public static class CareCalendar
{
    private const int Minutes = 15;

    /// <summary>Writes the file.</summary>
    /// <param name="dates">What goes into it.</param>
    /// <param name="now">When it was made, UTC.</param>
    public static string Write(IEnumerable<CalendarDate> dates, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(dates);
        var calendar = new Calendar { ProductId = "-//Juxtherm//EN" };
        foreach (var date in dates)
        {
            var when = new CalendarEvent
            {
                Uid = date.Id,
                DtStamp = new CalDateTime(now.UtcDateTime),
                Start = new CalDateTime(date.At.UtcDateTime),
                End = new CalDateTime((date.End ?? date.At.AddMinutes(Minutes)).UtcDateTime),
                Summary = date.Title,
                Description = date.Text,
            };
            var trigger = new Trigger(Duration.FromTimeSpanExact(-date.Before));
            when.Alarms.Add(new Alarm { Action = "DISPLAY", Description = date.Title, Trigger = trigger });
            calendar.Events.Add(when);
        }

        return new CalendarSerializer().SerializeToString(calendar)!;
    }
}
