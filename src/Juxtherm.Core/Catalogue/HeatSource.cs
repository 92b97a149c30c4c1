using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Catalogue;

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

/// <summary>The plate of a press.</summary>
/// <param name="Heat">The plate as a lump.</param>
/// <param name="WidthMm">Usual plate width, mm.</param>
/// <param name="HeightMm">Usual plate height, mm.</param>
public sealed record PressPlate(
    Sourced<Plate> Heat, Sourced<double> WidthMm, Sourced<double> HeightMm);

/// <summary>The dial of a press, and how far it may be believed.</summary>
/// <param name="Celsius">Range of the dial, °C.</param>
/// <param name="Step">What the dial steps by, in its own degrees; null where it has marks.</param>
/// <param name="Unit">The degrees that the dial shows.</param>
/// <param name="OffsetK">How much hotter the plate's face is than the dial shows, K; below zero when cooler.</param>
/// <param name="ErrorK">How far plate and dial may differ, K either way.</param>
/// <param name="Marks">Marks instead of degrees, coolest first.</param>
public sealed record PressDial(
    Sourced<Span> Celsius, Sourced<double>? Step, DegreeUnit Unit, Sourced<double> OffsetK, Sourced<double> ErrorK,
    IReadOnlyList<DialMark> Marks);

/// <summary>How hard a press presses.</summary>
/// <param name="KPa">What each level means, kPa.</param>
/// <param name="Adjustable">Its pressure can be set.</param>
/// <param name="ErrorFactor">By what factor the pressure may be off, either way.</param>
public sealed record PressPressure(
    IReadOnlyDictionary<PressureLevel, Sourced<double>> KPa, bool Adjustable, Sourced<double> ErrorFactor);

/// <summary>What is usual at a press.</summary>
/// <param name="Underlay">Usual underlay id.</param>
/// <param name="Cover">Usual cover id.</param>
/// <param name="LongerPreheatSeconds">How long this source preheats a blank, s, when that is longer than the blank itself asks; null for
/// the blank's own.</param>
/// <param name="BackPressSeconds">How long it presses from the back, where that is done, s.</param>
public sealed record PressHabits(
    string Underlay, string Cover, Sourced<double>? LongerPreheatSeconds, Sourced<double> BackPressSeconds);

/// <summary>A kind of press, iron or gun.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Kind">Id of the kind of press it is; its own for a kind itself.</param>
/// <param name="Presses">Which shapes of face it can press.</param>
/// <param name="Plate">Its plate.</param>
/// <param name="Dial">Its dial.</param>
/// <param name="Pressure">How hard it presses.</param>
/// <param name="Usual">What is usual at it.</param>
/// <param name="SteamPossible">It has a steam setting.</param>
/// <param name="Hinged">Its plate comes down on a hinge, so thick things do not fit.</param>
/// <param name="HotAirWm2K">It blows hot air instead of touching: heat transfer, W/(m²·K); null for a plate.</param>
public sealed record HeatSource(
    string Id, string Name, string Kind, IReadOnlyList<FaceShape> Presses, PressPlate Plate, PressDial Dial, PressPressure Pressure,
    PressHabits Usual, bool SteamPossible, bool Hinged, Sourced<double>? HotAirWm2K)
{
    /// <summary>Where the plate's face is when the dial stands there, °C: of a mark, the middle of the band in which it wanders.</summary>
    /// <param name="celsius">What it is set to, °C; of marks the nearest, and of two as near the hotter.</param>
    public double SurfaceAt(double celsius) => Dial.OffsetK.Value + (MarkAt(celsius)?.Band.Value.Middle ?? celsius);

    /// <summary>The mark nearest to a temperature, of two as near the hotter; null where the dial shows degrees.</summary>
    /// <param name="celsius">°C.</param>
    public DialMark? MarkAt(double celsius) =>
        Dial.Marks.OrderBy(m => Math.Abs(m.Celsius.Value - celsius)).ThenByDescending(m => m.Celsius.Value).FirstOrDefault();

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
