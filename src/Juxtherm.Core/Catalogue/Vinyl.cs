namespace Juxtherm.Core.Catalogue;

/// <summary>What charts say of a vinyl.</summary>
/// <param name="Celsius">What charts say, °C.</param>
/// <param name="Seconds">What charts say, s.</param>
/// <param name="Pressure">Usual pressure.</param>
/// <param name="Peel">Usual peel.</param>
public sealed record VinylChart(
    Sourced<Span> Celsius, Sourced<Span> Seconds, Sourced<PressureLevel> Pressure, Sourced<PeelMethod> Peel);

/// <summary>How a vinyl bonds, and how much heat that may take.</summary>
/// <param name="ActivationCelsius">The adhesive does nothing below this, °C.</param>
/// <param name="ReferenceCelsius">The chart setting that bond and heat dose are measured against, °C.</param>
/// <param name="ReferenceSeconds">The chart setting that bond and heat dose are measured against, s.</param>
/// <param name="HoldsFrom">Share of the reference bond from which it holds.</param>
/// <param name="Target">Share of the reference bond to aim at.</param>
/// <param name="MostHeatDose">Most heat it takes alone, as a share of the reference heat dose.</param>
public sealed record VinylBond(
    Sourced<double> ActivationCelsius, Sourced<double> ReferenceCelsius, Sourced<double> ReferenceSeconds, Sourced<double> HoldsFrom,
    Sourced<double> Target, Sourced<double> MostHeatDose);

/// <summary>What a vinyl asks for at the press.</summary>
/// <param name="FinishSeconds">Length of the finish press under a cover, s; 0 for none.</param>
/// <param name="TackSeconds">Usual length of a tack, s.</param>
/// <param name="HeatsOnce">It foams, and may be heated once only.</param>
/// <param name="ShrinkPercent">How much it shrinks at its first heat, %.</param>
/// <param name="NotUnder">Heat sources that spoil it, by id, with the reason.</param>
public sealed record VinylAtPress(
    Sourced<double> FinishSeconds, Sourced<double> TackSeconds, Sourced<bool> HeatsOnce, Sourced<double> ShrinkPercent,
    IReadOnlyDictionary<string, Sourced<string>> NotUnder);

/// <summary>How a vinyl gets on with others.</summary>
/// <param name="LiesOn">What it may be laid on.</param>
/// <param name="CarriesOthers">Other vinyl may be laid on it.</param>
/// <param name="MostHeatDose">Most heat it takes in a stack, as a share of the reference heat dose: it wrinkles under others sooner than
/// alone.</param>
/// <param name="MostHeatDoseOnLofty">The same in a stack on something lofty, which keeps the heat in from below.</param>
public sealed record VinylStacking(
    Sourced<LiesOn> LiesOn, Sourced<bool> CarriesOthers, Sourced<double> MostHeatDose, Sourced<double> MostHeatDoseOnLofty);

/// <summary>How a vinyl is cut and weeded.</summary>
/// <param name="Mirrored">It is cut mirrored.</param>
/// <param name="SmallestDetailMm">Narrowest strip or island that can be weeded well, mm.</param>
/// <param name="WeedEffort">How much longer weeding takes than with the plain vinyl.</param>
/// <param name="Directional">It has a right way up, so pieces are not turned on the sheet.</param>
/// <param name="Blade">Which blade cuts it.</param>
/// <param name="ForceGrams">Force that cuts it through, but not its carrier, in one pass, grams on the blade.</param>
/// <param name="Passes">How many times the blade goes round.</param>
public sealed record VinylCut(
    Sourced<bool> Mirrored, Sourced<double> SmallestDetailMm, Sourced<double> WeedEffort, Sourced<bool> Directional, Sourced<Blade> Blade,
    Sourced<double> ForceGrams, Sourced<double> Passes);

/// <summary>A family of vinyl.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Family">Id of the family it belongs to; its own for a family itself.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Note">What is particular about it, one line.</param>
/// <param name="Thermal">Its thermal figures.</param>
/// <param name="Chart">What charts say.</param>
/// <param name="Bond">How it bonds.</param>
/// <param name="Press">What it asks for at the press.</param>
/// <param name="Stack">How it gets on with others.</param>
/// <param name="Cut">How it is cut and weeded.</param>
public sealed record Vinyl(
    string Id, string Family, string Name, string Note, ThermalFigures Thermal, VinylChart Chart, VinylBond Bond, VinylAtPress Press,
    VinylStacking Stack, VinylCut Cut)
{
    /// <summary>Its face is smooth: what holds on smooth vinyl only holds on it.</summary>
    public bool SmoothSurface { get; init; }

    /// <summary>It is too thick for a weave to show through.</summary>
    public bool HidesWeave { get; init; }

    /// <summary>It has a pile that a second press would crush.</summary>
    public bool Pile { get; init; }

    /// <summary>What was found right for it under one kind of press, by the kind's id; empty for the families.</summary>
    public IReadOnlyDictionary<string, WrapperLabel> ForPress { get; init; } = new Dictionary<string, WrapperLabel>(StringComparer.Ordinal);
}
