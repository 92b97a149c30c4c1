using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Cutting;

/// <summary>What the blade does on one mat: a whole sheet, or what an earlier mat left of it.</summary>
/// <param name="Strokes">Every line in order.</param>
/// <param name="Passes">How often each is cut before the next.</param>
public sealed record CutProgram(IReadOnlyList<CutStroke> Strokes, int Passes)
{
    /// <summary>The program of a mat.</summary>
    /// <param name="sheet">Its sheet.</param>
    /// <param name="shapes">Shapes by key.</param>
    /// <param name="mat">The mat.</param>
    public static CutProgram Of(CutSheet sheet, IReadOnlyDictionary<string, UnitShape> shapes, CutMat mat)
    {
        ArgumentNullException.ThrowIfNull(sheet);
        ArgumentNullException.ThrowIfNull(mat);
        return new CutProgram(
            [.. sheet.Strokes(shapes).Where(s => mat.Units.Contains(s.Unit))
                .Select(s => s with { Points = [.. s.Points.Select(p => new Spot(p.X, p.Y - mat.ShiftMm))] })], mat.Preset.Passes);
    }

    /// <summary>Units that are whole when so many lines are cut, passes counted each.</summary>
    /// <param name="strokesDone">Lines done.</param>
    public IReadOnlyList<int> UnitsDone(int strokesDone) =>
        [.. Strokes.Select((s, i) => (s.Unit, Last: (i + 1) * Passes)).GroupBy(s => s.Unit).Where(g => g.Max(s => s.Last) <= strokesDone)
            .Select(g => g.Key)];

    /// <summary>What is left of a sheet when some units are cut: how long a sheet it needs, how far everything moves up, about how long it
    /// takes.</summary>
    /// <param name="sheet">The sheet.</param>
    /// <param name="shapes">Shapes by key.</param>
    /// <param name="mat">The mat that left it.</param>
    /// <param name="units">What it left.</param>
    /// <param name="cutter">What it is cut with.</param>
    /// <param name="edgeMm">Left free along the edges, mm.</param>
    public static (double LengthMm, double ShiftMm, double Seconds) Rest(CutSheet sheet, IReadOnlyDictionary<string, UnitShape> shapes,
        CutMat mat, IReadOnlyList<int> units, Cutter cutter, double edgeMm)
    {
        ArgumentNullException.ThrowIfNull(sheet);
        ArgumentNullException.ThrowIfNull(mat);
        var boxes = sheet.Units.Where(u => units.Contains(u.Index)).Select(u => u.Box).ToList();
        var shift = Math.Max(0, boxes.Min(b => b.YMm) - edgeMm);
        var program = Of(sheet, shapes, mat with { Units = units, ShiftMm = shift });
        return (Math.Round(boxes.Max(b => b.YMm + b.HeightMm) + edgeMm - shift, 2), Math.Round(shift, 2),
            Math.Round(CutTime.Of(program.Strokes, mat.Preset, cutter).Seconds));
    }
}
