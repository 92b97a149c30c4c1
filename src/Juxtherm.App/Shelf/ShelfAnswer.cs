using System.Text.Json;
using Juxtherm.Core.Catalogue.Own;
using Juxtherm.Store;

namespace Juxtherm.App.Shelf;

/// <summary>Something on the shelf.</summary>
/// <param name="Id">Its id in job files.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Version">Counts saves; give it back when saving.</param>
/// <param name="Entry">Its text, as a job file carries it.</param>
public sealed record ShelfAnswer(string Id, OwnKind Kind, string Name, int Version, JsonElement Entry)
{
    /// <summary>An entry as it is answered.</summary>
    /// <param name="row">As it is kept.</param>
    public static ShelfAnswer Of(ShelfRow row)
    {
        ArgumentNullException.ThrowIfNull(row);
        return new ShelfAnswer(row.Id, KindOf(row), row.Name, row.Version, JsonElement.Parse(row.Json));
    }

    /// <summary>What kind of entry is kept in a row.</summary>
    internal static OwnKind KindOf(ShelfRow row) => Enum.Parse<OwnKind>(row.Kind, ignoreCase: true);
}
