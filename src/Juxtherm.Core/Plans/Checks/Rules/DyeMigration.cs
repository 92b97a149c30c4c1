using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

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
        if (plan.Work.Material.Limit.DyeMigrationCelsius is not { } from)
            return null;
        // Dye forgives nothing: it is judged with everything off to the hot side, and for the hottest piece of the run.
        var hottest = Math.Max(plan.HottestBareCelsius, plan.HottestOfRunCelsius);
        if (hottest <= from.Value)
            return null;
        return this.Say(plan, NoticeLevel.Caution,
            plan.Words.Say("dye-migration.caution", ("material", plan.Work.Material.Name), ("hottest", Thing.Celsius(hottest)),
                ("help", plan.RunHelps.Where(h => h.Kind != BatchHelpKind.WarmFirst).Select(h => h.Text).FirstOrDefault())),
            plan.Words.Say("dye-migration.caution-why", ("from", Thing.Celsius(from.Value)), ("source", from.From.Source)),
            ("from", from.Value, "Cel"), ("planned", plan.HottestBareCelsius, "Cel"), ("hottest", hottest, "Cel"));
    }
}
