using System.Text.Json.Nodes;
using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Sections;
using Juxtherm.Core.Tests.Plans;

namespace Juxtherm.Core.Tests.Sections;

/// <summary>Cooler places that a strip has shown are kept off the print, on that press alone.</summary>
public sealed class CoolPlateTests
{
    private static JsonObject Own(Action<JsonObject> press, double width = 330, double height = 200) => SampleJobs.With(j =>
    {
        var own = new JsonObject
        {
            ["id"] = "own-press-1",
            ["name"] = "Hut",
            ["kind"] = "swing-platen",
            ["plateWidthMm"] = 380,
            ["plateHeightMm"] = 380
        };
        press(own);
        j["own"] = new JsonObject { ["presses"] = new JsonArray(own) };
        j["tools"]!["heatSource"] = "own-press-1";
        (j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"], j["layers"]![0]!["xMm"], j["layers"]![0]!["yMm"]) = (width, height, 50,
            150);
    });

    private static JsonArray Spot(double x, double y, double w, double h) =>
        [new JsonObject { ["xMm"] = x, ["yMm"] = y, ["widthMm"] = w, ["heightMm"] = h }];

    private static int Parts(JsonObject job) => SampleJobs.Plan(job).Plan.Whole[^1].OnParts.Count;

    [Fact]
    public void A_cooler_rim_takes_its_width_off_the_plate()
    {
        Assert.Equal(1, Parts(Own(_ => { })));
        Assert.Equal(1, Parts(Own(p => p["coolRimMm"] = 15)));
        Assert.Equal(2, Parts(Own(p => p["coolRimMm"] = 30)));
    }

    [Fact]
    public void A_cooler_corner_is_kept_off_the_print_where_there_is_room_and_takes_a_part_more_where_there_is_none()
    {
        var corner = Own(p => p["coolSpots"] = Spot(0, 0, 380, 120));
        corner["layers"]![0]!["yMm"] = 250;
        var plan = SampleJobs.Plan(corner).Plan;
        Assert.Equal(1, plan.BondingPress.Parts);
        Assert.True(plan.BondingPress.Sections[0].YMm + 120 <= 250 + 0.01,
            $"the print's upper edge lies under what is cool: {plan.BondingPress.Sections[0]}");
        // Round a spot in its middle it presses strips.
        Assert.InRange(Parts(Own(p => p["coolSpots"] = Spot(150, 150, 80, 80))), 2, 3);
    }

    [Fact]
    public void What_cannot_be_a_spot_is_named()
    {
        var problems = new Problems();
        Assert.Null(JobReader.Read(Own(p => (p["coolRimMm"], p["coolSpots"]) = (-3, Spot(0, 0, 0, 40))).ToJsonString(), Shipped.Catalogue,
            problems));
        Assert.Contains(problems.Found, p => p.Pointer.EndsWith("/coolRimMm", StringComparison.Ordinal));
        Assert.Contains(problems.Found, p => p.Pointer.EndsWith("/coolSpots/0/widthMm", StringComparison.Ordinal));
    }

    [Property(MaxTest = 60)]
    [Trait("Run", "thorough")]
    public Property No_vinyl_that_is_said_to_be_covered_lies_under_a_cool_spot()
    {
        var questions = from w in Gen.Choose(20, 500)
                        from h in Gen.Choose(20, 400)
                        from x in Gen.Choose(0, 300)
                        from y in Gen.Choose(0, 300)
                        from cw in Gen.Choose(10, 150)
                        from ch in Gen.Choose(10, 150)
                        from rim in Gen.Choose(0, 30)
                        select new SectionQuestion(new PlateSize(380, 300) { CoolRimMm = rim, Cool = [new Box(x, y, cw, ch)] },
                            VinylCells.Of(new Box(50, 50, w, h)), []);
        return Prop.ForAll(questions.ToArbitrary(), q =>
        {
            var plan = SectionSearch.Cover(q);
            Assert.All(q.Vinyl.Select(VinylCells.BoxOf).Where(b => !plan.NotCovered.Any(n => n.Overlaps(b))),
                b => Assert.Contains(plan.Sections, s => s.Covers(b, q.Plate.RimMm)));
        });
    }

    [Property(MaxTest = 60)]
    public Property How_often_vinyl_is_heated_is_counted_as_one_would_by_hand()
    {
        var sections = from x in Gen.Choose(-100, 400)
                       from y in Gen.Choose(-100, 400)
                       from w in Gen.Choose(20, 300)
                       from h in Gen.Choose(20, 300)
                       select new Section(x + 0.3, y, w, h, 0, false, []);
        return Prop.ForAll(sections.NonEmptyListOf().ToArbitrary(), all =>
        {
            var vinyl = VinylCells.Of(new Box(3, 3, 250, 180));
            Assert.Equal(Math.Max(1, vinyl.Max(c => all.Count(s => s.Covers(VinylCells.MiddleOf(c), 0)))),
                SectionPlan.HeatsOver([.. all], vinyl));
        });
    }
}
