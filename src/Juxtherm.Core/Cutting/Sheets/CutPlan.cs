using System.Text.Json.Serialization;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Cutting.Sheets;

/// <summary>Vinyl on hand that a cut list takes.</summary>
/// <param name="StockId">Which.</param>
/// <param name="Label">What is written on it.</param>
/// <param name="Kind">What it is.</param>
/// <param name="LengthMm">Length taken: of a roll what is cut off, of a sheet or offcut all of it, mm.</param>
public sealed record StockUse(string StockId, string Label, StockKind Kind, double LengthMm);

/// <summary>Something worth keeping that a cut leaves.</summary>
/// <param name="StockId">What it is left of.</param>
/// <param name="Left">Its size.</param>
public sealed record ComesBack(string StockId, Remainder Left);

/// <summary>Another colour on hand of the same vinyl.</summary>
/// <param name="Colour">As <c>#rrggbb</c>.</param>
/// <param name="ColourName">What it is called; empty when not said.</param>
/// <param name="LengthMm">Length free, all of it together, mm.</param>
/// <param name="Enough">A single roll or sheet has room for all of it.</param>
public sealed record ColourOnHand(string Colour, string ColourName, double LengthMm, bool Enough);

/// <summary>All that is cut from one vinyl in one colour.</summary>
/// <param name="Id">Its id: vinyl and colour.</param>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Colour">As <c>#rrggbb</c>; null when not said.</param>
/// <param name="Mirrored">It is cut reversed.</param>
/// <param name="Directional">It has a right way up, so nothing is turned.</param>
/// <param name="Preset">How it is cut.</param>
/// <param name="Shapes">Shapes of its units by key, seen from the right side.</param>
/// <param name="Sheets">What lies on the mat, one after the other.</param>
/// <param name="Uses">Vinyl on hand that it takes.</param>
/// <param name="ComesBack">What is worth keeping afterwards.</param>
/// <param name="ShortMm">Length that is missing on the shelf, mm.</param>
/// <param name="MoreRuns">How many more such runs the same vinyl on hand is enough for; null where nothing is on hand.</param>
/// <param name="OnHand">Colours on hand of the same vinyl.</param>
public sealed record CutList(
    string Id, string Vinyl, string Name, string? Colour, bool Mirrored, bool Directional, CutPreset Preset,
    IReadOnlyDictionary<string, UnitShape> Shapes, IReadOnlyList<CutSheet> Sheets,
    IReadOnlyList<StockUse> Uses, IReadOnlyList<ComesBack> ComesBack, double ShortMm, int? MoreRuns, IReadOnlyList<ColourOnHand> OnHand)
{
    /// <summary>What the colour is called: as on the shelf, or the nearest common word; empty where no colour is given.</summary>
    public string ColourName { get; init; } = "";

    /// <summary>A colour on the shelf that looks like it and of which nobody has said whether it is the same; null for none.</summary>
    public ColourAsk? Ask { get; init; }
}

/// <summary>A job laid out one way.</summary>
/// <param name="Layout">Which way.</param>
/// <param name="Lists">By vinyl and colour, in the order of the layers.</param>
/// <param name="LengthMm">Length of vinyl used up, all sheets together, mm.</param>
/// <param name="VinylMm2">Vinyl that stays on the items, mm².</param>
/// <param name="UsedMm2">Vinyl used up, mm².</param>
/// <param name="WastePercent">Share of what is used up that is thrown away, %.</param>
/// <param name="Mats">How often a mat is loaded.</param>
/// <param name="CutSeconds">About how long the cutter cuts, s.</param>
/// <param name="HandSeconds">Loading mats and laying single pieces by hand, s.</param>
/// <param name="Loose">Pieces that are laid one by one, for the whole run.</param>
/// <param name="Cost">What the vinyl costs, in the workshop's own money; null where a price is not known.</param>
public sealed record CutLayout(
    SheetLayout Layout, IReadOnlyList<CutList> Lists, double LengthMm, double VinylMm2, double UsedMm2, double WastePercent, int Mats,
    double CutSeconds, double HandSeconds, int Loose, double? Cost)
{
    /// <summary>Layers of which a piece found no place on any sheet: nothing that is reckoned from this layout is whole then.</summary>
    public IReadOnlyList<string> NotPlaced { get; init; } = [];
}

/// <summary>How a job is cut.</summary>
/// <param name="Layout">The way that holds: the crafter's own, or the advice.</param>
/// <param name="Advised">The way that is advised.</param>
/// <param name="Reason">Why.</param>
/// <param name="SavedPercent">Share of the vinyl that packing tightly saves, %.</param>
/// <param name="Layouts">Both ways.</param>
/// <param name="Cutter">What it is cut with.</param>
/// <param name="CutterWidthMm">Widest it cuts, mm.</param>
/// <param name="CutterLengthMm">Longest it cuts, mm.</param>
/// <param name="Matless">The vinyl needs no mat.</param>
/// <param name="MarginMm">Room between pieces, mm.</param>
/// <param name="Notices">What to watch out for.</param>
public sealed record CutPlan(
    SheetLayout Layout, SheetLayout Advised, string Reason, double SavedPercent,
    [property: JsonPropertyName("ways")] IReadOnlyList<CutLayout> Layouts, string Cutter, double CutterWidthMm, double CutterLengthMm,
        bool Matless, double MarginMm,
    IReadOnlyList<Notice> Notices)
{
    /// <summary>The way that holds.</summary>
    public CutLayout Way => Layouts.First(w => w.Layout == Layout);

    /// <summary>It must not be cut like this.</summary>
    public bool Stops => Notices.Any(n => n.Level == NoticeLevel.Stop);
}
