using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Certainty;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Learning;

/// <summary>
/// Keeps what plans are corrected by from wandering: what was learned anew counts only once it has moved by half a step of the dial, or as
/// much as
/// that is worth in bond. Less than that would only tip a rounding, and tip it back with the next piece.
/// </summary>
public static class Settled
{
    // A dial with marks has no step; half of what a dial in °F usually steps by serves as well, K.
    private const double UsualHalfStepK = 5 / 1.8 / 2;

    // So much more bond is worth half a step of the dial: 10 to the power of half a step over the z-value of the bond (docs/heat-model.md).
    private const double WorthHalfAStep = 1.07;

    // By so much surer, a plan is about a second shorter.
    private const double WorthASecond = 1.1;

    /// <summary>What counts from now on.</summary>
    /// <param name="before">What counted until now.</param>
    /// <param name="learned">What was learned by now.</param>
    /// <param name="sources">Presses by id.</param>
    public static WorkshopCorrection Of(WorkshopCorrection before, WorkshopCorrection learned,
        IReadOnlyDictionary<string, HeatSource> sources)
    {
        ArgumentNullException.ThrowIfNull(before);
        ArgumentNullException.ThrowIfNull(learned);
        ArgumentNullException.ThrowIfNull(sources);
        var plates = learned.Plates.Select(now =>
        {
            var source = sources.GetValueOrDefault(now.HeatSource);
            var was = before.Plates.FirstOrDefault(p => p.HeatSource == now.HeatSource);
            var (offset, error) = was is null ? (0, source?.Dial.ErrorK.Value ?? now.ErrorK) : (was.OffsetK, was.ErrorK);
            var half = HalfStepK(source);
            return Math.Abs(now.OffsetK - offset) >= half || Math.Abs(now.ErrorK - error) >= half ? now : was;
        }).OfType<PlateCorrection>().ToList();
        var demands = learned.Demands.Select(now =>
        {
            var was = before.Demands.FirstOrDefault(d => d.Vinyl == now.Vinyl && d.Material == now.Material);
            var moved = now.Factor / (was?.Factor ?? 1);
            var surer = (was?.Belief ?? Belief.Typical).LnSpread / now.Belief.LnSpread;
            return Math.Max(moved, 1 / moved) >= WorthHalfAStep || Math.Max(surer, 1 / surer) >= WorthASecond ? now : was;
        }).OfType<DemandCorrection>().ToList();
        return plates.SequenceEqual(before.Plates) && demands.SequenceEqual(before.Demands) ? before
            : plates.Count + demands.Count == 0 ? WorkshopCorrection.None : new WorkshopCorrection(plates, demands);
    }

    private static double HalfStepK(HeatSource? source) =>
        source?.Dial.Step is { } step ? step.Value / (source.Dial.Unit == DegreeUnit.F ? 1.8 : 1) / 2 : UsualHalfStepK;
}
