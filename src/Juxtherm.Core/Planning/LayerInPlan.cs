using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning;

/// <summary>A layer with what it was worked out to ask.</summary>
/// <param name="Layer">As the job says it.</param>
/// <param name="Work">The layer on its blank under its press.</param>
/// <param name="Chart">Its chart setting.</param>
/// <param name="Reference">What that does on the reference stack.</param>
/// <param name="LabelIgnored">What the wrapper is said to say cannot be, and was left out of account.</param>
/// <param name="MostBurden">Most heat it takes here, as a share of the chart's.</param>
public sealed record LayerInPlan(JobLayer Layer, Workpiece Work, Chart Chart, ReferenceDose Reference, bool LabelIgnored, double MostBurden)
{
    /// <summary>Its id.</summary>
    public string Id => Layer.Id;

    /// <summary>Bond that counts as one whole here, reference seconds.</summary>
    public double WantedBond => Reference.BondSeconds * Work.Material.Demand.Value;
}
