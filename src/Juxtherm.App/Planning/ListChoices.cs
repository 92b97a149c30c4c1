using System.Text.Json;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Catalogue.Own;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Planning;

/// <summary>Lists what jobs are made of: what ships, what is the workshop's own, and what a job file brings along.</summary>
/// <param name="shipped">What ships.</param>
/// <param name="shelf">What is the workshop's own.</param>
public sealed class ListChoices(CatalogueSnapshot shipped, ShelfStore shelf)
{
    /// <summary>What can be chosen from.</summary>
    /// <param name="own">Text of a job file, whose own entries count too; null for none.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<CatalogueAnswer> ListAsync(string? own, CancellationToken cancel)
    {
        var brought = Brought(own, shipped);
        var entries = brought.Concat((await shelf.ListAsync(cancel))
            .Select(row => (Kind: Enum.Parse<OwnKind>(row.Kind, ignoreCase: true), Json: row.Json))
                .Where(e => OwnEntries.Check(e.Kind, e.Json, shipped, new Problems()) is { } read
                    && !brought.Exists(b => JsonElement.Parse(b.Json).GetProperty("id").GetString() == read.Id)))
            .Select(e => (e.Kind, Entry: JsonElement.Parse(e.Json))).ToList();
        var file = new Dictionary<string, JsonElement[]>(StringComparer.Ordinal)
        {
            ["vinyls"] = [.. entries.Where(e => e.Kind == OwnKind.Vinyl).Select(e => e.Entry)],
            ["blanks"] = [.. entries.Where(e => e.Kind == OwnKind.Blank).Select(e => e.Entry)],
            ["presses"] = [.. entries.Where(e => e.Kind == OwnKind.Press).Select(e => e.Entry)],
        };
        var c = OwnEntries.Join(new JsonCursor(JsonSerializer.SerializeToElement(file), "/own", new Problems()), shipped);
        var byId = entries.ToDictionary(e => e.Entry.GetProperty("id").GetString()!, e => e.Entry, StringComparer.Ordinal);
        JsonElement? Own(string id) => byId.TryGetValue(id, out var entry) ? entry : null;
        return new CatalogueAnswer(
            c.Version,
            [.. c.Vinyls.Values.Select(v =>
                new VinylChoice(v.Id, v.Name, v.Note, v.Chart.Celsius.Value, v.Chart.Seconds.Value, v.Chart.Pressure.Value,
                    v.Chart.Peel.Value,
                    v.Chart.Celsius.From.Source, Own(v.Id)))],
            [.. c.HeatSources.Values.Select(h =>
                new PressChoice(h.Id, h.Name, h.Presses, h.Usual.Underlay, h.Usual.Cover, h.Plate.WidthMm.Value, h.Plate.HeightMm.Value,
                    h.Dial.Marks.Count > 0, h.SteamPossible, Own(h.Id)))],
            [.. c.Forms.Values.Select(f =>
                new FormChoice(f.Id, f.Name, f.Shape, [.. c.Materials.Values.Where(m => f.Materials.Contains(m.Kind)).Select(m => m.Id)],
                    f.UsualMaterial, f.Supported, c.Measures[f.Id].UsualSize is not null, f.HasBack))],
            [.. c.Materials.Values.Select(m =>
                new MaterialChoice(m.Id, m.Name, m.Kind, m.Limit.Celsius.Value, m.Limit.Celsius.From.Source, Own(m.Id)))],
            [.. c.Covers.Values.Select(s => new Choice(s.Id, s.Name, ""))],
            [.. c.Underlays.Values.Select(s => new Choice(s.Id, s.Name, ""))],
            [.. c.Cutters.Values.Select(k =>
                new CutterChoice(k.Id, k.Name, k.CutWidthMm.Value, k.MatLengthMm.Value, k.MatlessLengthMm.Value,
                    k.CutWidthMm.From.Source))],
            JobReader.Sizes, ColourWords.Common,
            new UsualChoice(ReferencePractice.HeatSource, ReferencePractice.Vinyl, ReferencePractice.Form, ReferencePractice.Material));
    }

    /// <summary>What a job file brings along, as far as it can be read.</summary>
    private static List<(OwnKind Kind, string Json)> Brought(string? own, CatalogueSnapshot shipped)
    {
        if (own is null)
            return [];
        try
        {
            var root = JsonElement.Parse(own);
            IEnumerable<(OwnKind, string)> Of(string name, OwnKind kind) =>
                root.ValueKind == JsonValueKind.Object && root.TryGetProperty(name, out var list) && list.ValueKind == JsonValueKind.Array
                ? list.EnumerateArray().Select(e => (kind, e.GetRawText())) : [];
            return [.. Of("vinyls", OwnKind.Vinyl).Concat(Of("blanks", OwnKind.Blank)).Concat(Of("presses", OwnKind.Press))
                .Where(e => OwnEntries.Check(e.Item1, e.Item2, shipped, new Problems()) is not null)];
        }
        catch (JsonException)
        {
            return [];
        }
    }
}
