namespace Juxtherm.Core.Runs.Judging;

/// <summary>Foam vinyl is heated once: no sign but its own flat spots is worth a second heat, and that one only once.</summary>
internal static class FoamRule
{
    private static readonly Outcome[] WouldBePressed = [Outcome.EdgesLifted, Outcome.OnCarrier, Outcome.WeaveHidden, Outcome.Rippled,
        Outcome.Dented];

    /// <summary>What is said instead of pressing; null where nothing stands against what the sign's judge says.</summary>
    public static Ruling? Forbids(Outcome sign, Looked looked, Ruling ruling)
    {
        if (looked.Foam is not { } foam || !WouldBePressed.Contains(sign) || ruling.Kind is AdviceKind.LookAgain or AdviceKind.Accept)
            return null;
        return ruling with
        {
            Kind = AdviceKind.Accept,
            Text = looked.Words.Say("foam-rule.forbids", ("foam", looked.About.NameOf(foam))),
            Why = looked.Words.Say("foam-rule.forbids-2", ("heatInWords", looked.HeatInWords())),
            Again = null,
            Steps = [],
        };
    }
}
