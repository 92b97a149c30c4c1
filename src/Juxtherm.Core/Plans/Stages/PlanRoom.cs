using System.Text.Json.Serialization;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>What the setting was computed against.</summary>
/// <param name="Celsius">The chart's or wrapper's temperature, °C.</param>
/// <param name="Seconds">The chart's or wrapper's time, s.</param>
/// <param name="FromWrapper">Whether any of it stands on the wrapper.</param>
/// <param name="CelsiusFrom">Where the temperature comes from.</param>
/// <param name="SecondsFrom">Where the time comes from.</param>
/// <param name="For">Which press the crafter's own figure is taken to be for: this-press or plate-press; null where there is none.</param>
public sealed record ChartNote(double Celsius, double Seconds, bool FromWrapper, string CelsiusFrom, string SecondsFrom, string? For)
{
    /// <summary>Of a layer.</summary>
    /// <param name="layer">The layer.</param>
    internal static ChartNote Of(LayerInPlan layer)
    {
        var (chart, figure) = (layer.Chart, layer.Figure);
        var own = figure is null ? null : figure.For == FigureFor.ThisPress ? Chart.LookedUp : Chart.Wrapper;
        bool Wrapped(Provenance from) => from.Kind == ProvenanceKind.Wrapper;
        return new ChartNote(
            figure?.Celsius ?? chart.Celsius.Value, figure?.Seconds ?? chart.Seconds.Value, figure is not null
            || Wrapped(chart.Celsius.From) || Wrapped(chart.Seconds.From),
            (figure?.Celsius is null ? chart.Celsius.From : own!).Source, (figure?.Seconds is null ? chart.Seconds.From : own!).Source,
            figure is not null
            ? JobReader.ForThisPress : Wrapped(chart.Celsius.From) || Wrapped(chart.Seconds.From) ? JobReader.ForPlatePress : null);
    }
}

/// <summary>What one temperature allows, for the picture of how much room there is.</summary>
/// <param name="Celsius">Plate temperature, °C.</param>
/// <param name="HoldsFromSeconds">From here it holds, s.</param>
/// <param name="TargetSeconds">Here the bond is as wanted, s.</param>
/// <param name="MostSeconds">Up to here nothing is harmed, s.</param>
/// <param name="EndsBecause">What ends it: patience, vinyl or blank.</param>
/// <param name="SafeFromSeconds">From here it holds with everything off to the cold side, s.</param>
/// <param name="SafeToSeconds">Up to here nothing is harmed with everything off to the hot side, s.</param>
public sealed record RoomRow(double Celsius, double? HoldsFromSeconds, double? TargetSeconds, double MostSeconds, string EndsBecause,
    double? SafeFromSeconds, double SafeToSeconds);

/// <summary>A step of the ladder up to the setting, for a blank of which nobody knows what it bears.</summary>
/// <param name="Celsius">Set to, °C.</param>
/// <param name="Dial">Where the dial stands; null where it has marks.</param>
/// <param name="DialMark">The mark; null where it shows degrees.</param>
/// <param name="Seconds">Time closed, s.</param>
/// <param name="Bond">Share of the wanted bond.</param>
/// <param name="HottestClothCelsius">Hottest bare face, °C.</param>
public sealed record LadderRung(double Celsius, DialReading? Dial, string? DialMark, double Seconds, double Bond,
    double HottestClothCelsius);

/// <summary>How far the setting stays inside, with everything off to one side.</summary>
/// <param name="FromSeconds">At the plan's temperature it still holds from here, s; null when it may not.</param>
/// <param name="ToSeconds">At the plan's temperature nothing is harmed up to here, s.</param>
/// <param name="LeastBond">Share of the wanted bond, all off to the cold side.</param>
/// <param name="MostHeatDose">Heat as a share of the chart's, all off to the hot side.</param>
/// <param name="HottestClothCelsius">Bare face, all off to the hot side, °C.</param>
public sealed record PlanMargin(double? FromSeconds, double ToSeconds, double LeastBond,
    [property: JsonPropertyName("mostBurden")] double MostHeatDose, double HottestClothCelsius);
