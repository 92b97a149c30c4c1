namespace Juxtherm.Core.Catalogue;

/// <summary>A measure of an item, for those who want to lay a tape on theirs.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="How">Where the tape goes.</param>
/// <param name="BySize">Usual values by size, mm; under the name any where there are no sizes.</param>
public sealed record Measure(string Id, string Name, string How, IReadOnlyDictionary<string, Sourced<double>> BySize)
{
    /// <summary>Key of the value where there are no sizes.</summary>
    public const string AnySize = "any";

    /// <summary>The usual value for a size, mm.</summary>
    /// <param name="size">Size id.</param>
    public Sourced<double> For(string size) =>
        BySize.TryGetValue(size, out var value) ? value : BySize.TryGetValue(AnySize, out var any) ? any : BySize.Values.First();
}

/// <summary>How a kind of item is drawn and measured.</summary>
/// <param name="Form">Form id.</param>
/// <param name="Pattern">Id of the pattern that draws it.</param>
/// <param name="UsualSize">Size assumed for a new job; null where there are no sizes.</param>
/// <param name="Measures">Its measures; the first two are the free area's width and height.</param>
public sealed record FormMeasures(string Form, string Pattern, string? UsualSize, IReadOnlyList<Measure> Measures);
