using System.Text.Json.Nodes;
using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Items;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Plans.Writing;
using Juxtherm.Core.Runs;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Where the artwork goes, in the words that are taken to the press.</summary>
public sealed class PlaceWordsTests
{
    private static JsonObject Placed(string form, double x, double y, double w, double h, Action<JsonObject>? more = null) =>
        SampleJobs.With(j =>
    {
        j["blank"]!["form"] = form;
        (j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"], j["layers"]![0]!["xMm"], j["layers"]![0]!["yMm"]) = (w, h, x, y);
        more?.Invoke(j);
    });

    public static TheoryData<JsonObject, string> Cases => new()
    {
        // A tee's collar ends 60 mm down and its body is 510 mm wide, 40 mm beyond the free area on either side (from memory).
        { Placed("tee", 95, 135, 240, 180), "Upper edge 75 mm below the collar, crease on crease, 135 mm from either side." },
        { Placed("tee", 95, 88, 240, 180), "Upper edge 28 mm below the collar, crease on crease, 135 mm from either side." },
        { Placed("tee", 270, 150, 90, 70),
            "Upper edge 90 mm below the collar, middle 100 mm right of the crease, 110 mm from the right side." },
        { Placed("tee", 95, 135, 240, 180, j => j["choices"] = new JsonObject { ["centring"] = "measure" }),
            "Upper edge 75 mm below the collar, in the middle, 135 mm from either side." },
        { Placed("flat", 20, 30, 100, 60, j => (j["blank"]!["widthMm"], j["blank"]!["heightMm"]) = (140, 200)),
            "Upper edge 30 mm below the upper edge, crease on crease, 20 mm from either side." },
    };

    [Theory]
    [MemberData(nameof(Cases))]
    public void It_is_said_as_a_hand_finds_it(JsonObject job, string text) =>
    Assert.Equal(text, Assert.Single(SampleJobs.Plan(job).Plan.Placing).Text);

    [Fact]
    public void Nothing_is_said_while_nothing_is_placed()
    {
        var plan = SampleJobs.Plan(SampleJobs.Tee()).Plan;
        Assert.Empty(plan.Placing);
        Assert.DoesNotContain(plan.Steps, s => s.Stage == WorkStage.Place);
    }

    [Fact]
    public void The_middle_is_creased_once_before_anything_is_pressed()
    {
        var steps = SampleJobs.Plan(Placed("tee", 95, 135, 240, 180)).Plan.Steps.ToList();
        var crease = steps.FindIndex(s => s is { Stage: WorkStage.Place, Kind: StepKind.Do });
        Assert.Contains("Fold the tee sleeve to sleeve and crease the fold with 3 s", steps[crease].Text, StringComparison.Ordinal);
        Assert.Contains("carrier", steps[crease].Text, StringComparison.Ordinal);
        Assert.True(crease < steps.FindIndex(s => s.Kind == StepKind.Hold));
        Assert.Single(steps, s => s is { Stage: WorkStage.Place, Kind: StepKind.Do });
        Assert.DoesNotContain(SampleJobs.Plan(Placed("coaster", 10, 10, 50, 50, j => j["blank"]!["material"] = "slate")).Plan.Steps,
            s => s.Text.Contains("crease", StringComparison.Ordinal));
    }

    [Fact]
    public void Each_size_of_a_run_has_a_place_of_its_own()
    {
        var job = Placed("tee", 95, 135, 240, 180, j => j["sizes"] = new JsonArray(
            new JsonObject { ["size"] = "child", ["count"] = 2 }, new JsonObject { ["size"] = "adult-m", ["count"] = 3 },
            new JsonObject { ["size"] = "adult-2xl", ["count"] = 1 }));
        var plan = SampleJobs.Plan(job).Plan;
        Assert.Equal(["adult-m", "child", "adult-2xl"], plan.Placing.Select(p => p.Size));
        // A child's print begins two fingers below its collar (common practice), an adult's 75 mm.
        Assert.Equal([75, 38, 75], plan.Placing.Select(p => p.DropMm));
        Assert.All(plan.Placing, p => Assert.Equal(0, p.OffMiddleMm));
        Assert.Equal(3, plan.Steps.Count(s => s is { Stage: WorkStage.Place, Kind: StepKind.Know }));
        Assert.Contains(plan.Steps, s => s.Text.StartsWith("Child: Upper edge 38 mm below the collar", StringComparison.Ordinal));
    }

    [Fact]
    public void At_the_bench_it_belongs_to_the_step_in_which_something_is_laid()
    {
        var job = Placed("tee", 5, 135, 420, 100, j => j["tools"]!["heatSource"] = "handheld-press");
        var laying = StationScript.Of(SampleJobs.Plan(job).Plan).Steps.Where(s => s.Laying is not null).ToList();
        Assert.Equal(2, laying.Count);
        Assert.All(laying, s => Assert.Equal((StepKind.Do, WorkStage.Press, Face.Front), (s.Kind, s.Stage, s.Laying!.Value)));
    }

    /// <summary>What is said is where it lies: the same that Place measures, to half a millimetre.</summary>
    [Property(MaxTest = 25)]
    public Property What_is_said_is_where_it_lies()
    {
        var jobs = from form in Gen.Elements("tee", "sweatshirt", "tote", "flat", "cushion")
                   from x in Gen.Choose(0, 150)
                   from y in Gen.Choose(40, 200)
                   from w in Gen.Choose(20, 200)
                   from h in Gen.Choose(10, 100)
                   from half in Gen.Choose(0, 1)
                   select Placed(form, x + half * 0.5, y, w, h, j => j["blank"]!["material"] = form == "sweatshirt" ? "fleece" : "cotton");
        return Prop.ForAll(jobs.ToArbitrary(), json =>
        {
            var job = SampleJobs.Read(json);
            var place = PlaceWords.Of(job, Face.Front, null, Shipped.Words)!;
            var placed = JobPlacement.Of(job, Face.Front, 600, 600, Shipped.Words);
            Assert.Equal(placed.Distances!.BelowCollar ?? placed.Distances.Top, place.DropMm, 0.5);
            Assert.Equal(placed.Distances.OffCentre, place.OffMiddleMm, 0.5);
            Assert.Equal(placed.Artwork!.Value.XMm - placed.LeftSideMm, place.LeftMm, 0.5);
            Assert.Equal(placed.RightSideMm - placed.Artwork.Value.XMm - placed.Artwork.Value.WidthMm, place.RightMm, 0.5);
            Assert.StartsWith(Math.Abs(place.DropMm) < 0.5
                ? "Upper edge at the"
                : $"Upper edge {Math.Abs(place.DropMm):0} mm {(place.DropMm < 0 ? "above" : "below")} the", place.Text,
                StringComparison.Ordinal);
        });
    }
}
