using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Catalogue;

/// <summary>The thermal figures of a sheet material as the catalogue states them.</summary>
/// <param name="ConductivityWmK">W/(m·K).</param>
/// <param name="DensityKgM3">kg/m³.</param>
/// <param name="SpecificHeatJkgK">J/(kg·K).</param>
/// <param name="ThicknessMm">One layer under the plate, mm.</param>
/// <param name="RegainPercent">Commercial moisture regain, %, where the material takes up water.</param>
public sealed record ThermalFigures(
    Sourced<double> ConductivityWmK, Sourced<double> DensityKgM3, Sourced<double> SpecificHeatJkgK, Sourced<double> ThicknessMm,
    Sourced<double>? RegainPercent)
{
    /// <summary>A sheet of it.</summary>
    /// <param name="id">What to call the sheet in the stack.</param>
    public Sheet Sheet(string id) =>
        new(id, new Substance(ConductivityWmK.Value, DensityKgM3.Value, SpecificHeatJkgK.Value, (RegainPercent?.Value ?? 0) / 100),
            ThicknessMm.Value);
}

/// <summary>A family of vinyl.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Family">Id of the family it belongs to; its own for a family itself.</param>
/// <param name="Note">What is particular about it, one line.</param>
/// <param name="Thermal">Its thermal figures.</param>
/// <param name="ActivationCelsius">The adhesive does nothing below this, °C.</param>
/// <param name="ChartCelsius">What charts say, °C.</param>
/// <param name="ChartSeconds">What charts say, s.</param>
/// <param name="ReferenceCelsius">The chart setting that bond and heat dose are measured against, °C.</param>
/// <param name="ReferenceSeconds">The chart setting that bond and heat dose are measured against, s.</param>
/// <param name="Pressure">Usual pressure.</param>
/// <param name="Peel">Usual peel.</param>
/// <param name="HoldsFromBond">Share of the reference bond from which it holds.</param>
/// <param name="TargetBond">Share of the reference bond to aim at.</param>
/// <param name="MostHeatDose">Most heat it takes alone, as a share of the reference heat dose.</param>
/// <param name="FinishSeconds">Length of the finish press under a cover, s; 0 for none.</param>
/// <param name="HeatsOnce">It foams, and may be heated once only.</param>
/// <param name="Mirrored">It is cut mirrored.</param>
/// <param name="NotUnder">Heat sources that spoil it, by id, with the reason.</param>
/// <param name="LiesOn">What it may be laid on.</param>
/// <param name="CarriesOthers">Other vinyl may be laid on it.</param>
/// <param name="StackHeatDose">Most heat it takes in a stack, as a share of the reference heat dose: it wrinkles under others sooner than
/// alone.</param>
/// <param name="LoftyStackHeatDose">The same in a stack on something lofty, which keeps the heat in from below.</param>
/// <param name="ShrinkPercent">How much it shrinks at its first heat, %.</param>
/// <param name="TackSeconds">Usual length of a tack, s.</param>
/// <param name="SmallestDetailMm">Narrowest strip or island that can be weeded well, mm.</param>
/// <param name="WeedEffort">How much longer weeding takes than with the everyday vinyl.</param>
/// <param name="Directional">It has a right way up, so pieces are not turned on the sheet.</param>
/// <param name="Blade">Which blade cuts it.</param>
/// <param name="ForceGrams">Force that cuts it through, but not its carrier, in one pass, grams on the blade.</param>
/// <param name="Passes">How many times the blade goes round.</param>
public sealed record Vinyl(
    string Id, string Family, string Name, string Note, ThermalFigures Thermal, Sourced<double> ActivationCelsius,
    Sourced<Span> ChartCelsius, Sourced<Span> ChartSeconds, Sourced<double> ReferenceCelsius, Sourced<double> ReferenceSeconds,
    Sourced<PressureLevel> Pressure, Sourced<PeelMethod> Peel, Sourced<double> HoldsFromBond, Sourced<double> TargetBond,
    Sourced<double> MostHeatDose, Sourced<double> FinishSeconds, Sourced<bool> HeatsOnce, Sourced<bool> Mirrored,
    IReadOnlyDictionary<string, Sourced<string>> NotUnder, Sourced<LiesOn> LiesOn, Sourced<bool> CarriesOthers,
    Sourced<double> StackHeatDose, Sourced<double> LoftyStackHeatDose, Sourced<double> ShrinkPercent, Sourced<double> TackSeconds,
    Sourced<double> SmallestDetailMm, Sourced<double> WeedEffort, Sourced<bool> Directional, Sourced<Blade> Blade,
    Sourced<double> ForceGrams, Sourced<double> Passes)
{
    /// <summary>Its face is smooth: what holds on smooth vinyl only holds on it.</summary>
    public bool SmoothFace { get; init; }

    /// <summary>It is too thick for a weave to show through.</summary>
    public bool HidesWeave { get; init; }

    /// <summary>It has a pile that a second press would crush.</summary>
    public bool Pile { get; init; }

    /// <summary>What was found right for it under one kind of press, by the kind's id; empty for the families.</summary>
    public IReadOnlyDictionary<string, WrapperLabel> ForPress { get; init; } = new Dictionary<string, WrapperLabel>(StringComparer.Ordinal);
}

/// <summary>What the face of a blank is made of.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Kind">What kind of thing it is.</param>
/// <param name="Care">How a finished piece of it is cleaned.</param>
/// <param name="Thermal">Thermal figures of one layer.</param>
/// <param name="LimitCelsius">Hottest its face should become, °C.</param>
/// <param name="LimitConsequence">What happens above the limit.</param>
/// <param name="DyeMigrationCelsius">From here dye wanders into the vinyl, °C, where it does.</param>
/// <param name="Demand">How much more bond its face needs than a plain tee.</param>
/// <param name="PreheatSeconds">How long a press preheats it, s; 0 for not at all.</param>
/// <param name="Prewash">Whether it shrinks enough to be washed first.</param>
/// <param name="Lofty">Whether its face gives way under the plate, so that it wants more than a tee.</param>
/// <param name="Uncertain">What is uncertain about it; null when it is known.</param>
/// <param name="UncertaintyStops">Whether a wrong guess could hurt somebody.</param>
/// <param name="NeverPressed">Why it is never pressed; null when it may be.</param>
public sealed record Material(
    string Id, string Name, MaterialKind Kind, CareKind Care, ThermalFigures Thermal, Sourced<double> LimitCelsius, string LimitConsequence,
    Sourced<double>? DyeMigrationCelsius, Sourced<double> Demand, Sourced<double> PreheatSeconds, Sourced<bool> Prewash,
    Sourced<bool> Lofty,
    Sourced<string>? Uncertain, bool UncertaintyStops, Sourced<string>? NeverPressed)
{
    /// <summary>It cracks where it is heated fast or unevenly.</summary>
    public bool Cracks { get; init; }

    /// <summary>The least pressure that its weave asks for, whatever the vinyl does; null where the vinyl alone decides.</summary>
    public Sourced<PressureLevel>? WantsPressure { get; init; }
}

/// <summary>A mark on an iron's dial.</summary>
/// <param name="Mark">As printed on the dial.</param>
/// <param name="Celsius">What the mark stands for, °C.</param>
/// <param name="Band">What its sole may be at this mark as it wanders, °C.</param>
public sealed record DialMark(string Mark, Sourced<double> Celsius, Sourced<Span> Band);

/// <summary>A spot of a plate that is cooler than the rest.</summary>
/// <param name="XMm">From the plate's left, mm.</param>
/// <param name="YMm">From its top, mm.</param>
/// <param name="WidthMm">mm.</param>
/// <param name="HeightMm">mm.</param>
public sealed record CoolSpot(double XMm, double YMm, double WidthMm, double HeightMm);

/// <summary>A kind of press, iron or gun.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Kind">Id of the kind of press it is; its own for a kind itself.</param>
/// <param name="Presses">Which shapes of face it can press.</param>
/// <param name="PressureKPa">What each level means, kPa.</param>
/// <param name="Plate">The plate as a lump.</param>
/// <param name="PlateWidthMm">Usual plate width, mm.</param>
/// <param name="PlateHeightMm">Usual plate height, mm.</param>
/// <param name="DialCelsius">Range of the dial, °C.</param>
/// <param name="DialStep">What the dial steps by, in its own degrees; null where it has marks.</param>
/// <param name="DialUnit">The degrees that the dial shows.</param>
/// <param name="DialOffsetK">How much hotter the plate's face is than the dial shows, K; below zero when cooler.</param>
/// <param name="Marks">Marks instead of degrees, coolest first.</param>
/// <param name="LongerPreheatSeconds">How long this source preheats a blank, s, when that is longer than the blank itself asks; null for
/// the blank's own.</param>
/// <param name="Underlay">Usual underlay id.</param>
/// <param name="Cover">Usual cover id.</param>
/// <param name="SteamPossible">It has a steam setting.</param>
/// <param name="PressureAdjustable">Its pressure can be set.</param>
/// <param name="Hinged">Its plate comes down on a hinge, so thick things do not fit.</param>
/// <param name="HotAirWm2K">It blows hot air instead of touching: heat transfer, W/(m²·K); null for a plate.</param>
/// <param name="BackPressSeconds">How long it presses from the back, where that is done, s.</param>
/// <param name="DialErrorK">How far plate and dial may differ, K either way.</param>
/// <param name="PressureErrorFactor">By what factor the pressure may be off, either way.</param>
public sealed record HeatSource(
    string Id, string Name, string Kind, IReadOnlyList<FaceShape> Presses, IReadOnlyDictionary<PressureLevel, Sourced<double>> PressureKPa,
    Sourced<Plate> Plate, Sourced<double> PlateWidthMm, Sourced<double> PlateHeightMm, Sourced<Span> DialCelsius, Sourced<double>? DialStep,
    DegreeUnit DialUnit, Sourced<double> DialOffsetK,
    IReadOnlyList<DialMark> Marks, Sourced<double>? LongerPreheatSeconds, string Underlay, string Cover, bool SteamPossible,
    bool PressureAdjustable, bool Hinged,
    Sourced<double>? HotAirWm2K, Sourced<double> BackPressSeconds, Sourced<double> DialErrorK, Sourced<double> PressureErrorFactor)
{
    /// <summary>Where the plate's face is when the dial stands there, °C: of a mark, the middle of the band in which it wanders.</summary>
    /// <param name="celsius">What it is set to, °C; of marks the nearest, and of two as near the hotter.</param>
    public double FaceAt(double celsius) => DialOffsetK.Value + (MarkAt(celsius)?.Band.Value.Middle ?? celsius);

    /// <summary>The mark nearest to a temperature, of two as near the hotter; null where the dial shows degrees.</summary>
    /// <param name="celsius">°C.</param>
    public DialMark? MarkAt(double celsius) =>
        Marks.OrderBy(m => Math.Abs(m.Celsius.Value - celsius)).ThenByDescending(m => m.Celsius.Value).FirstOrDefault();

    /// <summary>It is set down and leaned on by hand.</summary>
    public bool HeldByHand { get; init; }

    /// <summary>All round its plate is cooler by so much more than usual, mm: found with a strip.</summary>
    public double CoolRimMm { get; init; }

    /// <summary>Spots of its plate that are cooler, from its upper left corner, mm: found with a strip.</summary>
    public IReadOnlyList<CoolSpot> CoolSpots { get; init; } = [];

    /// <summary>What lies flat is turned over under it and pressed from the back as well, as a matter of course.</summary>
    public bool PressesFromBack { get; init; }

    /// <summary>Share of the time that the air blows on any one spot, 0 to 1, because it is kept moving; null for a plate.</summary>
    public Sourced<double>? Duty { get; init; }
}

/// <summary>A kind of item.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Shape">How its face lies.</param>
/// <param name="Layers">How many layers of the material lie under the plate.</param>
/// <param name="Materials">Which kinds of material it can be made of.</param>
/// <param name="UsualMaterial">Material id assumed for a new job.</param>
/// <param name="WidthMm">Usual width of its free area, mm.</param>
/// <param name="HeightMm">Usual height of its free area, mm.</param>
/// <param name="Supported">Whether it lies on an underlay.</param>
/// <param name="Framed">Whether it is stretched on a frame.</param>
public sealed record ItemForm(
    string Id, string Name, FaceShape Shape, Sourced<double> Layers, IReadOnlyList<MaterialKind> Materials, string UsualMaterial,
    Sourced<double> WidthMm, Sourced<double> HeightMm, bool Supported, bool Framed)
{
    /// <summary>It is printed on its back too: it lies flat and can be turned over.</summary>
    public bool HasBack => Shape == FaceShape.Flat && !Framed;

    /// <summary>Its upper part is a bib.</summary>
    public bool Bib { get; init; }

    /// <summary>It is filled later, and its edges round off then.</summary>
    public bool Filled { get; init; }

    /// <summary>It has a cuff to print on.</summary>
    public bool Cuffed { get; init; }

    /// <summary>It narrows to a point.</summary>
    public bool Pointed { get; init; }

    /// <summary>It is rolled and knotted to be worn.</summary>
    public bool Knotted { get; init; }
}

/// <summary>A measure of an item, for those who want to lay a tape on theirs.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="How">Where the tape goes.</param>
/// <param name="BySize">Usual values by size, mm; under the name any where there are no sizes.</param>
public sealed record Measure(string Id, string Name, string How, IReadOnlyDictionary<string, Sourced<double>> BySize)
{
    /// <summary>Key of the value where there are no sizes.</summary>
    public const string AnySize = "any";

    /// <summary>The usual value for a size, mm.</summary>
    /// <param name="size">Size id.</param>
    public Sourced<double> For(string size) =>
        BySize.TryGetValue(size, out var value) ? value : BySize.TryGetValue(AnySize, out var any) ? any : BySize.Values.First();
}

/// <summary>How a kind of item is drawn and measured.</summary>
/// <param name="Form">Form id.</param>
/// <param name="Pattern">Id of the pattern that draws it.</param>
/// <param name="UsualSize">Size assumed for a new job; null where there are no sizes.</param>
/// <param name="Measures">Its measures; the first two are the free area's width and height.</param>
public sealed record FormMeasures(string Form, string Pattern, string? UsualSize, IReadOnlyList<Measure> Measures);

/// <summary>A sheet laid over or under the work: covers, underlays and the carrier.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Thermal">Thermal figures; null for nothing at all.</param>
public sealed record Supply(string Id, string Name, ThermalFigures? Thermal)
{
    /// <summary>It holds water that the heat drives into the cloth.</summary>
    public bool Damp { get; init; }

    /// <summary>It bears what is stretched on a frame from within.</summary>
    public bool BearsFrames { get; init; }

    /// <summary>It gives way under the plate.</summary>
    public bool Yields { get; init; }

    /// <summary>It melts or smears under the plate.</summary>
    public bool Melts { get; init; }

    /// <summary>What it is called where it is offered; null where it is only taken as said.</summary>
    public string? OfferedAs { get; init; }

    /// <summary>It is the vinyl's own carrier and nothing more.</summary>
    public bool IsCarrier { get; init; }
}

/// <summary>How long it takes to weed everyday vinyl, part by part.</summary>
/// <param name="Seconds">To take a sheet in hand and lift the waste around, s.</param>
/// <param name="SecondsPerCentre">For each centre to pick out, s.</param>
/// <param name="SecondsPerPiece">For each piece that the waste has to clear, s.</param>
/// <param name="SecondsPerMetre">For each metre of cut, s.</param>
/// <param name="SecondsPerDelicatePlace">For each delicate place, s.</param>
public sealed record WeedingFigures(Sourced<double> Seconds, Sourced<double> SecondsPerCentre, Sourced<double> SecondsPerPiece,
    Sourced<double> SecondsPerMetre, Sourced<double> SecondsPerDelicatePlace);

/// <summary>A kind of cutter.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="CutWidthMm">Widest it cuts, on a mat or without, mm.</param>
/// <param name="MatLengthMm">Longest it cuts on its usual mat, mm.</param>
/// <param name="MatlessLengthMm">Longest it cuts in vinyl that needs no mat, mm.</param>
/// <param name="GuidesMm">How wide vinyl without a mat must be to fill its guides, mm.</param>
/// <param name="MostForceGrams">Most force on the blade, grams.</param>
/// <param name="ForceStepGrams">What its force is set in, grams.</param>
/// <param name="CutMmPerSecond">How fast it cuts, mm/s.</param>
/// <param name="TravelMmPerSecond">How fast it moves with the blade up, mm/s.</param>
/// <param name="LiftSeconds">To lift or lower the blade, s.</param>
public sealed record Cutter(
    string Id, string Name, Sourced<double> CutWidthMm, Sourced<double> MatLengthMm, Sourced<double> MatlessLengthMm,
    Sourced<double> GuidesMm,
    Sourced<double> MostForceGrams, Sourced<double> ForceStepGrams, Sourced<double> CutMmPerSecond, Sourced<double> TravelMmPerSecond,
    Sourced<double> LiftSeconds);

/// <summary>Figures of cutting that belong to no single vinyl or cutter.</summary>
/// <param name="MarginMm">Room for scissors between pieces, mm.</param>
/// <param name="EdgeMm">Left free along the edges of a sheet, mm.</param>
/// <param name="RollWidthMm">Width of a roll when nothing is known of it, mm.</param>
/// <param name="SmallestOffcutMm">What is narrower is not worth keeping, mm.</param>
/// <param name="TestShapeMm">Size of the test cut, mm.</param>
/// <param name="JointOverlapMm">How far the parts of a split lie over each other where the vinyl bears it, mm.</param>
/// <param name="LoadMatSeconds">To load and unload a mat, s.</param>
/// <param name="AlignSeconds">To lay a further piece in its place by hand, s.</param>
/// <param name="NestAbovePercent">Share of vinyl saved above which packing tightly is advised, %.</param>
/// <param name="FeedExtraMm">What vinyl without a mat needs beyond the cut for the rollers to hold, mm.</param>
public sealed record CuttingFigures(
    Sourced<double> MarginMm, Sourced<double> EdgeMm, Sourced<double> RollWidthMm, Sourced<double> SmallestOffcutMm,
    Sourced<double> TestShapeMm, Sourced<double> JointOverlapMm,
    Sourced<double> LoadMatSeconds, Sourced<double> AlignSeconds, Sourced<double> NestAbovePercent, Sourced<double> FeedExtraMm);

/// <summary>Figures of the work itself that belong to no single thing.</summary>
/// <param name="LaySeconds">Between the preheat and the closing of the plate, while the artwork is laid, s.</param>
/// <param name="TurnSeconds">To open the plate and turn a piece over, s.</param>
/// <param name="WarmPeelFromSeconds">A warm peel begins this long after opening, s.</param>
/// <param name="WarmPeelAboveCelsius">A warm peel is over below this, °C.</param>
/// <param name="HardPeelSeconds">What is hard is peeled within these times after opening, s.</param>
/// <param name="HardPeelBelowCelsius">What is hard is peeled once its carrier is below this, °C.</param>
/// <param name="ColdPeelBelowCelsius">A cold peel happens below this, °C.</param>
/// <param name="HotPeelWithinSeconds">A hot peel happens within this time, s.</param>
/// <param name="LongestPressSeconds">Longest press that is proposed, s.</param>
/// <param name="ShortestPressSeconds">Shortest press that can be timed by hand, s.</param>
/// <param name="CureHours">Before the first wash, h.</param>
/// <param name="DoseReferenceCelsius">Reference temperature of the bond and heat dose integrals, °C.</param>
/// <param name="DoseZKelvin">z-value of both integrals, K.</param>
/// <param name="PressureExponent">Power of pressure in the bond integral.</param>
/// <param name="Weeding">How long weeding takes.</param>
/// <param name="Cutting">Figures of cutting.</param>
public sealed record WorkFigures(
    Sourced<double> LaySeconds, Sourced<double> TurnSeconds, Sourced<double> WarmPeelFromSeconds, Sourced<double> WarmPeelAboveCelsius,
    Sourced<Span> HardPeelSeconds, Sourced<double> HardPeelBelowCelsius, Sourced<double> ColdPeelBelowCelsius,
    Sourced<double> HotPeelWithinSeconds,
    Sourced<double> LongestPressSeconds, Sourced<double> ShortestPressSeconds, Sourced<double> CureHours,
    Sourced<double> DoseReferenceCelsius, Sourced<double> DoseZKelvin, Sourced<double> PressureExponent, WeedingFigures Weeding,
    CuttingFigures Cutting);

/// <summary>
/// Everything the planner knows about vinyls, blanks, presses and supplies at one moment: immutable, with a version that
/// changes when any figure does, so that a frozen plan can say what it was computed from.
/// </summary>
/// <param name="Version">A fingerprint of the files.</param>
/// <param name="Vinyls">By id.</param>
/// <param name="Materials">By id.</param>
/// <param name="HeatSources">By id.</param>
/// <param name="Forms">By id.</param>
/// <param name="Measures">By form id.</param>
/// <param name="Covers">By id.</param>
/// <param name="Underlays">By id.</param>
/// <param name="Carrier">The clear sheet that vinyl comes on.</param>
/// <param name="Work">Figures of the work itself.</param>
public sealed record CatalogueSnapshot(
    string Version,
    IReadOnlyDictionary<string, Vinyl> Vinyls,
    IReadOnlyDictionary<string, Material> Materials,
    IReadOnlyDictionary<string, HeatSource> HeatSources,
    IReadOnlyDictionary<string, ItemForm> Forms,
    IReadOnlyDictionary<string, FormMeasures> Measures,
    IReadOnlyDictionary<string, Supply> Covers,
    IReadOnlyDictionary<string, Supply> Underlays,
    Supply Carrier,
    WorkFigures Work)
{
    /// <summary>Cutters by id.</summary>
    public IReadOnlyDictionary<string, Cutter> Cutters { get; init; } = new Dictionary<string, Cutter>(StringComparer.Ordinal);
}
