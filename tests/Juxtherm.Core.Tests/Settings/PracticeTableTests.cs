using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Tests.Plans;

namespace Juxtherm.Core.Tests.Settings;

/// <summary>
/// Whole plans against common practice: for each combination, the temperatures and times that crafters use with success, as a
/// band, no single source; bands marked (memory) are general knowledge of the trade, recalled. What the planner proposes must lie
/// inside.
/// </summary>
public class PracticeTableTests
{
    [Theory]
    // Swing-away press, plain vinyl: 149–157 °C, 10–15 s on plain cloth, some hotter.
    [InlineData("smooth", "tee", "cotton", "swing-platen", 146, 166, 9, 18)]
    [InlineData("smooth", "tee", "linen", "swing-platen", 146, 166, 9, 18)]
    [InlineData("smooth", "tee", "denim", "swing-platen", 146, 166, 9, 20)]
    [InlineData("smooth", "tote", "canvas", "swing-platen", 146, 171, 9, 22)]
    [InlineData("smooth", "tote", "jute", "swing-platen", 146, 171, 9, 22)]
    [InlineData("smooth", "tee", "cotton-poly", "swing-platen", 143, 160, 9, 18)]
    [InlineData("smooth", "cushion", "cotton", "swing-platen", 146, 160, 9, 18)]
    [InlineData("smooth", "apron", "cotton-poly", "swing-platen", 143, 160, 9, 18)]
    [InlineData("smooth", "bodysuit", "cotton", "swing-platen", 146, 166, 9, 18)]
    [InlineData("smooth", "neckerchief", "cotton", "swing-platen", 146, 166, 9, 18)]
    [InlineData("smooth", "pot-holder", "cotton", "swing-platen", 146, 166, 9, 18)]
    [InlineData("smooth", "sweatshirt", "fleece", "swing-platen", 146, 166, 9, 20)]
    [InlineData("smooth", "one-piece", "fleece", "swing-platen", 146, 166, 9, 20)]
    // Polyester and its blends are kept cooler, for shine and for dye (memory).
    [InlineData("smooth", "jersey", "polyester", "swing-platen", 130, 152, 9, 25)]
    [InlineData("smooth", "tee", "tri-blend", "swing-platen", 130, 150, 9, 25)]
    [InlineData("smooth", "one-piece", "poly-fleece", "swing-platen", 130, 150, 9, 30)]
    [InlineData("stretch", "tee", "elastane", "swing-platen", 130, 155, 10, 27)]
    [InlineData("low-temp", "jersey", "polyester", "swing-platen", 110, 135, 8, 18)]
    [InlineData("low-temp", "tee", "elastane", "swing-platen", 110, 135, 8, 18)]
    [InlineData("low-temp", "jersey", "nylon", "swing-platen", 110, 135, 8, 18)]
    [InlineData("low-temp", "flat", "acrylic", "swing-platen", 105, 132, 8, 20)]
    [InlineData("low-temp", "flat", "softshell", "swing-platen", 110, 132, 8, 20)]
    [InlineData("low-temp", "flat", "neoprene", "swing-platen", 110, 132, 8, 20)]
    [InlineData("nylon-bond", "flat", "coated-nylon", "swing-platen", 121, 140, 8, 22)]
    [InlineData("blockout", "jersey", "polyester", "swing-platen", 130, 150, 8, 20)]
    // The other families on a tee.
    [InlineData("stretch", "tee", "cotton", "swing-platen", 140, 160, 12, 20)]
    [InlineData("low-temp", "tee", "cotton", "swing-platen", 110, 135, 8, 16)]
    [InlineData("glitter", "tee", "cotton", "swing-platen", 154, 171, 10, 22)]
    [InlineData("holographic", "tee", "cotton", "swing-platen", 152, 165, 11, 18)]
    [InlineData("foil", "tee", "cotton", "swing-platen", 143, 155, 11, 18)]
    [InlineData("flock", "tee", "cotton", "swing-platen", 153, 165, 14, 22)]
    [InlineData("puff", "tee", "cotton", "swing-platen", 146, 160, 9, 16)]
    [InlineData("glow", "tee", "cotton", "swing-platen", 152, 165, 11, 18)]
    [InlineData("reflective", "tee", "cotton", "swing-platen", 145, 158, 11, 20)]
    [InlineData("patterned", "tee", "cotton", "swing-platen", 146, 160, 9, 16)]
    [InlineData("printable", "tee", "cotton", "swing-platen", 146, 160, 9, 16)]
    [InlineData("blockout", "tee", "cotton", "swing-platen", 136, 152, 10, 18)]
    [InlineData("glitter", "sweatshirt", "fleece", "swing-platen", 150, 171, 10, 24)]
    [InlineData("glitter", "tote", "canvas", "swing-platen", 154, 171, 10, 26)]
    [InlineData("puff", "sweatshirt", "fleece", "swing-platen", 146, 162, 8, 18)]
    [InlineData("foil", "tee", "cotton-poly", "swing-platen", 140, 155, 10, 18)]
    // Other platens press alike.
    [InlineData("smooth", "tee", "cotton", "clamshell-platen", 146, 166, 9, 18)]
    [InlineData("smooth", "tee", "cotton", "draw-platen", 146, 166, 9, 18)]
    [InlineData("smooth", "tee", "cotton", "auto-platen", 146, 166, 9, 20)]
    [InlineData("glitter", "tee", "cotton", "auto-platen", 154, 171, 10, 24)]
    // A handheld press wants about twice the time of a platen, and is pressed 15 s from the back as well, which counts: 30 s and
    // more in all, or 12 s and more from the front alone.
    [InlineData("smooth", "tee", "cotton", "handheld-press", 146, 163, 12, 35)]
    [InlineData("smooth", "tee", "cotton-poly", "handheld-press", 143, 160, 12, 35)]
    [InlineData("smooth", "sweatshirt", "fleece", "handheld-press", 146, 180, 12, 35)]
    [InlineData("smooth", "tote", "jute", "handheld-press", 146, 180, 15, 45)]
    [InlineData("smooth", "tote", "canvas", "handheld-press", 146, 177, 15, 45)]
    [InlineData("glitter", "tee", "cotton", "handheld-press", 154, 177, 12, 40)]
    // Felt is pressed two or three times as long as a tee.
    [InlineData("smooth", "pennant", "poly-felt", "swing-platen", 140, 155, 25, 45)]
    [InlineData("smooth", "stocking", "poly-felt", "swing-platen", 140, 155, 25, 45)]
    [InlineData("smooth", "pennant", "wool-felt", "swing-platen", 140, 155, 25, 50)]
    // Hard goods: half a minute, hotter under a plate than in a mug press.
    [InlineData("smooth", "mug", "ceramic", "mug-press", 149, 177, 22, 45)]
    [InlineData("low-temp", "mug", "ceramic", "mug-press", 110, 150, 18, 45)]
    [InlineData("smooth", "coaster", "slate", "swing-platen", 177, 205, 25, 45)]
    [InlineData("smooth", "coaster", "ceramic", "swing-platen", 160, 205, 20, 45)]
    [InlineData("smooth", "plaque", "wood", "swing-platen", 149, 177, 15, 45)]
    [InlineData("smooth", "coaster", "cork", "swing-platen", 140, 157, 9, 30)]
    // Leather: cool and short, with a vinyl that bonds so (memory).
    [InlineData("low-temp", "key-fob", "leather-veg", "swing-platen", 110, 130, 12, 32)]
    [InlineData("low-temp", "key-fob", "leather-chrome", "swing-platen", 110, 135, 12, 32)]
    [InlineData("low-temp", "patch", "suede", "swing-platen", 110, 135, 12, 32)]
    // Caps and canvas.
    [InlineData("smooth", "cap", "cotton-poly", "cap-press", 143, 160, 7, 18)]
    [InlineData("smooth", "stretched-canvas", "primed-canvas", "swing-platen", 143, 166, 9, 25)]
    public void The_plan_lies_where_practice_lies(string vinyl, string form, string material, string source, double leastCelsius,
        double mostCelsius, double leastSeconds, double mostSeconds)
    {
        var plan = SampleJobs.Plan(SampleJobs.Of(vinyl, form, material, source)).Plan;
        var press = plan.Presses.Single(p => p.Purpose == PressPurpose.Press);
        Assert.True(plan.Verdict != Verdict.Stop, plan.Headline + " " + string.Join(' ', plan.Notices.Select(n => n.Code)));
        Assert.True(press.Celsius >= leastCelsius && press.Celsius <= mostCelsius && press.Seconds >= leastSeconds
            && press.Seconds <= mostSeconds, $"{press.Celsius} °C, {press.Seconds} s");
    }

    [Theory]
    // Irons: the cotton mark on cotton, for 15 to 30 s from the front; a mark cooler on what is more heat-shy.
    [InlineData("smooth", "cotton", "household-iron", "•••", 10, 30)]
    [InlineData("glitter", "cotton", "household-iron", "•••", 15, 30)]
    [InlineData("smooth", "polyester", "household-iron", "••", 25, 60)]
    [InlineData("smooth", "cotton", "hand-iron", "medium", 15, 30)]
    public void Irons_are_set_to_the_mark_that_is_practised(string vinyl, string material, string source, string mark, double least,
        double most)
    {
        var press = SampleJobs.Plan(SampleJobs.Of(vinyl, "tee", material, source)).Plan.Presses.Single(p =>
            p.Purpose == PressPurpose.Press);
        Assert.Equal(mark, press.DialMark);
        Assert.InRange(press.Seconds, least, most);
    }

    [Theory]
    // What crafters know not to do.
    [InlineData("smooth", "flat", "pvc", "swing-platen", "not-pressable")]
    [InlineData("low-temp", "flat", "polypropylene", "swing-platen", "not-pressable")]
    [InlineData("smooth", "flat", "silicone", "swing-platen", "not-pressable")]
    [InlineData("low-temp", "key-fob", "faux-leather", "swing-platen", "unknown-blank")]
    [InlineData("puff", "tee", "cotton", "household-iron", "heat-source-unsuitable")]
    [InlineData("puff", "tee", "cotton", "auto-platen", "heat-source-unsuitable")]
    [InlineData("smooth", "mug", "ceramic", "swing-platen", "heat-source-unsuitable")]
    [InlineData("smooth", "tee", "cotton", "mug-press", "heat-source-unsuitable")]
    [InlineData("smooth", "cap", "cotton", "swing-platen", "heat-source-unsuitable")]
    [InlineData("smooth", "stretched-canvas", "primed-canvas", "clamshell-platen", "clamshell-frame")]
    public void What_practice_warns_of_is_stopped(string vinyl, string form, string material, string source, string code)
    {
        var plan = SampleJobs.Plan(SampleJobs.Of(vinyl, form, material, source)).Plan;
        Assert.Equal(Verdict.Stop, plan.Verdict);
        Assert.Contains(plan.Notices, n => n.Code == code && n.Level == Core.Notices.NoticeLevel.Stop);
    }
}
