using Juxtherm.Core.Catalogue.Own;
using System.Text.Json;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>Something to choose.</summary>
/// <param name="Id">Its id in a job file.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Note">One line about it; may be empty.</param>
public sealed record Choice(string Id, string Name, string Note);

/// <summary>A vinyl to choose.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Note">What is particular about it.</param>
/// <param name="ChartCelsius">What charts say, °C, from and to.</param>
/// <param name="ChartSeconds">What charts say, s, from and to.</param>
/// <param name="Pressure">Usual pressure.</param>
/// <param name="Peel">Usual peel.</param>
/// <param name="From">Where the chart figures come from.</param>
/// <param name="Own">For an own one, what a job file has to carry; null for a shipped one.</param>
public sealed record VinylChoice(string Id, string Name, string Note, Span ChartCelsius, Span ChartSeconds, PressureLevel Pressure,
    PeelMethod Peel, string From, JsonElement? Own);

/// <summary>A press to choose.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Presses">Shapes of face it can press.</param>
/// <param name="Underlay">Usual underlay.</param>
/// <param name="Cover">Usual cover.</param>
/// <param name="PlateWidthMm">Usual plate width, mm.</param>
/// <param name="PlateHeightMm">Usual plate height, mm.</param>
/// <param name="HasMarks">It has marks instead of degrees.</param>
/// <param name="SteamPossible">It has steam.</param>
/// <param name="Own">For an own one, what a job file has to carry; null for a shipped one.</param>
public sealed record PressChoice(
    string Id, string Name, IReadOnlyList<FaceShape> Presses, string Underlay, string Cover, double PlateWidthMm, double PlateHeightMm,
    bool HasMarks, bool SteamPossible, JsonElement? Own);

/// <summary>An item to choose.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Shape">How its face lies.</param>
/// <param name="Materials">Ids of materials it can be made of.</param>
/// <param name="UsualMaterial">The usual one.</param>
/// <param name="Supported">Whether it lies on an underlay.</param>
public sealed record FormChoice(string Id, string Name, FaceShape Shape, IReadOnlyList<string> Materials, string UsualMaterial,
    bool Supported);

/// <summary>A material to choose.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Kind">Cloth or hard.</param>
/// <param name="LimitCelsius">Hottest its face should become, °C.</param>
/// <param name="LimitFrom">Where that comes from.</param>
/// <param name="Own">For an own one, what a job file has to carry; null for a shipped one.</param>
public sealed record MaterialChoice(string Id, string Name, MaterialKind Kind, double LimitCelsius, string LimitFrom, JsonElement? Own);

/// <summary>A cutter to choose.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="CutWidthMm">Widest it cuts, mm.</param>
/// <param name="MatLengthMm">Longest it cuts on its usual mat, mm.</param>
/// <param name="MatlessLengthMm">Longest without a mat, mm.</param>
/// <param name="From">Where that comes from.</param>
public sealed record CutterChoice(string Id, string Name, double CutWidthMm, double MatLengthMm, double MatlessLengthMm, string From);

/// <summary>Everything to choose from.</summary>
/// <param name="Version">Changes with any figure.</param>
/// <param name="Vinyls">Vinyls.</param>
/// <param name="HeatSources">Presses.</param>
/// <param name="Forms">Items.</param>
/// <param name="Materials">Materials.</param>
/// <param name="Covers">Covers.</param>
/// <param name="Underlays">Underlays.</param>
/// <param name="Cutters">Cutters.</param>
public sealed record CatalogueAnswer(
    string Version, IReadOnlyList<VinylChoice> Vinyls, IReadOnlyList<PressChoice> HeatSources, IReadOnlyList<FormChoice> Forms,
    IReadOnlyList<MaterialChoice> Materials,
    IReadOnlyList<Choice> Covers, IReadOnlyList<Choice> Underlays, IReadOnlyList<CutterChoice> Cutters);

/// <summary>What can be chosen.</summary>
internal static class CatalogueEndpoints
{
    public static void MapCatalogue(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/catalogue").WithTags("Catalogue");
        group.MapGet("/",
            async (CatalogueSnapshot shipped, ShelfStore shelf, CancellationToken cancel) =>
            Results.Ok(await AnswerAsync(null, shipped, shelf, cancel))).Produces<CatalogueAnswer>();
        // With what a job file brings along, which may not be on this workshop's shelf.
        group.MapPost("/", async (HttpRequest request, CatalogueSnapshot shipped, ShelfStore shelf, CancellationToken cancel) =>
            Results.Ok(await AnswerAsync(await JobBody.ReadAsync(request, cancel), shipped, shelf, cancel)))
            .Accepts<object>("application/json").Produces<CatalogueAnswer>();
    }

    private static async Task<CatalogueAnswer> AnswerAsync(string? own, CatalogueSnapshot shipped, ShelfStore shelf,
        CancellationToken cancel)
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
                new VinylChoice(v.Id, v.Name, v.Note, v.ChartCelsius.Value, v.ChartSeconds.Value, v.Pressure.Value, v.Peel.Value,
                    v.ChartCelsius.From.Source, Own(v.Id)))],
            [.. c.HeatSources.Values.Select(h =>
                new PressChoice(h.Id, h.Name, h.Presses, h.Underlay, h.Cover, h.PlateWidthMm.Value, h.PlateHeightMm.Value,
                    h.Marks.Count > 0, h.SteamPossible, Own(h.Id)))],
            [.. c.Forms.Values.Select(f =>
                new FormChoice(f.Id, f.Name, f.Shape, [.. c.Materials.Values.Where(m => f.Materials.Contains(m.Kind)).Select(m => m.Id)],
                    f.UsualMaterial, f.Supported))],
            [.. c.Materials.Values.Select(m =>
                new MaterialChoice(m.Id, m.Name, m.Kind, m.LimitCelsius.Value, m.LimitCelsius.From.Source, Own(m.Id)))],
            [.. c.Covers.Values.Select(s => new Choice(s.Id, s.Name, ""))],
            [.. c.Underlays.Values.Select(s => new Choice(s.Id, s.Name, ""))],
            [.. c.Cutters.Values.Select(k =>
                new CutterChoice(k.Id, k.Name, k.CutWidthMm.Value, k.MatLengthMm.Value, k.MatlessLengthMm.Value,
                    k.CutWidthMm.From.Source))]);
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
