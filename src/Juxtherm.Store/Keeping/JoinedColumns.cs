using System.Text.Json.Nodes;

namespace Juxtherm.Store.Keeping;

/// <summary>What the first archives kept in one column, joined by commas, and is rows of its own by now.</summary>
internal static class JoinedColumns
{
    private static readonly (string Member, string Kind)[] OfPieces =
        [("vinyl", LogWordRow.Vinyl), ("outcomes", LogWordRow.Outcome), ("lots", LogWordRow.Lot)];

    /// <summary>The rows that a row's joined columns stand for; none in a newer archive.</summary>
    /// <param name="owner">The row that was read.</param>
    /// <param name="node">As it stands in the archive.</param>
    public static IEnumerable<object> Rows(object owner, JsonObject node) => owner switch
    {
        LogRow piece => OfPieces.SelectMany(c => Parts(node, c.Member)
            .Select((word, i) => new LogWordRow { LogId = piece.Id, Kind = c.Kind, At = i, Word = word })),
        CutRow cut => Parts(node, "weeded").Distinct(StringComparer.Ordinal).Select(k => new CutWeededRow { CutId = cut.Id, Key = k }),
        _ => [],
    };

    private static string[] Parts(JsonObject node, string member) =>
        ((string?)node[member] ?? "").Split(',', StringSplitOptions.RemoveEmptyEntries);
}
