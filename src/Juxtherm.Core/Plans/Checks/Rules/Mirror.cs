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
        if (!layer.Work.Vinyl.Mirrored.Value || layer.Layer is { Mirrored: true } or { Reversed: true, Mirrored: null } || layer.Layer is { Words: null, Shape.IsSymmetric: true })
            return null;
        const string why = "The knife works on the glue side; turned over onto the blank, what was cut reversed reads the right way round.";
        return layer.Layer.Mirrored switch
        {
            false => this.Say(layer, NoticeLevel.Stop, "The artwork is not mirrored. Mirror it before cutting: once, in the drawing or at the cutter, never in both.", why) with { Remedies = Reversed(layer) },
            null => this.Say(layer, NoticeLevel.Note, "Mirror the artwork before cutting: once, in the drawing or at the cutter, never in both.", why) with { Remedies = Reversed(layer) },
            _ => null,
        };
    }

    /// <summary>Who draws in reverse says so, and nothing is reversed again.</summary>
    private static IReadOnlyList<Remedy> Reversed(LayerInPlan layer) => layer.Layer is not { Shape: not null, Reversed: false } ? [] :
        [new Remedy("The drawing is reversed already", [new JobEdit($"/layers/{layer.Layer.At}/reversed", true), new JobEdit($"/layers/{layer.Layer.At}/mirrored", null)])];
}
