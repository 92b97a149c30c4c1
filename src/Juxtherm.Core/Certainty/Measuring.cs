namespace Juxtherm.Core.Certainty;

/// <summary>How well what a workshop has at hand measures (all from memory).</summary>
public static class Measuring
{
    /// <summary>Standard deviation of a plate measured with a probe, K.</summary>
    public const double ProbeSpreadK = 1.5;

    /// <summary>Standard deviation of a plate measured with heat strips, K: they turn in steps.</summary>
    public const double StripSpreadK = 3;
}
