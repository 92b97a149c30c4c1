namespace Juxtherm.Core.Notices;

/// <summary>How much a notice weighs.</summary>
public enum NoticeLevel
{
    /// <summary>Worth knowing.</summary>
    Note,

    /// <summary>Can go wrong; may be accepted.</summary>
    Caution,

    /// <summary>Will go wrong or can hurt.</summary>
    Stop,
}

/// <summary>A figure with its unit, so that a reader need not guess.</summary>
/// <param name="Value">The figure.</param>
/// <param name="Unit">Its unit in UCUM: <c>Cel</c>, <c>s</c>, <c>h</c>, <c>mm</c>, <c>kPa</c>, or <c>1</c> for a share.</param>
public readonly record struct Quantity(double Value, string Unit);

/// <summary>Something that the planner says about a job.</summary>
/// <param name="Code">A stable code.</param>
/// <param name="Level">How much it weighs.</param>
/// <param name="Text">What to do or know, in the reader's units.</param>
/// <param name="Why">The reason, in the reader's units.</param>
/// <param name="Data">The figures in it, always in SI and Celsius.</param>
/// <param name="Layers">Ids of the layers concerned.</param>
public sealed record Notice(string Code, NoticeLevel Level, string Text, string Why, IReadOnlyDictionary<string, Quantity> Data, IReadOnlyList<string> Layers);
