namespace Juxtherm.Core.Certainty;

/// <summary>What it rests on how much bond a face wants.</summary>
public enum Knowledge
{
    /// <summary>On what such things usually are.</summary>
    Typical,

    /// <summary>On this workshop's own logbook.</summary>
    Logbook,

    /// <summary>On a plate that was measured, or a press that was weighed.</summary>
    Measured,

    /// <summary>On test patches of this very press, vinyl and blank.</summary>
    Patches,
}

/// <summary>
/// How sure it is how much bond a face wants: the logarithm of it is off by so much, one in ten more. What is expected itself stands in the
/// demand that the plan is made with.
/// </summary>
/// <param name="LnSpread">Standard deviation of ln of the bond wanted.</param>
/// <param name="Whole">Plate and pressure are in it: it was seen on this press.</param>
/// <param name="From">What it rests on.</param>
public sealed record Belief(double LnSpread, bool Whole, Knowledge From)
{
    /// <summary>Standard deviation of ln of what a vinyl on a blank wants beyond its kind (from memory).</summary>
    public const double DemandSpread = 0.3;

    // What the model itself may be off, as ln: contact of plate and film, the power of pressure, cloth, sheet, damp, place on the plate
    // (from memory; docs/certainty.md tries it).
    private const double Model = 0.2;

    /// <summary>Before anything is known.</summary>
    public static Belief Typical { get; } = new(Math.Sqrt(DemandSpread * DemandSpread + Model * Model), false, Knowledge.Typical);

    /// <summary>Where the logbook tells what a vinyl wants on a blank.</summary>
    /// <param name="demandSpread">Standard deviation of ln of that, above 0.</param>
    public static Belief FromLogbook(double demandSpread)
    {
        var spread = Math.Min(DemandSpread, demandSpread);
        return new Belief(Math.Sqrt(spread * spread + Model * Model), false, Knowledge.Logbook);
    }

    /// <summary>All in all, with a press's own doubts.</summary>
    /// <param name="press">Standard deviation of ln of the bond by plate and pressure.</param>
    public double With(double press) => Whole ? LnSpread : Math.Sqrt(LnSpread * LnSpread + press * press);
}

/// <summary>How a setting may come out.</summary>
/// <param name="Short">Chance that it does not hold, 0 to 1.</param>
/// <param name="Harm">Chance that vinyl or blank is harmed, 0 to 1.</param>
public readonly record struct Outlook(double Short, double Harm)
{
    // A spoiled blank weighs as much as so many that have to be pressed again.
    private const double HarmWeighs = 3;

    /// <summary>Chance that it holds and harms nothing.</summary>
    public double Well => (1 - Short) * (1 - Harm);

    /// <summary>What speaks against it: the less the better.</summary>
    public double Regret => Short + HarmWeighs * Harm;

    /// <summary>The worse of both, of two layers.</summary>
    /// <param name="other">The other one.</param>
    public Outlook Or(Outlook other) => new(Math.Max(Short, other.Short), Math.Max(Harm, other.Harm));
}

/// <summary>What a setting gives, as logarithms or kelvins of what is wanted and borne, with how far each may be off.</summary>
/// <param name="LnBond">ln of the bond over that from which it holds.</param>
/// <param name="BondSpread">Standard deviation of it by plate and pressure.</param>
/// <param name="LnHeatDose">ln of the heat over what the vinyl is taken to take.</param>
/// <param name="HeatDoseSpread">Standard deviation of it.</param>
/// <param name="BareBelowK">How far the bare face stays below its limit, K.</param>
/// <param name="BareSpreadK">Standard deviation of it, K.</param>
public readonly record struct Given(double LnBond, double BondSpread, double LnHeatDose, double HeatDoseSpread, double BareBelowK,
    double BareSpreadK)
{
    /// <summary>What of <see cref="BondSpread"/> comes of the plate.</summary>
    public double BondByPlate { get; init; }

    /// <summary>What of <see cref="BondSpread"/> comes of the pressure.</summary>
    public double BondByPressure { get; init; }

    /// <summary>How that may come out.</summary>
    /// <param name="belief">What is believed of the bond wanted.</param>
    public Outlook Outlook(Belief belief)
    {
        ArgumentNullException.ThrowIfNull(belief);
        var (blank, vinyl) = (Odds.Below(-BareBelowK / BareSpreadK), Odds.Below(LnHeatDose / HeatDoseSpread));
        return new Outlook(Odds.Beyond(LnBond / belief.With(BondSpread)), 1 - (1 - blank) * (1 - vinyl));
    }
}
