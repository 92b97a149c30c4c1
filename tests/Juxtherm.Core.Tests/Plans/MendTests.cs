using System.Text.Json.Nodes;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>What is offered against a fault of stacking takes the fault away, and brings no other stop.</summary>
public class MendTests
{
    private const string Star = "M50 0L61 35 98 35 68 57 79 91 50 70 21 91 32 57 2 35 39 35Z";

    private static JsonObject Layer(string id, string vinyl, double x, double y, double w, double h, string? shape = null)
    {
        var layer = new JsonObject
        {
            ["id"] = id,
            ["vinyl"] = vinyl,
            ["xMm"] = 120 + x,
            ["yMm"] = 140 + y,
            ["widthMm"] = w,
            ["heightMm"] = h
        };
        if (shape is not null)
            layer["shape"] = shape;
        return layer;
    }

    private static JsonObject Job(params JsonObject[] layers) => SampleJobs.With(j => j["layers"] = new JsonArray([.. layers]));

    private static Notice Said(JsonObject job, string code) => SampleJobs.Plan(job).Plan.Notices.First(n => n.Code == code);

    public static TheoryData<string, JsonObject, string, int> Faults => new()
    {
        { "smooth on glitter, as boxes", Job(Layer("low", "glitter", 0, 0, 100, 100), Layer("up", "smooth", 30, 30, 40, 40)),
            "underneath-not-allowed", 3 },
        { "a star on holographic", Job(Layer("low", "holographic", 0, 0, 120, 120, Star), Layer("up", "smooth", 40, 40, 30, 30, Star)),
            "underneath-not-allowed", 3 },
        { "foam on smooth", Job(Layer("low", "smooth", 0, 0, 100, 100), Layer("up", "puff", 30, 30, 40, 40)), "underneath-not-allowed", 2 },
        { "glitter on patterned", Job(Layer("low", "patterned", 0, 0, 100, 100), Layer("up", "glitter", 30, 30, 40, 40)),
            "underneath-not-allowed", 3 },
        { "glitter on glitter", Job(Layer("low", "glitter", 0, 0, 100, 100), Layer("up", "glitter", 30, 30, 40, 40, Star)),
            "glitter-on-glitter", 3 },
        { "smooth on foam", Job(Layer("low", "puff", 0, 0, 100, 100), Layer("up", "smooth", 30, 30, 40, 40)), "puff-covered", 2 },
        { "by word only, places not known",
            Job(new JsonObject { ["id"] = "low", ["vinyl"] = "foil" },
                new JsonObject { ["id"] = "up", ["vinyl"] = "smooth", ["over"] = new JsonArray("low") }), "underneath-not-allowed", 1 },
        { "behind a hidden layer",
            Job(new JsonObject { ["id"] = "gone", ["vinyl"] = "smooth", ["hidden"] = true }, Layer("low", "flock", 0, 0, 100, 100),
                Layer("up", "smooth", 30, 30, 40, 40)), "underneath-not-allowed", 3 },
        { "across a zip", WithZip(Job(Layer("heron", "smooth", 0, 0, 200, 60, Star))), "zip-crossing", 1 },
    };

    [Theory]
    [Trait("Run", "thorough")]
    [MemberData(nameof(Faults))]
    public void A_mend_takes_the_fault_away(string what, JsonObject job, string code, int mends)
    {
        var fault = Said(job, code);
        Assert.True(mends == fault.Remedies.Count, $"{what}: {string.Join(" | ", fault.Remedies.Select(m => m.Text))}");
        foreach (var mend in fault.Remedies)
        {
            var after = SampleJobs.Plan(Edits.Applied(job, mend.Edits)).Plan;
            Assert.DoesNotContain(after.Notices, n => n.Code == code && n.Level != NoticeLevel.Note);
            Assert.True(after.Verdict != Verdict.Stop,
                $"{what}, {mend.Text}: {string.Join(", ", after.Notices.Where(n => n.Level == NoticeLevel.Stop).Select(n => n.Text))}");
        }
    }

    [Fact]
    public void A_hole_is_cut_just_where_the_other_lies()
    {
        var job = Job(Layer("low", "glitter", 0, 0, 100, 100), Layer("up", "smooth", 30, 30, 40, 40));
        var mended = SampleJobs.Read(Edits.Applied(job, Said(job, "underneath-not-allowed").Remedies[0].Edits));
        var (low, up) = (mended.Layers[0], mended.Layers[1]);
        // 100 by 100 less the square of 40 and 0.3 mm all round it, its corners rounded.
        Assert.Equal(10_000 - (40.6 * 40.6 - (4 - Math.PI) * 0.3 * 0.3), low.AreaMm2!.Value, 0.2);
        Assert.False(CutShape.Overlap(low.Shape, low.Box!.Value, up.Shape, up.Box!.Value));
        Assert.Equal((120, 140, 100, 100), (low.XMm, low.YMm, low.WidthMm, low.HeightMm));
    }

    [Fact]
    public void What_would_leave_nothing_below_is_not_offered()
    {
        var job = Job(Layer("low", "glitter", 10, 10, 20, 20), Layer("up", "smooth", 0, 0, 60, 60));
        job["layers"]![1]!["over"] = new JsonArray("low");
        Assert.DoesNotContain(Said(job, "underneath-not-allowed").Remedies, m => m.Text.StartsWith("Cut", StringComparison.Ordinal));
    }

    [Fact]
    public void Carriers_that_only_meet_as_boxes_are_trimmed_and_a_press_is_saved()
    {
        // Two halves of a square, well apart along the diagonal.
        var job = Job(Layer("a", "smooth", 0, 0, 100, 100, "M0 0L100 0 0 100Z"),
            Layer("b", "smooth", 20, 20, 100, 100, "M100 0L100 100 0 100Z"));
        var notice = Said(job, "carrier-trim");
        Assert.Equal(2, notice.Data["fewer"].Value);
        var before = SampleJobs.Plan(job).Plan;
        Assert.All(before.Carriers, c => Assert.Null(c.TrimPath));
        var after = SampleJobs.Plan(Edits.Applied(job, Assert.Single(notice.Remedies).Edits)).Plan;
        Assert.Equal((3, 1), (before.Order!.Presses, after.Order!.Presses));
        Assert.Equal(Verdict.Go, after.Verdict);
        // 28.3 mm lie between them: each carrier keeps less than half.
        Assert.All(SampleJobs.Read(Edits.Applied(job, notice.Remedies[0].Edits)).Layers, l => Assert.InRange(l.CarrierMarginMm, 13, 13.9));
    }

    [Fact]
    public void A_carrier_that_ends_on_a_finished_neighbour_is_drawn_as_it_should_be_trimmed()
    {
        var job = Job(Layer("a", "foil", 0, 0, 80, 80), Layer("b", "smooth", 84, 0, 80, 80));
        (job["choices"] ??= new JsonObject())["layerMethod"] = "full";
        var plan = SampleJobs.Plan(job).Plan;
        var notice = plan.Notices.First(n => n.Code == "carrier-overlap");
        Assert.Equal(NoticeLevel.Caution, notice.Level);
        var trimmed = Assert.Single(plan.Carriers, c => c.TrimToMm is not null);
        Assert.Equal(3.5, trimmed.TrimToMm);
        Assert.NotNull(trimmed.TrimPath);
        var after = SampleJobs.Plan(Edits.Applied(job, Assert.Single(notice.Remedies).Edits)).Plan;
        Assert.DoesNotContain(after.Notices, n => n.Code == "carrier-overlap");
    }

    [Fact]
    public void All_at_once_on_a_neighbours_carrier_is_a_stop_that_trimming_mends()
    {
        var job = Job(Layer("a", "smooth", 0, 0, 80, 80), Layer("b", "smooth", 85, 0, 80, 80));
        (job["choices"] ??= new JsonObject())["layerMethod"] = "at-once";
        var notice = Said(job, "carrier-overlap");
        Assert.Equal(NoticeLevel.Stop, notice.Level);
        // 5 mm lie between them: trimmed to 2 mm each they go at once; or one goes after the other.
        Assert.Equal(2, notice.Remedies.Count);
        Assert.All(notice.Remedies,
            m => Assert.DoesNotContain(SampleJobs.Plan(Edits.Applied(job, m.Edits)).Plan.Notices, n => n.Code == "carrier-overlap"));
        Assert.Equal([1, 3], notice.Remedies.Select(m => SampleJobs.Plan(Edits.Applied(job, m.Edits)).Plan.Order!.Presses));
    }

    [Theory]
    [InlineData("layerMethod", "full", "Tack each, then one full press")]
    [InlineData("totalHeat", "full", "Skip the extra full press")]
    public void Heat_that_a_chosen_way_brings_is_taken_back(string way, string option, string mend)
    {
        // On felt, which keeps the heat in.
        var job = Job(Layer("a", "smooth", -20, 0, 200, 200), Layer("b", "smooth", 0, 20, 150, 150),
            Layer("c", "smooth", 20, 40, 100, 100));
        job["blank"] = new JsonObject { ["form"] = "flat", ["material"] = "poly-felt" };
        job["choices"] = new JsonObject { [way] = option };
        double Heat(JsonObject of) => SampleJobs.Plan(of).Plan.Budgets.Max(b => b.Total / b.Most);
        var taken = Said(job, "heat-budget").Remedies[0];
        Assert.Equal(mend, taken.Text);
        Assert.True(Heat(Edits.Applied(job, taken.Edits)) < 0.7 * Heat(job));
    }

    private static JsonObject WithZip(JsonObject job)
    {
        job["blank"]!["form"] = "sweatshirt";
        job["blank"]!["material"] = "fleece";
        job["blank"]!["features"] =
            new JsonArray(new JsonObject { ["kind"] = "zip", ["xMm"] = 215, ["yMm"] = 60, ["widthMm"] = 10, ["heightMm"] = 480 });
        return job;
    }
}
