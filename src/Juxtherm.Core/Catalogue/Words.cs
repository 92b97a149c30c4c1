namespace Juxtherm.Core.Catalogue;

/// <summary>How hard the press is set.</summary>
public enum PressureLevel
{
    /// <summary>Light.</summary>
    Light,

    /// <summary>Medium.</summary>
    Medium,

    /// <summary>Firm.</summary>
    Firm,
}

/// <summary>When the carrier comes off.</summary>
public enum PeelMethod
{
    /// <summary>Nothing to peel.</summary>
    None,

    /// <summary>At once.</summary>
    Hot,

    /// <summary>Still warm, not hot.</summary>
    Warm,

    /// <summary>Cool to the touch.</summary>
    Cold,
}

/// <summary>How the face of the blank lies under the plate.</summary>
public enum FaceShape
{
    /// <summary>Lies flat.</summary>
    Flat,

    /// <summary>A cylinder, such as a mug.</summary>
    Curved,
}

/// <summary>What kind of thing a material is, for preparation and care.</summary>
public enum MaterialKind
{
    /// <summary>Washed by machine, holds moisture, can be preheated.</summary>
    Cloth,

    /// <summary>A hard blank, wiped before and washed by hand.</summary>
    Hard,
}
