using NetTopologySuite.Geometries.Utilities;

namespace Juxtherm.Core.Cutting.Nesting;

/// <summary>A way of placing pieces one after the other.</summary>
internal interface IPacking
{
    /// <summary>Steps of work done so far: the same on every machine, so that a search ends at the same place everywhere.</summary>
    long Effort { get; }

    /// <summary>Places the pieces in an order, each where it ends lowest.</summary>
    NestLayout Pack(IReadOnlyList<int> order);
}

/// <summary>What all ways of placing have in common.</summary>
internal static class Layouts
{
    public static Ground Turned(Ground ground, double degrees) =>
        degrees == 0 ? ground : AffineTransformation.RotationInstance(degrees * Math.PI / 180).Transform(ground);

    public static Ground Placed(Ground ground, NestPosition place)
    {
        var move = AffineTransformation.RotationInstance(place.Degrees * Math.PI / 180);
        move.Translate(place.Dx, place.Dy);
        return move.Transform(ground);
    }

    public static NestLayout Of(List<NestPosition> places, List<int> left, double[] ends, IReadOnlyList<NestSheet> sheets, NestRules rules)
    {
        var lengths = ends.Select((end, i) => end <= 0 ? 0 : Math.Min(end + rules.EdgeMm, sheets[i].LengthMm)).ToList();
        return new NestLayout(places, left, lengths, lengths.Where((_, i) => !sheets[i].UsedWhole).Sum());
    }
}
