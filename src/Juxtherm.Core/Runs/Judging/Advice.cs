namespace Juxtherm.Core.Runs.Judging;

/// <summary>What to do about something seen.</summary>
public enum AdviceKind
{
    /// <summary>Leave it as it is.</summary>
    Accept,

    /// <summary>Let it cool, then look again.</summary>
    LookAgain,

    /// <summary>Cover it and press once more.</summary>
    PressAgain,

    /// <summary>Only the edge under the plate, once more.</summary>
    PressEdge,

    /// <summary>Lay it back, cover, press, and peel again.</summary>
    LayBack,

    /// <summary>It is lost: save the blank if that is worth it, and make another.</summary>
    Lost,
}

/// <summary>The next action for something seen on a piece, from the heat that it has had.</summary>
/// <param name="Sign">What was seen.</param>
/// <param name="Kind">What to do.</param>
/// <param name="Text">The action in a sentence.</param>
/// <param name="Why">What it rests on.</param>
/// <param name="Seconds">How long to press, s; null where nothing is pressed.</param>
/// <param name="Steps">The action step by step; empty where there is nothing to do at the press.</param>
/// <param name="Causes">What most likely led to it, likeliest first.</param>
/// <param name="NextTime">What to change for the next piece; empty for nothing.</param>
/// <param name="Rooms">Heat by layer before and after.</param>
/// <param name="TakeOff">How the vinyl comes off to save what it was pressed on, step by step; empty where there is nothing to save, or no
/// need.</param>
public sealed record Advice(
    Outcome Sign, AdviceKind Kind, string Text, string Why, double? Seconds, IReadOnlyList<BenchStep> Steps, IReadOnlyList<string> Causes,
    string NextTime, IReadOnlyList<LayerRoom> Rooms,
    IReadOnlyList<string> TakeOff);

/// <summary>Judges one sign.</summary>
internal interface ISign
{
    /// <summary>The sign.</summary>
    Outcome Sign { get; }

    /// <summary>Which way it points: too little heat, too much, or something else.</summary>
    Leaning Leaning { get; }

    /// <summary>What usually leads to it, where nothing that was done explains it (common practice).</summary>
    string UsualCause(Looked looked);

    /// <summary>What to do.</summary>
    Ruling Judge(Looked looked);
}

/// <summary>Which way a sign points.</summary>
internal enum Leaning
{
    TooLittle,
    TooMuch,
    Otherwise,
}

/// <summary>What a sign's judge says; causes are added for all alike.</summary>
internal sealed record Ruling(AdviceKind Kind, string Text, string Why, string NextTime, PressedAgain? Again = null,
    IReadOnlyList<BenchStep>? Steps = null);
