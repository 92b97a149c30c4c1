using System.Runtime.Intrinsics;

namespace Juxtherm.Core.Heat;

/// <summary>What both stages of a step share.</summary>
/// <param name="H">γ times the step, s.</param>
/// <param name="Contact">Between plate and the middle of the top cell, W/(m²·K).</param>
/// <param name="Air">Between air and the middle of the top cell, W/(m²·K).</param>
/// <param name="AirCelsius">°C.</param>
/// <param name="Below">Between the middle of the bottom cell and what lies below, W/(m²·K).</param>
/// <param name="BelowCelsius">°C.</param>
/// <param name="Loss">From the plate's back to the room, W/(m²·K).</param>
internal readonly record struct HeatStage(double H, Lanes Contact, Lanes Air, Lanes AirCelsius, double Below, double BelowCelsius,
    Lanes Loss);

/// <summary>A cell and its row of the tridiagonal system, kept together because they are used together.</summary>
internal struct HeatCell
{
    public double Capacity;
    public double Half;
    public double Above;
    public double Latent;
    public Lanes Now;
    public Lanes Next;
    public Lanes Source;
    public Lanes Lower;
    public Lanes Upper;
    public Lanes PivotInverse;
    public Lanes Peak;
    public Lanes Before;
    public Lanes Segment;
    public Lanes ExtraSlope;

    /// <summary>Some lane may still give off water.</summary>
    public readonly bool IsDamp => Latent > 0 && Vector256.LessThanAny(Peak, LaneMath.All(Moisture.DryAtCelsius));

    /// <summary>Heat spent on drying from the peak up to a temperature, J/m².</summary>
    public readonly Lanes Drying(Lanes celsius) => (Moisture.ShareGone(Vector256.Max(celsius, Peak)) - Moisture.ShareGone(Peak)) * Latent;

    /// <summary>0 while nothing new dries, 1 while water leaves, 2 when the cell is dry.</summary>
    public readonly Lanes SegmentAt(Lanes celsius)
    {
        var begin = Vector256.Max(Peak, LaneMath.All(Moisture.WetBelowCelsius));
        return Vector256.ConditionalSelect(Vector256.GreaterThan(celsius, begin), Lanes.One, Lanes.Zero)
            + Vector256.ConditionalSelect(Vector256.GreaterThanOrEqual(celsius, Vector256.Max(begin, LaneMath.All(Moisture.DryAtCelsius))),
                Lanes.One, Lanes.Zero);
    }

    /// <summary>The enthalpy's extra slope in the segment noted last, J/(m²·K).</summary>
    public readonly Lanes DryingSlope() =>
        Vector256.ConditionalSelect(Vector256.Equals(Segment, Lanes.One), LaneMath.All(Latent / Moisture.SpanKelvin), Lanes.Zero);
}
