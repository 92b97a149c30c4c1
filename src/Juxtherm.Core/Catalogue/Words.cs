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

    /// <summary>A crown, such as a cap.</summary>
    Domed,
}

/// <summary>How a finished piece is cleaned.</summary>
public enum CareKind
{
    /// <summary>By machine.</summary>
    Wash,

    /// <summary>By hand only.</summary>
    HandWash,

    /// <summary>Wiped only.</summary>
    Wipe,
}

/// <summary>What kind of thing a material is: which forms it can have and how it is prepared.</summary>
public enum MaterialKind
{
    /// <summary>Woven, knitted or felted.</summary>
    Cloth,

    /// <summary>Leather and its likes.</summary>
    Hide,

    /// <summary>A hard blank.</summary>
    Hard,

    /// <summary>Board, cork and sheet plastics.</summary>
    Board,
}

/// <summary>What a vinyl may be laid on.</summary>
public enum LiesOn
{
    /// <summary>The blank, and any vinyl that carries others.</summary>
    Any,

    /// <summary>The blank, and plain smooth vinyl.</summary>
    Smooth,

    /// <summary>The bare blank only.</summary>
    Bare,
}

/// <summary>Degrees on a dial.</summary>
public enum DegreeUnit
{
    /// <summary>°F.</summary>
    F,

    /// <summary>°C.</summary>
    C,
}

/// <summary>Which blade a vinyl asks for.</summary>
public enum Blade
{
    /// <summary>Ground at about 45°, for thin sheets.</summary>
    Plain,

    /// <summary>Ground at about 60°, for thick and rough sheets.</summary>
    Deep,
}
