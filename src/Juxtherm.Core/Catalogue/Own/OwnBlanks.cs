using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Catalogue.Own;

/// <summary>Reads an own blank's material: its fibres, and what its label or a scale says.</summary>
internal static class OwnBlanks
{
    public static Material? Read(JsonCursor c, CatalogueSnapshot shipped)
    {
        var (id, name) = OwnEntries.Named(c);
        var parts = FibresOf(c[OwnContract.Fibres.Name], shipped);
        var thickness = OwnContract.BlankThicknessMm.In(c);
        var weight = OwnContract.GramsPerM2.In(c);
        var limit = OwnContract.LimitCelsius.In(c);
        var prewash = OwnContract.Shrinks.Given(c);
        if (id is null || parts is null)
            return null;
        var blend = Blend.Of(id, name, parts);
        var thermal = blend.Thermal;
        if (thickness is { } mm)
            thermal = thermal with { ThicknessMm = new(mm, OwnEntries.Owner) };
        if (weight is { } grams)
            thermal = thermal with { DensityKgM3 = new(grams / thermal.ThicknessMm.Value, OwnEntries.Owner) };
        return blend with
        {
            Thermal = thermal,
            Prewash = prewash is { } shrinks
            ? new(shrinks, OwnEntries.Owner)
            : blend.Prewash,
            Limit = blend.Limit
            with
            { Celsius = limit is { } most && most < blend.Limit.Celsius.Value ? new(most, OwnEntries.Owner) : blend.Limit.Celsius }
        };
    }

    private static List<BlendPart>? FibresOf(JsonCursor fibres, CatalogueSnapshot shipped)
    {
        if (!fibres.IsArray())
            return null;
        if (fibres.Count < OwnContract.Fibres.Least || fibres.Count > OwnContract.Fibres.Most)
        {
            fibres.Fault(new Phrase("own-entries.out-of-range", ("pointer", fibres.Pointer), ("fibres", fibres.Count)), "out-of-range");
            return null;
        }

        var parts = new List<BlendPart>();
        var sound = true;
        foreach (var item in fibres.Items)
        {
            var material = item.IsObject() ? OwnContract.FibreMaterial.In(item, shipped.Materials.Keys) : null;
            var percent = OwnContract.Percent.NeededIn(item);
            sound &= material is not null && item[OwnContract.Percent.Name].Exists;
            if (material is not null)
                parts.Add(new BlendPart(shipped.Materials[material], percent / 100));
        }

        if (!sound)
            return null;
        if (parts.Count > 1 && parts.Find(p => p.Material.Kind != MaterialKind.Cloth) is { } odd)
        {
            fibres.Fault(new Phrase("own-entries.does-not-fit", ("pointer", fibres.Pointer), ("material", odd.Material.Id)),
                "does-not-fit");
            return null;
        }

        var sum = parts.Sum(p => p.Share) * 100;
        if (Math.Abs(sum - 100) > 0.5)
        {
            fibres.Fault(new Phrase("own-entries.out-of-range-2", ("pointer", fibres.Pointer), ("sum", sum)), "out-of-range");
            return null;
        }

        return parts.ConvertAll(p => p with { Share = p.Share * 100 / sum });
    }
}
