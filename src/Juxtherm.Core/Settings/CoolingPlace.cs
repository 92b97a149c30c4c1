namespace Juxtherm.Core.Settings;

/// <summary>Where a piece lies while it cools.</summary>
public enum CoolingPlace
{
    /// <summary>Where it was pressed, on its warm underlay.</summary>
    OnUnderlay,

    /// <summary>Moved to a cold bench.</summary>
    ColdBench,
}
