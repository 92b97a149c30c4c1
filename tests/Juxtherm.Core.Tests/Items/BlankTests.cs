using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Items.Patterns;
using Juxtherm.Core.Jobs;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Tests.Items;

/// <summary>Outlines and free areas over every kind of item and size.</summary>
public class BlankTests
{
    private static readonly CatalogueSnapshot Catalogue = Shipped.Catalogue;
    private static readonly GeometryFactory Factory = new();

    internal static BlankShape Draw(string form, string? size = null, Face face = Face.Front,
        Dictionary<string, double>? measured = null) =>
        Blanks.Draw(Catalogue.Forms[form], Catalogue.Measures[form], size, face, measured ?? [], []);

    public static TheoryData<string, string?> FormsAndSizes
    {
        get
        {
            var data = new TheoryData<string, string?>();
            foreach (var form in Catalogue.Forms.Keys)
            {
                foreach (var size in Catalogue.Measures[form].UsualSize is null ? [null] : JobReader.Sizes.Cast<string?>())
                    data.Add(form, size);
            }

            return data;
        }
    }

    private static Polygon Polygon(IReadOnlyList<Spot> places) =>
        Factory.CreatePolygon([.. places.Append(places[0]).Select(p => new Coordinate(p.X, p.Y))]);

    [Theory]
    [MemberData(nameof(FormsAndSizes))]
    public void Outlines_are_sane(string form, string? size)
    {
        foreach (var face in new[] { Face.Front, Face.Back })
        {
            var shape = Draw(form, size, face);
            var (outline, free) = (Polygon(shape.Outline), Polygon(shape.FreeArea));
            Assert.True(outline.IsValid && free.IsValid, $"{form} {size} {face} crosses itself");
            Assert.True(free.Area > 100);
            // A collar lies in the notch that the outline leaves for it, hence the hull; a hair for rounding.
            var hull = outline.ConvexHull().Buffer(0.1);
            Assert.True(hull.Covers(free), $"the free area of a {form} {size} reaches beyond it");
            Assert.All(shape.Features, f => Assert.True(hull.Covers(Polygon(f.Outline)), $"{f.Name} of a {form} sticks out"));
            Assert.All(shape.Measures, m => Assert.True(m.ValueMm > 0 && m.From.Length > 0 && m.How.Length > 0));
            // The tape that is shown is as long as its measure, for straight ones.
            Assert.All(shape.Measures.Where(m => m.Id is "freeWidth" or "bodyWidth" or "collarWidth" or "bibWidth" or "handleSpread"),
                m => Assert.Equal(m.ValueMm, m.End.X - m.Start.X, 0.5));
            // Something is left to press on.
            var largest = Sizing.Largest(shape, 1);
            Assert.True(largest.WidthMm > 10, $"{form} {size}: {largest}");
        }
    }

    [Fact]
    public void A_larger_size_is_never_smaller()
    {
        foreach (var form in Catalogue.Measures.Values.Where(m => m.UsualSize is not null))
        {
            foreach (var measure in form.Measures)
            {
                var values = JobReader.Sizes.Select(s => measure.For(s).Value).ToList();
                Assert.Equal(values.Order(), values);
            }
        }
    }

    [Fact]
    public void Every_pattern_is_used_and_every_form_has_one() =>
        Assert.Equal(Blanks.PatternIds.Order(StringComparer.Ordinal), Catalogue.Measures.Values.Select(m => m.Pattern).Distinct()
            .Order(StringComparer.Ordinal));

    [Fact]
    public void What_the_tape_says_takes_the_place_of_what_is_usual()
    {
        var shape = Draw("tee", "adult-m", Face.Front, new() { ["collarDropFront"] = 90, ["bodyWidth"] = 560 });
        Assert.Equal(90, shape.Collar!.Box.HeightMm);
        Assert.Equal(560, Shapes.Around(shape.Outline).WidthMm - 2 * 205 * 0.8, 1);
        var measure = shape.Measures.Single(m => m.Id == "bodyWidth");
        Assert.Equal((true, "your tape", 510.0), (measure.Measured, measure.From, measure.UsualMm));
    }

    [Fact]
    public void The_back_of_a_tee_has_its_collar_higher_up() =>
    Assert.True(Draw("tee", null, Face.Back).Collar!.Box.HeightMm < Draw("tee").Collar!.Box.HeightMm);
}
