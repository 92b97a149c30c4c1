using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Sections;

/// <summary>How far a square reaches along a slanted plate's sides, mm.</summary>
internal readonly record struct Reaching(double U1, double U2, double V1, double V2);

/// <summary>Places as a slanted plate sees them: u along its width, v along its height.</summary>
internal readonly struct Turn(int slantDegrees)
{
    private readonly double _cos = Math.Cos(slantDegrees * Math.PI / 180);
    private readonly double _sin = Math.Sin(slantDegrees * Math.PI / 180);

    public (double U, double V) Of(Spot place) => (place.X * _cos + place.Y * _sin, place.Y * _cos - place.X * _sin);

    public Spot Back(double u, double v) => new(u * _cos - v * _sin, u * _sin + v * _cos);

    public Reaching SpanOf(Cell cell)
    {
        var box = VinylCells.BoxOf(cell);
        var (u, v) = Of(new Spot(box.XMm + box.WidthMm / 2, box.YMm + box.HeightMm / 2));
        var half = VinylCells.SideMm / 2 * (Math.Abs(_cos) + Math.Abs(_sin));
        return new Reaching(u - half, u + half, v - half, v + half);
    }
}
