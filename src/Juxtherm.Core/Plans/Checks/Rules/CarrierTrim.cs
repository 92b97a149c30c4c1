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
        var names = string.Join(", ", saving.MarginsMm.Select(m => $"{plan.Named(plan.About.Layer(m.Key))} to {plan.Words.Fine(m.Value)}"));
        return this.Say(plan, NoticeLevel.Note, $"Trim carriers along the artwork ({names} round it) and the plate closes {Wording.Times(saving.Presses)} less.",
            "Carriers that clear each other can be laid at once. The vinyl is far enough apart; only the carriers are not.", ("fewer", saving.Presses, "1")) with
        { Layers = [.. saving.MarginsMm.Keys], Remedies = [LayerRemedies.Trim(plan.About, saving.MarginsMm)] };
    }
}
