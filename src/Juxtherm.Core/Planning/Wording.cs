using System.Globalization;

namespace Juxtherm.Core.Planning;

/// <summary>Which units the reader thinks in.</summary>
public enum UnitSystem
{
    /// <summary>°C and mm.</summary>
    Metric,

    /// <summary>°F and inches.</summary>
    Us,
}

/// <summary>Writes figures in the reader's units.</summary>
/// <param name="units">Which.</param>
public sealed class Wording(UnitSystem units)
{
    /// <summary>A temperature, rounded to whole degrees.</summary>
    /// <param name="celsius">°C.</param>
    public string Temperature(double celsius) => units == UnitSystem.Metric
        ? string.Create(CultureInfo.InvariantCulture, $"{celsius:0} °C")
        : string.Create(CultureInfo.InvariantCulture, $"{Fahrenheit(celsius):0} °F");

    /// <summary>A time: seconds up to a minute and a half, minutes and seconds above.</summary>
    /// <param name="seconds">s.</param>
    public static string Time(double seconds)
    {
        var whole = (int)Math.Round(seconds);
        if (whole <= 90)
            return $"{whole} s";
        return whole % 60 == 0 ? $"{whole / 60} min" : $"{whole / 60} min {whole % 60} s";
    }

    /// <summary>Bond or burden in words and figure.</summary>
    /// <param name="share">Share of what is wanted.</param>
    public static string Share(double share) => string.Create(CultureInfo.InvariantCulture, $"{share:0.0#}");

    /// <summary>°C to °F.</summary>
    public static double Fahrenheit(double celsius) => celsius * 9 / 5 + 32;
}
