using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks;

/// <summary>One thing the planner watches for. A new rule is a new class and a line in <see cref="PlanRules"/>.</summary>
public interface IPlanRule
{
    /// <summary>The code of the notice it gives.</summary>
    string Code { get; }

    /// <summary>What it says can be accepted with a word; never what can hurt somebody.</summary>
    bool Acceptable => false;

    /// <summary>What it notes is true of every such job.</summary>
    bool Standing => false;

    /// <summary>Looks at a plan in the making.</summary>
    /// <param name="plan">The plan.</param>
    /// <returns>What it has to say; null for nothing.</returns>
    Notice? Look(PlanContext plan);
}

/// <summary>A rule that looks at each layer by itself. What it says of several in the same words is said once.</summary>
public interface ILayerRule
{
    /// <summary>The code of the notice it gives.</summary>
    string Code { get; }

    /// <summary>What it says can be accepted with a word; never what can hurt somebody.</summary>
    bool Acceptable => false;

    /// <summary>Looks at a layer of a plan in the making.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="layer">The layer.</param>
    /// <returns>What it has to say; null for nothing.</returns>
    Notice? Look(PlanContext plan, LayerInPlan layer);
}

/// <summary>How rules say what they found.</summary>
internal static class Saying
{
    internal static Notice Say(this IPlanRule rule, PlanContext plan, NoticeLevel level, string text, string why,
        params (string Name, double Value, string Unit)[] data) =>
        Notice.Of(rule.Code, level, text, why, data, [.. plan.Layers.Select(l => l.Id)], rule.Acceptable)
        with
        { Standing = rule.Standing && level == NoticeLevel.Note };

    internal static Notice Say(this ILayerRule rule, LayerInPlan layer, NoticeLevel level, string text, string why,
        params (string Name, double Value, string Unit)[] data) =>
        Notice.Of(rule.Code, level, text, why, data, [layer.Id], rule.Acceptable);
}
