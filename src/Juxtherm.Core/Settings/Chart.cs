using System.Collections.Concurrent;
using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Settings;

/// <summary>The chart setting of a vinyl: the wrapper's own figures where there are any, the family's otherwise.</summary>
/// <param name="Celsius">°C.</param>
/// <param name="Seconds">s.</param>
/// <param name="Pressure">Pressure level.</param>
/// <param name="Peel">Peel method.</param>
public sealed record Chart(Sourced<double> Celsius, Sourced<double> Seconds, Sourced<PressureLevel> Pressure, Sourced<PeelMethod> Peel)
{
    /// <summary>Of a figure that was looked up for the press in use.</summary>
    public static readonly Provenance LookedUp = new(ProvenanceKind.Wrapper, "looked up for this press");

    /// <summary>Of a wrapper's figure.</summary>
    public static readonly Provenance Wrapper = new(ProvenanceKind.Wrapper, "the wrapper of this vinyl");

    /// <summary>Merges the wrapper into the family's figures.</summary>
    /// <param name="vinyl">The family.</param>
    /// <param name="label">What the wrapper says; null when it is not known.</param>
    public static Chart Of(Vinyl vinyl, WrapperLabel? label)
    {
        ArgumentNullException.ThrowIfNull(vinyl);
        return new Chart(
            label?.Celsius is { } celsius ? new(celsius, Wrapper) : vinyl.Bond.ReferenceCelsius,
            label?.Seconds is { } seconds ? new(seconds, Wrapper) : vinyl.Bond.ReferenceSeconds,
            label?.Pressure is { } pressure ? new(pressure, Wrapper) : vinyl.Chart.Pressure,
            label?.Peel is { } peel ? new(peel, Wrapper) : vinyl.Chart.Peel);
    }
}

/// <summary>What a chart setting does on the stack that charts assume: one whole of bond and of heat dose.</summary>
/// <param name="BondSeconds">Bond, reference seconds.</param>
/// <param name="HeatDoseSeconds">HeatDose, reference seconds.</param>
public sealed record ReferenceDose(double BondSeconds, double HeatDoseSeconds);

/// <summary>Computes and remembers reference doses, so that a preview does not repeat them.</summary>
/// <param name="catalogue">The catalogue that they belong to.</param>
public sealed class ReferenceDoses(CatalogueSnapshot catalogue)
{
    private const int MostRemembered = 4096;
    private readonly ConcurrentDictionary<(Vinyl Vinyl, double Celsius, double Seconds, PressureLevel Pressure), ReferenceDose> _known =
        new();

    /// <summary>The dose of a chart setting on the reference stack.</summary>
    /// <param name="vinyl">The vinyl.</param>
    /// <param name="chart">Its chart setting.</param>
    public ReferenceDose Of(Vinyl vinyl, Chart chart)
    {
        ArgumentNullException.ThrowIfNull(vinyl);
        ArgumentNullException.ThrowIfNull(chart);
        if (_known.Count > MostRemembered)
            _known.Clear();
        return _known.GetOrAdd((vinyl, chart.Celsius.Value, chart.Seconds.Value, chart.Pressure.Value), _ =>
        {
            var work = Workpiece.Reference(catalogue, vinyl);
            var pressure = work.Source.Pressure.KPa[chart.Pressure.Value].Value;
            var session = new PressSession(work, catalogue);
            session.PreheatAndLay(PressSetting.Single(chart.Celsius.Value, pressure, work.Material.PreheatSeconds.Value), catalogue.Work);
            session.Press(PressSetting.Single(chart.Celsius.Value, pressure, chart.Seconds.Value));
            return new ReferenceDose(session.Bond(), session.HeatDose());
        });
    }
}
