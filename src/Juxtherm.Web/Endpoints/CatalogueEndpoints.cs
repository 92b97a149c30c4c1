using Juxtherm.Core.Catalogue;

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
public sealed record VinylChoice(string Id, string Name, string Note, Span ChartCelsius, Span ChartSeconds, PressureLevel Pressure, PeelMethod Peel, string From);

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
public sealed record PressChoice(
    string Id, string Name, IReadOnlyList<FaceShape> Presses, string Underlay, string Cover, double PlateWidthMm, double PlateHeightMm, bool HasMarks, bool SteamPossible);

/// <summary>An item to choose.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Shape">How its face lies.</param>
/// <param name="Materials">Ids of materials it can be made of.</param>
/// <param name="UsualMaterial">The usual one.</param>
/// <param name="Supported">Whether it lies on an underlay.</param>
public sealed record FormChoice(string Id, string Name, FaceShape Shape, IReadOnlyList<string> Materials, string UsualMaterial, bool Supported);

/// <summary>A material to choose.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Kind">Cloth or hard.</param>
/// <param name="LimitCelsius">Hottest its face should become, °C.</param>
/// <param name="LimitFrom">Where that comes from.</param>
public sealed record MaterialChoice(string Id, string Name, MaterialKind Kind, double LimitCelsius, string LimitFrom);

/// <summary>Everything to choose from.</summary>
/// <param name="Version">Changes with any figure.</param>
/// <param name="Vinyls">Vinyls.</param>
/// <param name="HeatSources">Presses.</param>
/// <param name="Forms">Items.</param>
/// <param name="Materials">Materials.</param>
/// <param name="Covers">Covers.</param>
/// <param name="Underlays">Underlays.</param>
public sealed record CatalogueAnswer(
    string Version, IReadOnlyList<VinylChoice> Vinyls, IReadOnlyList<PressChoice> HeatSources, IReadOnlyList<FormChoice> Forms, IReadOnlyList<MaterialChoice> Materials,
    IReadOnlyList<Choice> Covers, IReadOnlyList<Choice> Underlays);

/// <summary>What can be chosen.</summary>
internal static class CatalogueEndpoints
{
    public static void MapCatalogue(this IEndpointRouteBuilder routes) =>
        routes.MapGet("/api/catalogue", (CatalogueSnapshot catalogue) => Results.Ok(Answer(catalogue))).WithTags("Catalogue").Produces<CatalogueAnswer>();

    private static CatalogueAnswer Answer(CatalogueSnapshot c) => new(
        c.Version,
        [.. c.Vinyls.Values.Select(v => new VinylChoice(v.Id, v.Name, v.Note, v.ChartCelsius.Value, v.ChartSeconds.Value, v.Pressure.Value, v.Peel.Value, v.ChartCelsius.From.Source))],
        [.. c.HeatSources.Values.Select(h => new PressChoice(h.Id, h.Name, h.Presses, h.Underlay, h.Cover, h.PlateWidthMm.Value, h.PlateHeightMm.Value, h.Marks.Count > 0, h.SteamPossible))],
        [.. c.Forms.Values.Select(f => new FormChoice(f.Id, f.Name, f.Shape, [.. c.Materials.Values.Where(m => f.Materials.Contains(m.Kind)).Select(m => m.Id)], f.UsualMaterial, f.Supported))],
        [.. c.Materials.Values.Select(m => new MaterialChoice(m.Id, m.Name, m.Kind, m.LimitCelsius.Value, m.LimitCelsius.From.Source))],
        [.. c.Covers.Values.Select(s => new Choice(s.Id, s.Name, ""))],
        [.. c.Underlays.Values.Select(s => new Choice(s.Id, s.Name, ""))]);
}
