using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>
/// Jobs of several layers against common practice (no single source): how crafters order them, how long they tack and press, and
/// what they have learned to avoid.
/// </summary>
public class LayerPracticeTests
{
    /// <summary>Layers as vinyl:x,y,w,h; the verdict, and the presses that bear vinyl as purpose(vinyls).</summary>
    [Theory]
    [InlineData("plain on plain", "smooth:0,0,200,200 smooth:40,40,100,100", "go", "tack(smooth) tack(smooth) press(smooth+smooth)")]
    [InlineData("glow stars on the night", "smooth:0,0,200,200 glow:40,40,100,100", "go", "tack(smooth) tack(glow) press(smooth+glow)")]
    [InlineData("a glitter moon on the night", "smooth:0,0,200,200 glitter:40,40,80,80", "go",
        "tack(smooth) tack(glitter) press(smooth+glitter)")]
    [InlineData("foil on plain waits for its peel", "smooth:0,0,200,200 foil:40,40,80,80", "caution", "tack(smooth) press(smooth+foil)")]
    [InlineData("two glitters side by side", "glitter:0,0,100,100 glitter:140,0,100,100", "go", "press(glitter+glitter)")]
    [InlineData("two plain words apart go in one press", "smooth:0,0,100,50 smooth:140,0,100,50", "go", "press(smooth+smooth)")]
    [InlineData("plain beside foam: foam last and once", "smooth:0,0,100,100 puff:140,0,100,100", "go", "press(smooth) press(puff)")]
    [InlineData("blockout under plain", "blockout:0,0,220,220 smooth:10,10,200,200", "go",
        "tack(blockout) tack(smooth) press(blockout+smooth)")]
    [InlineData("nothing on glitter", "glitter:0,0,200,200 smooth:40,40,80,80", "stop", "tack(glitter) tack(smooth) press(glitter+smooth)")]
    [InlineData("nothing on foil", "foil:0,0,200,200 smooth:40,40,80,80", "stop", null)]
    [InlineData("nothing on foam", "puff:0,0,200,200 smooth:40,40,80,80", "stop", null)]
    [InlineData("foam on nothing but cloth", "smooth:0,0,200,200 puff:40,40,80,80", "stop", null)]
    public void Layers_as_crafters_press_them(string what, string layers, string verdict, string? presses)
    {
        var plan = SampleJobs.Plan(Job(layers)).Plan;
        Assert.True(string.Equals(verdict, plan.Verdict.ToString(), StringComparison.OrdinalIgnoreCase),
            $"{what}: {plan.Verdict}: {string.Join(", ", plan.Notices.Where(n => n.Level != NoticeLevel.Note).Select(n => n.Code))}");
        if (presses is null)
            return;
        string Vinyl(string id) => id.Split('-', 2)[1];
        Assert.Equal(presses,
            string.Join(' ', plan.Presses.Where(p => p.Purpose is PressPurpose.Tack or PressPurpose.Press)
                .Select(p => $"{p.Purpose.ToString().ToLowerInvariant()}({string.Join('+', p.Layers.Select(Vinyl))})")));
    }

    [Theory]
    // A tack lasts 2 to 5 s under a platen (common practice); under a handheld press the glue needs longer to begin to hold.
    [InlineData("swing-platen", 2, 5)]
    [InlineData("clamshell-platen", 2, 5)]
    [InlineData("handheld-press", 3, 10)]
    public void Tacks_are_short(string source, double least, double most)
    {
        var job = Job("smooth:0,0,200,200 smooth:40,40,100,100");
        job["tools"]!["heatSource"] = source;
        var plan = SampleJobs.Plan(job).Plan;
        var tacks = plan.Presses.Where(p => p.Purpose == PressPurpose.Tack).ToList();
        Assert.Equal(2, tacks.Count);
        Assert.All(tacks, t => Assert.InRange(t.Seconds, least, most));
        // Too little to be called bonded.
        Assert.All(tacks, t => Assert.All(t.Predicted.Bond.Values, bond => Assert.True(bond < 0.6)));
    }

    [Fact]
    public void The_last_press_over_tacked_layers_is_no_longer_than_a_press_from_scratch()
    {
        var stacked = SampleJobs.Plan(Job("smooth:0,0,200,200 smooth:40,40,100,100")).Plan;
        var alone = SampleJobs.Plan(SampleJobs.Tee()).Plan;
        // A second sheet of vinyl between plate and glue costs a little, what the tacks gave saves a little.
        Assert.InRange(stacked.BondingPress.Seconds, alone.BondingPress.Seconds - 4, alone.BondingPress.Seconds + 3);
    }

    [Theory]
    [InlineData(2)]
    [InlineData(4)]
    [InlineData(6)]
    public void The_lowest_layer_sees_every_press(int count)
    {
        var layers = string.Join(' ', Enumerable.Range(0, count).Select(i => $"smooth:{i * 15},{i * 15},{240 - i * 30},{240 - i * 30}"));
        var dose = SampleJobs.Plan(Job(layers)).Plan.Presses[^1].Predicted.HeatDose;
        var inOrder = Enumerable.Range(0, count).Select(i => dose[$"{i}-smooth"]).ToList();
        Assert.Equal(inOrder.OrderDescending(), inOrder);
    }

    [Fact]
    public void Felt_wants_more_than_twenty_seconds_alone_and_less_in_layers()
    {
        JsonObject Felt(string layers)
        {
            var job = Job(layers);
            job["blank"] = new JsonObject { ["form"] = "flat", ["material"] = "poly-felt" };
            return job;
        }

        // Pressed as a tee it does not stick (common practice): at 149 °C twenty seconds are short of the bond wanted.
        var alone = SampleJobs.Plan(Felt("smooth:0,25,100,60")).Plan;
        Assert.True(alone.Room.MinBy(r => Math.Abs(r.Celsius - 149))!.TargetSeconds > 20);
        Assert.True(alone.BondingPress.Seconds > 20);
        // Over tacked layers as long a press would wrinkle the lowest: it is cut to where all hold, and said.
        var stacked = SampleJobs.Plan(Felt("smooth:0,25,100,60 smooth:20,30,40,20")).Plan;
        Assert.True(stacked.BondingPress.Seconds < 20);
        var lowest = stacked.Budgets[0];
        Assert.True(lowest.Total <= lowest.Most && lowest.Bond >= lowest.HoldsFrom, $"{lowest.Total} of {lowest.Most}, bond {lowest.Bond}");
        Assert.Contains(stacked.Notices, n => n.Code == "heat-budget" && n.Layers.Contains(lowest.Layer));
    }

    // Where a print begins on a tee, mm.
    private static readonly (double X, double Y) BelowCollar = (100, 135);

    private static JsonObject Job(string layers) => SampleJobs.With(j => j["layers"] = new JsonArray([.. layers.Split(' ').Select((l, i) =>
    {
        var (vinyl, box) = l.Split(':') is [var v, var b] ? (v, b.Split(',').Select(double.Parse).ToArray()) : throw new FormatException(l);
        return (JsonNode)new JsonObject { ["id"] = $"{i}-{vinyl}", ["vinyl"] = vinyl, ["xMm"] = BelowCollar.X + box[0],
            ["yMm"] = BelowCollar.Y + box[1], ["widthMm"] = box[2], ["heightMm"] = box[3] };
    })]));
}
