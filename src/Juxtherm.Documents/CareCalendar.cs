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
public sealed record CalendarDate(string Id, DateTimeOffset At, string Title, string Text);

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
                End = new CalDateTime(date.At.UtcDateTime.AddMinutes(Minutes)),
                Summary = date.Title,
                Description = date.Text,
            };
            when.Alarms.Add(new Alarm { Action = "DISPLAY", Description = date.Title, Trigger = new Trigger("PT0S") });
            calendar.Events.Add(when);
        }

        return new CalendarSerializer().SerializeToString(calendar)!;
    }
}
