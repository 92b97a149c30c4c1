using System.Text.Json.Serialization;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Items;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>What a press is for.</summary>
public enum PressPurpose
{
    /// <summary>Bare blank: dries and flattens.</summary>
    Preheat,

    /// <summary>A small trial before the first piece.</summary>
    Patch,

    /// <summary>For a moment, so that a layer holds still.</summary>
    Tack,

    /// <summary>Bonds.</summary>
    Press,

    /// <summary>From the back.</summary>
    Back,

    /// <summary>After the peel, under a cover.</summary>
    Finish,
}

/// <summary>Where the dial stands when it shows degrees.</summary>
/// <param name="Value">What it shows.</param>
/// <param name="Unit">C or F.</param>
public sealed record DialReading(double Value, string Unit);

/// <summary>How and when the carrier comes off.</summary>
/// <param name="Method">Which peel.</param>
/// <param name="WaitSeconds">From when to when after opening, s; null where there is no end.</param>
/// <param name="Place">Where it waits: on-underlay or cold-bench.</param>
public sealed record Peel(PeelMethod Method, IReadOnlyList<double?> WaitSeconds, string Place)
{
    /// <summary>From when it can be peeled, s after opening.</summary>
    [JsonIgnore]
    public double FromSeconds => WaitSeconds[0] ?? 0;

    /// <summary>Until when, s after opening; null where there is no end.</summary>
    [JsonIgnore]
    public double? ToSeconds => WaitSeconds[1];


    /// <summary>It waits where it was pressed.</summary>
    public const string OnUnderlay = "on-underlay";

    /// <summary>It waits on a cold bench.</summary>
    public const string ColdBench = "cold-bench";

    /// <summary>It is moved to a cold bench.</summary>
    [JsonIgnore]
    public bool OnColdBench => Place == ColdBench;
}

/// <summary>What the model expects at the end of a press.</summary>
/// <param name="Bond">By layer: share of the bond wanted on this face.</param>
/// <param name="HeatDose">By layer: heat taken so far as a share of the chart's.</param>
/// <param name="HottestClothCelsius">Hottest bare face so far, °C.</param>
/// <param name="WaterLeft">Water left in the face layer, share of what room air gives it.</param>
public sealed record Predicted(IReadOnlyDictionary<string, double> Bond,
    [property: JsonPropertyName("burden")] IReadOnlyDictionary<string, double> HeatDose, double HottestClothCelsius, double WaterLeft);

/// <summary>A part of a layer that was cut apart for the cutter.</summary>
/// <param name="Layer">The layer.</param>
/// <param name="Part">Which part, from 1, in the order of laying.</param>
/// <param name="Parts">How many there are.</param>
public sealed record CutPart(string Layer, int Part, int Parts);

/// <summary>One closing of the press.</summary>
/// <param name="Order">From 1.</param>
/// <param name="Purpose">What it is for.</param>
/// <param name="Layers">Layers pressed.</param>
/// <param name="Laid">Layers laid just before it.</param>
/// <param name="Celsius">What the plate is set to, °C.</param>
/// <param name="Dial">Where the dial stands; null where it has marks.</param>
/// <param name="DialMark">The mark; null where it shows degrees.</param>
/// <param name="Seconds">Time closed, s.</param>
/// <param name="Pressure">How hard.</param>
/// <param name="PressureKPa">What that means on this press, kPa.</param>
/// <param name="Cover">Cover id.</param>
/// <param name="Sections">Placements of the plate.</param>
/// <param name="Peel">The peel after it.</param>
/// <param name="Predicted">What the model expects.</param>
/// <param name="Why">Reasons, in the reader's units.</param>
/// <param name="Figures">Where each figure comes from.</param>
public sealed record PlannedPress(
    int Order, PressPurpose Purpose, IReadOnlyList<string> Layers, IReadOnlyList<string> Laid, double Celsius, DialReading? Dial,
    string? DialMark, double Seconds, PressureLevel Pressure, double PressureKPa,
    string Cover, IReadOnlyList<PlateSection> Sections, Peel Peel, Predicted Predicted, IReadOnlyList<string> Why,
    IReadOnlyList<Derivation> Figures)
{
    /// <summary>The side that it presses.</summary>
    public Face Face { get; init; }

    /// <summary>Which part of the print it presses, from 1; null where all of it lies under the plate at once.</summary>
    public int? Part { get; init; }

    /// <summary>In how many parts the print is pressed.</summary>
    public int Parts { get; init; } = 1;

    /// <summary>Which press of its part it is, from 1: the same on every part; 0 in plans from before that was kept.</summary>
    public int Stage { get; init; }

    /// <summary>Which of their parts are laid of layers that were cut apart for the cutter.</summary>
    public IReadOnlyList<CutPart> CutParts { get; init; } = [];

    /// <summary>Layers whose carrier reaches on into a part that is still to come.</summary>
    public IReadOnlyList<string> GoesOn { get; init; } = [];

    /// <summary>Layers whose carrier was laid with a part before.</summary>
    public IReadOnlyList<string> LiesAlready { get; init; } = [];

    /// <summary>What the plate's face is meant to be, °C: what it is set to and how far its face stands off that.</summary>
    /// <param name="source">The press.</param>
    public double SurfaceCelsius(HeatSource source)
    {
        ArgumentNullException.ThrowIfNull(source);
        return source.SurfaceAt(Celsius);
    }
}

/// <summary>A press as the print has it, over all of its parts.</summary>
/// <param name="Press">The first, with the layers of all.</param>
/// <param name="OnParts">The same on each part, in the order in which they are done.</param>
public sealed record WholePress(PlannedPress Press, IReadOnlyList<PlannedPress> OnParts);
