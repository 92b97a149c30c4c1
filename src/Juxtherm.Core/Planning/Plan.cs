using System.Text.Json.Serialization;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Planning.Ways;

namespace Juxtherm.Core.Planning;

/// <summary>Whether to go ahead.</summary>
public enum Verdict
{
    /// <summary>Nothing stands against it.</summary>
    Go,

    /// <summary>It can be done, with care.</summary>
    Caution,

    /// <summary>Not like this.</summary>
    Stop,
}

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
/// <param name="Burden">By layer: heat taken so far as a share of the chart's.</param>
/// <param name="HottestClothCelsius">Hottest bare face so far, °C.</param>
/// <param name="WaterLeft">Water left in the face layer, share of what room air gives it.</param>
public sealed record Predicted(IReadOnlyDictionary<string, double> Bond, IReadOnlyDictionary<string, double> Burden, double HottestClothCelsius, double WaterLeft);

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
    int Order, PressPurpose Purpose, IReadOnlyList<string> Layers, IReadOnlyList<string> Laid, double Celsius, DialReading? Dial, string? DialMark, double Seconds, PressureLevel Pressure, double PressureKPa,
    string Cover, IReadOnlyList<PlateSection> Sections, Peel Peel, Predicted Predicted, IReadOnlyList<string> Why, IReadOnlyList<Derivation> Figures)
{
    /// <summary>The side that it presses.</summary>
    public Placement.Face Face { get; init; }

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
    public double FaceCelsius(HeatSource source)
    {
        ArgumentNullException.ThrowIfNull(source);
        return source.FaceAt(Celsius);
    }
}

/// <summary>Which part of the work a step belongs to.</summary>
public enum WorkStage
{
    /// <summary>Read the label, look at the item.</summary>
    Item,

    /// <summary>Measure and size.</summary>
    Size,

    /// <summary>Where it goes.</summary>
    Place,

    /// <summary>The drawing.</summary>
    Artwork,

    /// <summary>Cut.</summary>
    Cut,

    /// <summary>Weed.</summary>
    Weed,

    /// <summary>Prepare the press and the blank.</summary>
    Prepare,

    /// <summary>Press.</summary>
    Press,

    /// <summary>Peel.</summary>
    Peel,

    /// <summary>Look at what came out.</summary>
    Inspect,

    /// <summary>Care.</summary>
    Care,

    /// <summary>Write it down.</summary>
    Record,
}

/// <summary>What the bench does with a step.</summary>
public enum StepKind
{
    /// <summary>Something to do with the hands; ends when done.</summary>
    Do,

    /// <summary>The plate is closed; ends by itself.</summary>
    Hold,

    /// <summary>Waiting for it to cool; ends by itself.</summary>
    Wait,

    /// <summary>Look and say what came out.</summary>
    Inspect,

    /// <summary>Worth knowing; not part of the run at the press.</summary>
    Know,
}

/// <summary>One step of the work, in order.</summary>
/// <param name="Stage">Which part of the work.</param>
/// <param name="Kind">What the bench does with it.</param>
/// <param name="Text">What to do, in the reader's units.</param>
/// <param name="Seconds">How long it takes, s.</param>
/// <param name="OncePerRun">Done once, however many pieces there are.</param>
/// <param name="PressOrder">The press it belongs to; null for none.</param>
public sealed record PlanStep(WorkStage Stage, StepKind Kind, string Text, double Seconds, bool OncePerRun, int? PressOrder)
{
    /// <summary>What of the preparation it is, for the list that is ticked off before the first piece; null for other steps.</summary>
    public string? Check { get; init; }
}

/// <summary>How long it takes, for all pieces.</summary>
/// <param name="HandsOnSeconds">With the hands, s.</param>
/// <param name="ElapsedSeconds">Start to finish, s.</param>
public sealed record PlanTimes(double HandsOnSeconds, double ElapsedSeconds);

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
        var own = figure is null ? null : figure.For == FigureFor.ThisPress ? Recipes.Chart.LookedUp : Recipes.Chart.Wrapper;
        bool Wrapped(Provenance from) => from.Kind == ProvenanceKind.Wrapper;
        return new ChartNote(
            figure?.Celsius ?? chart.Celsius.Value, figure?.Seconds ?? chart.Seconds.Value, figure is not null || Wrapped(chart.Celsius.From) || Wrapped(chart.Seconds.From),
            (figure?.Celsius is null ? chart.Celsius.From : own!).Source, (figure?.Seconds is null ? chart.Seconds.From : own!).Source,
            figure is not null ? JobReader.ForThisPress : Wrapped(chart.Celsius.From) || Wrapped(chart.Seconds.From) ? JobReader.ForPlatePress : null);
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
public sealed record RoomRow(double Celsius, double? HoldsFromSeconds, double? TargetSeconds, double MostSeconds, string EndsBecause, double? SafeFromSeconds, double SafeToSeconds);

/// <summary>A step of the ladder up to the setting, for a blank of which nobody knows what it bears.</summary>
/// <param name="Celsius">Set to, °C.</param>
/// <param name="Dial">Where the dial stands; null where it has marks.</param>
/// <param name="DialMark">The mark; null where it shows degrees.</param>
/// <param name="Seconds">Time closed, s.</param>
/// <param name="Bond">Share of the wanted bond.</param>
/// <param name="HottestClothCelsius">Hottest bare face, °C.</param>
public sealed record LadderRung(double Celsius, DialReading? Dial, string? DialMark, double Seconds, double Bond, double HottestClothCelsius);

/// <summary>How far the setting stays inside, with everything off to one side.</summary>
/// <param name="FromSeconds">At the plan's temperature it still holds from here, s; null when it may not.</param>
/// <param name="ToSeconds">At the plan's temperature nothing is harmed up to here, s.</param>
/// <param name="LeastBond">Share of the wanted bond, all off to the cold side.</param>
/// <param name="MostBurden">Heat as a share of the chart's, all off to the hot side.</param>
/// <param name="HottestClothCelsius">Bare face, all off to the hot side, °C.</param>
public sealed record PlanMargin(double? FromSeconds, double ToSeconds, double LeastBond, double MostBurden, double HottestClothCelsius);

/// <summary>A press as the print has it, over all of its parts.</summary>
/// <param name="Press">The first, with the layers of all.</param>
/// <param name="OnParts">The same on each part, in the order in which they are done.</param>
public sealed record WholePress(PlannedPress Press, IReadOnlyList<PlannedPress> OnParts);

/// <summary>A plan for a job.</summary>
/// <param name="Verdict">Whether to go ahead.</param>
/// <param name="Headline">The verdict in one line.</param>
/// <param name="Notices">Stops first, then cautions, then notes.</param>
/// <param name="Presses">In order.</param>
/// <param name="Steps">In order.</param>
/// <param name="Times">How long.</param>
/// <param name="Chart">What the setting was computed against.</param>
/// <param name="Room">What each temperature of the dial allows.</param>
/// <param name="Margin">How far the setting stays inside.</param>
/// <param name="Ways">Questions on which crafters differ, and what the plan follows.</param>
/// <param name="Ladder">Steps up to the setting; empty when it is used right away.</param>
/// <param name="CatalogueVersion">Which catalogue it was computed from.</param>
/// <param name="ModelVersion">Which model computed it.</param>
public sealed record Plan(
    Verdict Verdict, string Headline, IReadOnlyList<Notice> Notices, IReadOnlyList<PlannedPress> Presses, IReadOnlyList<PlanStep> Steps, PlanTimes Times,
    ChartNote Chart, IReadOnlyList<RoomRow> Room, PlanMargin Margin, IReadOnlyList<PlannedWay> Ways, IReadOnlyList<LadderRung> Ladder, string CatalogueVersion, string ModelVersion)
{
    /// <summary>The order of the layers; null for a single one.</summary>
    public PressOrder? Order { get; init; }

    /// <summary>How each layer's heat adds up, lowest layer first.</summary>
    public IReadOnlyList<HeatBudgetBar> Budgets { get; init; } = [];

    /// <summary>How long the bonding press would be by itself, s, where presses before it count; null where none do.</summary>
    public double? AloneSeconds { get; init; }

    /// <summary>Where the artwork goes on the real thing, on each face and in each size; none while nothing is placed.</summary>
    public IReadOnlyList<Placing> Placing { get; init; } = [];

    /// <summary>The carriers, where their places are known.</summary>
    public IReadOnlyList<CarrierInPlan> Carriers { get; init; } = [];

    /// <summary>The press that bonds; the last of them where there are several, on the first part where it is done on several.</summary>
    [JsonIgnore]
    public PlannedPress BondingPress => Whole.Last(w => w.Press.Purpose == PressPurpose.Press).OnParts[0];

    /// <summary>The presses as the print has them, whatever part they are on: what is done on every part is one. The patch is none of them.</summary>
    [JsonIgnore]
    public IReadOnlyList<WholePress> Whole =>
    [
        .. Presses.Where(p => p.Purpose != PressPurpose.Patch).GroupBy(p => p.Stage == 0 ? -p.Order : p.Stage)
            .Select(g => new WholePress(g.First() with { Layers = [.. g.SelectMany(p => p.Layers).Distinct(StringComparer.Ordinal)], Laid = [.. g.SelectMany(p => p.Laid).Distinct(StringComparer.Ordinal)] }, [.. g])),
    ];

    /// <summary>The presses that bond, in the order in which they are done; those alike on one side are one.</summary>
    [JsonIgnore]
    public IReadOnlyList<PlannedPress> BondingPresses => Bonding(Presses);

    /// <summary>Picks the presses that bond.</summary>
    /// <param name="presses">All presses in order.</param>
    internal static IReadOnlyList<PlannedPress> Bonding(IEnumerable<PlannedPress> presses) =>
        [.. presses.Where(p => p.Purpose == PressPurpose.Press).DistinctBy(p => (p.Face, p.Celsius, p.Seconds))];
}
