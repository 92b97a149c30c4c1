namespace Juxtherm.Core.Runs.Judging;

/// <summary>Foam vinyl is heated once: no sign but its own flat spots is worth a second heat, and that one only once.</summary>
internal static class FoamRule
{
    private static readonly Outcome[] WouldBePressed = [Outcome.EdgesLifted, Outcome.OnCarrier, Outcome.WeaveHidden, Outcome.Rippled, Outcome.Dented];

    /// <summary>What is said instead of pressing; null where nothing stands against what the sign's judge says.</summary>
    public static Ruling? Forbids(Outcome sign, Looked looked, Ruling ruling)
    {
        if (looked.Foam is not { } foam || !WouldBePressed.Contains(sign) || ruling.Kind is AdviceKind.LookAgain or AdviceKind.Accept)
            return null;
        return ruling with
        {
            Kind = AdviceKind.Accept,
            Text = $"Do not press it again: {looked.About.NameOf(foam)} is heated once, and a second heat lets it sink for good. What lifts can be held with a drop of textile glue; a piece that must be right is made anew.",
            Why = $"Foam rises once. The one short second heat that is worth trying is for letters that stayed flat, not for this. {looked.HeatInWords()}",
            Again = null,
            Steps = [],
        };
    }
}
