using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;
using Juxtherm.Core.Tests.Plans;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Settings;

/// <summary>The window as a field: it agrees with the plan drawn in it, and changes only as heat and time do.</summary>
public class WindowFieldTests
{
    public static TheoryData<string, string, string, string> Works => new()
    {
        { "smooth", "tee", "cotton", "swing-platen" },
        { "low-temp", "key-fob", "leather-veg", "handheld-press" },
        { "glitter", "sweatshirt", "fleece", "clamshell-platen" },
        { "smooth", "mug", "ceramic", "mug-press" },
        { "foil", "jersey", "polyester", "auto-platen" },
    };

    private static (WindowField Field, PlanResult Result) Of(string vinyl, string form, string material, string source)
    {
        var result = SampleJobs.Plan(SampleJobs.Of(vinyl, form, material, source));
        return (WindowField.Of(result.Window, 40, 60, 60), result);
    }

    [Theory]
    [MemberData(nameof(Works))]
    public void The_setting_lies_inside_its_own_window(string vinyl, string form, string material, string source)
    {
        var (_, result) = Of(vinyl, form, material, source);
        var press = result.Plan.BondingPress;
        var row = result.Window.Rows.Single(r => Math.Abs(r.Dial.Celsius - press.Celsius) < 0.1);
        Assert.InRange(press.Seconds, row.HoldsFromSeconds!.Value, row.MostSeconds);
        if (result.Plan.Verdict == Verdict.Go)
            Assert.InRange(press.Seconds, row.SafeFromSeconds!.Value - 0.25, row.SafeToSeconds);
    }

    [Theory]
    [MemberData(nameof(Works))]
    public void Limits_come_in_their_order_along_a_row(string vinyl, string form, string material, string source)
    {
        var (field, _) = Of(vinyl, form, material, source);
        Assert.All(field.Limit, row => Assert.Equal(row.Select(Rank).Order(), row.Select(Rank)));
        static int Rank(FieldLimit limit) =>
            limit switch { FieldLimit.Short => 0, FieldLimit.UnderTarget => 1, FieldLimit.Good => 2, _ => 3 };
    }

    [Theory]
    [MemberData(nameof(Works))]
    public void What_works_as_it_should_works_more_likely_than_not_and_limits_agree_with_margins(string vinyl, string form, string material,
        string source)
    {
        var (field, _) = Of(vinyl, form, material, source);
        for (var row = 0; row < field.Celsius.Count; row++)
        {
            for (var column = 0; column < field.Seconds.Count; column++)
            {
                // More come out well than not where it works as it should, fewer where far too much is given.
                var well = field.Well[row][column];
                Assert.True(field.Nominal[row][column] switch
                {
                    > 0.25 => well > 0.4,
                    < -1.5 when field.Limit[row][column] != FieldLimit.Short => well < 0.5,
                    _ => well is >= 0 and <= 1,
                }, $"{field.Celsius[row]} °C, {field.Seconds[column]} s: {well}");
                var inside = field.Limit[row][column] is FieldLimit.Good or FieldLimit.UnderTarget;
                if (Math.Abs(field.Nominal[row][column]) > 0.02)
                    Assert.Equal(inside, field.Nominal[row][column] > 0);
            }
        }
    }

    [Theory]
    [MemberData(nameof(Works))]
    public void Hotter_is_never_shorter_of_bond(string vinyl, string form, string material, string source)
    {
        var (field, _) = Of(vinyl, form, material, source);
        for (var column = 0; column < field.Seconds.Count; column++)
        {
            var held = false;
            for (var row = 0; row < field.Celsius.Count; row++)
            {
                var isShort = field.Limit[row][column] == FieldLimit.Short;
                Assert.False(held && isShort, $"short again at {field.Celsius[row]} °C, {field.Seconds[column]} s");
                held |= !isShort;
            }
        }
    }

    [Fact]
    public void A_remembered_setting_is_the_same_setting_and_another_stack_another()
    {
        var planner = new Planner(Shipped.Catalogue, Language.English);
        var tee = SampleJobs.Read(SampleJobs.Tee());
        var first = planner.Plan(tee, UnitSystem.Metric);
        Assert.Same(first.Window, planner.Plan(tee with { Title = "Renamed", Quantity = 40 }, UnitSystem.Us).Window);
        Assert.NotSame(first.Window,
            planner.Plan(tee with { Tools = tee.Tools with { Cover = Shipped.Catalogue.Covers["parchment"] } }, UnitSystem.Metric).Window);
        Assert.NotSame(first.Window,
            planner.Plan(SampleJobs.Read(SampleJobs.With(j => j["choices"] = new System.Text.Json.Nodes.JsonObject { ["preheat"] = "no" })),
                UnitSystem.Metric).Window);
    }

    [Theory]
    [InlineData("tee", "cotton")]
    [InlineData("mug", "ceramic")]
    public void The_picture_of_a_gun_shows_where_it_works(string form, string material)
    {
        var (field, result) = Of("smooth", form, material, "heat-gun");
        Assert.True(field.Celsius.Count > 1 && field.Seconds.Count > 1);
        // The longest that the picture shows takes in what is advised, and there is something to see.
        Assert.InRange(result.Plan.BondingPress.Seconds, field.Seconds[0], field.Seconds[^1]);
        Assert.Contains(field.Nominal, row => row.Any(margin => margin > 0));
    }

    [Fact]
    public void The_point_of_a_layered_job_stands_where_one_press_alone_would()
    {
        var layered = SampleJobs.With(j => j["layers"] = System.Text.Json.Nodes.JsonNode.Parse("""
            [ { "id": "low", "vinyl": "smooth", "xMm": 0, "yMm": 0, "widthMm": 200, "heightMm": 200 }, { "id": "up", "vinyl": "smooth", "xMm": 40, "yMm": 40, "widthMm": 100, "heightMm": 100 } ]
            """));
        var result = SampleJobs.Plan(layered);
        var alone = Assert.NotNull(result.Plan.AloneSeconds);
        // The picture knows of one press; the tacks before the last one make that shorter.
        Assert.True(alone > result.Plan.BondingPress.Seconds);
        var row = result.Window.Rows.MinBy(r => Math.Abs(r.Dial.Celsius - result.Plan.BondingPress.Celsius))!;
        Assert.InRange(alone, row.HoldsFromSeconds!.Value, row.MostSeconds);
        Assert.Null(SampleJobs.Plan(SampleJobs.Tee()).Plan.AloneSeconds);
    }
}
