using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Dye that wanders out of polyester into the vinyl.</summary>
public sealed class DyeMigration : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "dye-migration";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (plan.Work.Material.DyeMigrationCelsius is not { } from)
            return null;
        // Dye forgives nothing: it is judged with everything off to the hot side, and for the hottest piece of the run.
        var hottest = Math.Max(plan.HottestBareCelsius, plan.HottestOfRunCelsius);
        if (hottest <= from.Value)
            return null;
        return this.Say(plan, NoticeLevel.Caution,
            $"Coloured {plan.Work.Material.Name.ToLowerInvariant()} may bleed into the vinyl: it may reach {plan.Words.Temperature(hottest)}. On white cloth this does not matter; on dyed cloth press a test patch and look again after two days.",
            $"From about {plan.Words.Temperature(from.Value)} the dye turns to vapour and moves. It shows hours or days later, so a clean print at the press proves nothing ({from.From.Source}).",
            ("from", from.Value, "Cel"), ("planned", plan.HottestBareCelsius, "Cel"), ("hottest", hottest, "Cel"));
    }
}
