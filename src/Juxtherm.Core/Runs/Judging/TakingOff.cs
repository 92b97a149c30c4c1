using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs.Judging;

/// <summary>How vinyl comes off again, to save what it was pressed on (common practice).</summary>
internal static class TakingOff
{
    // From the back, s (common practice: about ten).
    private const double WarmingSeconds = 10;

    /// <summary>Taking a piece of vinyl off, and putting another in its place.</summary>
    /// <param name="material">What it was pressed on.</param>
    /// <param name="plan">How it was pressed.</param>
    /// <param name="words">The reader's units.</param>
    public static IReadOnlyList<string> Steps(Material material, Plan plan, IWords words)
    {
        var press = plan.BondingPress;
        var set = words.Say("taking-off.steps-set", ("celsius", Thing.Celsius(press.Celsius)), ("dialMark", press.DialMark));
        return
        [
            material.Kind == MaterialKind.Cloth
            ? words.Say("taking-off.steps", ("set", set), ("warming", Thing.Seconds(WarmingSeconds)))
            : words.Say("taking-off.steps-2", ("set", set), ("warming", Thing.Seconds(WarmingSeconds))),
            words.Say("taking-off.steps-3"),
            words.Say("taking-off.steps-4"),
            words.Say("taking-off.steps-5"),
            words.Say("taking-off.steps-6", ("set", set), ("seconds", Thing.Seconds(press.Seconds)), ("pressure", press.Pressure)),
        ];
    }
}
