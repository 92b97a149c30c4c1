using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;

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
    /// <summary>For a pressed piece. Typical, and never less careful than the item's own label, which nobody here has read.</summary>
    /// <param name="job">Its job.</param>
    /// <param name="figures">Figures of the work.</param>
    /// <param name="words">Says it.</param>
    public static CareAdvice Of(Job job, WorkFigures figures, IWords words)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(figures);
        var material = job.Blank.Material;
        var hours = figures.CureHours.Value;
        return material.Care switch
        {
            CareKind.Wash => new CareAdvice(
            [
                material.WashedByHand is not null
                ? new(CareSymbol.WashByHand, words.Say("care-advice.text")) : new(CareSymbol.WashMild30, words.Say("care-advice.text-2")),
                new(CareSymbol.DoNotBleach, words.Say("care-advice.text-3")),
                material.NotTumbled is not null
                ? new(CareSymbol.DoNotTumble, words.Say("care-advice.text-4")) : new(CareSymbol.TumbleLow, words.Say("care-advice.text-5")),
                job.Blank.CareDots == 0
                ? new(CareSymbol.DoNotIron, words.Say("care-advice.text-6")) : new(CareSymbol.IronLow, words.Say("care-advice.text-7")),
                new(CareSymbol.DoNotDryClean, words.Say("care-advice.text-8")),
            ],
            [words.Say("care-advice.text-9", ("hours", hours)), words.Say("care-advice.text-10"), words.Say("care-advice.text-11")], hours,
            material.Care),
            CareKind.HandWash => new CareAdvice(
            [new(CareSymbol.WashByHand, words.Say("care-advice.text-12")), new(CareSymbol.NoDishwasher, words.Say("care-advice.text-13"))],
            [words.Say("care-advice.text-14", ("hours", hours)), words.Say("care-advice.text-15"), words.Say("care-advice.text-16")], hours,
            material.Care),
            _ => new CareAdvice(
            [new(CareSymbol.DoNotWash, words.Say("care-advice.text-17")), new(CareSymbol.Wipe, words.Say("care-advice.text-18"))],
            [words.Say("care-advice.text-19"), words.Say("care-advice.text-20")], 0, material.Care),
        };
    }
}
