using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Vinyl is cut from its back, so its artwork is cut reversed.</summary>
public sealed class Mirror : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "mirror";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        // A shape that is the same both ways round, and a drawing that is reversed already, ask for nothing.
        if (!layer.Work.Vinyl.Cut.Mirrored.Value || layer.Layer is { Mirrored: true } or { Reversed: true, Mirrored: null }
            || layer.Layer is { Words: null, Shape.IsSymmetric: true })
            return null;
        var why = plan.Words.Say("mirror.why");
        return layer.Layer.Mirrored switch
        {
            false => this.Say(layer, NoticeLevel.Stop, plan.Words.Say("mirror.stop-2"), why) with { Remedies = Reversed(plan, layer) },
            null => this.Say(layer, NoticeLevel.Note, plan.Words.Say("mirror.note"), why) with { Remedies = Reversed(plan, layer) },
            _ => null,
        };
    }

    /// <summary>Who draws in reverse says so, and nothing is reversed again.</summary>
    private static IReadOnlyList<Remedy> Reversed(PlanContext plan, LayerInPlan layer) =>
        layer.Layer is not { Shape: not null, Reversed: false } ? [] :
        [new Remedy(plan.Words.Say("mirror.reversed"),
            [JobEdit.To($"/layers/{layer.Layer.At}/reversed", true), JobEdit.To($"/layers/{layer.Layer.At}/mirrored", null)])];
}
