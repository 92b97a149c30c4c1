using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;

namespace Juxtherm.Core.Care;

/// <summary>Care symbols, as ISO 3758 describes them (quoted from memory); the last two have no place in it.</summary>
public enum CareSymbol
{
    /// <summary>A wash tub, 30 °C, one bar: mild.</summary>
    WashMild30,

    /// <summary>A wash tub with a hand.</summary>
    WashByHand,

    /// <summary>A wash tub, crossed out.</summary>
    DoNotWash,

    /// <summary>A triangle, crossed out.</summary>
    DoNotBleach,

    /// <summary>A square with a circle and one dot.</summary>
    TumbleLow,

    /// <summary>A square with a circle, crossed out.</summary>
    DoNotTumble,

    /// <summary>An iron with one dot: at most 110 °C, without steam.</summary>
    IronLow,

    /// <summary>An iron, crossed out.</summary>
    DoNotIron,

    /// <summary>A circle, crossed out.</summary>
    DoNotDryClean,

    /// <summary>A cloth that wipes; ours.</summary>
    Wipe,

    /// <summary>A dish rack, crossed out; ours.</summary>
    NoDishwasher,
}

/// <summary>A symbol with what it says.</summary>
/// <param name="Symbol">The symbol.</param>
/// <param name="Says">In words.</param>
public sealed record CareMark(CareSymbol Symbol, string Says);

/// <summary>How to look after a pressed piece.</summary>
/// <param name="Marks">Symbols, in the order of a care label: washing, bleaching, drying, ironing, professional care.</param>
/// <param name="Lines">What symbols cannot say.</param>
/// <param name="CureHours">How long until it may be washed, h; 0 where it is not washed.</param>
/// <param name="Kind">How it is looked after.</param>
public sealed record CareAdvice(IReadOnlyList<CareMark> Marks, IReadOnlyList<string> Lines, double CureHours, CareKind Kind)
{
    // Cloth that loses its shape in a tumbler, or whose limit lies near its heat (common practice).
    private static readonly string[] NotTumbled = ["acrylic", "nylon", "softshell", "elastane", "jute"];

    // Cloth that felts or frays in a machine (common practice).
    private static readonly string[] ByHand = ["jute"];

    /// <summary>For a pressed piece. Typical, and never less careful than the item's own label, which nobody here has read.</summary>
    /// <param name="job">Its job.</param>
    /// <param name="figures">Figures of the work.</param>
    public static CareAdvice Of(Job job, WorkFigures figures)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(figures);
        var material = job.Blank.Material;
        var hours = figures.CureHours.Value;
        return material.Care switch
        {
            CareKind.Wash => new CareAdvice(
            [
                ByHand.Contains(material.Id, StringComparer.Ordinal) ? new(CareSymbol.WashByHand, "by hand, cold") : new(CareSymbol.WashMild30, "30 °C, mild"),
                new(CareSymbol.DoNotBleach, "no bleach"),
                NotTumbled.Contains(material.Id, StringComparer.Ordinal) ? new(CareSymbol.DoNotTumble, "do not tumble") : new(CareSymbol.TumbleLow, "tumble low"),
                job.Blank.CareDots == 0 ? new(CareSymbol.DoNotIron, "do not iron") : new(CareSymbol.IronLow, "cool iron, never on the print"),
                new(CareSymbol.DoNotDryClean, "no dry cleaning"),
            ],
            [$"Not washed in its first {hours:0} hours: the glue goes on setting.", "Inside out. No softener: it creeps under edges.", "Where the item's own label asks for more care, that counts."], hours, material.Care),
            CareKind.HandWash => new CareAdvice(
            [new(CareSymbol.WashByHand, "by hand"), new(CareSymbol.NoDishwasher, "no dishwasher")],
            [$"Not washed in its first {hours:0} hours.", "No soaking and nothing that scours: water creeps under edges.", "Keep the rim that is drunk from free of vinyl."], hours, material.Care),
            _ => new CareAdvice(
            [new(CareSymbol.DoNotWash, "do not wash"), new(CareSymbol.Wipe, "wipe, barely damp")],
            ["Wipe along the print, not across its edges. Nothing with alcohol or wax on the vinyl.", "Dry it lying flat, away from heaters and sun."], 0, material.Care),
        };
    }
}
