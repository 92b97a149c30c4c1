using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Certainty;

namespace Juxtherm.Core.Settings;

/// <summary>What one layer of vinyl asks of the press.</summary>
/// <param name="Work">The layer on its blank under its press.</param>
/// <param name="Chart">Its chart setting.</param>
/// <param name="Reference">What that chart setting does on the reference stack.</param>
/// <param name="MostHeatDose">Most heat it takes here, as a share of the reference heat dose.</param>
/// <param name="TargetShare">How much of the usual target is aimed at; 1 unless a way of doing it asks for less.</param>
public sealed record LayerAim(Workpiece Work, Chart Chart, ReferenceDose Reference, double MostHeatDose, double TargetShare = 1)
{
    // What a vinyl takes is known from below only: it came out well with so much, and takes more by this, as ln (ours). In a stack on
    // something lofty, and where a patch was marked, it is known from above.
    private const double TakesMore = 0.4;

    /// <summary>A single layer as it usually is.</summary>
    /// <param name="work">The layer on its blank under its press.</param>
    /// <param name="chart">Its chart setting.</param>
    /// <param name="reference">What that chart setting does on the reference stack.</param>
    public static LayerAim Alone(Workpiece work, Chart chart, ReferenceDose reference)
    {
        ArgumentNullException.ThrowIfNull(work);
        return new LayerAim(work, chart, reference, work.Vinyl.Bond.MostHeatDose.Value);
    }

    /// <summary>How sure it is what this face wants.</summary>
    public Belief Belief { get; init; } = Belief.Typical;

    /// <summary>How much more than <see cref="MostHeatDose"/> it is believed to take, as ln.</summary>
    public double LnTakesMore =>
        (Work.Material.Lofty.Value && MostHeatDose < Work.Vinyl.Bond.MostHeatDose.Value)
        || Work.Vinyl.Bond.MostHeatDose.From.Kind == ProvenanceKind.Owner ? 0 : TakesMore;

    /// <summary>Bond that counts as one whole on this face, reference seconds.</summary>
    public double WantedBond => Reference.BondSeconds * Work.Material.Demand.Value;
}
