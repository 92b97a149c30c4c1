namespace Juxtherm.Core.Plans.Stages;

/// <summary>Which part of the work a step belongs to.</summary>
public enum WorkStage
{
    /// <summary>Read the label, look at the item.</summary>
    Item,

    /// <summary>Measure and size.</summary>
    Size,

    /// <summary>Where it goes.</summary>
    Place,

    /// <summary>The drawing.</summary>
    Artwork,

    /// <summary>Cut.</summary>
    Cut,

    /// <summary>Weed.</summary>
    Weed,

    /// <summary>Prepare the press and the blank.</summary>
    Prepare,

    /// <summary>Press.</summary>
    Press,

    /// <summary>Peel.</summary>
    Peel,

    /// <summary>Look at what came out.</summary>
    Inspect,

    /// <summary>Care.</summary>
    Care,

    /// <summary>Write it down.</summary>
    Record,
}

/// <summary>What the bench does with a step.</summary>
public enum StepKind
{
    /// <summary>Something to do with the hands; ends when done.</summary>
    Do,

    /// <summary>The plate is closed; ends by itself.</summary>
    Hold,

    /// <summary>Waiting for it to cool; ends by itself.</summary>
    Wait,

    /// <summary>Look and say what came out.</summary>
    Inspect,

    /// <summary>Worth knowing; not part of the run at the press.</summary>
    Know,
}

/// <summary>One step of the work, in order.</summary>
/// <param name="Stage">Which part of the work.</param>
/// <param name="Kind">What the bench does with it.</param>
/// <param name="Text">What to do, in the reader's units.</param>
/// <param name="Seconds">How long it takes, s.</param>
/// <param name="OncePerRun">Done once, however many pieces there are.</param>
/// <param name="PressOrder">The press it belongs to; null for none.</param>
public sealed record PlanStep(WorkStage Stage, StepKind Kind, string Text, double Seconds, bool OncePerRun, int? PressOrder)
{
    /// <summary>What of the preparation it is, for the list that is ticked off before the first piece; null for other steps.</summary>
    public string? Check { get; init; }
}

/// <summary>How long it takes, for all pieces.</summary>
/// <param name="HandsOnSeconds">With the hands, s.</param>
/// <param name="ElapsedSeconds">Start to finish, s.</param>
public sealed record PlanTimes(double HandsOnSeconds, double ElapsedSeconds);
