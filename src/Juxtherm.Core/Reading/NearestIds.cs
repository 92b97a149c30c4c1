namespace Juxtherm.Core.Reading;

/// <summary>Finds the known ids that an unknown one was probably meant to be.</summary>
public static class NearestIds
{
    private const int LongestCompared = 60;
    private const double StartWeighs = 1.5;
    private const double WordWeighs = 5;

    /// <summary>
    /// Up to three known ids, closest first by edit distance (Levenshtein); shared letters at the beginning and whole words in common
    /// bring an id nearer, so that a shortened or turned-round id finds its own.
    /// </summary>
    /// <param name="unknown">What was written.</param>
    /// <param name="known">What would be accepted.</param>
    public static IReadOnlyList<string> To(string unknown, IEnumerable<string> known)
    {
        ArgumentNullException.ThrowIfNull(unknown);
        // Long nonsense need not be measured letter by letter.
        var written = unknown.Length > LongestCompared ? unknown[..LongestCompared] : unknown;
        return [.. known
            .OrderBy(id => Distance(written, id) - CommonStart(written, id) * StartWeighs - CommonWords(written, id) * WordWeighs)
            .ThenBy(id => id, StringComparer.Ordinal)
            .Take(3)];
    }

    private static int CommonStart(string a, string b)
    {
        var i = 0;
        while (i < a.Length && i < b.Length && a[i] == b[i])
            i++;
        return i;
    }

    private static int CommonWords(string a, string b) => a.Split('-').Intersect(b.Split('-'), StringComparer.Ordinal).Count();

    private static int Distance(string a, string b)
    {
        var row = Enumerable.Range(0, b.Length + 1).ToArray();
        for (var i = 1; i <= a.Length; i++)
        {
            var diagonal = row[0];
            row[0] = i;
            for (var j = 1; j <= b.Length; j++)
            {
                var above = row[j];
                row[j] = Math.Min(Math.Min(row[j], row[j - 1]) + 1, diagonal + (a[i - 1] == b[j - 1] ? 0 : 1));
                diagonal = above;
            }
        }

        return row[^1];
    }
}
