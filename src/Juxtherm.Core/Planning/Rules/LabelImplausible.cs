using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>What the wrapper is said to say would not even melt the glue.</summary>
public sealed class LabelImplausible : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "label-implausible";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (!plan.LabelIgnored)
            return null;
        var vinyl = plan.Work.Vinyl;
        return this.Say(plan, NoticeLevel.Caution,
            $"Read the wrapper again: its figures as entered would hardly warm the glue. The plan goes by what is usual for {vinyl.Name.ToLowerInvariant()} vinyl, {plan.Words.Temperature(vinyl.ReferenceCelsius.Value)} for {Wording.Time(vinyl.ReferenceSeconds.Value)}.",
            "On the stack that charts assume they give less than a twentieth of the usual bond. A slip of a digit, or °F entered as °C, is more likely than such a vinyl.");
    }
}
