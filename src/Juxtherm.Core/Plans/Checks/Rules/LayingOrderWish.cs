using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The crafter's own order of laying cannot be, or costs something.</summary>
public sealed class LayingOrderWish : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "laying-order";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (plan.Orders is not { } orders)
            return null;
        var back = new Remedy("Back to the order of the plan", [new JobEdit("/order", null)]);
        if (orders.WishForbidden is { } pair)
        {
            var (first, second) = (plan.About.Layer(pair.First), plan.About.Layer(pair.Second));
            var (text, why) = plan.Stack.Reaches(first.Id, second.Id)
                ? ($"{plan.Named(first)} cannot be laid before {plan.Named(second)}, because it lies on it.", "Laid first it would be on the cloth, and the other could only go over it: another picture, and one of the two would have to be cut out of the other.")
                : ($"{plan.Named(first)} cannot be laid before {plan.Named(second)}: it foams once, and each press after it would flatten it.", $"Laid first it would be heated again for {plan.Named(second)}; it would have had {Wording.Share(pair.Heat)} times its chart's heat and takes {Wording.Share(first.MostHeatDose)}. A second heat costs the foam its height for good.");
            return this.Say(plan, NoticeLevel.Caution, text + " The plan keeps to an order that works.", why, ("heat", pair.Heat, "1")) with { Layers = [first.Id, second.Id], Remedies = [back] };
        }

        if (orders.Free is not { } free || plan.Sequence is not { } laid)
            return null;
        var (presses, seconds) = (laid.Presses - free.Presses, laid.Seconds - free.Seconds);
        var hot = laid.Excess > free.Excess;
        if (presses <= 0 && seconds < 1 && !hot)
            return null;
        var cost = string.Join(" and ", new[] { presses > 0 ? $"{presses} {(presses == 1 ? "press" : "presses")}" : null, seconds >= 1 ? Wording.Time(seconds) : null }.OfType<string>());
        return this.Say(plan, hot ? NoticeLevel.Caution : NoticeLevel.Note, $"Your own order{(cost.Length > 0 ? $" costs {cost} more than the plan's" : "")}{(hot ? $"{(cost.Length > 0 ? ", and" : "")} heats a layer more than it takes" : "")}.",
            "Compared with the best order without that wish, in the same way of doing it.", ("presses", presses, "1"), ("seconds", seconds, "s")) with
        { Remedies = [back] };
    }
}
