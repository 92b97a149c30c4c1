namespace Juxtherm.Core.Catalogue;

/// <summary>How hot a material may become.</summary>
/// <param name="Celsius">Hottest its face should become, °C.</param>
/// <param name="Consequence">What happens above the limit.</param>
/// <param name="DyeMigrationCelsius">From here dye wanders into the vinyl, °C, where it does.</param>
public sealed record MaterialLimit(
    Sourced<double> Celsius, string Consequence, Sourced<double>? DyeMigrationCelsius);

/// <summary>What is doubtful about a material.</summary>
/// <param name="Uncertain">What is uncertain about it; null when it is known.</param>
/// <param name="Stops">Whether a wrong guess could hurt somebody.</param>
/// <param name="NeverPressed">Why it is never pressed; null when it may be.</param>
public sealed record MaterialDoubt(
    Sourced<string>? Uncertain, bool Stops, Sourced<string>? NeverPressed);

/// <summary>What the face of a blank is made of.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Kind">What kind of thing it is.</param>
/// <param name="Care">How a finished piece of it is cleaned.</param>
/// <param name="Thermal">Thermal figures of one layer.</param>
/// <param name="Limit">How hot its face may become.</param>
/// <param name="Demand">How much more bond its face needs than a plain tee.</param>
/// <param name="PreheatSeconds">How long a press preheats it, s; 0 for not at all.</param>
/// <param name="Prewash">Whether it shrinks enough to be washed first.</param>
/// <param name="Lofty">Whether its face gives way under the plate, so that it wants more than a tee.</param>
/// <param name="Doubt">What is doubtful about it.</param>
public sealed record Material(
    string Id, string Name, MaterialKind Kind, CareKind Care, ThermalFigures Thermal, MaterialLimit Limit, Sourced<double> Demand,
    Sourced<double> PreheatSeconds, Sourced<bool> Prewash, Sourced<bool> Lofty, MaterialDoubt Doubt)
{
    /// <summary>It cracks where it is heated fast or unevenly.</summary>
    public bool Cracks { get; init; }

    /// <summary>It loses its shape in a tumbler, or bears little more heat than there is in one; null where it is tumbled low.</summary>
    public Sourced<bool>? NotTumbled { get; init; }

    /// <summary>It felts or frays in a machine and is washed by hand; null where a mild machine wash will do.</summary>
    public Sourced<bool>? WashedByHand { get; init; }

    /// <summary>The least pressure that its weave asks for, whatever the vinyl does; null where the vinyl alone decides.</summary>
    public Sourced<PressureLevel>? WantsPressure { get; init; }
}
