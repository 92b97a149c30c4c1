using System.Text.Json;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Catalogue;

namespace Juxtherm.App.Planning;

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
/// <param name="HasSizes">It comes in the sizes of garments.</param>
/// <param name="HasBack">It is printed on its back too.</param>
public sealed record FormChoice(string Id, string Name, FaceShape Shape, IReadOnlyList<string> Materials, string UsualMaterial,
    bool Supported, bool HasSizes, bool HasBack);

/// <summary>What charts silently assume: what a new question begins with.</summary>
/// <param name="HeatSource">Press id.</param>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Form">Item id.</param>
/// <param name="Material">Material id.</param>
public sealed record UsualChoice(string HeatSource, string Vinyl, string Form, string Material);

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
/// <param name="Sizes">Sizes of garments, smallest first.</param>
/// <param name="Colours">Common words for colours.</param>
/// <param name="Usual">What a new question begins with.</param>
public sealed record CatalogueAnswer(
    string Version, IReadOnlyList<VinylChoice> Vinyls, IReadOnlyList<PressChoice> HeatSources, IReadOnlyList<FormChoice> Forms,
    IReadOnlyList<MaterialChoice> Materials,
    IReadOnlyList<Choice> Covers, IReadOnlyList<Choice> Underlays, IReadOnlyList<CutterChoice> Cutters,
    IReadOnlyList<string> Sizes, IReadOnlyList<NamedColour> Colours, UsualChoice Usual);
