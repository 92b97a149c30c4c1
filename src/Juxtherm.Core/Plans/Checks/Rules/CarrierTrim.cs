using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Remedies;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Carriers trimmed closer would let layers go together.</summary>
public sealed class CarrierTrim : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "carrier-trim";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (plan.Orders?.Trimmed is not { } saving)
            return null;
        var names = string.Join(", ",
            saving.MarginsMm.Select(m =>
                plan.Words.Say("carrier-trim.names", ("key", plan.Named(plan.About.Layer(m.Key))), ("m", Thing.FineMm(m.Value)))));
        return this.Say(plan, NoticeLevel.Note, plan.Words.Say("carrier-trim.note", ("names", names), ("presses", saving.Presses)),
            plan.Words.Say("carrier-trim.note-why"), ("fewer", saving.Presses, "1")) with
        { Layers = [.. saving.MarginsMm.Keys], Remedies = [LayerRemedies.Trim(plan.About, saving.MarginsMm)] };
    }
}
