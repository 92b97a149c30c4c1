using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Placement;

namespace Juxtherm.Core.Tests.Placement;

/// <summary>Where the plate goes: over the print, off what is thick, shifted no further than that takes.</summary>
public class PlateFitTests
{
    [Fact]
    public void With_nothing_in_the_way_its_middle_is_on_the_prints()
    {
        var fit = PlateFit.Over(BlankTests.Draw("flat"), new Box(50, 50, 100, 100), 200, 200);
        Assert.Equal(new Box(0, 0, 200, 200), fit.Plate);
        Assert.Empty(fit.Under);
    }

    [Fact]
    public void Off_a_collar_it_moves_down_just_as_far_as_it_must()
    {
        var shape = BlankTests.Draw("tee", "adult-m");
        var fit = PlateFit.Over(shape, new Box(115, 135, 200, 150), 380, 380);
        Assert.Empty(fit.Under);
        // Centred it would begin at 20; the collar ends at 60: eight steps of 5 mm.
        Assert.Equal(60, fit.Plate.YMm);
        Assert.Equal(25, fit.Plate.XMm);
    }

    /// <summary>Whatever is pressed where: the plate covers the print if it is large enough, and if some place on its grid lies clear, it lies clear.</summary>
    [Property(MaxTest = 120)]
    public Property It_covers_the_print_and_lies_clear_where_it_can()
    {
        var forms = Shipped.Catalogue.Forms.Keys.ToArray();
        var cases = from form in Gen.Elements(forms)
                    from x in Gen.Choose(0, 300)
                    from y in Gen.Choose(0, 400)
                    from w in Gen.Choose(10, 250)
                    from h in Gen.Choose(10, 250)
                    from plate in Gen.Elements(120, 230, 380, 500)
                    select (form, new Box(x, y, w, h), plate);
        return Prop.ForAll(cases.ToArbitrary(), c =>
        {
            var shape = BlankTests.Draw(c.form);
            var fit = PlateFit.Over(shape, c.Item2, c.plate, c.plate);
            Assert.Equal((c.plate, c.plate), (fit.Plate.WidthMm, fit.Plate.HeightMm));
            if (c.Item2.WidthMm <= c.plate && c.Item2.HeightMm <= c.plate)
                Assert.True(fit.Plate.Grown(0.001).Contains(c.Item2), $"{c.form}: {fit.Plate} does not cover {c.Item2}");
            Assert.All(fit.Under, f => Assert.True(f.KeepsThePlateOff && fit.Plate.Overlaps(f.Box)));
            if (fit.Under.Count == 0)
                return;
            // By brute force over the same grid and the same room to shift.
            var thick = shape.Features.Where(f => f.KeepsThePlateOff).ToList();
            var (mx, my) = (Math.Max(0, (c.plate - c.Item2.WidthMm) / 2 - 15), Math.Max(0, (c.plate - c.Item2.HeightMm) / 2 - 15));
            for (var dx = -Math.Floor(mx / 5) * 5; dx <= mx; dx += 5)
            {
                for (var dy = -Math.Floor(my / 5) * 5; dy <= my; dy += 5)
                {
                    var box = new Box(c.Item2.XMm + c.Item2.WidthMm / 2 - c.plate / 2.0 + dx, c.Item2.YMm + c.Item2.HeightMm / 2 - c.plate / 2.0 + dy, c.plate, c.plate);
                    Assert.True(thick.Count(f => box.Overlaps(f.Box)) >= fit.Under.Count, $"{c.form}: {box} lies on fewer things");
                }
            }
        });
    }

    [Property(MaxTest = 100)]
    public Property Distances_add_up()
    {
        var cases = from form in Gen.Elements(Shipped.Catalogue.Forms.Keys.ToArray())
                    from x in Gen.Choose(0, 200)
                    from y in Gen.Choose(0, 200)
                    from w in Gen.Choose(1, 200)
                    from h in Gen.Choose(1, 200)
                    select (form, new Box(x, y, w, h));
        return Prop.ForAll(cases.ToArbitrary(), c =>
        {
            var shape = BlankTests.Draw(c.form);
            var d = Distances.Of(shape, c.Item2);
            Assert.Equal(shape.WidthMm, d.Left + c.Item2.WidthMm + d.Right, 0.11);
            Assert.Equal(shape.HeightMm, d.Top + c.Item2.HeightMm + d.Bottom, 0.11);
            Assert.Equal(d.OffCentre, (d.Left - d.Right) / 2, 0.11);
            Assert.Equal(shape.Features.Count == 0, d.Nearest is null);
            // What keeps a distance from everything has no corner of anything inside.
            bool Inside(Spot p) => p.X > c.Item2.XMm && p.X < c.Item2.XMm + c.Item2.WidthMm && p.Y > c.Item2.YMm && p.Y < c.Item2.YMm + c.Item2.HeightMm;
            Assert.True(d.NearestMm is not > 0 || !shape.Features.Any(f => f.Outline.Any(Inside)), $"{d.Nearest} at {d.NearestMm} mm");
        });
    }
}
