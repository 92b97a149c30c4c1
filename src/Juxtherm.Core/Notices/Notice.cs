using System.Text.Json.Serialization;

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
/// <param name="Acceptable">A crafter who has done it before may accept it with a word: only where its rule says so, and never what can
/// hurt somebody.</param>
/// <param name="Accepted">The word with which it was accepted; null when it was not.</param>
public sealed record Notice(
    string Code, NoticeLevel Level, string Text, string Why, IReadOnlyDictionary<string, Quantity> Data, IReadOnlyList<string> Layers,
    bool Acceptable = false, string? Accepted = null)
{
    /// <summary>Changes that take it away; none where there is nothing to change in the job.</summary>
    [JsonPropertyName("mends")]
    public IReadOnlyList<Remedy> Remedies { get; init; } = [];

    /// <summary>It is true of every such job: part of the preparation and the steps, not something about this job.</summary>
    public bool Standing { get; init; }

    /// <summary>What it still weighs: one level less once it is accepted.</summary>
    public NoticeLevel Weight => Accepted is null ? Level : (NoticeLevel)Math.Max(0, (int)Level - 1);

    /// <summary>The same notice, not to be accepted by anybody.</summary>
    public Notice Dangerous() => this with { Acceptable = false };

    /// <summary>A notice; nobody can accept it with a word unless that is said.</summary>
    /// <param name="code">A stable code.</param>
    /// <param name="level">How much it weighs.</param>
    /// <param name="text">What to do or know.</param>
    /// <param name="why">The reason.</param>
    /// <param name="data">The figures in it, rounded to hundredths.</param>
    /// <param name="layers">Ids of the layers concerned.</param>
    /// <param name="acceptable">It can be accepted with a word, where it is more than a note.</param>
    public static Notice Of(string code, NoticeLevel level, string text, string why,
        IEnumerable<(string Name, double Value, string Unit)> data, IReadOnlyList<string> layers, bool acceptable = false) =>
        new(code, level, text, why,
            data.ToDictionary(d => d.Name, d => new Quantity(Math.Round(d.Value, 2), d.Unit), StringComparer.Ordinal), layers, acceptable
            && level != NoticeLevel.Note);
}
