using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>As much fuss as the job deserves.</summary>
public class FussTests
{
    private const string Ring = "M50 0L100 50 50 100 0 50ZM50 20L80 50 50 80 20 50Z";
    private const string Flag = "M0 0H100V40H20V100H0Z";

    [Theory]
    [InlineData("swing-platen")]
    [InlineData("clamshell-platen")]
    [InlineData("draw-platen")]
    public void A_plain_tee_is_go_with_next_to_nothing_to_read(string source)
    {
        var job = SampleJobs.Of("smooth", "tee", "cotton", source);
        (job["blank"]!["careDots"], job["blank"]!["traits"]) = (3, new JsonArray("prewashed"));
        (job["layers"]![0]!["widthMm"], job["layers"]![0]!["heightMm"]) = (200, 150);
        var plan = SampleJobs.Plan(job).Plan;
        Assert.Equal(Verdict.Go, plan.Verdict);
        Assert.All(plan.Notices, n => Assert.Equal(NoticeLevel.Note, n.Level));
        Assert.InRange(plan.Notices.Count(n => !n.Standing), 0, 3);
        // What is true of every job is said in the preparation and the steps.
        string[] standing = ["carrier-side", "hot-surface", "test-cut", "ventilate", "wash-24h"];
        Assert.Equal(standing, plan.Notices.Where(n => n.Standing).Select(n => n.Code).Order(StringComparer.Ordinal));
        Assert.Contains(plan.Steps, s => s.Text.Contains("Carrier side down. Cut a small test shape first.", StringComparison.Ordinal));
        Assert.Contains(plan.Steps, s => s.Text.Contains("24 h before the first wash", StringComparison.Ordinal));
        // No figure that says that all is well.
        Assert.DoesNotContain(plan.Presses.SelectMany(p => p.Why).Concat(plan.Options.Select(w => w.Reason)),
            t => t.Contains("1.0 of the", StringComparison.Ordinal));
    }

    [Fact]
    public void What_is_said_of_several_layers_is_said_once_and_names_them()
    {
        var plan = SampleJobs.Plan(
            SampleJobs.With(j => j["layers"] = new JsonArray([.. Enumerable.Range(0, 5).Select(i => (JsonNode)new JsonObject
        {
            ["id"] = $"l{i}", ["vinyl"] = "smooth", ["xMm"] = 120 + 10 * i, ["yMm"] = 150 + 10 * i, ["widthMm"] = 150 - 20 * i,
            ["heightMm"] = 150 - 20 * i, ["intricate"] = true,
        })]))).Plan;
        Assert.All(plan.Notices.GroupBy(n => (n.Code, n.Level)), g => Assert.Single(g));
        var edges = plan.Notices.Single(n => n.Code == "edge-time");
        Assert.Equal(["l0", "l1", "l2", "l3", "l4"], edges.Layers);
        Assert.EndsWith("The same for Smooth vinyl “l1”, Smooth vinyl “l2”, Smooth vinyl “l3”, Smooth vinyl “l4”.", edges.Text,
            StringComparison.Ordinal);
        Assert.Equal(["l1", "l2", "l3", "l4"], plan.Notices.Single(n => n.Code == "shrinkage").Layers);
        // Another cause is another notice.
        var two = SampleJobs.Plan(SampleJobs.With(j => j["layers"] = new JsonArray(
            new JsonObject { ["id"] = "a", ["vinyl"] = "glitter" },
            new JsonObject { ["id"] = "b", ["vinyl"] = "smooth", ["over"] = new JsonArray("a") },
            new JsonObject { ["id"] = "c", ["vinyl"] = "foil" },
            new JsonObject { ["id"] = "d", ["vinyl"] = "smooth", ["over"] = new JsonArray("c") }))).Plan;
        Assert.Equal(2, two.Notices.Count(n => n.Code == "underneath-not-allowed"));
    }

    private static JsonObject Drawn(string path, Action<JsonObject>? edit = null) => SampleJobs.With(j =>
    {
        var layer = j["layers"]![0]!.AsObject();
        (layer["shape"], layer["widthMm"], layer["heightMm"]) = (path, 100, 100);
        edit?.Invoke(layer);
    });

    [Fact]
    public void A_shape_that_is_the_same_both_ways_round_need_not_be_mirrored()
    {
        Assert.DoesNotContain(SampleJobs.Plan(Drawn(Ring)).Plan.Notices, n => n.Code == "mirror");
        Assert.DoesNotContain(SampleJobs.Plan(Drawn(Ring, l => l["mirrored"] = false)).Plan.Notices, n => n.Code == "mirror");
        Assert.Contains(SampleJobs.Plan(Drawn(Ring)).Plan.Steps,
            s => s.Text.StartsWith("It looks the same mirrored.", StringComparison.Ordinal));
        var flag = SampleJobs.Plan(Drawn(Flag, l => l["mirrored"] = false)).Plan;
        Assert.Equal(NoticeLevel.Stop, flag.Notices.Single(n => n.Code == "mirror").Level);
        Assert.Equal(Verdict.Stop, flag.Verdict);
    }

    [Fact]
    public void A_drawing_that_is_reversed_already_is_cut_as_it_is_drawn()
    {
        var asked = SampleJobs.Plan(Drawn(Flag)).Plan.Notices.Single(n => n.Code == "mirror");
        var job = Edits.Applied(Drawn(Flag), Assert.Single(asked.Remedies).Edits);
        Assert.True((bool)job["layers"]![0]!["reversed"]!);
        Assert.DoesNotContain(SampleJobs.Plan(job).Plan.Notices, n => n.Code == "mirror");
        // On the blank it reads; on the sheet, turned over once, it is what was drawn.
        string Outline(JsonObject of) => SampleJobs.Read(of).Layer.Shape!.Text;
        Assert.NotEqual(Outline(Drawn(Flag)), Outline(job));
        Assert.Equal(Core.Artwork.CutShape.Read(Flag)!.Reversed().Text, Outline(job));
        // Corner by corner: the notch is at the lower right as drawn, so on the blank at the lower left.
        var read = SampleJobs.Read(job).Layer.Shape!;
        Assert.Equal(Core.Artwork.CutShape.Read(Flag)!.AreaMm2, read.AreaMm2, 1e-6);
        Assert.False(read.IsSymmetric);
    }

    [Fact]
    public void The_carrier_alone_is_a_way_of_doing_it()
    {
        var plan = SampleJobs.Plan(SampleJobs.With(j => j["tools"]!["cover"] = "carrier")).Plan;
        Assert.Equal(Verdict.Go, plan.Verdict);
        Assert.Equal(NoticeLevel.Note, plan.Notices.Single(n => n.Code == "cover-needed").Level);
        Assert.Equal(NoticeLevel.Caution,
            SampleJobs.Plan(SampleJobs.With(j => j["tools"]!["cover"] = "none")).Plan.Notices.Single(n => n.Code == "cover-needed").Level);
    }
}
