using Juxtherm.Core.Artwork;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Cutting.Sheets;

/// <summary>One garment of a run, with its name on it.</summary>
/// <param name="Index">Its place in the list of pieces, from 0.</param>
/// <param name="Entry">As the list says it.</param>
/// <param name="Path">Its letters where they lie, as path data in mm; empty when nothing can be cut.</param>
/// <param name="Box">Where they lie.</param>
/// <param name="Fits">They stay within the free area.</param>
/// <param name="Missing">Characters that the font does not have.</param>
public sealed record ProofedName(int Index, PieceEntry Entry, string Path, Box? Box, bool Fits, IReadOnlyList<string> Missing);

/// <summary>All garments of a run to proof-read.</summary>
/// <param name="LayerId">The layer that carries the names.</param>
/// <param name="Names">One for each name of the list.</param>
/// <param name="Garments">Garments with names in all.</param>
/// <param name="WidestMm">The widest name, mm.</param>
/// <param name="HeightThatFitsMm">Letter height at which all names fit, mm; null when they do already.</param>
public sealed record ProofSheet(string LayerId, IReadOnlyList<ProofedName> Names, int Garments, double WidestMm, double? HeightThatFitsMm)
{
    /// <summary>Sets every name of a job.</summary>
    /// <param name="job">The job.</param>
    /// <returns>The sheet; null when no layer carries names.</returns>
    public static ProofSheet? Of(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        if (job.NameLayer is not { Words: { } words } layer)
            return null;
        var free = job.Blank.Faces[layer.Face];
        var names = job.Pieces.Select((entry, i) => (entry, i)).Where(p => p.entry.IsNamed)
            .Select(p => Name(p.i, p.entry, words, layer, free.WidthMm, job.Memory)).ToList();
        // Letters of a run share one height unless a name has a width of its own, so the widest of the others decides it.
        var shared = names.Where(n => n.Entry.WidthMm is null).Max(n => n.Box?.WidthMm) ?? 0;
        return new ProofSheet(layer.Id, names, job.Names.Sum(n => n.Count), names.Max(n => n.Box?.WidthMm) ?? 0, shared > free.WidthMm
            ? Math.Floor(words.HeightMm * free.WidthMm / shared * 2) / 2 : null);
    }

    private static ProofedName Name(int index, PieceEntry entry, Lettering words, JobLayer layer, double freeWidth,
        WorkMemory memory)
    {
        var set = LetterShapes.Set(entry.In(words, memory));
        if (set.Shape is not { } shape)
            return new ProofedName(index, entry, "", null, false, set.Missing);
        var size = shape.Bounds;
        var box = layer.Box is { } b
            ? b.Standing(size.WidthMm, size.HeightMm)
            : size with { XMm = 0, YMm = 0 };
        return new ProofedName(index, entry, shape.PathIn(box), box, size.WidthMm <= freeWidth, set.Missing);
    }
}
