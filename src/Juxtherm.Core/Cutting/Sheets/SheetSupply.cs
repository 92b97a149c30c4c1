using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Nesting;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Jobs;

namespace Juxtherm.Core.Cutting.Sheets;

/// <summary>A sheet that can be laid on the mat, and where it comes from.</summary>
/// <param name="Sheet">Its size as laid.</param>
/// <param name="From">What it is cut from; null for vinyl that has to be bought.</param>
/// <param name="WidthMm">Width of what it is cut from, as laid, mm.</param>
/// <param name="Turned">It is laid turned by a quarter.</param>
internal sealed record LoadableSheet(NestSheet Sheet, VinylStock? From, double WidthMm, bool Turned);

/// <summary>Vinyl on hand for one cut list, as the cutter can take it: offcuts first, then sheets, then rolls, then what has to be
/// bought.</summary>
/// <param name="stock">What may be used.</param>
/// <param name="setup">The cutter.</param>
/// <param name="figures">Figures of cutting.</param>
/// <param name="directional">The vinyl has a right way up, so a sheet is not turned either.</param>
internal sealed class SheetSupply(IEnumerable<VinylStock> stock, CutterSetup setup, CuttingFigures figures, bool directional)
{
    private readonly List<VinylStock> _left = [.. stock.OrderBy(s => s.Kind switch { StockKind.Offcut => 0, StockKind.Sheet => 1, _ => 2 })
        .ThenBy(s => s.WidthMm * s.LengthMm).ThenBy(s => s.Id, StringComparer.Ordinal)];

    private double Extra => setup.Matless ? figures.FeedExtraMm.Value : 0;

    /// <summary>Sheets for so many pieces, a mat for each if need be; vinyl to be bought comes last and never ends.</summary>
    /// <param name="units">How many pieces there are.</param>
    /// <param name="widestMm">Width of the widest of them, as narrow as it can be laid, with what is left free beside it, mm.</param>
    public List<LoadableSheet> Sheets(int units, double widestMm)
    {
        // What is wider than the usual roll is bought as wide as the cutter takes.
        var bought = widestMm <= figures.RollWidthMm.Value ? figures.RollWidthMm.Value : setup.WidthMm;
        var sheets = _left.Where(s => s.Kind != StockKind.Roll).SelectMany(Pieces).ToList();
        foreach (var roll in _left.Where(s => s.Kind == StockKind.Roll))
            sheets.AddRange(Mats(roll, Math.Min(roll.WidthMm, setup.WidthMm), roll.LengthMm, units));
        sheets.AddRange(Mats(null, Math.Min(bought, setup.WidthMm), double.PositiveInfinity, units));
        return sheets;
    }

    /// <summary>Takes away what was used.</summary>
    /// <param name="sheet">The sheet.</param>
    /// <param name="usedMm">Length used, mm.</param>
    public void Use(LoadableSheet sheet, double usedMm)
    {
        if (sheet.From is not { } from)
            return;
        var at = _left.FindIndex(s => s.Id == from.Id);
        if (from.Kind == StockKind.Roll)
            _left[at] = _left[at] with { LengthMm = Math.Max(0, _left[at].LengthMm - usedMm) };
        else if (sheet.Turned)
            _left.RemoveAt(at);
        else
            // What is left of it lies behind what was used, its gone corner used up with that.
            _left[at] = _left[at]
                with
            { LengthMm = Math.Max(0, _left[at].LengthMm - usedMm - Extra), CornerWidthMm = 0, CornerLengthMm = 0 };
    }

    /// <summary>A sheet or offcut that is longer than the mat comes onto it in several goes.</summary>
    private IEnumerable<LoadableSheet> Pieces(VinylStock s)
    {
        if (Piece(s) is not { } first)
            yield break;
        yield return first;
        if (first.Turned)
            yield break;
        for (var left = s.LengthMm - first.Sheet.LengthMm - Extra; left - Extra > 2 * figures.EdgeMm.Value; left -= setup.LengthMm + Extra)
            yield return new LoadableSheet(
                new NestSheet(s.Id, first.Sheet.WidthMm, Math.Min(left - Extra, setup.LengthMm), UsedWhole: true), s, first.WidthMm, false);
    }

    private LoadableSheet? Piece(VinylStock s)
    {
        var square = s is not { CornerWidthMm: > 0, CornerLengthMm: > 0 };
        // A piece with a corner gone would have it elsewhere when turned.
        var turned = square && !directional && s.WidthMm > setup.WidthMm && s.LengthMm <= setup.WidthMm;
        var (width, length) = turned ? (s.LengthMm, s.WidthMm) : (s.WidthMm, s.LengthMm);
        var (w, l) = (Math.Min(width, setup.WidthMm), Math.Min(length - Extra, setup.LengthMm));
        return w <= 2 * figures.EdgeMm.Value || l <= 2 * figures.EdgeMm.Value
            ? null : new LoadableSheet(new NestSheet(s.Id, w, l, s.CornerWidthMm, s.CornerLengthMm, UsedWhole: true), s, width, turned);
    }

    private IEnumerable<LoadableSheet> Mats(VinylStock? roll, double width, double length, int units)
    {
        for (var i = 0; i < units && length - Extra > 2 * figures.EdgeMm.Value; i++)
        {
            var mat = Math.Min(length - Extra, setup.LengthMm);
            yield return new LoadableSheet(new NestSheet(roll?.Id ?? "", width, mat), roll, roll?.WidthMm
                ?? Math.Max(width, figures.RollWidthMm.Value), false);
            length -= mat + Extra;
        }
    }
}
