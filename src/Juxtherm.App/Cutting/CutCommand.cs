namespace Juxtherm.App.Cutting;

/// <summary>A cut to begin.</summary>
/// <param name="CommandId">Chosen by whoever asks; asking twice begins one cut.</param>
/// <param name="PlanId">The layout to cut.</param>
public sealed record CutBegin(Guid CommandId, string PlanId);

/// <summary>What can be asked of a cut.</summary>
public enum CutAction
{
    /// <summary>Lay the next mat in.</summary>
    Load,

    /// <summary>Cut, or go on after a stop.</summary>
    Go,

    /// <summary>Take the mat out.</summary>
    Unload,

    /// <summary>Every mat is cut already, on the workshop's own cutter.</summary>
    AllCut,

    /// <summary>The vinyl is used up, without a run at the bench.</summary>
    Use,

    /// <summary>Give the cut up: its vinyl is free again.</summary>
    GiveUp,
}

/// <summary>Something asked of a cut.</summary>
/// <param name="CommandId">Chosen by whoever asks; asking twice counts once.</param>
/// <param name="Action">What.</param>
/// <param name="PresetChecked">Vinyl whose preset was checked; with load.</param>
/// <param name="LengthMm">Vinyl that lies on the mat, mm; with load.</param>
public sealed record CutCommand(Guid CommandId, CutAction Action, string? PresetChecked, double? LengthMm);

/// <summary>What is ticked off on the weeding sheet.</summary>
/// <param name="Keys">Keys of what is done, as <c>list/sheet/unit</c>.</param>
public sealed record WeededAsk(IReadOnlyList<string> Keys);
