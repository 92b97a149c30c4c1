using System.Collections.Concurrent;

namespace Juxtherm.Core.Learning;

/// <summary>Remembers what the pieces of a vinyl on a blank under a press say: one more piece changes that of its own kind and of no
/// other.</summary>
public sealed class LearningMemory
{
    private readonly ConcurrentDictionary<(string Plate, string Vinyl, string Material), (List<Evidence> Pieces, double[,] Weights)>
        _known = new();

    /// <summary>What exactly these pieces were reckoned to say; null where that is not known.</summary>
    internal double[,]? Recall(string plate, (string Vinyl, string Material) wants, List<Evidence> pieces) =>
        _known.TryGetValue((plate, wants.Vinyl, wants.Material), out var known) && known.Pieces.SequenceEqual(pieces)
        ? known.Weights : null;

    /// <summary>Remembers it.</summary>
    internal void Remember(string plate, (string Vinyl, string Material) wants, List<Evidence> pieces, double[,] weights) =>
        _known[(plate, wants.Vinyl, wants.Material)] = (pieces, weights);
}
