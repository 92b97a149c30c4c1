using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Reading;

/// <summary>What is wrong with a table as a whole: its heading and its length.</summary>
internal static class TableFaults
{
    /// <summary>It has no heading.</summary>
    public static void Empty(Problems problems, IEnumerable<string> columns) =>
        problems.Add("", new Phrase("table.missing", ("columns", Thing.List(columns))), "missing");

    /// <summary>Its heading has columns that are not known, each said with those nearest to it.</summary>
    public static void Unknown(Problems problems, IEnumerable<string> heading, IReadOnlyCollection<string> columns)
    {
        foreach (var odd in heading.Where(h => !columns.Contains(h, StringComparer.Ordinal)))
            problems.Add("", new Phrase("table.unknown-id", ("odd", odd), ("list", Thing.List(NearestIds.To(odd, columns)))), "unknown-id");
    }

    /// <summary>It has more lines than are accepted.</summary>
    public static void TooLong(Problems problems, int most) =>
        problems.Add("", new Phrase("table.out-of-range", ("most", most)), "out-of-range");
}
