using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Items.Patterns;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Jobs;

/// <summary>Reads what a job file says of the item.</summary>
internal static class BlankReader
{
    public static Blank? Read(JsonCursor c, CatalogueSnapshot catalogue, HeatSource? source)
    {
        var material = BlankMembers.Material.In(c, catalogue.Materials.Keys);
        var form = BlankMembers.Form.In(c, catalogue.Forms.Keys, material is null
            ? ReferencePractice.Form : UsualForm(catalogue, catalogue.Materials[material], source));
        var size = BlankMembers.Size.Given(c);
        var face = JobParts.FaceOf(BlankMembers.Face, c, Face.Front);
        var width = BlankMembers.WidthMm.In(c);
        var height = BlankMembers.HeightMm.In(c);
        var colour = JobParts.Colour(BlankMembers.Colour, c);
        var dots = BlankMembers.CareDots.In(c);
        var traits = BlankMembers.Traits.In(c).Items.Select(t => t.Choice(JobReader.Traits.ToList(), null)).ToList();
        var own = FeaturesOf(c);
        if (material is null || form is null)
            return null;
        var (m, f) = (catalogue.Materials[material], catalogue.Forms[form]);
        if (!f.Materials.Contains(m.Kind))
        {
            var fitting = catalogue.Materials.Values.Where(x => f.Materials.Contains(x.Kind)).Select(x => x.Id);
            c[BlankMembers.Material.Name]
                .Fault(new Phrase("job-reader.does-not-fit", ("pointer", c.Pointer), ("material", material), ("form", form),
                    ("fitting", Thing.List(fitting))), "does-not-fit");
            return null;
        }

        var measures = catalogue.Measures[f.Id];
        var measured = MeasuredOf(BlankMembers.Measures.In(c), measures);
        if (width is { } w)
            measured["freeWidth"] = w;
        if (height is { } h)
            measured["freeHeight"] = h;
        BlankShape Draw(Face side) =>
            Blanks.Draw(f, measures, measures.UsualSize is null ? null : size, side, measured, side == face ? own : []);
        var (front, back) = (Draw(Face.Front), Draw(Face.Back));
        return new Blank(f, m, front.WidthMm, front.HeightMm, dots, traits.OfType<string>().ToHashSet(StringComparer.Ordinal))
        {
            Face = face,
            Size = front.Size,
            Colour = colour,
            Faces = new Dictionary<Face, BlankShape> { [Face.Front] = front, [Face.Back] = back },
        };
    }

    /// <summary>The item in every other size that is asked for: typical measures, for the tape was held to one size only.</summary>
    public static Dictionary<string, IReadOnlyDictionary<Face, BlankShape>> InSizes(Blank blank, IEnumerable<string> sizes,
        CatalogueSnapshot catalogue)
    {
        var measures = catalogue.Measures[blank.Form.Id];
        BlankShape Draw(string size, Face face) =>
            Blanks.Draw(blank.Form, measures, size, face, new Dictionary<string, double>(StringComparer.Ordinal), []);
        return blank.Size is null ? [] : sizes.Distinct(StringComparer.Ordinal).Where(s => s != blank.Size).ToDictionary(
            s => s, s =>
            (IReadOnlyDictionary<Face, BlankShape>)new Dictionary<Face, BlankShape>
            {
                [Face.Front] = Draw(s, Face.Front),
                [Face.Back] = Draw(s, Face.Back)
            }, StringComparer.Ordinal);
    }

    /// <summary>What the user's tape says, by measure id, mm.</summary>
    private static Dictionary<string, double> MeasuredOf(JsonCursor c, FormMeasures measures)
    {
        var read = new Dictionary<string, double>(StringComparer.Ordinal);
        foreach (var name in c.Names)
        {
            if (!measures.Measures.Any(m => m.Id == name))
                c[name].Fault(
                    new Phrase("job-reader.unknown-id", ("pointer", c.Pointer), ("name", name), ("form", measures.Form),
                        ("measures", Thing.List(measures.Measures.Select(m => m.Id)))), "unknown-id");
            else if (c[name].Number(1, JobReader.MostMm, "mm") is { } mm)
                read[name] = mm;
        }

        return read;
    }

    private static List<Feature> FeaturesOf(JsonCursor blank)
    {
        var read = new List<Feature>();
        foreach (var c in BlankMembers.Features.Each(blank))
        {
            var kind = BlankMembers.FeatureKind.In(c);
            var box = new Box(BlankMembers.FeatureX.In(c) ?? 0, BlankMembers.FeatureY.In(c) ?? 0, BlankMembers.FeatureWidth.In(c)
                ?? 0, BlankMembers.FeatureHeight.In(c) ?? 0);
            if (kind is not null && box is { WidthMm: > 0, HeightMm: > 0 })
                read.Add(Feature.Boxed(Enum.Parse<FeatureKind>(kind, ignoreCase: true), kind, box) with { Own = true });
        }

        return read;
    }

    /// <summary>The form assumed when none is named: one that the material can be and, if there is one, that the press can press.</summary>
    private static string UsualForm(CatalogueSnapshot catalogue, Material material, HeatSource? source)
    {
        var fitting = catalogue.Forms.Values.Where(f => f.Materials.Contains(material.Kind)).ToList();
        var pressed = fitting.Where(f => source?.Presses.Contains(f.Shape) ?? true).ToList();
        var candidates = pressed.Count > 0 ? pressed : fitting;
        return (candidates.FirstOrDefault(f => f.UsualMaterial == material.Id) ?? candidates[0]).Id;
    }
}
