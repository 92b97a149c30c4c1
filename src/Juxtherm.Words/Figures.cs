using System.Globalization;
using Juxtherm.Core.Notices;

namespace Juxtherm.Words;

/// <summary>Writes figures in the reader's units.</summary>
/// <param name="units">Which.</param>
public sealed class Figures(UnitSystem units)
{
    private const double MmPerInch = 25.4;

    private static readonly string[] SpokenAsConsonant = ["one", "uni", "eu"];

    /// <summary>A thing with its article: an automatic press, a heat gun.</summary>
    /// <param name="name">Its name.</param>
    public static string A(string name)
    {
        ArgumentNullException.ThrowIfNull(name);
        var plain = name.ToLowerInvariant();
        // As it is spoken: a one-piece, a unisex tee.
        var vowel = plain[0] is 'a' or 'e' or 'i' or 'o' or 'u'
            && !SpokenAsConsonant.Any(s => plain.StartsWith(s, StringComparison.Ordinal));
        return (vowel ? "an " : "a ") + plain;
    }

    /// <summary>A temperature, rounded to whole degrees.</summary>
    /// <param name="celsius">°C.</param>
    public string Temperature(double celsius) => units == UnitSystem.Metric
        ? string.Create(CultureInfo.InvariantCulture, $"{celsius:0} °C")
        : string.Create(CultureInfo.InvariantCulture, $"{Fahrenheit(celsius):0} °F");

    /// <summary>Where a dial stands: its mark, where it has marks, or a temperature.</summary>
    /// <param name="mark">The mark; null where it shows degrees.</param>
    /// <param name="temperature">The temperature in words.</param>
    public static string SetTo(string? mark, string temperature) =>
        mark is null ? temperature : char.IsLetter(mark[0]) ? mark : $"the mark {mark}";

    /// <summary>A small length: tenths of a millimetre, hundredths of an inch.</summary>
    /// <param name="mm">mm.</param>
    public string Fine(double mm) => units == UnitSystem.Metric
        ? string.Create(CultureInfo.InvariantCulture, $"{mm:0.0} mm")
        : string.Create(CultureInfo.InvariantCulture, $"{mm / MmPerInch:0.00} in");

    /// <summary>A length: whole millimetres, quarters of an inch in decimals.</summary>
    /// <param name="mm">mm.</param>
    public string Length(double mm) => units == UnitSystem.Metric
        ? string.Create(CultureInfo.InvariantCulture, $"{mm:0} mm")
        : string.Create(CultureInfo.InvariantCulture, $"{Math.Round(mm / MmPerInch * 4) / 4:0.##} in");

    /// <summary>A size as it stands on a label.</summary>
    /// <param name="size">Size id.</param>
    public static string Size(string size)
    {
        ArgumentNullException.ThrowIfNull(size);
        return size.StartsWith("adult-", StringComparison.Ordinal) ? $"Adult {size[6..].ToUpperInvariant()}" : FirstUp(size);
    }

    /// <summary>It begins a sentence.</summary>
    /// <param name="text">The words.</param>
    public static string FirstUp(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        return text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];
    }

    /// <summary>A time: seconds up to a minute and a half, minutes and seconds above.</summary>
    /// <param name="seconds">s.</param>
    public static string Time(double seconds)
    {
        var whole = (int)Math.Round(seconds);
        if (whole <= 90)
            return $"{whole} s";
        return whole % 60 == 0 ? $"{whole / 60} min" : $"{whole / 60} min {whole % 60} s";
    }

    /// <summary>From one time to another, in one unit.</summary>
    /// <param name="from">s.</param>
    /// <param name="to">s.</param>
    public static string Span(double from, double to)
    {
        var (first, last) = ((int)Math.Round(from), (int)Math.Round(to));
        if (last <= 90)
            return $"{first} to {last} s";
        // Above a minute and a half nobody counts seconds; half minutes are as near as it gets.
        static double Minutes(int seconds) => Math.Round(seconds / 30.0) / 2;
        return Minutes(first) == Minutes(last) ? string.Create(CultureInfo.InvariantCulture, $"about {Minutes(last):0.#} min")
            : first < 60 ? string.Create(CultureInfo.InvariantCulture, $"{first} s to {Minutes(last):0.#} min")
            : string.Create(CultureInfo.InvariantCulture, $"{Minutes(first):0.#} to {Minutes(last):0.#} min");
    }

    /// <summary>A figure with its unit, as it is typed: °C and mm in the reader's units, anything else as it is.</summary>
    /// <param name="value">The figure.</param>
    /// <param name="unit">Its unit; °C and mm are turned into the reader's.</param>
    public string Quantity(double value, string unit) => (unit, units) switch
    {
        ("°C", UnitSystem.Us) => $"{Number(value, unit)} °F",
        ("mm", UnitSystem.Us) => $"{Number(value, unit)} in",
        ("", _) or ("pieces", _) or ("dots", _) => Number(value, unit),
        _ => $"{Number(value, unit)} {unit}",
    };

    /// <summary>The same without its unit.</summary>
    /// <param name="value">The figure.</param>
    /// <param name="unit">Its unit.</param>
    public string Number(double value, string unit) => (unit, units) switch
    {
        ("°C", UnitSystem.Us) => string.Create(CultureInfo.InvariantCulture, $"{Fahrenheit(value):0}"),
        ("mm", UnitSystem.Us) => string.Create(CultureInfo.InvariantCulture, $"{value / MmPerInch:0.##}"),
        _ => string.Create(CultureInfo.InvariantCulture, $"{value:0.##}"),
    };

    /// <summary>How often.</summary>
    /// <param name="n">At least 1.</param>
    public static string Times(int n) => n switch { 1 => "once", 2 => "twice", _ => $"{n} times" };

    /// <summary>How much of a bond: the full one, or what share of it.</summary>
    /// <param name="share">As a share of the bond wanted.</param>
    public static string Bond(double share) => share >= Full ? "the full bond" : $"{Share(share)} of the full bond";

    // A hundredth less is rounding.
    private const double Full = 0.985;

    /// <summary>Bond or heat dose in words and figure.</summary>
    /// <param name="share">Share of what is wanted.</param>
    public static string Share(double share) => string.Create(CultureInfo.InvariantCulture, $"{share:0.0#}");

    /// <summary>°C to °F.</summary>
    public static double Fahrenheit(double celsius) => celsius * 9 / 5 + 32;
}
