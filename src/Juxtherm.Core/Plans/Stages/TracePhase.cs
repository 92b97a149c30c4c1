namespace Juxtherm.Core.Plans.Stages;

/// <summary>What happens in a phase of the work at the press.</summary>
public enum PhaseKind
{
    /// <summary>Plate closed on the bare blank.</summary>
    Preheat,

    /// <summary>Open, the artwork being laid.</summary>
    Lay,

    /// <summary>Plate closed for a moment, so that the layer holds still.</summary>
    Tack,

    /// <summary>Plate closed, bonding.</summary>
    Press,

    /// <summary>Open, cooling until the carrier can come off.</summary>
    Cool,

    /// <summary>Open, the carrier coming off.</summary>
    Peel,

    /// <summary>Open, the cover being laid on the bare vinyl.</summary>
    Cover,

    /// <summary>Open, the dial being turned and the plate coming to it.</summary>
    Dial,

    /// <summary>Open, the piece being turned over.</summary>
    Turn,

    /// <summary>Plate closed on the back of the piece.</summary>
    Back,

    /// <summary>Plate closed again after the peel.</summary>
    Finish,

    /// <summary>Open, done.</summary>
    Rest,
}

/// <summary>A sheet in a picture of the stack.</summary>
/// <param name="Id">Sheet id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="ThicknessMm">Thickness, mm.</param>
public sealed record TraceSheet(string Id, string Name, double ThicknessMm);

/// <summary>Temperatures over one phase. Arrays over time run along <see cref="Times"/>; faces run from the top of the stack to its bottom,
/// one more than there are sheets.</summary>
/// <param name="Kind">What happens.</param>
/// <param name="PressOrder">Which press it is; null while open.</param>
/// <param name="StartSeconds">When it begins, counted from the first phase, s.</param>
/// <param name="Seconds">How long it lasts, s.</param>
/// <param name="PlateClosed">The plate is closed.</param>
/// <param name="Sheets">The stack through the print, top to bottom.</param>
/// <param name="Times">Since the phase began, s.</param>
/// <param name="Plate">Plate face, °C.</param>
/// <param name="Faces">Per time, per face of the print column, °C.</param>
/// <param name="Glue">Glue line (the bare face before the vinyl is laid), °C.</param>
/// <param name="BareFace">Bare blank beside the print, °C.</param>
/// <param name="WaterShare">Water left in the blank's face layer, share.</param>
/// <param name="Bond">Share of the wanted bond so far.</param>
public sealed record TracePhase(
    PhaseKind Kind, int? PressOrder, double StartSeconds, double Seconds, bool PlateClosed, IReadOnlyList<TraceSheet> Sheets,
    IReadOnlyList<double> Times, IReadOnlyList<double> Plate,
    IReadOnlyList<IReadOnlyList<double>> Faces, IReadOnlyList<double> Glue, IReadOnlyList<double> BareFace,
    IReadOnlyList<double> WaterShare, IReadOnlyList<double> Bond)
{
    /// <summary>What the bond comes to, along <see cref="Times"/>; empty in plans kept from before it was told.</summary>
    public IReadOnlyList<BondGrade> Grades { get; init; } = [];
}
