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
        var back = new Remedy(plan.Words.Say("laying-order-wish.back"), [JobEdit.To("/order", null)]);
        if (orders.WishForbidden is { } pair)
        {
            var (first, second) = (plan.About.Layer(pair.First), plan.About.Layer(pair.Second));
            var (text, why) = pair.Turns
                ? (plan.Words.Say("laying-order-wish.text-5", ("first", plan.Named(first))), plan.Words.Say("laying-order-wish.text-6"))
                : plan.Stack.Reaches(first.Id, second.Id)
                ? (plan.Words.Say("laying-order-wish.text", ("first", plan.Named(first)), ("second", plan.Named(second))),
                    plan.Words.Say("laying-order-wish.text-2"))
                : (plan.Words.Say("laying-order-wish.text-3", ("first", plan.Named(first)), ("second", plan.Named(second))),
                    plan.Words.Say("laying-order-wish.text-4", ("second", plan.Named(second)), ("heat", Thing.Share(pair.Heat)),
                        ("mostHeatDose", Thing.Share(first.MostHeatDose))));
            return this.Say(plan, NoticeLevel.Caution, plan.Words.Say("laying-order-wish.caution", ("text", text)), why,
                ("heat", pair.Heat, "1")) with
            { Layers = [first.Id, second.Id], Remedies = [back] };
        }

        if (orders.Free is not { } free || plan.Sequence is not { } laid)
            return null;
        var (presses, seconds) = (laid.Presses - free.Presses, laid.Seconds - free.Seconds);
        var hot = laid.Excess > free.Excess;
        if (presses <= 0 && seconds < 1 && !hot)
            return null;
        List<string> costs = [];
        if (presses > 0)
            costs.Add(plan.Words.Say("laying-order-wish.cost", ("presses", presses)));
        if (seconds >= 1)
            costs.Add(plan.Words.Say(Thing.Seconds(seconds)));
        var cost = Both.Of(costs, plan.Words);
        return this.Say(plan, hot
            ? NoticeLevel.Caution : NoticeLevel.Note, plan.Words.Say("laying-order-wish.found", ("cost", cost), ("hot", hot)),
            plan.Words.Say("laying-order-wish.found-why"), ("presses", presses, "1"), ("seconds", seconds, "s")) with
        { Remedies = [back] };
    }
}
