using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>A layer with what it was worked out to ask.</summary>
/// <param name="Layer">As the job says it.</param>
/// <param name="Work">The layer on its blank under its press.</param>
/// <param name="Chart">Its chart setting.</param>
/// <param name="Reference">What that does on the reference stack.</param>
/// <param name="LabelIgnored">What the wrapper is said to say cannot be, and was left out of account.</param>
/// <param name="Takes">Most heat it takes here, as a share of the chart's: alone, in a stack, or in a stack on something lofty.</param>
/// <param name="Pressure">How hard it is pressed here: as the vinyl or the weave asks, whichever asks for more.</param>
public sealed record LayerInPlan(JobLayer Layer, Workpiece Work, Chart Chart, ReferenceDose Reference, bool LabelIgnored,
    Sourced<double> Takes, Sourced<PressureLevel> Pressure)
{
    /// <summary>Its id.</summary>
    public string Id => Layer.Id;

    /// <summary>Bond that counts as one whole here, reference seconds.</summary>
    public double WantedBond => Reference.BondSeconds * Work.Material.Demand.Value;

    /// <summary>Most heat it takes here, as a share of the chart's.</summary>
    public double MostHeatDose => Takes.Value;

    /// <summary>A setting for this very press, taken as it is; null where there is none.</summary>
    public WrapperLabel? Figure { get; init; }

    /// <summary>What the wrapper says was meant for a plate press and was translated, though nobody said which press it is for.</summary>
    public bool TranslatedUnasked { get; init; }
}
