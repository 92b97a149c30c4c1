using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Catalogue.Own;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Learning;

/// <summary>The catalogue with what this workshop has on its shelf.</summary>
/// <param name="shelf">The shelf.</param>
/// <param name="shipped">The catalogue.</param>
public sealed class WorkshopCatalogue(ShelfStore shelf, CatalogueSnapshot shipped)
{
    public async Task<CatalogueSnapshot> FindAsync(CancellationToken cancel)
    {
        using var own = JsonDocument.Parse((await OwnAsync(cancel)).ToJsonString());
        // What cannot be read any more is left out; it stays on the shelf, where it says so.
        return OwnEntries.Join(new JsonCursor(own.RootElement, "", new Problems()), shipped);
    }

    /// <summary>The shelf as a job file carries it.</summary>
    public async Task<JsonObject> OwnAsync(CancellationToken cancel)
    {
        var rows = await shelf.ListAsync(cancel);
        JsonArray Of(string kind) => [.. rows.Where(r => r.Kind == kind).Select(r => JsonNode.Parse(r.Json))];
        return new JsonObject { ["vinyls"] = Of("vinyl"), ["blanks"] = Of("blank"), ["presses"] = Of("press") };
    }
}
