using Juxtherm.Core.Artwork;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Vinyl in the garment's own colour: it will not be seen.</summary>
public sealed class ColourLost : ILayerRule
{
    // Colours closer than this are one colour across a room: CIE 1976 difference (from memory).
    private const double AlikeUnder = 12;

    /// <inheritdoc/>
    public string Code => "colour-lost";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        // What lies on other vinyl, or among it, is seen against that; a name stands by itself.
        var carriesNames = layer.Layer.Words is { FromNames: true };
        if (plan.Stack.DirectlyUnder(layer.Id).Any()
            || (!carriesNames && plan.Job.Layers.Count(l => l.Face == layer.Layer.Face) > 1))
            return null;
        List<PieceEntry> pieces = plan.Job.Pieces.Count > 0
            ? [.. plan.Job.Pieces] : [new PieceEntry("", null, null, plan.Job.Quantity, Proofed: false)];
        var lost = pieces.Select(p => (Piece: p, Vinyl: (carriesNames ? p.Colour : null) ?? layer.Layer.Colour,
                Garment: p.GarmentColour ?? plan.Job.Blank.Colour))
            .Where(p => p is { Vinyl: not null, Garment: not null } && (p.Piece.IsNamed || !carriesNames || plan.Job.Pieces.Count == 0)
                && ColourWords.Difference(p.Vinyl, p.Garment) < AlikeUnder).ToList();
        if (lost.Count == 0)
            return null;
        var (first, many) = (lost[0], lost.Sum(p => p.Piece.Count));
        var who = lost.Select(p => p.Piece.Name).Where(n => n.Length > 0).ToList();
        return this.Say(layer, NoticeLevel.Caution,
            plan.Words.Say("colour-lost.caution", ("layer", plan.Named(layer)), ("vinyl", ColourWords.Nearest(first.Vinyl!)),
                ("garment", ColourWords.Nearest(first.Garment!)), ("who", Thing.List(who)),
                ("some", many < plan.Job.Quantity ? many : 0)),
            plan.Words.Say("colour-lost.caution-why"), ("pieces", many, "1"));
    }
}
