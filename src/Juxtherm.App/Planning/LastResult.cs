using Juxtherm.App.Logbook;
using Juxtherm.Core.Runs;
using Juxtherm.Store;

namespace Juxtherm.App.Planning;

/// <summary>How a job came out the last time that it was pressed.</summary>
/// <param name="AtUtc">When its last piece came off the press.</param>
/// <param name="Pieces">Pieces of that run in the logbook.</param>
/// <param name="Well">So many of them came right in the end.</param>
/// <param name="Seen">What else was seen on them, each once.</param>
public sealed record LastResult(DateTimeOffset AtUtc, int Pieces, int Well, IReadOnlyList<Outcome> Seen)
{
    /// <summary>Of the pieces of its last run; null where there are none.</summary>
    public static LastResult? Of(IReadOnlyList<LogRow> pieces)
    {
        if (pieces.Count == 0)
            return null;
        var entries = pieces.Select(LogRows.Entry).ToList();
        return new LastResult(entries.Max(e => e.At), entries.Count, entries.Count(e => e.CameOutWell),
            [.. entries.SelectMany(e => e.Outcomes).Where(o => o != Outcome.Stuck).Distinct()]);
    }
}
