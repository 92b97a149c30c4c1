namespace Juxtherm.Core.Catalogue;

/// <summary>A part of a mixed cloth.</summary>
/// <param name="Material">The fibre, as the catalogue has it.</param>
/// <param name="Share">Its share, above 0, up to 1.</param>
public sealed record BlendPart(Material Material, double Share);

/// <summary>
/// Works out a mixed cloth from its fibres. Heat figures go by share. What the cloth bears lies between its fibres, but never
/// far above the most delicate of them: a small part of a heat-shy fibre spoils the face as well.
/// </summary>
public static class Blend
{
    // A fibre that makes up less than this does not decide what the cloth bears: a label's rounding.
    private const double TooLittle = 0.03;
    private const double AboveDelicateK = 15;

    // Dye of less than this part of the cloth does not show in the vinyl.
    private const double DyeShare = 0.2;

    // So much of a fibre makes the cloth be looked after as that fibre (from memory).
    private const double TellingShare = 0.2;

    private static readonly Provenance ByShare = new(ProvenanceKind.FromMemory,
        "by share of the fibres on its label; how a mixture behaves is a rule of thumb, not measured");

    /// <summary>The cloth that these fibres make.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="name">For the reader.</param>
    /// <param name="parts">Its fibres; shares sum to 1; all cloth.</param>
    public static Material Of(string id, string name, IReadOnlyList<BlendPart> parts)
    {
        ArgumentNullException.ThrowIfNull(parts);
        if (parts.Count == 1)
            return parts[0].Material with { Id = id, Name = name };
        Sourced<double> Mean(Func<Material, double> of) => new(parts.Sum(p => p.Share * of(p.Material)), ByShare);
        // A few hundredths of elastane do not change how a tee is looked after.
        Sourced<bool>? Telling(Func<Material, Sourced<bool>?> of) =>
            parts.Where(p => of(p.Material) is not null).Sum(p => p.Share) >= TellingShare ? new(true, ByShare) : null;
        var counted = parts.Where(p => p.Share >= TooLittle).ToList();
        var delicate = counted.MinBy(p => p.Material.Limit.Celsius.Value)!.Material;
        var most = parts.MaxBy(p => p.Share)!.Material;
        var mean = parts.Sum(p => p.Share * p.Material.Limit.Celsius.Value);
        return new Material(
            id, name, MaterialKind.Cloth, counted.Exists(p => p.Material.Care != CareKind.Wash) ? CareKind.HandWash : CareKind.Wash,
            new ThermalFigures(
                Mean(m => m.Thermal.ConductivityWmK.Value), Mean(m => m.Thermal.DensityKgM3.Value),
                Mean(m => m.Thermal.SpecificHeatJkgK.Value), Mean(m => m.Thermal.ThicknessMm.Value),
                Mean(m => m.Thermal.RegainPercent?.Value ?? 0)),
            new MaterialLimit(
                new Sourced<double>(Math.Round(Math.Min(mean, delicate.Limit.Celsius.Value + AboveDelicateK)), ByShare),
                delicate.Limit.Consequence,
                counted.Where(p => p.Material.Limit.DyeMigrationCelsius is not null && p.Share >= DyeShare)
                .Select(p => p.Material.Limit.DyeMigrationCelsius).MinBy(d => d!.Value)),
            Mean(m => m.Demand.Value),
            new Sourced<double>(Math.Ceiling(parts.Sum(p => p.Share * p.Material.PreheatSeconds.Value)), ByShare), most.Prewash,
            most.Lofty, new MaterialDoubt(counted.Select(p => p.Material.Doubt.Uncertain).FirstOrDefault(u => u is not null),
            counted.Exists(p => p.Material.Doubt.Stops), counted.Select(p => p.Material.Doubt.NeverPressed)
            .FirstOrDefault(n => n is not null)))
        {
            NotTumbled = Telling(m => m.NotTumbled),
            WashedByHand = Telling(m => m.WashedByHand),
        };
    }
}
