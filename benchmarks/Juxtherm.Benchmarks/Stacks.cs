using Juxtherm.Core.Heat;

namespace Juxtherm.Benchmarks;

/// <summary>A stack of eight layers as it lies in a press: cover, carrier, two vinyls, two layers of cloth, pad and base.</summary>
internal static class Stacks
{
    public static SheetField[] EightLayers(bool damp)
    {
        var cloth = new Substance(0.07, 400, 1340, damp ? 0.085 : 0);
        return
        [
            SheetField.At(new Sheet("cover", new Substance(0.25, 2200, 1050), 0.13), 22),
            SheetField.At(new Sheet("carrier", new Substance(0.20, 1390, 1200), 0.10), 22),
            SheetField.At(new Sheet("upper", new Substance(0.20, 1200, 1600), 0.20), 22),
            SheetField.At(new Sheet("lower", new Substance(0.20, 1150, 1800), 0.09), 22),
            SheetField.At(new Sheet("front", cloth, 0.45), 22),
            SheetField.At(new Sheet("back", cloth, 0.45), 22),
            SheetField.At(new Sheet("pad", new Substance(0.12, 450, 1400), 8), 22),
            SheetField.At(new Sheet("base", new Substance(200, 2700, 900), 4), 22),
        ];
    }

    public static Plate Plate { get; } = new(36_000, 10_000, 5, 15);
}
