using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.Web.Endpoints;

/// <summary>What is looked for; what is left out does not narrow it.</summary>
internal sealed class LogAsked
{
    /// <summary>Anywhere in title, name, remark or lot.</summary>
    public string? Text { get; init; }

    /// <summary>Vinyl id, alone or among others.</summary>
    public string? Vinyl { get; init; }

    /// <summary>Material id.</summary>
    public string? Material { get; init; }

    /// <summary>Form id.</summary>
    public string? Form { get; init; }

    /// <summary>Heat source id.</summary>
    public string? HeatSource { get; init; }

    /// <summary>A lot, whole.</summary>
    public string? Lot { get; init; }

    /// <summary>Whose it is, whole.</summary>
    public string? Person { get; init; }

    /// <summary>What came out; lost for what was given up without a word.</summary>
    public string? Outcome { get; init; }

    /// <summary>From this day or time on, UTC.</summary>
    public string? From { get; init; }

    /// <summary>Up to this day or time, not included, UTC.</summary>
    public string? Until { get; init; }

    /// <summary>One run's pieces.</summary>
    public Guid? Run { get; init; }

    public LogSearch Search(Problems problems)
    {
        DateTimeOffset? Day(string name, string? text)
        {
            if (string.IsNullOrEmpty(text))
                return null;
            if (PlainTime.TryRead(text, out var day))
                return day;
            problems.Add($"/{name}", new Phrase("log-asked.wrong-type", ("name", name), ("text", text), ("accepted", PlainTime.Accepted)),
                "wrong-type");
            return null;
        }

        return new LogSearch
        {
            Text = Text,
            Vinyl = Vinyl,
            Material = Material,
            Form = Form,
            HeatSource = HeatSource,
            Lot = Lot,
            Person = Person,
            Outcome = Outcome,
            From = Day("from", From),
            Until = Day("until", Until),
            Run = Run
        };
    }
}
