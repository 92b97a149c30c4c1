namespace Juxtherm.Core.Runs;

/// <summary>What is seen on a piece.</summary>
public enum Outcome
{
    /// <summary>It is stuck, nothing wrong.</summary>
    Stuck,

    /// <summary>A corner or an edge lifts.</summary>
    EdgesLifted,

    /// <summary>Wrinkles in the vinyl.</summary>
    Wrinkled,

    /// <summary>The cloth shines where the plate lay.</summary>
    Marked,

    /// <summary>The blank is scorched.</summary>
    Scorched,

    /// <summary>It comes up with the carrier.</summary>
    OnCarrier,

    /// <summary>The weave does not show through.</summary>
    WeaveHidden,

    /// <summary>Ripples in foil.</summary>
    Rippled,

    /// <summary>Foam vinyl stayed flat.</summary>
    PuffFlat,

    /// <summary>An edge has printed itself into the vinyl.</summary>
    Dented,

    /// <summary>The cloth or the vinyl has changed its colour.</summary>
    ColourShifted,

    /// <summary>It does not lie where it should.</summary>
    Crooked,
}
