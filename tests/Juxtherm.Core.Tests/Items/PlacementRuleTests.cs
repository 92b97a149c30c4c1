using System.Text.Json.Nodes;
using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Items.Spots;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Tests.Plans;

namespace Juxtherm.Core.Tests.Items;

/// <summary>Where things go and how large they may be: the figures of common practice, and closed formulas where there are some.</summary>
public class PlacementRuleTests
{
    private static IReadOnlyList<Proposal> For(string form, double width, double height, string? size = null, Face face = Face.Front,
        DropSchool school = DropSchool.Measured, string material = "cotton") =>
        [.. PlacementRules.For(
            new PlacementQuestion(BlankTests.Draw(form, size, face), Shipped.Catalogue.Materials[material], width, height)
            with { School = school }).Select(p => p.In(Shipped.Words))];

    [Theory]
    // Adult 75 mm measured; child two finger breadths, toddler one to two, at 19 mm each (common practice).
    [InlineData("adult-s", 75)]
    [InlineData("adult-m", 75)]
    [InlineData("adult-3xl", 75)]
    [InlineData("child", 38)]
    [InlineData("toddler", 28.5)]
    [InlineData("infant", 19)]
    public void The_drop_below_the_collar(string size, double drop)
    {
        var chest = For("tee", 150, 100, size)[0];
        var collar = BlankTests.Draw("tee", size).Collar!.Box;
        Assert.Equal(("chest", drop), (chest.Id, chest.DropMm));
        Assert.Equal(collar.YMm + collar.HeightMm + drop, chest.YMm, 0.01);
    }

    [Fact]
    public void Fingers_are_a_school_of_their_own()
    {
        var fingers = For("tee", 200, 150, "adult-m", school: DropSchool.Fingers)[0];
        Assert.Equal(2.5 * CollarDrop.FingerMm, fingers.DropMm);
        Assert.Contains("a different rule", fingers.Fingers, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("tee", "chest", 240, 180)]
    [InlineData("sweatshirt", "chest", 240, 180)]
    [InlineData("apron", "bib", 150, 100)]
    [InlineData("cushion", "cushion-middle", 200, 200)]
    [InlineData("neckerchief", "toward-tip", 150, 80)]
    [InlineData("pennant", "toward-tip", 80, 80)]
    [InlineData("mug", "mug-facing", 90, 60)]
    [InlineData("stocking", "cuff", 100, 40)]
    [InlineData("cap", "above-brim", 80, 35)]
    [InlineData("stretched-canvas", "middle", 150, 150)]
    [InlineData("pot-holder", "middle", 100, 100)]
    [InlineData("tote", "middle", 200, 200)]
    [InlineData("coaster", "middle", 60, 60)]
    public void The_usual_place_lies_clear_and_on_the_middle_line(string form, string rule, double width, double height)
    {
        var shape = BlankTests.Draw(form);
        var usual = For(form, width, height)[0];
        Assert.Equal(rule, usual.Id);
        Assert.True(shape.Clears(new Box(usual.XMm, usual.YMm, width, height)), $"{usual}");
        Assert.Equal(shape.MiddleX, usual.XMm + width / 2, 0.01);
        Assert.All(For(form, width, height), p => Assert.True(p.Reason.Length > 10 && p.Find.Length > 10 && p.From.Length > 0));
    }

    [Fact]
    public void Left_chest_lies_over_the_heart_of_an_adult()
    {
        // 90 to 115 mm wide (common practice), 180 to 230 mm below the shoulder (from memory); the wearer's left is the viewer's right.
        var mark = For("tee", 100, 80, "adult-m").Single(p => p.Id == "left-chest");
        Assert.InRange(mark.YMm + 40, 180, 230);
        Assert.True(mark.XMm > 215);
        Assert.DoesNotContain(For("tee", 240, 180), p => p.Id == "left-chest");
    }

    [Fact]
    public void A_neckerchief_keeps_its_neck_edge_clear() => Assert.InRange(For("neckerchief", 120, 60)[0].YMm, 50, 75);

    [Fact]
    public void A_cushion_sits_a_little_high() => Assert.InRange(200 - (For("cushion", 200, 200)[0].YMm + 100), 4, 20);

    [Fact]
    public void Cloth_is_creased_and_what_must_not_be_is_measured()
    {
        Assert.Contains("crease", For("tee", 200, 100)[0].Find, StringComparison.Ordinal);
        Assert.DoesNotContain("crease", For("patch", 40, 40, material: "leather-veg")[0].Find, StringComparison.Ordinal);
        Assert.DoesNotContain("crease", For("coaster", 40, 40, material: "slate")[0].Find, StringComparison.Ordinal);
        string Find(Job job) => JobPlacement.Of(job, Face.Front, 292, 292, Shipped.Words).Proposals[0].Find;
        Assert.Contains("crease", Find(SampleJobs.Read(SampleJobs.Tee())), StringComparison.Ordinal);
        Assert.DoesNotContain("crease",
            Find(SampleJobs.Read(SampleJobs.With(j => j["choices"] = new JsonObject { ["centring"] = "measure" }))),
            StringComparison.Ordinal);
    }

    private static JsonObject Placed(string form, double x, double y, double w, double h, string? size = null,
        Action<JsonObject>? more = null, string material = "cotton") => SampleJobs.With(j =>
    {
        j["blank"]!["form"] = form;
        j["blank"]!["material"] = material;
        if (size is not null)
            j["blank"]!["size"] = size;
        foreach (var (name, value) in new[] { ("xMm", x), ("yMm", y), ("widthMm", w), ("heightMm", h) })
            j["layers"]![0]![name] = value;
        more?.Invoke(j);
    });

    private static void Feature(JsonObject job, string kind, double x, double y, double w, double h) =>
        job["blank"]!["features"] =
        new JsonArray(new JsonObject { ["kind"] = kind, ["xMm"] = x, ["yMm"] = y, ["widthMm"] = w, ["heightMm"] = h });

    public static TheoryData<string, JsonObject, string, NoticeLevel?> Cases => new()
    {
        { "as the rule says", Placed("tee", 95, 135, 240, 180), "placement-low", null },
        { "as the rule says", Placed("tee", 95, 135, 240, 180), "placement-collar", null },
        { "set by the belly", Placed("tee", 95, 260, 240, 180), "placement-low", NoticeLevel.Caution },
        { "an adult's drop on a toddler", Placed("tee", 60, 45 + 75, 120, 100, "toddler"), "placement-low", NoticeLevel.Caution },
        { "a left chest is not low", Placed("tee", 265, 165, 100, 80), "placement-low", null },
        { "close to the collar", Placed("tee", 95, 80, 240, 180), "placement-collar", NoticeLevel.Caution },
        { "on the collar", Placed("tee", 95, 30, 240, 180), "placement-collar", NoticeLevel.Stop },
        { "a cushion filled to the rim", Placed("cushion", 40, 40, 320, 320), "cushion-margin", NoticeLevel.Caution },
        { "a cushion with its fifth", Placed("cushion", 90, 90, 220, 220), "cushion-margin", null },
        { "a collar that can hang off", Placed("tee", 95, 135, 240, 180), "collar-under-plate", NoticeLevel.Note },
        { "a collar that leaves the print in the plate's edge", Placed("tee", 30, 65, 370, 360), "edge-time", NoticeLevel.Note },
        { "a collar that cannot, on an infant under a large plate",
            Placed("bodysuit", 60, 230, 100, 110, "infant",
                j => { j["tools"]!["plateWidthMm"] = 500; j["tools"]!["plateHeightMm"] = 800; }), "collar-under-plate",
                NoticeLevel.Caution },
        { "a small plate clears it",
            Placed("tee", 115, 160, 200, 150, more: j => { j["tools"]!["plateWidthMm"] = 230; j["tools"]!["plateHeightMm"] = 180; }),
            "collar-under-plate", null },
        { "across the zip", Placed("one-piece", 60, 100, 100, 100, more: j => Feature(j, "zip", 120, 60, 10, 300)), "zip-crossing",
            NoticeLevel.Caution },
        { "beside the zip", Placed("one-piece", 5, 100, 100, 100, more: j => Feature(j, "zip", 140, 60, 10, 300)), "zip-crossing", null },
        { "a ring that hangs off the plate", Placed("key-fob", 5, 30, 30, 30, material: "leather-veg"), "metal-under-heat", null },
        { "a rivet in the middle of the print", Placed("tee", 95, 135, 240, 180, more: j => Feature(j, "metal", 210, 220, 10, 10)),
            "metal-under-heat", NoticeLevel.Caution },
        { "what a rivet leaves out", Placed("tee", 95, 135, 240, 180, more: j => Feature(j, "metal", 210, 220, 10, 10)), "not-covered",
            NoticeLevel.Stop },
        { "snaps hang off a plate as large as the bodysuit",
            Placed("bodysuit", 60, 230, 100, 110, "infant",
                j => { j["tools"]!["plateWidthMm"] = 500; j["tools"]!["plateHeightMm"] = 800; }), "metal-under-heat", null },
        { "snaps that a small plate clears",
            Placed("bodysuit", 60, 200, 100, 100, "infant",
                j => { j["tools"]!["plateWidthMm"] = 150; j["tools"]!["plateHeightMm"] = 150; }), "metal-under-heat", null },
        { "no metal on a tee", Placed("tee", 95, 135, 240, 180), "metal-under-heat", null },
        { "a frame's bars", Placed("stretched-canvas", 60, 80, 180, 200, material: "primed-canvas"), "seam-under-plate", NoticeLevel.Note },
    };

    [Theory]
    [MemberData(nameof(Cases))]
    public void A_rule_of_placement_speaks_when_it_should(string what, JsonObject job, string code, NoticeLevel? level)
    {
        var notices = SampleJobs.Plan(job).Plan.Notices;
        Assert.True(level == notices.FirstOrDefault(n => n.Code == code)?.Level,
            what + ": " + string.Join(", ", notices.Select(n => $"{n.Code} {n.Level}")));
    }

    [Fact]
    public void The_plate_is_shifted_off_the_collar_and_still_covers_the_print()
    {
        var section = SampleJobs.Plan(Placed("tee", 95, 135, 240, 180)).Plan.BondingPress.Sections[0];
        Assert.True(section.YMm >= 60);
        Assert.True(section.YMm <= 135 && section.YMm + section.HeightMm >= 315 && section.XMm <= 95
            && section.XMm + section.WidthMm >= 335);
    }

    [Fact]
    public void Two_faces_are_pressed_one_after_the_other()
    {
        var plan = SampleJobs.Plan(SampleJobs.With(j => j["layers"] = JsonNode.Parse("""
            [ { "id": "moon", "vinyl": "smooth", "widthMm": 200, "heightMm": 200, "xMm": 115, "yMm": 135 },
              { "id": "name", "vinyl": "smooth", "widthMm": 220, "heightMm": 60, "xMm": 105, "yMm": 110, "face": "back" } ]
            """))).Plan;
        var laid = plan.Presses.Where(p => p.Laid.Count > 0).Select(p => string.Join('+', p.Laid));
        Assert.Equal(["moon", "name"], laid);
        // Turned over for its preheat, then laid.
        var turned = plan.Steps.ToList().FindIndex(s => s.Text.Contains("Turn the tee over", StringComparison.Ordinal));
        Assert.Contains(plan.Steps.Skip(turned), s => s.Text.Contains("“name”", StringComparison.Ordinal));
        Assert.DoesNotContain(plan.Steps.Take(turned), s => s.Text.Contains("“name”", StringComparison.Ordinal)
            && s.Kind == StepKind.Do && s.Stage == WorkStage.Press);
        Assert.DoesNotContain(plan.Notices, n => n.Code == "carrier-overlap");
        // Each face is bonded before the next is begun, and by itself.
        Assert.Equal(["moon", "name"], plan.Presses.Where(p => p.Purpose == PressPurpose.Press).Select(p => string.Join('+', p.Layers)));
    }

    // Largest boxes against closed formulas.
    [Fact]
    public void A_box_in_a_box_fills_it()
    {
        var fit = Sizing.Largest(BlankTests.Draw("flat"), 1.5);
        Assert.Equal((300, 200, 0, 50), (fit.WidthMm, fit.HeightMm, fit.XMm, fit.YMm), (a, b) => Math.Abs(a.Item1 - b.Item1) < 0.6
            && Math.Abs(a.Item2 - b.Item2) < 0.6);
        Assert.Equal("item", fit.LimitedBy);
    }

    [Fact]
    public void A_square_in_a_circle_is_its_diameter_over_the_root_of_two() =>
    Assert.Equal(80 / Math.Sqrt(2), Sizing.Largest(BlankTests.Draw("patch"), 1).WidthMm, 0.6);

    [Theory]
    [InlineData(1)]
    [InlineData(2.5)]
    [InlineData(0.4)]
    public void On_a_triangle_width_costs_height(double aspect)
    {
        // Width at depth y is W(1 − y/h); with the upper edge at the band, w = W(1 − band/h) / (1 + W/(aspect·h)).
        var (w, h, band) = (200.0, 280.0, 25.0);
        var expected = w * (1 - band / h) / (1 + w / (aspect * h));
        Assert.Equal(expected, Sizing.Largest(BlankTests.Draw("pennant"), aspect).WidthMm, expected * 0.01);
    }

    [Fact]
    public void The_cutter_may_be_the_limit()
    {
        var fit = Sizing.Largest(BlankTests.Draw("flat"), 1, 114, 292);
        Assert.Equal((114, "cutter-width"), (fit.WidthMm, fit.LimitedBy));
        // Turned on the mat it may be longer than the mat is wide.
        Assert.InRange(Sizing.Largest(BlankTests.Draw("flat"), 2, 114, 292).WidthMm, 225, 229);
    }

    [Property(MaxTest = 40)]
    [Trait("Run", "thorough")]
    public Property The_largest_box_is_clear_and_no_box_tried_at_random_is_larger()
    {
        var forms = Shipped.Catalogue.Forms.Keys.ToList();
        var cases = from form in Gen.Elements(forms.AsEnumerable())
                    from aspect in Gen.Choose(4, 30)
                    from seed in Gen.Choose(0, 1_000_000)
                    select (form, aspect / 10.0, seed);
        return Prop.ForAll(cases.ToArbitrary(), c =>
        {
            var shape = BlankTests.Draw(c.form);
            var fit = Sizing.Largest(shape, c.Item2);
            Assert.True(shape.Clears(new Box(fit.XMm + 0.1, fit.YMm + 0.1, fit.WidthMm - 0.2, fit.HeightMm - 0.2)), $"{c.form} {fit}");
            var random = new System.Random(c.seed);
            for (var i = 0; i < 100; i++)
            {
                // The middle line is preferred over three parts in a hundred.
                var (w, h) = (fit.WidthMm * 1.06, fit.HeightMm * 1.06);
                var box = new Box(random.NextDouble() * shape.WidthMm - w / 4, random.NextDouble() * shape.HeightMm - h / 4, w, h);
                Assert.False(shape.Clears(box), $"{c.form}: {box} fits, {fit} was called the largest");
            }
        });
    }

    [Fact]
    public void A_run_is_graded_in_proportion_and_placed_by_its_rule()
    {
        var graded = Sizing.Grade([new("child", 2), new("adult-m", 4), new("adult-2xl", 1)], s => BlankTests.Draw("tee", s), "adult-m", 240,
            180, (shape, w, _) => (shape.MiddleX - w / 2, shape.Collar!.Box.HeightMm + CollarDrop.Measured(shape.Size)));
        Assert.Equal([167, 240, 307], graded.Select(g => g.WidthMm));
        Assert.All(graded, g => Assert.Equal(240.0 / 180, g.WidthMm / g.HeightMm, 0.01));
        Assert.Equal(240 * 180 * 4, graded[1].AreaMm2);
        Assert.Equal(135, graded[1].YMm);
    }

    [Theory]
    [InlineData("ORRIN TARN", 6, 9, 2, 3)]
    [InlineData("TARN", 4, 4, 1, 0)]
    [InlineData("SKY-CIRCLE", 12, 9, 1, 3)]
    public void Letters_over_pieces(string word, int pack, int pieces, int packs, int left)
    {
        var plan = Sizing.Letters(word, pack, BlankTests.Draw("pennant"));
        Assert.Equal((pieces, packs, left), (plan.Pieces, plan.Packs, plan.LeftOver));
        Assert.True(plan.WidestMm < 200);
    }

    [Fact]
    public void The_widest_letter_decides_the_height_of_all()
    {
        double Height(string word) => Sizing.Letters(word, 1, BlankTests.Draw("pennant")).HeightMm;
        Assert.True(Height("WILL") < Height("TELL"));
        Assert.Equal("W", Sizing.Letters("WILL", 1, BlankTests.Draw("pennant")).Widest);
    }

    [Theory]
    // 6 mm in 100 is accepted by eye (common practice).
    [InlineData(100, 106, 100, 100, true, 3)]
    [InlineData(100, 108, 100, 100, false, 4)]
    [InlineData(300, 300, 400, 402, true, 1)]
    public void Cloth_that_is_not_square_shares_the_difference(double top, double bottom, double left, double right, bool accepted,
        double share)
    {
        var square = Sizing.Square(top, bottom, left, right);
        Assert.Equal((accepted, share), (square.AcceptedByEye, square.ShareMm));
    }

    [Fact]
    public void Distances_are_what_a_tape_would_say()
    {
        var d = Distances.Of(BlankTests.Draw("tee"), new Box(95, 135, 240, 180));
        Assert.Equal((95, 95, 135, 245, 75, 0), (d.Left, d.Right, d.Top, d.Bottom, d.BelowCollar!.Value, d.OffCentre));
        Assert.Equal(("collar", 75), (d.Nearest, d.NearestMm!.Value));
    }
}
