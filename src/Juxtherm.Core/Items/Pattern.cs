using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Items;

/// <summary>The measures of one item while it is drawn.</summary>
/// <param name="values">mm by measure id.</param>
public sealed class Tape(IReadOnlyDictionary<string, double> values)
{
    /// <summary>Width of the free area, mm.</summary>
    public double Width => this["freeWidth"];

    /// <summary>Height of the free area, mm.</summary>
    public double Height => this["freeHeight"];

    /// <summary>A measure, mm.</summary>
    /// <param name="id">Its id.</param>
    public double this[string id] => values[id];
}

/// <summary>What a pattern draws.</summary>
/// <param name="Outline">The item's outline.</param>
/// <param name="FreeArea">Where something can be pressed.</param>
/// <param name="Features">What stands in the way.</param>
/// <param name="Tapes">Where the tape goes, by measure id.</param>
public sealed record DrawnItem(IReadOnlyList<Spot> Outline, IReadOnlyList<Spot> FreeArea, IReadOnlyList<Feature> Features,
    IReadOnlyDictionary<string, (Spot Start, Spot End)> Tapes);

/// <summary>Draws a kind of item to measure. A new pattern is a new class in <c>Patterns</c>; it is found by itself.</summary>
public interface IPattern
{
    /// <summary>Its id in the catalogue.</summary>
    string Id { get; }

    /// <summary>Draws a face.</summary>
    /// <param name="tape">The measures.</param>
    /// <param name="face">Which side.</param>
    DrawnItem Draw(Tape tape, Face face);
}
