using System.Text.Json.Nodes;
using Juxtherm.Core.Planning;
using Juxtherm.Core.Planning.Patches;

namespace Juxtherm.Core.Tests.Planning;

/// <summary>Test patches: no more than are needed, and what they tell moves the plan.</summary>
public class PatchTests
{
    private static readonly Planner Planner = new(Shipped.Catalogue);

    private static JsonObject With(JsonObject job, params (double Celsius, double Seconds, string Outcome)[] results)
    {
        job["patches"] = new JsonArray([.. results.Select(r => (JsonNode)new JsonObject { ["celsius"] = r.Celsius, ["seconds"] = r.Seconds, ["outcome"] = r.Outcome })]);
        return job;
    }

    private static PatchAdvice Ask(JsonObject job) => Planner.Patches(Jobs.Read(job), UnitSystem.Metric);

    private static JsonObject Iron() => Jobs.Of("smooth", "tee", "cotton", "household-iron");

    [Fact]
    public void Where_there_is_plenty_of_room_no_patch_is_asked_for()
    {
        var advice = Ask(Jobs.Tee());
        Assert.True(advice.Sure);
        Assert.Null(advice.Next);
        Assert.Equal(0, advice.AtMost);
    }

    [Fact]
    public void An_iron_of_unknown_heat_wants_one_and_what_comes_of_it_moves_the_setting()
    {
        var first = Ask(Iron());
        Assert.False(first.Sure);
        Assert.InRange(first.AtMost, 1, PatchStudy.MostPatches);
        var next = first.Next!;
        var plain = Jobs.Plan(Iron()).Plan.BondingPress.Seconds;
        var lifted = Jobs.Plan(With(Iron(), (next.Celsius, next.Seconds, "lifts"))).Plan.BondingPress.Seconds;
        var held = Jobs.Plan(With(Iron(), (next.Celsius, next.Seconds, "holds"))).Plan.BondingPress.Seconds;
        Assert.True(lifted > plain && lifted > held, $"{plain} {lifted} {held}");
        Assert.True(Ask(With(Iron(), (next.Celsius, next.Seconds, "lifts"))).OffsetK[1] < first.OffsetK[1]);
    }

    [Fact]
    public void Results_that_do_not_fit_together_are_said_and_teach_nothing()
    {
        var job = With(Iron(), (175, 10, "holds"), (175, 60, "lifts"));
        Assert.True(Ask(job).Contradiction);
        Assert.Equal(Jobs.Plan(Iron()).Plan.BondingPress.Seconds, Jobs.Plan(job).Plan.BondingPress.Seconds);
    }

    [Fact]
    public void A_job_told_by_its_patches_plans_as_with_them()
    {
        var job = Jobs.Read(With(Iron(), (175, 10, "lifts")));
        var told = Planner.Told(job);
        Assert.Empty(told.Patches);
        Assert.NotEqual(job.Tools.Source.DialOffsetK.Value, told.Tools.Source.DialOffsetK.Value);
        var (with, without) = (Planner.Plan(job, UnitSystem.Metric).Plan.BondingPress, Planner.Plan(told, UnitSystem.Metric).Plan.BondingPress);
        Assert.Equal((with.Celsius, with.Seconds), (without.Celsius, without.Seconds));
        var plain = Jobs.Read(Iron());
        Assert.Same(plain, Planner.Told(plain));
    }

    [Theory]
    [InlineData("smooth", "tee", "cotton", "household-iron")]
    [InlineData("glitter", "tee", "unknown", "handheld-press")]
    [InlineData("foil", "key-fob", "leather-unknown", "swing-platen")]
    [InlineData("smooth", "sweatshirt", "fleece", "hand-iron")]
    public void As_many_as_are_said_are_enough_whatever_comes_of_them(string vinyl, string form, string material, string source)
    {
        var asked = 0;
        Follow([], Ask(Jobs.Of(vinyl, form, material, source)));
        Assert.True(asked > 0);

        void Follow(List<(double, double, string)> results, PatchAdvice advice)
        {
            if (advice.Next is not { } next || results.Count > PatchStudy.MostPatches)
                return;
            foreach (var outcome in new[] { "holds", "lifts", "marked" })
            {
                List<(double, double, string)> then = [.. results, (next.Celsius, next.Seconds, outcome)];
                var told = Ask(With(Jobs.Of(vinyl, form, material, source), [.. then]));
                // What cannot be is not asked about any further.
                if (told.Contradiction)
                    continue;
                asked++;
                Assert.True(told.LeftShare < advice.LeftShare, $"{next} told nothing");
                if (!advice.Sure && advice.AtMost <= PatchStudy.MostPatches && told is { Next: not null } && Promised(advice))
                    Assert.True(told.AtMost < advice.AtMost, $"{advice.AtMost} were said to be enough");
                Follow(then, told);
            }
        }

        // Where nothing can be made sure the number is no promise, and the text says so.
        static bool Promised(PatchAdvice advice) => advice.Text.StartsWith("At most", StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("smooth", "tee", "cotton", "household-iron")]
    [InlineData("glitter", "sweatshirt", "fleece", "hand-iron")]
    public void No_fewer_would_do(string vinyl, string form, string material, string source)
    {
        var job = Jobs.Read(Jobs.Of(vinyl, form, material, source));
        var study = Planner.StudyOf(job);
        var needs = study.Needs(study.All);
        Assert.Equal(ByTryingAll(study, study.All, PatchStudy.MostPatches), needs);

        // Every patch, every way it may come out; no memory, no order.
        static int ByTryingAll(PatchStudy study, uint left, int most)
        {
            if (left == 0 || study.IsSure(left))
                return 0;
            var best = most + 1;
            foreach (var parts in study.Outcomes)
            {
                uint[] parted = [.. new[] { parts.Holds & left, parts.Lifts & left, parts.Marked & left }.Where(p => p != 0)];
                if (parted.Contains(left) || best <= 1)
                    continue;
                best = Math.Min(best, 1 + parted.Max(p => ByTryingAll(study, p, best - 2)));
            }

            return best;
        }
    }

    [Fact]
    public void A_result_that_cannot_be_read_is_refused()
    {
        var problems = new Core.Reading.Problems();
        Assert.Null(JobReader.Read(With(Jobs.Tee(), (9000, 10, "perhaps")).ToJsonString(), Shipped.Catalogue, problems));
        Assert.Contains(problems.Found, p => p.Pointer == "/patches/0/celsius");
        Assert.Contains(problems.Found, p => p.Pointer == "/patches/0/outcome" && p.Message.Contains("lifts", StringComparison.Ordinal));
    }
}
