namespace Juxtherm.Core.Plans.Stages;

/// <summary>A piece of a run as the model has it.</summary>
/// <param name="Seconds">How long the press that bonds has to be for the bond of the first piece, whole s.</param>
/// <param name="Bond">Share of the wanted bond that it gets where it is pressed as long as the first, of the layer with least.</param>
/// <param name="BareCelsius">Hottest bare face then, °C.</param>
/// <param name="PeelWaitSeconds">From when its carrier can come off after the press opens, s; null where nothing is peeled.</param>
public sealed record BatchPiece(double Seconds, double Bond, double BareCelsius, double? PeelWaitSeconds);

/// <summary>A step of the plan as the later pieces of a run have it.</summary>
/// <param name="Index">Which of the plan's steps, from 0.</param>
/// <param name="Seconds">How long it takes or must last, s.</param>
/// <param name="Text">What to do, in the reader's units.</param>
public sealed record SteadyStep(int Index, double Seconds, string Text);

/// <summary>What helps a run of many.</summary>
public enum BatchHelpKind
{
    /// <summary>The empty press is closed on what lies underneath first: all pieces are alike then.</summary>
    WarmFirst,

    /// <summary>A pause between pieces.</summary>
    Pause,

    /// <summary>Two pads in turn.</summary>
    SecondPad,

    /// <summary>A lower dial, and longer.</summary>
    LowerDial,
}

/// <summary>Something that helps a run of many, tried in the model.</summary>
/// <param name="Kind">What.</param>
/// <param name="Text">How, and what it does, in the reader's units.</param>
public sealed record BatchHelp(BatchHelpKind Kind, string Text);

/// <summary>A run of many: underlay and plate warm up from piece to piece.</summary>
/// <param name="First">The first piece.</param>
/// <param name="Steady">A piece when they are as warm as they get in this run.</param>
/// <param name="FromPiece">From which piece on, from 1.</param>
/// <param name="Text">What that means at the press.</param>
public sealed record PlanBatch(BatchPiece First, BatchPiece Steady, int FromPiece, string Text)
{
    /// <summary>What would even it out, or keep it within its limit.</summary>
    public IReadOnlyList<BatchHelp> Helps { get; init; } = [];

    /// <summary>Steps that differ from that piece on.</summary>
    public IReadOnlyList<SteadyStep> SteadySteps { get; init; } = [];
}
