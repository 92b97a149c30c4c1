using System.Text.Json.Nodes;
using Juxtherm.Core.Items;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>A name in front and a number on the back: turned over, preheated on both sides, in an order that both bear.</summary>
public sealed class TwoFacesTests
{
    private static JsonObject Layer(string id, string vinyl, string face, double x, double y, double width, double height) => new()
    {
        ["id"] = id,
        ["vinyl"] = vinyl,
        ["face"] = face,
        ["xMm"] = x,
        ["yMm"] = y,
        ["widthMm"] = width,
        ["heightMm"] = height,
    };

    /// <summary>A number wider than a small plate, so that it is pressed in two parts.</summary>
    private static JsonObject NameAndNumber(string[]? order = null, string front = "smooth", string back = "smooth",
        string press = "handheld-press") => SampleJobs.With(j =>
    {
        j["blank"] = new JsonObject { ["form"] = "tee", ["material"] = "cotton" };
        j["tools"]!["heatSource"] = press;
        j["layers"] = new JsonArray(Layer("name", front, "front", 175, 150, 80, 40), Layer("number", back, "back", 85, 120, 260, 200));
        if (order is not null)
            j["order"] = new JsonArray([.. order.Select(o => (JsonNode)o)]);
    });

    [Theory]
    [InlineData("handheld-press")]
    [InlineData("swing-platen")]
    [InlineData("hand-iron")]
    public void It_is_turned_over_once_and_both_sides_are_preheated(string press)
    {
        var plan = SampleJobs.Plan(NameAndNumber(press: press)).Plan;
        var turns = plan.Steps.Where(s => s.Text.Contains("Turn the tee over, the finished side down", StringComparison.Ordinal)
            || s.Text.Contains("Turn the tee over: the finished side faces down", StringComparison.Ordinal)).ToList();
        var turn = Assert.Single(turns);
        var faces = plan.Presses.Where(p => p.Purpose != PressPurpose.Patch).ToList();
        // It is turned for the first press of the second side, whatever that press is for.
        Assert.Equal(faces.First(p => p.Face != faces[0].Face).Order, turn.PressOrder);
        foreach (var face in new[] { Face.Front, Face.Back })
            Assert.Contains(faces, p => p.Purpose == PressPurpose.Preheat && p.Face == face);
        Assert.Contains("turn over", plan.Line, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("name", "number", Face.Front)]
    [InlineData("number", "name", Face.Back)]
    public void Ones_own_order_holds_across_the_sides(string first, string second, Face face)
    {
        var plan = SampleJobs.Plan(NameAndNumber([first, second])).Plan;
        Assert.Equal(face, plan.Presses.First(p => p.Laid.Count > 0 && p.Purpose != PressPurpose.Patch).Face);
        Assert.DoesNotContain(plan.Notices, n => n.Code == "laying-order" && n.Text.Contains("cannot", StringComparison.Ordinal));
    }

    [Fact]
    public void An_order_that_goes_to_and_fro_between_the_sides_is_told_why_it_cannot_be()
    {
        var job = NameAndNumber();
        job["layers"]!.AsArray().Add(Layer("crest", "smooth", "front", 175, 260, 80, 40));
        job["order"] = new JsonArray("name", "number", "crest");
        var plan = SampleJobs.Plan(job).Plan;
        Assert.Contains(plan.Notices, n => n.Code == "laying-order" && n.Text.Contains("one side is finished", StringComparison.Ordinal));
    }

    /// <summary>Also where the order names nothing but the foam.</summary>
    [Fact]
    public void An_order_that_names_the_foam_alone_does_not_bring_it_forward() => Assert.Equal(Face.Back,
        SampleJobs.Plan(NameAndNumber(["name"], front: "puff", press: "swing-platen")).Plan.Presses
            .First(p => p.Laid.Count > 0 && p.Purpose != PressPurpose.Patch).Face);

    [Fact]
    public void Foam_comes_last_whatever_ones_own_order_says_and_that_is_told()
    {
        var plan = SampleJobs.Plan(NameAndNumber(["name", "number"], front: "puff", press: "swing-platen")).Plan;
        Assert.Equal(Face.Back, plan.Presses.First(p => p.Laid.Count > 0 && p.Purpose != PressPurpose.Patch).Face);
        Assert.Contains(plan.Notices, n => n.Code == "laying-order" && n.Text.Contains("cannot go before", StringComparison.Ordinal));
    }

    /// <summary>Nothing may ask for an order that the plan itself could have taken.</summary>
    [Theory]
    [InlineData("puff", "smooth")]
    [InlineData("smooth", "puff")]
    [InlineData("puff", "puff")]
    public void Nobody_is_told_to_lay_last_what_the_plan_lays_first(string front, string back)
    {
        var plan = SampleJobs.Plan(NameAndNumber(front: front, back: back, press: "swing-platen")).Plan;
        Assert.DoesNotContain(plan.Notices.SelectMany(n => new[] { n.Text, n.Why }),
            t => t.Contains("lay it last", StringComparison.OrdinalIgnoreCase));
    }
}
