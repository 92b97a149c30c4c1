using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Sections;

/// <summary>
/// Placements of one plate, shifted so that as little vinyl as can be lies under two of them: off the print rather than over a
/// neighbor's. Then vinyl is kept out of the plate's cooler edge, and near its middle.
/// </summary>
internal sealed class SettledPlates
{
    /// <summary>What is no farther than this from the blank's middle line is laid by it where that costs nothing, mm.</summary>
    public const double NearLineMm = 20;
    private const int MostRounds = 4;

    // A part of the room tried between its ends.
    private static readonly double[] Between = [0.25, 0.5, 0.75];

    // Vinyl near the edge weighs so much of vinyl heated twice; being off the middle hardly anything.
    private const double EdgeWeight = 0.02;
    private const double MiddleWeight = 1e-3;

    // What lies on the blank's middle line is laid by its crease; off it by a hair it is worth as much as so many mm² twice.
    private const double OffLineMm2 = 8;
    private readonly VinylRaster _vinyl;
    private readonly PlateOver _plate;
    private readonly IReadOnlyList<Reaches> _parts;
    private readonly List<Spot> _places;

    public SettledPlates(VinylRaster vinyl, PlateOver plate, IReadOnlyList<Reaches> parts)
    {
        (_vinyl, _plate, _parts) = (vinyl, plate, parts);
        _places = [.. parts.Select(p => plate.Standing(p)!.Value)];
        for (var round = 0; round < MostRounds && Shifted(); round++)
        {
        }

        Cost = Enumerable.Range(0, parts.Count).Sum(i => CostOf(i, _places[i], onlyBefore: true));
    }

    /// <summary>Left upper corners.</summary>
    public IReadOnlyList<Spot> Places => _places;

    /// <summary>Vinyl under two of them, mm², with a little for what lies near an edge or off the middle.</summary>
    public double Cost { get; }

    private bool Shifted()
    {
        var any = false;
        for (var i = 0; i < _parts.Count; i++)
        {
            var (lowX, highX, lowY, highY) = _plate.Room(_parts[i]);
            var wish = _plate.Wished(_parts[i]);
            var best = CostOf(i, _places[i], onlyBefore: false);
            var ys = Tried(lowY, highY, wish.Y, _plate.KeepOuts.SelectMany(k => new[] { k.Y1 - _plate.Height, k.Y2 }));
            var onLine = _plate.MiddleX is { } line ? new[] { line - _plate.Width / 2 } : [];
            foreach (var x in Tried(lowX, highX, wish.X, _plate.KeepOuts.SelectMany(k => new[] { k.X1 - _plate.Width, k.X2 })
                .Concat(onLine)))
            {
                foreach (var y in ys)
                {
                    var place = new Spot(x, y);
                    var cost = CostOf(i, place, onlyBefore: false);
                    if (cost >= best - 1e-6 || !_plate.IsClear(x, y))
                        continue;
                    (best, _places[i], any) = (cost, place, true);
                }
            }
        }

        return any;
    }

    private static List<double> Tried(double low, double high, double wish, IEnumerable<double> clearing) =>
        [.. PlateOver.Worth(clearing, low, high, wish).Concat(Between.Select(share => low + (high - low) * share))];

    private double CostOf(int at, Spot place, bool onlyBefore)
    {
        var (x, y) = (place.X, place.Y);
        var (right, bottom) = (x + _plate.Width, y + _plate.Height);
        var cost = 0.0;
        for (var j = 0; j < (onlyBefore ? at : _places.Count); j++)
        {
            var other = _places[j];
            if (j != at && Math.Abs(other.X - x) < _plate.Width && Math.Abs(other.Y - y) < _plate.Height)
                cost += _vinyl.AreaIn(Math.Max(x, other.X), Math.Min(right, other.X + _plate.Width), Math.Max(y, other.Y),
                    Math.Min(bottom, other.Y + _plate.Height));
        }

        var part = _parts[at];
        double Within(double left, double top, double rightEdge, double bottomEdge) =>
            _vinyl.AreaIn(Math.Max(part.X1, left), Math.Min(part.X2, rightEdge), Math.Max(part.Y1, top), Math.Min(part.Y2, bottomEdge));
        var nearEdge = Within(part.X1, part.Y1, part.X2, part.Y2)
            - Within(x + _plate.FullMm, y + _plate.FullMm, right - _plate.FullMm, bottom - _plate.FullMm);
        var wish = _plate.Wished(part);
        var off = _plate.MiddleX is { } line ? Math.Abs(x + _plate.Width / 2 - line) : 0;
        if (off > PlateOver.HairMm && off < NearLineMm)
            cost += OffLineMm2;
        return cost + EdgeWeight * nearEdge + MiddleWeight * (Math.Abs(x - wish.X) + Math.Abs(y - wish.Y));
    }
}
